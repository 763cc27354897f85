import { auditRule } from "../audit/auditor.ts";
import { keepingEvidence, writtenData } from "../compose/data-edit.ts";
import type { Fix } from "../findings/fix.ts";
import { setAsideBy } from "../findings/set-aside.ts";
import { fixOnPage, type SiteFix } from "../findings/site-fix.ts";
import { toldToRules } from "../page/found-for.ts";
import { descriptionOf, titleOf } from "../page/page.ts";
import { type Edit, newValueOf, nodesOf, operationOf, wasOf } from "../rewrite/edits.ts";
import { quote } from "../rules/texts.ts";
import { differingValues } from "../structured-data/json-difference.ts";
import { outlineWith } from "./outline.ts";
import type { Proposal, ProposalPage, ProposedLine } from "./proposal.ts";

/** The fix of one rule, on every page that has the finding. */
export interface AskedFixes {
  rule: string;
  /** Fixes that a rule across pages has, by the page. */
  byPage?: Readonly<Record<string, readonly SiteFix[]>>;
}

/** What an edit replaces on the page as it is, and what it makes of it. */
function textsOf({ page }: ProposalPage, edit: Edit): Pick<ProposedLine, "called" | "was" | "is" | "shownAs"> {
  const { called, namesNode } = operationOf(edit);
  if (edit.op === "set-title") return { called, was: titleOf(page), is: edit.value, shownAs: "title" };
  if (edit.op === "set-description")
    return { called, was: descriptionOf(page), is: edit.value, shownAs: "description" };
  const [node] = nodesOf(edit);
  const of = namesNode && node ? ` of ${quote(node.key.text, 60)}` : "";
  return { called: called + of, was: wasOf(edit), is: newValueOf(edit) };
}

function lineOf(on: ProposalPage, { label, edits, suggested }: Fix): ProposedLine {
  const written = writtenData([...on.settled, ...on.edits]);
  const kept = edits.map((edit) => keepingEvidence(written, edit));
  const values = kept.flatMap((edit) => (edit.op === "set-data" ? differingValues(edit.was ?? "", edit.value) : []));
  const line = { edits: kept, reason: null };
  if (values.length > 0) return { ...line, called: label, was: "", is: "", values };
  const [only, ...others] = kept;
  const told = only && others.length === 0 ? textsOf(on, only) : null;
  // Of several edits, and of texts that look the same, their label says more.
  if (told && told.was !== told.is) return { ...line, ...told, ...(suggested && { suggested }) };
  return { ...line, called: only ? operationOf(only).called : "", was: "", is: label };
}

/** Whether headings become others by an edit. */
const changesOutline = (edit: Edit) =>
  edit.op === "make-heading" || nodesOf(edit).some(({ kind }) => kind === "heading");

export const fixes: Proposal<AskedFixes> = {
  propose(on, { rule, byPage }) {
    const { id, original, page, edits, houseStyle, today, setAsides } = on;
    const rules = {
      ...toldToRules(on),
      houseStyle,
      today,
      written: writtenData([...on.settled, ...edits]),
    };
    const own = byPage
      ? (byPage[id] ?? []).flatMap((fix) => fixOnPage(fix, on) ?? [])
      : auditRule(rule, page, rules, { original, edits })
          .filter((finding) => !setAsideBy(finding, id, setAsides))
          .flatMap(({ fix }) => fix ?? []);
    const lines = own.map((fix) => lineOf(on, fix));
    const made = lines.flatMap((line) => line.edits);
    const outline = made.some(changesOutline) && outlineWith(on, made);
    return { lines, ...(outline && { outline }) };
  },
};
