import { useLiveQuery } from "dexie-react-hooks";
import { useCallback, useEffect, useLayoutEffect, useMemo, useRef, useState } from "react";
import type { Original } from "#core/page/original";
import type { Page } from "#core/page/page";
import type { PageKind } from "#core/page/page-kind";
import { readPage } from "#core/page/read";
import { applyToPage } from "#core/rewrite/apply";
import type { Conflict } from "#core/rewrite/carry-over";
import { type Edit, type NodeKey, type NodeKind, slotOf, withEdit } from "#core/rewrite/edits";
import { keyOf } from "#core/rewrite/resolve";
import { auditor } from "#core/rules/audit";
import { CATALOGUE } from "#core/rules/catalogue";
import { type HouseStyle, styleForKind } from "#core/rules/house-style";
import { type Finding, inPageOrder, placeName, type RuleFacts, type SiteFinding } from "#core/rules/rule";
import { keepingEvidence, writtenData } from "#core/structured-data/data-edit";
import type { WrittenData } from "#core/structured-data/evidence";
import { act } from "../store/act";
import { db, type PageRecord, type SetAsideRecord, type SiteRecord } from "../store/db";
import { setAsideFor } from "../store/examine";
import { expandData } from "../store/expand";
import { keep } from "../store/keeping";
import { decideConflict, pagePuts, saveRecord, saveRedraft } from "../store/redraft";
import { useSiteFindings } from "../store/site-findings";
import { today } from "../store/today";
import { Echoes } from "../ui/echoes";
import { useNotices } from "../ui/notice";

/** A finding as a numbered note in the margin. */
export interface Note {
  number: number;
  finding: Finding;
  rule: RuleFacts | null;
}

export interface SetAsideNote {
  finding: Finding;
  record: SetAsideRecord;
}

/** What can be done to a page. The functions stay the same, and work on what is there when they are called. */
interface Doings {
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
  /** Another redraft in the place of this one; what is refused is told loudly. */
  redraft(next: readonly Edit[], label: string): void;
  /** Takes an edit out of the redraft. */
  drop(edit: Edit, label: string): void;
  /** The key by which an edit names a node of the original. */
  keyOf(kind: NodeKind, index: number): NodeKey;
  setPhrase(phrase: string): void;
  setAddress(address: string): void;
  setReady(ready: boolean): void;
  setAsideFinding(finding: Finding, scope: SetAsideRecord["scope"], reason: string): void;
  takeBack(record: SetAsideRecord): void;
}

export interface Desk extends Doings {
  record: PageRecord;
  /** As brought in. */
  original: Page;
  /** As the redraft leaves it. */
  page: Page;
  edits: readonly Edit[];
  notes: Note[];
  /** The notes by the names of their places. */
  notesAt: ReadonlyMap<string, Note[]>;
  setAside: SetAsideNote[];
  /** Findings of the original that the redraft has settled. */
  settled: Finding[];
  refusals: string[];
  /** Changes that could not be carried over when the page was brought in again. */
  conflicts: readonly Conflict[];
  savedAt: string | null;
  /** The site's house style, as it holds for pages of this kind. */
  houseStyle: HouseStyle;
  /** What the redraft, or the site for it, has written as structured data. */
  written: readonly WrittenData[];
}

const now = () => new Date().toISOString();

