import "fake-indexeddb/auto";
import { deflateSync } from "node:zlib";
import Dexie from "dexie";
import { unzipSync } from "fflate";
import { afterEach, beforeEach, describe, expect, it } from "vitest";
import { originalFromBytes, originalFromText } from "#core/page/original";
import { act, redo, undo } from "./act";
import { makeBackup, restoreBackup } from "./backup";
import { carryOverPage } from "./bring-again";
import { newSite } from "./bring-in";
import { Desk, db, type PageRecord, type SiteRecord } from "./db";
import { examinePages } from "./freshen";
import { handOverSite } from "./hand-over";
import { packOriginal } from "./originals";
import { addItems, addressesIn, beginQueue, countItems, DEFAULT_LIMITS, tryAgain } from "./queues";
import { type Incoming, readIncoming } from "./read-incoming";
import { decideConflict } from "./redraft";
import { previewFields, redraftPage } from "./redraft-pages";

const TODAY = "2026-11-23";
/** A source as it is packed in a backup. */
const packedAs = (source: string) => deflateSync(source).toString("base64");
let site: SiteRecord;

beforeEach(async () => {
  await db().open();
  site = newSite("Quay", "https://quay.example/", { brand: "Quay" });
  await db().sites.put(site);
});
afterEach(async () => {
  await Promise.all(db().tables.map((table) => table.clear()));
});

const incoming = (source: string, address = "https://quay.example/lamp"): Incoming => ({
  path: "",
  source: originalFromText(source),
  address,
  addressKnown: true,
  phrase: "",
});

/** A page kept as the application keeps it. */
async function page(source: string, address?: string): Promise<PageRecord> {
  const {
    id,
    path,
    phrase,
    address: own,
    format,
    kind,
    original,
    derived,
    summary,
  } = await readIncoming(site.id, incoming(source, address), site.houseStyle, TODAY);
  await db().originals.put(original);
  const record: PageRecord = {
    id,
    siteId: site.id,
    position: 0,
    file: path,
    address: own,
    original: original.id,
    format,
    kind,
    kindBy: "guess",
    phrase,
    edits: 0,
    patterned: [],
    conflicts: 0,
    settled: 0,
    ready: false,
    handed: null,
    ...derived,
  };
  await act(site.id, "Bring in", [
    { table: "pages", key: id, after: record },
    { table: "summaries", key: id, after: summary },
  ]);
  return record;
}

async function redraft(record: PageRecord, title: string, pattern?: string): Promise<void> {
  const made = await redraftPage(
    site,
    { pageId: record.id, texts: [{ field: "title", text: title, ...(pattern !== undefined && { pattern }) }] },
    TODAY,
  );
  await act(site.id, "Title", made?.puts ?? []);
}

const LAMP = '<html lang="en"><title>Lamp</title><h1>The lamp</h1><p>Text.</p></html>';
const stored = async (id: string) => (await db().pages.get(id)) as PageRecord;

describe("undo", () => {
  it("takes back and does again, with the summary of a page", async () => {
    const record = await page(LAMP);
    await redraft(record, "Another");
    expect((await stored(record.id)).title).toBe("Another");
    expect(await undo(site.id)).toEqual({ label: "Title", left: 0 });
    expect((await stored(record.id)).edits).toBe(0);
    expect(await db().redrafts.count()).toBe(0);
    expect(await undo(site.id)).toEqual({ label: "Bring in", left: 0 });
    expect([await db().pages.count(), await db().summaries.count()]).toEqual([0, 0]);
    expect(await undo(site.id)).toBe(null);
    await redo(site.id);
    await redo(site.id);
    expect((await stored(record.id)).edits).toBe(1);
  });

  it("does not mind what was worked out again since, and asks for that to be done anew", async () => {
    const record = await page(LAMP);
    await redraft(record, "Another");
    await db().pages.update(record.id, { titlePx: 1, stamp: "of another house style" });
    expect(await undo(site.id)).toEqual({ label: "Title", left: 0 });
    expect((await stored(record.id)).stamp).toBe("");
  });

  it("leaves what has changed since, and says so", async () => {
    const record = await page(LAMP);
    await redraft(record, "Another");
    await db().pages.update(record.id, { phrase: "written by another tab" });
    expect(await undo(site.id)).toEqual({ label: "Title", left: 1 });
    expect((await stored(record.id)).phrase).toBe("written by another tab");
  });

  it("takes a group back as one, also one of more changes than a record holds", async () => {
    const record = await page(LAMP);
    const many = Array.from({ length: 900 }, (_, i) => ({
      table: "pages" as const,
      key: `p${i}`,
      after: { ...record, id: `p${i}` },
    }));
    await act(site.id, "Many", many);
    expect(await db().actions.count()).toBe(4);
    await act(site.id, "One of a queue", [{ table: "pages", key: "q1", after: { ...record, id: "q1" } }], {
      group: "queue",
    });
    await redraft(record, "Between");
    await act(site.id, "One of a queue", [{ table: "pages", key: "q2", after: { ...record, id: "q2" } }], {
      group: "queue",
    });
    await undo(site.id);
    expect(await db().pages.bulkGet(["q1", "q2"])).toEqual([undefined, undefined]);
    expect((await stored(record.id)).title).toBe("Between");
    await undo(site.id);
    await undo(site.id);
    expect(await db().pages.count()).toBe(1);
    await redo(site.id);
    expect(await db().pages.count()).toBe(901);
  });

  it("merges what follows closely on one field", async () => {
    const record = await page(LAMP);
    for (const phrase of ["l", "la", "lamp"]) {
      await act(site.id, "Phrase", [{ table: "pages", key: record.id, after: { ...record, phrase } }], {
        merge: "phrase",
      });
    }
    await undo(site.id);
    expect((await stored(record.id)).phrase).toBe("");
  });

  it("changes nothing where the storage refuses", async () => {
    const record = await page(LAMP);
    const bad = { ...record, title: () => "no function can be stored" };
    await expect(
      act(site.id, "Bad", [
        { table: "sites", key: site.id, after: { ...site, name: "New" } },
        { table: "pages", key: record.id, after: bad },
      ]),
    ).rejects.toThrow();
    expect((await db().sites.get(site.id))?.name).toBe("Quay");
  });
});

