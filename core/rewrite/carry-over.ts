import type { Page } from "../page/page.ts";
import type { Clash } from "../structured-data/merge-json.ts";
import { applyToPage } from "./apply.ts";
import { boundTo } from "./carry-node.ts";
import { Company } from "./company.ts";
import { type Edit, newValueOf, nodesOf, operationOf, slotOf, wasOf } from "./edits.ts";
import { type Handing, sameKey } from "./handing.ts";
import type { NodeKey, NodeKind } from "./node.ts";
import { type Carried, type Clashing, SETTLED } from "./operations/operation.ts";
import { originsOf } from "./origins.ts";
import { planEdit } from "./plan.ts";
import { firstDifference } from "./verify.ts";

/** A change that could not be carried over: the editor decides between the two texts. */
export interface Conflict extends Clashing<Edit> {
  edit: Edit;
}

/** What becomes of a redraft when its page is brought in again. Every edit is in exactly one of the lists. */
export interface CarriedOver {
  kept: Edit[];
  /** What the site has already taken over. */
  settled: Edit[];
  conflicts: Conflict[];
}

/** What is known of a redraft when its page is brought in again. */
interface Earlier {
  /** The original that it was made on, as read; null where that is not at hand. */
  before: Page | null;
  /** Edits as they were handed over, where they were. */
  handed?: readonly Edit[];
}

/** Carries a redraft over to a page that was brought in again. `page` is the new original as read. */
export function carryOver(edits: readonly Edit[], page: Page, { before, handed = [] }: Earlier): CarriedOver {
  const result: CarriedOver = { kept: [], settled: [], conflicts: [] };
  if (page.fault) {
    const reason = "The page as it was brought in now could not be read.";
    return { ...result, conflicts: edits.map((edit) => ({ edit, now: null, reason, mine: edit })) };
  }
  const company = companyOf(edits);
  const lastly = new Map(handed.map((edit) => [slotOf(edit), edit]));
  const handing = before && handingOf(before, edits, handed, page);
  for (const edit of edits) {
    const earlier = lastly.get(slotOf(edit)) ?? null;
    const carried = carryOne(edit, earlier, page, handing, company);
    if ("kept" in carried) result.kept.push(carried.kept);
    else if ("conflict" in carried) result.conflicts.push({ edit, ...carried.conflict });
    else result.settled.push(edit);
  }
  return result;
}

/** What a redraft calls headings now, and which it takes out. */
function companyOf(edits: readonly Edit[]): Company {
  const renamed = new Map(edits.flatMap((edit) => (edit.op === "set-heading-text" ? [[edit.was, edit.value]] : [])));
  const removed = new Set(edits.flatMap((edit) => (edit.op === "remove-heading" ? edit.was : [])));
  return new Company(renamed, removed);
}

/** `edits` are all of the redraft; where none was handed over, the site may have been given them in another way. */
function handingOf(before: Page, edits: readonly Edit[], handed: readonly Edit[], now: Page): Handing {
  const lastly = new Map(handed.map((edit) => [slotOf(edit), edit]));
  const all = edits.map((edit) => lastly.get(slotOf(edit)) ?? edit);
  const expected = applyToPage(before, all).page;
  const given = all.filter((edit) => handed.length === 0 || lastly.get(slotOf(edit)) === edit);
  const { page, refused } = applyToPage(before, given);
  const left = new Set(refused.map((one) => one.edit));
  const made = given.filter((edit) => !left.has(edit));
  return { before, expected, exactly: firstDifference(now, page) === null ? { edits: made, page } : null };
}

function carryOne(
  edit: Edit,
  handed: Edit | null,
  page: Page,
  handing: Handing | null,
  company: Company,
): Carried<Edit> {
  const operation = operationOf(edit);
  const changed = handed !== null && !sameKey(handed, edit);
  if (handing?.exactly) {
    const { edits, page: given } = handing.exactly;
    if (!changed && edits.includes(handed ?? edit)) return SETTLED;
    const rebound = onHanded(edit, page, handing.before, given, edits as readonly Edit[]);
    if (rebound) return rebound;
  }
  const plan = (one: Edit) => planEdit(page, one);
  const carried = operation.carry(edit, { page, handed, handing, company, plan });
  if (!("conflict" in carried) || !handing || changed) return carried;
  const done = handed ?? edit;
  return operation.takenOver?.(done, page, handing, slotOf(done)) ? SETTLED : carried;
}

/** An edit of a node that was made or changed after the handing over, on a page that has become what was handed over. */
function onHanded(edit: Edit, page: Page, before: Page, given: Page, edits: readonly Edit[]): Carried<Edit> | null {
  const { standing } = operationOf(edit);
  const bind = (kind: NodeKind, key: NodeKey): number => {
    if (kind === "heading") return given.headings.findIndex((heading) => sameKey(heading.key, key));
    return originsOf(before, given, edits, kind).findIndex((origin) => origin.key && sameKey(origin.key, key));
  };
  const [node, ...others] = nodesOf(edit);
  if (!node || others.length > 0 || !standing) return null;
  const index = bind(node.kind, node.key);
  return index < 0 ? null : { kept: boundTo(edit, node.kind, index, page, standing) };
}

/** A side of the values that both have changed, a line each. */
const sideOf = (clashes: readonly Clash[], side: "mine" | "was" | "theirs") =>
  clashes.map((clash) => `${clash.pointer.slice(1)}: ${clash[side] ?? "none"}`).join("\n");

/** Both texts of a conflict, for lists; of structured data only what both have changed. */
export function textsOf({ edit, now, clashes }: Conflict): { mine: string; was: string; now: string } {
  if (clashes) return { mine: sideOf(clashes, "mine"), was: sideOf(clashes, "was"), now: sideOf(clashes, "theirs") };
  return { mine: newValueOf(edit), was: wasOf(edit), now: now ?? "" };
}
