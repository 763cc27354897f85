import { describe, expect, it } from "vitest";
import { originalFromText } from "../page/original.ts";
import { readPage } from "../page/read.ts";
import { applyToSource } from "./apply.ts";
import { carryOver } from "./carry-over.ts";
import type { Edit } from "./edits.ts";
import { notForHead } from "./operations/add-to-head.ts";
import { sourceEdits } from "./operations/edit-source.ts";
import { originsOf } from "./origins.ts";
import { keyOf } from "./resolve.ts";

const address = "https://a.example/";
const read = (source: string) => readPage(source, { address });
const apply = (source: string, ...edits: Edit[]) => {
  const { bytes, refused } = applyToSource(originalFromText(source), edits, { address });
  return refused.length > 0 ? refused.map(({ reason }) => reason).join(" ") : new TextDecoder().decode(bytes);
};
const block = (source: string, text: string) => {
  const page = read(source);
  return keyOf(
    page,
    "block",
    page.blocks.findIndex((one) => one.text.startsWith(text)),
  );
};
const setText = (source: string, was: string, value: string) =>
  apply(source, { op: "set-block-text", block: block(source, was), value, was });

describe("the words of a block", () => {
  const linked = "<p>See <a href='/a'>the <em>old</em> &amp; new lamp</a>, daily.</p>";
  it.each([
    [
      "See the old & new lamp, twice a day.",
      "<p>See <a href='/a'>the <em>old</em> &amp; new lamp</a>, twice a day.</p>",
    ],
    ["See the old & new ship, daily.", "<p>See <a href='/a'>the <em>old</em> &amp; new ship</a>, daily.</p>"],
    ["See the oldest & new lamp, daily.", "<p>See <a href='/a'>the <em>oldest</em> &amp; new lamp</a>, daily.</p>"],
    ["Look at the old & new lamp, daily.", "<p>Look at <a href='/a'>the <em>old</em> &amp; new lamp</a>, daily.</p>"],
    ["See it, daily.", "<p>See <a href='/a'>it</a>, daily.</p>"],
  ])("become %s, and the markup among them stays", (value, expected) => {
    expect(setText(linked, "See the old", value)).toBe(expected);
  });

  const p = (inner: string) => `<p>${inner}</p>`;
  it.each([
    // All words are new: markup goes with its words, and no tag comes to stand in a word.
    [
      'See <a href="/x">the docs</a> for <b>more</b>.',
      "Entirely different words here.",
      "Entirely different words here.",
    ],
    // Two places around a link.
    [
      'Open for visits, and <a href="/s">schools</a> answer us.',
      "Open for school visits, and <a>schools</a> answer no one.",
      'Open for school visits, and <a href="/s">schools</a> answer no one.',
    ],
    [
      'Ask <a href="/a">Ann</a>, <a href="/b">Bob</a> or <a href="/c">Cy</a>.',
      "Ask Anna, Bert or Cyd.",
      'Ask <a href="/a">Anna</a>, <a href="/b">Bert</a> or <a href="/c">Cyd</a>.',
    ],
    ["The <b>big</b> lamp", "The lamp", "The lamp"],
    ["The <i></i><b>big</b> lamp", "The small lamp", "The <i></i><b>small</b> lamp"],
    ["un<b>believ</b>able lamp", "unbelievable ship", "un<b>believ</b>able ship"],
    ['See <a href="/x">the docs</a>', "See the docs now", 'See <a href="/x">the docs</a> now'],
    ["<b>All of it</b>", "All of it now", "<b>All of it now</b>"],
    ["By train<br>or <em>by boat</em>", "By tram<br>or by ship", "By tram<br>or <em>by ship</em>"],
    ['Read <a href="/x">the old docs</a> first', "Here is the manual", "Here is the manual"],
    // Markup moves with its words where they stand once.
    [
      'First <a href="/x">the docs</a>, then the tea.',
      "Then the tea, first the docs.",
      'Then the tea, first <a href="/x">the docs</a>.',
    ],
    // What does something without words stays.
    ['<a href="#x">x</a> <b id="x">old</b> ship', "x ship", '<a href="#x">x</a> <b id="x"></b>ship'],
    ['<a name="x" href="/y">old</a> ship', "ship", '<a name="x"></a> ship'],
    ['<a href="/y"><img src="i.png" alt="">old</a> ship', "ship", '<a href="/y"><img src="i.png" alt=""></a> ship'],
    ["caf&eacute; &amp; <i>bar</i>", "café & pub", "caf&eacute; &amp; <i>pub</i>"],
    // Marks alone are no words where they stand beside one.
    [
      "<i>8. </i>Shared lamps<a href='#x'>¶</a>",
      "8. Shared old lamps¶",
      "<i>8. </i>Shared old lamps<a href='#x'>¶</a>",
    ],
    [
      "Given (say, <code>A b ...</code>) then",
      "Given (say, A b copper then",
      "Given (say, <code>A b </code>copper then",
    ],
    [
      "The <em>min</em> of it. The <em>max</em> of all",
      "The max of all The min of it.",
      "The <em>max</em> of all The <em>min</em> of it.",
    ],
    [
      "The <em>min</em> class has the least. The <em>bloom</em> class has a filter.",
      "A filter is in the bloom class. Of two, the min is the least.",
      "A filter is in the <em>bloom</em> class. Of two, the <em>min</em> is the least.",
    ],
    ["灯台<b>船</b>です", "灯台<b>船</b>でした", "灯台<b>船</b>でした"],
    // Nothing stands there but a space that is none of HTML's own.
    ["&nbsp;", "lantern", "lantern"],
    ["<b>&nbsp;</b>", "lantern", "<b>lantern</b>"],
    ["<b>—</b>", "lantern", "<b>lantern</b>"],
  ])("%s: become %s, without husks or cut words", (source, wanted, expected) => {
    const value = wanted.replace(/<br>/g, " ").replace(/<[^>]*>/g, "");
    const was = read(p(source)).blocks[0]?.text ?? "";
    const is = setText(p(source), was, value).replace(/^<p>|<\/p>$/g, "");
    expect(is.replace(/^ | $/g, "")).toBe(expected.replace(/^ | $/g, ""));
    expect(read(p(is)).blocks[0]?.text).toBe(value);
  });

  it("are refused where it cannot be said what stands in the markup, and set as plain text on demand", () => {
    const source = p('Read <a href="/x">old docs</a> for more');
    const value = "Read old pages about all more";
    const edit = { op: "set-block-text" as const, block: block(source, "Read"), value, was: "" };
    expect(apply(source, edit)).toMatch(
      /^It cannot be said for sure which of the new words “pages about all” stand in the link/,
    );
    expect(apply(source, { ...edit, plain: true })).toBe(p(value));
    const pressed = p("Press <button>on</button> twice");
    expect(setText(pressed, "Press", "Press twice")).toMatch(/a button element would be left without words/);
  });

  it("are written as references where markup would begin", () => {
    expect(setText("<p>a</p>", "a", "1 < 2 & 3")).toBe("<p>1 &lt; 2 &amp; 3</p>");
  });

  it("keep the white space around them", () => {
    expect(setText("<p>\n  Old words\n</p>", "Old", "New words")).toBe("<p>\n  New words\n</p>");
  });

  it("cannot be emptied, nor changed where a picture or a line break speaks", () => {
    expect(setText("<p>a</p>", "a", " ")).toMatch(/^Text cannot be emptied/);
  });
});

