import { describe, expect, it } from "vitest";
import { inASentence } from "#core/page/in-a-sentence";
import { originalFromText } from "#core/page/original";
import { readPage } from "#core/page/read";
import { partsOf, SHEET } from "./contents";

const read = (source: string, format?: "markdown" | "fields") =>
  readPage(originalFromText(source, format), { address: "https://www.example/" });
const names = (page: ReturnType<typeof read>) => partsOf(page).map(({ name }) => name);

const PAGE = '<!doctype html><html lang="en"><title>A</title><body><h1>Lamps</h1><p>Lit.</p><img src="l.png" alt="">';

describe("the parts of the sheet", () => {
  it("each have a name and a heading of their own, and share no place and no part of the sentence", () => {
    for (const list of [SHEET.map(({ id }) => id), SHEET.map(({ name }) => name)])
      expect(new Set(list).size).toBe(SHEET.length);
    for (const list of [SHEET.flatMap(({ holds }) => holds), SHEET.flatMap(({ tells }) => tells)])
      expect(new Set(list).size).toBe(list.length);
  });

  it("are those that a page has", () => {
    expect(names(read(PAGE))).toEqual(SHEET.map(({ name }) => name));
    expect(names(read(PAGE.replace(/<img.*/, "")))).not.toContain("Pictures");
    expect(names(read("# Lamps\n\nLit.\n", "markdown"))).toEqual([
      "Search result",
      "Address",
      "Phrases",
      "Outline",
      "Body and markup",
      "Links",
      "Structured data",
      "Head",
      "Source",
    ]);
    expect(names(read('{"title":"A"}', "fields"))).toEqual([
      "Search result",
      "Address",
      "Phrases",
      "Outline",
      "Links",
      "Head",
    ]);
  });

  it("are led to by every part of the sentence about a page", () => {
    const told = new Set(SHEET.flatMap(({ tells }) => tells));
    for (const { about } of inASentence(read(PAGE), "product")) expect(told, about).toContain(about);
  });
});
