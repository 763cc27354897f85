import type { Fix } from "../../findings/fix.ts";
import { canonicalElements } from "../../page/page.ts";
import { guidance, rule } from "../rule.ts";
import { canonicalsOf } from "./canonical.ts";

export const canonicalMissing = rule({
  id: "canonical/missing",
  weight: "may",
  formats: ["html"],
  sees: ["headLinks", "address"],
  finds: "no canonical address",
  counted: ["# page has no canonical", "# pages have no canonical"],
  hasFix: true,
  why: "Most pages can be reached under several addresses, with and without a slash or a campaign's parameters. A canonical address says which of them is meant; without one a search engine decides.",
  source: guidance("search engines' documentation of canonical addresses"),
  check(page, report) {
    if (canonicalsOf(page).length > 0) return;
    const naming = (): Fix | null => {
      if (!/^https?:/.test(page.address) || !URL.canParse(page.address)) return null;
      const own = new URL(page.address).href;
      return { label: `Name its own: ${own}`, edits: [{ op: "set-canonical", value: own, was: null }] };
    };
    report({
      message: "The page names no canonical address.",
      at: { part: "head", range: null },
      // One that the parser has put into the body is none, and stays in the way of another.
      ...(canonicalElements(page).length === 0 && { fix: naming }),
    });
  },
});
