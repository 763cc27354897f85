import jsonld from "jsonld";
import { describe, expect, it } from "vitest";
import { type Entity, textOfValue, valuesOf } from "./graph.ts";
import { readJsonLd } from "./json-ld.ts";
import { writeJsonLd } from "./write-json-ld.ts";

const base = "https://a.example/page";

/** The real context of schema.org cannot be fetched here; this one says the same of what the graphs below use. */
const SCHEMA = { "@context": { "@vocab": "http://schema.org/" } };
const documentLoader = (url: string) =>
  Promise.resolve({ document: SCHEMA as never, documentUrl: url, contextUrl: undefined });

/** An entity with all addresses written out, as sets that two readers can be compared by. */
type Plain = { id?: string; types: string[]; says: Record<string, unknown[]> };
const full = (name: string) => (name.includes(":") ? name : `http://schema.org/${name}`);

function ours(entity: Entity): Plain {
  const says: Plain["says"] = {};
  for (const { name, values } of entity.properties) {
    says[full(name)] = values.map((value) => {
      if (value.kind === "entity") return ours(value.entity);
      if (value.kind === "reference") return { id: value.id, types: [], says: {} };
      if (value.kind === "text") return [value.text, value.language, value.datatype];
      return [value.kind === "number" ? value.number : value.truth, null, null];
    });
  }
  return { ...(entity.id !== null && { id: entity.id }), types: entity.types.map(full), says };
}

type Expanded = Record<string, unknown>;
function theirs(node: Expanded): Plain {
  const says: Plain["says"] = {};
  for (const [name, values] of Object.entries(node)) {
    if (name.startsWith("@")) continue;
    const flat = (values as Expanded[]).flatMap((value) =>
      "@list" in value ? (value["@list"] as Expanded[]) : [value],
    );
    const own = flat.map((value) =>
      "@value" in value ? [value["@value"], value["@language"] ?? null, value["@type"] ?? null] : theirs(value),
    );
    if (own.length > 0) says[name] = own;
  }
  return { ...("@id" in node && { id: node["@id"] as string }), types: (node["@type"] as string[]) ?? [], says };
}

const graphs: Record<string, unknown> = {
  "a plain entity": {
    "@context": "https://schema.org",
    "@type": "Product",
    name: "Lamp",
    weight: 4,
    isFamilyFriendly: true,
  },
  "types and values in lists": {
    "@context": "http://schema.org/",
    "@type": ["Product", "Book"],
    name: ["Lamp", "Log"],
  },
  "entities in entities": {
    "@context": "https://schema.org",
    "@type": "Event",
    location: { "@type": "Place", address: { "@type": "PostalAddress", addressLocality: "Gullhaven" } },
  },
  "a graph with references": {
    "@context": "https://schema.org",
    "@graph": [
      { "@type": "Article", "@id": "#a", author: { "@id": "#b" } },
      { "@type": "Person", "@id": "#b", name: "Wren" },
    ],
  },
  "several outermost entities": [
    { "@context": "https://schema.org", "@type": "Person", name: "Wren" },
    { "@context": "https://schema.org", "@type": "Person", name: "Odile" },
  ],
  "a context with a vocabulary": { "@context": { "@vocab": "http://schema.org/" }, "@type": "Person", name: "Wren" },
  "a context in a list": {
    "@context": ["https://schema.org", { "@language": "fr" }],
    "@type": "Person",
    name: "Odile",
  },
  prefixes: {
    "@context": { schema: "http://schema.org/", x: "https://x.example/#" },
    "@type": "schema:Person",
    "schema:name": "Wren",
    "x:berth": "4",
    plain: "passed over",
  },
  "terms of its own": {
    "@context": {
      "@vocab": "http://schema.org/",
      called: "name",
      home: { "@id": "http://schema.org/url", "@type": "@id" },
      nothing: null,
    },
    "@type": "Person",
    called: "Wren",
    home: "/wren",
    nothing: "x",
  },
  "aliases of keywords": {
    "@context": { "@vocab": "http://schema.org/", id: "@id", type: "@type" },
    type: "Person",
    id: "/wren",
    name: "Wren",
  },
  "typed values and languages": {
    "@context": { "@vocab": "http://schema.org/", xsd: "http://www.w3.org/2001/XMLSchema#" },
    "@type": "Event",
    startDate: { "@value": "2026-12-03", "@type": "xsd:date" },
    name: [
      { "@value": "Nuit", "@language": "fr" },
      { "@value": "Night", "@language": "en" },
    ],
  },
  lists: { "@context": "https://schema.org", "@type": "ItemList", itemListElement: { "@list": ["a", "b"] } },
  "sets and nulls": { "@context": "https://schema.org", "@type": "Person", name: { "@set": ["Wren"] }, email: null },
  "a context within": {
    "@context": "https://schema.org",
    "@type": "Person",
    knows: { "@context": { "@vocab": "https://x.example/" }, "@type": "Seal", called: "Tom" },
  },
  "blank nodes": {
    "@context": "https://schema.org",
    "@graph": [
      { "@id": "_:a", "@type": "Person", knows: { "@id": "_:b" } },
      { "@id": "_:b", name: "x" },
    ],
  },
  // JSON-LD 1.1, section 3.1, example 5, and 4.2.1, example 21: terms and typed values.
  "the recommendation’s terms": {
    "@context": {
      name: "http://schema.org/name",
      image: { "@id": "http://schema.org/image", "@type": "@id" },
      homepage: { "@id": "http://schema.org/url", "@type": "@id" },
    },
    name: "Manu Sporny",
    homepage: "http://manu.sporny.org/",
    image: "http://manu.sporny.org/images/manu.png",
  },
};

