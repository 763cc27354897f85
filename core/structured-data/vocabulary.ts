import { ORIGIN, STRUCTURE } from "./vocabulary.generated.ts";

/** Which data the vocabulary was made from: the package names no release of schema.org, so that its content's hash does. */
export const MADE_FROM = `schema.org as in ${ORIGIN.package} ${ORIGIN.version}, content ${ORIGIN.sha256.slice(0, 12)}`;

/** A class of schema.org. */
export interface TypeTerm {
  name: string;
  parents: readonly string[];
  /** Text, Number, Date and their like, which are values rather than things. */
  isData: boolean;
  /** Proposed, and not yet part of the core vocabulary. */
  pending: boolean;
  supersededBy: readonly string[];
}

export interface PropertyTerm {
  name: string;
  /** Types it is meant for. */
  domains: readonly string[];
  /** Types its values are meant to have. */
  ranges: readonly string[];
  parents: readonly string[];
  pending: boolean;
  supersededBy: readonly string[];
}

/** A value that an enumeration lists, such as InStock. */
export interface MemberTerm {
  name: string;
  types: readonly string[];
  pending: boolean;
  supersededBy: readonly string[];
}

export interface Vocabulary {
  types: ReadonlyMap<string, TypeTerm>;
  properties: ReadonlyMap<string, PropertyTerm>;
  members: ReadonlyMap<string, MemberTerm>;
}

let decoded: Vocabulary | null = null;

/** schema.org's structure, unpacked at its first use. */
export function vocabulary(): Vocabulary {
  decoded ??= unpackVocabulary();
  return decoded;
}

export function unpackVocabulary(): Vocabulary {
  const [typeLines = [], propertyLines = [], memberLines = []] = STRUCTURE.split("\n\n").map((part) =>
    part.split("\n").map((line) => line.split("\t")),
  );
  const typeNames = typeLines.map(([name = ""]) => name);
  const propertyNames = propertyLines.map(([name = ""]) => name);
  const named = (packed: string | undefined, names: readonly string[]) =>
    packed ? packed.split(",").map((at) => names[Number.parseInt(at, 36)] ?? "") : [];
  const listed = (packed: string | undefined) => (packed ? packed.split(",") : []);
  return {
    types: new Map(
      typeLines.map(([name = "", parents, flag, newer]) => [
        name,
        {
          name,
          parents: named(parents, typeNames),
          isData: flag === "d",
          pending: flag === "p",
          supersededBy: listed(newer),
        },
      ]),
    ),
    properties: new Map(
      propertyLines.map(([name = "", domains, ranges, parents, flag, newer]) => [
        name,
        {
          name,
          domains: named(domains, typeNames),
          ranges: named(ranges, typeNames),
          parents: named(parents, propertyNames),
          pending: flag === "p",
          supersededBy: listed(newer),
        },
      ]),
    ),
    members: new Map(
      memberLines.map(([name = "", types, flag, newer]) => [
        name,
        { name, types: named(types, typeNames), pending: flag === "p", supersededBy: listed(newer) },
      ]),
    ),
  };
}

const ancestors = new Map<string, ReadonlySet<string>>();

/** A type with all types that it is a kind of; only itself where schema.org does not know it. */
export function lineOf(type: string): ReadonlySet<string> {
  let line = ancestors.get(type);
  if (!line) {
    const found = new Set<string>([type]);
    // A set that grows while it is walked is walked to its end.
    for (const one of found) for (const parent of vocabulary().types.get(one)?.parents ?? []) found.add(parent);
    line = found;
    if (vocabulary().types.has(type)) ancestors.set(type, line);
  }
  return line;
}

/** Whether a type is another or a kind of it. */
export const isKindOf = (type: string, other: string): boolean => type === other || lineOf(type).has(other);

/** Whether a type is of values, such as Text or Integer, rather than of things. */
export const isDataType = (type: string): boolean =>
  [...lineOf(type)].some((one) => vocabulary().types.get(one)?.isData === true);

const offered = new Map<string, readonly PropertyTerm[]>();

