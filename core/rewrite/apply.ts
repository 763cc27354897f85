import { withSlug } from "../address/slug.ts";
import { textOfParts } from "../page/name.ts";
import { type Original, originalFromText } from "../page/original.ts";
import { collapse, type Heading, type HeadingPart, type Page, type Range, type TextBlock } from "../page/page.ts";
import { readPage } from "../page/read.ts";
import { encodePatches } from "./bytes.ts";
import { type Edit, type Refusal, slotOf } from "./edits.ts";
import { inOrder, type Patch, patchText } from "./patch.ts";
import { patchesOf } from "./patches.ts";
import { planEdits, replaceTrimmed } from "./plan.ts";
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
const isShape = (page: Page, step: Step) =>
  step.op === "patch" ||
  step.op === "remove-heading" ||
  (step.op === "set-heading-text" && (step.part < 0 || step.partText === "")) ||
  ("index" in step && page.headings[step.index]?.nested === true);

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
  const gone = new Set(steps.flatMap((step) => (step.op === "remove-heading" ? [step.index] : [])));
  const at = new Map(Array.from(read.headings, ({ range }, i) => [range.start, i]));
  const moved = placesAfter(patches);
  // Edits are bound to the original, so its keys stay with the headings.
  const keyed: Heading[] = [...read.headings];
  page.headings.forEach(({ range, key: original }, i) => {
    const now = gone.has(i) ? -1 : (at.get(moved(range.start)) ?? -1);
    const heading = read.headings[now];
    if (heading) keyed[now] = { ...heading, key: original };
  });
  for (const step of steps) {
    if (step.op !== "patch") continue;
    for (const { patch, offset } of step.change.makes ?? []) {
      const now = at.get(startOf(patches, patch) + offset) ?? -1;
      const heading = read.headings[now];
      if (heading) keyed[now] = { ...heading, createdBy: slotOf(step.edit) };
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
  return steps.filter((step) => step.op === "patch" || "index" in step);
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
  for (const step of steps) if (!shape.includes(step)) result = applyStep(result, step);
  return { page: result, refused };
}

function applyStep(page: Page, step: Step): Page {
  switch (step.op) {
    case "set-title": {
      const [first, ...rest] = page.titles;
      const title = first ? { ...first, text: step.value } : { text: step.value, where: "head" as const, range: null };
      return { ...page, titles: [title, ...rest] };
    }
    case "set-description": {
      const at = page.metas.findIndex((meta) => meta.name === "description");
      const meta = page.metas[at] ?? {
        name: "description",
        property: null,
        httpEquiv: null,
        charset: null,
        where: "head" as const,
        range: null,
      };
      const set = { ...meta, content: step.value };
      return { ...page, metas: at < 0 ? [...page.metas, set] : page.metas.with(at, set) };
    }
    case "set-canonical": {
      const at = page.headLinks.findIndex((link) => link.rel.includes("canonical"));
      const link = page.headLinks[at] ?? { rel: ["canonical"], hreflang: null, where: "head" as const, range: null };
      const set = { ...link, href: step.value };
      return { ...page, headLinks: at < 0 ? [...page.headLinks, set] : page.headLinks.with(at, set) };
    }
    case "set-slug":
      return { ...page, address: withSlug(page.address, step.value) };
    case "remove-heading":
    case "patch":
      return page;
    default:
      return changeHeading(page, step);
  }
}

function changeHeading(page: Page, step: Extract<Step, { op: "set-heading-level" | "set-heading-text" }>): Page {
  const heading = page.headings[step.index];
  if (!heading) return page;
  if (step.op === "set-heading-level") {
    const set: Heading = { ...heading, level: step.level };
    if (heading.levelFrom === "default") set.levelFrom = "aria-level";
    if (heading.levelFrom === "tag") set.tag = `h${step.level}`;
    const block = page.blocks[heading.block];
    const blocks =
      block?.tag === heading.tag ? page.blocks.with(heading.block, { ...block, tag: set.tag }) : page.blocks;
    return { ...page, headings: page.headings.with(step.index, set), blocks };
  }
  const part = heading.parts[step.part];
  if (!part) return page;
  const parts = heading.parts.with(step.part, { ...part, text: replaceTrimmed(part.text, step.partText) });
  const headings = page.headings.with(step.index, { ...heading, parts, text: textOfParts(parts) });
  return {
    ...page,
    headings,
    blocks: changeBlock(page.blocks, heading, parts, part),
    links: changeNamed(page.links, "text", part, step.partText),
    controls: changeNamed(page.controls, "name", part, step.partText),
  };
}

/** Links and controls that hold a changed part of a heading, in it or around it, and are named by their words. */
function changeNamed<K extends string, T extends { range: Range } & Record<K, string>>(
  all: T[],
  field: K,
  part: HeadingPart,
  text: string,
): T[] {
  const holds = ({ range }: T) => range.start <= part.range.start && range.end >= part.range.end;
  if (!all.some(holds)) return all;
  const before = collapse(part.text);
  return all.map((one) => (holds(one) ? { ...one, [field]: one[field].replace(before, () => text) } : one));
}

/** The text block that shows a changed part of a heading. */
function changeBlock(blocks: TextBlock[], heading: Heading, parts: HeadingPart[], part: HeadingPart): TextBlock[] {
  const at = blocks.findIndex(
    (b, i) => i >= heading.block && b.range.start <= part.range.start && b.range.end >= part.range.end,
  );
  const block = blocks[at];
  if (!block || heading.block < 0) return blocks;
  const shown = (list: HeadingPart[]) =>
    textOfParts(
      list.filter(
        (p) =>
          p.kind === "break" ||
          (p.kind === "text" && p.range.start >= block.range.start && p.range.end <= block.range.end),
      ),
    );
  const before = part.text.trim();
  const after = parts[heading.parts.indexOf(part)]?.text.trim() ?? "";
  const text = shown(heading.parts) === block.text ? shown(parts) : block.text.replace(before, () => after);
  return blocks.with(at, { ...block, text });
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
