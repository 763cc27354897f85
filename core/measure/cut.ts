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

const BREAKS_AFTER = /[-–—…]/;

/** Whether a line may end before code unit `i`. */
function mayBreak(text: string, i: number): boolean {
  if (SPACE.test(text[i] ?? "")) return true;
  const before = text[i - 1] ?? "";
  // Behind hyphens, en dashes and ellipses, on both sides of an em dash (UAX #14, classes HY, BA, IN and B2).
  if (BREAKS_AFTER.test(before) && /[^\s—]/.test(text[i] ?? "")) return true;
  if (text[i] === "—" && /[^\s—]/.test(before)) return true;
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

/** Widths of a text, and what of them lies before a line: its first letter is not kerned against the one before it. */
interface LineSums {
  start: number;
  sums: Float64Array;
  base: number;
}

function lineSums(
  text: string,
  start: number,
  style: TextStyle,
  bold: readonly BoldRange[],
  sums: Float64Array,
): LineSums {
  if (start === 0) return { start, sums, base: 0 };
  const first = String.fromCodePoint(text.codePointAt(start) ?? 0);
  const isBold = bold.some((range) => start >= range.start && start < range.end);
  const alone = widthOf(first, style, isBold ? [{ start: 0, end: first.length }] : []);
  return { start, sums, base: (sums[start + first.length] ?? 0) - alone };
}

/** How far a line reaches within `limit` px: the last code unit that still fits, at or after its start. */
function reach({ sums, start, base }: LineSums, limit: number): number {
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
  const whole = advances(text, style, bold);
  const px = whole[text.length] ?? 0;
  const lines: number[] = [];
  let start = 0;
  for (let line = 0; line < widths.length; line++) {
    const width = widths[line] ?? 0;
    const sums = lineSums(text, start, style, bold, whole);
    const end = reach(sums, width);
    if (end >= text.length) {
      lines.push(text.length);
      return { px, shown: text, end: text.length, lost: "", lines };
    }
    if (line === widths.length - 1) {
      const stop = cutPlace(text, sums, width, style);
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

function cutPlace(text: string, sums: LineSums, width: number, style: TextStyle) {
  const { start } = sums;
  const spaced = widthOf(` ${ELLIPSIS}`, style);
  const fits = reach(sums, width - spaced);
  let at = lastBreak(text, start, fits);
  while (at > start && SPACE.test(text[at - 1] ?? "")) at--;
  if (at > start) return { end: at, mark: ` ${ELLIPSIS}` };
  const inside = reach(sums, width - widthOf(ELLIPSIS, style));
  return { end: Math.max(clusterStart(text, inside), start), mark: ELLIPSIS };
}

/** What a browser may take a line for narrower than it is, in px: layout counts in sixty-fourths. */
const SNAP = 1 / 64;

/**
 * The lines of a text in a box of `width` px, as a browser breaks them: at the last place that fits, or inside a word that is
 * longer than a line. What stands before the text takes `indent` px of the first line. Spaces at line ends are left out.
 */
export function wrapText(
  text: string,
  width: number,
  style: TextStyle,
  bold: readonly BoldRange[] = [],
  indent = 0,
): string[] {
  const whole = advances(text, style, bold);
  const lines: string[] = [];
  for (let start = 0; start < text.length; ) {
    const end = reach(lineSums(text, start, style, bold, whole), width - (lines.length === 0 ? indent : 0) + SNAP);
    let at = text.length;
    if (end < at) {
      at = lastBreak(text, start, end);
      // Behind what stands before the text a line may end too.
      if (at <= start) at = lines.length === 0 && indent > 0 ? 0 : Math.max(clusterStart(text, end), start + 1);
    }
    lines.push(text.slice(start, at).trimEnd());
    start = skipSpace(text, at);
  }
  return lines;
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
