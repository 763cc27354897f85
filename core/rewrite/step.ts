import type { Edit } from "./edits.ts";
import type { Patch } from "./patch.ts";

/** What carries out an edit of the body: patches, of which one may begin a heading that was not there. */
export interface BodyChange {
  patches: Patch[];
  /** Where a heading begins that this edit has made: so far into the text of a patch, or before it. */
  makes?: { patch: Patch; offset: number }[];
}

/** An edit that can be carried out, bound to its place in the page. Both the model and the source are changed by it. */
export type Step =
  | { op: "set-title" | "set-description" | "set-canonical" | "set-slug"; value: string; edit: Edit }
  | { op: "set-heading-level"; index: number; level: number; edit: Edit }
  /** `part` is the one text part that changes; -1 where the heading has no text yet. */
  | { op: "set-heading-text"; index: number; value: string; part: number; partText: string; edit: Edit }
  | { op: "remove-heading"; index: number; as?: "div"; edit: Edit }
  /** Whatever else is changed in the source alone; the page is read again after it. */
  | { op: "patch"; change: BodyChange; edit: Edit };
