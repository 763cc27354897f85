import { readdirSync, readFileSync } from "node:fs";
import fc from "fast-check";
import { beforeAll, describe, expect, it } from "vitest";
import { type Original, originalFromText } from "../page/original.ts";
import { originalFromBytes } from "../page/original-from-bytes.ts";
import { readPage } from "../page/read.ts";
import { applyToPage } from "./apply.ts";
import { loadCharset } from "./bytes.ts";
import { contentOf, isText, type Mark, type Piece } from "./content.ts";
import { anyChange } from "./content-change.ts";
import { contentFault } from "./content-held.ts";
import { standing } from "./operations/set-block-content.ts";
import { keyOf } from "./resolve.ts";
import { writeContent } from "./write-content.ts";

// What pages that name no character set are in.
beforeAll(() => loadCharset("windows-1252"));

const address = "https://www.example/a/page.html";
const read = (source: string, format: "html" | "markdown" = "html") =>
  readPage(originalFromText(source, format), { address });

const pieces = (source: string, format?: "markdown") => {
  const page = read(source, format);
  const content = contentOf(page, 0);
  if (typeof content === "string") throw new Error(content);
  return { page, content };
};
/** Content as it is told to somebody: marks in brackets. */
const told = (content: readonly Piece[]) =>
  content.map((one) => {
    const marks = one.marks.map(({ name, href }) => (href === null ? name : `${name} ${href}`)).join(", ");
    return `${isText(one) ? one.text : `(${one.name}${one.label && `: ${one.label}`})`}${marks && ` [${marks}]`}`;
  });

const P = (inner: string) => `<!doctype html><title>A</title><body><p>${inner}</p>`;

/** What becomes of a paragraph when its content is changed. */
function written(inner: string, change: (content: Piece[]) => Piece[], format?: "markdown"): string {
  const { page, content } = pieces(format ? inner : P(inner), format);
  const made = writeContent(page, 0, change(content));
  if (typeof made === "string") throw new Error(made);
  return made.value;
}
const EM: Mark = { of: null, name: "emphasis", href: null };
const STRONG: Mark = { of: null, name: "strong", href: null };
const CODE: Mark = { of: null, name: "code", href: null };
const link = (href: string): Mark => ({ of: null, name: "link", href });
/** Replaces words of the piece that holds them. */
const say = (was: string, is: string) => (content: Piece[]) =>
  content.map((one) => (isText(one) ? { ...one, text: one.text.replace(was, is) } : one));
/** Puts markup around words, which may begin in one piece and end in another. */
const mark = (words: string, made: Mark) => (content: Piece[]) => {
  const whole = content.map((one) => (isText(one) ? one.text : "\0")).join("");
  const [from, to] = [whole.indexOf(words), whole.indexOf(words) + words.length];
  let at = 0;
  return content.flatMap((one): Piece[] => {
    const text = isText(one) ? one.text : "\0";
    const [start, end] = [Math.max(0, from - at), Math.min(text.length, to - at)];
    at += text.length;
    if (start >= end) return [one];
    if (!isText(one)) return [{ ...one, marks: [...one.marks, made] }];
    return [
      { ...one, text: text.slice(0, start) },
      { text: text.slice(start, end), marks: [...one.marks, made] },
      { ...one, text: text.slice(end) },
    ].filter((piece) => piece.text !== "");
  });
};
const unmark = (name: string) => (content: Piece[]) =>
  content.map((one) => ({ ...one, marks: one.marks.filter((mark) => mark.name !== name) }));

describe("what stands in a paragraph", () => {
  it("is words with the markup around them, and things among them", () => {
    const { content } = pieces(
      P(
        '\n  Open <a href="/day">every <em>day</em></a>,<br> says <img src=b.png alt="a boat"><i class=icon></i>\n  the <b>mate</b>.<!-- x -->',
      ),
    );
    expect(told(content)).toEqual([
      "Open ",
      "every  [link /day]",
      "day [link /day, emphasis]",
      ",",
      "(break)",
      "says ",
      "(picture: a boat)",
      "(i)",
      " the ",
      "mate [strong]",
      ".",
    ]);
  });

  it("is read in Markdown too", () => {
    const { content } = pieces("Open *every* **day**, `ls`\nand [here](/x), <https://a.example/>.\n", "markdown");
    expect(told(content)).toEqual([
      "Open ",
      "every [emphasis]",
      " ",
      "day [strong]",
      ", ",
      "ls [code]",
      " and ",
      "here [link /x]",
      ", ",
      "(address: https://a.example/)",
      ".",
    ]);
  });

  it.each([
    ["<pre>a\n b</pre>", /every space/],
    ["<p>a <b>b</p><p>c</b></p>", /Mend the source/],
  ])("is not edited so where that could not be written back: %s", (body, why) => {
    expect(contentOf(read(`<!doctype html><title>A</title><body>${body}`), 0)).toMatch(why);
  });
});

