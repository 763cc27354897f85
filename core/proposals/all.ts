import { type Edit, withEdit } from "../rewrite/edits.ts";
import { refusalOf } from "../rewrite/refusal.ts";
import { alternativeTexts } from "./alternative-texts.ts";
import { brand } from "./brand.ts";
import { fixes } from "./fixes.ts";
import { headingShapes } from "./heading-shapes.ts";
import { letterCase } from "./letter-case.ts";
import { pattern } from "./pattern.ts";
import type { Proposal, ProposalPage, Proposed, ProposedLine } from "./proposal.ts";
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

/** What is proposed for a page: what cannot be made of the redraft as it is says why. */
export function propose(on: ProposalPage, asked: Asked): Proposed {
  const proposed = (PROPOSALS[asked.way] as Proposal<Asked>).propose(on, asked);
  return { ...proposed, lines: proposed.lines.map((line) => checked(on, line)) };
}

function checked({ original, edits }: ProposalPage, line: ProposedLine): ProposedLine {
  if (line.reason !== null) return line;
  const refusal = refusalOf(original, edits, withLine(edits, line));
  return refusal ? { ...line, reason: refusal.reason } : line;
}

/** A redraft with a line of a proposal in it. */
export const withLine = (edits: readonly Edit[], line: Pick<ProposedLine, "edits">): readonly Edit[] =>
  line.edits.reduce<readonly Edit[]>((all, one) => withEdit(all, one), edits);
