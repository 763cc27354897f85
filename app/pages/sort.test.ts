import { describe, expect, test } from "vitest";
import type { PageRecord } from "../store/page-record";
import { columnsIn } from "./columns/sets";
import { sortPages, toggled } from "./sort";

const page = (id: string, title: string, must: number, levels = [1, must]) =>
  ({
    id,
    title,
    name: title,
    address: `https://lamp.example/${id}`,
    levels,
    counts: { must, should: 0, may: 0 },
  }) as PageRecord;

const columns = columnsIn("results", Number.POSITIVE_INFINITY).columns;
const pages = [page("a", "buoy", 2), page("b", "Anchor", 10), page("c", "anchor", 9), page("d", "", 0)];
const order = (id: string, desc: boolean, of = columns) => sortPages(pages, of, { id, desc }).map((one) => one.id);

describe("sorting the table", () => {
  test("compares texts without regard to case and keeps the order of equals", () => {
    expect(order("title", false)).toEqual(["d", "b", "c", "a"]);
    expect(order("title", true)).toEqual(["a", "b", "c", "d"]);
  });

  test("compares numbers as numbers", () => {
    expect(order("findings", true)).toEqual(["b", "c", "a", "d"]);
    expect(order("levels", false, columnsIn("outlines", Number.POSITIVE_INFINITY).columns)).toEqual([
      "d",
      "a",
      "c",
      "b",
    ]);
  });

  test("leaves the pages as they are without a column, or with one that is not shown", () => {
    expect(sortPages(pages, columns, null)).toBe(pages);
    expect(order("levels", false)).toEqual(["a", "b", "c", "d"]);
  });

  test("gives what a cell says, for copying it out", () => {
    expect(columns.map(({ value }) => value(pages[0] as PageRecord)).slice(0, 2)).toEqual(["buoy", "buoy"]);
  });

  test("goes one way, the other, and back, numbers downwards first", () => {
    const [name, findings] = [{ id: "name" }, { id: "findings", descFirst: true } as const];
    const once = toggled(null, name);
    expect([once, toggled(once, name), toggled(toggled(once, name), name)]).toEqual([
      { id: "name", desc: false },
      { id: "name", desc: true },
      null,
    ]);
    expect(toggled(once, findings)).toEqual({ id: "findings", desc: true });
  });
});
