import type { Edit } from "../rewrite/edits.ts";
import { fingerprint } from "../rewrite/fingerprint.ts";
import type { Evidence } from "./evidence.ts";

/** The edit that puts another text in the place of a JSON-LD block. */
export const dataEdit = (was: string, value: string, evidence?: Evidence[]): Edit => ({
  op: "set-data",
  id: fingerprint(was),
  value,
  was,
  ...(evidence && { evidence }),
});

/** The edit that adds a JSON-LD block to the head. `id` tells several apart. */
export const newDataEdit = (id: string, value: string, evidence: Evidence[] = []): Edit => ({
  op: "set-data",
  id,
  value,
  was: null,
  evidence,
});

/** What a redraft has written as structured data, with the evidence for it. */
export const writtenData = (edits: readonly Edit[]): { value: string; evidence?: Evidence[] }[] =>
  edits.flatMap((edit) => (edit.op === "set-data" ? [edit] : []));
