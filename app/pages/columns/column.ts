import type { ReactNode } from "react";
import type { Field } from "#core/rewrite/field-edit";
import type { PageRecord } from "../../store/page-record";

/** What a column is edited as; a column without one is read only. */
export type EditedAs = Field | "phrase" | "kind";

/** One column of the table: what it says of a page, in which order it puts them, and how a cell shows it. */
export interface Column {
  id: string;
  header: string;
  /** CSS grid track. */
  track: string;
  /** What is sorted by and copied out; "" where it says nothing. */
  value: (page: PageRecord) => string | number;
  /** The first click on its heading sorts downwards. */
  descFirst?: true;
  /** What its cells show; the text that they are edited as where this is missing. */
  cell?: (page: PageRecord, link: (page: PageRecord) => string) => ReactNode;
  edits?: EditedAs;
  ruler?: "title" | "description";
  mono?: true;
}
