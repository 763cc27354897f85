import { baseOf, type Page, type Range } from "../page/page.ts";
import { type DataPlace, type Entity, type Value, valuesOf } from "./graph.ts";
import { type ContextNote, type ReadBlock, readJsonLd } from "./json-ld.ts";
import { type JsonRead, rangeAt, readJson } from "./json-text.ts";
import { readMarkupData } from "./markup-data.ts";

/** One script element of JSON-LD. */
export interface DataBlockRead {
  text: string;
  /** Where the text stands in the page's source. */
  range: Range;
  json: JsonRead;
  /** It was read as it stands, so that each value has its place in it; what was expanded first has lost them. */
  placed: boolean;
}

/** Everything that a page states as structured data, in one graph. */
export interface PageData {
  blocks: DataBlockRead[];
  /** Of all blocks and of the markup, outermost ones before those within them. */
  entities: Entity[];
  /** Those that stand within no other. */
  roots: Entity[];
  byId: ReadonlyMap<string, readonly Entity[]>;
  notes: ContextNote[];
  /** Indexes of blocks that use more of JSON-LD than is read at once. */
  beyond: number[];
  /** Indexes of blocks whose entities are nested deeper than is looked at. */
  tooDeep: number[];
  /** Items of microdata whose `itemref` leads back to themselves, or on and on. */
  tangled: DataPlace[];
}

/** Blocks that use more of JSON-LD, as the reference implementation has expanded them, by their text. */
const expanded = new Map<string, unknown>();
const REMEMBERED = 200;

/** Keeps what a block says in full, for the next reading of the same text. */
export function rememberExpanded(text: string, document: unknown): void {
  if (expanded.size >= REMEMBERED) expanded.clear();
  expanded.set(text, document);
}

const NOTHING: PageData = {
  blocks: [],
  entities: [],
  roots: [],
  byId: new Map(),
  notes: [],
  beyond: [],
  tooDeep: [],
  tangled: [],
};
const read = new WeakMap<Page["data"], { address: string; source: string; expandedBefore: number; data: PageData }>();

/** Reads all structured data of a page, once for the same blocks and source. Never throws. */
export function dataOf(page: Pick<Page, "data" | "address" | "base" | "source" | "format">): PageData {
  const known = read.get(page.data);
  if (known && known.address === baseOf(page) && known.source === page.source && known.expandedBefore === expanded.size)
    return known.data;
  const inMarkup = page.format === "html" && /\s(?:itemscope|typeof|vocab)\b/i.test(page.source);
  const data = page.data.length === 0 && !inMarkup ? NOTHING : readAll(page, inMarkup);
  read.set(page.data, { address: baseOf(page), source: page.source, expandedBefore: expanded.size, data });
  return data;
}

function readAll(page: Pick<Page, "data" | "address" | "base" | "source">, inMarkup: boolean): PageData {
  const { data, source } = page;
  const base = baseOf(page);
  const blocks = data.map(({ text, range }) => ({
    text,
    range,
    json: readJson(text),
    placed: expanded.get(text) === undefined,
  }));
  const reads: ReadBlock[] = [];
  const beyond: number[] = [];
  const tooDeep: number[] = [];
  for (const [i, { text, json }] of blocks.entries()) {
    if ("fault" in json) continue;
    const whole = expanded.get(text);
    const one = readJsonLd(whole ?? json.value, i, base);
    if (one.tooDeep) tooDeep.push(i);
    if (one.beyond && whole === undefined) beyond.push(i);
    if (whole === undefined) reads.push(one);
    else {
      // What was expanded has lost its contexts and places: those are the block's.
      for (const entity of one.entities) forgetPlaces(entity);
      reads.push({ ...one, notes: readJsonLd(json.value, i, base).notes });
    }
  }
  const entities = reads.flatMap((one) => one.entities);
  const markup = inMarkup ? readMarkupData(source, base) : { entities: [], tangled: [] };
  for (const entity of markup.entities) entities.push(entity);
  const byId = new Map<string, Entity[]>();
  for (const entity of entities) {
    if (entity.id === null) continue;
    const list = byId.get(entity.id);
    if (list) list.push(entity);
    else byId.set(entity.id, [entity]);
  }
  return {
    blocks,
    entities,
    roots: entities.filter(({ within }) => within === null),
    byId,
    notes: reads.flatMap(({ notes }) => notes),
    beyond,
    tooDeep,
    tangled: markup.tangled,
  };
}

function forgetPlaces(entity: Entity): void {
  const nowhere = (said: DataPlace): DataPlace => ({ ...said, path: [] });
  entity.place = nowhere(entity.place);
  entity.typePlace = nowhere(entity.typePlace);
  for (const property of entity.properties) {
    property.place = nowhere(property.place);
    for (const value of property.values) value.place = nowhere(value.place);
  }
}

/** The block in which something is said, where its place in it is known and can be patched. */
export function placedBlock(data: PageData, said: DataPlace): DataBlockRead | undefined {
  const block = data.blocks[said.block];
  return block?.placed ? block : undefined;
}

/** Where something is said, in the page's source. */
export function rangeOf(data: PageData, said: DataPlace, part: "key" | "value" = "value"): Range {
  const block = data.blocks[said.block];
  if (!block) return said.range ?? { start: 0, end: 0 };
  const { start, end } = rangeAt(block.text, said.path, part);
  return { start: block.range.start + start, end: block.range.start + end };
}

/** The entities that a value is: the one within it, or all that bear the id it names. */
export function entitiesOf(data: PageData, value: Value): readonly Entity[] {
  if (value.kind === "entity") return [value.entity];
  return value.kind === "reference" ? (data.byId.get(value.id) ?? []) : [];
}

/** The values of a property with those that other entities of the same id have. */
export function allValuesOf(data: PageData, entity: Entity, name: string): readonly Value[] {
  const same = entity.id === null ? undefined : data.byId.get(entity.id);
  return same && same.length > 1 ? same.flatMap((one) => valuesOf(one, name)) : valuesOf(entity, name);
}
