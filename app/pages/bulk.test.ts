import { describe, expect, it } from "vitest";
import type { PageRecord } from "../store/page-record";
import { previewBulk } from "./bulk";
import { copiedText, pastedLines } from "./pasted";

const page = (over: Partial<PageRecord>) =>
  ({
    id: "p",
    address: "https://a.example/p",
    title: "Lamp",
    kind: "other",
    kindBy: "guess",
    ready: false,
    edits: 0,
    ...over,
  }) as PageRecord;

describe("a look at what would change for many pages", () => {
  it("leaves out pages that are of the kind already, and cells that hold the text already", () => {
    const pages = [page({ id: "a", kind: "event" }), page({ id: "b" })];
    expect(previewBulk(pages, { kind: "page-kind", to: "event" })).toMatchObject([
      { page: { id: "b" }, was: "other page", is: "event page" },
    ]);
    const cells = [
      { page: page({ title: "Lamp" }), edits: "title" as const, text: "Lamp" },
      { page: page({ kind: "event" }), edits: "kind" as const, text: "Event page" },
    ];
    expect(previewBulk([], { kind: "cells", cells })).toEqual([]);
  });

  it("says why a pasted kind cannot be taken", () => {
    const cells = ["Event", "nonsense"].map((text) => ({ page: page({}), edits: "kind" as const, text }));
    const rows = previewBulk([], { kind: "cells", cells });
    expect(rows).toMatchObject([{ reason: null }, { reason: "“nonsense” is no kind of page." }]);
  });

  it("counts only pages whose state changes", () => {
    const pages = [page({ id: "a", ready: true }), page({ id: "b" })];
    expect(previewBulk(pages, { kind: "ready", to: true })).toMatchObject([{ page: { id: "b" } }]);
    expect(previewBulk([page({ edits: 2 })], { kind: "remove" })).toMatchObject([
      { was: "in the site, with its redraft", is: "removed" },
    ]);
  });
});

// RFC 4180, rules 5 to 7, with tabs for commas as spreadsheets copy.
describe("what spreadsheets copy", () => {
  it("is read and written alike: tabs, line breaks in quotes, doubled quotes", () => {
    const cells = [
      ["a", 'say ""', "two\nlines"],
      ["", "x\ty", "=1+1"],
    ];
    expect(pastedLines(copiedText(cells))).toEqual(cells);
    expect(pastedLines('a\t"b ""c"""\r\n')).toEqual([["a", 'b "c"']]);
    expect(pastedLines("")).toEqual([[""]]);
  });
});
