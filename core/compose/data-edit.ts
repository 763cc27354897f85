import { fingerprint } from "../page/fingerprint.ts";
import type { Page } from "../page/page.ts";
import type { Edit } from "../rewrite/edits.ts";
import { sameBlock } from "../structured-data/block-text.ts";
import type { Evidence, WrittenData } from "../structured-data/evidence.ts";

/** The edit that puts another text in the place of a JSON-LD block. */
export const dataEdit = (was: string, value: string, evidence?: Evidence[]): Edit => ({
  op: "set-data",
  id: fingerprint(was),
  value,
  was,
  ...(evidence && { evidence }),
});

/** The edit that takes a block out; of several that say the same one, so that the page goes on saying it. */
export function withoutBlock({ data }: Pick<Page, "data">, was: string): Edit {
  const of = data.filter(({ text }) => text === was).length;
  const edit = { op: "set-data" as const, id: fingerprint(was), value: "", was };
  return of > 1 ? { ...edit, of } : edit;
}

/** The evidence that is held for a block. */
export const evidenceFor = (written: readonly WrittenData[], text: string): readonly Evidence[] =>
  written.findLast(({ value }) => sameBlock(value, text))?.evidence ?? [];

/** The edit that changes a block and keeps the evidence that is held for it. */
export const changedData = (written: readonly WrittenData[], was: string, value: string): Edit =>
  dataEdit(was, value, [...evidenceFor(written, was)]);

/** An edit with the evidence that is held for its block, where it brings none of its own. */
export const keepingEvidence = (written: readonly WrittenData[], edit: Edit): Edit =>
  edit.op === "set-data" && edit.was !== null && edit.value !== "" && edit.evidence === undefined
    ? changedData(written, edit.was, edit.value)
    : edit;

/** The edit that adds a JSON-LD block to the head. `id` tells several apart. */
export const newDataEdit = (id: string, value: string, evidence: Evidence[] = []): Edit => ({
  op: "set-data",
  id,
  value,
  was: null,
  evidence,
});

/** What a redraft has written as structured data, with the evidence for it. */
export const writtenData = (edits: readonly Edit[]): WrittenData[] =>
  edits.flatMap((edit) => (edit.op === "set-data" ? [edit] : []));
