import type { Page } from "#core/page/page";
import type { Edit } from "#core/rewrite/edits";
import type { HouseStyle } from "#core/rules/house-style";
import type { Finding } from "#core/rules/rule";
import { act, type Put } from "./act";
import type { PageRecord, SetAsideRecord } from "./db";
import { examine, setAsideFor, summaryRecord } from "./examine";

export interface DeskState {
  record: PageRecord;
  houseStyle: HouseStyle;
  /** The page as the redraft leaves it. */
  page: Page;
  findings: readonly Finding[];
  setAsides: readonly SetAsideRecord[];
}

/** The records that follow from a page's state: its row in the table, and what site rules see. */
export function pagePuts({ record, houseStyle, page, findings, setAsides }: DeskState, edits: number): Put[] {
  const open = findings.filter((finding) => !setAsideFor(finding, record.id, setAsides));
  const after: PageRecord = { ...record, ...examine(page, open, houseStyle), edits };
  return [
    { table: "pages", key: record.id, after },
    { table: "summaries", key: record.id, after: summaryRecord(record.id, record.siteId, page) },
  ];
}

/** Keeps a redraft with all that follows from it. */
export async function saveRedraft(
  state: DeskState,
  edits: readonly Edit[],
  label: string,
  merge: string | null,
): Promise<void> {
  const { record } = state;
  const redraft = edits.length > 0 ? { pageId: record.id, siteId: record.siteId, edits: [...edits] } : null;
  await act(
    record.siteId,
    label,
    [{ table: "redrafts", key: record.id, after: redraft }, ...pagePuts(state, edits.length)],
    merge,
  );
}

/** Keeps a change of the page's own record: its phrase, its address, whether it is ready. */
export async function saveRecord(state: DeskState, label: string, merge: string | null = null): Promise<void> {
  await act(state.record.siteId, label, pagePuts(state, state.record.edits), merge);
}
