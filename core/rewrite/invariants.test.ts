import { readdirSync, readFileSync } from "node:fs";
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { type Original, originalFromBytes } from "../page/original.ts";
import type { Page } from "../page/page.ts";
import { readPage } from "../page/read.ts";
import { applyToPage, applyToSource } from "./apply.ts";
import { carryOver } from "./carry-over.ts";
import { type Edit, slotOf } from "./edits.ts";
import { keyOf } from "./resolve.ts";
import { sourceEdits } from "./source-edits.ts";
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
  const onBody = bodyEdits(page);
  if (page.headings.length === 0) return fc.array(onBody ? fc.oneof(simple, onBody) : simple, { maxLength: 4 });
  const heading = fc.constantFrom(...page.headings.slice(0, 40));
  const onHeading = fc.oneof(
    fc
      .tuple(heading, fc.integer({ min: 1, max: 6 }))
      .map(([h, level]): Edit => ({ op: "set-heading-level", heading: h.key, level, was: h.level })),
    fc.tuple(heading, value).map(([h, v]): Edit => ({ op: "set-heading-text", heading: h.key, value: v, was: h.text })),
    heading.map((h): Edit => ({ op: "remove-heading", heading: h.key, was: h.text })),
  );
  const run = fc.integer({ min: 0, max: Math.max(0, page.headings.length - 2) }).map((from): Edit => {
    const headings = page.headings.slice(from, from + 2).map((h) => h.key);
    return { op: "merge-headings", headings, separator: " – ", level: 1, was: "" };
  });
  return fc.array(fc.oneof(simple, onHeading, onHeading, run, onBody ?? run), { maxLength: 6 });
}

const indexOf = (list: readonly unknown[]) => fc.integer({ min: 0, max: Math.min(list.length, 60) - 1 });

/** Edits of the blocks, pictures and links of a page; null where it has none. */
function bodyEdits(page: Page): fc.Arbitrary<Edit> | null {
  const kinds: fc.Arbitrary<Edit>[] = [
    fc.constantFrom("cy", "en-GB").map((v): Edit => ({ op: "set-language", value: v, was: null })),
    value.map((v): Edit => ({ op: "set-keywords", value: v, was: null })),
    fc.constant<Edit>({ op: "set-robots", value: "noindex", was: null }),
    fc.constant<Edit>({ op: "add-to-head", id: "a", value: '<meta name="owner" content="x">', was: null }),
  ];
  const { blocks, images, links } = page;
  if (blocks.length > 0) {
    const block = indexOf(blocks).map((i) => keyOf(page, "block", i));
    kinds.push(
      fc
        .tuple(block, fc.integer({ min: 1, max: 6 }))
        .map(([key, level]): Edit => ({ op: "make-heading", block: key, level, was: "p" })),
      fc.tuple(indexOf(blocks), words, fc.double({ min: 0, max: 1, noNaN: true })).map(([i, word, at]): Edit => {
        const { text = "" } = blocks[i] ?? {};
        const place = Math.floor(text.length * at);
        const next = text.slice(0, place) + word + text.slice(place + 3);
        return { op: "set-block-text", block: keyOf(page, "block", i), value: next, was: text };
      }),
      fc.tuple(indexOf(blocks), fc.constantFrom("<b>new</b>", "</i>", "word", "")).map(([i, text]): Edit => {
        const { start = 0, end = 0 } = blocks[i]?.range ?? {};
        const change = { fromA: start, toA: end, fromB: start, toB: start + text.length };
        const next = page.source.slice(0, start) + text + page.source.slice(end);
        return sourceEdits(page.source, next, [change])[0] as Edit;
      }),
      block.map((key): Edit => ({ op: "remove-block", block: key, was: key.text })),
      fc
        .tuple(block, block, fc.boolean())
        .map(([key, to, before]): Edit => ({ op: "move-block", block: key, to, before, was: "" })),
      fc.tuple(block, fc.boolean(), fc.constantFrom("p", "li", "h2")).map(
        ([at, before, tag]): Edit => ({
          op: "insert-blocks",
          id: "q",
          at,
          before,
          blocks: [{ tag: tag as "p", text: "Is it <open>?" }],
          was: null,
        }),
      ),
    );
  }
  if (images.length > 0)
    kinds.push(
      fc
        .tuple(indexOf(images), value)
        .map(([i, v]): Edit => ({ op: "set-alt", picture: keyOf(page, "picture", i), value: v, was: null })),
    );
  if (links.length > 0)
    kinds.push(
      fc
        .tuple(indexOf(links), value)
        .map(([i, v]): Edit => ({ op: "set-link-title", link: keyOf(page, "link", i), value: v, was: null })),
      fc
        .tuple(indexOf(links), value)
        .map(([i, v]): Edit => ({ op: "set-link-text", link: keyOf(page, "link", i), value: v, was: "" })),
    );
  return fc.oneof(...kinds);
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
        "<h1 class=a>Light</h1>\n  <h1 class=b>ship</h1>\n",
        "<p class=title><b>Venue</b></p>\n<p>See <a href='/a' title=old>the <em>old</em> &amp; new lamp</a>, daily.</p>\n",
        '<ul>\n  <li>One</li>\n  <li>Two <img src=x.png alt="it\'s"></li>\n</ul>',
        "<p>unclosed <i>text<p>and more",
        "<table><tr><td>cell<td>other</table>",
        "<a href=/x><img src=y.png></a>",
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
  // Of two edits of one place the second is refused, and would find its place free the next time.
  const latest = new Map(edits.map((edit) => [slotOf(edit), edit]));
  for (const { edit } of onSource.refused) latest.delete(slotOf(edit));
  const made = [...latest.values()];
  const twice = applyToSource({ ...original, bytes: onSource.bytes }, made, { address });
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

  it("know what was handed over when the site comes back with it", () => {
    const generated = sources.chain((source) => {
      const original = originalFromBytes(bytesOf(source));
      return editsFor(readPage(original, { address })).map((edits) => ({ source, edits }));
    });
    fc.assert(
      fc.property(generated, ({ source, edits }) => {
        const original = originalFromBytes(bytesOf(source));
        const before = readPage(original, { address });
        const latest = new Map(edits.map((edit) => [slotOf(edit), edit]));
        for (const { edit } of applyToSource(original, edits, { address }).refused) latest.delete(slotOf(edit));
        // A slug is no part of the source.
        const handed = [...latest.values()].filter(({ op }) => op !== "set-slug");
        const { bytes } = applyToSource(original, handed, { address });
        const now = readPage({ ...original, bytes }, { address });
        if (now.fault) return;
        const { kept, conflicts } = carryOver(handed, now, { before, handed });
        expect([kept, conflicts]).toEqual([[], []]);
      }),
      { numRuns: 400 },
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
