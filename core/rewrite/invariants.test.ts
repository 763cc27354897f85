import { readdirSync, readFileSync } from "node:fs";
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { type Original, originalFromBytes } from "../page/original.ts";
import type { Page } from "../page/page.ts";
import { readPage } from "../page/read.ts";
import { applyToPage, applyToSource } from "./apply.ts";
import type { Edit } from "./edits.ts";
import { firstDifference } from "./verify.ts";

const address = "https://www.example/a/page.html";
const bytesOf = (text: string) => new TextEncoder().encode(text);

const words = fc.constantFrom(
  "Opening",
  "times",
  "&",
  "<b>",
  "café",
  "“quoted”",
  "it's",
  '"',
  "H2O",
  "日本",
  "🚢",
  "a  b",
  "x\u0007y",
  "\ud800",
);
const value = fc.array(words, { maxLength: 6 }).map((list) => list.join(" "));

/** Edits for a page, made the way the interface makes them: bound to what stands there. */
function editsFor(page: Page): fc.Arbitrary<Edit[]> {
  const simple = fc.oneof(
    value.map((v): Edit => ({ op: "set-title", value: v, was: null })),
    value.map((v): Edit => ({ op: "set-description", value: v, was: null })),
    fc.webUrl().map((v): Edit => ({ op: "set-canonical", value: v, was: null })),
    fc.constantFrom("opening-times", "café", "a b").map((v): Edit => ({ op: "set-slug", value: v, was: null })),
  );
  if (page.headings.length === 0) return fc.array(simple, { maxLength: 4 });
  const heading = fc.constantFrom(...page.headings.slice(0, 40));
  const onHeading = fc.oneof(
    fc
      .tuple(heading, fc.integer({ min: 1, max: 6 }))
      .map(([h, level]): Edit => ({ op: "set-heading-level", heading: h.key, level, was: h.level })),
    fc.tuple(heading, value).map(([h, v]): Edit => ({ op: "set-heading-text", heading: h.key, value: v, was: h.text })),
    heading.map((h): Edit => ({ op: "remove-heading", heading: h.key, was: h.text })),
  );
  return fc.array(fc.oneof(simple, onHeading, onHeading), { maxLength: 6 });
}

/** A page as people write them: heads with and without their tags, headings in all states. */
const sources = fc
  .record({
    doctype: fc.constantFrom("<!DOCTYPE html>", "<!doctype html>\r\n", ""),
    head: fc.constantFrom(
      "<html lang=en><head>\n  <meta charset=utf-8>\n  <title>Old one</title>\n</head>\n<body>",
      "<html><head><meta charset='utf-8' /><title></title></head><body>",
      "<title>No head &amp; tags</title>\n",
      "",
      "<html>\r\n<body>\r\n",
      "<head>\n\t<meta name=description content='it''s old'>\n\t<link rel=canonical href=/a>\n</head>",
      "<head></head>",
      "<meta name=Description>",
      "<title>never closed",
    ),
    body: fc.array(
      fc.constantFrom(
        "<h1>Opening times</h1>\n",
        "<h2 class='x y'>When <em>open</em></h2>\r\n",
        "<H3>Capitals</H3>",
        "<h2></h2>\n",
        "  <h4> \n spaced &amp; wide \n</h4>\n",
        "<h2>unclosed<p>text",
        "<h3>wrong end</h2>",
        "<div role=heading aria-level=3>Role</div>",
        "<div role='heading'>No level</div>",
        "<h2><a href=/x>Linked <img alt='boat' src=b.png></a></h2>",
        "<h2><img src=b.png></h2>",
        "<b><h2>in bold</b> more</h2>",
        "<h2><b>opens here</h2> closes</b>",
        "<h2>Opening times</h2>",
        "<h2 hidden>not there</h2>",
        "<h2><span aria-hidden=true>*</span> Starred</h2>",
        "<h2><div>Block</div><div>parts</div></h2>",
        "<table><h2>fostered</h2><tr><td>cell</table>",
        "<p>Some text, with words.</p>\n",
        "<nav><h3>Menu</h3></nav>",
        "<h2>a</b>b</h2>",
        "<summary><h2>In summary</h2></summary>",
      ),
      { maxLength: 7 },
    ),
  })
  .map(({ doctype, head, body }) => doctype + head + body.join(""));

function checkInvariants(original: Original, edits: Edit[]): void {
  const page = readPage(original, { address });
  expect(applyToSource(original, [], { address }).bytes).toBe(original.bytes);
  const onSource = applyToSource(original, edits, { address });
  const onPage = applyToPage(page, edits);
  const again = readPage({ ...original, bytes: onSource.bytes }, { address: onPage.page.address });
  expect(firstDifference(again, onPage.page)).toBe(null);
  // Bytes outside the patched places: the original's, in order.
  const twice = applyToSource({ ...original, bytes: onSource.bytes }, edits, { address });
  expect(Buffer.from(twice.bytes).equals(Buffer.from(onSource.bytes))).toBe(true);
}

describe("the three invariants of rewriting", () => {
  it("hold on generated pages", () => {
    const generated = sources.chain((source) => {
      const original = originalFromBytes(bytesOf(source));
      return editsFor(readPage(original, { address })).map((edits) => ({ source, edits }));
    });
    fc.assert(
      fc.property(generated, ({ source, edits }) => checkInvariants(originalFromBytes(bytesOf(source)), edits)),
      { numRuns: 1500 },
    );
  });

  const folder = new URL("../../demo/gullhaven/", import.meta.url);
  it.each(readdirSync(folder, { recursive: true, encoding: "utf8" }).filter((f) => f.endsWith(".html")))(
    "hold on demo page %s",
    (file) => {
      const original = originalFromBytes(readFileSync(new URL(file, folder)));
      fc.assert(
        fc.property(editsFor(readPage(original, { address })), (edits) => checkInvariants(original, edits)),
        { numRuns: 40 },
      );
    },
  );
});
