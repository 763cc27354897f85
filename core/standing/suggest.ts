import { contentBlocks, contentHeadings, h1Block } from "../page/body.ts";
import { languageOf, type Page, titleOf } from "../page/page.ts";
import { isLooseWord, isWebsiteWord } from "../phrase/loose-words.ts";
import { isQuestionWord } from "../phrase/questions.ts";
import { type Token, tokensOf } from "../phrase/tokens.ts";
import { namesIn } from "../structured-data/dates.ts";
import { placesInAddresses } from "../structured-data/places-in-addresses.ts";
import { stemsOfPhrase } from "./clashes.ts";

/** Where a suggested phrase stands, as it is weighed. */
export const WEIGHED = ["title", "h1", "h2", "first100", "body", "anchors"] as const;
export type Weighed = (typeof WEIGHED)[number];

/** A phrase that a page could be found for, out of its own words. */
export interface Suggestion {
  text: string;
  /** Searches a month, where the list has it; null elsewhere. */
  volume: number | null;
  /** How often the page and the links that lead to it say it. */
  count: number;
  places: Weighed[];
  /** For comparing suggestions with each other. */
  score: number;
}

/** What suggestions are weighed by beside the page itself. */
export interface SuggestBasis {
  /** Words of links that lead to the page. */
  anchors: readonly string[];
  /** Of the site's pages, the share that has a stem: 0 to 1. */
  share: (stem: string) => number;
  /** The site's list. */
  list: readonly { text: string; volume: number | null }[];
  /** The site's name, or "". */
  brand: string;
}

// How much a place says of what a page is about. Common practice, no source.
const WEIGHTS: Readonly<Record<Weighed, number>> = { title: 6, h1: 6, h2: 3, first100: 2, body: 1, anchors: 4 };
/** How much a group of one to four words is searched as it stands: one alone is vague. Common practice, no source. */
const LENGTHS = [0.5, 1.3, 1.4, 1.2];
/** One word alone is suggested where one of these says it. */
const SUBJECT: readonly Weighed[] = ["title", "h1", "anchors"];
const FIRST_WORDS = 100;
/** Words of a page that are looked at: its subject is known by then. */
const MOST_WORDS = 5000;
/** Suggestions of one page. */
const MOST = 5;

interface Group {
  words: readonly Token[];
  stems: readonly string[];
  wordings: Map<string, number>;
  count: number;
  weight: number;
  places: Set<Weighed>;
}

