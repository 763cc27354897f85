import { comparableAddress } from "../address/address.ts";
import { type FirstPage, firstPages, type MeasuredPage, measuredPages, pagesForQuestions } from "./first-pages.ts";
import { addedUp, BANDS, bandOf, type Figures, type PerformanceRow, rowsByPage, rowsByPhrase } from "./performance.ts";

/** Figures of a period, beside those of another one; null where there are none. */
export interface Compared extends Figures {
  before: Figures | null;
}

/** How a site did in a period. */
export interface Overview {
  total: Compared;
  /** Pages worth being looked at first, and those that deserve questions with answers. */
  first: FirstPage[];
  questions: (Figures & { id: string })[];
  /** Every measured page, and every phrase with the page that was shown for it most; by impressions. */
  pages: (Compared & { id: string })[];
  phrases: (Compared & { phrase: string; id: string | null })[];
  /** By the places in the results that pages had for their phrases. */
  places: { name: string; clicks: number; impressions: number }[];
  /** Addresses that are no page of the site. */
  elsewhere: { addresses: string[]; impressions: number };
}

const byImpressions = (a: Figures, b: Figures) => b.impressions - a.impressions;

/** Puts the figures of a period together with the pages, beside those of the period before. */
export function overviewOf(
  rows: readonly PerformanceRow[],
  before: readonly PerformanceRow[] | null,
  pages: readonly MeasuredPage[],
): Overview {
  const measured = measuredPages(rows, pages);
  const was = before && new Map(measuredPages(before, pages).map(({ page, figures }) => [page.id, figures]));
  const wasByPhrase = before && rowsByPhrase(before);
  const ids = new Map(pages.map(({ id, address }) => [comparableAddress(address), id]));
  const idOf = ({ address }: PerformanceRow) => (address === "" ? null : (ids.get(comparableAddress(address)) ?? null));
  const unknown = [...rowsByPage(rows)].filter(([key]) => !ids.has(key)).map(([, own]) => own);
  return {
    total: { ...addedUp(rows), before: before && addedUp(before) },
    first: firstPages(measured),
    questions: pagesForQuestions(measured),
    pages: measured
      .map(({ page: { id }, figures }) => ({ id, ...figures, before: was?.get(id) ?? null }))
      .sort(byImpressions),
    phrases: Array.from(rowsByPhrase(rows), ([key, own]) => {
      const [most] = [...own].sort(byImpressions);
      const earlier = wasByPhrase?.get(key);
      return {
        phrase: most?.phrase ?? "",
        id: most ? idOf(most) : null,
        ...addedUp(own),
        before: earlier ? addedUp(earlier) : null,
      };
    }).sort(byImpressions),
    places: BANDS.map(({ name }, band) => {
      const { clicks, impressions } = addedUp(rows.filter(({ position }) => bandOf(position) === band));
      return { name, clicks, impressions };
    }),
    elsewhere: {
      addresses: unknown.map(([first]) => first?.address ?? ""),
      impressions: addedUp(unknown.flat()).impressions,
    },
  };
}
