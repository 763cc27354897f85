import type { Edit } from "./edits.ts";
import type { Change } from "./operations/operation.ts";

/** An edit that can be carried out, and how. */
export interface Step {
  edit: Edit;
  change: Change;
}
