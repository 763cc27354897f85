import { addressOn } from "../../page/page.ts";
import { guidance, rule } from "../rule.ts";
import { counted } from "../texts.ts";
import { canonicalsOf } from "./canonical.ts";

export const canonicalSeveral = rule({
  id: "canonical/several",
  weight: "must",
  formats: ["html"],
  sees: ["headLinks", "address", "base"],
  finds: "more than one canonical address",
  counted: ["# page has more than one canonical", "# pages have more than one canonical"],
  why: "Where two differ search engines heed neither. Usually a theme and an extension each write one. The same address twice does no harm.",
  source: guidance("search engines' documentation of canonical addresses: one a page"),
  check(page, report) {
    const all = canonicalsOf(page);
    const second = all[1];
    if (!second) return;
    const different = new Set(all.map(({ href }) => addressOn(page, href ?? "") ?? href)).size;
    report({
      message:
        different === 1
          ? `The canonical address stands in ${counted(all.length, "element")}; one is enough.`
          : `The page names ${counted(different, "canonical address", "canonical addresses")}. Take all but one out of the source.`,
      at: { part: "head", range: second.range },
      weight: different === 1 ? "may" : "must",
    });
  },
});
