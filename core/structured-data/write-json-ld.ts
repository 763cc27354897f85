import type { Entity, Value } from "./graph.ts";

type Json = string | number | boolean | { [name: string]: Json } | Json[];

const jsonOf = (value: Value): Json => {
  if (value.kind === "entity") return objectOf(value.entity);
  if (value.kind === "reference") return { "@id": value.id };
  if (value.kind === "number") return value.number;
  if (value.kind === "truth") return value.truth;
  const { text, language, datatype } = value;
  if (language === null && datatype === null) return text;
  return {
    "@value": text,
    ...(language !== null && { "@language": language }),
    ...(datatype !== null && { "@type": datatype }),
  };
};

const one = <T>(list: readonly T[]): T | T[] => (list.length === 1 ? (list[0] as T) : [...list]);

function objectOf({ id, types, properties }: Entity): { [name: string]: Json } {
  return {
    ...(types.length > 0 && { "@type": one(types) }),
    ...(id !== null && { "@id": id }),
    ...Object.fromEntries(properties.map(({ name, values }) => [name, one(values.map(jsonOf))])),
  };
}

/** Outermost entities as a document of JSON-LD, one by itself or several as a graph; names in the order in which they were said. */
export function writeJsonLd(entities: readonly Entity[]): string {
  const objects = entities.map(objectOf);
  const [first] = objects;
  const body = objects.length === 1 && first ? first : { "@graph": objects };
  return JSON.stringify({ "@context": "https://schema.org", ...body }, null, 2);
}
