import type { Page } from "#core/page/page";
import { type Edit, followsPattern } from "#core/rewrite/edits";
import { type HouseStyle, stampOf, styleForKind } from "#core/rules/house-style";
import type { Finding } from "#core/rules/rule";
import { act, type Put } from "./act";
import { db, type PageRecord, type RedraftRecord, type SetAsideRecord } from "./db";
import { examine, setAsideFor, summaryRecord } from "./examine";
import { today } from "./today";

export interface DeskState {
  record: PageRecord;
  /** The site's: that of the page's kind is made of it. */
  houseStyle: HouseStyle;
  /** The page as the redraft leaves it. */
  page: Page;
  findings: readonly Finding[];
  setAsides: readonly SetAsideRecord[];
}

/** What a page's own record says of its redraft. */
export function redraftFacts(edits: readonly Edit[]): Pick<PageRecord, "edits" | "patterned"> {
  const patterned = edits
    .filter(followsPattern)
    .map(({ op }) => (op === "set-title" ? ("title" as const) : ("description" as const)));
  return { edits: edits.length, patterned };
}

/** The records that follow from a page's state: its row in the table, and what site rules see. */
export function pagePuts({ record, houseStyle, page, findings, setAsides }: DeskState, edits: readonly Edit[]): Put[] {
  const open = findings.filter((finding) => !setAsideFor(finding, record.id, setAsides));
  const context = {
    findings: open,
    houseStyle: styleForKind(houseStyle, record.kind),
    edits,
    stamp: stampOf(houseStyle, today()),
  };
  const after: PageRecord = { ...record, ...redraftFacts(edits), ...examine(page, context) };
  return [
    { table: "pages", key: record.id, after },
    { table: "summaries", key: record.id, after: summaryRecord(record.id, record.siteId, page, record) },
  ];
}

/** The redraft's record with other edits; null where nothing is left of it. */
export function redraftRecord(
  page: Pick<PageRecord, "id" | "siteId">,
  before: RedraftRecord | undefined,
  edits: readonly Edit[],
): RedraftRecord | null {
  const { conflicts = [], settled = [] } = before ?? {};
  if (edits.length === 0 && conflicts.length === 0 && settled.length === 0) return null;
  return { pageId: page.id, siteId: page.siteId, edits: [...edits], conflicts, settled };
}

/** Keeps a redraft with all that follows from it. */
export async function saveRedraft(
  state: DeskState,
  edits: readonly Edit[],
  label: string,
  merge: string | null,
): Promise<void> {
  const { record } = state;
  const before = await db().redrafts.get(record.id);
  await act(
    record.siteId,
    label,
    [{ table: "redrafts", key: record.id, after: redraftRecord(record, before, edits) }, ...pagePuts(state, edits)],
    { merge },
  );
}

/** Keeps a change of the page's own record: its phrase, its address, its kind, whether it is ready. */
export async function saveRecord(
  state: DeskState,
  edits: readonly Edit[],
  label: string,
  merge: string | null = null,
): Promise<void> {
  await act(state.record.siteId, label, pagePuts(state, edits), { merge });
}

/**
 * Decides a conflict: `mine` carries the change out on what stands there now, `theirs` gives it up. Both are one action
 * that can be undone; the page is worked out again by itself.
 */
export async function decideConflict(page: PageRecord, at: number, choice: "mine" | "theirs"): Promise<void> {
  const redraft = await db().redrafts.get(page.id);
  const conflict = redraft?.conflicts[at];
  if (!redraft || !conflict) return;
  const edits = choice === "mine" && conflict.mine ? [...redraft.edits, conflict.mine] : redraft.edits;
  const conflicts = redraft.conflicts.toSpliced(at, 1);
  const after = { ...redraft, edits, conflicts };
  const empty = edits.length === 0 && conflicts.length === 0 && redraft.settled.length === 0;
  const record: PageRecord = { ...page, ...redraftFacts(edits), conflicts: conflicts.length, stamp: "" };
  await act(page.siteId, choice === "mine" ? "Keep my change" : "Keep what the site says now", [
    { table: "redrafts", key: page.id, after: empty ? null : after },
    { table: "pages", key: page.id, after: record },
  ]);
}
