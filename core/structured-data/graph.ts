import type { Range } from "../page/page.ts";
import { type Path, pointerOf } from "./json-text.ts";

/** How an entity is written. */
export type Syntax = "json-ld" | "microdata" | "rdfa";

/** Where something is said: a JSON-LD block and the way to it there, or a stretch of the page's source. */
export interface DataPlace {
  /** Index in `PageData.blocks`; -1 for what is written into the markup. */
  block: number;
  path: Path;
  /** Of markup, where it stands in the page's source. */
  range: Range | null;
}

export type Value =
  | { kind: "text"; text: string; language: string | null; datatype: string | null; place: DataPlace }
  | { kind: "number"; number: number; place: DataPlace }
  | { kind: "truth"; truth: boolean; place: DataPlace }
  | { kind: "entity"; entity: Entity; place: DataPlace }
  /** An entity that is named by its address alone. */
  | { kind: "reference"; id: string; place: DataPlace };

export interface Property {
  /** schema.org's name, or a whole address of another vocabulary. */
  name: string;
  /** As it is written. */
  written: string;
  values: Value[];
  place: DataPlace;
}

export interface Entity {
  /** Absolute where it can be made so; null where none is given. */
  id: string | null;
  /** schema.org's names, or whole addresses of other vocabularies. */
  types: string[];
  properties: Property[];
  syntax: Syntax;
  /** The entity that it stands within; null for an outermost one. */
  within: Entity | null;
  place: DataPlace;
  /** Where its types are said. */
  typePlace: DataPlace;
}

/** The values of a property, in order; none where it is not there. */
export function valuesOf(entity: Entity, name: string): readonly Value[] {
  // A name stands once among the properties of an entity: readers bring equal ones together.
  return entity.properties.find((property) => property.name === name)?.values ?? NOTHING;
}

const NOTHING: readonly Value[] = [];

/** A value as a reader would see it; "" for an entity. */
export function textOfValue(value: Value | undefined): string {
  if (!value) return "";
  if (value.kind === "text") return value.text;
  if (value.kind === "number") return String(value.number);
  if (value.kind === "truth") return String(value.truth);
  return value.kind === "reference" ? value.id : "";
}

export const textOf = (entity: Entity, name: string): string => textOfValue(valuesOf(entity, name)[0]);

/** What an entity is called: its name, headline, question or words. */
export const nameOf = (entity: Entity): string =>
  textOf(entity, "name") || textOf(entity, "headline") || textOf(entity, "text") || textOf(entity, "title");

/** An address as schema.org's own name; null where it is of another vocabulary. */
export function schemaName(address: string): string | null {
  return /^https?:\/\/(?:www\.)?schema\.org\/([^/?#]+)$/.exec(address)?.[1] ?? null;
}

/** The index of the block that a pointer of `pointerTo` leads into; -1 if it leads into the markup. */
export const blockOfPointer = (pointer: string): number =>
  pointer.startsWith("markup ") ? -1 : Number.parseInt(pointer, 10);

/** Names a place of structured data: its block and JSON pointer, or where it stands in the markup. */
export const pointerTo = ({ block, path, range }: DataPlace): string =>
  block < 0 ? `markup ${range?.start ?? 0}` : `${block}${pointerOf(path)}`;
