import { expect, it } from "vitest";
import { type Place, placeName } from "./place.ts";

it.each<[string, Place]>([
  ["title", { part: "title" }],
  ["markup", { part: "markup" }],
  ["heading 3", { part: "heading", index: 3 }],
  ["picture 0", { part: "picture", index: 0 }],
  ["data /0/offers", { part: "data", pointer: "/0/offers", range: { start: 0, end: 1 } }],
])("a place is called %s", (name, place) => expect(placeName(place)).toBe(name));
