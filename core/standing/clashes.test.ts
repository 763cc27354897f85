import { expect, it } from "vitest";
import { clashesAmong, isAbout, wants } from "./clashes.ts";

const page = (id: string, phrase: string, language = "en") => ({ id, phrase, language });
const clashing = (...pages: ReturnType<typeof page>[]) => clashesAmong(pages).map((group) => group.map(({ id }) => id));

it("pages of one language that want one phrase in any form clash, in the order of the pages", () => {
  expect(
    clashing(
      page("a", "boat hire"),
      page("b", "lamp room"),
      page("c", "hiring boats", "en-GB"),
      page("d", "Boat  Hire"),
      page("e", "the lamp rooms"),
    ),
  ).toEqual([
    ["a", "c", "d"],
    ["b", "e"],
  ]);
});

it("pages of two languages, of other phrases, or of none do not", () => {
  expect(clashing(page("a", "hotel"), page("b", "hotel", "de"), page("c", "hotel bar"))).toEqual([]);
  expect(clashing(page("a", ""), page("b", ""), page("c", " "), page("d", " "))).toEqual([]);
});

it("phrases of stop words only clash where they are the same", () => {
  expect(clashing(page("a", "to be"), page("b", "to be"), page("c", "or the"))).toEqual([["a", "b"]]);
});

it("a page wants its own phrase in any form, and nothing where it has none", () => {
  expect(wants(page("a", "boat hire"), "hire of boats")).toBe(true);
  expect(wants(page("a", "boat hire"), "boat trips")).toBe(false);
  expect(wants(page("a", ""), "")).toBe(false);
});

it("a page is about what it wants, and about what an H1 of it is, in any form", () => {
  expect(isAbout(page("a", "boat hire"), [], "hire of boats")).toBe(true);
  expect(isAbout(page("a", ""), ["Visit", "Hiring boats"], "boat hire")).toBe(true);
  expect(isAbout(page("a", ""), ["Boat hire and prices"], "boat hire")).toBe(false);
});
