import type { Heading, Page } from "../page/page.ts";
import { applyToPage } from "../rewrite/apply.ts";
import { type Edit, slotOf, withEdit } from "../rewrite/edits.ts";
import type { NewBlock } from "../rewrite/new-block.ts";
import { originsOf } from "../rewrite/origins.ts";
import { refusalOf } from "../rewrite/refusal.ts";
import { findNode } from "../rewrite/resolve.ts";
import { partsBelow, runOfH1s } from "./outline.ts";
import type { RepairLine } from "./repair.ts";

/** A page as brought in, the redraft's edits, and the page that they make. */
export interface Redrafted {
  original: Page;
  page: Page;
  edits: readonly Edit[];
}

const byKey = new WeakMap<readonly Heading[], Map<string, Heading>>();

/** The heading of the original that a heading of the redrafted page comes from; null where the redraft has made it. */
export function originalOf({ original }: Pick<Redrafted, "original">, heading: Heading): Heading | null {
  if (heading.createdBy) return null;
  let known = byKey.get(original.headings);
  if (!known) {
    known = new Map(Array.from(original.headings, (one) => [JSON.stringify(one.key), one]));
    byKey.set(original.headings, known);
  }
  return known.get(JSON.stringify(heading.key)) ?? null;
}

/** The edit that has made a heading. */
export const makerOf = ({ edits }: Pick<Redrafted, "edits">, { createdBy }: Heading): Edit | null =>
  (createdBy !== undefined && edits.find((edit) => slotOf(edit) === createdBy)) || null;

const isHeadingTag = (tag: NewBlock["tag"]) => /^h[1-6]$/.test(tag);

/** An edit that inserts a heading, with that heading changed. */
function changedInsert(
  maker: Extract<Edit, { op: "insert-blocks" }>,
  { text }: Heading,
  change: Partial<NewBlock>,
): Edit {
  const at = maker.blocks.findIndex((one) => isHeadingTag(one.tag) && one.text === text);
  return at < 0 ? maker : { ...maker, blocks: maker.blocks.with(at, { ...(maker.blocks[at] as NewBlock), ...change }) };
}

/** The edit that gives a heading a level of 1 to 6, wherever it comes from; null where nothing would change. */
export function levelEdit(redrafted: Redrafted, heading: Heading, level: number): Edit | null {
  if (level < 1 || level > 6 || level === heading.level) return null;
  const maker = makerOf(redrafted, heading);
  if (maker?.op === "make-heading" || maker?.op === "merge-headings") return { ...maker, level };
  if (maker?.op === "insert-blocks") return changedInsert(maker, heading, { tag: `h${level}` as "h1" });
  const before = originalOf(redrafted, heading);
  return before && { op: "set-heading-level", heading: heading.key, level, was: before.level };
}

/** The edit that gives a heading other words, wherever it comes from; null where it has them already or has several parts. */
export function wordsEdit(redrafted: Redrafted, heading: Heading, value: string): Edit | null {
  if (value === heading.text) return null;
  const maker = makerOf(redrafted, heading);
  if (maker?.op === "insert-blocks") return changedInsert(maker, heading, { text: value });
  if (maker?.op === "make-heading") {
    const found = findNode(redrafted.original, "block", maker.block);
    const was = "index" in found ? redrafted.original.blocks[found.index]?.text : undefined;
    return was === undefined ? null : { op: "set-block-text", block: maker.block, value, was };
  }
  const before = originalOf(redrafted, heading);
  return before && { op: "set-heading-text", heading: heading.key, value, was: before.text };
}

/** The edits that move a heading to a level, alone or with all that is below it by as many levels. */
export function moveEdits(redrafted: Redrafted, index: number, level: number, below: boolean): Edit[] {
  const { headings } = redrafted.page;
  const heading = headings[index];
  if (!heading) return [];
  const by = Math.max(1, Math.min(6, level)) - heading.level;
  const list = [heading, ...(below ? partsBelow(headings, index) : [])];
  return list.flatMap((one) => levelEdit(redrafted, one, Math.max(1, Math.min(6, one.level + by))) ?? []);
}

