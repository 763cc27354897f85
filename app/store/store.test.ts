import { deflateSync } from "node:zlib";
import { unzipSync } from "fflate";
import { afterEach, beforeEach, describe, expect, it } from "vitest";
import { originalFromBytes } from "#core/page/original-from-bytes";
import { makeBackup } from "./backup";
import { carryOverPage } from "./bring-again";
import { keep } from "./bring-in";
import { db } from "./db";
import { examinePages } from "./freshen";
import { addLineUp, keepRival } from "./line-ups";
import { packOriginal } from "./originals";
import type { PageRecord } from "./page-record";
import { keepFigures } from "./performance";
import { keepPhrases } from "./phrases";
import { proposeOn } from "./propose";
import { addItems, addressesIn, beginQueue, countItems, DEFAULT_LIMITS, tellPages, tryAgain } from "./queues";
import { readIncoming } from "./read-incoming";
import { TABLE_NAMES, TABLES } from "./records/all";
import type { SiteRecord } from "./records/sites";
import { mergeInto } from "./redirects";
import { decideConflict } from "./redraft";
import { addTake } from "./takes";
import {
  broughtAgain,
  emptyStorage,
  handedOver,
  incoming,
  keptPage,
  openSite,
  restored,
  retitled,
  stored,
  TODAY,
  workedOut,
} from "./testing";
import { transact, undo } from "./transact";

/** A source as it is packed in a backup. */
const packedAs = (source: string) => deflateSync(source).toString("base64");
let site: SiteRecord;

beforeEach(async () => {
  site = await openSite();
});
afterEach(emptyStorage);

const page = (source: string, address?: string) => keptPage(site, source, address);
const redraft = (record: PageRecord, title: string, pattern?: string) => retitled(site, record, title, pattern);

const LAMP = '<html lang="en"><title>Lamp</title><h1>The lamp</h1><p>Text.</p></html>';

describe("pages that are worked out again", () => {
  it("follow their patterns, without an action, and undo still works", async () => {
    const record = await page(LAMP);
    await redraft(record, "The lamp | Quay", "{page heading}{separator}{site name}");
    const other = { ...site, houseStyle: { ...site.houseStyle, brand: "The Quay" } };
    expect(await examinePages(other, [record.id], TODAY)).toBe(1);
    expect((await stored(record.id)).title).toBe("The lamp | The Quay");
    expect((await db().changes.toArray())[0]?.edit).toMatchObject({
      value: "The lamp | The Quay",
      pattern: "{page heading}{separator}{site name}",
    });
    expect(await undo(site.id)).toEqual({ label: "Title", left: 0 });
    expect(await db().changes.count()).toBe(0);
  });

  it("guess their kind again, unless the editor has said it", async () => {
    const record = await page(LAMP, "https://quay.example/shop/lamp");
    expect(record.kind).toBe("product");
    const keep = await workedOut(site, { pageId: record.id, texts: [], kind: "article" });
    expect(await keep()).toBe(true);
    await examinePages(site, [record.id], TODAY);
    expect((await stored(record.id)).kind).toBe("article");
  });
});

describe("bringing in again", () => {
  it("replaces the original, keeps the old one for undo, and lists a conflict that is decided", async () => {
    const record = await page(LAMP);
    await redraft(record, "Mine");
    const again = await broughtAgain(site, record, LAMP.replace("<title>Lamp", "<title>Theirs"));
    expect([again.kept, again.settled, again.conflicts].map((list) => list.length)).toEqual([0, 0, 1]);
    expect(await stored(record.id)).toMatchObject({ conflicts: 1, title: "Theirs", edits: 0 });
    const [change] = await db().changes.toArray();
    if (!change) throw new Error("no change");
    await decideConflict(change, "mine");
    expect((await db().changes.toArray()).map(({ id }) => id)).toEqual([change.id]);
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
    expect(again).toMatchObject({ kept: [{ op: "set-title" }], conflicts: [], original: null });
  });
});

