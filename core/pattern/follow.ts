import { type Edit, followsPattern } from "../rewrite/edits.ts";
import { applyPattern } from "./pattern.ts";
import type { PatternContext } from "./variables.ts";

/** Edits whose patterns are resolved anew; the same list where nothing has moved on. A pattern that makes no text any more keeps its last one. */
export function followPatterns(edits: readonly Edit[], context: PatternContext): readonly Edit[] {
  let moved = false;
  const next = edits.map((edit) => {
    if (!followsPattern(edit)) return edit;
    const made = applyPattern(edit.pattern, context);
    if ("reason" in made || made.text === edit.value) return edit;
    moved = true;
    return { ...edit, value: made.text };
  });
  return moved ? next : edits;
}
