import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { links } from "../site/facets/links.ts";
import { originalFromBytes } from "./original-from-bytes.ts";
import { baseOf, collapse, descriptionOf, type Page, positionOf, titleOf } from "./page.ts";
import { readPage } from "./read.ts";

const read = (source: string): Page => readPage(source, { address: "https://a.example/b" });
const headings = (source: string) => Array.from(read(source).headings, ({ level, text }) => `${level} ${text}`);

describe("the parser", () => {
  it("stops at sources that make nodes without end, and at deep nesting, quickly", () => {
    const fonts = Array.from({ length: 3000 }, (_, i) => `<font size=${i}><p>`).join("");
    expect(read(fonts).fault).toBe("too-many-nodes");
    expect(read("<div>".repeat(50_000)).fault).toBe("too-deep");
  });
});

// Infra Standard 4.7: strip leading and trailing ASCII white space, and make one space of each run of it.
it("collapses white space as the standard says", () => {
  const texts = fc.string({ unit: fc.constantFrom(..." \t\n\f\ra\u00a0é") });
  fc.assert(
    fc.property(texts, (text) => collapse(text) === text.replace(/[\t\n\f\r ]+/g, " ").replace(/^ | $/g, "")),
    { numRuns: 3_000 },
  );
});

describe("the head", () => {
  // HTML Living Standard 4.2.2: one title a document; an svg title is another element.
  it("keeps the titles of the document, and not those of drawings", () => {
    const page = read("<title>One</title><svg><title>Two</title></svg><title>Three</title>");
    expect(page.titles.map(({ text, where }) => [text, where])).toEqual([
      ["One", "head"],
      ["Three", "body"],
    ]);
  });

  // HTML, document.title: white space is stripped and collapsed; character references are decoded in RCDATA (13.2.5.2).
  it("reads a title as document.title does", () => {
    expect(titleOf(read("<title>\n Fish &amp; <b>chips</b>\t\n&copy; </title>"))).toBe("Fish & <b>chips</b> ©");
  });

  // HTML Living Standard 13.2.6.4.4: an element that is no metadata ends the head.
  it("sees what the parser puts into the body", () => {
    const page = read("<head><meta name=description content=a><div></div><meta name=description content=b></head>");
    expect(page.metas.map((m) => m.where)).toEqual(["head", "body"]);
    expect(descriptionOf(page)).toBe("a");
  });

  it("passes over a byte order mark, with offsets as before", () => {
    const page = readPage(originalFromBytes(new TextEncoder().encode("\ufeff<title>x</title>")), { address: "" });
    expect(page.titles[0]).toMatchObject({ where: "head", range: { start: 0 } });
  });

  it("counts lines over LF, CRLF and CR", () => {
    expect(positionOf("a\r\nb\rc\nd", 7)).toEqual({ line: 4, column: 1 });
  });
});

describe("headings", () => {
  // Accessible Name and Description Computation 1.2, step 2F: the text of a drawing is content as any other is.
  it("say what stands in a drawing", () => {
    expect(headings("<h2><svg><text>Drawn</text></svg> words</h2>")).toEqual(["2 Drawn words"]);
  });

  it.each([
    ["<h1>Plain</h1>", ["1 Plain"]],
    ["<h2>Fish <em>and</em>\n chips</h2>", ["2 Fish and chips"]],
    ["<h2><img alt='The Gull' src=x> at anchor</h2>", ["2 The Gull at anchor"]],
    ["<h2>Price<span hidden> secret</span><span aria-hidden=true> *</span></h2>", ["2 Price"]],
    ["<h2 aria-label='Said aloud'>Written</h2>", ["2 Said aloud"]],
    ["<h1>One<br>title</h1>", ["1 One title"]],
    ["<div role=heading aria-level=4>Made</div>", ["4 Made"]],
    ["<div role=heading>Made</div>", ["2 Made"]],
    ["<h2 role=presentation>Not one</h2>", []],
    ["<h2 aria-level=3>Third</h2>", ["3 Third"]],
    ["<div hidden><h2>No</h2></div>", []],
    ["<h2></h2>", ["2 "]],
    ["<template><h2>No</h2></template>", []],
  ])("%s", (source, expected) => {
    expect(headings(source)).toEqual(expected);
  });

  it("know their landmark", () => {
    const page = read(
      "<header><h1>a</h1></header><nav><h3>b</h3></nav><main><article><header><h2>c</h2></header></article></main><aside><h5>d</h5></aside><footer><h4>e</h4></footer>",
    );
    expect(Array.from(page.headings, (h) => h.landmark)).toEqual([
      "banner",
      "navigation",
      "main",
      "complementary",
      "contentinfo",
    ]);
  });
});

