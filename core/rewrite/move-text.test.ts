import { describe, expect, it } from "vitest";
import { readPage } from "../page/read.ts";
import { applyToPage } from "./apply.ts";
import type { Edit } from "./edits.ts";
import { moveText } from "./move-text.ts";
import { originsOf } from "./origins.ts";
import { keyOf } from "./resolve.ts";

const original = readPage("<p>a</p>\n<p>b</p>\n<p>a</p>\n<p>c</p>\n", { address: "https://a.example/" });
const texts = (edits: readonly Edit[]) =>
  applyToPage(original, edits)
    .page.blocks.map(({ text }) => text)
    .join(" ");

function move(edits: readonly Edit[], block: number, by: -1 | 1): readonly Edit[] | string {
  const { page } = applyToPage(original, edits);
  const origins = originsOf(original, page, edits, "block");
  const next = moveText({ original, page, edits, origins, block, by });
  return "reason" in next ? next.reason : next;
}
const moved = (edits: readonly Edit[], block: number, by: -1 | 1) => {
  const next = move(edits, block, by);
  return typeof next === "string" ? next : texts(next);
};
const insert = (at: number, before: boolean, ...words: string[]): Edit => ({
  op: "insert-blocks",
  id: "x",
  at: keyOf(original, "block", at),
  before,
  blocks: words.map((text) => ({ tag: "p", text })),
  was: null,
});

describe("a text that is moved goes one place", () => {
  it("by node, where equal words stand elsewhere", () => {
    expect(moved([], 3, -1)).toBe("a b c a");
    expect(moved([], 1, 1)).toBe("a a b c");
    expect(moved([], 0, -1)).toMatch(/^It is the first text/);
  });

  it("and on from there", () => {
    const once = move([], 3, -1) as Edit[];
    expect(moved(once, 2, -1)).toBe("a c b a");
    // What was passed by comes back: the move is taken back.
    expect(moved(once, 3, -1)).toBe("a b a c");
  });

  it("past what the redraft has added, wherever that is bound to", () => {
    expect(moved([insert(2, false, "new")], 4, -1)).toBe("a b a c new");
    expect(moved([insert(3, true, "new")], 4, -1)).toBe("a b a c new");
    expect(moved([insert(2, false, "new")], 2, 1)).toBe("a b new a c");
  });

  it("when the redraft has added it itself, alone or among others", () => {
    expect(moved([insert(2, false, "new")], 3, -1)).toBe("a b new a c");
    expect(moved([insert(2, false, "one", "two")], 4, -1)).toBe("a b a two one c");
    expect(moved([insert(2, false, "one", "two")], 4, 1)).toMatch(/added together with others/);
  });
});

describe("where nodes come from", () => {
  it("is known by their places, not by their words", () => {
    const edits: Edit[] = [{ op: "set-block-text", block: keyOf(original, "block", 1), value: "a", was: "b" }];
    const { page } = applyToPage(original, edits);
    expect(originsOf(original, page, edits, "block").map(({ index }) => index)).toEqual([0, 1, 2, 3]);
  });
});
