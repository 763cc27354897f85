import type { ElementRange } from "../page/page.ts";
import { indentBefore, lineEndingNear } from "./insert.ts";
import { escapeText } from "./markup.ts";
import type { NewBlock } from "./new-block.ts";
import type { Patch } from "./patch.ts";

export const OPEN =
  "The element around this text is not closed in the source, or holds other blocks too. Close it there, then bring the page in again.";

/** Elements beside which a paragraph may stand. */
export const STANDS_BESIDE: ReadonlySet<string> = new Set("address blockquote div h1 h2 h3 h4 h5 h6 p pre".split(" "));

export const NEIGHBOURS: ReadonlySet<string> = new Set([...STANDS_BESIDE, "li"]);

/** A new block as an element. */
export function markupOf({ tag, text, links = [] }: NewBlock): string {
  if (tag !== "links") return `<${tag}>${escapeText(text)}</${tag}>`;
  const items = links.map(
    ({ href, text: words }) =>
      `<li><a href="${href.replaceAll("&", "&amp;").replaceAll('"', "&quot;")}">${escapeText(words)}</a></li>`,
  );
  return `<ul>${items.join("")}</ul>`;
}

/** New elements before or behind one, each on a line of its own where that one has its own. */
export function besides(source: string, { start, end }: ElementRange, before: boolean, html: readonly string[]): Patch {
  const indent = indentBefore(source, start);
  const line = indent === null ? "" : lineEndingNear(source, start) + indent;
  const at = before ? start : end;
  const text = html.map((one) => (before ? one + line : line + one)).join("");
  return { start: at, end: at, text };
}
