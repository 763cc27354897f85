import fc from "fast-check";
import { HtmlValidate, StaticConfigLoader } from "html-validate";
import { describe, expect, it } from "vitest";
import { originalFromText } from "../page/original.ts";
import { readPage } from "../page/read.ts";
import { applyToSource } from "./apply.ts";
import { type Edit, OPERATIONS } from "./edits.ts";
import { editsOf } from "./testing.ts";

/** All but the editor’s own source. */
const OPS = (Object.keys(OPERATIONS) as Edit["op"][]).filter((op) => op !== "edit-source");

const address = "https://quay.example/a";

/** Pieces of body whose content models forbid some of what stands beside them. All of them are valid. */
const PIECES = [
  "<h1>Opening times</h1>\n",
  "<h2>When <em>open</em></h2>\n",
  "<p>See <a href='/a'>the old lamp</a>, daily.</p>\n",
  "<p>Some text, with words.</p>\n",
  "<p>Some other text.</p>\n",
  "<a href='/card'><h3>A card</h3><p>Its words.</p></a>\n",
  "<a href='/plain'><p>A linked paragraph.</p></a>\n",
  "<ul><li>One</li><li>Two <a href=/t>linked</a></li></ul>\n",
  "<ol><li><p>Step one.</p></li><li>Step two</li></ol>\n",
  "<table><tr><th>Day</th><td>Hours <a href=/h>here</a></td></tr><tr><td><p>A cell.</p></td><td>Cell</td></tr></table>\n",
  "<dl><dt>Term</dt><dd>Its meaning.</dd><dt><p>Termed.</p></dt><dd><p>Meant.</p></dd></dl>\n",
  "<address><p>The quay, 1.</p></address>\n",
  "<hgroup><h2>Title</h2><p>Subtitle</p></hgroup>\n",
  "<details><summary>More</summary><p>Hidden words.</p></details>\n",
  "<details><summary><h3>Headed</h3></summary><p>Other words.</p></details>\n",
  "<form><fieldset><legend>Sizes</legend><p>Choose one.</p></fieldset></form>\n",
  "<blockquote><p>Quoted <a href=/q>words</a>.</p></blockquote>\n",
  "<figure><img src=x.png alt=x><figcaption>Shown here.</figcaption></figure>\n",
  "<button type=button>Press me</button>\n",
  "<div>Plain division</div>\n",
];

const validator = new HtmlValidate(
  new StaticConfigLoader({
    rules: {
      "element-permitted-content": "error",
      "element-permitted-occurrences": "error",
      "element-permitted-order": "error",
      "element-permitted-parent": "error",
      "element-required-ancestor": "error",
      "no-implicit-close": "error",
      "close-order": "error",
    },
  }),
);

/** What html-validate, which knows the content models of the HTML standard, finds wrong with a page's elements. */
function faultsOf(source: string): string[] {
  const { results } = validator.validateStringSync(source);
  return results.flatMap(({ messages }) => messages.map(({ ruleId, message }) => `${ruleId}: ${message}`)).sort();
}

const sound = fc
  .uniqueArray(fc.constantFrom(...PIECES), { minLength: 2, maxLength: 6 })
  .map(
    (pieces) => `<!DOCTYPE html><html lang=en><head><title>Quay</title></head><body>${pieces.join("")}</body></html>`,
  );

describe("what an operation leaves is allowed where it stands (HTML Living Standard, content models)", () => {
  it("of every piece by itself", () => {
    for (const piece of PIECES)
      expect([
        piece,
        faultsOf(`<!DOCTYPE html><html lang=en><head><title>Quay</title></head><body>${piece}</body></html>`),
      ]).toEqual([piece, []]);
  });

  /** Edits of one operation on sound pages leave them sound. */
  function check(op: Edit["op"], numRuns: number): void {
    const generated = sound.chain((source) => {
      const page = readPage(originalFromText(source), { address });
      return (editsOf(op, page) ?? fc.constant(null)).map((edit) => ({ source, edit }));
    });
    fc.assert(
      fc.property(generated, ({ source, edit }) => {
        if (!edit) return;
        const { bytes } = applyToSource(originalFromText(source), [edit], { address });
        const after = new TextDecoder().decode(bytes);
        expect([after, faultsOf(after)]).toEqual([after, []]);
      }),
      { numRuns },
    );
  }

  // An operation that renames, moves or adds elements can break more.
  const isShaping = (op: string) => /block|heading|wrap/.test(op);
  it.each(OPS)("%s", (op) => check(op, isShaping(op) ? 20 : 2));
  it.each(OPS.filter(isShaping))("%s, many times over", { tags: "long" }, (op) => check(op, 1500));
});

it("a link is not written into a text that stands in a link", () => {
  const source = "<a href=/card><p>See the lamp.</p></a><p>See the ship.</p>";
  const page = readPage(originalFromText(source), { address });
  const edit = (index: number): Edit => {
    const { text = "" } = page.blocks[index] ?? {};
    const value = text.replace(/lamp|ship/, "<a href=/x>$&</a>");
    return { op: "set-block-content", block: { text }, value, was: text, text };
  };
  const refused = (index: number) => applyToSource(originalFromText(source), [edit(index)], { address }).refused;
  expect(refused(0)).toMatchObject([{ reason: expect.stringContaining("cannot stand in a link") }]);
  expect(refused(1)).toEqual([]);
});
