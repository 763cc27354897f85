import type { Fix } from "../findings/fix.ts";
import type { Redraft } from "../findings/key.ts";
import { levelEdit, wordsEdit } from "../outline/outline-edits.ts";
import type { Page } from "../page/page.ts";
import { type Edit, nodesOf, withEdit } from "../rewrite/edits.ts";
import type { Bound } from "../rewrite/operations/operation.ts";
import { originsOf } from "../rewrite/origins.ts";
import { planEdit } from "../rewrite/plan.ts";
import { findNode } from "../rewrite/resolve.ts";

/**
 * A fix of a page in terms of its original, as all edits are: what the redraft has made is changed by the edit that made it.
 * Null where the fix cannot be carried out beside the redraft, as of a title that is not closed in the source.
 */
export function bindFix(fix: Fix, page: Page, redraft: Redraft | null): Fix | null {
  const { original, edits } = redraft ?? { original: page, edits: [] };
  const isRedrafted = edits.length > 0 && original !== page;
  const bound: Edit[] = [];
  for (const edit of fix.edits) {
    const one = isRedrafted ? bindEdit(edit, { original, page, edits }) : edit;
    if (!one) return null;
    // As it joins the redraft, where it may take the place of an earlier one. The whole redraft is planned when it is applied.
    const joined = withEdit(edits, one).filter((edit) => !edits.includes(edit));
    if (joined.some((edit) => typeof planEdit(original, edit) === "string")) return null;
    bound.push(one);
  }
  return { ...fix, edits: bound };
}

type Redrafted = Redraft & { page: Page };

function bindEdit(edit: Edit, redrafted: Redrafted): Edit | null {
  let bound = edit;
  for (const node of nodesOf(edit)) {
    const next = node.kind === "heading" ? bindHeading(bound, node, redrafted) : bindNode(bound, node, redrafted);
    if (!next) return null;
    bound = next;
  }
  return bound;
}

/** Headings keep their keys in the original; one that the redraft has made has none there. */
function bindHeading(edit: Edit, { key }: Bound, redrafted: Redrafted): Edit | null {
  const heading = redrafted.page.headings.find((one) => one.key === key);
  if (!heading?.createdBy) return edit;
  if (edit.op === "set-heading-level") return levelEdit(redrafted, heading, edit.level);
  if (edit.op === "set-heading-text") return wordsEdit(redrafted, heading, edit.value);
  return null;
}

/** Other nodes are named as they stand on the redrafted page, and are named here as the original has them. */
function bindNode(edit: Edit, { kind, key }: Bound, { original, page, edits }: Redrafted): Edit | null {
  if (kind === "heading") return edit;
  const found = findNode(page, kind, key);
  const origin = "index" in found ? originsOf(original, page, edits, kind)[found.index]?.key : null;
  if (!origin) return null;
  return Object.fromEntries(
    Object.entries(edit).map(([name, value]) => [name, value === key ? origin : value]),
  ) as Edit;
}
