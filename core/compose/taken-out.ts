import type { Edit } from "../rewrite/edits.ts";
import type { WrittenData } from "../structured-data/evidence.ts";
import { type Path, pointerOf } from "../structured-data/json-text.ts";
import { replaceValue } from "../structured-data/patch-json.ts";
import { dataEdit, evidenceFor } from "./data-edit.ts";

/** The edit that takes a value or an entity out of a block, with its evidence; what stands behind it in a list moves up. */
export function takenOut(written: readonly WrittenData[], was: string, path: Path): Edit {
  const last = path.at(-1);
  const list = typeof last === "number" ? `${pointerOf(path.slice(0, -1))}/` : null;
  const own = pointerOf(path);
  const evidence = evidenceFor(written, was).flatMap((one) => {
    if (one.pointer === own || one.pointer.startsWith(`${own}/`)) return [];
    const [at = "", ...rest] = list && one.pointer.startsWith(list) ? one.pointer.slice(list.length).split("/") : [];
    if (!/^\d+$/.test(at) || Number(at) < Number(last)) return [one];
    return [{ ...one, pointer: list + [Number(at) - 1, ...rest].join("/") }];
  });
  return dataEdit(was, replaceValue(was, path, undefined), evidence);
}
