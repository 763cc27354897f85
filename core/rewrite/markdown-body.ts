import { originalFromText } from "../page/original.ts";
import { type ElementRange, languageOf, type Page, type Range, type TextBlock } from "../page/page.ts";
import { readPage } from "../page/read.ts";
import { editSource, insertedAlready } from "./body.ts";
import { type BodyEdit, cleanValue, type NewBlock, type NodeKey } from "./edits.ts";
import { inlineMarkdown } from "./inline-markdown.ts";
import { escapeMarkdown, lineEnding } from "./markdown.ts";
import type { Patch } from "./patch.ts";
import { findNode } from "./resolve.ts";
import type { BodyChange } from "./step.ts";
import { changeWords } from "./words-in-place.ts";

const NOT_HERE = "This can be done in HTML pages only. Edit the source instead: it is written as Markdown.";
const WITHIN = "This text stands within something larger, such as a quotation or a table. Edit the source instead.";
const OTHERWISE = "In Markdown these words would be read as something else here. Edit the source instead.";

type Planned = BodyChange | null | string;

/** How an edit of the body is carried out in Markdown; null where it is in place already, or a reason for refusing. */
export function planMarkdownBody(page: Page, edit: BodyEdit): Planned {
  switch (edit.op) {
    case "edit-source":
      return editSource(page, edit);
    case "set-block-text":
      return withNode(page, "block", edit.block, (index) => setText(page, index, edit));
    case "remove-block":
      return withBlock(page, edit.block, (block, index) => {
        const texts = textsOf(page).toSpliced(index, 1);
        return checked(page, { patches: [linesOf(page.source, block.element)] }, texts);
      });
    case "make-heading":
      return withBlock(page, edit.block, (block) => makeHeading(page, block, edit.level));
    case "move-block":
      return withBlock(page, edit.block, (block, from) =>
        withBlock(page, edit.to, (place, to) => moveBlock(page, { block, from, place, to, before: edit.before })),
      );
    case "insert-blocks":
      return withBlock(page, edit.at, (place, at) =>
        insertedAlready(page, edit) ? null : insertBlocks(page, place, at, edit),
      );
    case "set-alt":
      return withNode(page, "picture", edit.picture, (index) => setAlt(page, index, cleanValue(edit.value)));
    case "set-link-text":
      return withNode(page, "link", edit.link, (index) => {
        const link = page.links[index];
        if (!link) return null;
        const words = { ...inMarkdown(page), was: link.text, value: edit.value, what: "link" };
        const change = changeWords(inlineMarkdown(page, link.range), words);
        return checked(page, change, null, (read) => read.links[index]?.text === cleanValue(edit.value));
      });
    case "set-link-title":
      return withNode(page, "link", edit.link, (index) => setLinkTitle(page, index, cleanValue(edit.value)));
    default:
      return NOT_HERE;
  }
}

function withNode(
  page: Page,
  kind: "block" | "picture" | "link",
  key: NodeKey,
  run: (index: number) => Planned,
): Planned {
  const found = findNode(page, kind, key);
  return "reason" in found ? found.reason : run(found.index);
}

type ElementBlock = TextBlock & { element: ElementRange };

function withBlock(page: Page, key: NodeKey, run: (block: ElementBlock, index: number) => Planned): Planned {
  return withNode(page, "block", key, (index) => {
    const block = page.blocks[index];
    return block?.element ? run(block as ElementBlock, index) : WITHIN;
  });
}

const textsOf = (page: Page) => page.blocks.map(({ text }) => text);

/** A change that reads back as it was meant: in Markdown a word at the beginning of a line can make something else of it. */
function checked(
  page: Page,
  change: Planned,
  texts: readonly string[] | null,
  test?: (read: Page) => boolean,
): Planned {
  if (change === null || typeof change === "string") return change;
  let source = "";
  let at = 0;
  for (const { start, end, text } of [...change.patches].sort((a, b) => a.start - b.start)) {
    source += page.source.slice(at, start) + text;
    at = end;
  }
  const read = readPage(originalFromText(source + page.source.slice(at), "markdown"), { address: page.address });
  const now = textsOf(read);
  const same = texts === null || (now.length === texts.length && now.every((text, i) => text === texts[i]));
  return same && (test?.(read) ?? true) ? change : OTHERWISE;
}

