import type { Conflict } from "#core/rewrite/carry-over";
import type { Edit } from "#core/rewrite/edits";
import { followsPattern } from "#core/rewrite/follows-pattern";
import { table } from "./table";

/**
 * `open`: part of the redraft. `approved` and `sent-back`: the same, with somebody's word on it. `settled`: the site has
 * taken it over. `undecided`: it could not be carried over for sure, and is asked about.
 */
export type ChangeState = "open" | "approved" | "sent-back" | "settled" | "undecided";

/** Something that was said about a change. */
export interface Comment {
  by: string;
  at: string;
  text: string;
}

/** An edit that lives: one row, with an identity of its own. */
export interface ChangeRecord {
  id: string;
  siteId: string;
  pageId: string;
  edit: Edit;
  /** Place among the page's changes, in the order in which they were first made. */
  order: number;
  at: string;
  state: ChangeState;
  /** Why it was made or sent back, in somebody's words. */
  reason: string;
  thread: Comment[];
  /** The edit as it was last handed over; null before that. */
  handed: Edit | null;
  /** Where it is undecided: what stands there now, why it was not carried over, and how it would be carried out. */
  conflict: Omit<Conflict, "edit"> | null;
}

export const changes = table<ChangeRecord>()({
  name: "changes",
  indexes: "id, siteId, pageId",
  undo: "own",
  transacted: true,
  backup: true,
  unseen: ["handed", "thread", "reason", "at"],
  passing: ["handed", "at"],
  // Texts that follow a pattern move on by themselves: the pattern is the editor's, the text is not.
  compared: (field, value) =>
    field === "edit" && followsPattern(value as Edit) ? { ...(value as object), value: "" } : value,
  fields: ({ joi, id, text, count, edit }) => ({
    id,
    siteId: id,
    pageId: id,
    edit,
    order: count,
    at: joi.string().isoDate(),
    state: joi.string().valid("open", "approved", "sent-back", "settled", "undecided"),
    reason: text,
    thread: joi.array().items(joi.object({ by: text, at: joi.string().isoDate(), text })),
    handed: joi.alternatives(edit, null),
    conflict: joi
      .object({
        now: text.allow(null),
        reason: text,
        mine: joi.alternatives(edit, null),
        theirs: joi.alternatives(edit, null),
        clashes: joi
          .array()
          .items(
            joi.object({ pointer: text, was: text.allow(null), mine: text.allow(null), theirs: text.allow(null) }),
          ),
      })
      .allow(null),
  }),
});
