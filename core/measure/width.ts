import { type FaceName, type FaceTable, faceTables, type SubsetTable } from "./faces.generated.ts";

/** The face a result is set in: Arimo stands for the desktop face of most systems, Roboto for the mobile one. */
export type Family = "arimo" | "roboto";

export interface TextStyle {
  family: Family;
  /** Font size in px. */
  size: number;
}

/** A stretch of text that is set in bold, in UTF-16 code units. */
export interface BoldRange {
  start: number;
  end: number;
}

interface Glyph {
  subset: number;
  width: number;
  left: number;
  right: number;
}

interface Face {
  unitsPerEm: number;
  glyphs: Map<number, Glyph>;
  /** Those of the Latin characters by their code points, for which most texts ask. */
  latin: readonly (Glyph | undefined)[];
  kerning: Map<number, number>[][];
}

/** Behind the Latin blocks of Unicode; combining marks begin here. */
const LATIN = 0x300;

const faces = new Map<FaceName, Face>();

function unpack(table: FaceTable): Face {
  const glyphs = new Map<number, Glyph>();
  const kerning = table.subsets.map((subset: SubsetTable, s: number) => {
    let point = 0;
    subset.steps.forEach((step, i) => {
      point += step;
      const glyph = { subset: s, width: subset.widths[i] ?? 0, left: subset.left[i] ?? 0, right: subset.right[i] ?? 0 };
      // Where two files hold a character the style sheet's last one is used, which comes first here.
      if (!glyphs.has(point)) glyphs.set(point, glyph);
    });
    return subset.values.map((row) => {
      const values = new Map<number, number>();
      for (let i = 0; i + 1 < row.length; i += 2) values.set(row[i] ?? 0, row[i + 1] ?? 0);
      return values;
    });
  });
  const latin = Array.from({ length: LATIN }, (_, point) => glyphs.get(point));
  return { unitsPerEm: table.unitsPerEm, glyphs, latin, kerning };
}

function faceOf(family: Family, bold: boolean): Face {
  const name: FaceName = `${family}-${bold ? 700 : 400}`;
  let face = faces.get(name);
  if (!face) {
    face = unpack(faceTables[name]);
    faces.set(name, face);
  }
  return face;
}

const NO_ADVANCE = /^[\p{M}\p{Cf}\p{Cc}\u{FE00}-\u{FE0F}\u{1F3FB}-\u{1F3FF}]$/u;
const EMOJI = /^\p{Emoji_Presentation}$/u;
const REGIONAL = /^\p{Regional_Indicator}$/u;
const FULL_WIDTH =
  /^[\p{Script=Han}\p{Script=Hiragana}\p{Script=Katakana}\p{Script=Hangul}\u3000-\u303F\uFF01-\uFF60\uFFE0-\uFFE6]$/u;
const SCRIPT_EM: [RegExp, number][] = [
  [/^\p{Script=Arabic}$/u, 0.5],
  [/^\p{Script=Hebrew}$/u, 0.56],
  [/^[\p{Script=Devanagari}\p{Script=Bengali}\p{Script=Tamil}\p{Script=Telugu}]$/u, 0.65],
  [/^[\p{Script=Thai}\p{Script=Lao}\p{Script=Khmer}]$/u, 0.6],
];

/**
 * Width of a character that the shipped fonts lack, in em. Full-width forms are 1 by definition; the rest are round
 * averages of system fonts, from memory: what a searcher's machine puts in their place differs from system to system.
 */
export function fallbackEm(char: string): number {
  if (NO_ADVANCE.test(char)) return 0;
  if (REGIONAL.test(char)) return 0.62;
  if (EMOJI.test(char)) return 1.24;
  if (FULL_WIDTH.test(char)) return 1;
  for (const [script, em] of SCRIPT_EM) if (script.test(char)) return em;
  return 0.56;
}

const ZERO_WIDTH_JOINER = 0x200d;
const MARK = /^\p{M}$/u;

/** Texts measured lately: several rules and the screen ask for the same ones. */
const recent = new Map<string, Float64Array>();
const REMEMBERED_TEXTS = 64;

/**
 * Running widths: `advances[i]` is the width in px of the first `i` UTF-16 code units, kerning included. White space is
 * measured as it stands; callers collapse it first, as browsers do. The result is shared: do not change it.
 */
export function advances(text: string, style: TextStyle, bold: readonly BoldRange[] = []): Float64Array {
  const key = bold.length === 0 && text.length < 2000 ? `${style.family} ${style.size} ${text}` : null;
  const known = key === null ? undefined : recent.get(key);
  if (known) return known;
  const plain = faceOf(style.family, false);
  const sums = new Float64Array(text.length + 1);
  let sum = 0;
  let previous: Glyph | null = null;
  let previousBold = false;
  let joined = false;
  for (let i = 0; i < text.length; ) {
    const point = text.codePointAt(i) ?? 0;
    const length = point > 0xffff ? 2 : 1;
    const isBold = bold.length > 0 && bold.some((range) => i >= range.start && i < range.end);
    const face = isBold ? faceOf(style.family, true) : plain;
    const scale = style.size / face.unitsPerEm;
    const glyph = point < LATIN ? face.latin[point] : face.glyphs.get(point);
    // Latin characters are never marks; testing only the rest keeps long texts quick.
    if (point >= LATIN && (point === ZERO_WIDTH_JOINER || MARK.test(String.fromCodePoint(point)))) {
      joined = point === ZERO_WIDTH_JOINER;
    } else if (glyph) {
      if (previous && previousBold === isBold && previous.subset === glyph.subset && previous.left > 0) {
        sum += (face.kerning[glyph.subset]?.[previous.left - 1]?.get(glyph.right) ?? 0) * scale;
      }
      sum += glyph.width * scale;
      previous = glyph;
      joined = false;
    } else {
      if (!joined) sum += fallbackEm(String.fromCodePoint(point)) * style.size;
      previous = null;
      joined = false;
    }
    previousBold = isBold;
    for (let k = 1; k <= length; k++) sums[i + k] = sum;
    i += length;
  }
  if (key !== null) {
    if (recent.size >= REMEMBERED_TEXTS) recent.clear();
    recent.set(key, sums);
  }
  return sums;
}

const ceilings = new Map<string, Float64Array>();
/** An em and a half is more than any character takes that the fonts do not hold. */
const WIDEST_EM = 1.5;

/** A width, in px, that a text on one line does not exceed: counted without kerning, in a tenth of the time. */
export function widthAtMost(text: string, style: TextStyle): number {
  let widths = ceilings.get(style.family);
  if (!widths) {
    const { glyphs, unitsPerEm } = faceOf(style.family, false);
    widths = Float64Array.from(
      { length: 128 },
      (_, code) => (glyphs.get(code)?.width ?? WIDEST_EM * unitsPerEm) / unitsPerEm,
    );
    ceilings.set(style.family, widths);
  }
  let ems = 0;
  for (let i = 0; i < text.length; i++) ems += widths[text.charCodeAt(i)] ?? WIDEST_EM;
  // Kerning brings most pairs closer, and moves few apart.
  return ems * style.size * 1.05;
}

/** Width of a text on one line, in px. */
export function widthOf(text: string, style: TextStyle, bold: readonly BoldRange[] = []): number {
  return advances(text, style, bold)[text.length] ?? 0;
}
