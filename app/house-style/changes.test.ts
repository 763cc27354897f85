import { expect, it } from "vitest";
import type { FindingOn } from "#core/findings/finding";
import { keptCounts } from "./changes";

const on: FindingOn = { page: "a", address: "", at: { part: "link", to: "/x" }, weight: "must", key: "" };
const broken = { on, group: { rule: "link/broken", weight: "must" as const, message: "", on: [on] } };

it("counts pages, however often a rule finds something on one", () => {
  const pages = [{ rules: ["title/case", "title/case"] }, { rules: ["title/case"] }, { rules: [] }];
  const ofPage = new Map([
    ["a", [broken, broken]],
    ["b", [broken]],
  ]);
  expect([...keptCounts(pages, { ofPage })]).toEqual([
    ["title/case", 2],
    ["link/broken", 2],
  ]);
});
