import { expect, it } from "vitest";
import type { FindingOn } from "#core/findings/finding";
import { keptCounts } from "./changes";

const on: FindingOn = { page: "a", address: "", at: { part: "link", to: "/x" }, weight: "must", key: "" };
const broken = { on, group: { rule: "link/broken", weight: "must" as const, message: "", on: [on] } };

it("counts pages, however often a rule finds something on one", () => {
  const twice = { found: "\ntitle/case 0 1 1" };
  const pages = [twice, { found: "\ntitle/case 0 1 0" }, { found: "" }];
  const ofPage = new Map([
    ["a", [broken, broken]],
    ["b", [broken]],
  ]);
  expect([...keptCounts(pages, { ofPage })]).toEqual([
    ["title/case", 2],
    ["link/broken", 2],
  ]);
});
