import { deflateSync } from "node:zlib";
import Dexie from "dexie";
import { afterEach, describe, expect, it } from "vitest";
import { rulesFound } from "#core/findings/found";
import { originalFromText } from "#core/page/original";
import { makeBackup } from "./backup";
import { newSite } from "./bring-in";
import { Desk, db } from "./db";
import { examinePages } from "./freshen";
import { packOriginal } from "./originals";
import { emptyStorage, restored, stored, TODAY } from "./testing";
import { undo } from "./transact";

afterEach(emptyStorage);

/** What version 1 kept of a page. */
const PAGE = {
  id: "p1",
  siteId: "s1",
  position: 0,
  file: "a.html",
  address: "https://quay.example/a",
  name: "A",
  title: "A",
  titlePx: 10,
  titleCut: false,
  description: "",
  descriptionPx: 0,
  descriptionCut: false,
  slug: "a",
  phrase: "lamp",
  counts: { must: 1, should: 0, may: 0 },
  edits: 1,
  ready: false,
};
const SUMMARY = {
  id: "p1",
  siteId: "s1",
  address: "https://quay.example/a",
  title: "A",
  description: "",
  keywords: "",
};
const EDIT = { op: "set-title", value: "A", was: "B" };
const SITE = {
  id: "s1",
  name: "Quay",
  address: "https://quay.example/",
  houseStyle: { version: 1, brand: "", separator: " | ", rules: {} },
  broughtInAt: "2026-11-01T10:00:00.000Z",
};

/** What version 2 and 3 kept of it. */
const PAGE_2 = {
  ...PAGE,
  original: "o1",
  format: "html",
  kind: "product",
  kindBy: "guess",
  patterned: [],
  conflicts: 1,
  settled: 1,
  handed: "x",
  h1: "A",
  levels: [1, 0, 0, 0, 0, 0],
  outlineFault: "",
  words: 1,
  paragraphs: 0,
  lists: 0,
  pictures: 0,
  withoutAlt: 0,
  links: 0,
  types: [],
  rules: ["title/too-narrow"],
  says: "x",
  stamp: "the day before",
};
const SETTLED = { op: "set-description", value: "D", was: null };
const CONFLICT = { edit: { op: "set-slug", value: "b", was: "a" }, now: "c", reason: "It has changed.", mine: null };
const REDRAFT = { pageId: "p1", siteId: "s1", edits: [EDIT], conflicts: [CONFLICT], settled: [SETTLED] };
/** What version 4 knew of it besides. */
const PAGE_4 = { ...PAGE_2, kindBy: "editor", inSitemap: true, redirectedFrom: ["https://quay.example/old"] };

const STORES: Record<number, Record<string, string>> = {
  1: {
    sites: "id",
    pages: "id, siteId",
    summaries: "id, siteId",
    originals: "pageId, siteId",
    redrafts: "pageId, siteId",
    setAsides: "id, siteId",
    actions: "++id, [siteId+undone]",
  },
  3: {
    sites: "id",
    pages: "id, siteId",
    summaries: "id, siteId",
    originals: "id, siteId",
    redrafts: "pageId, siteId",
    setAsides: "id, siteId",
    actions: "++id, [siteId+undone]",
    queues: "id, siteId",
    queueItems: "++id, [queueId+state], &[queueId+address]",
  },
};
STORES[4] = { ...STORES[3], files: "id, siteId", fileBytes: "id, siteId", checks: "id, siteId" };

STORES[5] = {
  ...STORES[4],
  changes: "id, siteId, pageId",
  learnt: "id, siteId",
  derived: "id, siteId",
};
const { summaries, redrafts, ...kept } = STORES[5] as Record<string, string>;
/** What version 7 was in the end, when what it moved had gone. */
STORES[7.1] = { ...kept, facets: "id, siteId" };
STORES[9] = { ...STORES[7.1], overviews: "id, siteId", phrases: "id, siteId" };
STORES[10] = { ...STORES[9], periods: "id, siteId", figures: "id, siteId", redirects: "id, siteId" };
STORES[11] = {
  ...STORES[10],
  takes: "id, siteId, pageId",
  lineUps: "id, siteId, pageId",
  rivals: "id, siteId, [siteId+address]",
};
STORES[12] = STORES[11];
/** What was set aside in version 5, whose keys did not say which of several equal nodes it is. */
const SET_ASIDES = ["@ heading 2 A", "@ link /a A #2", "@ picture /a.png", "@ title", "@ block A"].map((at, i) => ({
  id: `a${i}`,
  siteId: "s1",
  scope: "place",
  rule: "x/y",
  pageId: "p1",
  key: `x/y ${at}`,
  reason: "so",
}));
const KEYS = ["@ heading 2 A", "@ link 2 /a A", "@ picture 1 /a.png", "@ title", "@ block 1 A"].map(
  (at) => `x/y ${at}`,
);

