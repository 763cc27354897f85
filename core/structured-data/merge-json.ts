import { type Path, pointerOf, readJson } from "./json-text.ts";
import { replaceValue } from "./patch-json.ts";

/** A value that both sides have changed, each otherwise, as JSON; null where there is none. */
export interface Clash {
  /** JSON pointer (RFC 6901). */
  pointer: string;
  was: string | null;
  mine: string | null;
  theirs: string | null;
}

/** Two changes of one text of JSON brought together. */
export interface MergedJson {
  /** Their text with all of mine that they have left as it was. */
  theirs: string;
  /** The same, with mine where both have changed a value. */
  mine: string;
  clashes: Clash[];
}

interface Change {
  path: Path;
  was: unknown;
  is: unknown;
}

const isObject = (value: unknown): value is Record<string, unknown> =>
  typeof value === "object" && value !== null && !Array.isArray(value);
const same = (a: unknown, b: unknown): boolean => {
  if (Array.isArray(a) && Array.isArray(b)) return a.length === b.length && a.every((one, i) => same(one, b[i]));
  if (!isObject(a) || !isObject(b)) return a === b;
  const names = Object.keys(a);
  return (
    names.length === Object.keys(b).length && names.every((name) => Object.hasOwn(b, name) && same(a[name], b[name]))
  );
};
const member = (value: Record<string, unknown>, name: string) => (Object.hasOwn(value, name) ? value[name] : undefined);

/** The values that differ: each as deep down as both have it. A list that has become longer or shorter is one value. */
function* changesOf(was: unknown, is: unknown, path: Path = []): Iterable<Change> {
  if (isObject(was) && isObject(is)) {
    for (const name of new Set([...Object.keys(was), ...Object.keys(is)]))
      yield* changesOf(member(was, name), member(is, name), [...path, name]);
  } else if (Array.isArray(was) && Array.isArray(is) && was.length === is.length) {
    for (const [i, one] of was.entries()) yield* changesOf(one, is[i], [...path, i]);
  } else if (!same(was, is)) yield { path, was, is };
}

function valueAt(value: unknown, path: Path): unknown {
  let at = value;
  for (const step of path) {
    if (typeof step === "number") at = Array.isArray(at) ? at[step] : undefined;
    else at = isObject(at) ? member(at, step) : undefined;
  }
  return at;
}

const written = (value: unknown) => (value === undefined ? null : JSON.stringify(value));

/**
 * Merges two changes of a text of JSON, value by value: what only one side has changed is taken from it, and what both have
 * changed is told. Null where one of the texts is no JSON.
 */
export function mergeJson(base: string, mine: string, theirs: string): MergedJson | null {
  const [was, is, now] = [readJson(base), readJson(mine), readJson(theirs)];
  if (!("value" in was && "value" in is && "value" in now)) return null;
  const merged: MergedJson = { theirs, mine: theirs, clashes: [] };
  for (const change of changesOf(was.value, is.value)) {
    const { path } = change;
    const there = valueAt(now.value, path);
    if (same(there, change.is)) continue;
    const clashes = !same(there, change.was);
    if (clashes)
      merged.clashes.push({
        pointer: pointerOf(path),
        was: written(change.was),
        mine: written(change.is),
        theirs: written(there),
      });
    // Where what it stood in is gone there is no place to put it.
    const around = path.length === 0 ? {} : valueAt(now.value, path.slice(0, -1));
    if (typeof around !== "object" || around === null) continue;
    merged.mine = path.length === 0 ? mine : replaceValue(merged.mine, path, change.is);
    if (!clashes) merged.theirs = replaceValue(merged.theirs, path, change.is);
  }
  return merged;
}
