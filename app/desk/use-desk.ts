import { useMemo, useRef } from "react";
import { redraftPage } from "#core/audit/redraft-page";
import { keepingEvidence, writtenData } from "#core/compose/data-edit";
import type { Finding } from "#core/findings/finding";
import { type Audience, toldToRules } from "#core/page/found-for";
import type { Original } from "#core/page/original";
import type { Page } from "#core/page/page";
import type { PageKind } from "#core/page/page-kind";
import { readPage } from "#core/page/read";
import type { Conflict } from "#core/rewrite/carry-over";
import { type Edit, slotOf, withEdit } from "#core/rewrite/edits";
import type { NodeKey, NodeKind } from "#core/rewrite/node";
import { refusalOf } from "#core/rewrite/refusal";
import { keyOf } from "#core/rewrite/resolve";
import { type HouseStyle, styleForKind } from "#core/settings/house-style";
import type { WrittenData } from "#core/structured-data/evidence";
import type { PageRecord } from "../store/page-record";
import type { ChangeRecord } from "../store/records/changes";
import type { SetAsideRecord } from "../store/records/set-asides";
import type { SiteRecord } from "../store/records/sites";
import { decideConflict } from "../store/redraft";
import { setAside, takeBackUp } from "../store/set-asides";
import { useToday } from "../store/use-today";
import { useNotices } from "../ui/notice";
import { useNewest } from "../ui/use-newest";
import { useSame } from "../ui/use-same";
import { type DeskFindings, useFindings } from "./state/use-findings";
import { useKeptRow } from "./state/use-kept-row";
import { useRedraft } from "./state/use-redraft";

/** What can be done to a page. The functions stay the same, and work on what is there when they are called. */
interface DeskActions {
  decide(at: number, choice: "mine" | "theirs"): void;
  setKind(kind: PageKind): void;
  /** What is refused is told loudly; the reason comes back too. */
  edit(edit: Edit | readonly Edit[], label: string, merge?: string): string | null;
  /** As `edit`, for a field that stays open with what was typed and tells the reason itself. */
  attempt(edit: Edit | readonly Edit[], label: string): string | null;
  /** An edit of what is there at this moment, for what is typed faster than the sheet is drawn. */
  editNow(make: (now: Pick<Desk, "page" | "written">) => Edit | null, label: string, merge: string): void;
  /** Puts edits in the place of all of one operation; the reason where they are refused. */
  replace(op: Edit["op"], list: readonly Edit[], label: string): string | null;
  /** Another redraft, made of the one of this moment, in its place; the reason where it is refused. */
  redraft(
    make: (now: Pick<Desk, "original" | "page" | "edits">) => readonly Edit[] | { reason: string },
    label: string,
  ): string | null;
  /** The page and its edits at this moment, for a part of the sheet that may be drawn later. */
  now(): Pick<Desk, "page" | "edits">;
  /** Takes an edit out of the redraft. */
  drop(edit: Edit, label: string): void;
  /** The key by which an edit names a node of the original. */
  keyOf(kind: NodeKind, index: number): NodeKey;
  setPhrase(phrase: string): void;
  setSupporting(phrases: string[]): void;
  setAudience(audience: Audience): void;
  setAddress(address: string): void;
  setReady(ready: boolean): void;
  setAsideFinding(finding: Finding, scope: SetAsideRecord["scope"], reason: string): void;
  takeBack(record: SetAsideRecord): void;
}

/** What the desk shows of a page's record: the rest follows from the page, and changes a while after each key. */
const SHOWN = [
  "id",
  "siteId",
  "file",
  "address",
  "original",
  "format",
  "chosenKind",
  "phrase",
  "supporting",
  "audience",
  "ready",
  "goneSince",
  "kind",
  "kindBy",
  "name",
  "settled",
] as const satisfies (keyof PageRecord)[];

export type DeskRecord = Pick<PageRecord, (typeof SHOWN)[number]>;

export interface Desk extends DeskActions, DeskFindings {
  record: DeskRecord;
  /** As brought in. */
  original: Page;
  /** As the redraft leaves it. */
  page: Page;
  edits: readonly Edit[];
  refusals: string[];
  /** Changes that could not be carried over when the page was brought in again. */
  conflicts: readonly Conflict[];
  savedAt: string | null;
  /** The site's house style, as it holds for pages of this kind. */
  houseStyle: HouseStyle;
  /** What the redraft, or the site for it, has written as structured data. */
  written: readonly WrittenData[];
}

