import { canonicalElements, descriptionElements, type Page } from "../page/page.ts";
import type { Patch } from "./patch.ts";

type HeadField = "title" | "description" | "canonical" | "other";

/** Elements of the head that a field is put behind, nearest first. */
function neighbours(page: Page, field: HeadField): ({ start: number; end: number } | null)[] {
  const title = page.titles.find((t) => t.where === "head" && (t.range?.endStart ?? -1) >= 0)?.range ?? null;
  const description = descriptionElements(page).find((m) => m.where === "head")?.range ?? null;
  const canonical = canonicalElements(page).find((l) => l.where === "head")?.range ?? null;
  const charset = page.metas.find((m) => m.where === "head" && (m.charset !== null || m.httpEquiv === "content-type"));
  const viewport = page.metas.find((m) => m.where === "head" && m.name === "viewport");
  const early = [charset?.range ?? null, viewport?.range ?? null].sort((a, b) => (b?.end ?? -1) - (a?.end ?? -1));
  if (field === "title") return early;
  if (field === "description") return [title, ...early];
  if (field === "other") return [canonical, description, title, ...early];
  return [description, title, ...early, canonical];
}

/** The indentation of the line on which the element at `start` begins it; null where something stands before it. */
export function indentBefore(source: string, start: number): string | null {
  let i = start;
  while (source[i - 1] === " " || source[i - 1] === "\t") i--;
  return i === 0 || source[i - 1] === "\n" || source[i - 1] === "\r" ? source.slice(i, start) : null;
}

/** The line ending that the source uses near an offset. */
export function lineEndingNear(source: string, offset: number): string {
  const before = source.lastIndexOf("\n", offset);
  const at = before >= 0 ? before : source.indexOf("\n", offset);
  if (at < 0) return source.includes("\r") ? "\r" : "\n";
  return source[at - 1] === "\r" ? "\r\n" : "\n";
}

/** Whether the source writes its empty elements as `<meta … />`. */
function closesVoid(page: Page): boolean {
  const sample = page.metas.find((m) => m.range) ?? page.headLinks.find((l) => l.range);
  return sample?.range ? page.source.slice(sample.range.start, sample.range.startEnd).endsWith("/>") : false;
}

/**
 * Inserts an element into the head where a careful person would: the title behind the character set and viewport, the
 * description behind the title, the canonical address behind the description; on a line of its own where its neighbour has
 * one, in that line's indentation and line ending. `tag` comes without its closing `>` where the element is empty.
 */
export function insertHeadElement(page: Page, field: HeadField, tag: string): Patch {
  const { source, anchors } = page;
  const html = tag.endsWith(">") ? tag : `${tag}${closesVoid(page) ? " />" : ">"}`;
  const neighbour = neighbours(page, field).find((range) => range !== null && range.start >= 0);
  if (neighbour) {
    const indent = indentBefore(source, neighbour.start);
    const text = indent === null ? html : lineEndingNear(source, neighbour.start) + indent + html;
    return { start: neighbour.end, end: neighbour.end, text };
  }
  if (anchors.headStartEnd >= 0) {
    const first = anchors.headFirst;
    const indent = first >= 0 ? indentBefore(source, first) : null;
    // Before the first element: its own line break and indentation stay with it.
    if (first >= 0)
      return { start: first, end: first, text: indent === null ? html : html + lineEndingNear(source, first) + indent };
    const headIndent = indentBefore(source, lastTagStart(source, anchors.headStartEnd));
    const ownLine =
      headIndent !== null && /^[ \t]*[\n\r]/.test(source.slice(anchors.headStartEnd, anchors.headStartEnd + 200));
    const text = ownLine ? `${lineEndingNear(source, anchors.headStartEnd)}${headIndent}  ${html}` : html;
    return { start: anchors.headStartEnd, end: anchors.headStartEnd, text };
  }
  // The head's start tag is left out: the element opens the head by itself.
  const first = anchors.headFirst;
  if (first >= 0) {
    const indent = indentBefore(source, first);
    return { start: first, end: first, text: indent === null ? html : html + lineEndingNear(source, first) + indent };
  }
  const at = anchors.htmlStartEnd >= 0 ? anchors.htmlStartEnd : (page.doctype?.end ?? 0);
  const ownLine = /[\n\r]/.test(source);
  if (at === 0) return { start: 0, end: 0, text: ownLine ? html + lineEndingNear(source, 0) : html };
  return { start: at, end: at, text: ownLine ? lineEndingNear(source, at) + html : html };
}

function lastTagStart(source: string, end: number): number {
  return source.lastIndexOf("<", end - 1);
}
