import type { Column } from "./column";
import { description } from "./description";
import { findings } from "./findings";
import { h1 } from "./h1";
import { kind } from "./kind";
import { levels } from "./levels";
import { links } from "./links";
import { lists } from "./lists";
import { name } from "./name";
import { outlineFault } from "./outline-fault";
import { paragraphs } from "./paragraphs";
import { phrase } from "./phrase";
import { pictures } from "./pictures";
import { segments } from "./segments";
import { slug } from "./slug";
import { title } from "./title";
import { types } from "./types";
import { withoutAlt } from "./without-alt";
import { words } from "./words";

/** What the table shows beside each page's name, chosen in words. A new column is a file of its own and a place in a set. */
export const COLUMN_SETS = {
  results: { called: "with their results", columns: [name, title, description, slug, findings] },
  outlines: { called: "with their outlines", columns: [name, h1, levels, outlineFault, findings] },
  bodies: {
    called: "with their bodies",
    columns: [name, words, paragraphs, lists, pictures, withoutAlt, findings],
  },
  data: { called: "with their data", columns: [name, types, kind, findings] },
  links: { called: "with their links", columns: [name, links, segments, slug, findings] },
  phrases: { called: "with their phrases and kinds", columns: [name, phrase, title, kind, findings] },
} as const satisfies Record<string, { called: string; columns: readonly Column[] }>;

export type ColumnSet = keyof typeof COLUMN_SETS;

/** Room beside the columns' own, in px: between two of them, and for the box and the edges. */
const GAP = 20;
const BESIDE = 28 + 2 * 24;

/** The least width of a column, in px. */
const least = ({ track }: Column) => Number(/\d+/.exec(track)?.[0] ?? 0);

/** Tracks where there is room for the page, one text and the findings alone. */
const FEW = ["minmax(0,1fr)", "minmax(0,1.3fr)", "76px"];

/**
 * The columns of a set that there is room for; the first is always the page, the last its findings. Where not all of them fit,
 * the page stands with what the set begins with and its findings. `width` in px.
 */
export function columnsIn(set: ColumnSet, width: number): { columns: readonly Column[]; few: boolean } {
  const columns: readonly Column[] = COLUMN_SETS[set].columns;
  const wanted = columns.reduce((sum, column) => sum + least(column) + GAP, BESIDE);
  if (width >= wanted) return { columns, few: false };
  const [name, text] = columns;
  const found = columns.at(-1);
  const some = [name, text, found].filter((one) => one !== undefined);
  return { columns: some.map((column, i) => ({ ...column, track: FEW[i] ?? column.track })), few: true };
}
