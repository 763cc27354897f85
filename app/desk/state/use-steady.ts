import { useEffect, useRef, useState } from "react";
import type { Edit } from "#core/rewrite/edits";
import type { Desk } from "../use-desk";
import type { Note } from "./use-findings";

/** After the last key the sheet waits this long, in milliseconds: it is drawn anew when somebody stops, not between two keys. */
const REST = 300;

const isOfResult = ({ op }: Edit) => op === "set-title" || op === "set-description";
const PARTS: ReadonlySet<string> = new Set(["title", "description"]);

const sameList = <T>(a: readonly T[], b: readonly T[], same: (a: T, b: T) => boolean = Object.is) =>
  a.length === b.length && a.every((one, i) => same(one, b[i] as T));

/** Their numerals follow when somebody stops: a note more on the title moves all of them. */
const sameNote = (a: Note, b: Note) => a.finding.key === b.finding.key;
const beside = (notes: readonly Note[]) => notes.filter(({ finding }) => !PARTS.has(finding.at.part));

/** What of a page a text of its search result changes, besides that text. */
const RESULT: ReadonlySet<string> = new Set(["titles", "metas"]);

/** Whether two states of a desk differ in title and description alone. */
function sameBeside(a: Desk, b: Desk): boolean {
  const names = Object.keys(b.page) as (keyof Desk["page"])[];
  return (
    a.record.original === b.record.original &&
    a.record.address === b.record.address &&
    a.record.kind === b.record.kind &&
    a.record.phrase === b.record.phrase &&
    a.record.supporting === b.record.supporting &&
    a.record.audience === b.record.audience &&
    a.houseStyle === b.houseStyle &&
    a.written === b.written &&
    a.conflicts === b.conflicts &&
    sameList(a.refusals, b.refusals) &&
    names.every((name) => RESULT.has(name) || a.page[name] === b.page[name]) &&
    sameList(
      a.edits.filter((one) => !isOfResult(one)),
      b.edits.filter((one) => !isOfResult(one)),
    ) &&
    sameList(beside(a.notes), beside(b.notes), sameNote)
  );
}

/**
 * The desk as the parts below the search result show it: while somebody types a title or a description it stays what it was,
 * so that a long page is not drawn anew at every key.
 */
export function useSteady(desk: Desk): Desk {
  const shown = useRef(desk);
  const [, rest] = useState(0);
  if (!sameBeside(shown.current, desk)) shown.current = desk;
  useEffect(() => {
    if (shown.current === desk) return;
    const timer = setTimeout(() => {
      shown.current = desk;
      rest((n) => n + 1);
    }, REST);
    return () => clearTimeout(timer);
  }, [desk]);
  return shown.current;
}
