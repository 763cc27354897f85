import { slugOf } from "../address/slug.ts";
import {
  canonicalOf,
  descriptionOf,
  type Heading,
  type HeadingKey,
  languageOf,
  type Page,
  titleOf,
} from "../page/page.ts";
import { planBody } from "./body.ts";
import { type BodyEdit, type Edit, type HeadEdit, type NodeKey, newValueOf, nodesOf, wasOf } from "./edits.ts";
import { isHeadEdit, metaOf, planHead } from "./head-fields.ts";
import { findNode } from "./resolve.ts";

/** A change that could not be carried over: the editor decides between the two texts. */
export interface Conflict {
  edit: Edit;
  /** What stands there now; null where it is not there any more. */
  now: string | null;
  reason: string;
  /** The change as it would be made of what stands there now; null where its place is gone. */
  mine: Edit | null;
}

/** What becomes of a redraft when its page is brought in again. Every edit is in exactly one of the lists. */
export interface CarriedOver {
  kept: Edit[];
  /** What the site has already taken over. */
  settled: Edit[];
  conflicts: Conflict[];
}

type HeadingEdit = Extract<Edit, { op: "set-heading-level" | "set-heading-text" | "remove-heading" }>;
type FieldEdit = Extract<Edit, { op: "set-title" | "set-description" | "set-canonical" | "set-slug" }>;
const isHeadingEdit = (edit: Edit): edit is HeadingEdit =>
  edit.op === "set-heading-level" || edit.op === "set-heading-text" || edit.op === "remove-heading";
const isFieldEdit = (edit: Edit): edit is FieldEdit => edit.op in present;

const present: Record<FieldEdit["op"], (page: Page) => string> = {
  "set-title": titleOf,
  "set-description": descriptionOf,
  "set-canonical": (page) => canonicalOf(page) ?? "",
  "set-slug": (page) => slugOf(page.address),
};

const NAMES: Record<FieldEdit["op"], string> = {
  "set-title": "title",
  "set-description": "description",
  "set-canonical": "canonical address",
  "set-slug": "slug",
};

/** Carries a redraft over to a page that was brought in again. `page` is the new original as read. */
export function carryOver(edits: readonly Edit[], page: Page): CarriedOver {
  const result: CarriedOver = { kept: [], settled: [], conflicts: [] };
  const company = new Company(edits);
  for (const edit of edits) {
    if (page.fault) {
      const reason = "The page as it was brought in now could not be read.";
      result.conflicts.push({ edit, now: null, reason, mine: edit });
    } else if (isHeadingEdit(edit)) carryHeading(edit, page, company, result);
    else if (isFieldEdit(edit)) carryField(edit, page, result);
    else if (isHeadEdit(edit)) carryHead(edit, page, result);
    else carryBody(edit, page, result);
  }
  return result;
}

function carryField(edit: FieldEdit, page: Page, result: CarriedOver): void {
  const now = present[edit.op](page);
  if (now === edit.value) result.settled.push(edit);
  else if (now === (edit.was ?? "")) result.kept.push(edit);
  else {
    const reason =
      edit.was === null
        ? `The site has given the page a ${NAMES[edit.op]} since.`
        : `The ${NAMES[edit.op]} has changed on the site since.`;
    result.conflicts.push({ edit, now, reason, mine: { ...edit, was: now } });
  }
}

/** What stands in the head now for an edit of it, and what was there. */
function carryHead(edit: HeadEdit, page: Page, result: CarriedOver): void {
  if (planHead(page, edit) === null) result.settled.push(edit);
  else if (edit.op === "add-to-head" || edit.op === "remove-markup-data") result.kept.push(edit);
  else if (edit.op === "set-data") {
    const plan = planHead(page, edit);
    if (typeof plan !== "string") result.kept.push(edit);
    else result.conflicts.push({ edit, now: null, reason: plan, mine: { ...edit, was: null } });
  } else {
    const now =
      edit.op === "set-language" ? languageOf(page) : (metaOf(page, edit.op.slice("set-".length))?.content ?? "");
    if (now === (edit.was ?? "")) result.kept.push(edit);
    else result.conflicts.push({ edit, now, reason: "It has changed on the site since.", mine: { ...edit, was: now } });
  }
}

/** An edit of the body is carried over where its nodes are found again as they were. */
function carryBody(edit: BodyEdit, page: Page, result: CarriedOver): void {
  const lost = nodesOf(edit)
    .map(({ kind, key }) => findNode(page, kind, key))
    .find((found) => "reason" in found);
  if (lost) {
    if (isTakenOver(edit, page)) result.settled.push(edit);
    else result.conflicts.push({ edit, now: null, reason: "reason" in lost ? lost.reason : "", mine: null });
    return;
  }
  const [node] = nodesOf(edit);
  const now = node ? textNow(edit, page) : null;
  const plan = planBody(page, edit);
  if (plan === null) result.settled.push(edit);
  else if (typeof plan === "string") result.conflicts.push({ edit, now: null, reason: plan, mine: null });
  else if (now !== null && now !== (edit.was ?? ""))
    result.conflicts.push({
      edit,
      now,
      reason: "It has changed on the site since.",
      mine: { ...edit, was: now } as Edit,
    });
  else result.kept.push(edit);
}

