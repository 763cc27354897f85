import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { markdownFromBytes } from "../page/original-from-bytes.ts";
import { descriptionOf, titleOf } from "../page/page.ts";
import { readPage } from "../page/read.ts";
import { applyToPage, applyToSource } from "./apply.ts";
import type { Edit } from "./edits.ts";
import { firstDifference } from "./verify.ts";

const address = "https://a.example/log/first";
const original = (text: string) => markdownFromBytes(new TextEncoder().encode(text));
const apply = (source: string, ...edits: Edit[]) =>
  new TextDecoder().decode(applyToSource(original(source), edits, { address }).bytes);
const title = (value: string): Edit => ({ op: "set-title", value, was: null });
const description = (value: string): Edit => ({ op: "set-description", value, was: null });
const slug = (value: string): Edit => ({ op: "set-slug", value, was: null });
const level = (text: string, to: number): Edit => ({ op: "set-heading-level", heading: { text }, level: to, was: 0 });
const words = (text: string, value: string): Edit => ({ op: "set-heading-text", heading: { text }, value, was: text });
const remove = (text: string): Edit => ({ op: "remove-heading", heading: { text }, was: text });

describe("front matter", () => {
  it.each([
    ["plain, with its comment", "title: Old # from the log\n", "title: New # from the log\n"],
    ["double quotes", 'title: "Old"\n', 'title: "New"\n'],
    ["single quotes", "title: 'Old'\n", "title: 'New'\n"],
    ["nothing", "title:\n", "title: New\n"],
    ["folded over lines", "title: >-\n  Old\n  words\ndate: 2024-01-02\n", "title: New\ndate: 2024-01-02\n"],
    ["CRLF", "title: Old\r\ndate: 1\r\n", "title: New\r\ndate: 1\r\n"],
    ["added where it is missing", "date: 2024-01-02\n", "date: 2024-01-02\ntitle: New\n"],
  ])("%s", (_, before, after) => {
    const file = (yaml: string) => `---\n${yaml}---\n\n# Heading\n\nBody: "as it is"\n`;
    expect(apply(file(before), title("New"))).toBe(file(after));
  });

  it("is begun where a file has none, in the file's own line ending", () => {
    expect(apply("# Heading\r\n", title("New"), description("What it is"))).toBe(
      "---\r\ntitle: New\r\ndescription: What it is\r\n---\r\n\r\n# Heading\r\n",
    );
  });

  it("that is no YAML is a fault with its line, and nothing can be changed", () => {
    const page = readPage(original("---\ntitle: [a\ndate: b\n---\n"), { address });
    expect(page.fault).toBe("front-matter");
    expect(page.values.fault).toContain("line 3");
    expect(applyToPage(page, [title("New")]).refused).toHaveLength(1);
  });

  it("gives nested values and lists names", () => {
    const page = readPage(
      original("---\nauthor:\n  name: Wren Achterberg\ntags: [lamp, fog]\ndate: 2024-01-02\n---\n"),
      { address },
    );
    expect(page.values).toEqual({ "author.name": "Wren Achterberg", tags: "lamp, fog", date: "2024-01-02" });
  });
});

// CommonMark 0.31.2, sections 4.2 and 4.3 (ATX and setext headings).
describe("headings of the body", () => {
  it.each([
    ["ATX with closing hashes", "## Foo ##\n", level("Foo", 3), "### Foo ##\n"],
    ["setext to its other level", "Foo\n===\n", level("Foo", 2), "Foo\n---\n"],
    ["setext to a deeper level", "Foo\n---\nbar\n", level("Foo", 4), "#### Foo\nbar\n"],
    ["text with emphasis, one part", "# Foo *bar*\n", words("Foo bar", "Foo baz"), "# Foo *baz*\n"],
    ["text that would be markup", "# Foo\n", words("Foo", "a_b*c"), "# a\\_b\\*c\n"],
    ["removed, glued to its paragraph", "# Foo\nbar\n", remove("Foo"), "Foo\n\nbar\n"],
  ])("%s", (_, before, edit, after) => {
    expect(apply(before, edit)).toBe(after);
  });

  it("in code are none", () => {
    const { headings } = readPage(original("```\n# no\n```\n\n# yes\n"), { address });
    expect(Array.from(headings, ({ text }) => text)).toEqual(["yes"]);
  });
});

it("keeps the three invariants over generated files", () => {
  const text = fc.string({ unit: "grapheme", minLength: 1, maxLength: 30 });
  const value = fc.oneof(
    text,
    fc.constantFrom(
      "a: b",
      "# x",
      "- y",
      "yes",
      "2024-01-02",
      "'q'",
      '"',
      "null",
      "[a",
      "{b}",
      "&c",
      "*d",
      "!e",
      "|",
      ">",
      "@",
      "`",
      "%f",
      "x #y",
    ),
  );
  const front = fc.record({ title: value, date: value, tags: fc.array(value, { maxLength: 3 }) }, { requiredKeys: [] });
  const block = fc.oneof(
    fc.constantFrom("# One", "## Two ##", "Three\n---", "* item\n* other", "a paragraph", "```\n# code\n```"),
    text,
  );
  fc.assert(
    fc.property(
      front,
      fc.array(block, { maxLength: 5 }),
      fc.option(value),
      fc.option(value),
      fc.boolean(),
      fc.integer({ min: 1, max: 6 }),
      (yaml, blocks, newTitle, newDescription, moved, to) => {
        const head = Object.entries(yaml)
          .map(([k, v]) => `${k}: ${JSON.stringify(v)}\n`)
          .join("");
        const source = original(`${head ? `---\n${head}---\n\n` : ""}${blocks.join("\n\n")}\n`);
        const page = readPage(source, { address });
        fc.pre(page.fault === null);
        const edits: Edit[] = [];
        if (newTitle !== null) edits.push(title(newTitle));
        if (newDescription !== null) edits.push(description(newDescription));
        if (moved) edits.push(slug("second"));
        const heading = page.headings[0];
        if (heading) edits.push({ op: "set-heading-level", heading: heading.key, level: to, was: heading.level });
        const { page: model, refused } = applyToPage(page, edits);
        const { bytes } = applyToSource(source, edits, { address });
        const again = readPage({ ...source, bytes }, { address: model.address });
        expect(firstDifference(again, model)).toBe(null);
        expect(applyToSource(source, [], { address }).bytes).toBe(source.bytes);
        const done = edits.filter((edit) => !refused.some((r) => r.edit === edit));
        expect(applyToSource({ ...source, bytes }, done, { address: model.address }).bytes).toEqual(bytes);
        expect(newTitle === null || titleOf(again) !== "" || newTitle.trim() === "").toBe(true);
        expect(newDescription === null || descriptionOf(again) === descriptionOf(model)).toBe(true);
      },
    ),
    { numRuns: 120 },
  );
});
