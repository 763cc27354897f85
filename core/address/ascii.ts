let table: ((text: string) => string) | null = null;

/** Letters of Latin that are no others with a mark. */
const LATIN: Readonly<Record<string, string>> = {
  æ: "ae",
  Æ: "AE",
  œ: "oe",
  Œ: "OE",
  ø: "o",
  Ø: "O",
  ß: "ss",
  ẞ: "SS",
  ł: "l",
  Ł: "L",
  đ: "d",
  Đ: "D",
  ð: "d",
  Ð: "D",
  þ: "th",
  Þ: "TH",
  ħ: "h",
  Ħ: "H",
  ı: "i",
  ŋ: "ng",
  Ŋ: "NG",
  ĸ: "k",
  ŧ: "t",
  Ŧ: "T",
};

const MARKED = /[^\x00-\x7f]/;
/** Letters that stand in a table of every script, which is 210 KB and loaded when it is needed. */
const OTHER = /[^\x00-\x7f\p{Script=Latin}\p{Script=Inherited}\p{P}\p{Z}\p{S}\p{C}]/u;

/** Whether writing these texts in ASCII needs more than is loaded at once. */
export const needsAsciiTable = (...texts: readonly string[]): boolean =>
  table === null && texts.some((text) => OTHER.test(text));

/** Loads what writes letters of any script in ASCII. */
export async function loadAsciiTable(): Promise<void> {
  table ??= (await import("any-ascii")).default;
}

/** A text in ASCII; "" where that needs the table and it is not loaded, so that nothing wrong is proposed. */
export function toAscii(text: string): string {
  if (!MARKED.test(text)) return text;
  if (table) return table(text);
  if (OTHER.test(text)) return "";
  return Array.from(text.normalize("NFD"), (letter) => LATIN[letter] ?? letter)
    .join("")
    .replace(/[^\x00-\x7f]/g, (one) => (/\p{M}/u.test(one) ? "" : " "));
}
