import { cleanValue } from "../rewrite/clean-value.ts";
import { type PatternContext, resolveVariable } from "./variables.ts";

/** A piece of a pattern: words as they are, or the name of a variable. */
export type Piece = { words: string } | { variable: string };

/** A pattern's pieces, or why it is none. A brace that stands for itself is doubled. */
export function parsePattern(text: string): { pieces: Piece[] } | { reason: string } {
  const pieces: Piece[] = [];
  let words = "";
  for (let i = 0; i < text.length; i++) {
    const character = text[i] ?? "";
    if ((character === "{" || character === "}") && text[i + 1] === character) {
      words += character;
      i++;
    } else if (character === "}") {
      return { reason: "A brace is closed that was not opened. Write }} for a brace that stands for itself." };
    } else if (character === "{") {
      const end = text.indexOf("}", i);
      const name = text.slice(i + 1, end).trim();
      if (end < 0) return { reason: "A brace is opened and not closed. Write the variable's name and }." };
      if (name === "" || name.includes("{"))
        return { reason: "A variable has no name. Write, for example, {page heading}." };
      if (words) pieces.push({ words });
      words = "";
      pieces.push({ variable: name });
      i = end;
    } else words += character;
  }
  if (words) pieces.push({ words });
  return { pieces };
}

const SEPARATOR = /^[\s\p{P}\p{S}]*$/u;
/** The end of a stretch of words that leads to what is missing: punctuation, and up to two words behind it (“, by”). */
const LEAD = /(?:\s*[|–—·•:;,(/»>-]\s*|\s+|^)(?:\p{L}+\s+){0,2}$/u;

/**
 * The text that a pattern makes for a page. A missing value takes with it the separator before it (and one or two words
 * that lead to it), or where it stands first the separator behind it.
 */
export function resolvePattern(pieces: readonly Piece[], context: PatternContext): string {
  let text = "";
  /** What is to be dropped from the words that follow: the value that they belonged to is missing, and nothing stands before. */
  let open = false;
  /** A separator that waits for a value behind it. */
  let waiting = "";
  for (const piece of pieces) {
    if ("words" in piece || piece.variable.toLowerCase() === "separator") {
      const words = "words" in piece ? piece.words : (resolveVariable("separator", context) ?? " ");
      if (open && SEPARATOR.test(words)) continue;
      open = false;
      text += waiting;
      waiting = words;
      continue;
    }
    const value = resolveVariable(piece.variable, context);
    if (value !== null) {
      text += waiting + value;
      waiting = "";
      open = false;
    } else {
      waiting = SEPARATOR.test(waiting) ? "" : waiting.replace(LEAD, "");
      text += waiting;
      waiting = "";
      open = text.trim() === "";
    }
  }
  return cleanValue(text + waiting);
}

/** The names of a pattern that this page has no value for. */
export function missingIn(pieces: readonly Piece[], context: PatternContext): string[] {
  return pieces.flatMap((p) => ("variable" in p && resolveVariable(p.variable, context) === null ? [p.variable] : []));
}

/** The text that a pattern makes for a page, or why it makes none. */
export function applyPattern(pattern: string, context: PatternContext): { text: string } | { reason: string } {
  const parsed = parsePattern(pattern);
  if ("reason" in parsed) return parsed;
  const text = resolvePattern(parsed.pieces, context);
  if (text) return { text };
  const missing = missingIn(parsed.pieces, context);
  return { reason: `This page has no ${missing.join(", no ") || "text for this pattern"}.` };
}