describe("written back", () => {
  it.each<[string, string, (content: Piece[]) => Piece[], string]>([
    [
      "nothing",
      "\n a  <b>b &amp; &eacute;</b><!-- x --> c ",
      (all) => all,
      "\n a  <b>b &amp; &eacute;</b><!-- x --> c ",
    ],
    ["a word", "a &eacute; <b class=x>bold one</b> c", say("bold", "plain"), "a &eacute; <b class=x>plain one</b> c"],
    ["signs of markup", "a b", say("b", "<b> & c"), "a &lt;b> &amp; c"],
    ["what only together is a reference", "AT&T", say("&T", "&lt;"), "AT&amp;lt;"],
    ["new emphasis", "a quiet bay", mark("quiet", EM), "a <em>quiet</em> bay"],
    ["no space at its edges", "a quiet bay", mark(" quiet ", STRONG), "a <strong>quiet</strong> bay"],
    [
      "a link over emphasis",
      "go <em>to the</em> bay",
      mark("the bay", link("/bay")),
      'go <em>to </em><a href="/bay"><em>the</em> bay</a>',
    ],
    [
      "emphasis across a link",
      'go <a href="/x">to the</a> bay',
      mark("the bay", EM),
      'go <a href="/x">to <em>the</em></a><em> bay</em>',
    ],
    [
      "a whole link in bold",
      'go <a href="/x">there</a>.',
      mark("there", STRONG),
      'go <a href="/x"><strong>there</strong></a>.',
    ],
    ["no emphasis any more", "a <em>quiet</em> <i>bay</i>", unmark("emphasis"), "a quiet bay"],
    ["no link any more", 'a <a href="/x"><b>quiet</b> bay</a>', unmark("link"), "a <b>quiet</b> bay"],
    [
      "another address, and nothing else of the link",
      "<a class=x HREF='/x' rel=help>here</a> it is",
      (all) => all.map((one) => ({ ...one, marks: one.marks.map((m) => ({ ...m, href: "/y?a&b" })) })),
      "<a class=x HREF='/y?a&amp;b' rel=help>here</a> it is",
    ],
    [
      "a line break",
      "one two",
      () => [
        { text: "one", marks: [] },
        { of: null, name: "break", label: "", marks: [] },
        { text: "two", marks: [] },
      ],
      "one<br>two",
    ],
    [
      "no line break before the first word or behind the last",
      "one",
      () => {
        const lineBreak: Piece = { of: null, name: "break", label: "", marks: [EM] };
        return [lineBreak, { text: "one", marks: [] }, lineBreak];
      },
      "one",
    ],
    [
      "a link in two, of which one leads elsewhere",
      '<a class=x href="/x">one two</a>',
      (all) => {
        const [{ marks }] = all as [Piece];
        return [
          { text: "one ", marks },
          { text: "two", marks: marks.map((m) => ({ ...m, href: "/y" })) },
        ];
      },
      '<a class=x href="/x">one </a><a class=x href="/y">two</a>',
    ],
    ["a picture taken out", "one <img src=a.png alt=a>two", (all) => all.filter(isText), "one two"],
    [
      "a comment of what is gone",
      "one <b>x<!-- keep --></b> two",
      (all) => [all[0], all[2]] as Piece[],
      "one<!-- keep --> two",
    ],
    [
      "an element in two parts, its id once",
      '<em id="a">one two three</em>',
      (all) => [
        { ...(all[0] as Piece), text: "one " },
        { text: "two", marks: [] },
        { ...(all[0] as Piece), text: " three" },
      ],
      '<em id="a">one </em>two<em> three</em>',
    ],
  ])("holds %s", (_, inner, change, expected) => {
    expect(written(inner, change)).toBe(expected);
  });

  it.each<[string, string, (content: Piece[]) => Piece[], string]>([
    ["a word", "a *b*\nc_d\n", say("b", "b e"), "a *b e*\nc_d"],
    ["what would be markup", "a b\n", say("b", "*b* [c]"), "a \\*b\\* \\[c\\]"],
    ["emphasis and bold", "a quiet bay\n", (all) => mark("bay", STRONG)(mark("quiet", EM)(all)), "a *quiet* **bay**"],
    ["a link", "a quiet bay\n", mark("quiet bay", link("/b c")), "a [quiet bay](</b c>)"],
    ["code with a tick in it", "a b`c d\n", mark("b`c", CODE), "a ``b`c`` d"],
    ["bold around code", "run `ls -l` now\n", mark("run ls", STRONG), "**run `ls`**` -l` now"],
    [
      "another address, and the hint",
      'a [b](/x "hint") c\n',
      (all) => all.map((one) => ({ ...one, marks: one.marks.map((m) => ({ ...m, href: "/y" })) })),
      'a [b](/y "hint") c',
    ],
  ])("holds %s in Markdown", (_, source, change, expected) => {
    expect(written(source, change, "markdown")).toBe(expected);
  });

  it("holds a thing that was moved, and one that was put there twice", () => {
    const moved = (all: Piece[]) => [all[2], all[0], all[1]] as Piece[];
    expect(written('one two <img src="a.png" alt=a> three four', moved)).toBe(
      ' three fourone two <img src="a.png" alt=a>'.trim(),
    );
    const twice = (all: Piece[]) => [all[1], ...all] as Piece[];
    expect(written('one <i class="boat"></i> two', twice)).toBe('<i class="boat"></i>one <i class="boat"></i> two');
  });

  it("takes no time for a long text of which every word is another", () => {
    const long = (word: string) => Array.from({ length: 12_000 }, (_, i) => `${word}${i}`).join(" ");
    const { page, content } = pieces(P(`<b>Lit</b> ${long("a")}`));
    const start = performance.now();
    const made = writeContent(page, 0, [...content.slice(0, 1), { text: ` ${long("b")}`, marks: [] }]);
    expect(made).toMatchObject({ value: `<b>Lit</b> ${long("b")}` });
    if (typeof made === "string") return;
    const edit = { op: "set-block-content" as const, block: keyOf(page, "block", 0), ...made, was: standing(page, 0) };
    expect(applyToPage(page, [edit]).refused).toEqual([]);
    expect(performance.now() - start).toBeLessThan(20_000);
  });

  it("is refused where nothing is left, or a button would have no words", () => {
    const { page, content } = pieces(P("a <button>b</button>"));
    expect(writeContent(page, 0, [])).toMatch(/cannot be emptied/);
    expect(writeContent(page, 0, content.slice(0, 1))).toMatch(/button element would be left without words/);
  });

  it("keeps a place that is led to when its words are gone", () => {
    const { page, content } = pieces(P('<a href="/x" id="day">day</a> of <a href="#day">rest</a>'));
    expect(writeContent(page, 0, content.slice(1))).toMatchObject({
      value: '<a id="day"></a>of <a href="#day">rest</a>',
    });
  });
});