const FOAF = "http://xmlns.com/foaf/0.1/";
const DC = "http://purl.org/dc/terms/";
const XSD = "http://www.w3.org/2001/XMLSchema#";

/** JSON-LD 1.1, W3C Recommendation of 16 July 2020: the examples of sections 3 and 4 that concern what is read here, from memory. */
const recommended: Record<string, unknown> = {
  "3.1, a context in line": {
    "@context": { name: "http://schema.org/name", image: { "@id": "http://schema.org/image", "@type": "@id" } },
    name: "Manu Sporny",
    image: "http://manu.sporny.org/images/manu.png",
  },
  "3.1, without a context": {
    "http://schema.org/name": "Manu Sporny",
    "http://schema.org/url": { "@id": "http://manu.sporny.org/" },
  },
  "3.3, an entity with an identifier": {
    "@context": { name: "http://schema.org/name" },
    "@id": "http://me.markus-lanthaler.com/",
    name: "Markus Lanthaler",
  },
  "3.5, several types": {
    "@id": "http://example.org/places#BrewEats",
    "@type": ["http://schema.org/Restaurant", "http://schema.org/Brewery"],
  },
  "4.1.2, a default vocabulary": {
    "@context": { "@vocab": "http://example.com/vocab/" },
    "@id": "http://example.org/places#BrewEats",
    "@type": "Restaurant",
    name: "Brew Eats",
  },
  "4.1.2, a name that stands for nothing": {
    "@context": { "@vocab": "http://example.com/vocab/", databaseId: null },
    "@id": "http://example.org/places#BrewEats",
    name: "Brew Eats",
    databaseId: "23987520",
  },
  "4.1.5, prefixes": { "@context": { foaf: FOAF }, "@type": "foaf:Person", "foaf:name": "Dave Longley" },
  "4.1.6, aliases of keywords": {
    "@context": { url: "@id", a: "@type", name: "http://xmlns.com/foaf/0.1/name" },
    url: "http://example.com/about#gregg",
    a: `${FOAF}Person`,
    name: "Gregg Kellogg",
  },
  "4.2.1, a typed value": {
    "@context": { modified: { "@id": `${DC}modified`, "@type": `${XSD}dateTime` } },
    "@id": "http://example.com/docs/1",
    modified: "2010-05-29T14:17:39+02:00",
  },
  "4.2.1, a value with its type": {
    [`${DC}modified`]: { "@value": "2010-05-29T14:17:39+02:00", "@type": `${XSD}dateTime` },
  },
  "4.2.3, addresses by type": {
    "@context": { "@vocab": FOAF, knows: { "@id": `${FOAF}knows`, "@type": "@id" } },
    name: "Gregg",
    knows: "http://foaf.me/jimmy#me",
  },
  "4.2.4, a language": {
    "@context": { "@vocab": "http://example.com/", "@language": "ja" },
    name: "花澄",
    occupation: "科学者",
  },
  "4.2.4, a language by term, or none": {
    "@context": {
      "@vocab": "http://example.com/",
      "@language": "ja",
      plain: { "@id": "http://example.com/occupation", "@language": null },
      czech: { "@id": "http://example.com/occupation", "@language": "cs" },
    },
    name: "Yagyū Muneyoshi",
    czech: "Nindža",
    plain: "Ninja",
  },
  "4.3, lists and sets": {
    "@id": "http://example.org/people#joebob",
    [`${FOAF}nick`]: { "@list": ["joe", "bob", "jaybee"] },
    [`${FOAF}name`]: { "@set": ["Joe Bob"] },
  },
  "4.4, an entity in another": {
    "@context": { "@vocab": "http://schema.org/" },
    name: "Gregg Kellogg",
    knows: { "@type": "Person", name: "Manu Sporny" },
  },
  "4.5, a blank node": {
    "@context": { "@vocab": FOAF },
    "@id": "_:n1",
    name: "Secret Agent 1",
    knows: { name: "Secret Agent 2", knows: { "@id": "_:n1" } },
  },
  "4.9, a graph": {
    "@context": { "@vocab": FOAF },
    "@graph": [
      {
        "@id": "http://manu.sporny.org/about#manu",
        "@type": "Person",
        name: "Manu Sporny",
        knows: { "@id": "https://greggkellogg.net/foaf#me" },
      },
      { "@id": "https://greggkellogg.net/foaf#me", "@type": "Person", name: "Gregg Kellogg" },
    ],
  },
};

