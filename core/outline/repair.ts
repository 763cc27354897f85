import { contentHeadings } from "../page/body.ts";
import { type Heading, type Page, titleOf } from "../page/page.ts";
import type { Edit } from "../rewrite/edits.ts";
import { keyOf } from "../rewrite/resolve.ts";

/** A heading as the repair sees it. */
export interface RepairItem {
  /** 1–6; more counts as 6. */
  level: number;
  /** Part of the page's content: one of these becomes the H1. */
  content: boolean;
  /** May become a paragraph where it stands before the H1; an H1 never does. */
  mayLeave: boolean;
  /** Stays as it is: the editor has refused to change it. */
  pinned?: boolean;
}

/** What a repair makes of each heading: a level, or 0 for a paragraph. */
export interface Repair {
  levels: number[];
  cost: number;
}

/**
 * What the changes weigh against each other; common practice knows no numbers for it. A changed level weighs `CHANGED` and a
 * little for each level of the way; a heading that is left out before the H1 as much as two that are changed. Neighbours
 * whose ranks no longer stand in the same order weigh more than any of that, so that siblings stay siblings and parts stay
 * below their wholes; what is unsound weighs more than all together.
 */
export const CHANGED = 100;
const FURTHER = 1;
export const REORDERED = 10_000;
/** Siblings of which one would become a part of the other. */
export const PARTED = 20_000;
const LEFT_OUT = 200;
const UNSOUND = 1e10;

const order = (a: number, b: number) => Math.sign(a - b);

/** A heading before another: the level that it had, and the one that it gets; 0 where there is none. */
interface Before {
  was: number;
  is: number;
}

/**
 * What it costs to give a heading a level: behind the heading before it no level may be left out, and it keeps its rank to
 * its neighbour, which for a heading of the content is the content's last one.
 */
function costOf(item: RepairItem, was: number, level: number, before: Before, neighbour: Before): number {
  if (item.pinned && level !== was) return Number.POSITIVE_INFINITY;
  let cost = level === was ? 0 : CHANGED + FURTHER * Math.abs(level - was);
  if (before.is > 0 && level > before.is + 1) cost += UNSOUND;
  const rank = order(was, neighbour.was);
  if (neighbour.is > 0 && rank !== order(level, neighbour.is)) cost += rank === 0 ? PARTED : REORDERED;
  return cost;
}

/** Levels of the heading before and of the content's last one, 0 to 6 each; 0 where the H1 has not been. */
const STATES = 49;

/**
 * The least change that makes an outline sound: one H1, first in the content, and no level left out on the way down. Exact,
 * by dynamic programming over the levels of the heading before and of the content's last one; linear in the headings.
 * `h1Outside` says that the H1 comes from elsewhere, as a template makes it of a title.
 */
export function repairLevels(items: readonly RepairItem[], h1Outside = false): Repair {
  const n = items.length;
  let costs = new Float64Array(STATES).fill(Number.POSITIVE_INFINITY);
  costs[h1Outside ? 8 : 0] = 0;
  let next = new Float64Array(STATES);
  const from = new Uint8Array(n * STATES);
  const chosen = new Uint8Array(n * STATES);
  let row = 0;
  const offer = (state: number, cost: number, source: number, level: number) => {
    if (cost >= (next[state] as number)) return;
    next[state] = cost;
    from[row + state] = source;
    chosen[row + state] = level;
  };
  const none: Before = { was: 0, is: 0 };
  let [wasBefore, wasContent] = h1Outside ? [1, 1] : [0, 0];
  for (let i = 0; i < n; i++) {
    const item = items[i] as RepairItem;
    const was = Math.min(6, item.level);
    row = i * STATES;
    next.fill(Number.POSITIVE_INFINITY);
    const base = costs[0] as number;
    if (!item.content) offer(0, base, 0, was);
    else {
      offer(8, base + costOf(item, was, 1, none, none), 0, 1);
      if (item.mayLeave && !item.pinned && was !== 1) offer(0, base + LEFT_OUT, 0, 0);
      if (item.pinned && was !== 1) offer(0, base + UNSOUND, 0, was);
    }
    for (let state = 8; state < STATES; state++) {
      const so = costs[state] as number;
      if (so === Number.POSITIVE_INFINITY) continue;
      const content = state % 7;
      const before: Before = { was: wasBefore, is: (state - content) / 7 };
      const neighbour = item.content ? { was: wasContent, is: content } : before;
      for (let level = 2; level <= 6; level++) {
        const to = level * 7 + (item.content ? level : content);
        offer(to, so + costOf(item, was, level, before, neighbour), state, level);
      }
      if (item.pinned && was === 1) offer(7 + (item.content ? 1 : content), so + UNSOUND, state, 1);
    }
    [costs, next] = [next, costs];
    wasBefore = was;
    if (item.content) wasContent = was;
  }
  // Without any heading in the content there is none that could become the H1.
  const wanted = items.some((item) => item.content);
  let state = 0;
  let cost = (costs[0] as number) + (wanted ? UNSOUND : 0);
  for (let k = 8; k < STATES; k++) {
    if ((costs[k] as number) >= cost) continue;
    cost = costs[k] as number;
    state = k;
  }
  const levels = new Array<number>(n);
  for (let i = n - 1; i >= 0; i--) {
    levels[i] = chosen[i * STATES + state] ?? 0;
    state = from[i * STATES + state] ?? 0;
  }
  return { levels, cost };
}

