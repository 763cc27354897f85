import type Joi from "joi";
import type { editSchema } from "#core/exchange/edit-file";
import type { houseStyleSchema } from "#core/exchange/house-style-file";

/** A record as some earlier version has written it. */
export type Old = Record<string, unknown>;

/** What schemas are made of. It is loaded when a backup is read, and is no part of what the first screen needs. */
export interface SchemaParts {
  joi: Joi.Root;
  id: Joi.StringSchema;
  text: Joi.StringSchema;
  count: Joi.NumberSchema;
  texts: Joi.ArraySchema;
  kind: Joi.StringSchema;
  format: Joi.StringSchema;
  /** Bytes, which stand in a backup as base64. */
  bytes: Joi.Schema;
  edit: typeof editSchema;
  houseStyle: typeof houseStyleSchema;
}

/** One table: what its records look like, and what becomes of them. Everything that goes over all tables is made of these. */
export interface Table<R extends object> {
  /** Never there: it lets the compiler know what the records are. */
  readonly record?: R;
  name: string;
  /** What it was called before the version of its last upgrade. */
  formerly?: string;
  /** The version of the schema that it came with, where that is later than the fifth. */
  since?: number;
  /** Dexie's: the key first, then what is looked for. */
  indexes: string;
  /**
   * Whether an action keeps what it changed here, so that undo can put it back: `own` is the editor's, `follows` is
   * worked out from it or learnt elsewhere, and is never touched by undo.
   */
  undo: "own" | "follows";
  /** Written by `transact`: what several writers may change at a time, and what undo, or what follows, looks at. */
  transacted?: boolean;
  /** Written whole without looking at what was there: long, and worked out anew. */
  uncompared?: boolean;
  /** Whether a backup holds it. */
  backup: boolean;
  /** Where keys are numbers that mean nothing elsewhere: what records belong to. A backup puts back all of one owner at once. */
  owner?: keyof R & string;
  /** Fields that a record has which was written before they were known, from storage and from backups. */
  defaults?: Partial<R>;
  /** Fields that a record may lack. */
  optional?: readonly Optional<R>[];
  /** Fields that are no part of what the editor did: an action does not keep them. */
  passing?: readonly (keyof R & string)[];
  /** Fields of which nothing follows that is worked out from a page's source. */
  unseen?: readonly (keyof R & string)[];
  /** A field as undo compares it; where it moves on by itself, without what moves. */
  compared?: (field: string, value: unknown) => unknown;
  /** What makes a record of an earlier version one of the version that the function is named by: fields that it lacks, or has otherwise. */
  upgrades?: Readonly<Record<number, (record: Old) => Old>>;
  /** A schema for each field: the compiler asks for all. */
  fields(parts: SchemaParts): Record<keyof R & string, Joi.Schema>;
}

/** Names of the fields that a record may lack. */
type Optional<R> = { [K in keyof R]-?: undefined extends R[K] ? K : never }[keyof R] & string;

/** A record with the fields that it lacks, if there are defaults for them; the same record if it lacks none. */
export function withDefaults({ defaults }: { defaults?: object }, record: Old): Old {
  if (!defaults) return record;
  for (const name in defaults) if (!(name in record)) return { ...defaults, ...record };
  return record;
}

/** A record of an earlier version as the tables are now. */
export function upgradeRecord({ upgrades = {} }: Pick<Table<never>, "upgrades">, record: Old, from: number): Old {
  const versions = Object.keys(upgrades).map(Number);
  return versions
    .filter((version) => version > from)
    .sort((a, b) => a - b)
    .reduce((was, version) => upgrades[version]?.(was) ?? was, record);
}

/** What the compiler knows of a table by its declaration. */
interface Declared<N, I, W> {
  name: N;
  indexes: I;
  transacted?: W;
}

/** Declares a table of records of one type. */
export const table =
  <R extends object>() =>
  <const N extends string, const I extends string, const W extends boolean = false>(
    declared: Table<R> & Declared<N, I, W>,
  ): Table<R> & Declared<N, I, W> =>
    declared;
