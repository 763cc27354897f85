/** A day, or the first and the last of several, as ISO 8601 has them, and the words that say so. */
export interface DateFound {
  start: string;
  end: string | null;
  exact: string;
}

const two = (number: number | string) => String(number).padStart(2, "0");

interface Names {
  /** Every name of a month, in lower case and without its full stop, with its number from 1. */
  months: ReadonlyMap<string, number>;
  /** Every name of a day of the week, with its number from 0 for Monday. */
  days: ReadonlyMap<string, number>;
}

const byLanguage = new Map<string, Names>();

/** The names of months and days in a language and in English, long and short (CLDR, as the platform has them). */
export function namesIn(language: string): Names {
  const known = byLanguage.get(language);
  if (known) return known;
  const months = new Map<string, number>();
  const days = new Map<string, number>();
  for (const locale of ["en", ...supported(language)]) {
    for (const style of ["long", "short"] as const) {
      const month = new Intl.DateTimeFormat(locale, { month: style, day: "numeric", timeZone: "UTC" });
      const day = new Intl.DateTimeFormat(locale, { weekday: style, timeZone: "UTC" });
      for (let i = 0; i < 12; i++) {
        const name = month.formatToParts(Date.UTC(2026, i, 1)).find(({ type }) => type === "month")?.value ?? "";
        if (/\p{L}/u.test(name)) months.set(bare(name), i + 1);
      }
      // 5 January 2026 is a Monday.
      for (let i = 0; i < 7; i++) days.set(bare(day.format(Date.UTC(2026, 0, 5 + i))), i);
    }
  }
  months.set("sept", 9);
  for (const [name, day] of [
    ["tues", 1],
    ["weds", 2],
    ["thur", 3],
    ["thurs", 3],
  ] as const)
    days.set(name, day);
  const names = { months, days };
  byLanguage.set(language, names);
  return names;
}

const bare = (name: string) => name.toLowerCase().replace(/\.$/, "");

function supported(language: string): string[] {
  try {
    return language === "" ? [] : Intl.DateTimeFormat.supportedLocalesOf(language);
  } catch {
    // Not a tag of a language at all.
    return [];
  }
}

/** Names as one alternative of a regular expression, longer ones first. */
export const alternatives = (names: Iterable<string>): string =>
  [...names]
    .sort((a, b) => b.length - a.length)
    .map((name) => name.replace(/[.*+?^${}()|[\]\\]/g, "\\$&"))
    .join("|");

const whole = (year: number | string, month: number | string, day: number | string): string | null => {
  const [m, d] = [Number(month), Number(day)];
  const date = new Date(Date.UTC(Number(year), m - 1, d));
  return date.getUTCMonth() === m - 1 && date.getUTCDate() === d ? `${year}-${two(m)}-${two(d)}` : null;
};

/** How whole dates are written in a language, and days without their year. */
interface Shapes {
  whole: readonly RegExp[];
  yearless: RegExp;
}

const shapes = new Map<string, Shapes>();

function shapesIn(language: string): Shapes {
  const known = shapes.get(language);
  if (known) return known;
  const names = alternatives(namesIn(language).months.keys());
  const name = `(?<month>${names})\\.?`;
  const nth = "(?:st|nd|rd|th|er|º|\\.)?";
  const day = `(?<day>\\d{1,2})${nth}(?:\\s*(?:-|–|to|and|bis|au|y)\\s*(?<last>\\d{1,2})${nth})?`;
  const plain = "\\d{1,2}(?:st|nd|rd|th|\\.)?";
  const made: Shapes = {
    whole: [
      "(?<![\\d-])(?<year>\\d{4})-(?<number>\\d\\d)-(?<day>\\d\\d)(?![\\d-])",
      `(?<!\\d)${day}\\s+(?:of\\s+|de\\s+)?${name},?\\s+(?:de\\s+)?(?<year>\\d{4})(?!\\d)`,
      `(?<!\\p{L})${name}\\s+${day},?\\s+(?<year>\\d{4})(?!\\d)`,
      "(?<![\\d.])(?<day>\\d{1,2})\\.\\s?(?<number>\\d{1,2})\\.\\s?(?<year>\\d{4})(?!\\d)",
    ].map((shape) => new RegExp(shape, "iu")),
    yearless: new RegExp(
      `(?<![\\d\\p{L}])(?:${plain}\\s+(?:of\\s+)?(?:${names})|(?:${names})\\s+${plain})(?![\\d\\p{L}])(?!,?\\s+\\d{4})`,
      "iu",
    ),
  };
  shapes.set(language, made);
  return made;
}

/** The first day of a month in a text that is told without its year: “12 November”. */
export const dayWithoutYear = (text: string, language: string): string | null =>
  /\d/.test(text) ? (shapesIn(language).yearless.exec(text)?.[0] ?? null) : null;

/**
 * The first whole date in a text: “3 December 2026”, “December 3rd, 2026”, “3–5 December 2026”, “2026-12-03”, “3.12.2026”.
 * A date without a year says too little, and so does 3/12/2026 in English, which is two days.
 */
export function dateIn(text: string, language: string): DateFound | null {
  if (!/\d{4}/.test(text)) return null;
  const { months } = namesIn(language);
  let found: { at: number; date: DateFound } | null = null;
  for (const shape of shapesIn(language).whole) {
    const match = shape.exec(text);
    if (!match?.groups || (found && found.at <= match.index)) continue;
    const { year = "", number, month = "", day: first = "", last } = match.groups;
    const at = number ?? months.get(month.toLowerCase()) ?? 0;
    const start = whole(year, at, first);
    const end = last ? whole(year, at, last) : null;
    if (start) found = { at: match.index, date: { start, end: end && end > start ? end : null, exact: match[0] } };
  }
  return found?.date ?? null;
}
