import { comparableAddress } from "../address/address.ts";
import { phraseFinder } from "../phrase/phrase-finder.ts";
import {
  addedUp,
  bandOf,
  clickRate,
  type Figures,
  groupedBy,
  keyOfPhrase,
  type PerformanceRow,
  rowsByPage,
  rowsByPhrase,
} from "./performance.ts";

/** A page as far as its performance is looked at. */
export interface MeasuredPage {
  id: string;
  address: string;
  title: string;
  /** BCP 47, or "". */
  language: string;
}

/** Why a page is worth being looked at first. */
export type FirstReason =
  /** Shown often, and clicked less than half as often as this site's other pages are at such places; rates in hundredths. */
  | { kind: "seldom-clicked"; rate: number; usual: number }
  /** On the 4th to 10th place; the phrase is "" where none is known. */
  | { kind: "near-top"; phrase: string; position: number; impressions: number }
  /** Shown often for a phrase that its title lacks in every form. */
  | { kind: "title-lacks"; phrase: string; title: string; impressions: number };

export interface FirstPage extends Figures {
  id: string;
  reasons: FirstReason[];
}

// From when on figures say something, by impressions in the period. Common practice, no source.
const OFTEN = 100;
const OFTEN_FOR_PHRASE = 20;
/** Of a page's impressions, what a phrase must have to be worth a word, in hundredths. */
const PART_OF_PAGE = 5;
/** Other pages at such places, at least, so that there is a usual rate. */
const OTHERS = 3;

/** A page with what was measured of it. */
export interface Measured<P> {
  page: P;
  rows: PerformanceRow[];
  figures: Figures;
}

/** What each page had altogether; pages that were not measured are left out. */
export function measuredPages<P extends { address: string }>(
  rows: readonly PerformanceRow[],
  pages: Iterable<P>,
): Measured<P>[] {
  const byAddress = rowsByPage(rows);
  const measured: Measured<P>[] = [];
  for (const page of pages) {
    const own = byAddress.get(comparableAddress(page.address));
    if (own) measured.push({ page, rows: own, figures: addedUp(own) });
  }
  return measured;
}

/** The pages that are worth being looked at first, by how often they were shown, with the reasons. */
export function firstPages(measured: readonly Measured<MeasuredPage>[]): FirstPage[] {
  const bands = groupedBy(measured, ({ figures }) => bandOf(figures.position));
  const inBand = new Map(
    Array.from(bands, ([band, all]) => [band, { all, sum: addedUp(all.map((one) => one.figures)) }]),
  );
  const weighty = measured.map(({ rows, figures }) => weightyPhrases(rows, figures));
  const says = phrasesInTitles(measured, weighty);
  const found: FirstPage[] = [];
  for (const [i, { page, figures }] of measured.entries()) {
    const reasons: FirstReason[] = [];
    const rate = clickRate(figures);
    const band = inBand.get(bandOf(figures.position));
    // What the others at such places had together.
    const usual = band
      ? clickRate({
          clicks: band.sum.clicks - figures.clicks,
          impressions: band.sum.impressions - figures.impressions,
          position: null,
        })
      : null;
    if (
      figures.impressions >= OFTEN &&
      figures.position !== null &&
      (band?.all.length ?? 0) > OTHERS &&
      rate !== null &&
      usual !== null &&
      rate < usual / 2
    )
      reasons.push({ kind: "seldom-clicked", rate, usual });

    const phrases = weighty[i] ?? [];
    const near = phrases.find(({ position }) => bandOf(position) === 1);
    if (near?.position) {
      const { phrase, position, impressions } = near;
      reasons.push({ kind: "near-top", phrase, position, impressions });
    } else if (
      phrases.length === 0 &&
      figures.impressions >= OFTEN &&
      figures.position &&
      bandOf(figures.position) === 1
    )
      reasons.push({ kind: "near-top", phrase: "", position: figures.position, impressions: figures.impressions });

    const lacking = phrases.find(({ phrase }) => !says(page, phrase));
    if (lacking) {
      const { phrase, impressions } = lacking;
      reasons.push({ kind: "title-lacks", phrase, title: page.title, impressions });
    }
    if (reasons.length > 0) found.push({ id: page.id, ...figures, reasons });
  }
  return found.sort((a, b) => b.impressions - a.impressions);
}