/** A database as an earlier version wrote it, opened by this one. */
async function opened(version: number, records: Record<string, object[]>): Promise<void> {
  const now = db();
  now.close();
  await Dexie.delete("keen-quill");
  const old = new Dexie("keen-quill");
  old.version(version).stores(STORES[version] ?? {});
  for (const [name, all] of Object.entries(records)) await old.table(name).bulkPut(all);
  await old.table("actions").add({ siteId: "s1", at: TODAY, label: "x", merge: null, undone: 0, changes: [] });
  old.close();
  await now.open();
}

const packed = async () => {
  const { packed, charset, kind } = await packOriginal("o", "s1", originalFromText("<title>B</title><h1>A</h1>"));
  return { siteId: "s1", packed, charset, kind };
};

describe("a database of an earlier version", () => {
  it("1 is migrated, losing nothing", async () => {
    const original = await packed();
    await opened(1, {
      sites: [SITE],
      pages: [PAGE],
      summaries: [SUMMARY],
      originals: [{ pageId: "p1", ...original }],
      redrafts: [{ pageId: "p1", siteId: "s1", edits: [EDIT] }],
    });
    expect(await stored("p1")).toMatchObject({
      ...PAGE,
      original: "p1",
      format: "html",
      kind: "other",
      kindBy: "guess",
      // By which rules it was not kept then: it is counted again.
      counts: { must: 0, should: 0, may: 0 },
      stamp: "",
      found: "",
    });
    expect((await db().originals.get("p1"))?.packed).toEqual(original.packed);
    expect(await db().changes.toArray()).toMatchObject([
      { pageId: "p1", siteId: "s1", edit: EDIT, state: "open", order: 0, handed: null, thread: [] },
    ]);
    // It is worked out again by itself.
    expect(await examinePages(newSite("", ""), ["p1"], TODAY)).toBe(1);
    expect(await stored("p1")).toMatchObject({ title: "A", h1: "A" });
    const names = new Desk().tables.map((table) => table.name);
    expect(names.filter((name) => ["moving", "redrafts", "summaries"].includes(name))).toEqual([]);
  });

  it.each([3, 4])("%i has each edit become a change, with what became of it", async (version) => {
    await opened(version, {
      sites: [SITE],
      pages: [version === 4 ? PAGE_4 : PAGE_2],
      summaries: [SUMMARY],
      originals: [{ id: "o1", ...(await packed()) }],
      redrafts: [REDRAFT],
    });
    const { kind, edits, conflicts, settled, found, again } = await stored("p1");
    expect({ kind, edits, conflicts, settled, rules: rulesFound(found), again }).toEqual({
      kind: "product",
      edits: 1,
      conflicts: 1,
      settled: 1,
      rules: ["title/too-narrow"],
      again: false,
    });
    expect(Object.keys((await db().pages.get("p1")) ?? {})).not.toContain("rules");
    const { edit, ...conflict } = CONFLICT;
    expect((await db().changes.toArray()).sort((a, b) => a.order - b.order)).toMatchObject([
      { edit: SETTLED, state: "settled", handed: null, conflict: null },
      { edit: EDIT, state: "open", handed: EDIT, conflict: null },
      { edit, state: "undecided", handed: null, conflict },
    ]);
    expect(await undo("s1")).toBe(null);
    expect(await examinePages(newSite("", ""), ["p1"], TODAY)).toBe(1);
    expect(await stored("p1")).toMatchObject({ title: "A", edits: 1, conflicts: 1, settled: 1 });
  });

  it("4 keeps what was learnt and what the editor chose", async () => {
    await opened(4, { sites: [SITE], pages: [PAGE_4], redrafts: [] });
    expect(await db().learnt.toArray()).toEqual([
      { id: "p1", siteId: "s1", inSitemap: true, redirectedFrom: ["https://quay.example/old"] },
    ]);
    expect(await stored("p1")).toMatchObject({ kind: "product", kindBy: "editor", phrase: "lamp" });
  });
});

describe("what was set aside in version 5", () => {
  it("is known by the keys of today, in a database", async () => {
    await opened(5, { sites: [SITE], setAsides: SET_ASIDES });
    expect((await db().setAsides.toArray()).map(({ key }) => key)).toEqual(KEYS);
  });

  it("has pages that are not gone", async () => {
    await opened(5, { sites: [SITE], pages: [{ id: "p1", siteId: "s1" }] });
    expect(await db().pages.get("p1")).toMatchObject({ goneSince: null });
  });

  it("is known by the keys of today, in a backup", async () => {
    await db().setAsides.bulkPut(SET_ASIDES as never);
    const out = JSON.parse(await makeBackup());
    await emptyStorage();
    expect(await restored(JSON.stringify({ ...out, sites: [SITE], version: 5 }))).toEqual({ sites: 1, pages: 0 });
    expect((await db().setAsides.toArray()).map(({ key }) => key)).toEqual(KEYS);
  });
});

