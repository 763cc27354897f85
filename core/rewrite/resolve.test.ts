import { describe, expect, it } from "vitest";
import { originalFromText } from "../page/original.ts";
import { readPage } from "../page/read.ts";
import type { NodeKind } from "./node.ts";
import { findHeading, findNode, identities, identity, keyOf } from "./resolve.ts";

const read = (body: string) =>
  readPage(originalFromText(`<!doctype html><title>A</title><body>${body}`), { address: "https://www.example/" });

const BODY =
  "<h1>Lamps</h1><p>Lit.</p><h2>Red</h2><p>Lit.</p><h2>Green</h2><p>Lit.</p>" +
  '<p><a href="/a">Here</a> <a href="/b">Here</a> <a href="/a">Here</a></p><img src=l.png alt=""><img src=m.png alt="">';
const page = read(BODY);

describe("a node's key", () => {
  it.each<[NodeKind, number]>([
    ["heading", 3],
    ["block", 7],
    ["link", 3],
    ["picture", 2],
  ])("finds each %s of the page again", (kind, count) => {
    const list = { heading: page.headings, block: page.blocks, link: page.links, picture: page.images }[kind];
    expect(list).toHaveLength(count);
    for (const index of list.keys()) expect(findNode(page, kind, keyOf(page, kind, index))).toEqual({ index });
  });

  it("tells equals apart by their order and by what stands beside them", () => {
    expect(keyOf(page, "block", 3)).toEqual({ text: "Lit.", nth: 2, of: 3, before: "Red", after: "Green" });
    expect(keyOf(page, "link", 2)).toMatchObject({ text: "/a Here", nth: 2, of: 2 });
    expect(keyOf(page, "picture", 0)).toEqual({ text: "l.png", nth: 1, of: 1, before: null, after: "m.png" });
  });

  it("names a node by the beginning of a long text", () => {
    const long = "lamp ".repeat(80).trim();
    const one = read(`<p>${long}</p>`);
    expect(keyOf(one, "block", 0).text).toBe(long.slice(0, 160));
    expect(identities(one, "block")).toEqual([identity(long)]);
  });

  it("finds its node where others have come before it, none of them equal", () => {
    const now = read(`<p>New.</p>${BODY.replace("<h2>Red", "<p>Other.</p><h2>Red")}`);
    const found = findNode(now, "link", keyOf(page, "link", 1));
    expect(found).toEqual({ index: 1 });
  });

  it.each<[string, string, string, number, RegExp]>([
    ["is gone", BODY.replace("<h2>Red</h2>", ""), "heading", 1, /^The heading “Red” is not on this page/],
    ["has one more equal", `${BODY}<p>Lit.</p>`, "block", 1, /has the text “Lit\.” 4 times; it had it 3 times/],
    [
      "has changed places",
      BODY.replace("<h2>Red", "<h2>Blue"),
      "block",
      3,
      /^What stands around the text “Lit\.” has changed/,
    ],
    [
      "has other headings around it",
      BODY.replace("<h2>Green", "<h2>Blue"),
      "heading",
      1,
      /^The headings around “Red” have changed/,
    ],
    [
      "is a picture that is gone",
      BODY.replace("m.png", "n.png"),
      "picture",
      1,
      /^The picture “m\.png” is not on this page/,
    ],
  ])("finds no other one where it %s", (_, body, kind, index, why) => {
    expect(findNode(read(body), kind as NodeKind, keyOf(page, kind as NodeKind, index))).toEqual({
      reason: expect.stringMatching(why),
    });
  });

  it("written by hand may leave out what there is one of, and is told what to add", () => {
    expect(findNode(page, "block", { text: "Green" })).toEqual({ index: 4 });
    expect(findNode(page, "block", { text: "Lit." })).toEqual({
      reason: expect.stringContaining('Say which with "nth"'),
    });
    expect(findNode(page, "block", { text: "Lit.", nth: 3 })).toEqual({ index: 5 });
    expect(findNode(page, "block", { text: "Lit.", nth: 4 })).toEqual({
      reason: expect.stringContaining("There is no 4."),
    });
    expect(findHeading(page, { text: "Lamps" })).toEqual({ index: 0 });
    const twice = read("<h2>A</h2><h2>A</h2>");
    expect(findHeading(twice, { text: "A" })).toEqual({ reason: expect.stringContaining('Say which with "nth"') });
    expect(findHeading(twice, { text: "A", nth: 3 })).toEqual({ reason: expect.stringContaining("There is no 3.") });
    expect(findHeading(twice, { text: "A", nth: 1, of: 3 })).toEqual({
      reason: expect.stringContaining("there were 3"),
    });
  });
});
