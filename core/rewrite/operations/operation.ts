import type fc from "fast-check";
import type Joi from "joi";
import type { Page, Range } from "../../page/page.ts";
import type { Clash } from "../../structured-data/merge-json.ts";
import type { Company } from "../company.ts";
import type { Handing } from "../handing.ts";
import type { NodeKey, NodeKind } from "../node.ts";
import type { Patch } from "../patch.ts";
import type { Row } from "../row.ts";

/** What every edit says: its operation, and what it replaces, as it stood in the original; null where there was nothing. */
export interface Shape {
  op: string;
  was: string | number | null;
}

/** How an edit is carried out on a page. The model and the source are both changed by it. */
export interface Change {
  /** What is replaced in the source. */
  patches: () => readonly Patch[];
  /** A stretch of the source that no other edit of the redraft may change. */
  claims?: Range;
  /** Where headings begin that this edit has made: so far into the text of a patch, or before it. */
  makes?: readonly { patch: Patch; offset: number }[];
  /** The page with the change made; where this is missing the source is patched and read again. */
  apply?: (page: Page) => Page;
  /** A text that front matter and spreadsheets hold by its name; null takes it out. */
  field?: { name: string; value: string | null };
  /** The heading that is changed, by its place among the page's, and whether it is none any more. */
  heading?: number;
  removes?: true;
}

/** How an edit is carried out; null where that is done already, or the reason why it cannot be. */
export type Planned = Change | null | string;

/** A change that could not be carried over: the editor decides between the two texts. */
export interface Clashing<E = Shape> {
  /** What stands there now; null where it is not there any more. */
  now: string | null;
  reason: string;
  /** The change as it would be made of what stands there now; null where its place is gone. */
  mine: E | null;
  /** What is left of the change where what stands there now is kept; null or absent for nothing. */
  theirs?: E | null;
  /** The values of structured data that both have changed; what only one has changed is merged. */
  clashes?: Clash[];
}

/** What becomes of an edit when its page is brought in again. */
export type Carried<E = Shape> = { kept: E } | { settled: true } | { conflict: Clashing<E> };

export const SETTLED: { settled: true } = { settled: true };
export const CHANGED = "It has changed on the site since.";

/** What is known when an edit is carried over. */
export interface Carrying<E> {
  /** The new original as read. */
  page: Page;
  /** The edit as it was handed over; null where it was not. */
  handed: E | null;
  handing: Handing | null;
  company: Company;
  plan: (edit: E) => Planned;
}

/** What edits are made of, for tests: words as people and machines write them. */
export interface Samples {
  fc: typeof fc;
  /** One word, and a text of several. */
  word: fc.Arbitrary<string>;
  value: fc.Arbitrary<string>;
  /** One of a page's nodes, with what is made of it; null where the page has none. */
  ofEach<T, E>(list: readonly T[], make: (index: number, one: T) => fc.Arbitrary<E>): fc.Arbitrary<E> | null;
  indexOf(list: readonly unknown[]): fc.Arbitrary<number>;
}

/** What schemas of edits are made of. */
export interface EditSchemas {
  joi: Joi.Root;
  /** A node's key. */
  key: Joi.ObjectSchema;
  /** A text, empty or not; one that must be there; what was there before, or null. */
  text: Joi.StringSchema;
  value: Joi.StringSchema;
  nothing: Joi.StringSchema;
  id: Joi.StringSchema;
  level: Joi.NumberSchema;
}

export interface Bound {
  kind: NodeKind;
  key: NodeKey;
}

/** All that is to be known of one operation: everything that goes over all of them is made of these. */
export interface Operation<E extends Shape> {
  /** What it changes, as change lists and conflicts call it. */
  called: string;
  /** A change list says which node it was. */
  namesNode?: true;
  /** The edit that a row of a change list asks for, or why there is none; where it is missing no row can ask for it. */
  fromRow?(page: Page, row: Row): E | string;
  /** What it holds beside its name and `was`, as a schema; and `was`. */
  schema(parts: EditSchemas): Joi.SchemaMap;
  /** Tells several edits of one node and field apart. */
  slot?(edit: E): string;
  /** The nodes that an edit is bound to. */
  nodes(edit: E): readonly Bound[];
  /** The value that it sets, and what it replaces, as texts. */
  is(edit: E): string;
  was?(edit: E): string;
  /** Whether it would set what was there already, so that it need not be kept. */
  isNothing?(edit: E): boolean;
  /** Afterwards its nodes are elsewhere, something else, or gone: no other edit of theirs can be made beside it. */
  uproots?: true;
  /** The text that names its node from then on, where it changes that. */
  renames?(edit: E): string;
  /** Its nodes are no more: their other edits go with them. */
  ends?: true;
  /** How it is carried out in what a page's source may be. Where one is missing it cannot be done there. */
  plan: {
    html: (page: Page, edit: E) => Planned;
    markdown?: (page: Page, edit: E) => Planned;
    fields?: (page: Page, edit: E) => Planned;
  };
  /** Where its insertion into a head comes among those at one place: title, description, canonical address. */
  headOrder?: number;
  /** What stands at its node, in the terms in which it says what it replaces. */
  standing?(page: Page, index: number): string | number | null;
  carry(edit: E, carrying: Carrying<E>): Carried<E>;
  /** Whether the site has done it, by how often its texts stand there; `slot` names the edit. */
  takenOver?(edit: E, now: Page, handing: Handing, slot: string): boolean;
  /** An edit for a page as the screens make it; null where the page has nothing for it. */
  sample(page: Page, samples: Samples): fc.Arbitrary<E> | null;
}

/** Where its value is the whole of what it says. */
export const valueIn = ({ value }: { value: string }): string => value;

/** Whether the value is what was there. */
export const setsWhatWas = ({ value, was }: { value: string; was: string | null }): boolean => value === (was ?? "");

/** A change that replaces texts of the source alone. */
export const patched = (
  change: (Pick<Change, "makes" | "claims"> & { patches: readonly Patch[] }) | null | string,
): Planned => (change === null || typeof change === "string" ? change : { ...change, patches: () => change.patches });
