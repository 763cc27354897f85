import type { Range } from "../page/page.ts";

/** Tokens of the common template languages and publishing systems that were to be replaced by something. */
const TOKENS = [
  String.raw`\{\{\s{0,50}[^{}\s][^{}]{0,300}\}\}`,
  String.raw`\{%[^%]{0,300}%\}`,
  "<%[^%]{0,300}%>",
  String.raw`\[%[^%]{0,300}%\]`,
  String.raw`<\?(?:php\b|=)[^>]{0,300}>?`,
  String.raw`[$#]\{[^{}]{0,300}\}`,
  String.raw`\{\$[a-z_][\w.>-]{0,300}\}`,
  String.raw`%%[a-z_]+(?:\([^)]{0,300}\))?%%`,
  String.raw`\[(?:node|site|term|user|current-page|current-user|current-date|view|menu|file|media|comment|vocabulary|random):[\w:-]+\]`,
  String.raw`\[\[[!+*$~#%][^\]]{1,300}\]\]`,
  String.raw`\[object [A-Z]\w{0,40}\]`,
];
/**
 * Names in capitals, shortcodes, and words that ask to be replaced, in brackets. Case matters. A word in brackets alone, such as
 * [mod_rewrite], may be a reference.
 */
const IN_BRACKETS =
  /\[[A-Z][A-Z0-9]{0,40}(?:_[A-Z0-9]{1,40}){1,8}\]|\[\/[a-z]{2,20}(?:_[a-z]{2,30}){1,4}\]|\[[a-z]{2,20}(?:_[a-z]{2,30}){1,4}\s+[\w-]{1,40}=[^\][]{0,300}\]|\[vc_[a-z_]{1,40}\]|\[(?:[Yy]our|[Ii]nsert|[Aa]dd your|[Ee]nter|[Ii]hre?n?|[Dd]einen?|[Vv]otre|[Tt]u|[Ss]u|[Ii]l tuo|[Uu]w|[Jj]e|[Oo] seu|[Dd]in)\s[^\][]{0,80}(?:here|hier|ici|aquí|qui|aqui|här|her|text|title|name|texte?|titre|nom|texto|título|nombre|testo|titolo|nome)\]/;

/** In titles and descriptions also names between single percent signs, and words that programs print for nothing. */
const IN_FIELDS = [
  "%[a-z_]{3,}%",
  String.raw`\[\[[^\]]{1,300}\]\]`,
  String.raw`\b(?:undefined|NaN)\b`,
  String.raw`\bnull\b(?=\s*(?:$|[|–—-]))`,
  String.raw`^null\b`,
];
const LEFTOVER = new RegExp([...TOKENS, ...IN_FIELDS].join("|"), "i");
const IN_TEXT = new RegExp([...TOKENS, String.raw`\blorem ipsum\b`].join("|"), "i");
/** Most texts hold none of these, and are not looked through. */
const MAYBE = /[{}%[<]|lorem/i;

const placeIn = (pattern: RegExp, text: string): Range | null => {
  const match = pattern.exec(text) ?? (text.includes("[") ? IN_BRACKETS.exec(text) : null);
  return match ? { start: match.index, end: match.index + match[0].length } : null;
};

/** Leftover template text in a title or description. */
export const leftoverIn = (text: string): Range | null => placeIn(LEFTOVER, text);

/** Leftover template text in a running text, a heading or an alternative text. */
export const leftoverInText = (text: string): Range | null => (MAYBE.test(text) ? placeIn(IN_TEXT, text) : null);
