import type { Range } from "../page/page.ts";

/** Leftovers of a publishing system: braces, percent signs around a name, words that programs print for nothing. */
const LEFTOVER =
  /\{\{[^}]*\}\}|\{%[^%]*%\}|\$\{[^}]*\}|%%?[a-z_]{3,}%%?|<%[^%]*%>|\[\[[^\]]+\]\]|\b(?:undefined|NaN|\[object Object\])\b|\bnull\b(?=\s*(?:$|[|–—-]))|^null\b/i;

export function leftoverIn(text: string): Range | null {
  const match = LEFTOVER.exec(text);
  return match ? { start: match.index, end: match.index + match[0].length } : null;
}
