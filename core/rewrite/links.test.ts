import { describe, expect, it } from "vitest";
import { originalFromText } from "../page/original.ts";
import { markdownFromBytes } from "../page/original-from-bytes.ts";
import { readPage } from "../page/read.ts";
import { applyToSource } from "./apply.ts";
import { carryOver } from "./carry-over.ts";
import type { Edit } from "./edits.ts";
import { keyOf } from "./resolve.ts";

const address = "https://a.example/b";
const bytes = (text: string) => new TextEncoder().encode(text);
const original = (source: string, markdown: boolean) =>
  markdown ? markdownFromBytes(bytes(source)) : originalFromText(source);

function applied(source: string, make: (page: ReturnType<typeof readPage>) => Edit, markdown = false): string {
  const from = original(source, markdown);
  const { bytes, refused } = applyToSource(from, [make(readPage(from, { address }))], { address });
  return refused[0]?.reason ?? new TextDecoder().decode(bytes);
}

const led = (value: string) => (page: ReturnType<typeof readPage>) =>
  ({ op: "set-link-href", link: keyOf(page, "link", 0), value, was: page.links[0]?.href ?? "" }) as const;
const wrapped =
  (was: string, nth = 1, value = "/lamp?a=1&b") =>
  (page: ReturnType<typeof readPage>) =>
    ({ op: "wrap-in-link", block: keyOf(page, "block", 0), was, nth, value }) as const;

describe("a link's address", () => {
  it.each([
    ["<p><a href='/old' title=x>Old</a>", "/new?a=1&b", "<p><a href='/new?a=1&amp;b' title=x>Old</a>"],
    ["<p><a href=/old>Old</a>", "/new", '<p><a href="/new">Old</a>'],
    ["<p><a href=/old>Old</a>", "a b", "An address has no spaces: write %20 instead."],
    ["<p><a href=/old>Old</a>", "javascript:x()", "A link cannot run a script here. Type an address."],
    ["<p><a href=/old>Old</a>", " ", "A link has to lead somewhere. Type an address, or take the link out."],
  ])("%s to %s", (source, value, is) => {
    expect(applied(source, led(value))).toBe(is);
  });

  it.each([
    ["See [the lamp](/old).\n", "/new(1)", "See [the lamp](</new(1)>).\n"],
    ['See [the lamp](/old "Hint").\n', "/new", 'See [the lamp](/new "Hint").\n'],
    ["See [the lamp][1].\n\n[1]: /old\n", "/new", expect.stringContaining("stands elsewhere in the file")],
  ])("in Markdown: %s", (source, value, is) => {
    expect(applied(source, led(value), true)).toEqual(is);
  });

  it("is settled once the site has it, and a conflict where the site leads elsewhere", () => {
    const read = (source: string) => readPage(source, { address });
    const before = read("<p>See <a href=/old>the lamp</a>.</p><p><a href=/x>x</a>");
    const edit = led("/new")(before);
    const over = (source: string) => carryOver([edit], read(source), { before });
    expect(over("<p>See <a href=/new>the lamp</a>.</p><p><a href=/x>x</a>").settled).toEqual([edit]);
    expect(over("<p>Look: <a href=/old>the lamp</a>.</p><p><a href=/x>x</a>").kept).toEqual([edit]);
    expect(over("<p>See <a href=/other>the lamp</a>.</p><p><a href=/x>x</a>").conflicts).toMatchObject([
      { now: "/other", mine: { value: "/new", was: "/other" } },
    ]);
  });
});

describe("words that become a link", () => {
  it.each([
    [
      "<p>She had a lamp &amp; a lamp.</p>",
      "a lamp",
      2,
      '<p>She had a lamp &amp; <a href="/lamp?a=1&amp;b">a lamp</a>.</p>',
    ],
    ["<p>The <b>big</b> lamp.</p>", "The big lamp", 1, '<p><a href="/lamp?a=1&amp;b">The <b>big</b> lamp</a>.</p>'],
    ["<p>The <b>big lamp</b>.</p>", "The big", 1, "The words begin in one element and end in another. Choose others."],
    ["<p>The <a href=/x>lamp</a>.</p>", "lamp", 1, "These words stand in a link already. Change that one instead."],
    ["<p>The lamp.</p>", "wick", 1, "The words “wick” do not stand there any more."],
  ])("%s", (source, words, nth, is) => {
    expect(applied(source, wrapped(words, nth))).toBe(is);
  });

  it("in Markdown too", () => {
    expect(applied("She had *two lamps*.\n", wrapped("two lamps"), true)).toBe("She had *[two lamps](/lamp?a=1&b)*.\n");
  });

  it("are several of one text, and settled once the site has them", () => {
    const source = "<p>The lamp and the wick.</p>";
    const page = readPage(source, { address });
    const edits = [wrapped("lamp")(page), wrapped("wick", 1, "/wick")(page)];
    const { bytes: made } = applyToSource(originalFromText(source), edits, { address });
    const is = '<p>The <a href="/lamp?a=1&amp;b">lamp</a> and the <a href="/wick">wick</a>.</p>';
    expect(new TextDecoder().decode(made)).toBe(is);
    expect(carryOver(edits, readPage(is, { address }), { before: page }).settled).toEqual(edits);
  });
});