describe("the body", () => {
  it("is read as blocks, lists, tables, links, pictures, data, comments and ids", () => {
    const page = read(
      "<p id=a>One <a href=/x>link</a></p><ul><li>1<li>2</ul><table><tr><td>c</table><a href=y><img alt='' src=i></a><script type='application/ld+json'>{}</script><!-- c -->",
    );
    expect(page.blocks.map((b) => `${b.tag} ${b.text}`)).toEqual(["p One link", "li 1", "li 2", "td c"]);
    expect(page.lists[0]?.items).toBe(2);
    expect(page.tables[0]?.rows).toBe(1);
    expect(page.links.map((l) => l.href)).toEqual(["/x", "y"]);
    expect(page.images[0]).toMatchObject({ alt: "", inLink: true });
    expect(page.data[0]?.text).toBe("{}");
    expect(page.comments[0]?.text).toBe(" c ");
    expect(page.ids.map((i) => i.id)).toEqual(["a"]);
  });
});

describe("bad input never throws", () => {
  it.each([
    ["an empty file", new Uint8Array(), "empty"],
    ["white space", new TextEncoder().encode(" \n\t"), "empty"],
    [
      "a picture",
      Uint8Array.of(0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a, 0, 0, 0, 0x0d, 0x49, 0x48, 0x44, 0x52),
      "binary",
    ],
    ["50 MB", new Uint8Array(50 * 1024 * 1024).fill(97), "too-large"],
    ["a fragment", new TextEncoder().encode("just <b>some</b> words"), null],
    [
      "text in the wrong character set",
      Uint8Array.from([..."<meta charset=utf-8><title>caf"].map((c) => c.charCodeAt(0)).concat(0xe9, 0x3c)),
      null,
    ],
    ["unpaired surrogates", new TextEncoder().encode("<title>\ud800</title>"), null],
    ["a title of a megabyte", new TextEncoder().encode(`<title>${"word ".repeat(200_000)}</title>`), null],
  ] as const)("%s", (_, bytes, fault) => {
    expect(readPage(originalFromBytes(bytes), { address: "" }).fault).toBe(fault);
  });
});

describe("what the parser made again", () => {
  it("is told once, and bears no id of its own", () => {
    const page = read("<p><a name=n id=x href=/y><b>one</p><p>two</p><p>three</p>");
    expect(page.ids.map(({ id }) => id)).toEqual(["x"]);
    expect(page.repeated.map(({ tag, times }) => [tag, times])).toEqual([
      ["a", 2],
      ["b", 2],
    ]);
    expect(page.anchorNames).toEqual(["n", "n", "n"]);
  });
});

describe("what is swallowed", () => {
  it("is looked for in the source as it is written", () => {
    const said = (source: string) => read(source).swallowing.map(({ what, name }) => `${what} ${name}`);
    expect(said('<p title="a &lt;b&gt;\n c">x</p>')).toEqual([]);
    expect(said('<a href="/x>Lamp</a><a class="y">z</a>')).toEqual(["quote href"]);
  });
});

describe("the base of a page", () => {
  it("is what its references are resolved against (HTML 2.4.3)", () => {
    const page = read("<head><base href='/docs/'></head><body><a href='x'>x</a>");
    expect(baseOf(page)).toBe("https://a.example/docs/");
    expect(links.pack(links.take(page))).toContain("/docs/x");
    expect(baseOf(read("<p>"))).toBe("https://a.example/b");
  });
});