/** All that the desk shows and does for one page. What is typed is on screen at once and kept silently. */
export function useDesk(site: SiteRecord, stored: PageRecord, source: Original, kept: readonly Edit[]): Desk {
  const { fail } = useNotices();
  const record = useLiveQuery(() => db().pages.get(stored.id), [stored.id]) ?? stored;
  const liveEdits = useLiveQuery(async () => (await db().redrafts.get(stored.id))?.edits ?? [], [stored.id]);
  const setAsides = useLiveQuery(() => db().setAsides.where("siteId").equals(site.id).toArray(), [site.id]) ?? NONE;
  const redraft = useLiveQuery(() => db().redrafts.get(stored.id), [stored.id]);
  const across = useSiteFindings(site).ofPage.get(stored.id);
  const [edits, setEdits] = useState<readonly Edit[]>(kept);
  const [phrase, setPhraseNow] = useState(stored.phrase);
  const [savedAt, setSavedAt] = useState<string | null>(null);
  const pending = useRef(0);
  const echoes = useRef(new Echoes());

  // What another tab or an undo has written is shown, unless something typed here is still on its way.
  useEffect(() => {
    if (!liveEdits) return;
    // What is told of an older change, between two of this desk's own, would undo the newer one.
    const late = echoes.current.hear(JSON.stringify(liveEdits)) === "late";
    if (!late && pending.current === 0) setEdits(liveEdits);
  }, [liveEdits]);
  useEffect(() => {
    if (pending.current === 0) setPhraseNow(record.phrase);
  }, [record.phrase]);

  const original = useMemo(() => readPage(source, { address: record.address }), [source, record.address]);
  const houseStyle = styleForKind(site.houseStyle, record.kind);
  const written = useWritten(edits, redraft?.settled ?? NO_EDITS);
  const run = useMemo(
    () => auditor({ phrase: phrase.trim() || null, houseStyle, today: today(), written }),
    [phrase, houseStyle, written],
  );
  const { page, refused } = useMemo(() => applyToPage(original, edits), [original, edits]);
  const expanded = useExpanded(page);
  // biome-ignore lint/correctness/useExhaustiveDependencies: what has been expanded is read anew
  const own = useMemo(() => run(page), [run, page, expanded]);
  const doubled = useMemo(() => (across ?? []).map(onThisPage), [across]);
  const findings = useMemo(() => [...doubled, ...own].sort(inPageOrder), [doubled, own]);
  const redrafted = edits.length > 0;
  // The original is audited once, not at every keystroke.
  const before = useMemo(
    () => (redrafted ? auditor({ phrase: phrase.trim() || null, houseStyle, today: today() })(original) : []),
    [redrafted, original, phrase, houseStyle],
  );
  const settled = useMemo(() => {
    const open = new Set(own.map((finding) => finding.key));
    return before.filter((finding) => !open.has(finding.key));
  }, [before, own]);
  const { notes, setAside } = useMemo(() => split(findings, record.id, setAsides), [findings, record.id, setAsides]);
  const notesAt = useMemo(() => byPlace(notes), [notes]);

  const write = useCallback(
    (task: () => Promise<void>, slot: string | null = null) => {
      pending.current++;
      keep(task, slot)
        .then(() => setSavedAt(now()))
        .catch((error) => {
          // What was kept before says nothing of what was not.
          setSavedAt(null);
          fail(error);
        })
        .finally(() => {
          pending.current--;
        });
    },
    [fail],
  );

  const stateFor = (next: Page, over: Partial<PageRecord> = {}) => {
    const merged = { ...record, phrase, ...over };
    const same = over.phrase === undefined && over.kind === undefined;
    const style = styleForKind(site.houseStyle, merged.kind);
    const audit = same
      ? run
      : auditor({ phrase: merged.phrase.trim() || null, houseStyle: style, today: today(), written });
    return { record: merged, houseStyle: site.houseStyle, page: next, findings: audit(next), setAsides };
  };

  /** Keeps a redraft with new edits in it, unless one of them is refused. */
  const put = (next: readonly Edit[], list: readonly Edit[], label: string, merge?: string): string | null => {
    const applied = applyToPage(original, next);
    const refusal = applied.refused.find(({ edit }) => list.includes(edit) || list.some((one) => one.op === edit.op));
    if (refusal) return refusal.reason;
    setEdits(next);
    const state = stateFor(applied.page, { ready: false });
    echoes.current.send(JSON.stringify(next));
    const slot = merge ? `${stored.id} ${merge}` : null;
    write(() => saveRedraft(state, next, label, slot), slot);
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
    return put(next, list, label, merge);
  };

  // What is done by a part of the sheet that is drawn later is done to what is there now.
  const doings = useNewest<Doings>({
    decide(at, choice) {
      write(() => decideConflict(record, at, choice));
    },
    setKind(kind) {
      write(() => saveRecord(stateFor(page, { kind, kindBy: "editor" }), edits, "Page kind"));
    },
    edit: (change, label, merge) => told(withEdits(change, label, merge)),
    attempt: (change, label) => withEdits(change, label),
    editNow(make, label, merge) {
      const change = make({ page, written });
      if (change) told(put(withEdit(edits, change), [change], label, merge));
    },
    replace: (op, list, label) => put([...edits.filter((one) => one.op !== op), ...list], list, label),
    redraft(next, label) {
      told(
        put(
          next,
          next.filter((edit) => !edits.includes(edit)),
          label,
        ),
      );
    },
    drop(edit, label) {
      const next = edits.filter((one) => slotOf(one) !== slotOf(edit));
      setEdits(next);
      const state = stateFor(applyToPage(original, next).page, { ready: false });
      echoes.current.send(JSON.stringify(next));
      write(() => saveRedraft(state, next, label, null));
    },
    keyOf: (kind, index) => keyOf(original, kind, index),
    setPhrase(text) {
      setPhraseNow(text);
      const state = stateFor(page, { phrase: text });
      const slot = `${stored.id} phrase`;
      write(() => saveRecord(state, edits, "Target phrase", slot), slot);
    },
    setAddress(address) {
      const moved = applyToPage({ ...original, address }, edits).page;
      write(() => saveRecord(stateFor(moved, { address }), edits, "Correct the address"));
    },
    setReady(ready) {
      write(() => saveRecord(stateFor(page, { ready }), edits, ready ? "Mark ready" : "Not ready after all"));
    },
    setAsideFinding(finding, scope, reason) {
      const after: SetAsideRecord = {
        id: crypto.randomUUID(),
        siteId: site.id,
        scope,
        rule: finding.rule,
        pageId: scope === "site" ? null : record.id,
        key: scope === "place" ? finding.key : null,
        reason,
      };
      const state = { ...stateFor(page), setAsides: [...setAsides, after] };
      write(() =>
        act(site.id, "Set a finding aside", [{ table: "setAsides", key: after.id, after }, ...pagePuts(state, edits)]),
      );
    },
    takeBack(taken) {
      const state = { ...stateFor(page), setAsides: setAsides.filter((one) => one.id !== taken.id) };
      write(() =>
        act(site.id, "Take a finding back up", [
          { table: "setAsides", key: taken.id, after: null },
          ...pagePuts(state, edits),
        ]),
      );
    },
  });
  const conflicts = redraft?.conflicts ?? NO_CONFLICTS;
  return useMemo(
    () => ({
      // What is typed is on screen at once, before it is kept.
      record: { ...record, phrase },
      original,
      page,
      edits,
      notes,
      notesAt,
      setAside,
      settled,
      refusals: refused.map(({ reason }) => reason),
      conflicts,
      savedAt,
      houseStyle,
      written,
      ...doings,
    }),
    [
      houseStyle,
      written,
      record,
      phrase,
      original,
      page,
      edits,
      notes,
      notesAt,
      setAside,
      settled,
      refused,
      conflicts,
      savedAt,
      doings,
    ],
  );
}