describe("blocks", () => {
  const page = "<ul>\n  <li>One</li>\n  <li>Two</li>\n</ul>\n<p>Three</p>\n<p>Four</p>\n";
  const insert = (at: string, before: boolean, tag: "p" | "li" | "h2"): Edit => ({
    op: "insert-blocks",
    id: "x",
    at: block(page, at),
    before,
    blocks: [{ tag, text: "New & good" }],
    was: null,
  });

  it("are put beside others, on lines of their own", () => {
    expect(apply(page, insert("One", false, "li"))).toContain(
      "  <li>One</li>\n  <li>New &amp; good</li>\n  <li>Two</li>",
    );
    expect(apply(page, insert("Three", true, "h2"))).toContain("</ul>\n<h2>New &amp; good</h2>\n<p>Three</p>");
    expect(apply(page, insert("One", false, "p"))).toBe("Among list items only list items can be put.");
  });

  it("are taken out with their line, and moved", () => {
    expect(apply(page, { op: "remove-block", block: block(page, "Three"), was: "Three" })).toBe(
      page.replace("<p>Three</p>\n", ""),
    );
    const move: Edit = {
      op: "move-block",
      block: block(page, "Four"),
      to: block(page, "Three"),
      before: true,
      was: "Four",
    };
    expect(apply(page, move)).toContain("<p>Four</p>\n<p>Three</p>\n");
  });

  it("become headings: a paragraph by its tag, a list item by a heading inside", () => {
    const make = (text: string): Edit => ({ op: "make-heading", block: block(page, text), level: 3, was: text });
    expect(apply(page, make("Three"))).toContain("<h3>Three</h3>");
    expect(apply(page, make("One"))).toContain("<li><h3>One</h3></li>");
  });

  it("of which two edits change one place, the second is refused", () => {
    const twice = apply(
      page,
      { op: "remove-block", block: block(page, "Three"), was: "Three" },
      insert("Three", true, "p"),
    );
    expect(twice).toBe("Another edit of this redraft changes the same place.");
  });

  it("that are equal are told apart, and never taken for each other", () => {
    const equal = "<p>a</p><p>b</p><p>a</p>";
    const second = keyOf(read(equal), "block", 2);
    expect(apply(equal, { op: "remove-block", block: second, was: "a" })).toBe("<p>a</p><p>b</p>");
    expect(apply("<p>a</p><p>b</p>", { op: "remove-block", block: second, was: "a" })).toMatch(/it had it 2 times/);
  });
});

