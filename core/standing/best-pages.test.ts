import { expect, it } from "vitest";
import { bestPages } from "./best-pages.ts";

it("proposes the page with the phrase in title, H1 and address before those that only mention it", () => {
  const pages = {
    mentioned: { early: "exact", h2: "exact", description: "exact", alt: "exact" },
    titled: { title: "exact", h1: "form" },
    own: { title: "exact", h1: "exact", slug: "exact" },
    words: { title: "scattered", h1: "scattered", slug: "scattered" },
    none: {},
  } as const;
  const names = Object.keys(pages) as (keyof typeof pages)[];
  expect(bestPages(names, (name) => pages[name])).toEqual(["own", "titled", "words", "mentioned", "none"]);
});

it("leaves pages that answer a phrase equally well in their order", () => {
  expect(bestPages(["b", "a"], () => ({ h1: "exact" }))).toEqual(["b", "a"]);
});
