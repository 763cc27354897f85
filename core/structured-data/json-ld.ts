import { resolveAddress } from "../address/address.ts";
import { type DataPlace, type Entity, type Property, schemaName } from "./graph.ts";
import type { Path } from "./json-text.ts";

/** What a context says, as far as it is read here. */
interface Context {
  /** What names without a colon are put behind; null where none is declared. */
  vocabulary: string | null;
  terms: Terms;
  language: string | null;
  /** It names a context that is never fetched. */
  foreign?: boolean;
}

/**
 * Terms and prefixes with what they stand for; null for a name that is to be passed over. What one context adds lies over
 * the terms of those around it, which are not copied: a block may have thousands of both.
 */
class Terms {
  private readonly terms = new Map<string, TermDefinition | null>();
  constructor(private readonly outer: Terms | null = null) {}

  get none(): boolean {
    return this.terms.size === 0 && (this.outer?.none ?? true);
  }

  /** What a name stands for; undefined where no context says. */
  get(name: string): TermDefinition | null | undefined {
    const known = this.terms.get(name);
    return known === undefined ? this.outer?.get(name) : known;
  }

  set(name: string, definition: TermDefinition | null): void {
    this.terms.set(name, definition);
  }
}

interface TermDefinition {
  address: string;
  /** `@id` for values that are addresses, else the datatype of its texts. */
  type: string | null;
  language?: string | null;
}

/** Something about a context that an editor should know. */
export interface ContextNote {
  kind: "http" | "unknown" | "missing";
  address: string;
  place: DataPlace;
}

export interface ReadBlock {
  /** Outermost entities first, each followed by those within it. */
  entities: Entity[];
  notes: ContextNote[];
  /** It uses more of JSON-LD than is read here; `expanded` must be read in its place. */
  beyond: boolean;
  /** Entities nested deeper than is looked at. */
  tooDeep: boolean;
}

/** Entities within entities that are followed. */
export const DEEPEST = 60;
const EMPTY: Context = { vocabulary: null, terms: new Terms(), language: null };
/** Keywords whose reading is left to the reference implementation. */
const BEYOND = new Set(["@reverse", "@nest", "@included", "@import", "@propagate", "@json"]);

type Json = unknown;
type JsonObject = Record<string, Json>;
const isObject = (value: Json): value is JsonObject =>
  typeof value === "object" && value !== null && !Array.isArray(value);
const listOf = (value: Json): Json[] => (Array.isArray(value) ? value : value === undefined ? [] : [value]);

/**
 * The entities of one JSON-LD document (JSON-LD 1.1, expansion and the node map, sections 4 and 5 of its API), as far as
 * pages use it: contexts of schema.org, vocabularies, terms and prefixes, graphs, lists, typed values and languages.
 */
export function readJsonLd(document: Json, block: number, base: string): ReadBlock {
  const read: ReadBlock = { entities: [], notes: [], beyond: false, tooDeep: false };
  new Reader(read, base).top(document, EMPTY, new At(block, null, ""));
  return read;
}

/** A place in a block, as the step from the place around it: most are never asked for, so that ways are made only then. */
class At implements DataPlace {
  readonly range = null;

  constructor(
    readonly block: number,
    private readonly around: At | null,
    private readonly step: string | number,
  ) {}

  in(step: string | number): At {
    return new At(this.block, this, step);
  }

  get path(): Path {
    const steps: (string | number)[] = [];
    for (let at: At = this; at.around !== null; at = at.around) steps.push(at.step);
    return steps.reverse();
  }
}

/** What a value stands in. */
interface Around {
  entity: Entity;
  context: Context;
  depth: number;
  /** Some of its names are not schema.org's own as they are written. */
  mixed: boolean;
  /** Its properties by name, once they are mixed. */
  byName?: Map<string, Property>;
}

/** Whether a name is schema.org's own as it is written: nearly all are. */
const isPlainName = (name: string, { vocabulary, terms }: Context): boolean =>
  vocabulary === "http://schema.org/" && isWord(name) && (terms.none || terms.get(name) === undefined);

/** Names that have been looked at: nearly all come again. */
const words = new Map<string, boolean>();
const WORDS = 10_000;

function isWord(name: string): boolean {
  let known = words.get(name);
  if (known === undefined) {
    known = /^\w+$/.test(name);
    if (words.size >= WORDS) words.clear();
    words.set(name, known);
  }
  return known;
}

const AT = "@".charCodeAt(0);
/** Whether an object says something beside its type and its own name in a keyword: a context, a value, a list. */
const hasKeywords = (keys: readonly string[]): boolean =>
  keys.some((key) => key.charCodeAt(0) === AT && key !== "@type" && key !== "@id");

