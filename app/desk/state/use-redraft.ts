import { liveQuery } from "dexie";
import { useCallback, useEffect, useMemo, useState } from "react";
import type { Conflict } from "#core/rewrite/carry-over";
import { type Edit, slotOf } from "#core/rewrite/edits";
import { redraftOf } from "../../store/changes";
import { db } from "../../store/db";
import { keep, keepFields } from "../../store/keeping";
import { loadPageRecord, type PageRecord } from "../../store/page-record";
import type { ChangeRecord } from "../../store/records/changes";
import { type PageFields, savePage, saveRedraft } from "../../store/redraft";
import { useNotices } from "../../ui/notice";
import { useSame } from "../../ui/use-same";
import { changedFields, Typed } from "./typed";

/**
 * What is to be seen of fields. A state, and no external store: a change of one while the rest of the sheet is drawn in its
 * own time would have all of it drawn at once, before the next key.
 */
function useView<V>(typed: Typed<V>): ReadonlyMap<string, V> {
  const [view, setView] = useState(typed.view);
  useEffect(() => {
    const show = () => setView(typed.view());
    show();
    return typed.subscribe(show);
  }, [typed]);
  return view;
}

/** What the editor can say of the page itself. */
type FieldValues = Required<PageFields>;
type Field = keyof FieldValues;

const FIELDS: readonly Field[] = ["phrase", "supporting", "audience", "address", "chosenKind", "ready"];
/** In the place of null, which would say that the field is gone. */
const NONE = "none";
type Seen = Exclude<FieldValues[Field], null> | typeof NONE;

const seenOf = (page: FieldValues) => new Map<string, Seen>(FIELDS.map((name) => [name, page[name] ?? NONE]));
const fieldsOf = (fields: ReadonlyMap<string, Seen>): PageFields =>
  Object.fromEntries([...fields].map(([name, value]) => [name, value === NONE ? null : value]));
const editsBySlot = (changes: readonly ChangeRecord[]) =>
  new Map(redraftOf(changes).edits.map((edit) => [slotOf(edit), edit]));

/** A page with its redraft, as they are to be seen: what was changed here is there at once, and is kept silently. */
export interface SeenRedraft {
  record: PageRecord;
  edits: readonly Edit[];
  settled: readonly Edit[];
  /** Changes that could not be carried over, and what is known of each. */
  undecided: readonly ChangeRecord[];
  conflicts: readonly Conflict[];
  /** When something was last kept; null before that, and where it could not be. */
  savedAt: string | null;
  /** Another redraft in the place of this one. What differs is kept; the page is not ready any more. */
  setEdits(next: readonly Edit[], label: string, merge?: string): void;
  setFields(fields: PageFields, label: string, merge?: string): void;
  /** Keeps something else that was done here, in its turn. */
  write(save: () => Promise<void>): void;
}

export function useRedraft(stored: PageRecord, first: readonly ChangeRecord[]): SeenRedraft {
  const { fail } = useNotices();
  const { id, siteId } = stored;
  const [record, setRecord] = useState(stored);
  const [changes, setChanges] = useState(first);
  const [savedAt, setSavedAt] = useState<string | null>(null);
  const [edits] = useState(
    () =>
      new Typed<Edit>(editsBySlot(first), async () =>
        editsBySlot(await db().changes.where("pageId").equals(id).toArray()),
      ),
  );
  const [typed] = useState(
    () =>
      new Typed<Seen>(seenOf(stored), async () => {
        const page = await db().pages.get(id);
        return page ? seenOf(page) : new Map();
      }),
  );
  useEffect(() => {
    const watched = [
      liveQuery(() => loadPageRecord(id)).subscribe({
        next(page) {
          if (page) setRecord(page);
          typed.refresh();
        },
        error: () => {},
      }),
      liveQuery(() => db().changes.where("pageId").equals(id).toArray()).subscribe({
        next(rows) {
          setChanges(rows);
          edits.refresh();
        },
        error: () => {},
      }),
    ];
    return () => {
      for (const one of watched) one.unsubscribe();
    };
  }, [id, edits, typed]);

  const told = useCallback(
    (keeping: Promise<void>) => {
      keeping.then(
        // To the minute, as it is shown.
        () => setSavedAt(`${new Date().toISOString().slice(0, 16)}Z`),
        (error) => {
          // What was kept before says nothing of what was not.
          setSavedAt(null);
          fail(error);
        },
      );
      return keeping;
    },
    [fail],
  );
  const setFields = useCallback(
    (fields: PageFields, label: string, merge?: string) => {
      const slot = merge ? `${id} ${merge}` : null;
      const next = new Map(Object.entries(fields).map(([name, value]) => [name, value ?? NONE]));
      const save = (all: ReadonlyMap<string, Seen>) => savePage({ id, siteId }, fieldsOf(all), label, slot);
      typed.change(next, told(keepFields(slot, next, save)));
    },
    [id, siteId, typed, told],
  );
  const write = useCallback((save: () => Promise<void>) => void told(keep(save)), [told]);

  const edited = useView(edits);
  const fieldsNow = useView(typed);
  const list = useMemo(() => [...edited.values()], [edited]);
  const setEdits = useCallback(
    (next: readonly Edit[], label: string, merge?: string) => {
      const slot = merge ? `${id} ${merge}` : null;
      const fields = changedFields(edited, new Map(next.map((edit) => [slotOf(edit), edit])));
      const save = (all: ReadonlyMap<string, Edit | null>) => {
        const gone = [...all].flatMap(([one, edit]) => (edit === null ? one : []));
        return saveRedraft(
          { id, siteId },
          { set: [...all.values()].filter((edit) => edit !== null), drop: gone },
          label,
          slot,
        );
      };
      const keeping = told(keepFields(slot, fields, save));
      edits.change(fields, keeping);
      typed.change(new Map<string, Seen>([["ready", false]]), keeping);
    },
    [id, siteId, edited, edits, typed, told],
  );
  const sorted = useMemo(() => redraftOf(changes), [changes]);
  const settled = useSame(sorted.settled);
  const undecided = useSame(sorted.undecided);
  const conflicts = useMemo(
    () => undecided.flatMap(({ edit, conflict }): Conflict[] => (conflict ? [{ ...conflict, edit }] : [])),
    [undecided],
  );
  const seen = useMemo(() => {
    const fields = fieldsOf(fieldsNow);
    const kind = fields.chosenKind ?? record.guessedKind;
    return { ...record, ...fields, kind, kindBy: fields.chosenKind ? ("editor" as const) : ("guess" as const) };
  }, [record, fieldsNow]);
  return { record: seen, edits: list, settled, undecided, conflicts, savedAt, setEdits, setFields, write };
}
