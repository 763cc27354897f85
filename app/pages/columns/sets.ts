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

/** The columns of a set; the first is always the page, the last its findings. */
export const columnsOf = (set: ColumnSet): readonly Column[] => COLUMN_SETS[set].columns;
