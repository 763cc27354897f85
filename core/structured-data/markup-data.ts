import { resolveAddress } from "../address/address.ts";
import { collapse } from "../page/page.ts";
import { attribute, type ElementNode, type ParentNode, parseSource, type TreeNode } from "../page/parse.ts";
import { type DataPlace, type Entity, schemaName, type Value } from "./graph.ts";

const ADDRESS_OF: Record<string, string> = {
  a: "href",
  area: "href",
  link: "href",
  audio: "src",
  embed: "src",
  iframe: "src",
  img: "src",
  source: "src",
  track: "src",
  video: "src",
  object: "data",
};

const words = (text: string | null) => text?.trim().split(/\s+/).filter(Boolean) ?? [];
const placeAt = ({ start, end }: ElementNode): DataPlace => ({ block: -1, path: [], range: { start, end } });
const placeOfTag = ({ start, startEnd }: ElementNode): DataPlace => ({
  block: -1,
  path: [],
  range: { start, end: startEnd },
});

function textIn(node: ParentNode): string {
  return node.children
    .map((child) => (child.type === "text" ? child.text : child.type === "element" ? textIn(child) : ""))
    .join("");
}

/** What an element says as a property: an address, a machine's value, or its words (HTML Living Standard 5.2.4). */
function plainValue(element: ElementNode, base: string): Value {
  const place = placeAt(element);
  const text = (value: string): Value => ({ kind: "text", text: value, language: null, datatype: null, place });
  const content = attribute(element, "content");
  if (content !== null) return text(content);
  const from = ADDRESS_OF[element.tag];
  const address = from && attribute(element, from);
  if (address) return { kind: "reference", id: resolveAddress(address, base) ?? address, place };
  if (element.tag === "data" || element.tag === "meter") return text(attribute(element, "value") ?? "");
  if (element.tag === "time") return text(attribute(element, "datetime") ?? collapse(textIn(element)));
  return text(collapse(textIn(element)));
}

const add = (entity: Entity, name: string, written: string, value: Value) => {
  const there = entity.properties.find((one) => one.name === name);
  if (there) there.values.push(value);
  else entity.properties.push({ name, written, values: [value], place: value.place });
};

/** What is written into the markup as data. */
export interface MarkupData {
  /** Of microdata (HTML Living Standard 5) and RDFa Lite 1.1, in the order of the page. */
  entities: Entity[];
  /** Items whose `itemref` leads back to themselves, or on and on; what it leads to is not read again. */
  tangled: DataPlace[];
}

/** Items within items that are followed, and elements that `itemref` leads to, all in all: pages have a handful of either. */
export const DEEPEST_ITEM = 60;
const MAX_REFERRED = 5_000;
/** Of tangled items the first few are named. */
const MAX_TANGLED = 20;

export function readMarkupData(source: string, base: string): MarkupData {
  const { entities, tangled } = readCarried(source, base);
  return { entities, tangled };
}

/** An element that says something as data, with the attributes by which it does. */
export interface Carrier {
  element: ElementNode;
  attributes: ReadonlySet<string>;
}

/** The elements by which a page says its microdata and RDFa, in the order of the page. */
export const carriersOf = (source: string, base: string): Carrier[] =>
  [...readCarried(source, base).carriers]
    .map(([element, attributes]) => ({ element, attributes }))
    .sort((a, b) => a.element.start - b.element.start);

