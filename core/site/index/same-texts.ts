import type { PageFacets } from "../facets/page-facets.ts";
import type { Index, IndexMaker } from "./site.ts";

type TextName = "title" | "description" | "keywords";

/** Pages with the same text, case and white space apart. */
export interface SameTexts extends Index {
  /** Ids of two or more pages each; pages without a text are in none. */
  groups(): Iterable<ReadonlySet<string>>;
  /** How many pages have a text. */
  count(text: string): number;
}

const folded = (text: string) => text.trim().toLowerCase();

function sameTexts(name: TextName): IndexMaker<SameTexts> {
  return () => {
    const byText = new Map<string, Set<string>>();
    const repeated = new Set<Set<string>>();
    const textOf = (page: PageFacets | null) => (page ? folded(page[name]) : "");
    return {
      sees: [name],
      change(was, is) {
        const [before, after] = [textOf(was), textOf(is)];
        if (was && before !== "") {
          const group = byText.get(before);
          group?.delete(was.id);
          if (group && group.size < 2) repeated.delete(group);
          if (group?.size === 0) byText.delete(before);
        }
        if (is && after !== "") {
          const group = byText.get(after) ?? new Set();
          byText.set(after, group.add(is.id));
          if (group.size === 2) repeated.add(group);
        }
      },
      groups: () => repeated,
      count: (text) => byText.get(folded(text))?.size ?? 0,
    };
  };
}

export const SAME_TITLES = sameTexts("title");
export const SAME_DESCRIPTIONS = sameTexts("description");
export const SAME_KEYWORDS = sameTexts("keywords");
