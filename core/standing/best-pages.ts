import type { MatchKind } from "../phrase/phrase-finder.ts";

/** How well a page answers a phrase: by its title, H1 and address first. Common practice, no source. */
const WEIGHTS = { title: 9, h1: 9, slug: 6, h2: 3, description: 2, early: 2, alt: 1 } as const;
const KINDS: Readonly<Record<MatchKind, number>> = { exact: 1, form: 0.9, scattered: 0.5 };

/** Where a phrase stands on a page, by place. */
type Places = Readonly<Partial<Record<keyof typeof WEIGHTS, MatchKind | null>>>;

/** How well a page answers a phrase, from 0; for comparing pages with each other. */
export const answersBy = (places: Places): number =>
  Object.entries(WEIGHTS).reduce((sum, [place, weight]) => {
    const kind = places[place as keyof typeof WEIGHTS];
    return kind ? sum + weight * KINDS[kind] : sum;
  }, 0);

/** Pages in the order in which they are proposed for a phrase: those that answer it best first, equal ones as they came. */
export function bestPages<P>(pages: Iterable<P>, placesOf: (page: P) => Places): P[] {
  return Array.from(pages, (page) => ({ page, score: answersBy(placesOf(page)) }))
    .sort((a, b) => b.score - a.score)
    .map(({ page }) => page);
}
