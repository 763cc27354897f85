import { slugOf } from "../address/slug.ts";
import { textOfParts } from "../page/name.ts";
import { originalFromText } from "../page/original.ts";
import { canonicalOf, descriptionOf, type Heading, type Page, titleOf } from "../page/page.ts";
import { readPage } from "../page/read.ts";
import { planBody } from "./body.ts";
import { type BodyEdit, cleanValue, type Edit, type HeadEdit, nodesOf, type Refusal, slotOf } from "./edits.ts";
import { isHeadEdit, planHead } from "./head-fields.ts";
import { planMarkdownBody } from "./markdown-body.ts";
import { type Patch, patchText } from "./patch.ts";
import { patchesOf } from "./patches.ts";
import { findHeading, findNode } from "./resolve.ts";
import type { Step } from "./step.ts";

export interface Plan {
  steps: Step[];
  refused: Refusal[];
}

/**
 * Decides what can be done of a redraft, for the model and the source alike. Edits that are in place already make no
 * step; those that cannot be done for sure are refused with a reason.
 */
export function planEdits(page: Page, edits: readonly Edit[]): Plan {
  const refused: Refusal[] = [];
  const inPlace: Edit[] = [];
  const steps = new Map<string, Step>();
  // Of two edits for one node and field the later one counts.
  const latest = new Map(edits.map((edit) => [slotOf(edit), edit]));
  for (const edit of latest.values()) {
    const step = page.fault ? "This page could not be read, so it cannot be changed." : planEdit(page, edit);
    if (typeof step === "string") refused.push({ edit, reason: step });
    else if (step) steps.set(nameOf(step), step);
    else inPlace.push(edit);
  }
  for (const [key, step] of steps) {
    if (step.op === "remove-heading" || !("index" in step) || !steps.has(`remove-heading ${step.index}`)) continue;
    steps.delete(key);
    refused.push({ edit: step.edit, reason: "Another edit of this redraft removes the heading." });
  }
  // Made by this very redraft: what was taken out stands elsewhere, as a text.
  for (const [key, step] of steps) {
    if (step.op !== "remove-heading") continue;
    const { start = 0, end = 0 } = page.headings[step.index]?.range ?? {};
    const made = inPlace.some(
      (edit) => edit.op === "make-heading" && startsOf(page, edit).some((at) => at >= start && at < end),
    );
    if (!made) continue;
    steps.delete(key);
    inPlace.push(step.edit);
  }
  const list = likened(page, [...steps.values()], refused);
  return { steps: list.some((step) => step.op === "patch") ? apart(page, list, inPlace, refused) : list, refused };
}

type OfHeading = Extract<Step, { index: number }>;

/**
 * Whatever is written into the source may make headings equal, so that one of them is not named by its text any more: edits
 * of such headings are refused, since they would find another one the next time.
 */
function likened(page: Page, steps: Step[], refused: Refusal[]): Step[] {
  const written = steps.filter(({ edit }) => edit.op === "edit-source");
  if (written.length === 0 || !steps.some((step) => "index" in step)) return steps;
  const texts = textsAfter(page, written);
  return steps.filter((step) => {
    if (!("index" in step)) return true;
    const { text, of = 1 } = keyOfHeading(step);
    if ((texts.get(text) ?? 0) <= of) return true;
    refused.push({
      edit: step.edit,
      reason: `The source was changed so that more headings read “${text}”. Take one of the two changes back.`,
    });
    return false;
  });
}

const keyOfHeading = ({ edit }: OfHeading) => ("heading" in edit ? edit.heading : { text: "" });

const after = new WeakMap<Page, { key: string; texts: ReadonlyMap<string, number> }>();

/** How often each text stands as a heading once the source is written otherwise: read once for the same edits. */
function textsAfter(page: Page, steps: readonly Step[]): ReadonlyMap<string, number> {
  const key = JSON.stringify(steps.map(({ edit }) => edit));
  const known = after.get(page);
  if (known?.key === key) return known.texts;
  const source = patchText(page.source, patchesOf(page, steps));
  const texts = new Map<string, number>();
  for (const { text } of readPage(originalFromText(source, page.format), { address: page.address }).headings)
    texts.set(text, (texts.get(text) ?? 0) + 1);
  after.set(page, { key, texts });
  return texts;
}

const nameOf = (step: Step) =>
  step.op === "patch" ? slotOf(step.edit) : "index" in step ? `${step.op} ${step.index}` : step.op;

/** Edits after which a node is elsewhere, something else, or gone. */
const UPROOTS: ReadonlySet<Edit["op"]> = new Set([
  "make-heading",
  "merge-headings",
  "move-block",
  "remove-block",
  "remove-heading",
] as const);

/** Whether two edits of one node cannot both be made. A block that becomes a heading may have other words too. */
function clashes(one: Edit["op"], other: Edit["op"]): boolean {
  const both = [one, other];
  if (both.includes("make-heading") && both.includes("set-block-text")) return false;
  return both.some((op) => UPROOTS.has(op));
}