/** What an edit's text stands at now, for texts that do not name their node themselves; null for the others. */
function textNow(edit: BodyEdit, page: Page): string | null {
  const index = (kind: "picture" | "link", key: NodeKey) => {
    const found = findNode(page, kind, key);
    return "index" in found ? found.index : -1;
  };
  if (edit.op === "set-alt") return page.images[index("picture", edit.picture)]?.alt ?? "";
  return edit.op === "set-link-title" ? (page.links[index("link", edit.link)]?.title ?? "") : null;
}

/** Whether what an edit was to do has been done on the site, by what stands there now. */
function isTakenOver(edit: BodyEdit, page: Page): boolean {
  const says = (text: string) => page.blocks.some((block) => block.text === text);
  switch (edit.op) {
    case "set-block-text":
      return says(edit.value);
    case "set-link-text":
      return page.links.some((link) => link.text === edit.value && edit.link.text.startsWith(`${link.href} `));
    case "remove-block":
      return !says(edit.was);
    case "merge-headings":
      return page.headings.some(
        ({ text }) => text === Array.from(edit.headings, (one) => one.text).join(edit.separator || " "),
      );
    case "insert-blocks":
      return edit.blocks.every(({ text, tag }) => tag === "links" || says(text));
    default:
      return false;
  }
}

/** The texts that a neighbouring heading may have now: its old one, or the one that this redraft gave it. */
class Company {
  private readonly renamed = new Map<string, string>();
  private readonly removed = new Set<string>();

  constructor(edits: readonly Edit[]) {
    for (const edit of edits) {
      if (edit.op === "set-heading-text") this.renamed.set(edit.was, edit.value);
      if (edit.op === "remove-heading") this.removed.add(edit.was);
    }
  }

  private fits(old: string | null | undefined, now: string | null): boolean {
    if (old === undefined || old === now) return true;
    return old !== null && (this.renamed.get(old) === now || this.removed.has(old));
  }

  /** The text that this redraft gives a heading; null where it gives none. */
  newTextOf(text: string): string | null {
    return this.renamed.get(text) ?? null;
  }

  same(key: HeadingKey, heading: Heading): boolean {
    return this.fits(key.before, heading.key.before ?? null) && this.fits(key.after, heading.key.after ?? null);
  }
}

function carryHeading(edit: HeadingEdit, page: Page, company: Company, result: CarriedOver): void {
  const { heading: key } = edit;
  const named = (text: string) => page.headings.filter((heading) => heading.text === text);
  const equal = named(key.text);
  const taken = edit.op === "set-heading-text" ? named(edit.value).filter((heading) => company.same(key, heading)) : [];
  if (taken.length === 1 && equal.length === (key.of ?? 1) - 1) {
    result.settled.push(edit);
    return;
  }
  const conflict = (now: string | null, reason: string, at: Heading | null) =>
    result.conflicts.push({ edit, now, reason, mine: at ? rebound(edit, at) : null });
  if (equal.length === 0) {
    if (edit.op === "remove-heading") result.settled.push(edit);
    else if (edit.op === "set-heading-level") atNewText(edit, page, company, result, conflict);
    else conflict(null, "The heading is not on the page any more.", null);
    return;
  }
  if (key.of !== undefined && key.of !== equal.length) {
    conflict(
      equal[0]?.text ?? null,
      `The page now has ${equal.length} headings with this text; there were ${key.of}.`,
      null,
    );
    return;
  }
  const at = equal[(key.nth ?? 1) - 1];
  if (!at || (key.nth === undefined && equal.length > 1))
    conflict(null, "It cannot be said which of several equal headings is meant.", null);
  else if (!company.same(key, at)) conflict(at.text, "The headings around it have changed.", at);
  else if (edit.op === "set-heading-level") bindLevel(edit, at, result, conflict);
  else result.kept.push(rebound(edit, at));
}

type NoteConflict = (now: string | null, reason: string, at: Heading | null) => void;

/** A heading whose text the site has taken over from this redraft may still wait for its level. */
function atNewText(
  edit: Extract<HeadingEdit, { op: "set-heading-level" }>,
  page: Page,
  company: Company,
  result: CarriedOver,
  conflict: NoteConflict,
): void {
  const text = company.newTextOf(edit.heading.text);
  const found = page.headings.filter((heading) => heading.text === text && company.same(edit.heading, heading));
  const [only] = found;
  if (only && found.length === 1) bindLevel(edit, only, result, conflict);
  else conflict(null, "The heading is not on the page any more.", null);
}

function bindLevel(
  edit: Extract<HeadingEdit, { op: "set-heading-level" }>,
  at: Heading,
  result: CarriedOver,
  conflict: NoteConflict,
): void {
  if (at.level === edit.level) result.settled.push(edit);
  else if (at.level === edit.was) result.kept.push(rebound(edit, at));
  else conflict(`H${at.level}`, `The heading was an H${edit.was} and is an H${at.level} now.`, at);
}

/** The edit bound to the heading as it stands in the new original. */
function rebound(edit: HeadingEdit, at: Heading): Edit {
  if (edit.op === "set-heading-level") return { ...edit, heading: at.key, was: at.level };
  return { ...edit, heading: at.key, was: at.text };
}

/** Both texts of a conflict, for lists. */
export function textsOf({ edit, now }: Conflict): { mine: string; was: string; now: string } {
  return { mine: newValueOf(edit), was: wasOf(edit), now: now ?? "" };
}