describe("pages that are worked out again", () => {
  it("follow their patterns, without an action, and undo still works", async () => {
    const record = await page(LAMP);
    await redraft(record, "The lamp | Quay", "{page heading}{separator}{site name}");
    const other = { ...site, houseStyle: { ...site.houseStyle, brand: "The Quay" } };
    expect(await examinePages(other, [record.id], TODAY)).toBe(1);
    expect((await stored(record.id)).title).toBe("The lamp | The Quay");
    expect((await db().redrafts.get(record.id))?.edits[0]).toMatchObject({
      value: "The lamp | The Quay",
      pattern: "{page heading}{separator}{site name}",
    });
    expect(await undo(site.id)).toEqual({ label: "Title", left: 0 });
    expect(await db().redrafts.count()).toBe(0);
  });

  it("guess their kind again, unless the editor has said it", async () => {
    const record = await page(LAMP, "https://quay.example/shop/lamp");
    expect(record.kind).toBe("product");
    const made = await redraftPage(site, { pageId: record.id, texts: [], kind: "article" }, TODAY);
    await act(site.id, "Kind", made?.puts ?? []);
    await examinePages(site, [record.id], TODAY);
    expect((await stored(record.id)).kind).toBe("article");
  });
});

describe("bringing in again", () => {
  it("replaces the original, keeps the old one for undo, and lists a conflict that is decided", async () => {
    const record = await page(LAMP);
    await redraft(record, "Mine");
    const again = await carryOverPage(site, record.id, incoming(LAMP.replace("<title>Lamp", "<title>Theirs")), TODAY);
    expect(again).toMatchObject({ kept: 0, settled: 0, conflicts: 1 });
    if (!again?.original) throw new Error("no original");
    await db().originals.put(again.original);
    await act(site.id, "Again", [
      { table: "pages", key: record.id, after: again.record },
      { table: "redrafts", key: record.id, after: again.redraft },
    ]);
    expect(await stored(record.id)).toMatchObject({ conflicts: 1, title: "Theirs", edits: 0 });
    await decideConflict(await stored(record.id), 0, "mine");
    expect(await stored(record.id)).toMatchObject({ conflicts: 0, edits: 1 });
    await examinePages(site, [record.id], TODAY);
    expect((await stored(record.id)).title).toBe("Mine");
    await undo(site.id);
    await undo(site.id);
    expect(await stored(record.id)).toMatchObject({ original: record.original, edits: 1 });
    expect(await db().originals.get(record.original)).toBeDefined();
  });

  it("with the same source changes nothing", async () => {
    const record = await page(LAMP);
    await redraft(record, "Mine");
    const again = await carryOverPage(site, record.id, incoming(LAMP), TODAY);
    expect(again).toMatchObject({ kept: 1, conflicts: 0, original: null });
  });
});

