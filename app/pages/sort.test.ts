import { describe, expect, test } from "vitest";
import type { PageRecord } from "../store/page-record";
import { columnsOf } from "./columns";
import { cellValue, sortPages } from "./sort";

const page = (id: string, title: string, must: number, levels = [1, must]) =>
  ({
    id,
    title,
    name: title,
    address: `https://lamp.example/${id}`,
    levels,
    counts: { must, should: 0, may: 0 },
  }) as PageRecord;

const columns = columnsOf("results", () => "");
const pages = [page("a", "buoy", 2), page("b", "Anchor", 10), page("c", "anchor", 9), page("d", "", 0)];
const order = (id: string, desc: boolean, of = columns) => sortPages(pages, of, [{ id, desc }]).map((one) => one.id);

describe("sorting the table", () => {
  test("compares texts without regard to case and keeps the order of equals", () => {
    expect(order("title", false)).toEqual(["d", "b", "c", "a"]);
    expect(order("title", true)).toEqual(["a", "b", "c", "d"]);
  });

  test("compares numbers as numbers", () => {
    expect(order("findings", true)).toEqual(["b", "c", "a", "d"]);
    expect(
      order(
        "levels",
        false,
        columnsOf("outlines", () => ""),
      ),
    ).toEqual(["d", "a", "c", "b"]);
  });

  test("leaves the pages as they are without a column, or with one that is not shown", () => {
    expect(sortPages(pages, columns, [])).toBe(pages);
    expect(order("levels", false)).toEqual(["a", "b", "c", "d"]);
  });

  test("gives what a cell says, for copying it out", () => {
    expect(columns.map((column) => cellValue(pages[0] as PageRecord, column)).slice(0, 2)).toEqual(["buoy", "buoy"]);
  });
});