/** Runs of words that nothing but spaces, hyphens and apostrophes parts: a phrase goes over no comma. */
function runsOf(text: string, language: string): Token[][] {
  const runs: Token[][] = [];
  let run: Token[] = [];
  let end = 0;
  for (const token of tokensOf(text, { language })) {
    if (run.length > 0 && !/^[\s\u00a0'’-]*$/.test(text.slice(end, token.start))) {
      runs.push(run);
      run = [];
    }
    run.push(token);
    end = token.end;
  }
  if (run.length > 0) runs.push(run);
  return runs;
}

const isWordy = ({ plain }: Token) => plain.length > 2 && !/^\p{N}+$/u.test(plain);

/** Takes every group of one to four words in, those aside that begin or end with a word that says nothing. */
function take(groups: Map<string, Group>, text: string, place: (at: number) => Weighed, language: string): void {
  let at = 0;
  for (const run of runsOf(text, language)) {
    for (let from = 0; from < run.length; from++, at++) {
      const first = run[from];
      if (!first || isLooseWord(first.plain, language) || !/\p{L}/u.test(first.plain)) continue;
      for (let length = 1; length <= LENGTHS.length && from + length <= run.length; length++) {
        const words = run.slice(from, from + length);
        const last = words[length - 1];
        if (!last || isLooseWord(last.plain, language) || (length === 1 && !isWordy(first))) continue;
        const key = words.map(({ stem }) => stem).join(" ");
        const wording = text.slice(first.start, last.end);
        const where = place(at);
        let group = groups.get(key);
        if (!group) {
          const stems = words.filter(({ stop }) => !stop).map(({ stem }) => stem);
          group = { words, stems, wordings: new Map(), count: 0, weight: 0, places: new Set() };
          groups.set(key, group);
        }
        group.wordings.set(wording, (group.wordings.get(wording) ?? 0) + 1);
        group.count++;
        group.weight += WEIGHTS[where];
        group.places.add(where);
      }
    }
  }
}

/** As it is written most, in lower case where it is so at all: a heading begins with a capital that is not its own. */
function wordingOf({ wordings }: Group): string {
  const ordered = [...wordings].sort(([, a], [, b]) => b - a).map(([text]) => text);
  const [most = ""] = ordered;
  return ordered.find((text) => /^\p{Ll}/u.test(text) && text.toLowerCase() === most.toLowerCase()) ?? most;
}

/** Tells of a group whether its words are about something: days, question words and words of websites alone are not. */
function aboutSomething(language: string): (group: Group) => boolean {
  const { days, months } = namesIn(language);
  const says = ({ plain }: Token) =>
    !isLooseWord(plain, language) &&
    !isWebsiteWord(plain, language) &&
    !isQuestionWord(plain, language) &&
    !days.has(plain) &&
    !days.has(plain.replace(/s$/, "")) &&
    !months.has(plain) &&
    /\p{L}/u.test(plain);
  return ({ words }) => words.some(says);
}

/** Tells of a group whether it is only a part of some names, such as the site's. */
function partOf(names: readonly string[], language: string): (group: Group) => boolean {
  const stems = new Set(names.flatMap((name) => tokensOf(name, { language }).map(({ stem }) => stem)));
  return (group) => group.stems.length > 0 && group.stems.every((stem) => stems.has(stem));
}

/**
 * Phrases that a page could be found for, the likeliest first: groups of one to four words that it repeats, weighed by where
 * they stand and by how few other pages of the site have their words. What the list has comes with its searches; what is not in
 * it is about something, and neither a part of the site's name nor a place of its postal address.
 */
export function suggestPhrases(page: Page, { anchors, share, list, brand }: SuggestBasis): Suggestion[] {
  const language = languageOf(page);
  const isAbout = aboutSomething(language);
  const isBrand = partOf([brand], language);
  const isPlace = partOf(placesInAddresses(page), language);
  const groups = new Map<string, Group>();
  take(groups, titleOf(page), () => "title", language);
  const headings = new Map<number, Weighed>();
  for (const { heading } of contentHeadings(page))
    if (heading.level <= 2) headings.set(heading.block, heading.level === 1 ? "h1" : "h2");
  const h1 = h1Block(page);
  let before = 0;
  for (const { block, index } of contentBlocks(page)) {
    if (before > MOST_WORDS) break;
    const heading = headings.get(index);
    const begun = before;
    take(groups, block.text, (at) => heading ?? (begun + at < FIRST_WORDS ? "first100" : "body"), language);
    if (index !== h1) before += tokensOf(block.text, { language }).length;
  }
  for (const text of new Set(anchors)) take(groups, text, () => "anchors", language);

  const listed = new Map(list.map((one) => [stemsOfPhrase(one.text, language), one]));
  const found: (Suggestion & { stems: readonly string[]; key: string })[] = [];
  for (const [key, group] of groups) {
    const known = listed.get([...new Set(group.stems)].sort().join(" "));
    if (!known && (group.count < 2 || (group.stems.length === 1 && !SUBJECT.some((place) => group.places.has(place)))))
      continue;
    if (!known && (!isAbout(group) || isBrand(group) || isPlace(group))) continue;
    const unusual = group.stems.reduce((sum, stem) => sum + Math.log(1 / Math.max(share(stem), 0.001)), 0);
    const rare = 0.15 + unusual / group.stems.length / Math.log(1000);
    const searched = known ? 1.5 + Math.log10(1 + (known.volume ?? 0)) / 2 : 1;
    // A place counts once in full; said again it counts less and less.
    const best = [...group.places].reduce((sum, place) => sum + WEIGHTS[place], 0);
    const score = (best + Math.log2(1 + group.weight)) * rare * (LENGTHS[key.split(" ").length - 1] ?? 1) * searched;
    const text = known?.text ?? wordingOf(group);
    const places = WEIGHED.filter((place) => group.places.has(place));
    found.push({ text, volume: known?.volume ?? null, count: group.count, places, score, stems: group.stems, key });
  }
  const kept: typeof found = [];
  const sorted = ({ stems }: { stems: readonly string[] }) => [...new Set(stems)].sort().join(" ");
  for (const one of found.sort((a, b) => b.score - a.score)) {
    if (
      kept.some(
        (other) =>
          ` ${other.key} `.includes(` ${one.key} `) ||
          ` ${one.key} `.includes(` ${other.key} `) ||
          sorted(other) === sorted(one),
      )
    )
      continue;
    kept.push(one);
    if (kept.length === MOST) break;
  }
  return kept.map(({ stems: _, key: __, ...suggestion }) => suggestion);
}

/**
 * The suggestion that each page takes where no two may want the same, and none what is wanted already: the best ones first.
 * `taken` holds the stems of phrases. Pages that are left without one are not named.
 */
export function oneForEach(
  pages: ReadonlyMap<string, { language: string; suggestions: readonly Suggestion[] }>,
  taken: ReadonlySet<string>,
): Map<string, Suggestion> {
  const all = [...pages].flatMap(([id, { language, suggestions }]) =>
    suggestions.map((one) => ({ id, one, stems: stemsOfPhrase(one.text, language) })),
  );
  const chosen = new Map<string, Suggestion>();
  const gone = new Set(taken);
  for (const { id, one, stems } of all.sort((a, b) => b.one.score - a.one.score)) {
    if (chosen.has(id) || gone.has(stems)) continue;
    chosen.set(id, one);
    gone.add(stems);
  }
  return chosen;
}
