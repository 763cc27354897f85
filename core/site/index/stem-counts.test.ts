import { expect, it } from "vitest";
import { readPage } from "../../page/read.ts";
import { facetsOf } from "../facets/page-facets.ts";
import { Site } from "./site.ts";
import { STEM_COUNTS, shareOf } from "./stem-counts.ts";

const page = (id: string, text: string) =>
  facetsOf(id, readPage(`<html lang=en><p>${text}`, { address: `https://quay.example/${id}` }));

it("counts on how many pages a stem stands, as pages come, change and go; what is sent says the same", () => {
  const site = new Site([page("a", "lamps and boats"), page("b", "a lamp")]);
  const { share, counts } = site.index(STEM_COUNTS);
  expect([share("lamp"), share("boat"), share("tide")]).toEqual([1, 0.5, 0]);
  site.put(page("b", "a boat"));
  expect([share("lamp"), share("boat")]).toEqual([0.5, 1]);
  site.remove("a");
  expect([share("lamp"), share("boat")]).toEqual([0, 1]);
  const sent = shareOf(counts());
  expect([sent("lamp"), sent("boat")]).toEqual([0, 1]);
});