/** Where the elements begin that an edit is bound to. */
function startsOf(page: Page, edit: Edit): number[] {
  return nodesOf(edit).map(({ kind, key }) => {
    const found = findNode(page, kind, key);
    if ("reason" in found) return -1;
    if (kind === "heading") return page.headings[found.index]?.range.start ?? -1;
    const block = page.blocks[found.index];
    return kind === "block" ? (block?.element?.start ?? block?.range.start ?? -1) : -1;
  });
}

/** Steps that touch one place of the source cannot all be carried out: the earlier ones are, and what is in place stays there. */
function apart(page: Page, steps: readonly Step[], inPlace: readonly Edit[], refused: Refusal[]): Step[] {
  const taken: Patch[] = [];
  const bound = new Map<number, Edit["op"][]>();
  const bind = (op: Edit["op"], places: readonly number[]) => {
    for (const place of places) bound.set(place, [...(bound.get(place) ?? []), op]);
  };
  const placesOf = (edit: Edit) => startsOf(page, edit).filter((place) => place >= 0);
  for (const edit of inPlace) bind(edit.op, placesOf(edit));
  return steps.filter((step) => {
    const patches = patchesOf(page, [step]);
    const places = placesOf(step.edit);
    const { op } = step.edit;
    const clash =
      patches.some((one) => taken.some((other) => touch(one, other))) ||
      places.some((place) => bound.get(place)?.some((other) => clashes(op, other)));
    if (clash) refused.push({ edit: step.edit, reason: "Another edit of this redraft changes the same place." });
    else {
      for (const patch of patches) taken.push(patch);
      bind(op, places);
    }
    return !clash;
  });
}

const touch = (a: Patch, b: Patch) => a.start < b.end && b.start < a.end;

/** A step, null where there is nothing to do, or a reason for refusing. */
function planEdit(page: Page, edit: Edit): Step | null | string {
  switch (edit.op) {
    case "set-title":
      return planTitle(page, edit);
    case "set-description":
      return same(
        edit,
        descriptionOf(page),
        page.metas.some((meta) => meta.name === "description"),
      );
    case "set-canonical":
      return same(edit, canonicalOf(page) ?? "", canonicalOf(page) !== null);
    case "set-slug":
      return planSlug(page, edit);
    case "set-heading-level":
    case "set-heading-text":
    case "remove-heading":
      return planHeading(page, edit);
    default:
      return planPatch(page, edit);
  }
}

type Planned = Step | null | string;
const planned = new WeakMap<Page, WeakMap<Edit, Planned>>();

/**
 * How an edit is carried out by patches: null where it is in place already, or why it is refused. Found once for the same page
 * and edit: a keystroke in the title does not look for them again.
 */
export function planPatch(page: Page, edit: BodyEdit | HeadEdit): Planned {
  if (page.format === "fields" || (page.format === "markdown" && isHeadEdit(edit))) return NOT_HTML[page.format];
  const ofPage = planned.get(page) ?? new WeakMap<Edit, Planned>();
  planned.set(page, ofPage);
  let step = ofPage.get(edit);
  if (step === undefined) {
    const change = isHeadEdit(edit)
      ? planHead(page, edit)
      : page.format === "markdown"
        ? planMarkdownBody(page, edit)
        : planBody(page, edit);
    step = change === null || typeof change === "string" ? change : { op: "patch", change, edit };
    ofPage.set(edit, step);
  }
  return step;
}

/** Why the body of other pages than HTML cannot be changed here. */
export const NOT_HTML = {
  markdown: "This can be changed in HTML pages only. Change it in the Markdown file, then bring the file in again.",
  fields: "Only the texts of this page are known, from a spreadsheet. Bring in the page itself to change more of it.",
};

type TextEdit = Extract<Edit, { op: "set-title" | "set-description" | "set-canonical" | "set-slug" }>;

function same(edit: TextEdit, current: string, present: boolean): Step | null {
  const value = cleanValue(edit.value);
  if (value === current && (present || value === "")) return null;
  return { op: edit.op, value, edit };
}

function planTitle(page: Page, edit: TextEdit): Step | null | string {
  const first = page.titles[0];
  if (first?.range && first.range.endStart < 0) {
    return "The title element is not closed in the source: close it with </title>, then bring the page in again.";
  }
  return same(edit, titleOf(page), first !== undefined);
}