/** Counts how often structured data of the page has been expanded, which is done beside the keystroke. */
function useExpanded(page: Page): number {
  const [expanded, setExpanded] = useState(0);
  useEffect(() => {
    void expandData(page).then((any) => any && setExpanded((n) => n + 1));
  }, [page]);
  return expanded;
}

/** What the redraft has written as structured data; the same list while nothing of it changes. */
function useWritten(edits: readonly Edit[], settled: readonly Edit[]) {
  const now = writtenData([...settled, ...edits]);
  const last = useRef(now);
  if (now.length !== last.current.length || now.some((edit, i) => edit !== last.current[i])) last.current = now;
  return last.current;
}

/** Functions that stay the same and do what those of the last drawing do. */
function useNewest<T extends { [K in keyof T]: (...args: never[]) => unknown }>(functions: T): T {
  const newest = useRef(functions);
  useLayoutEffect(() => {
    newest.current = functions;
  });
  return useMemo(() => {
    const names = Object.keys(newest.current) as (keyof T)[];
    return Object.fromEntries(
      names.map((name) => [name, (...args: never[]) => newest.current[name](...args)]),
    ) as unknown as T;
  }, []);
}

const NO_EDITS: readonly Edit[] = [];
const NO_CONFLICTS: readonly Conflict[] = [];

const NONE: SetAsideRecord[] = [];

/** A finding across pages as a note of one of them. */
function onThisPage({ rule, weight, message }: SiteFinding): Finding {
  const subject = rule.split("/")[0];
  const part = subject === "title" || subject === "description" ? subject : subject === "link" ? "markup" : "head";
  return { rule, weight, message, at: { part }, fix: null, key: `${rule} @ ${part}` };
}

function byPlace(notes: readonly Note[]): ReadonlyMap<string, Note[]> {
  const places = new Map<string, Note[]>();
  for (const note of notes) {
    const name = placeName(note.finding.at);
    const list = places.get(name);
    if (list) list.push(note);
    else places.set(name, [note]);
  }
  return places;
}

function split(findings: readonly Finding[], pageId: string, records: readonly SetAsideRecord[]) {
  const notes: Note[] = [];
  const setAside: SetAsideNote[] = [];
  for (const finding of findings) {
    const record = setAsideFor(finding, pageId, records);
    if (record) setAside.push({ finding, record });
    else notes.push({ number: notes.length + 1, finding, rule: CATALOGUE.get(finding.rule) ?? null });
  }
  return { notes, setAside };
}