/** The keyword that a name stands for; otherwise the name. */
const keywordOf = (name: string, { terms }: Context): string =>
  terms.none ? name : (terms.get(name)?.address ?? name);

class Reader {
  private readonly noted = new Set<string>();

  constructor(
    private readonly read: ReadBlock,
    private readonly base: string,
  ) {}

  top(value: Json, context: Context, at: At): void {
    if (Array.isArray(value)) for (const [i, one] of value.entries()) this.top(one, context, at.in(i));
    else if (isObject(value)) this.object(value, context, at, null, 0);
  }

  private note(kind: ContextNote["kind"], address: string, at: At): void {
    const known = `${kind} ${address}`;
    if (this.noted.has(known)) return;
    this.noted.add(known);
    this.read.notes.push({ kind, address, place: at });
  }

  private context(value: Json, outer: Context, at: At): Context {
    let context = outer;
    // All contexts of one list make one layer.
    let layer: Terms | null = null;
    for (const one of listOf(value)) {
      if (one === null) {
        context = EMPTY;
        layer = null;
      } else if (typeof one === "string") {
        if (
          /^https?:\/\/(?:www\.)?schema\.org(?:\/(?:docs\/jsonldcontext\.jsonl?d?(?:on)?)?)?\/?#?$/i.test(one.trim())
        ) {
          if (/^http:/i.test(one.trim())) this.note("http", one, at);
          context = { ...context, vocabulary: "http://schema.org/" };
        } else {
          this.note("unknown", one, at);
          context = { ...context, foreign: true };
        }
      } else if (isObject(one)) {
        layer ??= new Terms(context.terms);
        context = this.contextOf(one, context, layer, at);
      }
    }
    return context;
  }

  private contextOf(own: JsonObject, outer: Context, terms: Terms, at: At): Context {
    let { vocabulary, language } = outer;
    for (const [name, value] of Object.entries(own)) {
      if (name === "@vocab") {
        if (value === null) vocabulary = null;
        else if (typeof value === "string") {
          if (/^http:\/\/(?:www\.)?schema\.org/i.test(value)) this.note("http", value, at);
          vocabulary = value.replace(/^https:\/\/(?:www\.)?schema\.org/i, "http://schema.org");
        }
      } else if (name === "@language") language = typeof value === "string" ? value : null;
      else if (name.startsWith("@") && name !== "@version") this.read.beyond = true;
    }
    const within: Context = { vocabulary, terms, language };
    for (const [name, value] of Object.entries(own)) {
      if (name.startsWith("@")) continue;
      if (value === null) terms.set(name, null);
      else if (typeof value === "string") {
        const address = value.startsWith("@") ? value : this.address(value, within);
        terms.set(name, address === null ? null : { address, type: null });
      } else if (isObject(value)) {
        const plain = Object.keys(value).every((key) => key === "@id" || key === "@type" || key === "@language");
        if (!plain) this.read.beyond = true;
        const id = typeof value["@id"] === "string" ? value["@id"] : name;
        const address = id.startsWith("@") ? id : this.address(id, within);
        const type = typeof value["@type"] === "string" ? value["@type"] : null;
        terms.set(
          name,
          address === null
            ? null
            : {
                address,
                type: type === null || type.startsWith("@") ? type : this.address(type, within),
                ...("@language" in value && { language: value["@language"] as string | null }),
              },
        );
      }
    }
    return within;
  }

