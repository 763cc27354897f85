import { type Original, originalFromText } from "../page/original.ts";
import type { Heading, Page } from "../page/page.ts";
import { readPage } from "../page/read.ts";
import { encodePatches } from "./bytes.ts";
import { type Edit, type Refusal, slotOf } from "./edits.ts";
import { inOrder, type Patch, patchText } from "./patch.ts";
import { patchesOf } from "./patches.ts";
import { planEdits } from "./plan.ts";
import type { Step } from "./step.ts";

export interface AppliedToPage {
  page: Page;
  refused: Refusal[];
}

export interface AppliedToSource {
  bytes: Uint8Array;
  refused: Refusal[];
  /** The replacements that were made, in offsets of the original's text. */
  patches: Patch[];
}

/**
 * Shape edits change the tree, so that the page is read again; value edits change the model at once. Headings that lie in
 * each other share their blocks, so that none of them can be changed by itself.
 */
const isShape = (page: Page, { change }: Step) =>
  !change.apply || (change.heading !== undefined && page.headings[change.heading]?.nested === true);

/** Pages after their shape edits, by the page as it was: a keystroke in the title does not parse again. */
const reshaped = new WeakMap<Page, { key: string; page: Page }>();

function reshape(page: Page, steps: readonly Step[]): Page {
  const key = JSON.stringify(steps.map((step) => step.edit));
  const known = reshaped.get(page);
  if (known?.key === key) return known.page;
  const patches = inOrder(patchesOf(page, steps));
  const source = patchText(page.source, patches);
  const original = { ...originalFromText(source, page.format), headers: page.headers };
  const read = { ...readPage(original, { address: page.address }), charset: page.charset };
  const gone = new Set(steps.flatMap(({ change }) => (change.removes ? (change.heading ?? []) : [])));
  const at = new Map(Array.from(read.headings, ({ range }, i) => [range.start, i]));
  const moved = placesAfter(patches);
  // Edits are bound to the original, so its keys stay with the headings.
  const keyed: Heading[] = [...read.headings];
  page.headings.forEach(({ range, key: original }, i) => {
    const now = gone.has(i) ? -1 : (at.get(moved(range.start)) ?? -1);
    const heading = read.headings[now];
    if (heading) keyed[now] = { ...heading, key: original };
  });
  for (const { edit, change } of steps) {
    for (const { patch, offset } of change.makes ?? []) {
      const now = at.get(startOf(patches, patch) + offset) ?? -1;
      const heading = read.headings[now];
      if (heading) keyed[now] = { ...heading, createdBy: slotOf(edit) };
    }
  }
  const fresh = { ...read, headings: keyed };
  reshaped.set(page, { key, page: fresh });
  return fresh;
}

/**
 * Where a place of the source lies after patches, which are in order: behind what is inserted exactly there, or before it.
 */
export function placesAfter(
  patches: readonly Patch[],
  inserted: "behind" | "before" = "behind",
): (place: number) => number {
  return (place) => {
    let now = place;
    for (const { start, end, text } of patches) {
      if (end > place || start > place || (inserted === "before" && start === place)) break;
      now += text.length - (end - start);
    }
    return now;
  };
}

/** Where the text of one of the patches begins after all of them. */
function startOf(patches: readonly Patch[], patch: Patch): number {
  let now = patch.start;
  for (const one of patches) {
    if (one === patch) break;
    now += one.text.length - (one.end - one.start);
  }
  return now;
}

/** One change of the shape may move or rename what the others change: then all of the body's are made in the source. */
function shapeSteps(page: Page, steps: readonly Step[]): readonly Step[] {
  if (!steps.some((step) => isShape(page, step))) return [];
  return steps.filter(({ change }) => !change.apply || change.heading !== undefined);
}

/** What a redraft patches in the source of the page that `applyToPage` gives back, in order; nothing for values alone. */
export function shapePatches(page: Page, edits: readonly Edit[]): readonly Patch[] {
  const { steps } = planEdits(page, edits);
  return inOrder(patchesOf(page, shapeSteps(page, steps)));
}

/** The page as the redraft leaves it. Nothing is parsed unless the redraft changes the page's shape. */
export function applyToPage(page: Page, edits: readonly Edit[]): AppliedToPage {
  if (edits.length === 0) return { page, refused: [] };
  const { steps, refused } = planEdits(page, edits);
  const shape = shapeSteps(page, steps);
  let result = shape.length > 0 ? reshape(page, shape) : page;
  for (const step of steps) if (!shape.includes(step)) result = step.change.apply?.(result) ?? result;
  return { page: result, refused };
}

/** The source as the redraft leaves it, as text; for reading it on screen. */
export function redraftedSource(original: Page, edits: readonly Edit[]): string {
  return patchText(original.source, patchesOf(original, planEdits(original, edits).steps));
}

/**
 * The original's bytes with the edits made: every byte outside the places that an edit names is unchanged, and characters
 * that the page's character set lacks are written as references. With no edits it is the original itself.
 */
export function applyToSource(
  original: Original,
  edits: readonly Edit[],
  options: { address: string; page?: Page },
): AppliedToSource {
  if (edits.length === 0) return { bytes: original.bytes, refused: [], patches: [] };
  const page = options.page ?? readPage(original, options);
  const { steps, refused } = planEdits(page, edits);
  const patches = inOrder(patchesOf(page, steps));
  return { bytes: encodePatches(original, page.source, patches), refused, patches };
}
