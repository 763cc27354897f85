import { originalFromText } from "../page/original.ts";
import type { Page, Range, TextBlock } from "../page/page.ts";
import { readPage } from "../page/read.ts";
import type { ElementBlock } from "./at-node.ts";
import { escapeMarkdown, lineEnding } from "./markdown.ts";
import type { NewBlock } from "./new-block.ts";
import { type Patch, patchText } from "./patch.ts";

export const WITHIN =
  "This text stands within something larger, such as a quotation or a table. Edit the source instead.";
const OTHERWISE = "In Markdown these words would be read as something else here. Edit the source instead.";

export const textsOf = (page: Page): string[] => page.blocks.map(({ text }) => text);

/** A change that reads back as it was meant: in Markdown a word at the beginning of a line can make something else of it. */
export function checked<C extends { patches: Patch[] }>(
  page: Page,
  change: C | null | string,
  texts: readonly string[] | null,
  test?: (read: Page) => boolean,
): C | null | string {
  if (change === null || typeof change === "string") return change;
  const source = patchText(page.source, change.patches);
  const read = readPage(originalFromText(source, "markdown"), { address: page.address });
  const now = textsOf(read);
  const same = texts === null || (now.length === texts.length && now.every((text, i) => text === texts[i]));
  return same && (test?.(read) ?? true) ? change : OTHERWISE;
}

/** A block's whole lines, with the empty ones behind it, or before it where it is the last. */
export function linesOf(source: string, { start, end }: Range): Patch {
  const from = source.lastIndexOf("\n", start - 1) + 1;
  const behind = /^[ \t]*(?:\r?\n|$)(?:[ \t]*\r?\n)*/.exec(source.slice(end))?.[0].length ?? 0;
  const last = end + behind === source.length;
  const before = last ? (/(?:\r?\n[ \t]*)+$/.exec(source.slice(0, from))?.[0].length ?? 0) : 0;
  const kept = before > 0 ? lineEnding(source) : "";
  return { start: from - before, end: end + behind, text: kept };
}

export const isItem = ({ tag }: TextBlock) => tag === "li";

/** New lines before or behind a block: list items line by line, all else with an empty line between. */
export function besides(source: string, place: ElementBlock, before: boolean, text: string): Patch {
  const newline = lineEnding(source);
  const gap = isItem(place) ? newline : newline + newline;
  const { start, end } = place.element;
  const at = before ? source.lastIndexOf("\n", start - 1) + 1 : end;
  return { start: at, end: at, text: before ? text + gap : gap + text };
}

/** The mark before a list item, with its indentation. */
export const markOf = (source: string, { element }: ElementBlock) =>
  /^[ \t]*(?:[-+*]|\d{1,9}[.)])[ \t]+/.exec(
    source.slice(source.lastIndexOf("\n", element.start - 1) + 1, element.end),
  )?.[0] ?? "- ";

/** A new block as Markdown. */
export function markdownOf({ tag, text, links = [] }: NewBlock, mark: string, newline: string): string {
  const words = escapeMarkdown(text);
  if (tag === "links")
    return links.map((link) => `- [${escapeMarkdown(link.text)}](${destination(link.href)})`).join(newline);
  if (tag === "li") return mark + words;
  return tag === "p" ? words : `${"#".repeat(Number(tag[1]))} ${words}`;
}

/** A link's destination; in angle brackets where it holds spaces or parentheses (CommonMark 6.3). */
export const destination = (href: string): string =>
  /[\s()<>]/.test(href) ? `<${href.replace(/[<>\n]/g, encodeURIComponent)}>` : href;

/** A link's end in the source: its destination and its hint; null where they stand elsewhere in the file. */
export function linkTail(link: string): { index: number; to: string; hint: string } | null {
  const tail =
    /\]\((\s*(?:<[^>\n]*>|[^\s()]*))(\s+(?:"(?:\\.|[^"\\])*"|'(?:\\.|[^'\\])*'|\((?:\\.|[^()\\])*\)))?\s*\)$/s.exec(
      link,
    );
  return tail && { index: tail.index, to: tail[1] ?? "", hint: tail[2] ?? "" };
}
