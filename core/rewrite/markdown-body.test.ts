import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { markdownFromBytes } from "../page/original-from-bytes.ts";
import { readPage } from "../page/read.ts";
import { applyToPage, applyToSource } from "./apply.ts";
import type { Edit } from "./edits.ts";
import { keyOf } from "./resolve.ts";
import { firstDifference } from "./verify.ts";

const address = "https://a.example/log/first";
const original = (text: string) => markdownFromBytes(new TextEncoder().encode(text));
/** The file with an edit made, or why it was refused. */
function apply(source: string, ...edits: Edit[]): string {
  const { bytes, refused } = applyToSource(original(source), edits, { address });
  return refused[0]?.reason ?? new TextDecoder().decode(bytes);
}
const block = (text: string) => ({ text });
const words = (text: string, value: string): Edit => ({
  op: "set-block-text",
  block: block(text),
  value,
  was: text,
});
const insert = (at: string, before: boolean, ...blocks: Extract<Edit, { op: "insert-blocks" }>["blocks"]): Edit => ({
  op: "insert-blocks",
  id: "new",
  at: block(at),
  before,
  blocks,
  was: null,
});
const move = (text: string, to: string, before: boolean): Edit => ({
  op: "move-block",
  block: block(text),
  to: block(to),
  before,
  was: text,
});

