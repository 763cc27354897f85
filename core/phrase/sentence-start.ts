/** Where a new sentence or subtitle begins: the start, and behind a colon, a full stop, a dash or a bar with spaces. */
const STARTS = /[:.!?|]\s+["'“‘(]*$|\s[–—-]\s+["'“‘(]*$|^["'“‘(\s]*$/;
/** Behind these a full stop ends no sentence, nor behind an initial. */
const ABBREVIATION =
  /(?:^|[\s(])(?:vs|v|e\.g|i\.e|cf|ca|approx|no|nos|nr|st|ste|dr|mr|mrs|ms|prof|rev|hon|jr|sr|mt|ft|vol|fig|bzw|z\.\s?b|u\.\s?a|d\.\s?h|ggf|inkl|mme|mlle|sra|dña|sig|bijv|bl\.a|t\.ex|f\.eks|\p{L})\.\s+["'“‘(]*$/iu;

/** Whether a text, with the white space behind it, ends in a full stop that ends no sentence. */
export const endsInAbbreviation = (text: string): boolean => ABBREVIATION.test(text.slice(-20));

/** Whether a word at a place of a text opens a sentence or subtitle. */
export function opensSentence(text: string, start: number): boolean {
  const before = text.slice(Math.max(0, start - 12), start);
  return STARTS.test(start > 12 ? before : text.slice(0, start)) && !ABBREVIATION.test(before);
}
