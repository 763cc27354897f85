import type { Page, TextBlock } from "../page/page.ts";
import { isWhole } from "./at-node.ts";
import { cleanValue } from "./clean-value.ts";
import type { InlineElement } from "./inline.ts";
import { inlineHtml, withTagsBeside } from "./inline-html.ts";
import { inlineMarkdown } from "./inline-markdown.ts";

/** Markup around words: an element of the block, or one that is to be made. */
export interface Mark {
  /** Which of the block's elements it is, in the order of the source; null for a new one. */
  of: number | null;
  /** `link`, `emphasis`, `strong` and `code` in whatever format, else as the source names it. */
  name: string;
  /** Where a link leads, as it is written; null for all else. */
  href: string | null;
}

/** Words with the markup around them, or something that stands among the words. */
export type Piece = { marks: readonly Mark[] } & (
  | { text: string }
  | {
      /** Which of the block's things it is, in the order of the source; null for a new line break. */
      of: number | null;
      /** `break`, `picture`, or as the source names it. */
      name: string;
      /** What is known of it: a picture's alternative text, a bare address. */
      label: string;
    }
);

export const isText = (piece: Piece): piece is Piece & { text: string } => "text" in piece;

/** One part of a block's source. Between one and the next stands what no reader is told: white space, comments. */
export type Token = { start: number; end: number } & (
  | { kind: "character"; text: string }
  | { kind: "thing"; of: number }
  | { kind: "open"; of: number }
  | { kind: "close"; of: number }
);

/** A block's source as tokens, in order; elements and things as tokens and pieces number them. */
export interface Inside {
  /** All of the block's source within its own tags. */
  start: number;
  end: number;
  tokens: readonly Token[];
  elements: readonly InlineElement[];
  things: readonly { name: string; label: string }[];
}

const NAMES: Record<string, string> = { em: "emphasis", i: "emphasis", bold: "strong", b: "strong" };
/** What the markup around words is called, whatever format it is written in. */
export const markName = (name: string): string => NAMES[name] ?? name;

const UNBALANCED = "Elements that begin in this text end outside it, or the other way round. Mend the source first.";

/** Where a block's words stand in the source, with the tags that belong to them. */
export function insideOf(page: Page, block: TextBlock): { start: number; end: number } {
  if (page.format !== "html") return block.range;
  if (isWhole(block)) return { start: block.element.startEnd, end: block.element.endStart };
  const { start, end } = withTagsBeside(page, block.range);
  const written = page.source.slice(start, end);
  return { start: end - written.trimStart().length, end: start + written.trimEnd().length };
}

/** The inline markup of a stretch of source as a tree; null where tags in it belong to others outside. */
export const inlineOf = (page: Page, range: { start: number; end: number }): InlineElement | null =>
  page.format === "markdown" ? inlineMarkdown(page, range) : inlineHtml(page, range);

/** A stretch of source as tokens; a sentence where tags in it belong to others outside. */
export function readInside(page: Page, range: { start: number; end: number }): Inside | string {
  const root = inlineOf(page, range);
  if (!root) return UNBALANCED;
  const tokens: Token[] = [];
  const elements: InlineElement[] = [];
  const things: { name: string; label: string }[] = [];
  const thing = (start: number, end: number, name: string, label = "") => {
    if (name === "break") dropSpace();
    tokens.push({ kind: "thing", of: things.length, start, end });
    things.push({ name, label });
  };
  /** Of white space the first is read, and none at the beginning, the end, or beside a line break. */
  const lastRead = () => tokens.findLast(({ kind }) => kind === "character" || kind === "thing");
  const dropSpace = () => {
    const last = lastRead();
    if (last?.kind === "character" && last.text === " ") tokens.splice(tokens.lastIndexOf(last), 1);
  };
  const character = (text: string, start: number, end: number) => {
    const last = lastRead();
    if (/^[\t\n\f\r ]$/.test(text)) {
      const read = last?.kind === "character" ? last.text !== " " : last && things[last.of]?.name !== "break";
      if (read) tokens.push({ kind: "character", text: " ", start, end });
      return;
    }
    const low = /^[\uDC00-\uDFFF]$/.test(text);
    if (low && last?.kind === "character" && last === tokens.at(-1) && /^[\uD800-\uDBFF]$/.test(last.text))
      tokens[tokens.length - 1] = { ...last, text: last.text + text, end };
    else tokens.push({ kind: "character", text, start, end });
  };
  const walk = (parent: InlineElement) => {
    for (const node of parent.children) {
      if (node.kind === "text") for (const { text, start, end } of node.characters) character(text, start, end);
      else if (node.kind === "atom") {
        const name = nameOf(page, node.start, node.end);
        // A comment is told to nobody; in Markdown a tag is all that is known of an element.
        if (node.counts || node.text !== "" || page.format === "markdown")
          thing(node.start, node.end, name, altOf(page, node.start));
      } else if (isBare(page, node))
        thing(node.start, node.end, "address", page.source.slice(node.startEnd, node.endStart));
      else {
        const [of, before] = [elements.length, lastRead()];
        elements.push(node);
        tokens.push({ kind: "open", of, start: node.start, end: node.startEnd });
        walk(node);
        if (lastRead() !== before) tokens.push({ kind: "close", of, start: node.endStart, end: node.end });
        else {
          // An icon, or a place that is led to: it holds nothing that could be edited.
          tokens.splice(tokens.findLastIndex((one) => one.kind === "open" && one.of === of));
          thing(node.start, node.end, node.name === "link" ? "anchor" : node.name);
        }
      }
    }
  };
  walk(root);
  dropSpace();
  return { ...range, tokens, elements, things };
}

