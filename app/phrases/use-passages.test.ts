import { expect, it } from "vitest";
import { foundSoFar } from "./use-passages";

const page = (pageId: string, sentence = "The lamp.") => ({
  pageId,
  path: `/${pageId}`,
  passages: [{ sentence, marks: [], block: 0, at: 0, heading: "", under: "", link: null }],
});

it("keeps the sentences of pages that are looked at again, until they have been", () => {
  const all = foundSoFar("lamp", ["a", "b"], new Set(["a", "b"]), [page("a"), page("b")], null);
  const begun = foundSoFar("lamp", ["a", "b", "c"], new Set(), [], all);
  expect(begun.pages).toEqual(all.pages);
  const half = foundSoFar("lamp", ["a", "b", "c"], new Set(["a"]), [page("a", "Lamps.")], begun);
  expect(half).toMatchObject({ pages: [page("a", "Lamps."), page("b")], looked: 1, among: 3 });
  expect(foundSoFar("lamp", ["a", "b", "c"], new Set(["a", "b", "c"]), [page("c")], half).pages).toEqual([page("c")]);
  expect(foundSoFar("oil", ["a"], new Set(), [], all).pages).toEqual([]);
});
