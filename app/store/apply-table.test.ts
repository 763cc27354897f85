import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { assignColumns, pagesOf, planTable, readTable, takenAtFirst } from "#core/exchange/table-file";
import { originalFromText } from "#core/page/original";
import { db } from "./db";
import { examinePages } from "./freshen";
import { loadPageRecords } from "./page-record";
import type { SiteRecord } from "./records/sites";
import { saveRedraft } from "./redraft";
import { TODAY } from "./testing";
import { undo } from "./transact";

vi.mock("../workers/pool", async (original) => {
  const worker = { ...(await import("./read-incoming")), ...(await import("./redraft-pages")) };
  const onPool = (run: (one: typeof worker) => Promise<unknown>) => run(worker);
  return {
    ...(await original<typeof import("../workers/pool")>()),
    onPool,
    onPoolAll: (work: unknown[], run: (one: typeof worker, item: unknown) => Promise<unknown>) =>
      Promise.all(work.map((item) => run(worker, item))),
    inLanes: (work: unknown[], run: (item: unknown) => Promise<unknown>) => Promise.all(work.map(run)),
  };
});
const { applyPlan, pagesToMatch } = await import("./apply-table");
const { keep, newSite, prepare } = await import("./bring-in");

let site: SiteRecord;
beforeEach(async () => {
  await db().open();
  site = newSite("Quay", "https://quay.example/", { brand: "Quay" });
  const page = (name: string) => ({
    path: "",
    source: originalFromText(`<title>${name}</title><h1>${name}</h1>`),
    address: `https://quay.example/${name}`,
    addressGiven: true,
    phrase: "",
  });
  const prepared = await prepare(site, [page("lamp"), page("boat")], () => {}, new AbortController().signal);
  await keep(site, prepared);
});
afterEach(async () => {
  await Promise.all(db().tables.map((table) => table.clear()));
});

async function planned(table: string) {
  const read = readTable(table);
  if ("reason" in read) throw new Error(read.reason);
  return planTable(read, assignColumns(read.rows), await pagesToMatch(site.id), site.address);
}
const titles = async () =>
  Object.fromEntries((await loadPageRecords(site.id)).map(({ address, title }) => [new URL(address).pathname, title]));

it("what is read by the ids of pages comes in the order of the site", async () => {
  const pages = Array.from({ length: 40 }, (_, i) => ({
    path: "",
    source: originalFromText(`<h1>${i}</h1>`),
    address: `https://quay.example/${i}`,
    addressGiven: true,
    phrase: "",
  }));
  await keep(site, await prepare(site, pages, () => {}, new AbortController().signal));
  const inOrder = await db().pages.orderBy("id").toArray();
  expect(inOrder.map(({ position }) => position)).toEqual(Array.from({ length: 42 }, (_, i) => i));
  expect((await db().facets.toArray()).map(({ address }) => address)).toEqual(inOrder.map(({ address }) => address));
});

describe("a table that is applied", () => {
  const TABLE =
    "url,title,description,phrase\n/lamp,New lamp,,light\n/boat,New boat,,\n/new,A new page,Words,wick\n/other,Another,,\n";

  it("changes and adds what its rows say, as many pages as the button said", async () => {
    const plan = await planned(TABLE);
    expect([...takenAtFirst(plan)]).toEqual([2, 3]);
    const taken = new Set(plan.map(({ row }) => row));
    const result = await applyPlan(site, plan, taken);
    expect(result).toEqual({ changed: 2, added: 2, refused: [] });
    expect(pagesOf(plan, taken)).toEqual({ change: result.changed, add: result.added });
    expect(await titles()).toEqual({
      "/lamp": "New lamp",
      "/boat": "New boat",
      "/new": "A new page",
      "/other": "Another",
    });
    const pages = await db().pages.toArray();
    expect(pages.map(({ phrase }) => phrase).sort()).toEqual(["", "", "light", "wick"]);
    // One step of undo takes all of it back.
    expect((await undo(site.id))?.label).toBe("Apply a table to 4 pages");
    await examinePages(site, (await db().pages.toCollection().primaryKeys()) as string[], TODAY);
    expect(await titles()).toEqual({ "/lamp": "lamp", "/boat": "boat" });
  });

  it("leaves alone every row that was left out, new pages too", async () => {
    const plan = await planned(TABLE);
    const taken = new Set([3, 5]);
    expect(await applyPlan(site, plan, taken)).toEqual({ changed: 1, added: 1, refused: [] });
    expect(pagesOf(plan, taken)).toEqual({ change: 1, add: 1 });
    expect(await titles()).toEqual({ "/lamp": "lamp", "/boat": "New boat", "/other": "Another" });
    expect(await applyPlan(site, plan, new Set())).toEqual({ changed: 0, added: 0, refused: [] });
  });

  it("replaces what was redrafted only where its row is taken, whole", async () => {
    const first = await planned("url,title\n/lamp,Mine\n");
    await applyPlan(site, first, takenAtFirst(first));
    const plan = await planned("url,title,phrase\n/lamp,Theirs,light\n");
    expect(plan[0]?.doubt).toBe("It replaces what you have redrafted: “Mine”.");
    expect(await applyPlan(site, plan, takenAtFirst(plan))).toEqual({ changed: 0, added: 0, refused: [] });
    const lamp = async () => (await loadPageRecords(site.id)).find(({ address }) => address.endsWith("/lamp"));
    expect(await lamp()).toMatchObject({ title: "Mine", phrase: "" });
    await applyPlan(site, plan, new Set([2]));
    expect(await lamp()).toMatchObject({ title: "Theirs", phrase: "light" });
    await undo(site.id);
    await examinePages(site, [(await lamp())?.id ?? ""], TODAY);
    expect(await lamp()).toMatchObject({ title: "Mine", phrase: "" });
  });

  it("is held against what was typed just now, before the page's row is worked out again", async () => {
    const lamp = (await loadPageRecords(site.id)).find(({ address }) => address.endsWith("/lamp"));
    if (!lamp) throw new Error("no page");
    await saveRedraft(lamp, { set: [{ op: "set-title", value: "Typed", was: "lamp" }], drop: [] }, "Title", null);
    const plan = await planned("url,title\n/lamp,Theirs\n");
    expect(plan[0]?.doubt).toBe("It replaces what you have redrafted: “Typed”.");
  });

  it("brings rows for one page together, the later ones over the earlier", async () => {
    const plan = await planned("url,title,phrase\n/lamp,One,light\n/lamp/,Two,\n/new,Three,\n/new/,Four,wick\n");
    const all = new Set(plan.map(({ row }) => row));
    expect(pagesOf(plan, all)).toEqual({ change: 1, add: 1 });
    expect(await applyPlan(site, plan, all)).toEqual({ changed: 1, added: 1, refused: [] });
    expect(await titles()).toMatchObject({ "/lamp": "Two", "/new": "Four" });
    expect((await db().pages.toArray()).map(({ phrase }) => phrase).sort()).toEqual(["", "light", "wick"]);
  });
});