/** An address that stands for itself as a link (CommonMark 6.5): it has no words of its own. */
const isBare = ({ format, source }: Page, { name, start }: InlineElement) =>
  format === "markdown" && name === "link" && source[start] !== "[";

function nameOf(page: Page, start: number, end: number): string {
  const written = page.source.slice(start, end);
  const tag = /^<\/?([a-z][\w-]*)/i.exec(written)?.[1]?.toLowerCase();
  if (tag === "br") return "break";
  if (tag === "img" || tag === "picture" || tag === "svg" || written.startsWith("![")) return "picture";
  return tag ?? (page.format === "markdown" ? "break" : "comment");
}

const places = new WeakMap<object, ReadonlyMap<number, unknown>>();

/** The node of a list that begins at a place of the source. */
function nodeAt<N extends { range: { start: number } }>(nodes: readonly N[], start: number): N | undefined {
  let byPlace = places.get(nodes);
  if (!byPlace) {
    byPlace = new Map(nodes.map((node) => [node.range.start, node]));
    places.set(nodes, byPlace);
  }
  return byPlace.get(start) as N | undefined;
}

const altOf = (page: Page, start: number) => nodeAt(page.images, start)?.alt ?? "";

/** Where an element's link leads; null where it is none. */
export const hrefOf = (page: Page, { name, start }: InlineElement): string | null =>
  name === "link" ? (nodeAt(page.links, start)?.href ?? null) : null;

/** What stands in a block as a person edits it; a sentence where it cannot be edited so. */
export function contentOf(page: Page, index: number): Piece[] | string {
  const block = page.blocks[index];
  if (!block) return "This text is not there any more.";
  if (block.tag === "pre") return "Here every space and line counts. Edit the source instead.";
  const inside = readInside(page, insideOf(page, block));
  return typeof inside === "string" ? inside : piecesOf(page, inside);
}

/** The pieces of a block's tokens. */
export function piecesOf(page: Page, { tokens, elements, things }: Inside): Piece[] {
  const marks = elements.map((element, of): Mark => {
    const href = hrefOf(page, element);
    // An `a` element that leads nowhere is an anchor.
    return { of, name: element.name === "link" && href === null ? "anchor" : markName(element.name), href };
  });
  const pieces: Piece[] = [];
  let around: readonly Mark[] = [];
  for (const token of tokens) {
    if (token.kind === "open") around = [...around, marks[token.of] as Mark];
    else if (token.kind === "close") around = around.slice(0, -1);
    else if (token.kind === "thing")
      pieces.push({ of: token.of, ...(things[token.of] as Inside["things"][number]), marks: around });
    else {
      const last = pieces.at(-1);
      if (last && isText(last) && last.marks === around) last.text += token.text;
      else pieces.push({ text: token.text, marks: around });
    }
  }
  return pieces;
}

/** The words of pieces as a page is read: a line break parts words, and other things do not. */
export const wordsOf = (pieces: readonly Piece[]): string =>
  cleanValue(pieces.map((piece) => (isText(piece) ? piece.text : piece.name === "break" ? " " : "")).join(""));
