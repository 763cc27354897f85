import fc from "fast-check";
import { afterEach, describe, expect, it } from "vitest";
import { addressOfFile } from "#core/address/address";
import { withSlug } from "#core/address/slug";
import type { Edit } from "#core/rewrite/edits";
import { carryOverPage, keepAgain } from "./bring-again";
import { newPage } from "./bring-in";
import { loadRedraft } from "./changes";
import { db } from "./db";
import { putExamined } from "./freshen";
import { pageFinder } from "./page-finder";
import { type Incoming, readIncoming } from "./read-incoming";
import type { SiteRecord } from "./records/sites";
import { saveRedraft } from "./redraft";
import { emptyStorage, openSite, stored, TODAY } from "./testing";
import { transact } from "./transact";
import { writePage } from "./write-page";

afterEach(emptyStorage);

const ROOT = "https://quay.example/";
const FILES = ["index.html", "a/one.html", "a/two.html", "b/one.html", "three.html"];

/** A page of a file, which states a canonical address or none. */
const incoming = (path: string, source: string | Uint8Array): Incoming => ({
  path,
  source: typeof source === "string" ? new TextEncoder().encode(source) : source,
  address: addressOfFile(path, ROOT),
  addressGiven: false,
  phrase: "",
});

async function imported(site: SiteRecord, one: Incoming): Promise<string> {
  const read = await readIncoming(site.id, one, site.houseStyle, TODAY);
  await db().originals.put(read.original);
  await transact(site.id, "Import", async (tx) => {
    const page = newPage(site, read, 0);
    await tx.put("pages", page);
    await putExamined(tx, page, read);
  });
  return read.id;
}

/** The page that a file is known as. */
async function foundAs(site: SiteRecord, one: Incoming): Promise<string | null> {
  const { address } = await readIncoming(site.id, one, site.houseStyle, TODAY);
  return (await pageFinder(site.id)).find({ path: one.path, address, addressGiven: one.addressGiven });
}

const canonical = fc.constantFrom(null, "own", ...FILES.map((file) => addressOfFile(file, ROOT)));
const edit = fc.record({
  page: fc.nat(FILES.length - 1),
  slug: fc.constantFrom(null, "new", "one", "two", "café"),
  canonical: fc.constantFrom(null, "https://quay.example/elsewhere", ...FILES.map((file) => addressOfFile(file, ROOT))),
});

describe("a page that comes in again", () => {
  it("is the page that it was exported from, whatever its slug and its canonical were changed to", async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.array(canonical, { minLength: FILES.length, maxLength: FILES.length }),
        fc.array(edit, { maxLength: 5 }),
        async (canonicals, edits) => {
          await emptyStorage();
          const site = await openSite();
          const ids: string[] = [];
          for (const [i, file] of FILES.entries()) {
            const own = addressOfFile(file, ROOT);
            const said = canonicals[i] === "own" ? own : canonicals[i];
            // Two pages at one address are one page: each stands at its own, or names another.
            const link = said ? `<link rel=canonical href="${said}">` : "";
            const one = { ...incoming(file, `<title>${file}</title>${link}<h1>${file}</h1>`), addressGiven: true };
            ids.push(await imported(site, one));
          }
          for (const { page: at, slug, canonical } of edits) {
            const page = await stored(ids[at] ?? "");
            const set: Edit[] = [
              ...(slug && page.slug !== "" ? [{ op: "set-slug", value: slug, was: page.slug } as Edit] : []),
              ...(canonical ? [{ op: "set-canonical", value: canonical, was: canonicals[at] ?? null } as Edit] : []),
            ];
            await saveRedraft(page, { set, drop: [] }, "Change", null);
          }
          for (const [i, id] of ids.entries()) {
            const written = await writePage(id);
            if (!written || "reason" in written || !written.file) throw new Error("not written");
            const { path, bytes } = written.file;
            expect([path, await foundAs(site, incoming(path, bytes))]).toEqual([FILES[i], id]);
          }
        },
      ),
      { numRuns: 12 },
    );
  }, 60_000);

  it("from its new address stands there from then on, and its slug is settled", async () => {
    const site = await openSite();
    const id = await imported(site, {
      ...incoming("a/one.html", "<title>One</title>"),
      path: "",
      address: `${ROOT}a/one`,
    });
    const page = await stored(id);
    await saveRedraft(page, { set: [{ op: "set-slug", value: "first", was: "one" }], drop: [] }, "Slug", null);
    const address = withSlug(page.address, "first");
    const known = await pageFinder(site.id);
    expect(known.find({ path: "", address, addressGiven: true })).toBe(id);
    expect(known.find({ path: "", address: `${ROOT}a/other`, addressGiven: true })).toBeNull();
    const fetched = { ...incoming("", "<title>One</title>"), address, addressGiven: true };
    const again = await carryOverPage(site, id, fetched, TODAY);
    if (!again) throw new Error("gone");
    if (again.original) await db().originals.put(again.original);
    expect(await transact(site.id, "Import again", (tx) => keepAgain(tx, again))).toBe(true);
    expect((await stored(id)).address).toBe(address);
    expect(await loadRedraft(id)).toMatchObject({ edits: [], settled: [{ op: "set-slug", value: "first" }] });
  });

  it("is another page where it only has the canonical address of one", async () => {
    const site = await openSite();
    const copy = '<title>Copy</title><link rel=canonical href="/main">';
    const id = await imported(site, { ...incoming("", copy), address: `${ROOT}copy`, addressGiven: true });
    const known = await pageFinder(site.id);
    expect(known.find({ path: "", address: `${ROOT}main`, addressGiven: true })).toBeNull();
    // As a file it is the copy only where it stands as that.
    expect(await foundAs(site, incoming("copy.html", copy))).toBe(id);
    expect(await foundAs(site, incoming("main.html", copy))).toBeNull();
  });
});