describe("a heading and a text with the same words", () => {
  it("change places, and a second application changes nothing", () => {
    const source = "<h2>X</h2><p>a</p><p>X</p><p>b</p>";
    const page = read(source);
    const edits: Edit[] = [
      { op: "remove-heading", heading: page.headings[0]?.key ?? { text: "X" }, was: "X" },
      { op: "make-heading", block: keyOf(page, "block", 2), level: 2, was: "X" },
    ];
    const once = applyToSource(originalFromText(source), edits, { address }).bytes;
    expect(new TextDecoder().decode(once)).toBe("<p>X</p><p>a</p><h2>X</h2><p>b</p>");
    const twice = applyToSource({ ...originalFromText(source), bytes: once }, edits, { address }).bytes;
    expect(new TextDecoder().decode(twice)).toBe("<p>X</p><p>a</p><h2>X</h2><p>b</p>");
  });
});

describe("the language of a page", () => {
  it("is kept in step with xml:lang", () => {
    expect(apply('<html xml:lang="en" lang="en"><p>x', { op: "set-language", value: "cy", was: "en" })).toBe(
      '<html xml:lang="cy" lang="cy"><p>x',
    );
    expect(apply("<html><p>x", { op: "set-language", value: "cy", was: null })).toBe('<html lang="cy"><p>x');
  });
});

describe("headings that are merged", () => {
  const hero = '<div><h1 class="a">Step</h1>\n<h1 class="b"><img src=x alt=aboard></h1></div><p>x</p>';
  const merge = (source: string): Edit => ({
    op: "merge-headings",
    headings: Array.from(read(source).headings, ({ key }) => key),
    separator: ", ",
    level: 1,
    was: "",
  });

  it("become parts of one, with their classes and pictures", () => {
    expect(apply(hero, merge(hero))).toBe(
      '<div><h1><span class="a">Step</span>, <span class="b"><img src=x alt=aboard></span></h1></div><p>x</p>',
    );
  });

  it("must stand beside each other", () => {
    const apart = "<h1>a</h1><p>between</p><h1>b</h1>";
    expect(apply(apart, merge(apart))).toMatch(/^Something stands between/);
  });
});

