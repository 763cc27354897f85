import { expect, it } from "vitest";
import { differingValues } from "./json-difference.ts";

const difference = (was: unknown, is: unknown) =>
  differingValues(JSON.stringify(was), JSON.stringify(is)).map(({ property, was, is }) => [property, was, is]);

it("names each value that differs by the way to it", () => {
  expect(
    difference(
      { "@type": "Product", name: "Lamp", offers: { price: "12,50", priceCurrency: "EUR" } },
      { "@type": "Product", name: "Lamp", offers: { price: "12.50", priceCurrency: "EUR", availability: "InStock" } },
    ),
  ).toEqual([
    ["offers.price", "12,50", "12.50"],
    ["offers.availability", "", "InStock"],
  ]);
});

it("tells things of lists by their place, or which are added and left out", () => {
  expect(difference({ a: ["x", "y"] }, { a: ["x", "z"] })).toEqual([["a.2", "y", "z"]]);
  expect(difference({ a: ["x", "y"] }, { a: ["y"] })).toEqual([["a", "x", ""]]);
  expect(difference({ a: [{ b: 1 }] }, { a: [{ b: 1 }, { b: 2 }] })).toEqual([["a", "", '{"b":2}']]);
});

it("tells a block that comes or goes value by value", () => {
  expect(differingValues("", '{"@type":"WebSite","publisher":{"name":"Quay"}}')).toEqual([
    { property: "@type", was: "", is: "WebSite" },
    { property: "publisher.name", was: "", is: "Quay" },
  ]);
  expect(differingValues('{"name":"Quay"}', "")).toEqual([{ property: "name", was: "Quay", is: "" }]);
});

it("shows the place where the text was no JSON, or only its writing differs", () => {
  expect(differingValues('{"name": "Quay",}', '{"name": "Quay"}')).toEqual([
    { property: "", was: '{"name": "Quay",}', is: '{"name": "Quay"}' },
  ]);
  expect(differingValues('{"a":1}', '{ "a":1}')).toHaveLength(1);
  expect(differingValues('{"a":1}', '{"a":1}')).toEqual([]);
});
