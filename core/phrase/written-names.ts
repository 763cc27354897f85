import { opensSentence } from "./sentence-start.ts";
import { isStopWord } from "./stop-words.ts";
import { wordsOf } from "./words.ts";

/** How words are written in the middle of sentences: with a capital, as names, or small. All in lower case but the names. */
export interface WrittenNames {
  /** Names of several words, by their lower case. */
  phrases: ReadonlyMap<string, string>;
  /** Words that are written with a capital throughout. */
  words: ReadonlyMap<string, string>;
  /** Words that are written small, and never as a part of a name. */
  small: ReadonlySet<string>;
}

const isCapital = (word: string) => /^\p{Lu}/u.test(word);

/**
 * What texts write with a capital in mid-sentence, and what small. `stated` are names that are known for sure: of people,
 * places, the organisation; `plain` are words that are none. In German nouns have capitals too, so that one capital is enough
 * to keep it.
 */
export function writtenNames(
  texts: readonly string[],
  language: string,
  stated: readonly string[] = [],
  plain: readonly string[] = [],
): WrittenNames {
  const capitals = new Map<string, Map<string, number>>();
  const small = new Map<string, number>();
  const phrases = new Map<string, string>();
  for (const text of texts) {
    let run: string[] = [];
    let runEnd = -1;
    const close = () => {
      if (run.length > 1) phrases.set(run.join(" ").toLowerCase(), run.join(" "));
      run = [];
    };
    for (const { start, end } of wordsOf(text, language)) {
      const word = text.slice(start, end);
      const opens = opensSentence(text, start);
      if (!isCapital(word) || text.slice(runEnd, start) !== " ") close();
      if (isCapital(word) && !opens) {
        run.push(word);
        runEnd = end;
        const forms = capitals.get(word.toLowerCase()) ?? new Map<string, number>();
        capitals.set(word.toLowerCase(), forms.set(word, (forms.get(word) ?? 0) + 1));
      } else if (!isCapital(word)) small.set(word.toLowerCase(), (small.get(word.toLowerCase()) ?? 0) + 1);
    }
    close();
  }
  const words = new Map<string, string>();
  for (const name of [...calendar(language), ...stated]) {
    const parts = wordsOf(name, language).map(({ start, end }) => name.slice(start, end));
    if (parts.length > 1) phrases.set(parts.join(" ").toLowerCase(), parts.join(" "));
    else if (parts[0] && /\p{Lu}/u.test(parts[0])) words.set(parts[0].toLowerCase(), parts[0]);
  }
  const german = /^de\b/i.test(language);
  for (const [lower, forms] of capitals) {
    if (words.has(lower) || (small.has(lower) && !german) || isStopWord(lower, language || "en")) continue;
    const [most = ""] = [...forms].sort((a, b) => b[1] - a[1])[0] ?? [];
    words.set(lower, most);
  }
  for (const word of plain) words.delete(word.toLowerCase());
  const lower = [...small.keys(), ...plain.map((word) => word.toLowerCase())];
  return { phrases, words, small: new Set(lower.filter((word) => !words.has(word))) };
}

/** What a page writes, and what its site does: the page's own word counts first. */
export function joinNames(page: WrittenNames, site: WrittenNames): WrittenNames {
  const words = new Map([...site.words].filter(([word]) => !page.small.has(word)));
  for (const [word, written] of page.words) words.set(word, written);
  const small = new Set(page.small);
  for (const word of site.small) if (!words.has(word)) small.add(word);
  return { phrases: new Map([...site.phrases, ...page.phrases]), words, small };
}

const calendars = new Map<string, readonly string[]>();

/** The days and months that a language writes with a capital, plurals of days among them. Names that are also words, such as May, are left out. */
function calendar(language: string): readonly string[] {
  let names = calendars.get(language);
  if (!names) {
    names = [];
    try {
      const day = new Intl.DateTimeFormat(language || "en", { weekday: "long", timeZone: "UTC" });
      const month = new Intl.DateTimeFormat(language || "en", { month: "long", timeZone: "UTC" });
      const days = Array.from({ length: 7 }, (_, i) => day.format(Date.UTC(2026, 0, 4 + i)));
      const months = Array.from({ length: 12 }, (_, i) => month.format(Date.UTC(2026, i, 1)));
      const plurals = /^en\b/i.test(language || "en") ? days.map((one) => `${one}s`) : [];
      names = [...days, ...plurals, ...months].filter((one) => isCapital(one) && !/^(?:May|March|August)$/.test(one));
    } catch {
      // An unknown language has no calendar here.
    }
    calendars.set(language, names);
  }
  return names;
}