/**
 * The edits that put a new heading over one and the siblings that follow it: one level above them, or, as nothing stands
 * above an H2 but the H1, in their place with them one level below.
 */
export function headingOver(
  redrafted: Redrafted,
  index: number,
  text: string,
  id: string,
): Edit[] | { reason: string } {
  const { original, page, edits } = redrafted;
  const heading = page.headings[index];
  if (!heading || heading.block < 0) return { reason: "Nothing can be put over a heading without words." };
  const level = Math.max(2, heading.level - 1);
  const block: NewBlock = { tag: `h${level}` as "h2", text };
  const origin = originsOf(original, page, edits, "block")[heading.block];
  const down = level < heading.level ? [] : groupFrom(page.headings, index);
  const lowered = down.flatMap((one) => levelEdit(redrafted, one, Math.min(6, one.level + 1)) ?? []);
  if (origin?.key) {
    const insert: Edit = { op: "insert-blocks", id, at: origin.key, before: true, blocks: [block], was: null };
    return [insert, ...lowered];
  }
  if (origin?.added) {
    // Before what is new itself: it joins it. The new heading's own change of level is made on the way.
    const at = origin.added.blocks.findIndex((one) => one.text === heading.text);
    const own = lowered.find((edit) => slotOf(edit) === heading.createdBy);
    const from = own?.op === "insert-blocks" ? own : origin.added;
    const joined = { ...from, blocks: from.blocks.toSpliced(Math.max(0, at), 0, block) };
    return [joined, ...lowered.filter((edit) => edit !== own)];
  }
  return { reason: "This heading is put together by the redraft. Hand the page over, bring it in again, then go on." };
}

/** A heading with its siblings behind it and all that is below them, as far as their common whole goes. */
function groupFrom(headings: readonly Heading[], index: number): Heading[] {
  const level = headings[index]?.level ?? 6;
  const end = headings.findIndex((one, i) => i > index && one.level < level);
  return headings.slice(index, end < 0 ? undefined : end);
}

/**
 * The redraft after H1s that stand together and read as one title have become one, with the edit that does it; null where
 * there are none. A repair begins there: else it would make parts of the title of them.
 */
export function mergedFirst(redrafted: Redrafted): { merge: Edit; after: Redrafted; title: string } | null {
  const run = runOfH1s(redrafted.page);
  if (run.length < 2 || run.some(({ createdBy }) => createdBy !== undefined)) return null;
  const texts = run.map(({ text }) => text);
  const merge: Edit = {
    op: "merge-headings",
    headings: run.map(({ key }) => key),
    separator: " ",
    level: 1,
    was: texts.join("\n"),
  };
  const edits = withEdit(redrafted.edits, merge);
  if (refusalOf(redrafted.original, redrafted.edits, edits)) return null;
  const { page } = applyToPage(redrafted.original, edits);
  return { merge, after: { ...redrafted, page, edits }, title: texts.join(" ") };
}

/** The edits of a repair, bound to the original where the redraft has changed what they are of. */
export function repairEdits(redrafted: Redrafted, lines: readonly RepairLine[]): Edit[] {
  const { original, page, edits } = redrafted;
  const origins = originsOf(original, page, edits, "block");
  return lines.flatMap((line): Edit[] => {
    if (line.edits.length === 0) return [];
    if (line.block >= 0) {
      const key = origins[line.block]?.key;
      const was = original.blocks[origins[line.block]?.index ?? -1]?.text ?? line.text;
      return key ? [{ op: "make-heading", block: key, level: line.is, was }] : [];
    }
    const heading = page.headings[line.heading];
    if (!heading) return [];
    if (line.is > 0) return [levelEdit(redrafted, heading, line.is) ?? []].flat();
    return heading.createdBy ? [] : line.edits;
  });
}
