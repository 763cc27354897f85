import fc from "fast-check";
import type { Page } from "../page/page.ts";
import { type Edit, OPERATIONS } from "./edits.ts";
import type { Samples } from "./operations/operation.ts";

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

const samples: Samples = {
  fc,
  word: words,
  value,
  ofEach: (list, make) => (list.length === 0 ? null : indexOf(list).chain((i) => make(i, list[i] as never))),
  indexOf,
};

/**
 * Whether a second application of edits finds each of their places again. Where equals have changed places, or two edits put
 * something between the same two texts, nothing tells which was which.
 */
export function tellsApart(edits: readonly Edit[]): boolean {
  if (!edits.some(({ op }) => op === "move-block")) return true;
  const equals = edits.some((edit) =>
    Object.values(edit).some((part) => ((part as { of?: number } | null)?.of ?? 0) > 1),
  );
  return !equals && !edits.some(({ op }) => op.startsWith("insert-"));
}

/** Edits of one operation for a page; null where the page has nothing for it. */
export const editsOf = (op: Edit["op"], page: Page): fc.Arbitrary<Edit> | null =>
  OPERATIONS[op].sample(page, samples) as fc.Arbitrary<Edit> | null;

/** Edits for a page, of every operation that there is something for. */
export const editsFor = (page: Page): fc.Arbitrary<Edit[]> =>
  fc.array(
    fc.oneof(...Object.values(OPERATIONS).flatMap(({ sample }) => (sample(page, samples) as fc.Arbitrary<Edit>) ?? [])),
    { maxLength: 6 },
  );

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
        "<p>&nbsp;</p>\n<p><b>&nbsp;</b></p>\n",
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
