import { describe, expect, it } from "vitest";
import { originalFromText } from "../page/original.ts";
import { readPage } from "../page/read.ts";
import { applyToPage } from "../rewrite/apply.ts";
import { type Edit, withEdit } from "../rewrite/edits.ts";
import { keyOf } from "../rewrite/resolve.ts";
import {
  headingOver,
  levelEdit,
  makerOf,
  mergedFirst,
  moveEdits,
  originalOf,
  type Redrafted,
  wordsEdit,
} from "./outline-edits.ts";

const BODY =
  "<h1>Lamps</h1><p>Lit at dusk.</p><h2>Red</h2><h3>Small</h3><h3>Large</h3><h2>Green</h2><p>Where to stand</p><p>On the quay.</p>";

/** A page with a redraft made of edits, one after the other. */
function redrafted(edits: readonly Edit[] = [], body = BODY): Redrafted {
  const original = readPage(originalFromText(`<!doctype html><title>A</title><body>${body}`), {
    address: "https://www.example/",
  });
  const all = edits.reduce<readonly Edit[]>((list, one) => withEdit(list, one), []);
  const { page, refused } = applyToPage(original, all);
  expect(refused).toEqual([]);
  return { original, page, edits: all };
}
const outline = ({ page }: Redrafted) => Array.from(page.headings, ({ level, text }) => `H${level} ${text}`);
const then = (now: Redrafted, edits: readonly Edit[]) => {
  const all = edits.reduce((list, one) => withEdit(list, one), [...now.edits]);
  const { page, refused } = applyToPage(now.original, all);
  expect(refused).toEqual([]);
  return { ...now, page, edits: all };
};
const heading = (now: Redrafted, text: string) => {
  const found = now.page.headings.find((one) => one.text === text);
  if (!found) throw new Error(`no heading ${text}`);
  return found;
};
const MADE: Edit = {
  op: "make-heading",
  block: keyOf(redrafted().original, "block", 6),
  level: 3,
  was: "Where to stand",
};
const INSERTED: Edit = {
  op: "insert-blocks",
  id: "n",
  at: keyOf(redrafted().original, "block", 2),
  before: true,
  blocks: [
    { tag: "h2", text: "When" },
    { tag: "p", text: "At dusk." },
  ],
  was: null,
};

describe("a heading of the redrafted page", () => {
  it("is told from which of the original it comes, or which edit has made it", () => {
    const now = redrafted([MADE, INSERTED]);
    expect(originalOf(now, heading(now, "Red"))?.text).toBe("Red");
    expect(originalOf(now, heading(now, "Where to stand"))).toBeNull();
    expect(makerOf(now, heading(now, "Where to stand"))).toEqual(MADE);
    expect(makerOf(now, heading(now, "When"))).toEqual(INSERTED);
    expect(makerOf(now, heading(now, "Red"))).toBeNull();
  });

  it.each<[string, Edit[], string, Edit["op"]]>([
    ["the page has", [], "Green", "set-heading-level"],
    ["was made of a text", [MADE], "Where to stand", "make-heading"],
    ["was put there", [INSERTED], "When", "insert-blocks"],
  ])("gets another level where it %s", (_, edits, text, op) => {
    const now = redrafted(edits);
    const edit = levelEdit(now, heading(now, text), 4);
    expect(edit?.op).toBe(op);
    const next = then(now, edit ? [edit] : []);
    expect(heading(next, text).level).toBe(4);
    // Its own edit is changed, and none comes beside it.
    expect(next.edits).toHaveLength(Math.max(1, edits.length));
    expect(levelEdit(next, heading(next, text), 4)).toBeNull();
    for (const level of [0, 7]) expect(levelEdit(next, heading(next, text), level)).toBeNull();
  });

  it.each<[string, Edit[], string]>([
    ["the page has", [], "Green"],
    ["was made of a text", [MADE], "Where to stand"],
    ["was put there", [INSERTED], "When"],
  ])("gets other words where it %s, and keeps its place", (_, edits, text) => {
    const now = redrafted(edits);
    const edit = wordsEdit(now, heading(now, text), "Other words");
    const next = then(now, edit ? [edit] : []);
    expect(outline(next)).toEqual(outline(now).map((one) => one.replace(text, "Other words")));
    expect(wordsEdit(now, heading(now, text), text)).toBeNull();
  });
});

describe("a heading that is moved", () => {
  it("goes alone, or with all that is below it by as many levels", () => {
    const now = redrafted();
    expect(outline(then(now, moveEdits(now, 1, 3, false)))).toEqual([
      "H1 Lamps",
      "H3 Red",
      "H3 Small",
      "H3 Large",
      "H2 Green",
    ]);
    expect(outline(then(now, moveEdits(now, 1, 3, true)))).toEqual([
      "H1 Lamps",
      "H3 Red",
      "H4 Small",
      "H4 Large",
      "H2 Green",
    ]);
  });

  it("goes no further than levels do, and nowhere where it is none", () => {
    const now = redrafted();
    expect(outline(then(now, moveEdits(now, 1, 9, true)))).toEqual([
      "H1 Lamps",
      "H6 Red",
      "H6 Small",
      "H6 Large",
      "H2 Green",
    ]);
    expect(moveEdits(now, 9, 3, true)).toEqual([]);
  });
});

describe("a heading over others", () => {
  const over = (now: Redrafted, index: number, id = "x") => {
    const edits = headingOver(now, index, "Sizes", id);
    if ("reason" in edits) throw new Error(edits.reason);
    return then(now, edits);
  };

  it("stands one level above them", () => {
    const now = redrafted();
    expect(outline(over(now, 2))).toEqual(["H1 Lamps", "H2 Red", "H2 Sizes", "H3 Small", "H3 Large", "H2 Green"]);
  });

  it("takes the place of H2s, which go one level down with what is below them", () => {
    const now = redrafted();
    expect(outline(over(now, 1))).toEqual(["H1 Lamps", "H2 Sizes", "H3 Red", "H4 Small", "H4 Large", "H3 Green"]);
  });

  it("joins what is new itself", () => {
    const now = redrafted([INSERTED]);
    const next = over(now, 1);
    expect(outline(next).slice(0, 4)).toEqual(["H1 Lamps", "H2 Sizes", "H3 When", "H3 Red"]);
    expect(next.edits.filter(({ op }) => op === "insert-blocks")).toHaveLength(1);
  });

  it("is refused over a heading without words", () => {
    const now = redrafted([], "<h1>A</h1><h2></h2>");
    expect(headingOver(now, 1, "Sizes", "x")).toEqual({ reason: expect.stringContaining("without words") });
  });
});

describe("H1s that read as one title", () => {
  it("become one before the outline is repaired", () => {
    const now = redrafted([], "<h1>Night of</h1><h1>lamps</h1><p>Lit.</p><h2>When</h2>");
    const merged = mergedFirst(now);
    expect(merged?.title).toBe("Night of lamps");
    expect(merged && outline(merged.after)).toEqual(["H1 Night of lamps", "H2 When"]);
  });

  it("are left where there is one, or the redraft has made one of them", () => {
    expect(mergedFirst(redrafted())).toBeNull();
    const body = "<p>Night of</p><h1>lamps</h1><p>Lit.</p>";
    const { original } = redrafted([], body);
    const made: Edit = { op: "make-heading", block: keyOf(original, "block", 0), level: 1, was: "Night of" };
    expect(mergedFirst(redrafted([made], body))).toBeNull();
  });
});
