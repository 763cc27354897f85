import type { PageRecord } from "../store/page-record";
import type { Column } from "./columns/column";

/** By which column the table is sorted, and which way; null for the order in which the pages came. */
export type Sorting = { id: string; desc: boolean } | null;

const compare = (a: string | number, b: string | number) => (a < b ? -1 : a > b ? 1 : 0);

/** What a click on a column's heading makes of the order: one way, the other, then none. */
export function toggled(sorting: Sorting, { id, descFirst }: Pick<Column, "id" | "descFirst">): Sorting {
  const first = descFirst ?? false;
  if (sorting?.id !== id) return { id, desc: first };
  return sorting.desc === first ? { id, desc: !first } : null;
}

/** The pages in the order of one column, texts without regard to case; pages of equal value keep the order they came in. */
export function sortPages(pages: PageRecord[], columns: readonly Column[], sorting: Sorting): PageRecord[] {
  const column = sorting && columns.find(({ id }) => id === sorting.id);
  if (!sorting || !column) return pages;
  // What is compared is worked out once a page, not at each comparison.
  const keyed = pages.map((page) => {
    const value = column.value(page);
    return { page, value: typeof value === "string" ? value.toLowerCase() : value };
  });
  keyed.sort(sorting.desc ? (a, b) => compare(b.value, a.value) : (a, b) => compare(a.value, b.value));
  return keyed.map(({ page }) => page);
}
