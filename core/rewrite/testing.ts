import fc from "fast-check";
import type { Page } from "../page/page.ts";
import type { Edit } from "./edits.ts";
import { keyOf } from "./resolve.ts";
import { sourceEdits } from "./source-edits.ts";

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

const indexOf = (list: readonly unknown[]) => fc.integer({ min: 0, max: Math.min(list.length, 60) - 1 });

/** One of a page's nodes, with what is made of it; null where the page has none. */
const ofEach = <T>(
  list: readonly T[],
  make: (index: number, one: T) => fc.Arbitrary<Edit>,
): fc.Arbitrary<Edit> | null => (list.length === 0 ? null : indexOf(list).chain((i) => make(i, list[i] as T)));

const valued = (make: (value: string) => Edit) => value.map(make);
const JSON_LD = fc
  .constantFrom("Event", "Product", "Nothing")
  .map((type) => JSON.stringify({ "@context": "https://schema.org", "@type": type, name: "The <lamp>" }, null, 2));

/** How an edit of each operation is made for a page: bound to what stands there, as the screens make it. */
const MAKERS: Record<Edit["op"], (page: Page) => fc.Arbitrary<Edit> | null> = {
  "set-title": () => valued((v) => ({ op: "set-title", value: v, was: null })),
  "set-description": () => valued((v) => ({ op: "set-description", value: v, was: null })),
  "set-canonical": () => fc.webUrl().map((v): Edit => ({ op: "set-canonical", value: v, was: null })),
  "set-slug": () =>
    fc.constantFrom("opening-times", "café", "a b").map((v): Edit => ({ op: "set-slug", value: v, was: null })),
  "set-heading-level": ({ headings }) =>
    ofEach(headings, (_, h) =>
      fc
        .integer({ min: 1, max: 6 })
        .map((level): Edit => ({ op: "set-heading-level", heading: h.key, level, was: h.level })),
    ),
  "set-heading-text": ({ headings }) =>
    ofEach(headings, (_, h) => valued((v) => ({ op: "set-heading-text", heading: h.key, value: v, was: h.text }))),
  "remove-heading": ({ headings }) =>
    ofEach(headings, (_, h) =>
      fc
        .constantFrom({}, { as: "div" as const })
        .map((as): Edit => ({ op: "remove-heading", heading: h.key, was: h.text, ...as })),
    ),
  "set-heading-id": ({ headings }) =>
    ofEach(headings, (_, h) =>
      fc.constantFrom("new-id", "x").map((v): Edit => ({ op: "set-heading-id", heading: h.key, value: v, was: h.id })),
    ),
  "merge-headings": ({ headings }) =>
    ofEach(headings.slice(0, -1), (from) =>
      fc.constant({
        op: "merge-headings",
        headings: headings.slice(from, from + 2).map((h) => h.key),
        separator: " – ",
        level: 1,
        was: "",
      }),
    ),
  "make-heading": (page) =>
    ofEach(page.blocks, (i) =>
      fc
        .integer({ min: 1, max: 6 })
        .map((level): Edit => ({ op: "make-heading", block: keyOf(page, "block", i), level, was: "p" })),
    ),
  "set-block-text": (page) =>
    ofEach(page.blocks, (i, { text }) =>
      fc.tuple(words, fc.double({ min: 0, max: 1, noNaN: true })).map(([word, at]): Edit => {
        const place = Math.floor(text.length * at);
        const next = text.slice(0, place) + word + text.slice(place + 3);
        return { op: "set-block-text", block: keyOf(page, "block", i), value: next, was: text };
      }),
    ),
  "edit-source": (page) =>
    ofEach(page.blocks, (_, { range: { start, end } }) =>
      fc.constantFrom("<b>new</b>", "</i>", "word", "").map((text): Edit => {
        const change = { fromA: start, toA: end, fromB: start, toB: start + text.length };
        const next = page.source.slice(0, start) + text + page.source.slice(end);
        return sourceEdits(page.source, next, [change])[0] as Edit;
      }),
    ),
  "remove-block": (page) =>
    ofEach(page.blocks, (i, { text }) =>
      fc.constant({ op: "remove-block", block: keyOf(page, "block", i), was: text }),
    ),
  "move-block": (page) =>
    ofEach(page.blocks, (i) =>
      fc
        .tuple(indexOf(page.blocks), fc.boolean())
        // One that stands there already stays, until another edit puts a text between.
        .filter(([to, before]) => to !== (before ? i + 1 : i - 1))
        .map(
          ([to, before]): Edit => ({
            op: "move-block",
            block: keyOf(page, "block", i),
            to: keyOf(page, "block", to),
            before,
            was: "",
          }),
        ),
    ),
  "insert-blocks": (page) =>
    ofEach(page.blocks, (i) =>
      fc.tuple(fc.boolean(), fc.constantFrom("p" as const, "li" as const, "h2" as const)).map(
        ([before, tag]): Edit => ({
          op: "insert-blocks",
          id: "q",
          at: keyOf(page, "block", i),
          before,
          blocks: [{ tag, text: "Is it <open>?" }],
          was: null,
        }),
      ),
    ),
  "set-alt": (page) =>
    ofEach(page.images, (i) =>
      valued((v) => ({ op: "set-alt", picture: keyOf(page, "picture", i), value: v, was: null })),
    ),
  "set-link-text": (page) =>
    ofEach(page.links, (i) =>
      valued((v) => ({ op: "set-link-text", link: keyOf(page, "link", i), value: v, was: "" })),
    ),
  "set-link-title": (page) =>
    ofEach(page.links, (i) =>
      valued((v) => ({ op: "set-link-title", link: keyOf(page, "link", i), value: v, was: null })),
    ),
  "set-language": () => fc.constantFrom("cy", "en-GB").map((v): Edit => ({ op: "set-language", value: v, was: null })),
  "set-robots": () => fc.constant({ op: "set-robots", value: "noindex", was: null }),
  "set-keywords": () => valued((v) => ({ op: "set-keywords", value: v, was: null })),
  "set-viewport": () => fc.constant({ op: "set-viewport", value: "width=device-width", was: null }),
  "add-to-head": () => fc.constant({ op: "add-to-head", id: "a", value: '<meta name="owner" content="x">', was: null }),
  "set-data": ({ data }) =>
    fc
      .tuple(fc.constantFrom(null, ...data.map(({ text }) => text)), fc.oneof(JSON_LD, fc.constant("")))
      .map(([was, json]): Edit => {
        const of = data.filter(({ text }) => text === was).length;
        const edit = { op: "set-data" as const, id: was === null ? "new" : `of ${was.length}`, value: json, was };
        return json === "" && of > 1 ? { ...edit, of } : edit;
      }),
  "remove-markup-data": () => fc.constant({ op: "remove-markup-data", value: "", was: "" }),
};

/** Edits for a page, of every operation that there is something for. */
export const editsFor = (page: Page): fc.Arbitrary<Edit[]> =>
  fc.array(fc.oneof(...Object.values(MAKERS).flatMap((make) => make(page) ?? [])), { maxLength: 6 });

/** A page as people write them: heads with and without their tags, headings in all states. */
export const sources = fc
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
        '<script type="application/ld+json">{"@context":"https://schema.org","@type":"Event","name":"Fair"}</script>\n',
        '<div itemscope itemtype="https://schema.org/Person"><span itemprop=name>Odile</span> <meta itemprop=url content=/o></div>',
      ),
      { maxLength: 7 },
    ),
  })
  .map(({ doctype, head, body }) => doctype + head + body.join(""));
