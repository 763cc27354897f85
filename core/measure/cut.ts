import { advances, type BoldRange, type TextStyle, widthOf } from "./width.ts";

export interface Cut {
  /** Width of the whole text on one line, in px. */
  px: number;
  /** What is shown, with " …" where it was cut. */
  shown: string;
  /** UTF-16 code units of the text that are shown; the text's length where nothing is cut. */
  end: number;
  /** The words that are lost, without the space before them; "" where nothing is cut. */
  lost: string;
  /** Where each line ends, in UTF-16 code units. */
  lines: number[];
}

const ELLIPSIS = "…";
const SPACE = /[\t\n\f\r ]/;
/** Scripts written without spaces may be broken between any two characters (UAX #14, class ID). */
const UNSPACED = /[\p{Script=Han}\p{Script=Hiragana}\p{Script=Katakana}\p{Script=Thai}\p{Script=Lao}\p{Script=Khmer}]/u;

/** Whether a line may end before code unit `i`. */
function mayBreak(text: string, i: number): boolean {
  if (SPACE.test(text[i] ?? "")) return true;
  const before = text[i - 1] ?? "";
  if (before === "-" && /\S/.test(text[i] ?? "")) return true;
  return UNSPACED.test(text[i] ?? "") || UNSPACED.test(before);
}

const graphemes = new Intl.Segmenter("und", { granularity: "grapheme" });

/** Start of the grapheme cluster that holds code unit `i`. */
function clusterStart(text: string, i: number): number {
  // A cluster is short; the segmenter is given a piece, since it is slow on long texts.
  const from = Math.max(0, i - 40);
  const piece = text.slice(from, i + 40);
  return from + (graphemes.segment(piece).containing(i - from)?.index ?? i - from);
}

/** How far a line reaches from `start` within `limit` px: the last code unit that still fits, at or after `start`. */
function reach(sums: Float64Array, start: number, limit: number): number {
  const base = sums[start] ?? 0;
  let low = start;
  let high = sums.length - 1;
  while (low < high) {
    const middle = (low + high + 1) >> 1;
    if ((sums[middle] ?? 0) - base <= limit) low = middle;
    else high = middle - 1;
  }
  return low;
}

/** Last place at or before `end` where the text may be broken; `start` where there is none. */
function lastBreak(text: string, start: number, end: number): number {
  for (let i = end; i > start; i--) if (mayBreak(text, i)) return i;
  return start;
}

function skipSpace(text: string, i: number): number {
  let at = i;
  while (at < text.length && SPACE.test(text[at] ?? "")) at++;
  return at;
}

/** Characters beyond this are never on screen; a title of a megabyte is measured, but laid out only so far. */
const LAID_OUT = 4000;

/**
 * Sets a text over lines and cuts it as results do: at the last word boundary that leaves room for " …", or inside a
 * word that is longer than the line. `widths` are the lines' widths in px.
 */
export function cutText(
  text: string,
  widths: readonly number[],
  style: TextStyle,
  bold: readonly BoldRange[] = [],
): Cut {
  const sums = advances(text, style, bold);
  const px = sums[text.length] ?? 0;
  const lines: number[] = [];
  let start = 0;
  for (let line = 0; line < widths.length; line++) {
    const width = widths[line] ?? 0;
    const end = reach(sums, start, width);
    if (end >= text.length) {
      lines.push(text.length);
      return { px, shown: text, end: text.length, lost: "", lines };
    }
    if (line === widths.length - 1) {
      const stop = cutPlace(text, sums, start, width, style);
      lines.push(stop.end);
      const shown = text.slice(0, stop.end) + stop.mark;
      return { px, shown, end: stop.end, lost: text.slice(stop.end, stop.end + LAID_OUT).trim(), lines };
    }
    // Spaces at a line's end hang over it, so the break may be the space just behind what fits.
    let at = lastBreak(text, start, end);
    if (at <= start) at = Math.max(clusterStart(text, end), start + 1);
    lines.push(at);
    start = skipSpace(text, at);
    if (start >= text.length) return { px, shown: text, end: text.length, lost: "", lines };
  }
  return { px, shown: text, end: text.length, lost: "", lines };
}

function cutPlace(text: string, sums: Float64Array, start: number, width: number, style: TextStyle) {
  const spaced = widthOf(` ${ELLIPSIS}`, style);
  const fits = reach(sums, start, width - spaced);
  let at = lastBreak(text, start, fits);
  while (at > start && SPACE.test(text[at - 1] ?? "")) at--;
  if (at > start) return { end: at, mark: ` ${ELLIPSIS}` };
  const inside = reach(sums, start, width - widthOf(ELLIPSIS, style));
  return { end: Math.max(clusterStart(text, inside), start), mark: ELLIPSIS };
}

/** Latin, Greek and Cyrillic letters, common punctuation, kana and Han: none of them joins its neighbour (UAX #29, table 1b). */
const ONE_BY_ONE =
  /^[\x20-\x7e\u00a0-\u02ff\u0370-\u0482\u048a-\u052f\u2010-\u2027\u2030-\u205e\u20a0-\u20bf\u3041-\u3096\u30a1-\u30fa\u4e00-\u9fff]*$/;

/** Characters as a reader counts them: grapheme clusters (UAX #29). */
export function countCharacters(text: string): number {
  // Where nothing can combine every code unit is a cluster; the segmenter is slow.
  if (ONE_BY_ONE.test(text)) return text.length;
  // A long text is counted by several rules.
  if (counted?.text === text) return counted.count;
  const count = countClusters(text);
  if (text.length > LAID_OUT) counted = { text, count };
  return count;
}

let counted: { text: string; count: number } | null = null;

function countClusters(text: string): number {
  let count = 0;
  for (let i = 0; i < text.length; ) {
    // Pieces end at a space, which is never inside a cluster followed by a letter.
    let end = Math.min(text.length, i + 200);
    const space = text.slice(end, end + 200).indexOf(" ");
    if (end < text.length) end = space < 0 ? clusterStart(text, end) : end + space;
    if (end <= i) end = Math.min(text.length, i + 200);
    for (const _ of graphemes.segment(text.slice(i, end))) count++;
    i = end;
  }
  return count;
}
