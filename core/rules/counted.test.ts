import { expect, it } from "vitest";
import { countedAs } from "./counted.ts";
import { TOLD } from "./told.ts";

it("counts pages in a sentence", () => {
  const counted = ["# title is cut on desktop", "# titles are cut on desktop"] as const;
  expect(countedAs({ counted }, 1)).toEqual({ what: "1 title", rest: "is cut on desktop" });
  expect(countedAs({ counted }, 1700)).toEqual({ what: "1,700 titles", rest: "are cut on desktop" });
});

it.each([...TOLD.values()])("has a sentence for one page and for several: $id", ({ counted: [one, many] }) => {
  expect(one).toMatch(/^# \p{L}[\p{L}\d]* [^#]+[^.#]$/u);
  expect(many).toMatch(/^# \p{L}[\p{L}\d]*s [^#]+[^.#]$/u);
  // “#1 page has”, “#2 pages have”: the verb follows the number.
  expect(one.split(" ").slice(0, 3)).not.toEqual(many.split(" ").slice(0, 3));
});
