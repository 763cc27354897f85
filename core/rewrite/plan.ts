import { originalFromText } from "../page/original.ts";
import type { Page, Range } from "../page/page.ts";
import { readPage } from "../page/read.ts";
import { type Edit, nodesOf, operationOf, type Refusal, slotOf } from "./edits.ts";
import type { Planned } from "./operations/operation.ts";
import { patchText } from "./patch.ts";
import { patchesOf } from "./patches.ts";
import { findNode } from "./resolve.ts";
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
    const change = page.fault ? "This page could not be read, so it cannot be changed." : planEdit(page, edit);
    if (typeof change === "string") refused.push({ edit, reason: change });
    else if (change) steps.set(nameOf({ edit, change }), { edit, change });
    else inPlace.push(edit);
  }
  const removed = new Set([...steps.values()].flatMap(({ change }) => (change.removes ? change.heading : [])));
  for (const [key, { edit, change }] of steps) {
    if (change.removes || change.heading === undefined || !removed.has(change.heading)) continue;
    steps.delete(key);
    refused.push({ edit, reason: "Another edit of this redraft removes the heading." });
  }
  // Made by this very redraft: what was taken out stands elsewhere, as a text.
  for (const [key, { edit, change }] of steps) {
    if (!change.removes) continue;
    const { start = 0, end = 0 } = page.headings[change.heading ?? -1]?.range ?? {};
    const made = inPlace.some(
      (one) => one.op === "make-heading" && startsOf(page, one).some((at) => at >= start && at < end),
    );
    if (!made) continue;
    steps.delete(key);
    inPlace.push(edit);
  }
  const list = likened(page, [...steps.values()], refused);
  return { steps: list.some(isPatched) ? apart(page, list, inPlace, refused) : list, refused };
}

/** Whether a step is carried out in the source alone, by its own place in it. */
const isPatched = ({ change }: Step) => change.heading === undefined && !change.apply;

/**
 * Whatever is written into the source may make headings equal, so that one of them is not named by its text any more: edits
 * of such headings are refused, since they would find another one the next time.
 */
function likened(page: Page, steps: Step[], refused: Refusal[]): Step[] {
  const written = steps.filter(({ edit }) => edit.op === "edit-source");
  if (written.length === 0 || !steps.some(({ change }) => change.heading !== undefined)) return steps;
  const texts = textsAfter(page, written);
  return steps.filter(({ edit, change }) => {
    if (change.heading === undefined) return true;
    const { text, of = 1 } = nodesOf(edit)[0]?.key ?? { text: "" };
    if ((texts.get(text) ?? 0) <= of) return true;
    refused.push({
      edit,
      reason: `The source was changed so that more headings read “${text}”. Take one of the two changes back.`,
    });
    return false;
  });
}

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

const nameOf = ({ edit, change }: Step) =>
  change.heading === undefined ? slotOf(edit) : `${edit.op} ${change.heading}`;

/** Whether two edits of one node cannot both be made. A block that becomes a heading may have other words too. */
function clashes(one: Edit, other: Edit): boolean {
  const both = [one.op, other.op];
  if (both.includes("make-heading") && (both.includes("set-block-text") || both.includes("set-block-content")))
    return false;
  return Boolean(operationOf(one).uproots || operationOf(other).uproots);
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
  const taken: Range[] = [];
  const bound = new Map<number, Edit[]>();
  const bind = (edit: Edit, places: readonly number[]) => {
    for (const place of places) bound.set(place, [...(bound.get(place) ?? []), edit]);
  };
  const placesOf = (edit: Edit) => startsOf(page, edit).filter((place) => place >= 0);
  for (const edit of inPlace) bind(edit, placesOf(edit));
  return steps.filter((step) => {
    const { edit, change } = step;
    const patches: Range[] = change.claims ? [change.claims] : patchesOf(page, [step]);
    const places = placesOf(edit);
    const clash =
      patches.some((one) => taken.some((other) => touch(one, other))) ||
      places.some((place) => bound.get(place)?.some((other) => clashes(edit, other)));
    if (clash) refused.push({ edit, reason: "Another edit of this redraft changes the same place." });
    else {
      for (const patch of patches) taken.push(patch);
      bind(edit, places);
    }
    return !clash;
  });
}

const touch = (a: Range, b: Range) => a.start < b.end && b.start < a.end;

/** Why other pages than HTML cannot be changed so here. */
const NOT_HERE = {
  html: "",
  markdown: "This can be done in HTML pages only. Edit the source instead: it is written as Markdown.",
  fields: "Only the texts of this page are known, from a spreadsheet. Bring in the page itself to change more of it.",
};

const planned = new WeakMap<Page, WeakMap<Edit, Planned>>();

/**
 * How an edit is carried out: null where it is in place already, or why it cannot be. Found once for the same page and edit:
 * a keystroke in the title does not look for the others again.
 */
export function planEdit(page: Page, edit: Edit): Planned {
  const run = operationOf(edit).plan[page.format];
  if (!run) return NOT_HERE[page.format];
  const ofPage = planned.get(page) ?? new WeakMap<Edit, Planned>();
  planned.set(page, ofPage);
  let plan = ofPage.get(edit);
  if (plan === undefined) {
    plan = run(page, edit);
    ofPage.set(edit, plan);
  }
  return plan;
}
