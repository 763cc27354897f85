import { type ElementRange, languageOf, type Page, type TextBlock } from "../page/page.ts";
import { type BodyEdit, cleanValue, type NewBlock } from "./edits.ts";
import { inlineHtml, withTagsBeside } from "./inline-html.ts";
import { indentBefore, lineEndingNear } from "./insert.ts";
import { escapeText, removeAttribute, renameTags, setAttribute, wholeLine } from "./markup.ts";
import { mergeHeadings } from "./merge.ts";
import type { Patch } from "./patch.ts";
import { findNode } from "./resolve.ts";
import type { BodyChange } from "./step.ts";
import { changeWords } from "./words-in-place.ts";

const OPEN =
  "The element around this text is not closed in the source, or holds other blocks too. Close it there, then bring the page in again.";

/** How an edit of the body is carried out in HTML; null where it is in place already, or a reason for refusing. */
export function planBody(page: Page, edit: BodyEdit): BodyChange | null | string {
  switch (edit.op) {
    case "make-heading":
      return makeHeading(page, edit);
    case "merge-headings":
      return mergeHeadings(page, edit);
    case "set-heading-id":
      return withNode(page, "heading", edit.heading, (index) => {
        const heading = page.headings[index];
        const value = edit.value.trim();
        if (!heading || !/^\S+$/.test(value)) return "An id is one word without spaces.";
        if (heading.id === value) return null;
        if (page.ids.some(({ id }) => id === value)) return `The id “${value}” is on the page already.`;
        return { patches: [setAttribute(page.source, heading.range, "id", value)] };
      });
    case "set-block-text":
      return withNode(page, "block", edit.block, (index) => setBlockText(page, index, edit));
    case "remove-block":
      return withBlock(page, edit.block, ({ element }) => ({
        patches: [wholeLine(page.source, element.start, element.end)],
      }));
    case "move-block":
      return moveBlock(page, edit);
    case "insert-blocks":
      return insertBlocks(page, edit);
    case "edit-source":
      return editSource(page, edit);
    case "set-alt":
      return withNode(page, "picture", edit.picture, (index) => {
        const picture = page.images[index];
        const value = cleanValue(edit.value);
        if (!picture || picture.alt === value) return null;
        return { patches: [setAttribute(page.source, picture.range, "alt", value)] };
      });
    case "set-link-title":
      return withNode(page, "link", edit.link, (index) => {
        const link = page.links[index];
        const value = cleanValue(edit.value);
        if (!link || (link.title ?? "") === value) return null;
        const { source } = page;
        const patches =
          value === ""
            ? removeAttribute(source, link.range, "title")
            : [setAttribute(source, link.range, "title", value)];
        return { patches };
      });
    case "set-link-text":
      return withNode(page, "link", edit.link, (index) => {
        const link = page.links[index];
        if (!link) return null;
        if (link.range.endStart < 0) return "This link has no end tag in the source. Close it there first.";
        const range = { start: link.range.startEnd, end: link.range.endStart };
        return changeWords(inlineHtml(page, range), {
          ...inHtml(page),
          was: link.text,
          value: edit.value,
          what: "link",
        });
      });
  }
}

type Found<T> = (index: number) => T;

function withNode<T>(
  page: Page,
  kind: "heading" | "block" | "picture" | "link",
  key: BodyKey,
  run: Found<T>,
): T | string {
  const found = findNode(page, kind, key);
  return "reason" in found ? found.reason : run(found.index);
}
type BodyKey = Parameters<typeof findNode>[2];

type ElementBlock = TextBlock & { element: ElementRange };

function withBlock<T>(page: Page, key: BodyKey, run: (block: ElementBlock) => T): T | string {
  return withNode<T | string>(page, "block", key, (index) => {
    const block = page.blocks[index];
    return block?.element ? run(block as ElementBlock) : OPEN;
  });
}

const TAGS_TO_HEADINGS = new Set([
  "p",
  "div",
  "dt",
  "li",
  "td",
  "th",
  "blockquote",
  "caption",
  "figcaption",
  "summary",
]);

function makeHeading(
  page: Page,
  { block: key, level }: Extract<BodyEdit, { op: "make-heading" }>,
): BodyChange | null | string {
  if (!Number.isInteger(level) || level < 1 || level > 6) return "A heading level is 1 to 6.";
  return withBlock(page, key, ({ element, tag }) => {
    const around = page.headings.find(({ range }) => range.start <= element.start && range.end >= element.end);
    if (around) return around.level === level ? null : "This is a heading already.";
    if (!TAGS_TO_HEADINGS.has(tag)) return `A ${tag} element cannot become a heading here. Change it in the source.`;
    const { source } = page;
    if (tag === "p" || tag === "div") {
      const patches = renameTags(source, element, `h${level}`);
      const [first] = patches;
      return { patches, ...(first && { makes: [{ patch: first, offset: -1 }] }) };
    }
    // In a list item or a cell the heading stands inside, so that list and table stay what they are.
    const open: Patch = { start: element.startEnd, end: element.startEnd, text: `<h${level}>` };
    const close: Patch = { start: element.endStart, end: element.endStart, text: `</h${level}>` };
    return { patches: [open, close], makes: [{ patch: open, offset: 0 }] };
  });
}

const inHtml = (page: Page) => ({ language: languageOf(page), source: page.source, write: escapeText });

function setBlockText(
  page: Page,
  index: number,
  { value, plain }: Extract<BodyEdit, { op: "set-block-text" }>,
): BodyChange | null | string {
  const block = page.blocks[index];
  if (!block) return null;
  const text = cleanValue(value);
  if (text === "") return "Text cannot be emptied here. Remove the block instead.";
  const { element } = block;
  const range = element ? { start: element.startEnd, end: element.endStart } : withTagsBeside(page, block.range);
  return changeWords(inlineHtml(page, range), {
    ...inHtml(page),
    was: block.text,
    value: text,
    what: "text",
    plain: plain ?? false,
  });
}

