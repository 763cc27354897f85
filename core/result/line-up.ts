import { contentStems } from "../phrase/content-stems.ts";
import { findPhrase } from "../phrase/match.ts";
import { endsAsQuestion } from "../phrase/questions.ts";
import { tokensOf } from "../phrase/tokens.ts";
import { wordsOf } from "../phrase/words.ts";
import type { ResultLimits } from "../settings/house-style.ts";
import { setTitle } from "./result.ts";

/** One result of somebody else. */
export interface OtherResult {
  title: string;
  address: string;
  description: string;
}

/** Where the page's own result stands, and with which words: a take's id, or "" as it is now. */
export interface LineUpPlace {
  /** From 1. */
  at: number;
  take: string;
}

/** A page's result among others. */
export interface LineUp {
  phrase: string;
  /** Where it was searched; "" for nowhere in particular. */
  place: string;
  /** The day on which the others were seen, YYYY-MM-DD. */
  seen: string;
  /** In their order, the page's own aside. */
  others: readonly OtherResult[];
  /** In the order of their places; no two at one. */
  places: readonly LineUpPlace[];
  /** What a search engine really showed for the page; null where nobody has written it down. */
  shown: { title: string; description: string; at: number | null; seen: string } | null;
}

/** A place of the column: the page's own, or one of the others by its index. */
export type Placed = { yours: LineUpPlace } | { other: number };

/** Who stands at which place: the page at those that are named, as far as there are others, and the others around it in their order. */
export function standingOrder({ others, places }: Pick<LineUp, "others" | "places">): Placed[] {
  const order: Placed[] = [];
  const waiting = [...places].sort((a, b) => a.at - b.at);
  let next = 0;
  while (next < others.length || waiting.length > 0) {
    const [first] = waiting;
    if (first && (first.at <= order.length + 1 || next >= others.length)) {
      waiting.shift();
      order.push({ yours: first });
    } else order.push({ other: next++ });
  }
  return order;
}

/** One of the page's results moved to another place; what stands there of its own takes the place that has become free. */
export const movePlace = (places: readonly LineUpPlace[], from: number, to: number): LineUpPlace[] =>
  places
    .map((one) => (one.at === from ? { ...one, at: to } : one.at === to ? { ...one, at: from } : one))
    .sort((a, b) => a.at - b.at);

/**
 * The places that somebody has typed, in order and each once: “1st, 4th and 7th”, “1 4 7”; or why they cannot be read.
 */
export function readPlaces(text: string): { places: number[] } | { reason: string } {
  const places = [...text.matchAll(/\d+/g)].map(([number]) => Number(number));
  if (places.length === 0) return { reason: "Type the places where your result is to stand: 1, 4 and 7." };
  const wrong = places.find((at) => at < 1 || at > MOST_PLACES);
  if (wrong !== undefined) return { reason: `Places are numbers from 1 to ${MOST_PLACES}; ${wrong} is none.` };
  return { places: [...new Set(places)].sort((a, b) => a - b) };
}

/** The last place that is looked at. */
export const MOST_PLACES = 50;

/** The first words of a title, which a hurried reader sees, and the rest. */
export function openingWords(title: string, language: string): { opening: string; rest: string } {
  const words = wordsOf(title, language);
  const end = words[OPENING - 1]?.end ?? title.length;
  return { opening: title.slice(0, end), rest: title.slice(end) };
}

/** How many words are taken in at a glance. Common practice, no source. */
const OPENING = 3;

/** What one title does. */
export interface TitleTraits {
  /** Numbers that are no years. */
  numbers: string[];
  years: string[];
  /** What stands behind its last separator, where that may be a brand. */
  brand: string;
  question: boolean;
  /** The phrase, in any form, stands at its beginning. */
  phraseFirst: boolean;
  /** Width on the desktop, in px. */
  px: number;
}

/** What a title does, looked at by itself. `brand` is known of one's own. */
export function traitsOf(
  title: string,
  { phrase, language, limits, brand }: { phrase: string; language: string; limits: ResultLimits; brand?: string },
): TitleTraits {
  const all = title.match(/(?<![\p{L}\d.,])\d+(?:[.,]\d+)?(?![\p{L}\d])/gu) ?? [];
  const years = all.filter((number) => /^(?:19|20)\d\d$/.test(number));
  const [found] = phrase === "" ? [] : findPhrase(phrase, title, { language });
  const behind = /\s[|–—·•»-]\s([^|–—·•»]+)$/.exec(title)?.[1]?.trim() ?? "";
  return {
    numbers: all.filter((number) => !years.includes(number)),
    years,
    brand:
      brand === undefined ? behind : brand !== "" && title.toLowerCase().endsWith(brand.toLowerCase()) ? brand : "",
    question: endsAsQuestion(title) || /\?/.test(title),
    phraseFirst: found !== undefined && found.kind !== "scattered" && found.start === 0,
    px: Math.round(setTitle(title, "desktop", limits).px),
  };
}

/** Words that a line-up names. */
const MOST_SHARED = 8;

/** A word that results of others have in title or description, and in how many of them. */
export interface SharedWord {
  text: string;
  stem: string;
  of: number;
}

/** Content words that at least a third of the others have in title or description, the commonest first. */
export function sharedWords(
  others: readonly Pick<OtherResult, "title" | "description">[],
  language: string,
): SharedWord[] {
  const words = new Map<string, { of: number; wordings: Map<string, number> }>();
  for (const { title, description } of others) {
    const seen = new Set<string>();
    for (const { stem, stop, text, plain } of tokensOf(`${title}. ${description}`, { language })) {
      if (stop || seen.has(stem) || plain.length < 3 || !/\p{L}/u.test(plain)) continue;
      seen.add(stem);
      const word = words.get(stem) ?? { of: 0, wordings: new Map() };
      word.of++;
      const wording = text.toLowerCase();
      word.wordings.set(wording, (word.wordings.get(wording) ?? 0) + 1);
      words.set(stem, word);
    }
  }
  const least = Math.max(2, Math.ceil(others.length / 3));
  return Array.from(words, ([stem, { of, wordings }]) => {
    const [[text] = [""]] = [...wordings].sort(([, a], [, b]) => b - a);
    return { text, stem, of };
  })
    .filter(({ of }) => of >= least)
    .sort((a, b) => b.of - a.of || a.text.localeCompare(b.text));
}

/** Of the words that others share, those that texts of one's own lack, in any form. */
export function lackingWords(shared: readonly SharedWord[], texts: readonly string[], language: string): SharedWord[] {
  const mine = new Set(texts.flatMap((text) => [...contentStems(text, language)]));
  return shared.filter(({ stem }) => !mine.has(stem)).slice(0, MOST_SHARED);
}
