const VOWELS_AT_END = /(?<=.{3})[аеиоуыэюя]+$/u;
/** A vowel that is there in some forms only: замок, замка; окон, окно; копеек, копейка. */
const FLEETING = /(?<=.[^аеиоуыэюяйьъ])[ео](?=[вклнрц]$)/u;
const FLEETING_J = /(?<=..[аеиоуыэюя])е(?=к$)/u;

/**
 * Makes one of the stems that Snowball's algorithm leaves for forms of one Russian noun: музей and музея (муз, музе), замок
 * and замка (замок, замк). It takes a letter from unrelated words alike, which does no harm as long as they differ elsewhere.
 */
export const withoutFleetingVowels = (stem: string): string =>
  stem.replace(VOWELS_AT_END, "").replace(FLEETING_J, "й").replace(FLEETING, "");
