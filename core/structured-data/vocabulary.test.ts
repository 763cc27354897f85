import { readFileSync } from "node:fs";
import { createRequire } from "node:module";
import { describe, expect, it } from "vitest";
import { isKindOf, lineOf, membersOf, nearest, propertiesOf, vocabulary } from "./vocabulary.ts";

// schema-dts 2: TypeScript types that are generated from schema.org by others.
const types = readFileSync(
  createRequire(import.meta.url)
    .resolve("schema-dts")
    .replace(/schema\.js$/, "schema.d.ts"),
  "utf8",
);
/** The properties that schema-dts gives a type itself, from its base interface. */
function theirs(type: string): string[] {
  const body = new RegExp(`interface ${type}(?:Base|Leaf) extends [^{]*\\{([\\s\\S]*?)\\n\\}`).exec(types)?.[1] ?? "";
  return [...body.matchAll(/^\s+"?(\w+)"?\??: SchemaValue/gm)].map(([, name = ""]) => name);
}
const propertiesFor = (type: string) =>
  [...vocabulary().properties.values()]
    .filter(({ domains, supersededBy }) => domains.includes(type) && supersededBy.length === 0)
    .map(({ name }) => name);

describe("schema.org", () => {
  it.each([
    "Product",
    "Offer",
    "Event",
    "Recipe",
    "JobPosting",
    "LocalBusiness",
    "Organization",
    "Person",
    "CreativeWork",
    "AggregateRating",
    "PostalAddress",
    "Place",
    "VideoObject",
  ])("has the properties of %s that schema-dts has", (type) => {
    const known = new Set(theirs(type));
    expect(known.size).toBeGreaterThan(0);
    const ours = new Set(propertiesFor(type));
    // schema-dts was made from a later release: what is ours is theirs too, and what is theirs alone is new and little.
    expect([...ours].filter((name) => !known.has(name))).toEqual([]);
    expect([...known].filter((name) => !ours.has(name)).length).toBeLessThanOrEqual(Math.max(2, known.size / 5));
  });

  it("knows what is a kind of what", () => {
    expect([...lineOf("BlogPosting")]).toEqual(
      expect.arrayContaining(["SocialMediaPosting", "Article", "CreativeWork", "Thing"]),
    );
    expect(isKindOf("Hotel", "LocalBusiness")).toBe(true);
    expect(isKindOf("Person", "CreativeWork")).toBe(false);
    expect(isKindOf("Integer", "Number")).toBe(true);
  });

  it("lists the members of enumerations, and what has been replaced", () => {
    expect(membersOf("ItemAvailability").map(({ name }) => name)).toEqual(
      expect.arrayContaining(["InStock", "OutOfStock", "PreOrder"]),
    );
    expect(vocabulary().properties.get("parents")?.supersededBy).toEqual(["parent"]);
  });

  it("offers a type’s own properties before those of what it is a kind of", () => {
    const names = propertiesOf("Recipe").map(({ name }) => name);
    expect(names.indexOf("recipeYield")).toBeLessThan(names.indexOf("headline"));
    expect(names.indexOf("headline")).toBeLessThan(names.indexOf("sameAs"));
  });

  it("finds the nearest names, and none that is far off", () => {
    expect(nearest("headlin", ["headline", "deadline", "name"])[0]).toBe("headline");
    expect(nearest("instock", ["InStock", "OutOfStock"])).toEqual(["InStock"]);
    expect(nearest("zzzz", ["name", "url"])).toEqual([]);
    // Letters in the wrong order, and a slip at either end.
    expect(nearest("pirce", ["price"])).toEqual(["price"]);
    expect(nearest("xheadline", ["headline"])).toEqual(["headline"]);
    expect(nearest("headlinexxxx", ["headline"])).toEqual([]);
  });
});