const inMarkdown = (page: Page) => ({ language: languageOf(page), source: page.source, write: escapeMarkdown });

function setText(page: Page, index: number, { value, plain }: Extract<BodyEdit, { op: "set-block-text" }>): Planned {
  const block = page.blocks[index];
  const is = cleanValue(value);
  if (!block) return null;
  if (is === "") return "Text cannot be emptied here. Remove the block instead.";
  const words = { ...inMarkdown(page), was: block.text, value: is, what: "text", plain: plain ?? false };
  return checked(page, changeWords(inlineMarkdown(page, block.range), words), textsOf(page).with(index, is));
}

/** A block's whole lines, with the empty ones behind it, or before it where it is the last. */
function linesOf(source: string, { start, end }: Range): Patch {
  const from = source.lastIndexOf("\n", start - 1) + 1;
  const behind = /^[ \t]*(?:\r?\n|$)(?:[ \t]*\r?\n)*/.exec(source.slice(end))?.[0].length ?? 0;
  const last = end + behind === source.length;
  const before = last ? (/(?:\r?\n[ \t]*)+$/.exec(source.slice(0, from))?.[0].length ?? 0) : 0;
  const kept = before > 0 ? lineEnding(source) : "";
  return { start: from - before, end: end + behind, text: kept };
}

function makeHeading(page: Page, block: ElementBlock, level: number): Planned {
  if (!Number.isInteger(level) || level < 1 || level > 6) return "A heading level is 1 to 6.";
  if (/^h[1-6]$/.test(block.tag)) return "This is a heading already.";
  if (block.tag !== "p") return WITHIN;
  const { start, end } = block.range;
  const marks: Patch = { start, end: start, text: `${"#".repeat(level)} ` };
  // A heading is one line; a hash at its end would be taken for its closing mark (CommonMark 4.2).
  const lines = [...page.source.slice(start, end).matchAll(/[ \t]*(?:\\| {2,})?\r?\n[ \t]*/g)].map(
    ({ index, 0: line }): Patch => ({ start: start + index, end: start + index + line.length, text: " " }),
  );
  const change: BodyChange = { patches: [marks, ...lines], makes: [{ patch: marks, offset: 0 }] };
  return checked(page, change, textsOf(page), (read) => read.headings.length === page.headings.length + 1);
}

interface Move {
  block: ElementBlock;
  from: number;
  place: ElementBlock;
  to: number;
  before: boolean;
}

const isItem = ({ tag }: TextBlock) => tag === "li";

function moveBlock(page: Page, { block, from, place, to, before }: Move): Planned {
  if (from === to) return "A block cannot be moved to itself.";
  if (isItem(block) !== isItem(place)) return "List items can be moved among list items only.";
  if (block.text === place.text || page.blocks[to + (before ? -1 : 1)]?.text === block.text) return null;
  const { source } = page;
  const out = linesOf(source, block.element);
  const own = source.slice(source.lastIndexOf("\n", block.element.start - 1) + 1, block.element.end);
  const put = besides(source, place, before, own);
  if (put.start > out.start && put.start < out.end) return null;
  const texts = textsOf(page).toSpliced(from, 1);
  texts.splice(to + (before ? 0 : 1) - (from < to ? 1 : 0), 0, block.text);
  return checked(page, { patches: [out, put] }, texts);
}

/** New lines before or behind a block: list items line by line, all else with an empty line between. */
function besides(source: string, place: ElementBlock, before: boolean, text: string): Patch {
  const newline = lineEnding(source);
  const gap = isItem(place) ? newline : newline + newline;
  const { start, end } = place.element;
  const at = before ? source.lastIndexOf("\n", start - 1) + 1 : end;
  return { start: at, end: at, text: before ? text + gap : gap + text };
}

