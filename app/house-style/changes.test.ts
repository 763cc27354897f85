import { expect, it } from "vitest";
import type { Finding } from "#core/findings/finding";
import type { SitePlace } from "#core/findings/site-place";
import { keptCounts } from "./changes";

const broken = (to: string): Finding<SitePlace> => ({
  rule: "link/broken",
  weight: "must",
  message: "",
  at: { part: "link", to },
  related: [],
  fix: null,
  key: `link/broken @ link to ${to}`,
});

it("counts pages, however often a rule finds something on one", () => {
  const pages = [{ rules: ["title/case", "title/case"] }, { rules: ["title/case"] }, { rules: [] }];
  const ofPage = new Map([
    ["a", [broken("/x"), broken("/y")]],
    ["b", [broken("/x")]],
  ]);
  expect([...keptCounts(pages, { ofPage })]).toEqual([
    ["title/case", 2],
    ["link/broken", 2],
  ]);
});