// CommonMark 0.31.2: paragraphs (4.8), list items (5.2), emphasis (6.2), links (6.3), images (6.4), backslash escapes (2.4).
describe("blocks of Markdown", () => {
  it.each<[string, string, Edit, string]>([
    [
      "words, with the markup among them kept",
      "Oil the *wick* daily.\n",
      words("Oil the wick daily.", "Trim the wick daily."),
      "Trim the *wick* daily.\n",
    ],
    [
      "words over two lines",
      "Oil the\nwick daily.\n",
      words("Oil the wick daily.", "Oil the wick weekly."),
      "Oil the\nwick weekly.\n",
    ],
    ["words that would be markup", "Oil.\n", words("Oil.", "Oil *and* [x]"), "Oil \\*and\\* \\[x\\]\n"],
    ["a list item", "* oil\n* wick\n", words("wick", "glass"), "* oil\n* glass\n"],
    [
      "removed with its empty line",
      "One.\n\nTwo.\n\nThree.\n",
      { op: "remove-block", block: block("Two."), was: "Two." },
      "One.\n\nThree.\n",
    ],
    ["the last one removed", "One.\n\nTwo.\n", { op: "remove-block", block: block("Two."), was: "Two." }, "One.\n"],
    [
      "an item removed",
      "- oil\n- wick\n- glass\n",
      { op: "remove-block", block: block("wick"), was: "wick" },
      "- oil\n- glass\n",
    ],
    ["moved up", "One.\n\nTwo.\n", move("Two.", "One.", true), "Two.\n\nOne.\n"],
    ["an item moved down", "- oil\n- wick\n- glass\n", move("oil", "wick", false), "- wick\n- oil\n- glass\n"],
    [
      "put behind, in the file's own line ending",
      "One.\r\n\r\nThree.\r\n",
      insert("One.", false, { tag: "p", text: "Two." }),
      "One.\r\n\r\nTwo.\r\n\r\nThree.\r\n",
    ],
    [
      "an item put behind, with the list's own mark",
      "1. oil\n2. wick\n",
      insert("wick", false, { tag: "li", text: "glass" }),
      "1. oil\n2. wick\n2. glass\n",
    ],
    [
      "a question with its answer",
      "One.\n",
      insert("One.", false, { tag: "h3", text: "Why?" }, { tag: "p", text: "So." }),
      "One.\n\n### Why?\n\nSo.\n",
    ],
    [
      "a contents list",
      "# Lamp\n",
      insert("Lamp", false, { tag: "links", text: "", links: [{ href: "#oil", text: "Oil" }] }),
      "# Lamp\n\n- [Oil](#oil)\n",
    ],
    [
      "made a heading",
      "Opening\ntimes\n\nTen to four.\n",
      { op: "make-heading", block: block("Opening times"), level: 2, was: "Opening times" },
      "## Opening times\n\nTen to four.\n",
    ],
    [
      "an alternative text",
      "![old](/lamp.png)\n",
      { op: "set-alt", picture: block("/lamp.png"), value: "A [brass] lamp", was: "old" },
      "![A \\[brass\\] lamp](/lamp.png)\n",
    ],
    [
      "words of a link",
      "See [here](/oil).\n",
      { op: "set-link-text", link: block("/oil here"), value: "the oil", was: "here" },
      "See [the oil](/oil).\n",
    ],
    [
      "a hint",
      'See [oil](/oil "old").\n',
      { op: "set-link-title", link: block("/oil oil"), value: 'A "hint"', was: "old" },
      'See [oil](/oil "A \\"hint\\"").\n',
    ],
    [
      "no hint any more",
      'See [oil](/oil "old").\n',
      { op: "set-link-title", link: block("/oil oil"), value: "", was: "old" },
      "See [oil](/oil).\n",
    ],
  ])("%s", (_, before, edit, after) => {
    expect(apply(before, edit)).toBe(after);
  });

  it.each<[string, string, Edit]>([
    ["words that would begin a list", "Oil.\n", words("Oil.", "- oil")],
    ["words that would begin a numbered list", "Oil.\n", words("Oil.", "1. oil")],
    ["a block of a quotation moved", "> One.\n\nTwo.\n", move("One.", "Two.", false)],
    [
      "a hint of a link by reference",
      "See [oil][1].\n\n[1]: /oil\n",
      { op: "set-link-title", link: block("/oil oil"), value: "x", was: null },
    ],
  ])("%s is refused with what to do", (_, source, edit) => {
    expect(apply(source, edit)).toContain("Edit the source instead");
  });

  it("keeps the three invariants over generated files", () => {
    const text = fc.oneof(
      fc.string({ unit: "grapheme", minLength: 1, maxLength: 20 }),
      fc.constantFrom("- x", "# y", "1. z", "> q", "a_b_", "==="),
    );
    const piece = fc.oneof(
      fc.constantFrom(
        "# One",
        "Two\n---",
        "* item\n* other",
        "1. first\n2. second",
        "some *words* here",
        "> quoted",
        "see [oil](/oil)",
      ),
      text,
    );
    const edited = (source: string, kind: number, at: number, value: string): Edit[] => {
      const page = readPage(original(source), { address });
      if (page.fault || page.blocks.length === 0) return [];
      const index = at % page.blocks.length;
      const key = keyOf(page, "block", index);
      const was = page.blocks[index]?.text ?? "";
      const to = keyOf(page, "block", (at + 1) % page.blocks.length);
      const all: Edit[] = [
        { op: "set-block-text", block: key, value, was },
        { op: "remove-block", block: key, was },
        { op: "make-heading", block: key, level: 1 + (at % 6), was },
        { op: "move-block", block: key, to, before: at % 2 === 0, was },
        { op: "insert-blocks", id: "n", at: key, before: at % 2 === 1, blocks: [{ tag: "p", text: value }], was: null },
      ];
      return [all[kind % all.length] as Edit];
    };
    fc.assert(
      fc.property(
        fc.array(piece, { minLength: 1, maxLength: 5 }),
        fc.nat(4),
        fc.nat(9),
        text,
        (pieces, kind, at, value) => {
          const source = `${pieces.join("\n\n")}\n`;
          const edits = edited(source, kind, at, value);
          const before = original(source);
          const { page: model, refused } = applyToPage(readPage(before, { address }), edits);
          const { bytes } = applyToSource(before, edits, { address });
          expect(firstDifference(readPage({ ...before, bytes }, { address }), model)).toBe(null);
          if (refused.length > 0) expect(new TextDecoder().decode(bytes)).toBe(source);
          else expect(applyToSource({ ...before, bytes }, edits, { address }).bytes).toEqual(bytes);
        },
      ),
      { numRuns: 150 },
    );
  });
});