  /** A name as an address; null where it stands for none. Names of keywords are given back as they are. */
  private address(name: string, context: Context): string | null {
    if (name.startsWith("@")) return name;
    const term = context.terms.get(name);
    if (term !== undefined) return term?.address ?? null;
    const colon = name.indexOf(":");
    if (colon > 0) {
      const prefix = name.slice(0, colon);
      const rest = name.slice(colon + 1);
      if (prefix === "_" || rest.startsWith("//"))
        return name.replace(/^https:\/\/(?:www\.)?schema\.org\//i, "http://schema.org/");
      const known = context.terms.get(prefix);
      return known ? known.address + rest : name;
    }
    return context.vocabulary === null ? null : context.vocabulary + name;
  }

  private shortened(address: string): string {
    return schemaName(address) ?? address;
  }

  private id(value: Json): string | null {
    if (typeof value !== "string") return null;
    return value.startsWith("_:") ? value : (resolveAddress(value, this.base) ?? value);
  }

  private object(value: JsonObject, outer: Context, at: At, within: Entity | null, depth: number): Entity | null {
    const keys = Object.keys(value);
    const special = hasKeywords(keys);
    const context = special && "@context" in value ? this.context(value["@context"], outer, at.in("@context")) : outer;
    if (special && "@graph" in value) {
      this.top(value["@graph"], context, at.in("@graph"));
      // What stands beside the graph is an entity only where it says something itself.
      if (keys.every((key) => key === "@context" || key === "@graph" || key === "@id")) return null;
    }
    if (depth >= DEEPEST) {
      this.read.tooDeep = true;
      return null;
    }
    const entity: Entity = {
      id: null,
      types: [],
      properties: [],
      syntax: "json-ld",
      within,
      place: at,
      typePlace: at,
    };
    this.read.entities.push(entity);
    if (context.vocabulary === null && context.terms.none && !context.foreign) this.note("missing", "", at);
    const around: Around = { entity, context, depth, mixed: false };
    for (const key of keys) {
      if (special && (key === "@context" || key === "@graph")) continue;
      const name = keywordOf(key, context);
      const place = at.in(key);
      if (name.charCodeAt(0) !== AT) this.property(around, key, value[key], place);
      else if (name === "@id") entity.id = this.id(value[key]);
      else if (name === "@type") {
        entity.typePlace = place;
        for (const type of listOf(value[key])) {
          if (typeof type !== "string") continue;
          if (isPlainName(type, context)) {
            entity.types.push(type);
            continue;
          }
          const address = this.address(type, context);
          // A type that stands for nothing is an address beside the page's own.
          entity.types.push(this.shortened(address ?? resolveAddress(type, this.base) ?? type));
        }
      } else if (BEYOND.has(name)) this.read.beyond = true;
    }
    return entity;
  }

  private property(around: Around, key: string, value: Json, at: At): void {
    const { entity, context } = around;
    const term = context.terms.get(key);
    let name = key;
    if (!isPlainName(key, context)) {
      around.mixed = true;
      const address = this.address(key, context);
      // Names that stand for no address are passed over, as every reader does (JSON-LD 1.1 API 5.1.2, step 13.4.2).
      if (address === null || !address.includes(":")) return;
      name = this.shortened(address);
    }
    const written = name !== key && key.includes("://") ? name : key;
    const property: Property = { name, written, values: [], place: at };
    this.values(property, around, value, term ?? null, at);
    // A property that only says null says nothing.
    if (property.values.length === 0) return;
    // Only names that are written in several ways can come twice.
    if (around.mixed) {
      around.byName ??= new Map(entity.properties.map((one) => [one.name, one]));
      const same = around.byName.get(property.name);
      if (same) {
        for (const one of property.values) same.values.push(one);
        return;
      }
      around.byName.set(property.name, property);
    }
    entity.properties.push(property);
  }

  private values(property: Property, around: Around, value: Json, term: TermDefinition | null, at: At): void {
    const { context } = around;
    if (value === null || value === undefined) return;
    const place = at;
    if (Array.isArray(value)) {
      for (const [i, one] of value.entries()) this.values(property, around, one, term, at.in(i));
    } else if (typeof value === "string") {
      if (term?.type === "@id" || term?.type === "@vocab") {
        const id = term.type === "@vocab" ? this.address(value, context) : this.id(value);
        property.values.push({ kind: "reference", id: id ?? value, place });
      } else {
        const language = term?.type ? null : term?.language === undefined ? context.language : term.language;
        property.values.push({ kind: "text", text: value, language, datatype: term?.type ?? null, place });
      }
    } else if (typeof value === "number") property.values.push({ kind: "number", number: value, place });
    else if (typeof value === "boolean") property.values.push({ kind: "truth", truth: value, place });
    else if (isObject(value)) this.objectValue(property, around, value, term, at);
  }

  private objectValue(
    property: Property,
    around: Around,
    value: JsonObject,
    term: TermDefinition | null,
    at: At,
  ): void {
    const { entity, context, depth } = around;
    const place = at;
    const all = Object.keys(value);
    const special = hasKeywords(all);
    if (special && "@value" in value) {
      const literal = value["@value"];
      const datatype = typeof value["@type"] === "string" ? this.address(value["@type"], context) : null;
      const language = typeof value["@language"] === "string" ? value["@language"] : null;
      if (typeof literal === "string") property.values.push({ kind: "text", text: literal, language, datatype, place });
      else this.values(property, around, literal, null, at.in("@value"));
    } else if (special && ("@list" in value || "@set" in value)) {
      const name = "@list" in value ? "@list" : "@set";
      this.values(property, around, value[name], term, at.in(name));
    } else {
      const keys = special ? all.filter((key) => key !== "@context") : all;
      const [idName] = keys;
      if (keys.length === 1 && idName && keywordOf(idName, context) === "@id") {
        const id = this.id(value[idName]);
        if (id !== null) property.values.push({ kind: "reference", id, place });
        return;
      }
      const inner = this.object(value, context, at, entity, depth + 1);
      if (inner) property.values.push({ kind: "entity", entity: inner, place });
    }
  }
}