/** The properties that schema.org means for a type and for what it is a kind of, its own first. */
export function propertiesOf(type: string): readonly PropertyTerm[] {
  let properties = offered.get(type);
  if (!properties) {
    const line = [...lineOf(type)];
    const rank = ({ domains }: PropertyTerm) =>
      Math.min(...domains.map((one) => line.indexOf(one)).filter((at) => at >= 0));
    properties = [...vocabulary().properties.values()]
      .filter(({ domains }) => domains.some((one) => line.includes(one)))
      .sort((a, b) => rank(a) - rank(b) || (a.name < b.name ? -1 : 1));
    offered.set(type, properties);
  }
  return properties;
}

const listed = new Map<string, readonly MemberTerm[]>();

/** The members of an enumeration and of its kinds. */
export function membersOf(enumeration: string): readonly MemberTerm[] {
  let members = listed.get(enumeration);
  if (!members) {
    members = [...vocabulary().members.values()].filter(({ types }) => types.some((one) => isKindOf(one, enumeration)));
    listed.set(enumeration, members);
  }
  return members;
}

/** Slips between two names: letters left out, added, changed, or in the wrong order; counted no further than `most`. */
export function distance(a: string, b: string, most: number): number {
  if (Math.abs(a.length - b.length) > most) return most + 1;
  let before: number[] = [];
  let last = Array.from({ length: b.length + 1 }, (_, i) => i);
  for (let i = 1; i <= a.length; i++) {
    const row = [i];
    for (let j = 1; j <= b.length; j++) {
      const same = a[i - 1] === b[j - 1] ? 0 : 1;
      let least = Math.min((last[j] ?? 0) + 1, (row[j - 1] ?? 0) + 1, (last[j - 1] ?? 0) + same);
      if (i > 1 && j > 1 && a[i - 1] === b[j - 2] && a[i - 2] === b[j - 1])
        least = Math.min(least, (before[j - 2] ?? 0) + 1);
      row.push(least);
    }
    // Once all ways have come too far, none leads back.
    if (Math.min(...row) > most) return most + 1;
    before = last;
    last = row;
  }
  return last[b.length] ?? 0;
}

/** Up to three of the names that are nearest to one that is not among them, nearest first; none that is far off. */
export function nearest(name: string, names: Iterable<string>): string[] {
  const most = name.length <= 4 ? 1 : name.length <= 8 ? 2 : 3;
  const wanted = name.toLowerCase();
  const found: { one: string; off: number }[] = [];
  for (const one of names) {
    const off = distance(wanted, one.toLowerCase(), most);
    if (off <= most) found.push({ one, off });
  }
  return found
    .sort((a, b) => a.off - b.off || Math.abs(a.one.length - name.length) - Math.abs(b.one.length - name.length))
    .slice(0, 3)
    .map(({ one }) => one);
}

/** What is near to names that schema.org does not know: a site says them on many pages. */
const remembered = { types: new Map<string, readonly string[]>(), properties: new Map<string, readonly string[]>() };
const REMEMBERED_NAMES = 1000;

/** The names of schema.org's types or properties that are nearest to one that is none of them, as `nearest` finds them. */
export function nearestTerms(name: string, among: "types" | "properties"): readonly string[] {
  const known = remembered[among];
  let terms = known.get(name);
  if (!terms) {
    terms = nearest(name, vocabulary()[among].keys());
    if (known.size >= REMEMBERED_NAMES) known.clear();
    known.set(name, terms);
  }
  return terms;
}

const lowerCased = new WeakMap<ReadonlyMap<string, unknown>, ReadonlyMap<string, string>>();

/** The name among others that differs from one in its case alone. */
export function inOtherCase(name: string, names: ReadonlyMap<string, unknown>): string | null {
  let lower = lowerCased.get(names);
  if (!lower) {
    lower = new Map(Array.from(names.keys(), (one) => [one.toLowerCase(), one]));
    lowerCased.set(names, lower);
  }
  const found = lower.get(name.toLowerCase());
  return found === undefined || found === name ? null : found;
}