/** Where a text stands in the source; -1 for nowhere, -2 for several places. */
function onlyPlace(source: string, text: string): number {
  const at = source.indexOf(text);
  return at >= 0 && source.indexOf(text, at + 1) >= 0 ? -2 : at;
}

export function editSource(
  { source }: Page,
  { before, after, was, value }: Extract<BodyEdit, { op: "edit-source" }>,
): BodyChange | null | string {
  if (/charset/i.test(was + value))
    return "The character set cannot be changed here: the bytes would stay in the old one. Save the page in the new one, then bring it in again.";
  const at = onlyPlace(source, before + was + after);
  if (at === -2) return "That place stands in the source more than once. Change the source again.";
  if (at === -1) {
    const made = onlyPlace(source, before + value + after) !== -1;
    return made ? null : "The source is not as it was when this was changed. Change it again.";
  }
  const start = at + before.length;
  return { patches: [{ start, end: start + was.length, text: value }] };
}

function moveBlock(
  page: Page,
  { block, to, before }: Extract<BodyEdit, { op: "move-block" }>,
): BodyChange | null | string {
  return withBlock(page, block, (moved) =>
    withBlock(page, to, (place) => {
      const { source } = page;
      if (moved.element.start === place.element.start) return "A block cannot be moved to itself.";
      // Where equal words stand beside the place already nothing would change for a reader.
      const beside = page.blocks[page.blocks.indexOf(place) + (before ? -1 : 1)];
      if (moved.text === place.text || moved.text === beside?.text) return null;
      if (!NEIGHBOURS.has(moved.tag) || !NEIGHBOURS.has(place.tag))
        return "Only paragraphs, headings and list items can be moved here.";
      if ((moved.tag === "li") !== (place.tag === "li")) return "List items can be moved among list items only.";
      const out = wholeLine(source, moved.element.start, moved.element.end);
      const html = source.slice(moved.element.start, moved.element.end);
      const put = besides(source, place.element, before, [html]);
      if (put.start > out.start && put.start < out.end) return null;
      return { patches: [out, put] };
    }),
  );
}

const BLOCK_MARKUP: Record<"p" | "li", (text: string) => string> = {
  p: (text) => `<p>${escapeText(text)}</p>`,
  li: (text) => `<li>${escapeText(text)}</li>`,
};

function markupOf({ tag, text, links = [] }: NewBlock): string {
  if (tag === "links") {
    const items = links.map(
      ({ href, text: words }) =>
        `<li><a href="${href.replaceAll("&", "&amp;").replaceAll('"', "&quot;")}">${escapeText(words)}</a></li>`,
    );
    return `<ul>${items.join("")}</ul>`;
  }
  if (tag === "p" || tag === "li") return BLOCK_MARKUP[tag](text);
  return `<${tag}>${escapeText(text)}</${tag}>`;
}

/** New elements before or behind one, each on a line of its own where that one has its own. */
function besides(source: string, { start, end }: ElementRange, before: boolean, html: readonly string[]): Patch {
  const indent = indentBefore(source, start);
  const line = indent === null ? "" : lineEndingNear(source, start) + indent;
  const at = before ? start : end;
  const text = html.map((one) => (before ? one + line : line + one)).join("");
  return { start: at, end: at, text };
}

/** Elements beside which a paragraph may stand. */
export const STANDS_BESIDE: ReadonlySet<string> = new Set("address blockquote div h1 h2 h3 h4 h5 h6 p pre".split(" "));

const NEIGHBOURS: ReadonlySet<string> = new Set([...STANDS_BESIDE, "li"]);

function insertBlocks(page: Page, edit: Extract<BodyEdit, { op: "insert-blocks" }>): BodyChange | null | string {
  const blocks = edit.blocks.map((block) => ({ ...block, text: cleanValue(block.text) }));
  if (blocks.length === 0 || blocks.some(({ tag, text }) => text === "" && tag !== "links"))
    return "New text cannot be empty.";
  return withBlock(page, edit.at, ({ element, tag }) => {
    if (blocks.some((block) => (block.tag === "li") !== (tag === "li")))
      return tag === "li"
        ? "Among list items only list items can be put."
        : "A list item can only stand among list items.";
    if (!NEIGHBOURS.has(tag))
      return `Nothing can be put beside a ${tag} element here. Choose a paragraph, heading or list item.`;
    if (insertedAlready(page, edit)) return null;
    const html = blocks.map(markupOf);
    const patch = besides(page.source, element, edit.before, html);
    let from = 0;
    const makes = html.flatMap((one) => {
      const offset = patch.text.indexOf(one, from);
      from = offset + one.length;
      return /^<h[1-6]>/.test(one) ? [{ patch, offset }] : [];
    });
    return { patches: [patch], makes };
  });
}

/** Whether what is to be inserted stands there already, after the edit was made. */
export function insertedAlready(
  page: Page,
  { at, before, blocks }: Extract<BodyEdit, { op: "insert-blocks" }>,
): boolean {
  const found = findNode(page, "block", { text: at.text, ...(at.nth && { nth: at.nth }), ...(at.of && { of: at.of }) });
  if ("reason" in found) return false;
  const own = blocks.flatMap(({ tag, text, links = [] }) =>
    tag === "links" ? links.map((link) => link.text) : [text],
  );
  const from = before ? found.index - own.length : found.index + 1;
  return own.every((text, i) => page.blocks[from + i]?.text === cleanValue(text));
}
