import { expect, it } from "vitest";
import { readPage } from "../../page/read.ts";
import { facetsOf } from "../facets/page-facets.ts";
import { NEAR_TITLES } from "./near-texts.ts";
import { Site } from "./site.ts";

const groups = (...texts: string[]) => {
  const pages = texts.map((text, i) =>
    facetsOf(String(i), readPage(`<title>${text}</title>`, { address: `https://a.example/${i}` })),
  );
  const near = new Site(pages).index(NEAR_TITLES).groups();
  return near.map(({ pages, shared }) => [pages.map((id) => texts[Number(id)]), shared]);
};

it("groups texts that differ in a number or a name", () => {
  expect(groups("Opening times in Hull | Ship", "Opening times in New Quay | Ship", "The lamp and its keeper")).toEqual(
    [[["Opening times in Hull | Ship", "Opening times in New Quay | Ship"], "Opening times in … | Ship"]],
  );
  expect(groups("Join us on 12 May 2024 aboard the ship", "Join us on 3 June 2025 aboard the ship")).toHaveLength(1);
  expect(groups("Prices for the year 2024", "Prices for the year 2025")).toHaveLength(1);
});

it("leaves alone what differs in plain words, is the same, or shares too little", () => {
  expect(groups("how to tie a bowline", "how to tie a reef knot")).toEqual([]);
  expect(groups("Opening times in Hull", "Opening times in Hull")).toEqual([]);
  expect(groups("Hull news", "Leeds news")).toEqual([]);
});