/** Tells whether a page's title says a phrase in any form: all phrases of a language are looked for in one pass. */
function phrasesInTitles(
  measured: readonly Measured<MeasuredPage>[],
  weighty: readonly (readonly PerformanceRow[])[],
): (page: MeasuredPage, phrase: string) => boolean {
  const keysOf = new Map<string, Set<string>>();
  for (const [i, { page }] of measured.entries()) {
    const keys = keysOf.get(page.language) ?? new Set();
    for (const { phrase } of weighty[i] ?? []) keys.add(keyOfPhrase(phrase));
    keysOf.set(page.language, keys);
  }
  const finders = new Map(
    Array.from(keysOf, ([language, keys]) => {
      const texts = [...keys];
      return [language, { texts, finder: phraseFinder(texts, { language }) }] as const;
    }),
  );
  const said = new Map<string, Set<string>>();
  return (page, phrase) => {
    const { texts, finder } = finders.get(page.language) ?? {};
    let keys = said.get(page.id);
    if (!keys) {
      keys = new Set(finder?.find(page.title).map((match) => texts?.[match.phrase] ?? "") ?? []);
      said.set(page.id, keys);
    }
    return keys.has(keyOfPhrase(phrase));
  };
}

/** The phrases that a page is shown for often, the most shown first. */
function weightyPhrases(own: readonly PerformanceRow[], { impressions }: Figures): PerformanceRow[] {
  const least = Math.max(OFTEN_FOR_PHRASE, (impressions * PART_OF_PAGE) / 100);
  const groups = rowsByPhrase(own);
  return Array.from(
    groups.values(),
    ([first, ...more]): PerformanceRow => ({
      address: first?.address ?? "",
      phrase: first?.phrase ?? "",
      ...addedUp(first ? [first, ...more] : []),
    }),
  )
    .filter((row) => row.impressions >= least)
    .sort((a, b) => b.impressions - a.impressions);
}

const number = new Intl.NumberFormat("en-GB");
const rateNumber = new Intl.NumberFormat("en-GB", { maximumFractionDigits: 1 });

/** A place in the results on average, as people say it. */
export const placeInWords = (position: number): string => rateNumber.format(position);
/** A rate in hundredths. */
export const rateInWords = (rate: number): string => `${rateNumber.format(rate)} %`;

/** A reason as a sentence. */
export function reasonInWords(reason: FirstReason, { clicks, impressions }: Figures): string {
  switch (reason.kind) {
    case "seldom-clicked":
      return `Shown ${number.format(impressions)} times and clicked ${number.format(clicks)} times (${rateInWords(reason.rate)}); other pages of this site are clicked ${rateInWords(reason.usual)} of the time at such places.`;
    case "near-top":
      return `At place ${placeInWords(reason.position)}${reason.phrase === "" ? "" : ` for “${reason.phrase}”`}, shown ${number.format(reason.impressions)} times: a little higher is where most of the clicks are.`;
    case "title-lacks":
      return `Shown ${number.format(reason.impressions)} times for “${reason.phrase}”, which ${reason.title === "" ? "no title says" : `its title “${reason.title}” does not say`}.`;
  }
}

/** Pages that are named for questions. */
const FOR_QUESTIONS = 3;

/**
 * Pages that deserve questions with answers in their structured data: on the 1st to 10th place, clicked most, and not the
 * start page. Common practice, no source.
 */
export function pagesForQuestions(measured: readonly Measured<MeasuredPage>[]): (Figures & { id: string })[] {
  return measured
    .filter(({ page, figures }) => {
      const band = bandOf(figures.position);
      return figures.clicks > 0 && (band === 0 || band === 1) && !isStart(page.address);
    })
    .sort((a, b) => b.figures.clicks - a.figures.clicks)
    .slice(0, FOR_QUESTIONS)
    .map(({ page, figures }) => ({ id: page.id, ...figures }));
}

/** Whether an address is the start page of its site, also one of a language's own: “/”, “/index.html”, “/de/”. */
const isStart = (address: string): boolean =>
  /^(?:\/[a-z]{2}(?:-[a-z]{2})?)?\/(?:index\.[a-z]+)?$/i.test(new URL(address).pathname);
