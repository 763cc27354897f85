import type { Page } from "../../page/page.ts";
import { type ElementBlock, isWhole, withNode } from "../at-node.ts";
import { carryNode, indexNow } from "../carry-node.ts";
import { cleanValue } from "../clean-value.ts";
import { notAllowedAt } from "../content-model.ts";
import { blocksAsHanded, linksAsHanded } from "../handing.ts";
import { shortened } from "../heading-edit.ts";
import { besides, markupOf, NEIGHBOURS, OPEN } from "../html-blocks.ts";
import { lineEnding } from "../markdown.ts";
import { checked, isItem, besides as linesBeside, markdownOf, markOf, textsOf, WITHIN } from "../markdown-blocks.ts";
import type { NewBlock } from "../new-block.ts";
import type { NodeKey } from "../node.ts";
import type { Patch } from "../patch.ts";
import { findNode, keyOf } from "../resolve.ts";
import { type Carried, type Carrying, type Operation, type Planned, patched, type Shape } from "./operation.ts";

/** New blocks before or behind one that is there. `id` tells several at one place apart. */
export interface InsertBlocks extends Shape {
  op: "insert-blocks";
  id: string;
  at: NodeKey;
  before: boolean;
  blocks: NewBlock[];
  was: null;
}

/** Texts of the blocks as they will be read. */
const textsIn = (blocks: readonly NewBlock[]) =>
  blocks.flatMap(({ tag, text, links = [] }) =>
    (tag === "links" ? links.map((link) => link.text) : [text]).map(cleanValue),
  );

/** Whether what is to be inserted stands there already, after the edit was made. */
function isThere(page: Page, { at, before, blocks }: InsertBlocks): boolean {
  const found = findNode(page, "block", { text: at.text, ...(at.nth && { nth: at.nth }), ...(at.of && { of: at.of }) });
  if ("reason" in found) return false;
  const own = textsIn(blocks);
  const from = before ? found.index - own.length : found.index + 1;
  return own.every((text, i) => page.blocks[from + i]?.text === text);
}

/** Why the blocks cannot stand beside a place; null where they can. */
function refusal(blocks: readonly NewBlock[], place: ElementBlock): string | null {
  if (blocks.every(({ tag }) => (tag === "li") === isItem(place))) return null;
  return isItem(place)
    ? "Among list items only list items can be put."
    : "A list item can only stand among list items.";
}

/** A patch that writes blocks, with where in it headings begin. */
function written(patch: Patch, texts: readonly string[], begins: RegExp) {
  let from = 0;
  const makes = texts.flatMap((one) => {
    const offset = patch.text.indexOf(one, from);
    from = offset + one.length;
    return begins.test(one) ? [{ patch, offset }] : [];
  });
  return { patches: [patch], makes };
}

function inHtml(page: Page, edit: InsertBlocks, blocks: readonly NewBlock[], place: ElementBlock): Planned {
  const wrong = refusal(blocks, place);
  if (wrong) return wrong;
  if (!NEIGHBOURS.has(place.tag))
    return `Nothing can be put beside a ${place.tag} element here. Choose a paragraph, heading or list item.`;
  if (isThere(page, edit)) return null;
  const html = blocks.map(markupOf);
  const tags = blocks.map(({ tag }) => (tag === "links" ? "ul" : tag));
  const notAllowed = notAllowedAt(page, place.element.start, tags, html.join(""));
  if (notAllowed) return notAllowed;
  return patched(written(besides(page.source, place.element, edit.before, html), html, /^<h[1-6]>/));
}

function inMarkdown(
  page: Page,
  edit: InsertBlocks,
  blocks: readonly NewBlock[],
  place: ElementBlock,
  at: number,
): Planned {
  if (isThere(page, edit)) return null;
  const wrong = refusal(blocks, place);
  if (wrong) return wrong;
  const { source } = page;
  const newline = lineEnding(source);
  const texts = blocks.map((block) => markdownOf(block, markOf(source, place), newline));
  const patch = linesBeside(source, place, edit.before, texts.join(isItem(place) ? newline : newline + newline));
  const after = textsOf(page).toSpliced(at + (edit.before ? 0 : 1), 0, ...textsIn(blocks));
  return patched(checked(page, written(patch, texts, /^#/), after));
}

const plan =
  (run: typeof inMarkdown, not: string) =>
  (page: Page, edit: InsertBlocks): Planned => {
    const blocks = edit.blocks.map((block) => ({ ...block, text: cleanValue(block.text) }));
    if (blocks.length === 0 || blocks.some(({ tag, text }) => text === "" && tag !== "links"))
      return "New text cannot be empty.";
    return withNode(page, "block", edit.at, (index): Planned => {
      const place = page.blocks[index];
      return isWhole(place) ? run(page, edit, blocks, place, index) : not;
    });
  };

/** Added text whose neighbour has changed goes beside the next one that is still there. */
function elsewhere(edit: InsertBlocks, { page, handing, plan }: Carrying<InsertBlocks>): Carried<InsertBlocks> | null {
  const before = handing?.before;
  const found = before && findNode(before, "block", edit.at);
  if (!before || !found || "reason" in found) return null;
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
      const mine: InsertBlocks = { ...edit, at: keyOf(page, "block", now), before: isBefore };
      const planned = plan(mine);
      if (planned === null || typeof planned === "string") continue;
      const reason = `The text beside it has changed on the site. It would stand ${isBefore ? "before" : "behind"} “${shortened(block.text)}”.`;
      return { conflict: { now: null, reason, mine } };
    }
  }
  return null;
}

const nodes = ({ at }: InsertBlocks) => [{ kind: "block" as const, key: at }];

export const insertBlocks: Operation<InsertBlocks> = {
  called: "text added",
  schema: ({ joi, id, key, text, value, nothing }) => ({
    id,
    at: key.required(),
    before: joi.boolean().required(),
    blocks: joi
      .array()
      .items(
        joi.object({
          tag: joi.valid("p", "li", "h1", "h2", "h3", "h4", "h5", "h6", "links").required(),
          text: value,
          links: joi.array().items(joi.object({ href: text.required(), text: text.required() })),
        }),
      )
      .min(1)
      .required(),
    was: nothing,
  }),
  nodes,
  is: ({ blocks }) =>
    blocks.map(({ text, links = [] }) => [text, ...links.map((link) => link.text)].join(" ").trim()).join("\n"),
  plan: { html: plan(inHtml, OPEN), markdown: plan(inMarkdown, WITHIN) },
  standing: () => null,
  carry: (edit, carrying) => carryNode(edit, { nodes, standing: () => null, elsewhere }, carrying),
  takenOver: ({ blocks }, now, handing) =>
    blocks.every(({ text, tag, links = [] }) =>
      tag === "links"
        ? links.every((link) => linksAsHanded(now, handing, (one) => one.href === link.href && one.text === link.text))
        : blocksAsHanded(now, handing, text),
    ),
  sample: (page, { fc, ofEach }) =>
    ofEach(page.blocks, (i) =>
      fc.tuple(fc.boolean(), fc.constantFrom("p" as const, "li" as const, "h2" as const)).map(
        ([before, tag]): InsertBlocks => ({
          op: "insert-blocks",
          id: "q",
          at: keyOf(page, "block", i),
          before,
          blocks: [{ tag, text: "Is it <open>?" }],
          was: null,
        }),
      ),
    ),
};
