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
import { readJson } from "../structured-data/json-text.ts";
import { type Clash, mergeJson } from "../structured-data/merge-json.ts";
import { sameBlock } from "../structured-data/patch-json.ts";
import {
  type BodyEdit,
  cleanValue,
  type Edit,
  type HeadEdit,
  type NodeKey,
  type NodeKind,
  newValueOf,
  nodesOf,
  slotOf,
  wasOf,
} from "./edits.ts";
import { isHeadEdit, metaOf, planHead } from "./head-fields.ts";
import { originsOf } from "./origins.ts";
import { planPatch } from "./plan.ts";
import { findNode, keyOf } from "./resolve.ts";
import { type Handing, handingOf, isTakenOver, sameKey } from "./taken-over.ts";

/** A change that could not be carried over: the editor decides between the two texts. */
export interface Conflict {
  edit: Edit;
  /** What stands there now; null where it is not there any more. */
  now: string | null;
  reason: string;
  /** The change as it would be made of what stands there now; null where its place is gone. */
  mine: Edit | null;
  /** What is left of the change where what stands there now is kept; null or absent for nothing. */
  theirs?: Edit | null;
  /** The values of structured data that both have changed; what only one has changed is merged. */
  clashes?: Clash[];
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

/** What is known of a redraft when its page is brought in again. */
export interface Carrying {
  /** The original that it was made on, as read; null where that is not at hand. */
  before: Page | null;
  /** Edits as they were handed over, where they were. */
  handed?: readonly Edit[];
}

/** Carries a redraft over to a page that was brought in again. `page` is the new original as read. */
export function carryOver(edits: readonly Edit[], page: Page, { before, handed = [] }: Carrying): CarriedOver {
  const result: CarriedOver = { kept: [], settled: [], conflicts: [] };
  if (page.fault) {
    const reason = "The page as it was brought in now could not be read.";
    return { ...result, conflicts: edits.map((edit) => ({ edit, now: null, reason, mine: edit })) };
  }
  const company = new Company(edits);
  const lastly = new Map(handed.map((edit) => [slotOf(edit), edit]));
  const handing = before && handingOf(before, edits, handed, page);
  for (const edit of edits) {
    const earlier = lastly.get(slotOf(edit)) ?? null;
    const carried = carryOne(edit, earlier, page, handing, company);
    if ("kept" in carried) result.kept.push(carried.kept);
    else if ("conflict" in carried) result.conflicts.push({ edit, ...carried.conflict });
    else result.settled.push(edit);
  }
  return result;
}

/** What becomes of one edit. */
type Carried = { kept: Edit } | { settled: true } | { conflict: Omit<Conflict, "edit"> };

const SETTLED: Carried = { settled: true };

function carryOne(edit: Edit, handed: Edit | null, page: Page, handing: Handing | null, company: Company): Carried {
  const changed = handed !== null && !sameKey(handed, edit);
  if (handing?.exactly) {
    const { edits, page: given } = handing.exactly;
    if (!changed && edits.includes(handed ?? edit)) return SETTLED;
    const rebound = onHanded(edit, page, handing.before, given, edits);
    if (rebound) return rebound;
  }
  const carried = isHeadingEdit(edit)
    ? carryHeading(edit, page, company, handing)
    : isFieldEdit(edit)
      ? carryField(edit, handed, page)
      : isHeadEdit(edit)
        ? carryHead(edit, handed, page, handing)
        : carryBody(edit, page, handing);
  return "conflict" in carried && handing && isTakenOver(handed ?? edit, page, handing) && !changed ? SETTLED : carried;
}

/** An edit of a node that was made or changed after the handing over, on a page that has become what was handed over. */
function onHanded(edit: Edit, page: Page, before: Page, given: Page, edits: readonly Edit[]): Carried | null {
  const bind = (kind: NodeKind, key: NodeKey): number => {
    if (kind === "heading") return given.headings.findIndex((heading) => sameKey(heading.key, key));
    return originsOf(before, given, edits, kind).findIndex((origin) => origin.key && sameKey(origin.key, key));
  };
  const [node, ...others] = nodesOf(edit);
  if (!node || others.length > 0) return null;
  const index = bind(node.kind, node.key);
  return index < 0 ? null : { kept: boundTo(edit, node.kind, index, page) };
}

/** An edit of a node, bound to the node of the new original that stands in its place. */
function boundTo(edit: Edit, kind: NodeKind, index: number, page: Page): Edit {
  const key = keyOf(page, kind, index);
  const was = stateOf(edit, index, page);
  const field = kind === "heading" ? "heading" : kind === "block" && "at" in edit ? "at" : kind;
  return { ...edit, [field]: key, was } as Edit;
}

/** What stands at an edit's node, in the terms in which the edit says what it replaces. */
function stateOf(edit: Edit, index: number, page: Page): string | number | null {
  switch (edit.op) {
    case "set-heading-level":
      return page.headings[index]?.level ?? 0;
    case "set-heading-id":
      return page.headings[index]?.id ?? null;
    case "set-heading-text":
    case "remove-heading":
      return page.headings[index]?.text ?? "";
    case "set-alt":
      return page.images[index]?.alt ?? null;
    case "set-link-text":
      return page.links[index]?.text ?? "";
    case "set-link-title":
      return page.links[index]?.title ?? null;
    case "insert-blocks":
      return null;
    default:
      return page.blocks[index]?.text ?? "";
  }
}

/** The same as is told of it in a conflict: a level as “H2”. */
function toldState(edit: Edit, index: number, page: Page): string | null {
  const state = stateOf(edit, index, page);
  return typeof state === "number" ? `H${state}` : state;
}

function carryField(edit: FieldEdit, handed: Edit | null, page: Page): Carried {
  const now = present[edit.op](page);
  if (now === cleanValue(edit.value)) return SETTLED;
  if (now === (edit.was ?? "")) return { kept: edit };
  // What was handed over earlier has been taken over; the editor has gone on since.
  if (handed?.op === edit.op && handed.value === now) return { kept: { ...edit, was: now } };
  const reason =
    edit.was === null
      ? `The site has given the page a ${NAMES[edit.op]} since.`
      : `The ${NAMES[edit.op]} has changed on the site since.`;
  return { conflict: { now, reason, mine: { ...edit, was: now } } };
}

const CHANGED = "It has changed on the site since.";

/** What stands in the head now for an edit of it, and what was there. */
function carryHead(edit: HeadEdit, handed: Edit | null, page: Page, handing: Handing | null): Carried {
  const plan = planHead(page, edit);
  if (plan === null) return SETTLED;
  // What was handed over earlier has been taken over; the editor has gone on since.
  if (edit.op === "set-data" && handed?.op === "set-data") {
    const there = page.data.find(({ text }) => sameBlock(text, handed.value));
    if (there) return { kept: { ...edit, was: there.text } };
  }
  if (edit.op === "add-to-head" || edit.op === "remove-markup-data") return { kept: edit };
  if (edit.op === "set-data") return typeof plan === "string" ? mergeData(edit, plan, page, handing) : { kept: edit };
  const now =
    edit.op === "set-language" ? languageOf(page) : (metaOf(page, edit.op.slice("set-".length))?.content ?? "");
  const asHanded = handed?.op === edit.op && handed.value === now;
  if (asHanded) return { kept: { ...edit, was: now } };
  return now === (edit.was ?? "")
    ? { kept: edit }
    : { conflict: { now, reason: CHANGED, mine: { ...edit, was: now } } };
}

type DataEdit = Extract<Edit, { op: "set-data" }>;

/** Structured data that the site has changed too: both changes are merged, and asked about is only what both have changed. */
function mergeData(edit: DataEdit, reason: string, page: Page, handing: Handing | null): Carried {
  const there = handing && changedBlock(edit, page, handing.before);
  if (edit.was === null || !there) return { conflict: { now: null, reason, mine: { ...edit, was: null } } };
  const at = { ...edit, was: there };
  if (edit.value === "") return { conflict: { now: there, reason: CHANGED, mine: at } };
  const merged = mergeJson(edit.was, edit.value, there);
  if (!merged) return { conflict: { now: there, reason: CHANGED, mine: at } };
  const { theirs, mine, clashes } = merged;
  if (clashes.length === 0) return theirs === there ? SETTLED : { kept: { ...at, value: theirs } };
  const names = clashes.map(({ pointer }) => pointer.slice(1).replaceAll("/", ", "));
  return {
    conflict: {
      now: there,
      reason: `You and the site have both changed ${names.join("; ")}.${theirs === there ? "" : " Your other changes are kept either way."}`,
      mine: { ...at, value: mine },
      theirs: theirs === there ? null : { ...at, value: theirs },
      clashes,
    },
  };
}

/** The block of structured data that has become of an edit's; null where that cannot be told. */
function changedBlock(edit: DataEdit, page: Page, before: Page): string | null {
  const was = (text: string, others: Page) => others.data.some((block) => sameBlock(block.text, text));
  const fresh = page.data.filter(({ text }) => !was(text, before));
  if (fresh.length === 1) return fresh[0]?.text ?? null;
  const own = edit.was === null ? "" : nameOfData(edit.was);
  const alike = fresh.filter(({ text }) => nameOfData(text) === own);
  return alike.length === 1 ? (alike[0]?.text ?? null) : null;
}

/** What a block says that it is about: the types and names of its outermost things. */
function nameOfData(text: string): string {
  const read = readJson(text);
  const name = (value: unknown): unknown => {
    if (Array.isArray(value)) return value.map(name);
    if (typeof value !== "object" || value === null) return null;
    const { "@type": type, "@id": id, name: called, "@graph": graph } = value as Record<string, unknown>;
    return [type, id ?? called, graph === undefined ? null : name(graph)];
  };
  return "value" in read ? JSON.stringify(name(read.value)) : text;
}

/** An edit of the body is carried over where its nodes are found again as they were. */
function carryBody(edit: BodyEdit, page: Page, handing: Handing | null): Carried {
  const nodes = nodesOf(edit);
  const lost = nodes.map(({ kind, key }) => findNode(page, kind, key)).find((found) => "reason" in found);
  if (lost && "reason" in lost) {
    const place = handing && (edit.op === "insert-blocks" ? besideNext(edit, page, handing.before) : null);
    if (place) return { conflict: place };
    const [node, ...others] = nodes;
    const index = node && others.length === 0 && handing ? counterpart(node.kind, node.key, page, handing.before) : -1;
    if (!node || index < 0) return { conflict: { now: null, reason: lost.reason, mine: null } };
    const mine = boundTo(edit, node.kind, index, page);
    return { conflict: { now: toldState(edit, index, page), reason: CHANGED, mine: isDone(mine) ? null : mine } };
  }
  const plan = planPatch(page, edit);
  if (plan === null) return SETTLED;
  if (typeof plan === "string") return { conflict: { now: null, reason: plan, mine: null } };
  const now = textNow(edit, page);
  if (now === null || now === (edit.was ?? "")) return { kept: edit };
  return { conflict: { now, reason: CHANGED, mine: { ...edit, was: now } as Edit } };
}

const isDone = (edit: Edit) => "value" in edit && edit.value === edit.was;

/** What an edit's text stands at now, for texts that do not name their node themselves; null for the others. */
function textNow(edit: BodyEdit, page: Page): string | null {
  if (edit.op !== "set-alt" && edit.op !== "set-link-title") return null;
  const [node] = nodesOf(edit);
  const found = node && findNode(page, node.kind, node.key);
  return (found && "index" in found ? toldState(edit, found.index, page) : null) ?? "";
}

const LISTS = { heading: "headings", block: "blocks", picture: "images", link: "links" } as const;

/** Where the node of the old original, so many places from another one, stands in the new one; -1 where it is not known. */
function indexNow(kind: NodeKind, index: number, page: Page, before: Page): number {
  if (index < 0 || index >= before[LISTS[kind]].length) return -1;
  // What stands around it is what may have changed.
  const { text, nth = 1, of = 1 } = keyOf(before, kind, index);
  const found = findNode(page, kind, { text, nth, of });
  return "index" in found ? found.index : -1;
}

/** The node that stands now between the same neighbours as one that is not there in its old words; -1 where there is none. */
function counterpart(kind: NodeKind, key: NodeKey, page: Page, before: Page): number {
  const found = findNode(before, kind, key);
  if ("reason" in found) return -1;
  const { length } = page[LISTS[kind]];
  const { index } = found;
  const from = index === 0 ? -1 : indexNow(kind, index - 1, page, before);
  const last = index === before[LISTS[kind]].length - 1;
  const to = last ? length : indexNow(kind, index + 1, page, before);
  if ((from < 0 && index > 0) || to < 0) return -1;
  return to - from === 2 ? from + 1 : -1;
}

type Insertion = Extract<Edit, { op: "insert-blocks" }>;

/** Added text whose neighbour has changed: it goes beside the next one that is still there. */
function besideNext(edit: Insertion, page: Page, before: Page): Omit<Conflict, "edit"> | null {
  const found = findNode(before, "block", edit.at);
  if ("reason" in found) return null;
  // Between which blocks of the old original it stands.
  const behind = found.index - (edit.before ? 1 : 0);
  for (let by = 0; by < before.blocks.length; by++) {
    for (const [index, isBefore] of [
      [behind - by, false],
      [behind + 1 + by, true],
    ] as const) {
      const now = indexNow("block", index, page, before);
      const block = page.blocks[now];
      if (!block) continue;
      const mine: Insertion = { ...edit, at: keyOf(page, "block", now), before: isBefore };
      const plan = planPatch(page, mine);
      if (plan === null || typeof plan === "string") continue;
      return {
        now: null,
        reason: `The text beside it has changed on the site. It would stand ${isBefore ? "before" : "behind"} “${shortened(block.text)}”.`,
        mine,
      };
    }
  }
  return null;
}

const shortened = (text: string) => (text.length > 60 ? `${text.slice(0, 59).trimEnd()}…` : text);

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

function carryHeading(edit: HeadingEdit, page: Page, company: Company, handing: Handing | null): Carried {
  const { heading: key } = edit;
  const named = (text: string) => page.headings.filter((heading) => heading.text === text);
  const equal = named(key.text);
  const taken = edit.op === "set-heading-text" ? named(edit.value).filter((heading) => company.same(key, heading)) : [];
  if (taken.length === 1 && equal.length === (key.of ?? 1) - 1) return SETTLED;
  const conflict = (at: Heading | null, reason: string, sure = at !== null): Carried => {
    const now = at && toldState(edit, page.headings.indexOf(at), page);
    return { conflict: { now, reason, mine: at && sure ? rebound(edit, at) : null } };
  };
  if (equal.length === 0) {
    if (edit.op === "remove-heading") return SETTLED;
    const renamed = edit.op === "set-heading-level" ? atNewText(edit, page, company) : null;
    if (renamed) return renamed;
    const index = handing ? counterpart("heading", key, page, handing.before) : -1;
    const there = page.headings[index];
    if (there) return conflict(there, `The heading reads “${shortened(there.text)}” on the site now.`);
    return conflict(null, "The heading is not on the page any more.");
  }
  if (key.of !== undefined && key.of !== equal.length)
    return conflict(
      equal[0] ?? null,
      `The page now has ${equal.length} headings with this text; there were ${key.of}.`,
      false,
    );
  const at = equal[(key.nth ?? 1) - 1];
  if (!at || (key.nth === undefined && equal.length > 1))
    return conflict(null, "It cannot be said which of several equal headings is meant.");
  if (!company.same(key, at)) return conflict(at, "The headings around it have changed.");
  return edit.op === "set-heading-level" ? bindLevel(edit, at) : { kept: rebound(edit, at) };
}

type LevelEdit = Extract<Edit, { op: "set-heading-level" }>;

/** A heading whose text the site has taken over from this redraft may still wait for its level. */
function atNewText(edit: LevelEdit, page: Page, company: Company): Carried | null {
  const text = company.newTextOf(edit.heading.text);
  const found = page.headings.filter((heading) => heading.text === text && company.same(edit.heading, heading));
  const [only] = found;
  return only && found.length === 1 ? bindLevel(edit, only) : null;
}

function bindLevel(edit: LevelEdit, at: Heading): Carried {
  if (at.level === edit.level) return SETTLED;
  if (at.level === edit.was) return { kept: rebound(edit, at) };
  const reason = `The heading was an H${edit.was} and is an H${at.level} now.`;
  return { conflict: { now: `H${at.level}`, reason, mine: rebound(edit, at) } };
}

/** The edit bound to the heading as it stands in the new original. */
function rebound(edit: HeadingEdit, at: Heading): Edit {
  if (edit.op === "set-heading-level") return { ...edit, heading: at.key, was: at.level };
  return { ...edit, heading: at.key, was: at.text };
}

/** A side of the values that both have changed, a line each. */
const sideOf = (clashes: readonly Clash[], side: "mine" | "was" | "theirs") =>
  clashes.map((clash) => `${clash.pointer.slice(1)}: ${clash[side] ?? "none"}`).join("\n");

/** Both texts of a conflict, for lists; of structured data only what both have changed. */
export function textsOf({ edit, now, clashes }: Conflict): { mine: string; was: string; now: string } {
  if (clashes) return { mine: sideOf(clashes, "mine"), was: sideOf(clashes, "was"), now: sideOf(clashes, "theirs") };
  return { mine: newValueOf(edit), was: wasOf(edit), now: now ?? "" };
}
