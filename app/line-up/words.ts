const plural = new Intl.PluralRules("en-GB", { type: "ordinal" });
const ENDINGS: Readonly<Record<string, string>> = { one: "st", two: "nd", few: "rd", other: "th" };
const list = new Intl.ListFormat("en-GB");

/** “1st”, “2nd”, “23rd”. */
export const ordinal = (n: number): string => `${n}${ENDINGS[plural.select(n)] ?? "th"}`;

/** “1st, 4th and 7th”. */
export const placesInWords = (places: readonly number[]): string => list.format(places.map(ordinal));

/** “a, b and c”. */
export const listInWords = (texts: readonly string[]): string => list.format(texts);

const day = new Intl.DateTimeFormat("en-GB", { day: "numeric", month: "long", year: "numeric", timeZone: "UTC" });

/** A day as it stands in a sentence: “12 November 2026”. */
export const dayInWords = (iso: string): string => day.format(new Date(`${iso}T00:00:00Z`));