describe("every paragraph of the demo", () => {
  const folder = new URL("../../demo/gullhaven/", import.meta.url);
  const files = readdirSync(folder, { recursive: true, encoding: "utf8" }).filter((file) => /\.(html|md)$/.test(file));
  const originals = files.map((file): [string, Original] => [
    file,
    originalFromBytes(new Uint8Array(readFileSync(new URL(encodeURI(file), folder)))),
  ]);

  it.each(originals)("is written back as it was: %s", (_, original) => {
    const page = readPage(original, { address });
    for (const [index, block] of page.blocks.entries()) {
      const content = contentOf(page, index);
      if (typeof content === "string") continue;
      const made = writeContent(page, index, content);
      if (typeof made === "string") throw new Error(`${block.text}: ${made}`);
      expect(page.source).toContain(made.value);
      expect(made.text).toBe(block.text);
    }
  });

  // Outside: the HTML standard's parser, https://html.spec.whatwg.org/multipage/parsing.html, as parse5 has it.
  it.each(originals.filter(([file]) => file.endsWith(".html")))(
    "reads as it was changed, and nothing else does: %s",
    (_, original) => {
      const page = readPage(original, { address });
      const blocks = page.blocks.flatMap((_, index) => {
        const content = contentOf(page, index);
        return typeof content === "string" ? [] : [{ index, content }];
      });
      const words = fc.constantFrom("Opening", "&", "<b>", "café", "a  b", "amp;");
      fc.assert(
        fc.property(fc.constantFrom(...blocks), anyChange({ fc, word: words }), ({ index, content }, change) => {
          const fault = contentFault(original, page, index, change(content));
          expect(fault === "refused" ? null : fault).toBeNull();
        }),
        { numRuns: 15 },
      );
    },
  );
});