/** The mark before a list item, with its indentation. */
const markOf = (source: string, { element }: ElementBlock) =>
  /^[ \t]*(?:[-+*]|\d{1,9}[.)])[ \t]+/.exec(
    source.slice(source.lastIndexOf("\n", element.start - 1) + 1, element.end),
  )?.[0] ?? "- ";

function markdownOf({ tag, text, links = [] }: NewBlock, mark: string, newline: string): string {
  const words = escapeMarkdown(text);
  if (tag === "links")
    return links.map((link) => `- [${escapeMarkdown(link.text)}](${destination(link.href)})`).join(newline);
  if (tag === "li") return mark + words;
  return tag === "p" ? words : `${"#".repeat(Number(tag[1]))} ${words}`;
}

/** A link's destination; in angle brackets where it holds spaces or parentheses (CommonMark 6.3). */
const destination = (href: string) =>
  /[\s()<>]/.test(href) ? `<${href.replace(/[<>\n]/g, encodeURIComponent)}>` : href;

function insertBlocks(
  page: Page,
  place: ElementBlock,
  at: number,
  { blocks, before }: Extract<BodyEdit, { op: "insert-blocks" }>,
): Planned {
  const clean = blocks.map((block) => ({ ...block, text: cleanValue(block.text) }));
  if (clean.length === 0 || clean.some(({ tag, text }) => text === "" && tag !== "links"))
    return "New text cannot be empty.";
  if (clean.some(({ tag }) => (tag === "li") !== isItem(place)))
    return isItem(place)
      ? "Among list items only list items can be put."
      : "A list item can only stand among list items.";
  const { source } = page;
  const newline = lineEnding(source);
  const written = clean.map((block) => markdownOf(block, markOf(source, place), newline));
  const patch = besides(source, place, before, written.join(isItem(place) ? newline : newline + newline));
  const own = clean.flatMap(({ tag, text, links = [] }) =>
    tag === "links" ? links.map((link) => cleanValue(link.text)) : [text],
  );
  let from = 0;
  const makes = written.flatMap((one) => {
    const offset = patch.text.indexOf(one, from);
    from = offset + one.length;
    return one.startsWith("#") ? [{ patch, offset }] : [];
  });
  return checked(page, { patches: [patch], makes }, textsOf(page).toSpliced(at + (before ? 0 : 1), 0, ...own));
}

function setAlt(page: Page, index: number, value: string): Planned {
  const picture = page.images[index];
  if (!picture || picture.alt === value) return null;
  const { start, end } = picture.range;
  const source = page.source.slice(start, end);
  const text = /^!\[((?:\\.|\[[^\]]*\]|[^\]\\])*)\]/s.exec(source)?.[1];
  if (text === undefined) return WITHIN;
  const patch = { start: start + 2, end: start + 2 + text.length, text: escapeMarkdown(value) };
  return checked(page, { patches: [patch] }, null, (read) => read.images[index]?.alt === value);
}

function setLinkTitle(page: Page, index: number, value: string): Planned {
  const link = page.links[index];
  if (!link || (link.title ?? "") === value) return null;
  const { start, end } = link.range;
  const tail =
    /\]\((\s*(?:<[^>\n]*>|[^\s()]*))(?:\s+(?:"(?:\\.|[^"\\])*"|'(?:\\.|[^'\\])*'|\((?:\\.|[^()\\])*\)))?\s*\)$/s.exec(
      page.source.slice(start, end),
    );
  if (!tail) return "The hint of this link stands elsewhere in the file, or it has none. Edit the source instead.";
  const title = value === "" ? "" : ` "${value.replace(/["\\]/g, "\\$&")}"`;
  const patch = { start: start + tail.index, end, text: `](${tail[1]}${title})` };
  return checked(page, { patches: [patch] }, null, (read) => (read.links[index]?.title ?? "") === value);
}
