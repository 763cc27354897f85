import { facetOf, type PageFacets } from "../facets/page-facets.ts";
import { type HeadingShape, type ShapeFacet, type ShapeFault, shapeName } from "../facets/shapes.ts";
import type { Index, IndexMaker } from "./site.ts";

/** A shape that goes wrong on several pages. */
export interface HeadingPattern {
  name: string;
  shape: HeadingShape;
  faults: ShapeFault[];
  /** Ids of the pages that have it. */
  pages: string[];
  count: number;
  /** Texts of the first few. */
  examples: string[];
}

export interface HeadingShapes extends Index {
  /** Shapes of headings that go wrong on two pages at least, most pages first. */
  patterns(): HeadingPattern[];
}

const EXAMPLES = 4;

function patternOf(name: string, byPage: ReadonlyMap<string, ShapeFacet>): HeadingPattern[] {
  const facets = [...byPage.values()];
  const [first] = facets;
  if (!first || facets.filter(({ faults }) => faults.length > 0).length < 2) return [];
  return [
    {
      name,
      shape: first.shape,
      faults: [...new Set(facets.flatMap(({ faults }) => faults))],
      pages: [...byPage.keys()],
      count: facets.reduce((sum, { count }) => sum + count, 0),
      examples: [...new Set(facets.map(({ example }) => example))].slice(0, EXAMPLES),
    },
  ];
}

export const HEADING_SHAPES: IndexMaker<HeadingShapes> = () => {
  const shapes = new Map<string, Map<string, ShapeFacet>>();
  const eachOf = (page: PageFacets | null) =>
    (page ? facetOf(page, "shapes") : []).map((facet) => [shapeName(facet.shape), facet] as const);
  return {
    sees: ["shapes"],
    change(was, is) {
      for (const [name] of eachOf(was)) {
        const byPage = shapes.get(name);
        if (byPage?.delete(was?.id ?? "") && byPage.size === 0) shapes.delete(name);
      }
      for (const [name, facet] of eachOf(is))
        shapes.set(name, (shapes.get(name) ?? new Map<string, ShapeFacet>()).set(is?.id ?? "", facet));
    },
    patterns: () =>
      [...shapes].flatMap(([name, byPage]) => patternOf(name, byPage)).sort((a, b) => b.pages.length - a.pages.length),
  };
};
