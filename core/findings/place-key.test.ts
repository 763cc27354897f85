import { describe, expect, it } from "vitest";
import { originalFromText } from "../page/original.ts";
import { readPage } from "../page/read.ts";
import { applyToPage } from "../rewrite/apply.ts";
import type { Edit } from "../rewrite/edits.ts";
import { keyOf } from "../rewrite/resolve.ts";
import { nodeName, placeKey, renamedKey, renamedNodes } from "./key.ts";
import type { Place } from "./place.ts";

const LONG = "The lamp was lit at dusk. ".repeat(6).trim();
const read = (body: string) =>
  readPage(originalFromText(`<title>Quay</title><main>${body}</main>`), { address: "https://quay.example/" });
const page = read(
  `<h1>Lamps</h1><h2>Oil</h2><p>${LONG}</p><h2>Oil</h2><p>First.</p><p>First.</p><p><a href=/a>here</a> <a href=/a>here</a><img src=/a.png></p>`,
);
const at = (part: "heading" | "block" | "picture" | "link", index: number) => ({ part, index }) as Place;
const block = (text: string, of = page) => of.blocks.findIndex((one) => one.text === text);

describe("a place is named as the original has it", () => {
  it.each<[string, Place]>([
    ["title", { part: "title" }],
    ["heading 1 Lamps", at("heading", 0)],
    ["heading 2 Oil", at("heading", 2)],
    [`block 1 ${LONG.slice(0, 80)}`, at("block", block(LONG))],
    ["block 2 First.", at("block", block("First.") + 1)],
    ["link 2 /a here", at("link", 1)],
    ["data /0", { part: "data", pointer: "/0", range: { start: 0, end: 1 } }],
  ])("%s", (name, place) => {
    expect(placeKey(place, page, null)).toBe(name);
    expect(placeKey(place, page, { original: page, edits: [] })).toBe(name);
  });

  it("whatever its words are now, and by the edit that made it where it was not there", () => {
    const first = block("First.");
    const edits: Edit[] = [
      { op: "set-block-text", block: keyOf(page, "block", first), value: "Second.", was: "First." },
      { op: "set-heading-text", heading: keyOf(page, "heading", 1), value: "Whale oil", was: "Oil" },
    ];
    const { page: now } = applyToPage(page, edits);
    const redraft = { original: page, edits };
    expect(placeKey(at("block", block("Second.", now)), now, redraft)).toBe("block 1 First.");
    expect(placeKey(at("block", block("First.", now)), now, redraft)).toBe("block 2 First.");
    expect(placeKey(at("heading", 1), now, redraft)).toBe("heading 1 Oil");
    expect(placeKey(at("heading", 2), now, redraft)).toBe("heading 2 Oil");
  });

  it("in markup that states data by the how-manieth such place it is", () => {
    const item = (name: string) =>
      `<div itemscope itemtype=https://schema.org/Thing><span itemprop=name>${name}</span></div>`;
    const [near, far] = [read(item("A") + item("B")), read(`<p>Some words before it.</p>${item("A")}${item("B")}`)];
    const starts = (one: typeof page) =>
      [...one.source.matchAll(/<span itemprop/g)].map(({ index }) => ({ start: index, end: index + 1 }));
    const keys = (one: typeof page) =>
      starts(one).map((range) => placeKey({ part: "data", pointer: "markup name", range }, one, null));
    expect(new Set(keys(near)).size).toBe(keys(near).length);
    expect(keys(far)).toEqual(keys(near));
    const nowhere = { start: 0, end: 1 };
    expect(placeKey({ part: "data", pointer: "markup name", range: nowhere }, near, null)).toBe("data markup -1");
  });
});

describe("what is called otherwise once the site has taken over its words", () => {
  const settled = (index: number, value: string): Edit => ({
    op: "set-block-text",
    block: keyOf(page, "block", index),
    value,
    was: page.blocks[index]?.text ?? "",
  });

  it("is known by its new words where they stand once", () => {
    const first = block("First.");
    const now = read(`<p>${LONG}</p><p>Second.</p><p>First.</p>`);
    const names = renamedNodes([settled(first, "Second.")], now);
    expect([...names]).toEqual([["block 1 First.", "block 1 Second."]]);
    expect(renamedNodes([settled(first, "Second.")], read("<p>Second.</p><p>Second.</p>")).size).toBe(0);
    expect(renamedNodes([settled(first, "Second.")], read("<p>Third.</p>")).size).toBe(0);
    expect(renamedNodes([{ op: "set-title", value: "x", was: "Quay" }], now).size).toBe(0);
  });

  it("keeps the rule and the number of a finding's key, and leaves other keys alone", () => {
    const names = new Map([["block 1 First.", "block 1 Second."]]);
    expect(renamedKey("body/x @ block 1 First.", names)).toBe("body/x @ block 1 Second.");
    expect(renamedKey("body/x @ block 1 First. #2", names)).toBe("body/x @ block 1 Second. #2");
    expect(renamedKey("body/x @ block 2 First.", names)).toBe("body/x @ block 2 First.");
    expect(renamedKey("block 1 First.", names)).toBe("block 1 First.");
  });
});

it("a node without a number is the first of its text; only a block's text is cut", () => {
  expect(nodeName("heading", { text: LONG })).toBe(`heading 1 ${LONG}`);
  expect(nodeName("block", { text: LONG, nth: 3 })).toBe(`block 3 ${LONG.slice(0, 80)}`);
});
