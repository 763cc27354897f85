import { contentBlocks, isHeadingBlock } from "../../page/body.ts";
import { plainFacet } from "./facet.ts";

/** In UTF-16 code units: what is said early is what a page is about. */
const LONGEST = 2000;

/** The beginning of the content's text, headings apart. */
export const beginning = plainFacet<string>({
  version: 1,
  sees: ["blocks", "headings"],
  take(page) {
    let text = "";
    for (const { block, index } of contentBlocks(page)) {
      if (isHeadingBlock(page, index)) continue;
      text += `${block.text.slice(0, LONGEST)}\n`;
      if (text.length >= LONGEST) break;
    }
    return text.slice(0, LONGEST);
  },
});