describe("what comes in", () => {
  it("takes its address from the canonical or the front matter where it is but a guess", async () => {
    const read = (source: Uint8Array, path: string) =>
      readIncoming(
        site.id,
        { path, source, address: "https://quay.example/guess/", addressKnown: false, phrase: "" },
        site.houseStyle,
        TODAY,
      );
    const bytes = (text: string) => new TextEncoder().encode(text);
    expect((await read(bytes("<link rel=canonical href=/own>"), "a.html")).address).toBe("https://quay.example/own");
    expect((await read(bytes("---\nslug: mine\n---\n"), "a.md")).address).toBe("https://quay.example/mine/");
    expect((await read(bytes("<p>x"), "a.html")).address).toBe("https://quay.example/guess/");
  });

  it("keeps its character set by the header", async () => {
    const original = originalFromBytes(Uint8Array.of(0x3c, 0x70, 0x3e, 0xe9), "text/html; charset=iso-8859-1");
    const packed = await packOriginal("x", site.id, { ...original, headers: { "x-robots-tag": "noindex" } });
    expect(packed).toMatchObject({
      charset: { name: "windows-1252", by: "header" },
      headers: { "x-robots-tag": "noindex" },
    });
  });
});

describe("queues", () => {
  it("hold each address once, and try those that failed again", async () => {
    const id = await beginQueue(site, { name: "x", from: "addresses", limits: DEFAULT_LIMITS }, [
      { address: "https://a.example/", wanted: "page", depth: 0 },
    ]);
    expect(
      await addItems(
        id,
        ["https://a.example/", "https://a.example/b", "https://a.example/b"].map((address) => ({
          address,
          wanted: "page" as const,
          depth: 1,
        })),
      ),
    ).toBe(1);
    await db()
      .queueItems.where("[queueId+address]")
      .equals([id, "https://a.example/b"])
      .modify({ state: "failed", why: "x" });
    expect(await countItems(id)).toMatchObject({ waiting: 1, failed: 1 });
    await tryAgain(id);
    expect(await countItems(id)).toMatchObject({ waiting: 2, failed: 0 });
  });

  it("read addresses as people paste them", () => {
    expect(addressesIn("www.a.example\n <https://b.example/x#y>, https://b.example/x nonsense")).toEqual({
      addresses: ["https://www.a.example/", "https://b.example/x"],
      wrong: ["nonsense"],
    });
  });
});

describe("what an earlier version has kept", () => {
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

  it("is migrated by the database, losing nothing", async () => {
    const now = db();
    now.close();
    await Dexie.delete("keen-quill");
    const old = new Dexie("keen-quill");
    old.version(1).stores({
      sites: "id",
      pages: "id, siteId",
      summaries: "id, siteId",
      originals: "pageId, siteId",
      redrafts: "pageId, siteId",
      setAsides: "id, siteId",
      actions: "++id, [siteId+undone]",
    });
    const packed = await packOriginal("p1", "s1", originalFromText("<title>B</title><h1>A</h1>"));
    await old.table("pages").put(PAGE);
    await old.table("summaries").put(SUMMARY);
    await old
      .table("originals")
      .put({ pageId: "p1", siteId: "s1", kind: "html", packed: packed.packed, charset: packed.charset });
    await old.table("redrafts").put({ pageId: "p1", siteId: "s1", edits: [EDIT] });
    await old.table("actions").add({ siteId: "s1", at: TODAY, label: "x", merge: null, undone: 0, changes: [] });
    old.close();
    await now.open();
    expect(await db().pages.get("p1")).toMatchObject({
      ...PAGE,
      original: "p1",
      format: "html",
      kind: "other",
      stamp: "",
      rules: [],
    });
    expect((await db().originals.get("p1"))?.packed).toEqual(packed.packed);
    expect(await db().redrafts.get("p1")).toEqual({
      pageId: "p1",
      siteId: "s1",
      edits: [EDIT],
      conflicts: [],
      settled: [],
    });
    // It is worked out again by itself.
    expect(await examinePages({ ...site, id: "s1" }, ["p1"], TODAY)).toBe(1);
    expect(await db().pages.get("p1")).toMatchObject({ title: "A", h1: "A" });
    expect(new Desk().tables.map((table) => table.name)).not.toContain("moving");
  });

  it("comes back from a backup of version 1", async () => {
    const backup = {
      format: "keen-quill backup",
      version: 1,
      madeAt: "2026-11-01T10:00:00.000Z",
      sites: [
        {
          id: "s1",
          name: "Quay",
          address: "https://quay.example/",
          houseStyle: { version: 1, brand: "", separator: " | ", rules: {} },
          broughtInAt: "2026-11-01T10:00:00.000Z",
        },
      ],
      pages: [PAGE],
      summaries: [SUMMARY],
      originals: [
        {
          pageId: "p1",
          siteId: "s1",
          kind: "html",
          packed: packedAs("<h1>A</h1>"),
          charset: { name: "utf-8", by: "text", bom: 0 },
        },
      ],
      redrafts: [{ pageId: "p1", siteId: "s1", edits: [EDIT] }],
      setAsides: [],
    };
    expect(await restoreBackup(JSON.stringify(backup))).toEqual({ sites: 1, pages: 1 });
    expect(await db().originals.get("p1")).toMatchObject({ id: "p1", kind: "html" });
    expect(await restoreBackup(JSON.stringify({ ...backup, version: 99 }))).toHaveProperty("reason");
  });

  it("a backup whose sources unpack too far, or not at all, says what is wrong and changes nothing", async () => {
    await page(LAMP);
    const backup = JSON.parse(await makeBackup());
    const [original] = backup.originals;
    await Promise.all(db().tables.map((table) => table.clear()));
    for (const packed of [packedAs("a".repeat(21 * 1024 * 1024)), "AA==", packedAs(LAMP).slice(0, 20)]) {
      const restored = await restoreBackup(JSON.stringify({ ...backup, originals: [{ ...original, packed }] }));
      expect(restored).toEqual({ reason: expect.stringMatching(/damaged: the source of https:.* 20 MB\. Nothing/) });
      expect(await db().pages.count()).toBe(0);
    }
    expect(await restoreBackup(JSON.stringify(backup))).toEqual({ sites: 1, pages: 1 });
  });

  it("a backup of this version holds everything, conflicts too", async () => {
    const record = await page(LAMP);
    await redraft(record, "Mine");
    const again = await carryOverPage(site, record.id, incoming(LAMP.replace("<title>Lamp", "<title>Theirs")), TODAY);
    if (!again?.original || !again.redraft) throw new Error("no conflict");
    await db().originals.put(again.original);
    await db().pages.put(again.record);
    await db().redrafts.put(again.redraft);
    const before = await db().redrafts.toArray();
    const backup = await makeBackup();
    await Promise.all(db().tables.map((table) => table.clear()));
    expect(await restoreBackup(backup)).toEqual({ sites: 1, pages: 1 });
    expect(await db().redrafts.toArray()).toEqual(before);
    expect(await db().pages.get(record.id)).toEqual(again.record);
  });
});