describe("JSON-LD", () => {
  it.each(Object.entries({ ...graphs, ...recommended }))("reads %s as jsonld.expand does", async (_, document) => {
    const expanded = (await jsonld.expand(document as never, {
      base,
      documentLoader: documentLoader as never,
    })) as Expanded[];
    const read = readJsonLd(document, 0, base);
    expect(read.beyond).toBe(false);
    const roots = read.entities.filter(({ within }) => within === null);
    const plain = expanded.flatMap((node) =>
      "@graph" in node && Object.keys(node).length === 1 ? (node["@graph"] as Expanded[]) : [node],
    );
    expect(roots.map(ours)).toEqual(plain.map(theirs));
  });

  it.each(Object.entries(graphs))("written again is the same graph: %s", (_, document) => {
    const roots = readJsonLd(document, 0, base).entities.filter(({ within }) => within === null);
    // Names of other vocabularies stand as whole addresses, which need no context.
    const again = readJsonLd(JSON.parse(writeJsonLd(roots)), 0, base).entities.filter(({ within }) => within === null);
    expect(again.map(ours)).toEqual(roots.map(ours));
  });

  it.each([
    [
      "reverse properties",
      { "@context": "https://schema.org", "@type": "Person", "@reverse": { author: { "@type": "Book" } } },
    ],
    [
      "nested properties",
      { "@context": { "@vocab": "http://schema.org/", of: "@nest" }, "@type": "Person", of: { name: "x" } },
    ],
    [
      "containers",
      {
        "@context": {
          "@vocab": "http://schema.org/",
          name: { "@id": "http://schema.org/name", "@container": "@language" },
        },
        name: { en: "x" },
      },
    ],
  ])("says that %s are beyond it", (_, document) => {
    expect(readJsonLd(document, 0, base).beyond).toBe(true);
  });

  it("survives what is deep, cyclic or named like what it is made of", () => {
    let deep: unknown = { "@type": "Thing" };
    for (let i = 0; i < 10_000; i++) deep = { "@type": "Thing", about: deep };
    const read = readJsonLd({ "@context": "https://schema.org", "@graph": [deep] }, 0, base);
    expect(read.tooDeep).toBe(true);
    const odd = JSON.parse(
      '{"@context":"https://schema.org","@type":"Person","__proto__":{"name":"x"},"constructor":"y","knows":{"@id":"#a"},"@id":"#a"}',
    );
    const [entity] = readJsonLd(odd, 0, base).entities;
    expect(entity && textOfValue(valuesOf(entity, "knows")[0])).toBe(`${base}#a`);
    expect({}).not.toHaveProperty("name");
  });
});
