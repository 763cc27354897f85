import type { Fix } from "../../findings/fix.ts";
import type { Heading } from "../../page/page.ts";
import type { Edit } from "../../rewrite/edits.ts";

/** The fix that makes paragraphs of headings. */
export const asParagraphs = (headings: readonly Heading[]): Fix => ({
  label: headings.length === 1 ? "Make it a paragraph" : `Make ${headings.length} headings paragraphs`,
  edits: Array.from(headings, ({ key, text }) => ({ op: "remove-heading", heading: key, was: text })),
});

/** The edits that give headings other levels; those that have theirs are left out. */
export const atLevels = (headings: readonly { heading: Heading; level: number }[]): Edit[] =>
  headings
    .filter(({ heading, level }) => heading.level !== level)
    .map(({ heading, level }) => ({ op: "set-heading-level", heading: heading.key, level, was: heading.level }));
