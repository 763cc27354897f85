import { parse } from "parse5";
import { describe, expect, it } from "vitest";
import { originalFromText } from "../page/original.ts";
import { readPage } from "../page/read.ts";
import { inlineOf } from "./content.ts";
import { atomsIn, type InlineElement, type InlineNode, pathsIn, readCharacters } from "./inline.ts";
import { withTagsBeside } from "./inline-html.ts";

/** The inline tree of what stands in a paragraph. */
function treeOf(inner: string): InlineElement | null {
  const source = `<!doctype html><title>A</title><body><p>${inner}</p>`;
  const page = readPage(originalFromText(source), { address: "https://www.example/" });
  const start = source.indexOf("<p>") + 3;
  return inlineOf(page, { start, end: start + inner.length });
}
const text = (root: InlineElement | null) =>
  root &&
  readCharacters(root)
    .map((one) => one.text)
    .join("");
/** A tree as names with what is in them. */
const told = (node: InlineNode): unknown =>
  node.kind === "element"
    ? [node.name, ...node.children.map(told)]
    : node.kind === "text"
      ? node.characters.map((one) => one.text).join("")
      : { counts: node.counts, gap: node.text === " " };

describe("the inline markup of a text", () => {
  it("is a tree of elements, words and what stands among them", () => {
    const root = treeOf('a <b>c <i>d</i></b><br><img src="x>y"><!-- > --><a href=/x>e</a>');
    expect(root?.children.map(told)).toEqual([
      "a ",
      ["b", "c ", ["i", "d"]],
      { counts: true, gap: true },
      { counts: true, gap: false },
      { counts: false, gap: false },
      ["link", "e"],
    ]);
  });

  it.each([
    ["a tag that belongs to others", "a</b> c"],
    ["one that is not closed", "a <b>c"],
    ["tags that cross", "<b>a <i>c</b> d</i>"],
    ["a textarea without end", "a <textarea>c"],
  ])("is none with %s", (_, inner) => {
    expect(treeOf(inner)).toBeNull();
  });

  it.each([
    ["collapsed white space", " a \n\t b  "],
    ["references", "caf&eacute; &amp; &#x1F6A2; &notit; &lt;b>"],
    ["a bracket that begins no tag", "a < b <3 c"],
    ["attributes with signs of tags", "<b title=\"a > b\" data-x='<i>'>c</b> d"],
    ["hard spaces", "a&nbsp; b"],
    ["combining marks and surrogates", "e\u0301 🚢 日本"],
  ])("reads as the standard's parser reads it: %s", (_, inner) => {
    // Outside: https://html.spec.whatwg.org/multipage/parsing.html, as parse5 has it.
    const texts: string[] = [];
    const walk = (node: { nodeName: string; value?: string; childNodes?: unknown[] }) => {
      if (node.nodeName === "#text") texts.push(node.value ?? "");
      for (const child of node.childNodes ?? []) walk(child as typeof node);
    };
    walk(parse(`<!doctype html><body><p>${inner}</p>`) as never);
    const expected = texts
      .join("")
      .replace(/[\t\n\f\r ]+/g, " ")
      .replace(/^ | $/g, "");
    expect(text(treeOf(inner))).toBe(expected);
  });

  it("takes what is hidden, or no running text, as a whole", () => {
    const root = treeOf('a <span hidden>b</span><svg><title>c</title></svg><span style="display: none">d</span> e');
    expect(text(root)).toBe("a e");
    expect(root && [...atomsIn(root)]).toHaveLength(3);
  });

  it("says where each character is written, one space in several places", () => {
    const inner = "a&amp; <b> c</b>";
    const root = treeOf(inner);
    if (!root) throw new Error("no tree");
    const read = readCharacters(root);
    const source = (at: number) =>
      read[at]?.places.map(({ start, end }) => inner.slice(start - root.start, end - root.start));
    expect(read.map((one) => one.text)).toEqual(["a", "&", " ", "c"]);
    expect([source(1), source(2), source(3)]).toEqual([["&amp;"], [" ", " "], ["c"]]);
    expect(
      read[3] &&
        pathsIn(root)
          .get(read[3].parent)
          ?.map(({ name }) => name),
    ).toEqual(["", "b"]);
  });
});

describe("what becomes of an element without words", () => {
  const wordless = (inner: string) => {
    const [first] = treeOf(inner)?.children ?? [];
    return first?.kind === "element" ? first.wordless : null;
  };

  it("goes with them, stays as a place that is led to, or needs them", () => {
    expect(wordless("<b>a</b>")).toEqual({ stays: false });
    expect(wordless('<b id="x">a</b>')).toEqual({ stays: false });
    expect(wordless('<b id="x">a</b> <a href="#x">b</a>')).toEqual({ stays: true, patches: [] });
    expect(wordless('<a name="x">a</a>')).toMatchObject({ stays: true, patches: [] });
    expect(wordless('<a href="/y" name="x">a</a>')).toMatchObject({ stays: true, patches: [{ text: "" }] });
    expect(wordless("<button>a</button>")).toMatchObject({ stays: true, refusal: expect.stringContaining("button") });
    expect(wordless('<span id="x">a</span> <label for="x">b</label>')).toMatchObject({ stays: true });
  });
});

describe("tags beside a text that stands among other blocks", () => {
  it.each([
    ["<div><b>a</b><p>c</p></div>", "a", "<b>a</b>"],
    ["<div><b><i>a</i></b> <p>c</p></div>", "a", "<b><i>a</i></b>"],
    ["<div><b>a <i>b</i></b><p>c</p></div>", "a <i>b", "<b>a <i>b</i></b>"],
    ["<div>a<p>c</p></div>", "a", "a"],
    ["<div><b>a <p>c</p></b></div>", "a", "a"],
  ])("belong to it: %s", (body, words, expected) => {
    const source = `<!doctype html><title>A</title><body>${body}`;
    const page = readPage(originalFromText(source), { address: "https://www.example/" });
    const at = source.indexOf(`>${words}`, source.indexOf("<body>")) + 1;
    const range = withTagsBeside(page, { start: at, end: at + words.length });
    expect(source.slice(range.start, range.end).trim()).toBe(expected);
  });
});
