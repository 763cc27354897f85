import { expect, it } from "vitest";
import { overviewOf } from "./overview.ts";

const page = (path: string) => ({ id: path, address: `https://quay.example${path}`, title: path, language: "en" });
const row = (path: string, phrase: string, clicks: number, impressions: number, position: number) => ({
  address: path === "" ? "" : `https://quay.example${path}`,
  phrase,
  clicks,
  impressions,
  position,
});

it("a period stands beside the one before, by page, phrase and place; what is no page of the site is told", () => {
  const now = [row("/a", "boats", 5, 50, 2), row("/b", "Boats", 1, 60, 8), row("/gone", "tide", 2, 9, 30)];
  const { total, pages, phrases, places, elsewhere } = overviewOf(
    now,
    [row("/a/", "boats", 1, 20, 4)],
    [page("/a"), page("/b"), page("/c")],
  );
  expect(total).toMatchObject({ clicks: 8, impressions: 119, before: { clicks: 1, impressions: 20, position: 4 } });
  expect(pages).toEqual([
    { id: "/b", clicks: 1, impressions: 60, position: 8, before: null },
    { id: "/a", clicks: 5, impressions: 50, position: 2, before: { clicks: 1, impressions: 20, position: 4 } },
  ]);
  // One phrase however it is written; the page that was shown for it most.
  expect(phrases).toMatchObject([
    { phrase: "Boats", id: "/b", clicks: 6, impressions: 110, before: { clicks: 1 } },
    { phrase: "tide", id: null, before: null },
  ]);
  expect(places.map(({ impressions }) => impressions)).toEqual([50, 60, 0, 9]);
  expect(elsewhere).toEqual({ addresses: ["https://quay.example/gone"], impressions: 9 });
  expect(overviewOf(now, null, []).total.before).toBeNull();
});
