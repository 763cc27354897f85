import { describe, expect, it } from "vitest";
import { originalFromText } from "../page/original.ts";
import { readPage } from "../page/read.ts";
import { applyToPage } from "./apply.ts";
import { type Edit, withEdit } from "./edits.ts";
import { besideBlock } from "./insert-beside.ts";
import { originsOf } from "./origins.ts";

const original = readPage(
  originalFromText("<!doctype html><title>A</title><body><h1>Lamps</h1><p>Lit.</p><p>Red.</p>"),
  {
    address: "https://www.example/",
  },
);

/** The redraft with new texts beside a block of the page as it leaves it, and the texts then. */
function put(edits: readonly Edit[], block: number, before: boolean, ...texts: string[]) {
  const { page } = applyToPage(original, edits);
  const origins = originsOf(original, page, edits, "block");
  const blocks = texts.map((text) => ({ tag: "p" as const, text }));
  const edit = besideBlock(page, origins, block, before, blocks, `n${edits.length}`);
  if (!edit) throw new Error("nowhere");
  const next = withEdit(edits, edit);
  const after = applyToPage(original, next);
  expect(after.refused).toEqual([]);
  return { edits: next, texts: after.page.blocks.map(({ text }) => text) };
}

describe("new texts", () => {
  it("stand before or behind a text of the page", () => {
    expect(put([], 1, true, "New.").texts).toEqual(["Lamps", "New.", "Lit.", "Red."]);
    expect(put([], 1, false, "New.", "Newer.").texts).toEqual(["Lamps", "Lit.", "New.", "Newer.", "Red."]);
    expect(put([], 0, false, "New.").texts).toEqual(["Lamps", "New.", "Lit.", "Red."]);
  });

  it("beside a new one join it: one edit, in their order", () => {
    const first = put([], 1, false, "New.");
    const behind = put(first.edits, 2, false, "Newer.");
    expect(behind.texts).toEqual(["Lamps", "Lit.", "New.", "Newer.", "Red."]);
    const before = put(behind.edits, 2, true, "Newest.");
    expect(before.texts).toEqual(["Lamps", "Lit.", "Newest.", "New.", "Newer.", "Red."]);
    expect(before.edits).toHaveLength(1);
  });

  it("have no place beside a text whose own is not known", () => {
    const origins = [{ key: null, index: -1, added: null }];
    expect(besideBlock(original, origins, 0, false, [{ tag: "p", text: "New." }], "n")).toBeNull();
    expect(besideBlock(original, [], 5, false, [], "n")).toBeNull();
  });
});
