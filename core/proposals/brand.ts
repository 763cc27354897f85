import { titleOf } from "../page/page.ts";
import { onceBranded } from "../settings/without-brand.ts";
import type { Proposal } from "./proposal.ts";
import { textLine } from "./texts.ts";

/** Titles that hold the site's name more than once keep it once. */
export const brand: Proposal<Record<never, never>> = {
  propose: (on) => {
    const { brand, separator } = on.houseStyle;
    return { lines: textLine(on, "title", onceBranded(titleOf(on.page), brand, separator)) };
  },
};
