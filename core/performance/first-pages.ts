import { comparableAddress } from "../address/address.ts";
import { findPhrase } from "../phrase/match.ts";
import {
  addedUp,
  bandOf,
  clickRate,
  type Figures,
  groupedBy,
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

/** What each page had altogether. A table of pages alone counts as it stands, one of phrases too adds them up. */
export function figuresOfPages<P extends { id: string; address: string }>(
  rows: readonly PerformanceRow[],
  pages: Iterable<P>,
): Map<string, { page: P; rows: PerformanceRow[]; figures: Figures }> {
  const byAddress = rowsByPage(rows);
  const measured = new Map<string, { page: P; rows: PerformanceRow[]; figures: Figures }>();
  for (const page of pages) {
    const own = byAddress.get(comparableAddress(page.address));
    if (own) measured.set(page.id, { page, rows: own, figures: addedUp(own) });
  }
  return measured;
}

/** The pages that are worth being looked at first, by how often they were shown, with the reasons. */
export function firstPages(rows: readonly PerformanceRow[], pages: Iterable<MeasuredPage>): FirstPage[] {
  const measured = [...figuresOfPages(rows, pages).values()];
  const inBand = groupedBy(measured, ({ figures }) => bandOf(figures.position));
  const found: FirstPage[] = [];
  for (const { page, rows: own, figures } of measured) {
    const reasons: FirstReason[] = [];
    const rate = clickRate(figures);
    const others = (inBand.get(bandOf(figures.position)) ?? []).filter((one) => one.page.id !== page.id);
    const usual = clickRate(addedUp(others.map((one) => one.figures)));
    if (
      figures.impressions >= OFTEN &&
      figures.position !== null &&
      others.length >= OTHERS &&
      rate !== null &&
      usual !== null &&
      rate < usual / 2
    )
      reasons.push({ kind: "seldom-clicked", rate, usual });

    const weighty = weightyPhrases(own, figures);
    const near = weighty.find(({ position }) => bandOf(position) === 1);
    if (near?.position) {
      const { phrase, position, impressions } = near;
      reasons.push({ kind: "near-top", phrase, position, impressions });
    } else if (
      weighty.length === 0 &&
      figures.impressions >= OFTEN &&
      figures.position &&
      bandOf(figures.position) === 1
    )
      reasons.push({ kind: "near-top", phrase: "", position: figures.position, impressions: figures.impressions });

    const lacking = weighty.find(
      ({ phrase }) => findPhrase(phrase, page.title, { language: page.language }).length === 0,
    );
    if (lacking) {
      const { phrase, impressions } = lacking;
      reasons.push({ kind: "title-lacks", phrase, title: page.title, impressions });
    }
    if (reasons.length > 0) found.push({ id: page.id, ...figures, reasons });
  }
  return found.sort((a, b) => b.impressions - a.impressions);
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
export function pagesForQuestions(
  rows: readonly PerformanceRow[],
  pages: Iterable<MeasuredPage>,
): (Figures & { id: string })[] {
  return [...figuresOfPages(rows, pages).values()]
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