function planSlug(page: Page, edit: TextEdit): Step | null | string {
  const value = cleanValue(edit.value);
  if (slugOf(page.address) === "") return "The start page of a site has no slug to change.";
  if (value === "") return "A slug cannot be empty. Type the last part of the address.";
  if (/[/?#\\]/.test(value)) return "A slug is one segment of an address: leave out /, ?, # and \\.";
  return same(edit, slugOf(page.address), true);
}

type HeadingEdit = Extract<Edit, { op: "set-heading-level" | "set-heading-text" | "remove-heading" }>;

function planHeading(page: Page, edit: HeadingEdit): Step | null | string {
  if (page.format === "fields" && edit.op === "set-heading-level") {
    return "Only the H1 of this page is known, from a spreadsheet. Bring in the page itself to change its headings.";
  }
  const found = findHeading(page, edit.heading);
  if ("reason" in found) {
    // After its text was changed, a heading no longer bears the key's text.
    if (edit.op === "set-heading-text" && inPlace(page, edit.heading, cleanValue(edit.value))) return null;
    return found.reason;
  }
  const { index } = found;
  const heading = page.headings[index] as Heading;
  if (edit.op === "set-heading-level") {
    if (!Number.isInteger(edit.level) || edit.level < 1 || edit.level > 6) return "A heading level is 1 to 6.";
    return heading.level === edit.level ? null : { op: edit.op, index, level: edit.level, edit };
  }
  if (heading.nested) return "This heading and another one lie in each other. Close the outer one in the source first.";
  if (edit.op === "remove-heading")
    return removalRefusal(page, heading) ?? { op: edit.op, index, ...(edit.as && { as: edit.as }), edit };
  return planText(heading, index, edit);
}

function inPlace(page: Page, key: { before?: string | null; after?: string | null }, value: string): boolean {
  return page.headings.some(
    (h) =>
      h.text === value &&
      (key.before === undefined || key.before === h.key.before) &&
      (key.after === undefined || key.after === h.key.after),
  );
}

function removalRefusal(page: Page, heading: Heading): string | null {
  const opens = page.headings.some((h) => h.range.endStart < 0 && h.range.end === heading.range.start);
  if (opens)
    return "The heading before this one has no end tag and ends only because this one begins. Close it in the source first.";
  if (heading.tag.length === 2 && heading.range.endStart < 0) {
    return "This heading has no end tag in the source, so it cannot be said where it ends. Close it there first.";
  }
  if (!heading.balanced) {
    return "Elements that begin in this heading end outside it, or the other way round. Mend the source first.";
  }
  return null;
}

type TextOfHeading = Extract<Edit, { op: "set-heading-text" }>;

function planText(heading: Heading, index: number, edit: TextOfHeading): Step | null | string {
  const value = cleanValue(edit.value);
  if (value === heading.text) return null;
  if (value === "") return "A heading without words is announced and says nothing. Take the heading out instead.";
  const parts = heading.parts;
  if (parts.some((part) => part.kind === "label")) {
    return "Listeners hear this heading's aria-label, not its text. Change the label in the source.";
  }
  if (!heading.balanced) {
    return "Elements that begin in this heading end outside it, or it has no end tag. Mend the source first.";
  }
  const step = (part: number, partText: string): Step => ({ op: edit.op, index, value, part, partText, edit });
  if (heading.text === "") {
    if (parts.some((part) => part.kind !== "break" && part.text.trim() === "" && part.kind === "image")) {
      return "This heading is a picture without alternative text: give the picture its text instead.";
    }
    return step(-1, value);
  }
  return splitPart(heading, value, step);
}

/** Finds the one text part whose change turns the heading's text into `value`. */
function splitPart(heading: Heading, value: string, step: (part: number, text: string) => Step): Step | string {
  const { parts, text } = heading;
  const texts = parts
    .map((part, i) => ({ part, i }))
    .filter(({ part }) => part.kind === "text" && part.text.trim() !== "");
  const only = texts.length === 1 && parts.every((part) => part.kind !== "image" || part.text.trim() === "");
  let at = 0;
  for (const { part, i } of only ? texts.slice(0, 1) : texts) {
    const own = part.text.replace(/[\t\n\f\r ]+/g, " ").trim();
    const from = text.indexOf(own, at);
    if (from < 0) continue;
    at = from + own.length;
    const head = text.slice(0, from);
    const tail = text.slice(at);
    if (!value.startsWith(head) || !value.endsWith(tail) || value.length < head.length + tail.length) continue;
    const partText = value.slice(head.length, value.length - tail.length);
    if (partText !== partText.trim()) continue;
    const changed = parts.map((p, k) => (k === i ? { ...p, text: replaceTrimmed(p.text, partText) } : p));
    if (textOfParts(changed) !== value) continue;
    return step(i, partText);
  }
  return `This heading is made of ${parts.filter((p) => p.kind !== "break").length} parts, and the change touches more than one of them. Change one part at a time.`;
}

/** The white space that a text ends with. */
function spaceBehind(text: string): string {
  let start = text.length;
  while (start > 0 && /[\t\n\f\r ]/.test(text[start - 1] ?? "")) start--;
  return text.slice(start);
}

/** A text with its core replaced and the white space around it kept. */
export function replaceTrimmed(text: string, core: string): string {
  const lead = /^[\t\n\f\r ]*/.exec(text)?.[0] ?? "";
  const trail = lead.length === text.length ? "" : spaceBehind(text);
  return lead + core + trail;
}
