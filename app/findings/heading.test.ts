import { expect, it } from "vitest";
import type { Overview } from "../store/records/overviews";
import { headingOf } from "./heading";

const shown = (pages: number, totals: Overview["totals"]) => {
  const found = totals.must + totals.should + totals.may > 0;
  const rules = found ? [{ rule: "title/missing" }] : [];
  return { overview: { id: "s", siteId: "s", pages, totals, rules } as unknown as Overview };
};
const NONE = { must: 0, should: 0, may: 0 };

it("the findings have a heading in every state, while pages are read too", () => {
  expect(headingOf(null, false)).toBe("Reading the pages…");
  expect(headingOf(shown(0, NONE), false)).toBe("This site has no pages yet.");
  expect(headingOf(shown(12, NONE), false)).toBe("Nothing was found on 12 pages.");
  expect(headingOf(shown(0, NONE), true)).toBe("Nothing was found on these 0 pages.");
  expect(headingOf(shown(1, { must: 1, should: 1200, may: 0 }), true)).toBe(
    "What 1 page of this site needs: 1 must, 1,200 should.",
  );
  expect(headingOf(shown(40, { must: 0, should: 3, may: 2 }), false)).toBe("What this site needs: 3 should, 2 may.");
});
