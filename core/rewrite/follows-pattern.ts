import type { SetDescription } from "./operations/set-description.ts";
import type { SetTitle } from "./operations/set-title.ts";

/** Whether a text comes from a pattern, so that it moves on when its variables do. */
export const followsPattern = (edit: object): edit is (SetTitle | SetDescription) & { pattern: string } =>
  "pattern" in edit && edit.pattern !== undefined;
