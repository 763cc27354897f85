import type { ColumnDef, SortingState } from "@tanstack/react-table";
import type { PageRecord } from "../store/page-record";

/** What a column says of a page; "" where it says nothing. */
export function cellValue(page: PageRecord, column: ColumnDef<PageRecord> | undefined): string | number {
  if (!column) return "";
  if ("accessorFn" in column) return (column.accessorFn(page, 0) as string | number) ?? "";
  return "accessorKey" in column ? ((page[column.accessorKey as keyof PageRecord] as string | number) ?? "") : "";
}

const idOf = (column: ColumnDef<PageRecord>) =>
  column.id ?? ("accessorKey" in column ? String(column.accessorKey) : undefined);

const compare = (a: string | number, b: string | number) => (a < b ? -1 : a > b ? 1 : 0);

/** The pages in the order of one column, texts without regard to case; pages of equal value keep the order they came in. */
export function sortPages(
  pages: PageRecord[],
  columns: readonly ColumnDef<PageRecord>[],
  sorting: SortingState,
): PageRecord[] {
  const [by] = sorting;
  const column = by && columns.find((one) => idOf(one) === by.id);
  if (!by || !column) return pages;
  // What is compared is worked out once a page, not at each comparison.
  const keyed = pages.map((page) => {
    const value = cellValue(page, column);
    return { page, value: typeof value === "string" ? value.toLowerCase() : value };
  });
  keyed.sort(by.desc ? (a, b) => compare(b.value, a.value) : (a, b) => compare(a.value, b.value));
  return keyed.map(({ page }) => page);
}
