import { comparableAddress } from "../address/address.ts";
import { phraseKey } from "../phrase/phrase-key.ts";

/** What was measured of results in a period. */
export interface Figures {
  clicks: number;
  impressions: number;
  /** Place in the results on average, from 1; null where it is not known. */
  position: number | null;
}

/** What one page had for one phrase. */
export interface PerformanceRow extends Figures {
  /** As it was measured; "" where only the phrase is known. */
  address: string;
  /** "" where only the page is known. */
  phrase: string;
}

/** First and last day, YYYY-MM-DD. */
export interface Period {
  from: string;
  to: string;
}

/** Figures as one: clicks and impressions are added up, places weighted by how often they were shown. */
export function addedUp(all: Iterable<Figures>): Figures {
  let [clicks, impressions, places, shown] = [0, 0, 0, 0];
  for (const one of all) {
    clicks += one.clicks;
    impressions += one.impressions;
    if (one.position === null) continue;
    const weight = Math.max(1, one.impressions);
    places += one.position * weight;
    shown += weight;
  }
  return { clicks, impressions, position: shown === 0 ? null : places / shown };
}

/** Clicks of a hundred impressions; null where nothing was shown. */
export const clickRate = ({ clicks, impressions }: Figures): number | null =>
  impressions === 0 ? null : (clicks * 100) / impressions;

/** Things by what names them; null leaves one out. */
export function groupedBy<K, T>(all: Iterable<T>, keyOf: (one: T) => K | null): Map<K, T[]> {
  const groups = new Map<K, T[]>();
  for (const one of all) {
    const key = keyOf(one);
    if (key === null) continue;
    const group = groups.get(key);
    if (group) group.push(one);
    else groups.set(key, [one]);
  }
  return groups;
}

/** The rows of each page, by its address as addresses are compared. */
export function rowsByPage(rows: readonly PerformanceRow[]): Map<string, PerformanceRow[]> {
  const known = new Map<string, string>();
  return groupedBy(rows, ({ address }) => {
    if (address === "") return null;
    const key = known.get(address) ?? comparableAddress(address);
    known.set(address, key);
    return key;
  });
}

/** What names phrases: one stands in many rows. */
const keys = new Map<string, string>();
const REMEMBERED = 100_000;

/** As `phraseKey`, remembered. */
export function keyOfPhrase(phrase: string): string {
  let key = keys.get(phrase);
  if (key === undefined) {
    key = phraseKey(phrase);
    if (keys.size >= REMEMBERED) keys.clear();
    keys.set(phrase, key);
  }
  return key;
}

/** The rows of each phrase, by what names it. */
export const rowsByPhrase = (rows: readonly PerformanceRow[]): Map<string, PerformanceRow[]> =>
  groupedBy(rows, ({ phrase }) => keyOfPhrase(phrase) || null);

/** Places in the results that are compared with each other: the first ones, the rest of the first page, the second, the others. */
export const BANDS = [
  { name: "1st to 3rd", to: 3.5 },
  { name: "4th to 10th", to: 10.5 },
  { name: "11th to 20th", to: 20.5 },
  { name: "beyond the 20th", to: Number.POSITIVE_INFINITY },
] as const;

/** Which of `BANDS` a place is in; -1 where it is not known. */
export const bandOf = (position: number | null): number =>
  position === null ? -1 : BANDS.findIndex(({ to }) => position < to);
