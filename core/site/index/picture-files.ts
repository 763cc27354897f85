import { primaryOf } from "../../page/language-tag.ts";
import { facetOf, type PageFacets } from "../facets/page-facets.ts";
import type { Index, IndexMaker } from "./site.ts";

/** A picture with one of the alternative texts that it has on a site's pages of one language. */
export interface SitePicture {
  /** As `pictureAt` names it. */
  at: string;
  alt: string | null;
  /** The primary language of these pages, such as “en”; "" where they state none. */
  language: string;
  /** Ids of the pages on which it has this text. */
  pages: string[];
}

export interface PictureFiles extends Index {
  /**
   * Each picture with each of its texts: those without any first, then by how many pages show them, then by where it is; what is the
   * same in all of that stands in the order of the site.
   */
  list(): SitePicture[];
  /** Ids of the pages that show a file. */
  showing(at: string): ReadonlySet<string>;
}

const NOBODY: ReadonlySet<string> = new Set();
const rank = ({ alt }: SitePicture) => (alt === null ? 0 : 1);

export const PICTURE_FILES: IndexMaker<PictureFiles> = (pages) => {
  const byFile = new Map<string, Set<string>>();
  const filesOf = (page: PageFacets) => new Set(facetOf(page, "pictures").map(({ at }) => at));
  return {
    sees: ["pictures", "language"],
    change(was, is) {
      for (const at of was ? filesOf(was) : []) {
        const showing = byFile.get(at);
        if (showing?.delete(was?.id ?? "") && showing.size === 0) byFile.delete(at);
      }
      for (const at of is ? filesOf(is) : []) byFile.set(at, (byFile.get(at) ?? new Set()).add(is?.id ?? ""));
    },
    list() {
      const found = new Map<string, SitePicture>();
      for (const page of pages.values()) {
        const language = primaryOf(page.language);
        for (const { at, alt } of facetOf(page, "pictures")) {
          const name = `${language}\t${at}\t${alt === null ? "-" : `=${alt}`}`;
          const picture = found.get(name) ?? { at, alt, language, pages: [] };
          if (picture.pages.at(-1) !== page.id) picture.pages.push(page.id);
          found.set(name, picture);
        }
      }
      return [...found.values()].sort(
        (a, b) => rank(a) - rank(b) || b.pages.length - a.pages.length || Number(a.at > b.at) - Number(a.at < b.at),
      );
    },
    showing: (at) => byFile.get(at) ?? NOBODY,
  };
};
