import type { Page } from "../../page/page.ts";

/** A facet as it is stored, with a page's others in one record. */
export type Packed = string | number | boolean;

/** One thing that is kept of a page for the sake of the others. */
export interface Facet<T, P extends Packed> {
  /** Raised where something else is taken, or packed otherwise: it is then taken again from every page. */
  version: number;
  /** Parts of the page that it is taken from: while they are the same objects it is not taken again. */
  sees: readonly (keyof Page)[];
  /** Takes it from a page as its redraft leaves it, no larger than it may get. */
  take(page: Page): T;
  pack(value: T): P;
  unpack(packed: P): T;
}

/** A facet that is stored in another form than it is used in. */
export const facet = <T, P extends Packed>(definition: Facet<T, P>): Facet<T, P> => definition;

/** A facet that is stored as it is used. */
export const plainFacet = <P extends Packed>(definition: Omit<Facet<P, P>, "pack" | "unpack">): Facet<P, P> => ({
  ...definition,
  pack: (value) => value,
  unpack: (packed) => packed,
});

/** Longest of a page's texts that is kept, in UTF-16 code units. */
export const LONGEST_TEXT = 1000;

/** A text as one cell of a line. */
export const asCell = (text: string): string => text.replace(/[\t\n]/g, " ");

/** Lines of cells packed into one text. */
export const packLines = <T>(values: readonly T[], cellsOf: (value: T) => readonly (string | number)[]): string =>
  values.map((value) => cellsOf(value).join("\t")).join("\n");

/** What `packLines` has packed. */
export const unpackLines = <T>(packed: string, read: (cells: string[]) => T): T[] =>
  packed === "" ? [] : packed.split("\n").map((line) => read(line.split("\t")));