/** All that the desk shows and does for one page. What is typed is on screen at once and kept silently. */
export function useDesk(site: SiteRecord, stored: PageRecord, source: Original, first: readonly ChangeRecord[]): Desk {
  const { fail } = useNotices();
  const redraft = useRedraft(stored, first);
  const { record, edits, settled: taken, savedAt, setEdits, setFields, write } = redraft;
  const { phrase, supporting, audience } = toldToRules(record);

  const today = useToday();
  const original = useMemo(() => readPage(source, { address: record.address }), [source, record.address]);
  const written = useWritten(edits, taken);
  const redrafted = useMemo(
    () =>
      redraftPage(original, {
        houseStyle: site.houseStyle,
        today,
        chosenKind: record.chosenKind,
        edits,
      }),
    [original, site.houseStyle, today, record.chosenKind, edits],
  );
  const { page, refused, kind } = redrafted;
  const houseStyle = useMemo(() => styleForKind(site.houseStyle, kind), [site.houseStyle, kind]);
  const found = useFindings(site, record.id, redrafted, {
    phrase,
    supporting,
    audience,
    houseStyle,
    today,
    written,
  });
  useKeptRow(site, record, edits);

  /** Keeps a redraft with new edits in it, unless one of them is refused. */
  const put = (next: readonly Edit[], label: string, merge?: string): string | null => {
    const refusal = refusalOf(original, edits, next);
    if (refusal) return refusal.reason;
    setEdits(next, label, merge);
    return null;
  };
  const told = (reason: string | null) => {
    if (reason !== null) fail(new Error(reason));
    return reason;
  };
  const withEdits = (change: Edit | readonly Edit[], label: string, merge?: string) => {
    const asked = Array.isArray(change) ? (change as readonly Edit[]) : [change as Edit];
    // A fix knows nothing of where a value came from.
    const list = asked.map((one) => keepingEvidence(written, one));
    const next = list.reduce<readonly Edit[]>((all, one) => withEdit(all, one), edits);
    return put(next, label, merge);
  };

  // What is done by a part of the sheet that is drawn later is done to what is there now.
  const actions = useNewest<DeskActions>({
    decide(at, choice) {
      const change = redraft.undecided[at];
      if (change) write(() => decideConflict(change, choice));
    },
    setKind: (kind) => setFields({ chosenKind: kind }, "Page kind"),
    edit: (change, label, merge) => told(withEdits(change, label, merge)),
    attempt: (change, label) => withEdits(change, label),
    editNow(make, label, merge) {
      const change = make({ page, written });
      if (change) told(put(withEdit(edits, change), label, merge));
    },
    replace: (op, list, label) => put([...edits.filter((one) => one.op !== op), ...list], label),
    redraft(make, label) {
      const next = make({ original, page, edits });
      return "reason" in next ? next.reason : put(next, label);
    },
    now: () => ({ page, edits }),
    drop(edit, label) {
      setEdits(
        edits.filter((one) => slotOf(one) !== slotOf(edit)),
        label,
      );
    },
    keyOf: (kind, index) => keyOf(original, kind, index),
    setSupporting: (supporting) => setFields({ supporting }, "Supporting phrases"),
    setAudience: (audience) => setFields({ audience }, "Whom it is for", "audience"),
    setPhrase: (text) => setFields({ phrase: text }, "Target phrase", "phrase"),
    setAddress: (address) => setFields({ address }, "Correct the address"),
    setReady: (ready) => setFields({ ready }, ready ? "Mark ready" : "Not ready after all"),
    setAsideFinding: (finding, scope, reason) => write(() => setAside(site.id, record.id, finding, scope, reason)),
    takeBack: (one) => write(() => takeBackUp(one)),
  });
  const { conflicts } = redraft;
  const seen = useSame(useMemo(() => shownOf(record, kind), [record, kind]));
  const refusals = useSame(useMemo(() => refused.map(({ reason }) => reason), [refused]));
  return useMemo(
    () => ({
      record: seen,
      original,
      page,
      edits,
      ...found,
      refusals,
      conflicts,
      savedAt,
      houseStyle,
      written,
      ...actions,
    }),
    [houseStyle, written, seen, original, page, edits, found, refusals, conflicts, savedAt, actions],
  );
}

/** What is stored of a guess may be older than the page that is seen. */
const shownOf = (record: PageRecord, kind: PageKind): DeskRecord => ({
  ...(Object.fromEntries(SHOWN.map((name) => [name, record[name]])) as DeskRecord),
  kind,
});

/** What the redraft has written as structured data; the same list while nothing of it changes. */
function useWritten(edits: readonly Edit[], settled: readonly Edit[]) {
  const now = writtenData([...settled, ...edits]);
  const last = useRef(now);
  if (now.length !== last.current.length || now.some((edit, i) => edit !== last.current[i])) last.current = now;
  return last.current;
}