describe("pictures, links and head", () => {
  const source =
    '<html><head><title>x</title></head><body><a href="/a" title=hint><img src=b.png></a> <a href="/a">Lamp</a></body></html>';
  const page = read(source);
  it("are changed at their own attribute", () => {
    const alt: Edit = { op: "set-alt", picture: keyOf(page, "picture", 0), value: 'A "red" hull', was: null };
    expect(apply(source, alt)).toContain('<img src=b.png alt="A &quot;red&quot; hull">');
    expect(apply(source, { op: "set-link-title", link: keyOf(page, "link", 0), value: "", was: "hint" })).toContain(
      '<a href="/a"><img',
    );
    expect(
      apply(source, { op: "set-link-text", link: keyOf(page, "link", 1), value: "The lamp", was: "Lamp" }),
    ).toContain(">The lamp</a>");
    expect(apply(source, { op: "set-language", value: "en-GB", was: null })).toContain('<html lang="en-GB">');
    expect(apply(source, { op: "set-robots", value: "noindex", was: null })).toContain(
      '<title>x</title><meta name="robots" content="noindex">',
    );
  });

  // HTML Living Standard 4.2.1: the content model of head is metadata content.
  it.each<[string, boolean]>([
    ['<meta name="a" content="b">', true],
    ["<script>if (a < b) x('<p>')</script>", true],
    ["<p>text</p>", false],
    ["just words", false],
    ["<script>never closed", false],
  ])("the head may hold %s: %s", (html, may) => {
    expect(notForHead(html) === null).toBe(may);
  });
});

describe("the source itself", () => {
  const was = "<p>a</p>\n<p>a</p>\n<ul><li>b</ul>";
  const change = (from: number, to: number, value: string) => {
    const is = was.slice(0, from) + value + was.slice(to);
    return sourceEdits(was, is, [{ fromA: from, toA: to, fromB: from, toB: from + value.length }]);
  };
  it("is changed where somebody wrote, and found again by what stands around", () => {
    const [edit] = change(12, 13, "second");
    expect(edit && apply(was, edit)).toBe("<p>a</p>\n<p>second</p>\n<ul><li>b</ul>");
    expect(edit && apply(`<h1>new</h1>\n${was}`, edit)).toContain("<p>a</p>\n<p>second</p>");
    expect(edit && apply("<p>other</p>", edit)).toMatch(/^The source is not as it was/);
  });
  it("takes an insertion and a deletion, and is in place the second time", () => {
    const [insertion] = change(27, 27, "</li>");
    const made = insertion ? apply(was, insertion) : "";
    expect(made).toContain("<li>b</li></ul>");
    expect(insertion && apply(made, insertion)).toBe(made);
  });
  it("keeps its character set", () => {
    const [edit] = change(0, 0, "<meta charset=utf-16>");
    expect(edit && apply(was, edit)).toMatch(/^The character set cannot be changed here/);
  });
});

describe("where a node comes from", () => {
  it("is known through renaming and insertion, so that it can be edited again", () => {
    const source = "<p>a</p><p>b</p>";
    const original = read(source);
    const edits: Edit[] = [
      { op: "set-block-text", block: keyOf(original, "block", 0), value: "c", was: "a" },
      {
        op: "insert-blocks",
        id: "1",
        at: keyOf(original, "block", 1),
        before: true,
        blocks: [{ tag: "p", text: "new" }],
        was: null,
      },
    ];
    const after = read(apply(source, ...edits));
    expect(originsOf(original, after, edits, "block").map(({ index, added }) => [index, added?.id ?? null])).toEqual([
      [0, null],
      [-1, "1"],
      [1, null],
    ]);
  });
});

describe("bringing a page in again", () => {
  const source = "<p>a</p><img src=x.png><p>b</p>";
  const page = read(source);
  const edits: Edit[] = [
    { op: "set-block-text", block: keyOf(page, "block", 0), value: "better", was: "a" },
    { op: "set-alt", picture: keyOf(page, "picture", 0), value: "A hull", was: null },
    { op: "remove-block", block: keyOf(page, "block", 1), was: "b" },
  ];
  const lists = (now: string) => {
    const { kept, settled, conflicts } = carryOver(edits, read(now), { before: page });
    const ops = (list: readonly Edit[]) => list.map(({ op }) => op);
    return { kept: ops(kept), settled: ops(settled), conflicts: ops(conflicts.map(({ edit }) => edit)) };
  };
  it("keeps, settles or asks about each edit of the body", () => {
    expect(lists(source)).toEqual({ kept: ["set-block-text", "set-alt", "remove-block"], settled: [], conflicts: [] });
    expect(lists('<p>better</p><img src=x.png alt="A hull">')).toEqual({
      kept: [],
      settled: ["set-block-text", "set-alt", "remove-block"],
      conflicts: [],
    });
    expect(lists("<p>other</p><img src=x.png alt=Ship><p>b</p>")).toEqual({
      kept: ["remove-block"],
      settled: [],
      conflicts: ["set-block-text", "set-alt"],
    });
  });
});
