import { type Edit, withEdit } from "../rewrite/edits.ts";
import { refusalOf } from "../rewrite/refusal.ts";
import { alternativeTexts } from "./alternative-texts.ts";
import { brand } from "./brand.ts";
import { fixes } from "./fixes.ts";
import { headingShapes } from "./heading-shapes.ts";
import { letterCase } from "./letter-case.ts";
import { pattern } from "./pattern.ts";
import { NOTHING, type Proposal, type ProposalPage, type Proposed, type ProposedLine } from "./proposal.ts";
import { replace } from "./replace.ts";
import { structuredData } from "./structured-data.ts";

/** Every way to change many pages at once. A new one is a file of its own and a name here. */
export const PROPOSALS = {
  pattern,
  replace,
  letterCase,
  brand,
  headingShapes,
  alternativeTexts,
  structuredData,
  fixes,
} as const;

export type ProposalName = keyof typeof PROPOSALS;
type AskedOf<N extends ProposalName> = (typeof PROPOSALS)[N] extends Proposal<infer A> ? A : never;

/** A proposal by its name, with what is asked of it. */
export type Asked = { [N in ProposalName]: { way: N } & AskedOf<N> }[ProposalName];

/** Whether the names that a site's pages write have to be known for it. */
export const needsNames = ({ way }: Asked): boolean => (PROPOSALS[way] as Proposal<never>).needsNames ?? false;

/** What is proposed for a page: what cannot be made of the redraft as it is says why, and what changes nothing of it is left out. */
export function propose(on: ProposalPage, asked: Asked): Proposed {
  const proposed = (PROPOSALS[asked.way] as Proposal<Asked>).propose(on, asked);
  const lines = proposed.lines.flatMap((line) => checked(on, line) ?? []);
  return lines.length > 0 ? { ...proposed, lines } : NOTHING;
}

function checked({ original, edits }: ProposalPage, line: ProposedLine): ProposedLine | null {
  if (line.reason !== null) return line;
  const next = withLine(edits, line);
  if (isSameRedraft(edits, next)) return null;
  const refusal = refusalOf(original, edits, next);
  return refusal ? { ...line, reason: refusal.reason } : line;
}

/** Whether two redrafts hold the same edits, in whichever order. */
function isSameRedraft(edits: readonly Edit[], next: readonly Edit[]): boolean {
  if (edits.length !== next.length) return false;
  const known = new Set(edits.map((edit) => JSON.stringify(edit)));
  return next.every((edit) => known.has(JSON.stringify(edit)));
}

/** A redraft with a line of a proposal in it. */
export const withLine = (edits: readonly Edit[], line: Pick<ProposedLine, "edits">): readonly Edit[] =>
  line.edits.reduce<readonly Edit[]>((all, one) => withEdit(all, one), edits);
