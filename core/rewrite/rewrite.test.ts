import { describe, expect, it } from "vitest";
import { originalFromText } from "../page/original.ts";
import { readPage } from "../page/read.ts";
import { applyToPage, applyToSource } from "./apply.ts";
import { type Edit, withEdit } from "./edits.ts";
import { handOver } from "./verify.ts";

const address = "https://a.example/visit/times";
const apply = (source: string, ...edits: Edit[]) =>
  new TextDecoder().decode(applyToSource(originalFromText(source), edits, { address }).bytes);
const title = (value: string): Edit => ({ op: "set-title", value, was: null });
const description = (value: string): Edit => ({ op: "set-description", value, was: null });
const canonical = (value: string): Edit => ({ op: "set-canonical", value, was: null });
const level = (text: string, to: number): Edit => ({ op: "set-heading-level", heading: { text }, level: to, was: 0 });
const words = (text: string, value: string): Edit => ({ op: "set-heading-text", heading: { text }, value, was: text });
const remove = (text: string): Edit => ({ op: "remove-heading", heading: { text }, was: text });

describe("missing elements go where a careful person would put them", () => {
  it.each([
    [
      "behind the character set, on a line of their own",
      "<head>\r\n\t<meta charset=utf-8>\r\n</head>",
      '<head>\r\n\t<meta charset=utf-8>\r\n\t<title>T</title>\r\n\t<meta name="description" content="D">\r\n</head>',
    ],
    [
      "first, where the head has other things",
      "<head>\n  <script></script>\n</head>",
      '<head>\n  <title>T</title>\n  <meta name="description" content="D">\n  <script></script>\n</head>',
    ],
    [
      "within one line, where the source has but one",
      "<head></head><p>x",
      '<head><title>T</title><meta name="description" content="D"></head><p>x',
    ],
    [
      "behind the doctype, where no head is written",
      "<!DOCTYPE html>\n<p>x",
      '<!DOCTYPE html>\n<title>T</title>\n<meta name="description" content="D">\n<p>x',
    ],
    [
      "closed as their neighbours are",
      "<head>\n<meta charset='utf-8' />\n</head>",
      '<head>\n<meta charset=\'utf-8\' />\n<title>T</title>\n<meta name="description" content="D" />\n</head>',
    ],
  ])("%s", (_, source, expected) => {
    expect(apply(source, title("T"), description("D"))).toBe(expected);
  });

  it("the canonical stands behind the description", () => {
    expect(apply("<head>\n <title>a</title>\n <meta name=description content=b>\n</head>", canonical("/x"))).toContain(
      'content=b>\n <link rel="canonical" href="/x">\n',
    );
  });
});

describe("only what an edit names is changed", () => {
  it("quotes, capitals and spaces stay", () => {
    const source = "<TITLE >old</TITLE><META CONTENT='it is' NAME=description  ><H2 class=x >a</H2 >";
    expect(apply(source, title("new & <b>"), description("it's"), level("a", 3))).toBe(
      "<TITLE >new &amp; &lt;b></TITLE><META CONTENT='it&#39;s' NAME=description  ><H3 class=x >a</H3 >",
    );
  });

  it.each([
    ["<h2><a href=x><span> Old </span></a></h2>", words("Old", "New"), "<h2><a href=x><span> New </span></a></h2>"],
    ["<h2>Fish <em>and</em> chips</h2>", words("Fish and chips", "Fish and peas"), "<h2>Fish <em>and</em> peas</h2>"],
    ["<h2></h2>", words("", "Now"), "<h2>Now</h2>"],
    ["<h2>a</h3>", level("a", 4), "<h4>a</h4>"],
    ["<div role=heading>a</div>", level("a", 3), '<div role=heading aria-level="3">a</div>'],
    ["<h2 class=x>a <b>b</b></h2>", remove("a b"), "<p class=x>a <b>b</b></p>"],
    ["<p>x</p>\n  <h2></h2>\n<p>y</p>", remove(""), "<p>x</p>\n<p>y</p>"],
    ["<div role=heading aria-level=2>a</div>", remove("a"), "<div>a</div>"],
    ["<h2><div>a</div></h2>", remove("a"), "<div><div>a</div></div>"],
  ] as const)("%s", (source, edit, expected) => {
    expect(apply(source, edit)).toBe(expected);
  });
});

describe("what cannot be done for sure is refused with a reason, and nothing is changed", () => {
  it.each([
    ["<title>never closed", title("x")],
    ["<h2>Fish <em>and</em> chips</h2>", words("Fish and chips", "Completely other")],
    ["<h2><b>a</h2>b</b>", words("a", "x")],
    ["<h2>a<p>b", remove("a b")],
    ["<h2>a</h2><h2>a</h2>", level("a", 3)],
    ["<h2>a</h2>", level("not there", 3)],
    ["<h2 aria-label=x>a</h2>", words("x", "y")],
    ["<p>x", { op: "set-slug", value: "a/b", was: "times" } as Edit],
    ["", title("x")],
  ] as const)("%s", (source, edit) => {
    const result = applyToSource(originalFromText(source), [edit], { address });
    expect(result.refused[0]?.reason).toMatch(/\.$/);
    expect(new TextDecoder().decode(result.bytes)).toBe(source);
  });

  it("another heading of the same text is never taken instead", () => {
    const page = readPage("<h2>a</h2><h2>a</h2>", { address });
    const edit: Edit = { op: "set-heading-level", heading: page.headings[1]?.key ?? { text: "a" }, level: 3, was: 2 };
    expect(apply("<h2>a</h2><h2>a</h2>", edit)).toBe("<h2>a</h2><h3>a</h3>");
    expect(apply("<h2>a</h2>", edit)).toBe("<h2>a</h2>");
    expect(apply("<h2>new</h2><h2>a</h2><h2>a</h2>", edit)).toContain("<h3>a</h3>");
  });
});

describe("a redraft", () => {
  it("holds one edit for a node and field, bound to the original", () => {
    const one = withEdit([], { op: "set-title", value: "b", was: "a" });
    const two = withEdit(one, { op: "set-title", value: "c", was: "b" });
    expect(two).toEqual([{ op: "set-title", value: "c", was: "a" }]);
    expect(withEdit(two, { op: "set-title", value: "a", was: "c" })).toEqual([]);
    // What a pattern makes of today may be the original's text; it goes on following.
    const follows = { op: "set-title", value: "a", was: "a", pattern: "{page heading}" } as const;
    expect(withEdit(two, follows)).toEqual([follows]);
    expect(withEdit([follows], { op: "set-title", value: "a", was: "a" })).toEqual([]);
  });

  it("changes the address by its slug, and not the source", () => {
    const edit: Edit = { op: "set-slug", value: "opening-hours", was: "times" };
    const page = readPage("<p>x", { address });
    expect(applyToPage(page, [edit]).page.address).toBe("https://a.example/visit/opening-hours");
    expect(apply("<p>x", edit)).toBe("<p>x");
  });

  it("is handed over only as far as the source, read again, bears it out", () => {
    const source = "<h2>a</h2>";
    const { bytes, refused } = handOver(originalFromText(source), [level("a", 3), title("x")], { address });
    expect(new TextDecoder().decode(bytes)).toBe("<title>x</title><h3>a</h3>");
    expect(refused).toEqual([]);
  });
});
