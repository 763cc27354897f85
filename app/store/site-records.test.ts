import { afterEach, describe, expect, it } from "vitest";
import { originalFromText } from "#core/page/original";
import { newSite } from "./bring-in";
import { describeSite, putSiteBack, removeSite } from "./change-site";
import { db } from "./db";
import { packOriginal } from "./originals";
import { bytesOf, forgetRemoved } from "./site-records";
import { loadSites } from "./sites";
import { emptyStorage } from "./testing";
import { undo } from "./transact";

afterEach(emptyStorage);

const NOW = "2026-11-27T12:00:00.000Z";
const LATER = "2026-11-28T12:00:01.000Z";

/** A site with something of it in every table. */
async function full(name: string): Promise<string> {
  const site = newSite(name, `https://${name}.example/`);
  await db().sites.put(site);
  for (const table of db().tables) {
    const own = { id: `${table.name} ${site.id}`, siteId: site.id, pageId: "p", queueId: site.id, state: "waiting" };
    if (table.name === "originals")
      await table.put(await packOriginal(own.id, site.id, originalFromText("<title>A</title>")));
    else if (table.name === "fileBytes") await table.put({ ...own, bytes: new Uint8Array(300) });
    else if (table.name === "queues") await table.put({ ...own, id: site.id });
    else if (table.name === "queueItems") await table.add({ queueId: site.id, state: "waiting", address: name });
    else if (table.name === "actions") await table.add({ siteId: site.id, undone: 0, differences: [] });
    else if (table.name !== "sites") await table.put(own);
  }
  return site.id;
}

const counts = async () =>
  Object.fromEntries(await Promise.all(db().tables.map(async (table) => [table.name, await table.count()] as const)));

describe("a site that is removed", () => {
  it("is out of sight, and is put back as it was", async () => {
    const [one, other] = [await full("one"), await full("other")];
    await removeSite(one, NOW);
    const { sites, removed } = await loadSites();
    expect([sites.map(({ id }) => id), removed.map(({ id }) => id)]).toEqual([[other], [one]]);
    await forgetRemoved(NOW);
    await putSiteBack(one);
    expect(await loadSites()).toMatchObject({ sites: [{}, {}], removed: [] });
    expect((await db().sites.get(one))?.removedAt).toBeUndefined();
  });

  it("is forgotten after a day, with all that is kept of it and nothing of others", async () => {
    await full("other");
    const before = await counts();
    const one = await full("one");
    await removeSite(one, NOW);
    await forgetRemoved(LATER);
    expect(await counts()).toEqual(before);
    expect((await loadSites()).sites.map(({ name }) => name)).toEqual(["other"]);
  });
});

describe("a site", () => {
  it("is renamed, undoably", async () => {
    const id = await full("one");
    await describeSite(id, { name: "Another" }, "Rename the site");
    expect((await db().sites.get(id))?.name).toBe("Another");
    await undo(id);
    expect((await db().sites.get(id))?.name).toBe("one");
  });

  it("takes so much room", async () => {
    const id = await full("one");
    const packed = (await db().originals.toArray())[0]?.packed.byteLength ?? 0;
    expect(await bytesOf(id)).toBe(packed + 300);
  });
});
