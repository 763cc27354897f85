import type { Page } from "../page/page.ts";
import { applyToPage } from "../rewrite/apply.ts";
import { type Edit, nodesOf, withEdit } from "../rewrite/edits.ts";
import type { OutlineLine, ProposalPage, Proposed } from "./proposal.ts";

/** In UTF-16 code units. */
const LONGEST = 120;
const NAMED_BY = 160;

/** The outline of a page before and after edits, with what they touch. */
export function outlineWith({ original, page, edits }: ProposalPage, made: readonly Edit[]): Proposed["outline"] {
  const next = made.reduce<readonly Edit[]>((all, one) => withEdit(all, one), edits);
  const touched = new Set(made.flatMap((edit) => nodesOf(edit).map(({ key }) => key.text)));
  const lines = ({ headings }: Page): OutlineLine[] =>
    Array.from(headings, ({ level, text }) => ({
      level,
      text: text.slice(0, LONGEST),
      changed: touched.has(text.slice(0, NAMED_BY)),
    }));
  return { was: lines(page), is: lines(applyToPage(original, next).page) };
}
