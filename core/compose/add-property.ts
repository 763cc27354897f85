import { featuresOf } from "../structured-data/features.ts";
import { thingsOf } from "../structured-data/fields.ts";
import type { Entity } from "../structured-data/graph.ts";
import type { Json } from "../structured-data/json-text.ts";
import { type Path, pointerOf } from "../structured-data/json-text.ts";
import type { PageData } from "../structured-data/page-data.ts";
import { replaceValue } from "../structured-data/patch-json.ts";
import { isKindOf, vocabulary } from "../structured-data/vocabulary.ts";

/** Something that an entity does not say, and that a search feature asks of it. */
export interface Blank {
  /** Names from the entity to the value, such as `offers.price`. */
  path: string;
  label: string;
  weight: "needed" | "recommended";
  /** “the dates and place”. */
  feature: string;
}

/** What an entity leaves blank, what its features need before what they recommend. */
export function blanksOf(data: PageData, entity: Entity): Blank[] {
  const blanks = new Map<string, Blank>();
  for (const weight of ["needed", "recommended"] as const) {
    for (const { feature, entity: one, missing, recommended } of featuresOf(data)) {
      if (one !== entity || feature.retired) continue;
      for (const { paths, label } of weight === "needed" ? missing : recommended) {
        const path = paths[0] ?? "";
        if (!blanks.has(path)) blanks.set(path, { path, label, weight, feature: feature.shows });
      }
    }
  }
  return [...blanks.values()];
}

const isObject = (value: unknown): value is Record<string, unknown> =>
  typeof value === "object" && value !== null && !Array.isArray(value);

/** A block's text with more in it. */
export interface AddedProperty {
  text: string;
  /** To the value that was said. */
  pointer: string;
  /** A value that has become the first of a list, by its pointers before and after. */
  moved: { from: string; to: string } | null;
}

/**
 * A block's text with one more value said of an entity: things on the way to it are made where they are missing, and a
 * value beside others joins them in a list.
 */
export function addProperty(
  text: string,
  entity: Path,
  names: string,
  value: Json,
  beside: Readonly<Record<string, Json>> = {},
): AddedProperty {
  const steps = names.split(".");
  const path: (string | number)[] = [...entity];
  let at: unknown = JSON.parse(text);
  for (const step of entity) at = (at as Record<string | number, unknown>)[step];
  for (const [i, step] of steps.entries()) {
    const own = isObject(at) ? at[step] : undefined;
    const list = own === undefined ? [] : Array.isArray(own) ? own : [own];
    const inner = list.findIndex(isObject);
    path.push(step);
    if (i < steps.length - 1 && inner >= 0) {
      if (Array.isArray(own)) path.push(inner);
      at = list[inner];
      continue;
    }
    const rest = steps.slice(i + 1);
    const made = nestedValue(steps.slice(i), value, beside);
    let next = own === undefined ? replaceValue(text, path, made) : "";
    let moved: AddedProperty["moved"] = null;
    if (own !== undefined) {
      const behind = [...path, list.length];
      next = Array.isArray(own) ? replaceValue(text, behind, made) : replaceValue(text, path, [own, made]);
      if (!Array.isArray(own)) moved = { from: pointerOf(path), to: pointerOf([...path, 0]) };
      path.push(list.length);
    }
    if (rest.length === 0)
      for (const [name, one] of Object.entries(beside)) next = replaceValue(next, [...path.slice(0, -1), name], one);
    return { text: next, pointer: pointerOf([...path, ...rest]), moved };
  }
  return { text, pointer: pointerOf(path), moved: null };
}

/** What stands at the first of some names: the value, within the things that the names lead through. */
function nestedValue(
  [first = "", ...rest]: readonly string[],
  value: Json,
  beside: Readonly<Record<string, Json>>,
): Json {
  const [name] = rest;
  if (name === undefined) return value;
  const type = typeBehind(first, name);
  return { ...(type && { "@type": type }), [name]: nestedValue(rest, value, beside), ...(rest.length === 1 && beside) };
}

/** The type of the thing that a property leads to, and that can have another one. */
function typeBehind(property: string, next: string): string | null {
  const { properties } = vocabulary();
  const term = properties.get(property);
  const domains = properties.get(next)?.domains ?? [];
  const things = term ? thingsOf(term) : [];
  return things.find((type) => domains.some((one) => isKindOf(type, one))) ?? things[0] ?? null;
}
