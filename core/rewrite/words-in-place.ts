import type { Range } from "../page/page.ts";
import { readPage } from "../page/read.ts";
import { cleanValue } from "./edits.ts";
import type { Patch } from "./patch.ts";
import type { BodyChange } from "./step.ts";

/** A running text with its place in the source, as it is read. */
export interface PlacedText {
  start: number;
  end: number;
  text: string;
}

export interface WordChange {
  was: string;
  value: string;
  /** What the words are of, for a refusal. */
  what: string;
  /** Where words are put that were none before. */
  at: number;
  /** Words as they are written into the source. */
  write: (text: string) => string;
}

/** The running texts of a piece of markup, with their places in the source and as they are read. */
export function textsInMarkup(source: string, { start, end }: Range): PlacedText[] {
  const texts: PlacedText[] = [];
  const markup = /<!--[\s\S]*?(?:-->|$)|<[^>"']*(?:"[^"]*"[^>"']*|'[^']*'[^>"']*)*>|[^<]+|</g;
  for (const match of source.slice(start, end).matchAll(markup)) {
    const [piece] = match;
    if (piece.startsWith("<") && piece.length > 1) continue;
    const at = start + match.index;
    texts.push({ start: at, end: at + piece.length, text: decoded(piece) });
  }
  return texts;
}

/** Text as a reader sees it, with references resolved and white space as written. */
function decoded(piece: string): string {
  if (!piece.includes("&")) return piece;
  const { blocks } = readPage(`<!doctype html><pre>|${piece}|</pre>`, { address: "https://a.example/" });
  const text = blocks[0]?.text ?? "";
  const lead = /^[\t\n\f\r ]*/.exec(piece)?.[0] ?? "";
  const trail = /[\t\n\f\r ]*$/.exec(piece)?.[0] ?? "";
  return `${lead}${text.slice(1, -1).trim()}${trail}`;
}

/**
 * Changes the words between two places and leaves the markup among them: what differs is put where its first character
 * stood, and taken out of the others.
 */
export function changeWords(
  texts: readonly PlacedText[],
  { was, value, what, at, write }: WordChange,
): BodyChange | null | string {
  const is = cleanValue(value);
  if (is === was) return null;
  if (texts.length === 0) {
    if (was !== "") return `The words of this ${what} come from pictures or labels. Change those instead.`;
    return { patches: [{ start: at, end: at, text: write(is) }] };
  }
  // Each read character and the place that it has in one of the texts.
  const places: { text: number; from: number; to: number }[] = [];
  let read = "";
  texts.forEach(({ text }, n) => {
    for (let i = 0; i < text.length; i++) {
      const space = /[\t\n\f\r ]/.test(text[i] ?? "");
      if (space && (read === "" || read.endsWith(" "))) continue;
      read += space ? " " : text[i];
      places.push({ text: n, from: i, to: i + 1 });
    }
  });
  if (read.trimEnd() !== was)
    return `Part of this ${what} is a picture, a label or a line break. Change the source itself.`;
  let head = 0;
  while (head < was.length && head < is.length && was[head] === is[head]) head++;
  let tail = 0;
  while (tail < was.length - head && tail < is.length - head && was.at(-1 - tail) === is.at(-1 - tail)) tail++;
  const added = is.slice(head, is.length - tail);
  const [from, to] = [head, was.length - tail];
  const home = places[Math.min(from, places.length - 1)];
  if (!home) return null;
  // What is added at the end of a text joins it, rather than the markup behind it.
  const before = places[from - 1];
  const joins = from === to && before && (from >= was.length || before.text !== home.text) ? before : null;
  const patches: Patch[] = [];
  texts.forEach((one, n) => {
    const cut = places.slice(from, to).filter((place) => place.text === n);
    const insertsHere = joins ? joins.text === n : home.text === n;
    if (cut.length === 0 && !insertsHere) return;
    const start = cut[0]?.from ?? (joins ? joins.to : home.from);
    const end = cut.at(-1)?.to ?? start;
    const text = one.text.slice(0, start) + (insertsHere ? added : "") + one.text.slice(end);
    patches.push({ start: one.start, end: one.end, text: write(text) });
  });
  return { patches };
}
