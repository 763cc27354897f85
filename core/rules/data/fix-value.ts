import { dataEdit } from "../../compose/data-edit.ts";
import type { Fix } from "../../findings/fix.ts";
import type { DataPlace } from "../../structured-data/graph.ts";
import type { PageData } from "../../structured-data/page-data.ts";
import { replaceValue } from "../../structured-data/patch-json.ts";

/** A fix that puts another text in the place of one value of a JSON-LD block; none for what stands in the markup. */
export function fixValue(data: PageData, said: DataPlace, value: string, label: string): { fix?: Fix } {
  const block = data.blocks[said.block];
  if (!block || said.path.length === 0) return {};
  return { fix: { label, edits: [dataEdit(block.text, replaceValue(block.text, said.path, value))] } };
}
