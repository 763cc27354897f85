import { expect, it } from "vitest";
import { differingWords } from "./differing.ts";

it("names the words of a text that differ from another's, neighbours as one", () => {
  const of = (was: string, is: string) => differingWords(was, is).map(({ start, end }) => is.slice(start, end));
  expect(of("Opening times | Quay", "Opening hours | Quay")).toEqual(["hours"]);
  expect(of("Opening times", "All opening times, and prices")).toEqual(["All opening", ", and prices"]);
  expect(of("The old lamp", "The lamp")).toEqual([]);
  expect(of("", "The lamp")).toEqual(["The lamp"]);
  expect(of("x".repeat(10), "")).toEqual([]);
});