describe("long texts", () => {
  it("are whole in the table, so that none is written back cut", async () => {
    const title = "lamp ".repeat(400).trim();
    const record = await page(`<title>${title}</title><h1>${title}</h1>`, `https://quay.example/${"a".repeat(500)}`);
    expect([record.title, record.h1, record.slug.length]).toEqual([title, title, 500]);
  });
});

describe("a change of case", () => {
  it("knows names by what the site's other pages write, and tells what may be one", async () => {
    await page(
      "<html lang=en><title>x</title><p>Turn into Harrow Lane for the lamp and the walk.</p>",
      "https://quay.example/way",
    );
    const record = await page("<html lang=en><title>A Walk To Harrow Lane And Penzance</title><p>x</p>");
    const previews = await previewFields(site, record.id, ["title"], { kind: "case", style: "sentence" }, TODAY);
    expect(previews).toMatchObject([{ is: "A walk to Harrow Lane and Penzance", unsure: ["Penzance"] }]);
  });
});

describe("handing over", () => {
  it("leaves out a page that cannot be written, and names it", async () => {
    const [lamp, boat] = [
      await page(LAMP, "https://quay.example/caf%E9"),
      await page("<title>Boat</title><h1>Boat</h1>", "https://quay.example/boat"),
    ];
    for (const record of [lamp, boat]) await redraft(record, "Mine");
    const whole = await handOverSite(site.id);
    expect(whole && namesIn(whole.zip)).toEqual(["boat.html", "caf%E9.html", "changes.csv"]);
    await db().originals.delete(boat.original);
    const handed = await handOverSite(site.id);
    expect(handed && namesIn(handed.zip)).toEqual(["caf%E9.html", "changes.csv"]);
    expect(handed?.failed).toEqual([
      { address: boat.address, reason: expect.stringContaining("Bring the page in again") },
    ]);
  });

  it("gives a page from a hostile backup a name within the folder", async () => {
    const record = await page(LAMP);
    await redraft(record, "Mine");
    for (const [file, name] of [
      ["../../../x.html", "x.html"],
      ["__proto__/x.html", "___proto__/x.html"],
      ["C:\\x.html", "x.html"],
    ]) {
      await db().pages.update(record.id, { file });
      const handed = await handOverSite(site.id);
      expect(handed && namesIn(handed.zip)).toEqual([name, "changes.csv"].sort());
    }
  });
});

const namesIn = (zip: Uint8Array) => Object.keys(unzipSync(zip)).sort();