describe("a database of version 7", () => {
  it("has a table more, and keeps what it had", async () => {
    await opened(7.1, { sites: [SITE] });
    expect(await db().sites.toArray()).toMatchObject([{ id: "s1", name: "Quay" }]);
    expect(await db().overviews.toArray()).toEqual([]);
    await db().overviews.put({ id: "s1", siteId: "s1" } as never);
    expect(await db().overviews.count()).toBe(1);
  });
});

describe("a database of version 9", () => {
  it("has pages that are for everyone, and tables for figures and redirects", async () => {
    await opened(9, { sites: [SITE], pages: [{ id: "p1", siteId: "s1", phrase: "lamp", supporting: [] }] });
    expect(await db().pages.get("p1")).toMatchObject({ phrase: "lamp", audience: { of: "everyone", name: "" } });
    expect([await db().periods.count(), await db().figures.count(), await db().redirects.count()]).toEqual([0, 0, 0]);
  });
});

describe("a database of version 11", () => {
  it("has the language of each page worked out again", async () => {
    await opened(11, {
      sites: [SITE],
      derived: [{ id: "p1", siteId: "s1", name: "A", title: "A", stamp: "yesterday" }],
    });
    expect(await db().derived.get("p1")).toMatchObject({ name: "A", language: "", stamp: "" });
  });
});

describe("a database of version 12", () => {
  it("has its rows worked out again: they did not say on which days they hold", async () => {
    await opened(12, { sites: [SITE], derived: [{ id: "p1", siteId: "s1", name: "A", stamp: "of 2026-11" }] });
    expect(await db().derived.get("p1")).toMatchObject({ name: "A", stamp: "", days: { from: "", until: "" } });
  });
});

describe("a database of version 10", () => {
  it("has tables for takes, line-ups and rivals, and keeps what it had", async () => {
    await opened(10, { sites: [SITE], redirects: [{ id: "r", siteId: "s1", from: "/a", to: "/b" }] });
    expect(await db().redirects.toArray()).toMatchObject([{ from: "/a", to: "/b" }]);
    expect([await db().takes.count(), await db().lineUps.count(), await db().rivals.count()]).toEqual([0, 0, 0]);
  });
});

describe("a backup of an earlier version", () => {
  const head = (version: number) => ({ format: "keen-quill backup", version, madeAt: SITE.broughtInAt });
  const source = {
    siteId: "s1",
    kind: "html",
    packed: deflateSync("<h1>A</h1>").toString("base64"),
    charset: { name: "utf-8", by: "text", bom: 0 },
  };
  const backup1 = {
    ...head(1),
    sites: [SITE],
    pages: [PAGE],
    summaries: [SUMMARY],
    originals: [{ pageId: "p1", ...source }],
    redrafts: [{ pageId: "p1", siteId: "s1", edits: [EDIT] }],
    setAsides: [],
  };

  it("1 comes back", async () => {
    expect(await restored(JSON.stringify(backup1))).toEqual({ sites: 1, pages: 1 });
    expect(await db().originals.get("p1")).toMatchObject({ id: "p1", kind: "html" });
    expect(await db().changes.toArray()).toMatchObject([{ edit: EDIT, state: "open" }]);
    expect(await restored(JSON.stringify({ ...backup1, version: 99 }))).toHaveProperty("reason");
  });

  it("4 comes back, with the bytes of its files, and goes out as one of this version", async () => {
    const file = { id: "s1 /a.png", siteId: "s1", path: "/a.png", type: "image/png", width: 1, height: 1 };
    const backup = {
      ...head(4),
      sites: [SITE],
      pages: [PAGE_4],
      summaries: [{ ...SUMMARY, language: "en", headings: [[1, "A"]] }],
      originals: [{ id: "o1", ...source }],
      files: [{ ...file, packed: "AQL/" }],
      redrafts: [REDRAFT],
      setAsides: [],
    };
    expect(await restored(JSON.stringify(backup))).toEqual({ sites: 1, pages: 1 });
    expect((await db().fileBytes.toArray())[0]?.bytes).toEqual(Uint8Array.of(1, 2, 255));
    expect(await db().changes.count()).toBe(3);
    const out = await makeBackup();
    await emptyStorage();
    expect(await restored(out)).toEqual({ sites: 1, pages: 1 });
    expect(await db().files.toArray()).toEqual([file]);
  });

  it.each([
    ["pages that are none", { pages: "x" }],
    ["a page without its parts", { pages: [{ id: "p1", siteId: "s1" }] }],
    ["a redraft of nonsense", { redrafts: [{ pageId: "p1", siteId: "s1", edits: [{ op: "fly" }] }] }],
    ["records that are null", { redrafts: [null] }],
    ["a table that is missing", { setAsides: undefined }],
  ])("with %s changes nothing, and says what is wrong", async (_, change) => {
    const result = await restored(JSON.stringify({ ...backup1, ...change }));
    expect(result).toEqual({ reason: expect.stringMatching(/^This backup is damaged: .*Nothing was changed\.$/) });
    expect([await db().pages.count(), await db().sites.count()]).toEqual([0, 0]);
  });
});