function readCarried(source: string, base: string) {
  const carriers = new Map<ElementNode, Set<string>>();
  const carries = (element: ElementNode, ...names: string[]) => {
    const known = carriers.get(element) ?? new Set();
    carriers.set(element, known);
    for (const name of names) if (attribute(element, name) !== null) known.add(name);
  };
  const { document } = parseSource(source);
  const entities: Entity[] = [];
  const byId = new Map<string, ElementNode>();
  const index = (node: TreeNode | ParentNode) => {
    if (node.type === "element") {
      const id = attribute(node, "id");
      if (id !== null && !byId.has(id)) byId.set(id, node);
    }
    if ("children" in node) for (const child of node.children) index(child);
  };
  index(document);

  const tangled: DataPlace[] = [];
  /** Items around the one that is read. */
  const open = new Set<ElementNode>();
  /** Elements that have been read because an `itemref` led to them or to what is around them. */
  let referred = 0;
  let borrowing = 0;
  const tangles = (node: ElementNode) => {
    if (tangled.length < MAX_TANGLED) tangled.push(placeOfTag(node));
  };
  const values = new Map<ElementNode, Value>();
  const propertyValue = (node: ElementNode): Value => {
    const value = values.get(node) ?? plainValue(node, base);
    values.set(node, value);
    return value;
  };

  /** Reads an element and all in it; `seen` are the elements that the item around has been through already (HTML 5.2.5). */
  const microdata = (node: TreeNode, owner: Entity | null, vocabulary: string, seen: Set<ElementNode>): void => {
    if (node.type !== "element" || (owner && seen.has(node))) return;
    const names = owner ? words(attribute(node, "itemprop")) : [];
    const scoped = attribute(node, "itemscope") !== null;
    if (owner && (scoped || names.length > 0)) seen.add(node);
    if (borrowing > 0) referred++;
    if (scoped || names.length > 0) carries(node, "itemscope", "itemtype", "itemid", "itemref", "itemprop");
    if (!scoped) {
      if (owner) for (const name of names) add(owner, named(name, vocabulary), name, propertyValue(node));
      for (const child of node.children) microdata(child, owner, vocabulary, seen);
      return;
    }
    if (open.has(node) || open.size >= DEEPEST_ITEM) {
      tangles(node);
      return;
    }
    const types = words(attribute(node, "itemtype"));
    const id = attribute(node, "itemid");
    const entity: Entity = {
      id: id === null ? null : (resolveAddress(id, base) ?? id),
      types: types.map((type) => schemaName(type) ?? type),
      properties: [],
      syntax: "microdata",
      within: names.length > 0 ? owner : null,
      place: placeAt(node),
      typePlace: placeOfTag(node),
    };
    entities.push(entity);
    if (owner)
      for (const name of names)
        add(owner, named(name, vocabulary), name, { kind: "entity", entity, place: entity.place });
    const inner = types[0]?.replace(/[^/#]*$/, "") ?? "";
    open.add(node);
    const been = new Set([node]);
    for (const ref of new Set(words(attribute(node, "itemref")))) {
      const other = byId.get(ref);
      // An element that lies around the item would hold itself.
      if (!other || (other.start <= node.start && other.end >= node.end)) continue;
      if (referred > MAX_REFERRED) {
        tangles(node);
        break;
      }
      borrowing++;
      microdata(other, entity, inner, been);
      borrowing--;
    }
    for (const child of node.children) microdata(child, entity, inner, been);
    open.delete(node);
  };

  const rdfa = (node: TreeNode, owner: Entity | null, outer: string, prefixes: ReadonlyMap<string, string>): void => {
    if (node.type !== "element") return;
    const vocabulary = attribute(node, "vocab") ?? outer;
    let known = prefixes;
    const declared = words(attribute(node, "prefix"));
    if (declared.length > 1) {
      const more = new Map(prefixes);
      for (let i = 0; i + 1 < declared.length; i += 2)
        more.set((declared[i] ?? "").replace(/:$/, ""), declared[i + 1] ?? "");
      known = more;
    }
    const address = (name: string) => {
      const colon = name.indexOf(":");
      const prefix = colon > 0 ? known.get(name.slice(0, colon)) : undefined;
      return prefix !== undefined ? prefix + name.slice(colon + 1) : colon > 0 ? name : vocabulary + name;
    };
    const short = (name: string) => schemaName(address(name)) ?? address(name);
    const types = words(attribute(node, "typeof"));
    // Social previews use the same attribute on meta elements, with prefixes of their own: they are no entities.
    const names = owner
      ? words(attribute(node, "property")).filter((name) => vocabulary !== "" || known.has(name.split(":")[0] ?? ""))
      : [];
    if (attribute(node, "vocab")) carries(node, "vocab");
    let inner = owner;
    if (types.length > 0 && (vocabulary !== "" || types.some((type) => type.includes(":")))) {
      const id =
        attribute(node, "resource") ?? (names.length > 0 ? (attribute(node, "href") ?? attribute(node, "src")) : null);
      const entity: Entity = {
        id: id === null ? null : (resolveAddress(id, base) ?? id),
        types: types.map(short),
        properties: [],
        syntax: "rdfa",
        within: names.length > 0 ? owner : null,
        place: placeAt(node),
        typePlace: placeOfTag(node),
      };
      entities.push(entity);
      carries(node, "typeof", "resource", ...(owner && names.length > 0 ? ["property"] : []));
      if (owner)
        for (const name of names) add(owner, short(name), name, { kind: "entity", entity, place: entity.place });
      inner = entity;
    } else if (owner) {
      if (names.length > 0) carries(node, "property", "resource");
      const resource = attribute(node, "resource");
      for (const name of names)
        add(
          owner,
          short(name),
          name,
          resource === null
            ? plainValue(node, base)
            : { kind: "reference", id: resolveAddress(resource, base) ?? resource, place: placeAt(node) },
        );
    }
    for (const child of node.children) rdfa(child, inner, vocabulary, known);
  };

  for (const child of document.children) microdata(child, null, "", new Set());
  for (const child of document.children) rdfa(child, null, "", new Map([["schema", "http://schema.org/"]]));
  return { entities, tangled, carriers };
}

const named = (name: string, vocabulary: string) =>
  /^[a-z][a-z0-9+.-]*:/i.test(name)
    ? (schemaName(name) ?? name)
    : (schemaName(vocabulary + name) ?? (vocabulary + name || name));
