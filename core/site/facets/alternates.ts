import { addressOn } from "../../page/page.ts";
import { asCell, facet, packLines, unpackLines } from "./facet.ts";

export interface AlternateFacet {
  /** The value of `hreflang`. */
  language: string;
  /** In full. */
  address: string;
}

const MOST = 100;

/** Versions in other languages that the page names. */
export const alternates = facet<readonly AlternateFacet[], string>({
  version: 1,
  sees: ["headLinks", "address", "base"],
  take: (page) =>
    page.headLinks
      .flatMap(({ rel, hreflang, href }) => {
        const address = rel.includes("alternate") && hreflang && href ? addressOn(page, href) : null;
        return address ? [{ language: asCell(hreflang?.trim() ?? ""), address }] : [];
      })
      .slice(0, MOST),
  pack: (list) => packLines(list, ({ language, address }) => [language, address]),
  unpack: (packed) => unpackLines(packed, ([language = "", address = ""]) => ({ language, address })),
});
