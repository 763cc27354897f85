import { asCell, facet, packLines, unpackLines } from "./facet.ts";

export type HeadingFacet = readonly [level: number, text: string];

const MOST = 24;
/** In UTF-16 code units. */
const LONGEST = 200;

/** Level and text of the first headings. */
export const headings = facet<readonly HeadingFacet[], string>({
  version: 1,
  sees: ["headings"],
  take: (page) =>
    Array.from(page.headings.slice(0, MOST), ({ level, text }) => [level, text.slice(0, LONGEST)] as const),
  pack: (list) => packLines(list, ([level, text]) => [level, asCell(text)]),
  unpack: (packed) => unpackLines(packed, ([level = "", text = ""]) => [Number(level), text] as const),
});

/** The first H1 with a text of a packed facet, which is not unpacked for it; "" for none. */
export const firstH1 = (packed: string): string => /(?:^|\n)1\t([^\n]+)/.exec(packed)?.[1] ?? "";