/** One line of a proposed repair: a heading, or a text that is styled as one. */
export interface RepairLine {
  /** Index in `Page.headings`; -1 for a text that is no heading. */
  heading: number;
  /** Index in `Page.blocks`, for a text that is styled as a heading; -1 for a heading. */
  block: number;
  text: string;
  /** 0 for a text that is no heading. */
  was: number;
  /** 0 for a paragraph. */
  is: number;
  /** The edits that carry the line out; none where nothing changes. */
  edits: Edit[];
}

export interface RepairOptions {
  /** Indexes in `Page.blocks` of texts that are styled as headings and shall become some. */
  include?: readonly number[];
  /** Names of lines that the editor has refused: they stay as they are. */
  refused?: ReadonlySet<string>;
}

/** What names a line of a repair. */
export const lineName = ({ heading, block }: Pick<RepairLine, "heading" | "block">) => `${heading} ${block}`;

interface Candidate extends RepairItem {
  heading: number;
  block: number;
  text: string;
  start: number;
}

/** Proposes the least repair of a page's outline, line by line. Levels that a redraft has set are where it begins. */
export function repairOutline(page: Page, { include = [], refused = new Set() }: RepairOptions = {}): RepairLine[] {
  const content = new Set(contentHeadings(page).map(({ index }) => index));
  const firstH1 = page.headings.findIndex(({ level }, index) => level === 1 && content.has(index));
  // Site generators make the H1 of a Markdown file's title (common practice).
  const h1Outside = page.format === "markdown" && firstH1 < 0 && titleOf(page) !== "";
  const candidates: Candidate[] = Array.from(page.headings, (heading, index) => ({
    heading: index,
    block: -1,
    text: heading.text,
    start: heading.range.start,
    level: heading.level,
    content: content.has(index),
    mayLeave: index < firstH1 && canLeave(heading),
    pinned: refused.has(lineName({ heading: index, block: -1 })) || heading.level > 6,
  }));
  for (const block of include) {
    const { text = "", range, heading = -1 } = page.blocks[block] ?? {};
    if (!range) continue;
    // A text that is styled as a heading begins one level below the heading that it stands under.
    const above = page.headings[heading]?.level ?? 1;
    const level = Math.min(6, above + 1);
    candidates.push({ heading: -1, block, text, start: range.start, level, content: true, mayLeave: true });
  }
  candidates.sort((a, b) => a.start - b.start);
  const { levels } = repairLevels(candidates, h1Outside);
  return candidates.map((one, i) => {
    const was = one.block >= 0 ? 0 : one.level;
    const is = levels[i] ?? was;
    return { heading: one.heading, block: one.block, text: one.text, was, is, edits: editsFor(page, one, was, is) };
  });
}

const canLeave = (heading: Heading) => heading.balanced && !heading.nested && heading.text !== "";

function editsFor(page: Page, { heading, block, text }: Candidate, was: number, is: number): Edit[] {
  if (was === is) return [];
  if (block >= 0) return [{ op: "make-heading", block: keyOf(page, "block", block), level: is, was: text }];
  const key = keyOf(page, "heading", heading);
  if (is === 0) return [{ op: "remove-heading", heading: key, was: text }];
  return [{ op: "set-heading-level", heading: key, level: is, was }];
}
