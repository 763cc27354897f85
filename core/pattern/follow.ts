import type { Page } from "../page/page.ts";
import { applyToPage } from "../rewrite/apply.ts";
import { type Edit, nodesOf } from "../rewrite/edits.ts";
import { followsPattern } from "../rewrite/follows-pattern.ts";
import { applyPattern, parsePattern } from "./pattern.ts";
import { type PatternContext, variableChangesOn } from "./variables.ts";

const withHeadings = new WeakMap<Page["headings"], { original: Page; page: Page }>();

/**
 * The page that the variables of patterns are taken from: as brought in, with the headings that the redraft gives it. Of title
 * and description it is always the original, so that no pattern sees its own result.
 */
export function patternPage(original: Page, edits: readonly Edit[]): Page {
  const ofBody = edits.filter((edit) => edit.op === "edit-source" || nodesOf(edit).length > 0);
  const { headings } = applyToPage(original, ofBody).page;
  if (headings === original.headings) return original;
  const known = withHeadings.get(headings);
  if (known?.original === original) return known.page;
  const page = { ...original, headings };
  withHeadings.set(headings, { original, page });
  return page;
}

/** Edits whose patterns are resolved anew; the same list where nothing has moved on. A pattern that makes no text any more keeps its last one. */
export function followPatterns(
  original: Page,
  edits: readonly Edit[],
  style: Omit<PatternContext, "page">,
): readonly Edit[] {
  if (!edits.some(followsPattern)) return edits;
  const context = { ...style, page: patternPage(original, edits) };
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

/** The days around `today` on which texts that follow a pattern change by themselves. */
export function* patternsChangeOn(edits: readonly Edit[], today: string): Iterable<string> {
  for (const edit of edits) {
    const parsed = followsPattern(edit) ? parsePattern(edit.pattern) : { pieces: [] };
    if ("reason" in parsed) continue;
    for (const piece of parsed.pieces) if ("variable" in piece) yield* variableChangesOn(piece.variable, today);
  }
}
