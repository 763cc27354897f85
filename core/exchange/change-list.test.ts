import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { originalFromText } from "../page/original.ts";
import { readPage } from "../page/read.ts";
import { applyToSource } from "../rewrite/apply.ts";
import { changesNothing, OPERATIONS, operationOf } from "../rewrite/edits.ts";
import { editsFor } from "../rewrite/testing.ts";
import { changeListCsv, editOfRow, parseChangeList } from "./change-list.ts";

const SOURCE =
  '<html lang=en><title>Old</title><meta name=description content="About"><body><h1>Ship</h1><h2 id=x>Lamp</h2><p>Some <b>text</b> here.</p><p>See <a href=/a title=hint>the lamp</a>. <img src=/i/l.png alt=boat></p>';
const address = "https://a.example/visit/ship";
const page = readPage(SOURCE, { address });

const parsed = (csv: string) => {
  const rows = parseChangeList(csv);
  if ("reason" in rows) throw new Error(rows.reason);
  return rows;
};

describe("a change list that somebody filled in", () => {
  it("asks for what it was written from, wherever a row can say it", () => {
    const rowed = new Set(Object.entries(OPERATIONS).flatMap(([op, { fromRow }]) => (fromRow ? [op] : [])));
    fc.assert(
      fc.property(editsFor(page), (edits) => {
        for (const edit of edits) {
          if (
            !rowed.has(edit.op) ||
            changesNothing(edit) ||
            operationOf(edit).is(edit) !== operationOf(edit).is(edit).trim()
          )
            continue;
          const made = (one: typeof edit) => applyToSource(originalFromText(SOURCE), [one], { address });
          const before = made(edit);
          // What a list says it was is what stands there.
          if (before.refused.length > 0 || /[\u0000-\u001f]/.test(operationOf(edit).is(edit))) continue;
          const listed = edit.op === "set-link-text" ? { ...edit, was: "the lamp" } : edit;
          const [row] = parsed(changeListCsv([{ address, edits: [listed] }]));
          if (!row) continue;
          // What the edit says it replaces is made up.
          const read = editOfRow(page, row, { force: true });
          expect(read).toMatchObject({ op: edit.op });
          if (!("reason" in read)) expect(Buffer.from(made(read).bytes)).toEqual(Buffer.from(before.bytes));
        }
      }),
      { numRuns: 100 },
    );
  });

  it.each([
    ["heading text", "Boat", "Ship", "The heading “Boat” is not on this page."],
    ["text moved", "a", "before: b", "A row cannot say all that “text moved” needs. Use a file of edits for it."],
    [
      "colour",
      "a",
      "b",
      "“colour” is no field of a change list. Fields are title, description, heading text and others.",
    ],
  ])("says why %s cannot be: %s to %s", (field, was, is, reason) => {
    expect(editOfRow(page, { field, was, is })).toEqual({ reason });
  });

  it("refuses what the page no longer says, unless it is forced; what is done already changes nothing", () => {
    const title = (was: string) => ({ field: "title", was, is: "New" });
    expect(editOfRow(page, title("Older"))).toEqual({
      reason: "It is “Old” on the page, not “Older” as the list says.",
      stands: "Old",
    });
    expect(editOfRow(page, title("Older"), { force: true })).toMatchObject({ op: "set-title", was: "Old" });
    expect(editOfRow(page, title(" Old\n"))).toMatchObject({ op: "set-title" });
    expect(editOfRow(page, { field: "title", was: "Older", is: "Old" })).toMatchObject({
      op: "set-title",
      value: "Old",
    });
    const alt = (was: string) => editOfRow(page, { field: "alternative text: /i/l.png", was, is: "A boat" });
    expect([alt("boat"), alt("")]).toMatchObject([{ op: "set-alt" }, { stands: "boat" }]);
  });

  it("finds a text of any length by all of it, also where others begin alike", () => {
    const long = (end: string) => `${"The lamp burns all night. ".repeat(8)}${end}`;
    const two = readPage(`<p>${long("One.")}</p><p>${long("Two.")}</p>`, { address });
    const row = { field: "text", was: long("Two."), is: "Short." };
    const edit = editOfRow(two, row);
    if ("reason" in edit) throw new Error(edit.reason);
    const { bytes, refused } = applyToSource(originalFromText(`<p>${long("One.")}</p><p>${long("Two.")}</p>`), [edit], {
      address,
    });
    expect([refused, Buffer.from(bytes).toString()]).toEqual([[], `<p>${long("One.")}</p><p>Short.</p>`]);
    expect(editOfRow(two, { ...row, was: long("Three.") })).toHaveProperty("reason");
  });

  it("takes columns in any order, leaves out rows that change nothing, and names a column that is missing", () => {
    expect(parsed("is;was;field;address\nNew;Old;title;/a\nOld;Old;title;/b\n")).toEqual([
      { address: "/a", field: "title", was: "Old", is: "New" },
    ]);
    expect(parseChangeList("address,title\n/a,x\n")).toEqual({
      reason: "Its first row names no column field, was, is. A change list has address, field, was and is.",
    });
  });
});
