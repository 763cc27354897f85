import type { Heading, LandmarkKind, Page } from "../page/page.ts";

/** Landmarks around the content: headings in them are no part of what the page says. */
const AROUND: ReadonlySet<LandmarkKind | null> = new Set<LandmarkKind | null>([
  "navigation",
  "complementary",
  "contentinfo",
  "search",
]);

/** Headings that belong to the page's content, with their index in `Page.headings`. A banner counts: many pages keep their H1 there. */
export function contentHeadings(page: Pick<Page, "headings">): { heading: Heading; index: number }[] {
  return page.headings
    .map((heading, index) => ({ heading, index }))
    .filter(({ heading }) => !AROUND.has(heading.landmark));
}

/** Headings that stand together, with no text between them. */
export function standTogether(first: Heading, second: Heading): boolean {
  return first.block >= 0 && second.block === first.block + 1;
}
