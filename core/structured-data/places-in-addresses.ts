import type { Page } from "../page/page.ts";
import { valuesOf } from "./graph.ts";
import { dataOf } from "./page-data.ts";

/** Properties of schema.org's PostalAddress that name a place. */
const PLACES = ["addressLocality", "addressRegion", "addressCountry"] as const;

/** A code such as US or OR, which names a place in addresses only. */
const CODE = /^\s*\p{Lu}{1,3}\s*$/u;

const NAME = String.raw`\p{Lu}[\p{L}'’-]+(?: \p{Lu}[\p{L}'’-]+)?`;
/** A place beside its postcode: "24103 Kiel", "1012 AB Delft", "Whitby YO21 3PU", "Portland, OR 97201". */
const BESIDE_POSTCODE = [
  new RegExp(String.raw`(?<![\p{L}\p{N}])\d{4,5}(?: ?[A-Z]{2})? (${NAME})`, "gu"),
  new RegExp(String.raw`(${NAME}),? [A-Z]{1,2}\d[A-Z\d]? \d[A-Z]{2}(?![\p{L}\p{N}])`, "gu"),
  new RegExp(String.raw`(${NAME}), [A-Z]{2} \d{5}(?!\d)`, "gu"),
];
/** Of a block this much is looked at, in UTF-16 code units. */
const ENOUGH = 2000;

/** The places that postal addresses on a page name, in its structured data and beside postcodes in its text. */
export function placesInAddresses(page: Page): string[] {
  const places = new Set<string>();
  for (const entity of dataOf(page).entities)
    for (const property of PLACES)
      for (const value of valuesOf(entity, property))
        if (value.kind === "text" && !CODE.test(value.text)) places.add(value.text);
  for (const { text } of page.blocks) {
    if (!/\d/.test(text)) continue;
    for (const pattern of BESIDE_POSTCODE)
      for (const [, name] of text.slice(0, ENOUGH).matchAll(pattern)) if (name) places.add(name);
  }
  return [...places];
}
