import fc from "fast-check";
import { afterEach, beforeEach, describe, expect, it } from "vitest";
import { phraseKey } from "#core/phrase/phrase-key";
import { type Edit, slotOf } from "#core/rewrite/edits";
import { FACET_NAMES } from "#core/site/facets/facet-names";
import { makeBackup } from "./backup";
import { loadRedraft } from "./changes";
import { db } from "./db";
import { examinePages } from "./freshen";
import type { PageRecord } from "./page-record";
import { keepPhrases } from "./phrases";
import { readBackup } from "./read-backup";
import type { SiteRecord } from "./records/sites";
import { savePage, saveRedraft } from "./redraft";
import { differencesFrom, restoreBackup } from "./restore";
import { setRuleAside } from "./set-asides";
import { addTake } from "./takes";
import { emptyStorage, keptPage, openSite, stored, TODAY } from "./testing";
import { isPart } from "./transact";

let site: SiteRecord;
let page: PageRecord;
beforeEach(async () => {
  site = await openSite();
  page = await keptPage(site, "<title>Lamp</title><h1>Lamp</h1><p>Text.</p>");
});
afterEach(emptyStorage);

const title = (value: string): Edit => ({ op: "set-title", value, was: "Lamp" });
const description = (value: string): Edit => ({ op: "set-description", value, was: null });
const edit = (one: Edit) => saveRedraft(page, { set: [one], drop: [] }, "Edit", null);
const drop = (one: Edit) => saveRedraft(page, { set: [], drop: [slotOf(one)] }, "Edit", null);

function read(json: string) {
  const backup = readBackup(json);
  if ("reason" in backup) throw new Error(backup.reason);
  return backup;
}
const valuesOf = async () =>
  Object.fromEntries((await loadRedraft(page.id)).edits.map((one) => [one.op, "value" in one ? one.value : ""]));

describe("a backup that is restored over newer work", () => {
  it("asks about what differs, keeps what is here, or takes what it has, one by one", async () => {
    await edit(title("Old"));
    await savePage(page, { phrase: "old lamp" }, "Phrase");
    const backup = read(await makeBackup());
    await drop(title(""));
    // Made anew: another change of the same slot.
    await edit(title("New"));
    await edit(description("Since"));
    await savePage(page, { phrase: "new lamp" }, "Phrase");
    const differences = await differencesFrom(backup);
    expect(differences.map(({ what, mine, theirs }) => [what, mine, theirs])).toEqual([
      ["description", "Since", null],
      ["target phrase", "new lamp", "old lamp"],
      ["title", "New", "Old"],
    ]);
    await restoreBackup(backup, new Set());
    expect([await valuesOf(), (await stored(page.id)).phrase]).toEqual([
      { "set-title": "New", "set-description": "Since" },
      "new lamp",
    ]);
    const of = (what: string) => differences.find((one) => one.what === what)?.id ?? "";
    await restoreBackup(backup, new Set([of("title")]));
    expect(await valuesOf()).toEqual({ "set-title": "Old", "set-description": "Since" });
    await restoreBackup(backup, new Set(differences.map(({ id }) => id)));
    expect([await valuesOf(), (await stored(page.id)).phrase]).toEqual([{ "set-title": "Old" }, "old lamp"]);
    expect(await differencesFrom(backup)).toEqual([]);
  });

  it("leaves one change for a node and field after any two histories and any choice", async () => {
    const step = fc.record({ op: fc.constantFrom(title, description), value: fc.constantFrom("", "a", "b", "c") });
    const steps = fc.array(step, { maxLength: 5 });
    await fc.assert(
      fc.asyncProperty(
        steps,
        steps,
        fc.array(fc.boolean(), { minLength: 4, maxLength: 4 }),
        async (was, is, choices) => {
          await emptyStorage();
          site = await openSite();
          page = await keptPage(site, "<title>Lamp</title><h1>Lamp</h1>");
          const play = async (all: typeof was) => {
            for (const { op, value } of all) await (value === "" ? drop(op("")) : edit(op(value)));
          };
          await play(was);
          const backup = read(await makeBackup());
          const then = await valuesOf();
          await play(is);
          const mine = await valuesOf();
          const differences = await differencesFrom(backup);
          const taken = new Set(differences.flatMap(({ id }, i) => (choices[i % 4] ? id : [])));
          await restoreBackup(backup, taken);
          const parts = (await db().changes.toArray()).filter(isPart);
          expect(new Set(parts.map(({ edit }) => slotOf(edit))).size).toBe(parts.length);
          const wanted = { ...mine };
          for (const { id } of differences.filter((one) => taken.has(one.id))) {
            const [op = ""] = Object.keys({ ...mine, ...then }).filter((name) => id.includes(name));
            if (then[op] === undefined) delete wanted[op];
            else wanted[op] = then[op];
          }
          expect(await valuesOf()).toEqual(wanted);
          // The table shows what stands there once it has been worked out again.
          expect((await stored(page.id)).edits).toBe(parts.length);
          await examinePages(site, [page.id], TODAY);
          expect((await stored(page.id)).title).toBe(wanted["set-title"] ?? "Lamp");
        },
      ),
      { numRuns: 20 },
    );
  });

  it("leaves one change for a node and field also where another tab writes meanwhile", async () => {
    await edit(title("Old"));
    const backup = read(await makeBackup());
    const id = `changes ${page.id} ${slotOf(title(""))}`;
    for (let ticks = 0; ticks < 12; ticks++) {
      await drop(title(""));
      const restored = restoreBackup(backup, new Set([id]));
      for (let i = 0; i < ticks; i++) await new Promise((resolve) => setImmediate(resolve));
      await Promise.all([restored, edit(title("Typed meanwhile"))]);
      expect((await db().changes.where("pageId").equals(page.id).toArray()).filter(isPart)).toHaveLength(1);
    }
  });

  it("leaves one phrase of a text also where another tab adds it meanwhile", async () => {
    const list = [{ text: "boat hire", volume: null, more: {} }];
    await keepPhrases(site.id, list, "Phrases");
    const backup = read(await makeBackup());
    const taken = new Set([`phrases ${site.id} ${phraseKey("boat hire")}`]);
    for (let ticks = 0; ticks < 12; ticks++) {
      await db().phrases.clear();
      const restored = restoreBackup(backup, taken);
      for (let i = 0; i < ticks; i++) await new Promise((resolve) => setImmediate(resolve));
      await Promise.all([restored, keepPhrases(site.id, list, "Phrases")]);
      expect(await db().phrases.count()).toBe(1);
    }
  });

  it("brings back what is not here any more, with all that belongs to it, and asks nothing", async () => {
    await edit(title("Old"));
    await setRuleAside(site.id, "title/too-narrow", "so");
    const backup = read(await makeBackup());
    await emptyStorage();
    expect(await differencesFrom(backup)).toEqual([]);
    await restoreBackup(backup, new Set());
    expect(read(await makeBackup())).toEqual({ ...backup, madeAt: expect.any(String) });
  });
});

