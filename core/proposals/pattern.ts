import { patternPage } from "../pattern/follow.ts";
import { applyPattern } from "../pattern/pattern.ts";
import { fieldEdit, textOfField } from "../rewrite/field-edit.ts";
import { followsPattern } from "../rewrite/follows-pattern.ts";
import { oneLine, type Proposal } from "./proposal.ts";

export interface AskedPattern {
  field: "title" | "description";
  pattern: string;
  /** Leaves texts alone that were written by hand: a house style's pattern is the default, not an order. */
  spares?: boolean;
}

/** Titles or descriptions follow a pattern from now on. */
export const pattern: Proposal<AskedPattern> = {
  propose({ original, page, edits, houseStyle, today }, { field, pattern, spares }) {
    const was = textOfField(page, field);
    const line = { called: field, shownAs: field, was, is: was, edits: [] };
    const byHand = edits.some(({ op }, i) => op === `set-${field}` && !followsPattern(edits[i] as never));
    if (spares && byHand)
      return oneLine({ ...line, reason: "It was written by hand, which the pattern leaves alone." });
    const made = applyPattern(pattern, { page: patternPage(original, edits), houseStyle, today });
    if ("reason" in made) return oneLine({ ...line, reason: made.reason });
    const edit = fieldEdit(original, field, made.text, pattern);
    return oneLine(
      "reason" in edit ? { ...line, reason: edit.reason } : { ...line, is: made.text, edits: [edit], reason: null },
    );
  },
};
