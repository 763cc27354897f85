import { describe, expect, it } from "vitest";
import { readPage } from "../page/read.ts";
import { type Edit, withEdit } from "./edits.ts";
import { refusalOf } from "./refusal.ts";

const page = readPage("<title>Lamp</title><h1>Lamp</h1><h2>Light</h2><h2>Oil</h2>", {
  address: "https://quay.example/lamp",
});
const heading = (i: number) => page.headings[i]?.key ?? { text: "" };
const level = (i: number, value: 3, was = 2): Edit => ({
  op: "set-heading-level",
  heading: heading(i),
  level: value,
  was,
});
/** A heading that the page does not have. */
const unknown: Edit = { op: "set-heading-level", heading: { text: "Gone" }, level: 3, was: 2 };
const without = (text: string): Edit => ({ op: "remove-heading", heading: { text }, was: text }) as Edit;

describe("why an edit is refused", () => {
  it("is its own reason, never another edit's of the same operation", () => {
    const before = [unknown];
    expect(refusalOf(page, [], before)?.edit).toBe(unknown);
    expect(refusalOf(page, before, withEdit(before, level(1, 3)))).toBeNull();
    const other = { ...unknown, heading: { text: "Missing" } };
    expect(refusalOf(page, before, withEdit(before, other))).toMatchObject({ edit: other });
  });

  it("is told of an edit that takes the place of an earlier one", () => {
    const again = { ...unknown, level: 4 } as Edit;
    expect(refusalOf(page, [unknown], withEdit([unknown], again))?.edit).toMatchObject({ level: 4 });
  });

  it("is the first of several that are added at once", () => {
    const added = [level(1, 3), without("Nowhere"), unknown];
    expect(refusalOf(page, [], added)?.edit).toBe(added[1]);
  });
});
