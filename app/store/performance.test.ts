import { afterEach, expect, it } from "vitest";
import { db } from "./db";
import { dropFigures, keepFigures } from "./performance";
import { mergeInto } from "./redirects";
import { emptyStorage, keptPage, openSite } from "./testing";
import { undo } from "./transact";

afterEach(emptyStorage);

const OCTOBER = { from: "2026-10-01", to: "2026-10-31" };
const row = (clicks: number) => ({
  address: "https://quay.example/a",
  phrase: "lamp",
  clicks,
  impressions: 9,
  position: 2,
});

it("figures of the same period take the place of those that were kept; others stand beside them", async () => {
  const { id: siteId } = await openSite();
  const first = await keepFigures(siteId, OCTOBER, "a.csv", [row(1)]);
  const second = await keepFigures(siteId, OCTOBER, "b.csv", [row(2)]);
  // By its name it is known to be another: what was worked out of the first is not shown for it.
  expect(second).not.toBe(first);
  const other = await keepFigures(siteId, { ...OCTOBER, to: "2026-10-30" }, "c.csv", [row(3)]);
  expect((await db().periods.toArray()).map(({ file }) => file).sort()).toEqual(["b.csv", "c.csv"]);
  expect((await db().figures.get(second))?.rows).toEqual([row(2)]);
  await dropFigures(second);
  expect((await db().figures.toArray()).map(({ id }) => id)).toEqual([other]);
});

it("pages that are merged want their phrase no more and are to lead to the one that stays, with one undo", async () => {
  const site = await openSite();
  const pages = [];
  for (const name of ["a", "b"]) {
    const page = await keptPage(site, `<title>${name}</title>`, `https://quay.example/${name}`);
    await db().pages.update(page.id, { phrase: "lamp" });
    pages.push(page);
  }
  const [a, b] = pages;
  if (!a || !b) throw new Error("no pages");
  await mergeInto(site.id, a, [b.id]);
  const phrases = async () => [(await db().pages.get(a.id))?.phrase, (await db().pages.get(b.id))?.phrase];
  expect(await phrases()).toEqual(["lamp", ""]);
  expect(await db().redirects.toArray()).toMatchObject([{ from: b.address, to: a.address }]);
  await undo(site.id);
  expect(await phrases()).toEqual(["lamp", "lamp"]);
  expect(await db().redirects.count()).toBe(0);
});
