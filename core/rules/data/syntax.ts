import { dataEdit } from "../../compose/data-edit.ts";
import { positionOf } from "../../page/page.ts";
import { DEEPEST } from "../../structured-data/json-ld.ts";
import { SLIPS } from "../../structured-data/json-text.ts";
import { standard } from "../rule.ts";
import { dataRule, placeOf } from "./data-rule.ts";

export const dataSyntax = dataRule({
  id: "data/syntax",
  weight: "must",
  finds: "Structured data that cannot be read",
  counted: ["# page has structured data that cannot be read", "# pages have structured data that cannot be read"],
  hasFix: true,
  why: "Nothing of a block that is no JSON reaches a search engine. Mostly it was written by hand or pasted from a word processor.",
  source: standard("RFC 8259; HTML Living Standard 5.2.2 and 5.2.5, for itemref"),
  check(data, report, { page }) {
    for (const [block, { text, range, json }] of data.blocks.entries()) {
      if (!("fault" in json)) continue;
      const { slip, offset, repaired } = json.fault;
      const start = range.start + offset;
      const { line, column } = positionOf(page.source, start);
      report({
        message: `This JSON-LD cannot be read, from line ${line}, column ${column} on: ${text.trim() === "" ? "it is empty" : SLIPS[slip]}.`,
        at: { part: "data", pointer: String(block), range: { start, end: Math.min(start + 1, range.end) } },
        ...(repaired !== null && {
          fix: { label: "Put it right", edits: [dataEdit(text, repaired)] },
        }),
      });
    }
    for (const block of data.tooDeep) {
      const range = data.blocks[block]?.range ?? { start: 0, end: 0 };
      report({
        weight: "should",
        message: `Its entities are nested more than ${DEEPEST} deep. What stands deeper is not read: link to it by @id.`,
        at: { part: "data", pointer: String(block), range },
      });
    }
    for (const said of data.tangled)
      report({
        message:
          "Its itemref leads back to itself, or on to so much that it is not followed to the end. Let itemref name only elements that hold properties of this item.",
        at: placeOf(data, said),
      });
  },
});