describe("a backup that is damaged", () => {
  it.each([
    ["a page of no site", { sites: [] }, /the page https:\/\/quay.example\/lamp belongs to a site/],
    ["a change of no page", { pages: [], derived: [], facets: [] }, /a change of a title belongs to a page/],
  ])("by %s is refused by name", async (_, over, why) => {
    await edit(title("Old"));
    const json = JSON.stringify({ ...JSON.parse(await makeBackup()), ...over });
    expect(readBackup(json)).toEqual({ reason: expect.stringMatching(why) });
  });

  it.each(["MZ\u0090\0\u0003 program", "", "{", "<!doctype html>"])(
    "or none at all (%j) is told in a sentence",
    (text) => {
      expect(readBackup(text)).toEqual({
        reason: expect.stringMatching(/^This file is no backup\. Choose .*changed\.$/),
      });
    },
  );

  it("by what the editor has written of a site or a page that it does not hold is refused by name", async () => {
    await setRuleAside(site.id, "title/too-narrow", "so");
    await addTake(page, { title: "Lamps", description: "Lit" });
    await db().redirects.put({ id: "r", siteId: site.id, from: "/a", to: "/b" });
    const backup = JSON.parse(await makeBackup());
    const refused = (table: string, over: object) =>
      readBackup(JSON.stringify({ ...backup, [table]: backup[table].map((one: object) => ({ ...one, ...over })) }));
    for (const [table, called] of [
      ["setAsides", "a finding that was set aside"],
      ["takes", "a take"],
      ["redirects", "a redirect"],
    ] as const)
      expect(refused(table, { siteId: "gone" })).toEqual({
        reason: expect.stringContaining(`${called} belongs to a site`),
      });
    expect(refused("takes", { pageId: "gone" })).toEqual({
      reason: expect.stringContaining("a take belongs to a page"),
    });
  });

  it.each(FACET_NAMES)("in no way by lacking the facet %s, which is taken again", async (name) => {
    const backup = JSON.parse(await makeBackup());
    for (const record of backup.facets) delete record[name];
    for (const record of backup.derived)
      record.facetStamp = record.facetStamp.replace(new RegExp(`\\b${name}\\d+ ?`), "");
    const before = await db().facets.toArray();
    await emptyStorage();
    await restoreBackup(read(JSON.stringify(backup)), new Set());
    await examinePages(site, [page.id], TODAY);
    expect(await db().facets.toArray()).toEqual(before);
  });
});