describe("what comes in", () => {
  it("takes its address from the canonical or the front matter where it is but a guess", async () => {
    const read = (source: Uint8Array, path: string) =>
      readIncoming(
        site.id,
        { path, source, address: "https://quay.example/guess/", addressGiven: false, phrase: "" },
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

describe("a backup", () => {
  it("whose sources unpack too far, or not at all, says what is wrong and changes nothing", async () => {
    await page(LAMP);
    const backup = JSON.parse(await makeBackup());
    const [original] = backup.originals;
    await emptyStorage();
    for (const packed of [packedAs("a".repeat(21 * 1024 * 1024)), "AA==", packedAs(LAMP).slice(0, 20)]) {
      const result = await restored(JSON.stringify({ ...backup, originals: [{ ...original, packed }] }));
      expect(result).toEqual({ reason: expect.stringMatching(/damaged: the source of https:.* 20 MB\. Nothing/) });
      expect(await db().pages.count()).toBe(0);
    }
    expect(await restored(JSON.stringify(backup))).toEqual({ sites: 1, pages: 1 });
  });

  it("of this version holds everything, conflicts too", async () => {
    const record = await page(LAMP);
    await redraft(record, "Mine");
    await broughtAgain(site, record, LAMP.replace("<title>Lamp", "<title>Theirs"));
    await redraft(record, "Mine");
    await tellPages(site.id, { listed: [record.address], redirects: [["https://quay.example/old", record.address]] });
    await db().files.put({ id: "f", siteId: site.id, path: "/a.png", type: "image/png", width: 2, height: 1 });
    await db().fileBytes.put({ id: "f", siteId: site.id, bytes: Uint8Array.of(1, 2, 255) });
    const aside = {
      id: "a",
      siteId: site.id,
      scope: "page",
      rule: "title/case",
      pageId: record.id,
      key: null,
    } as const;
    await transact(site.id, "Set aside", (tx) => tx.put("setAsides", { ...aside, reason: "so" }));
    await beginQueue(site, { name: "x", from: "addresses", limits: DEFAULT_LIMITS }, [
      { address: "https://a.example/", wanted: "page", depth: 0 },
    ]);
    await transact(site.id, "Filter", (tx) =>
      tx.update("sites", site.id, (was) => ({ ...was, filters: [{ name: "Mine", query: "?show=ready" }] })),
    );
    await keepPhrases(site.id, [{ text: "lamp room", volume: 90, more: { topic: "ship" } }], "Add");
    const figures = { address: "https://a.example/", phrase: "lamp room", clicks: 1, impressions: 90, position: 4.5 };
    await keepFigures(site.id, { from: "2026-10-01", to: "2026-10-31" }, "figures.csv", [figures]);
    await mergeInto(site.id, { id: "other", address: "https://a.example/kept" }, [record.id]);
    await addTake(
      { id: record.id, siteId: site.id },
      { title: "Another lamp", description: "Lit at dusk." },
      "shorter",
    );
    await addLineUp({ id: record.id, siteId: site.id }, { phrase: "lamp room", place: "Gullhaven" });
    await keepRival(site.id, "https://rival.example/", "<title>Theirs</title>");
    const held = TABLE_NAMES.filter((name) => TABLES[name].backup);
    const all = async () =>
      Object.fromEntries(
        await Promise.all(held.map(async (name) => [name, (await db().table(name).toArray()).map(plain)])),
      );
    // Items of queues are counted anew.
    const plain = (row: { id?: unknown }) => (typeof row.id === "number" ? { ...row, id: 0 } : row);
    const before = await all();
    // Every table has something in it, or this would say nothing of it.
    expect(held.filter((name) => before[name].length === 0)).toEqual([]);
    const backup = await makeBackup();
    await emptyStorage();
    expect(await restored(backup)).toEqual({ sites: 1, pages: 1 });
    expect(await all()).toEqual(before);
    // Put back once more, nothing stands twice.
    expect(await restored(backup)).toEqual({ sites: 1, pages: 1 });
    expect(await all()).toEqual(before);
  });
});

describe("a page that was written here", () => {
  const text = (zip: Uint8Array, name: string) => new TextDecoder().decode(unzipSync(zip)[name]);
  it("is exported without a change, and named in the change list, until it comes in from the site", async () => {
    const source = "<title>New</title><h1>New</h1>";
    const read = await readIncoming(
      site.id,
      { ...incoming(source, "https://quay.example/new"), path: "new.html", isNew: true },
      site.houseStyle,
      TODAY,
    );
    await keep(site, [read]);
    const [record] = await db().pages.where("siteId").equals(site.id).toArray();
    const handed = await handedOver(site);
    if (!handed || !record) throw new Error("nothing was handed over");
    expect([handed.pages, handed.fresh]).toEqual([1, 1]);
    expect(text(handed.zip, "new.html")).toBe(source);
    expect(text(handed.zip, "changes.csv")).toContain("https://quay.example/new,new page,,new.html");
    await broughtAgain(site, await stored(record.id), source);
    expect(await handedOver(site)).toBeNull();
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
    const asked = { way: "letterCase", field: "title", style: "sentence" } as const;
    const [proposed] = await proposeOn(site, [record.id], asked, TODAY);
    expect(proposed?.lines).toMatchObject([{ is: "A walk to Harrow Lane and Penzance", unsure: ["Penzance"] }]);
  });
});

describe("handing over", () => {
  it("leaves out a page that cannot be written, and names it", async () => {
    const [lamp, boat] = [
      await page(LAMP, "https://quay.example/caf%E9"),
      await page("<title>Boat</title><h1>Boat</h1>", "https://quay.example/boat"),
    ];
    for (const record of [lamp, boat]) await redraft(record, "Mine");
    const whole = await handedOver(site);
    expect(whole && namesIn(whole.zip)).toEqual(["addresses.csv", "boat.html", "caf%E9.html", "changes.csv"]);
    await db().originals.delete(boat.original);
    const handed = await handedOver(site);
    expect(handed && namesIn(handed.zip)).toEqual(["addresses.csv", "caf%E9.html", "changes.csv"]);
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
      const handed = await handedOver(site);
      expect(handed && namesIn(handed.zip)).toEqual(["addresses.csv", name, "changes.csv"].sort());
    }
  });
});

const namesIn = (zip: Uint8Array) => Object.keys(unzipSync(zip)).sort();
