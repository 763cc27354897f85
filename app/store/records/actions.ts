import { table } from "./table";

/** What an action made of one record. */
export type Difference = { table: string; key: string } & (
  | { added: object }
  | { removed: object }
  | { fields: Record<string, [was: unknown, is: unknown]> }
);

/** One thing the editor did, with what it replaced; a long one is several records of one group. */
export interface ActionRecord {
  id: number;
  siteId: string;
  at: string;
  label: string;
  /** Actions of one kind on one field that follow each other closely are one. */
  merge: string | null;
  /** Records of one group are undone together. */
  group: string | null;
  undone: 0 | 1;
  differences: Difference[];
}

export const actions = table<ActionRecord>()({
  name: "actions",
  indexes: "++id, [siteId+undone]",
  undo: "follows",
  backup: false,
  fields: ({ joi, id, text, count }) => ({
    id: count,
    siteId: id,
    at: joi.string().isoDate(),
    label: text,
    merge: text.allow(null),
    group: text.allow(null),
    undone: joi.valid(0, 1),
    differences: joi.array(),
  }),
});
