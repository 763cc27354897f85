import type { Edit } from "./edits.ts";

type Patterned = Extract<Edit, { op: "set-title" | "set-description" }>;

/** Whether a text comes from a pattern, so that it moves on when its variables do. */
export const followsPattern = (edit: Edit): edit is Patterned & { pattern: string } =>
  "pattern" in edit && edit.pattern !== undefined;
