import type { PageRecord } from "../../store/page-record";
import type { Column } from "./column";

const number = new Intl.NumberFormat("en-GB");

/** A column of numbers. */
export const countColumn = (
  id: string,
  header: string,
  value: (page: PageRecord) => number,
  track = "minmax(80px,0.6fr)",
): Column => ({
  id,
  header,
  track,
  value,
  descFirst: true,
  cell: (page) => <span className="block text-right tabular-nums">{number.format(value(page))}</span>,
});
