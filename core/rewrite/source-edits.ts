import type { Edit } from "./edits.ts";

/** A stretch of the source that was written anew, in UTF-16 code units of the old and the new text. */
export interface SourceChange {
  fromA: number;
  toA: number;
  fromB: number;
  toB: number;
}

type SourceEdit = Extract<Edit, { op: "edit-source" }>;

/** Characters before and behind a change by which it is found again, at first. */
const CONTEXT = 24;

/** Changes of a source as edits, each with as much around it as makes its place the only one. */
export function sourceEdits(was: string, is: string, changes: readonly SourceChange[]): SourceEdit[] {
  return changes.map(({ fromA, toA, fromB, toB }, i) => {
    let around = CONTEXT;
    const beside = () => ({
      before: was.slice(Math.max(0, fromA - around), fromA),
      after: was.slice(toA, toA + around),
    });
    const own = was.slice(fromA, toA);
    for (; around < was.length; around *= 2) {
      const { before, after } = beside();
      const text = before + own + after;
      if (was.indexOf(text) === was.lastIndexOf(text)) break;
    }
    return { op: "edit-source", id: `source ${i}`, ...beside(), was: own, value: is.slice(fromB, toB) };
  });
}
