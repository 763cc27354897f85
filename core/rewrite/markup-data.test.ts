import { readdirSync, readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { newDataEdit } from "../compose/data-edit.ts";
import { originalFromText } from "../page/original.ts";
import { readPage } from "../page/read.ts";
import { dataOf } from "../structured-data/page-data.ts";
import { writeJsonLd } from "../structured-data/write-json-ld.ts";
import { applyToPage, applyToSource } from "./apply.ts";
import type { Edit } from "./edits.ts";

const address = "https://a.example/";
const REMOVE: Edit = { op: "remove-markup-data", value: "", was: "Event" };
const read = (source: string) => readPage(source, { address });
const without = (source: string): string => {
  const { bytes, refused } = applyToSource(originalFromText(source), [REMOVE], { address });
  expect(refused).toEqual([]);
  return new TextDecoder().decode(bytes);
};
/** What a graph says, whatever it is written in. */
const saidBy = (source: string) => JSON.parse(writeJsonLd(dataOf(read(source)).roots));

// HTML Living Standard 5.1.2 and 5.2.2, with the names of schema.org: items within items, references, machine values.
const MICRODATA = `<!doctype html><html><head><title>x</title></head><body>
<section itemscope itemtype="https://schema.org/Event" itemid="#talk" itemref="when" class="card">
  <h1 itemprop="name">The talk</h1>
  <meta itemprop="eventStatus" content="https://schema.org/EventScheduled">
  <p itemprop="location" itemscope itemtype="https://schema.org/Place"><b itemprop=name>The saloon</b></p>
  <link rel="canonical" itemprop="url" href="/talk">
</section>
<p id="when"><time itemprop="startDate" datetime="2026-12-03">Thursday</time></p>
</body></html>`;

// RDFa Lite 1.1, sections 2.1 to 2.4, with its own examples' structure.
const RDFA = `<!doctype html><html prefix="og: https://ogp.me/ns#"><head><title>x</title><meta property="og:title" content="The talk"></head><body>
<div vocab="https://schema.org/" typeof="Event" resource="#talk">
  <h1 property="name">The talk</h1>
  <p property="location" typeof="Place"><span property="name">The saloon</span></p>
  <a property="url" href="/talk">more</a>
</div></body></html>`;

describe("data in the markup", () => {
  it.each([
    ["microdata", MICRODATA],
    ["RDFa", RDFA],
  ])("of %s says the same as JSON-LD, and its attributes are gone", (_, source) => {
    const before = read(source);
    const { roots } = dataOf(before);
    const edits = [newDataEdit("a", writeJsonLd(roots)), REMOVE];
    const { page: after, refused } = applyToPage(before, edits);
    expect(refused).toEqual([]);
    expect(dataOf(after).roots.map(({ syntax }) => syntax)).toEqual(roots.map(() => "json-ld"));
    expect(JSON.parse(writeJsonLd(dataOf(after).roots))).toEqual(saidBy(source));
    expect(after.blocks.map(({ text }) => text)).toEqual(before.blocks.map(({ text }) => text));
  });

  it("is taken out alone: other attributes and elements stay as they are written", () => {
    expect(without(MICRODATA)).toBe(`<!doctype html><html><head><title>x</title></head><body>
<section class="card">
  <h1>The talk</h1>
  <p><b>The saloon</b></p>
  <link rel="canonical" href="/talk">
</section>
<p id="when"><time datetime="2026-12-03">Thursday</time></p>
</body></html>`);
    expect(without(RDFA)).toBe(
      RDFA.replace(' vocab="https://schema.org/" typeof="Event" resource="#talk"', "")
        .replaceAll(/ property="(?!og)\w+"/g, "")
        .replace(' typeof="Place"', ""),
    );
  });

  it("changes nothing a second time, and nothing where there is none", () => {
    expect(without(without(MICRODATA))).toBe(without(MICRODATA));
    const folder = new URL("../../demo/gullhaven/visit/", import.meta.url);
    for (const file of readdirSync(folder)) {
      const source = readFileSync(new URL(encodeURI(file), folder), "utf8");
      if (!/itemscope|typeof=/.test(source)) expect(without(source)).toBe(source.replace(/^\ufeff/, ""));
    }
  });
});
