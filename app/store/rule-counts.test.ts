import { readdirSync, readFileSync } from "node:fs";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { addressOfFile } from "#core/address/address";
import { examinePage } from "#core/audit/examine-page";
import { auditSite } from "#core/audit/examine-site";
import { dataEdit } from "#core/compose/data-edit";
import { foundFor } from "#core/page/found-for";
import { sourceOf } from "#core/page/original";
import { originalFromBytes } from "#core/page/original-from-bytes";
import { readPage } from "#core/page/read";
import { CATALOGUE } from "#core/rules/catalogue";
import type { HouseStyle } from "#core/settings/house-style";
import { Site } from "#core/site/index/site";
import planted from "../../demo/planted.json";
import facts from "../../demo/site.json";
import { newChange } from "./changes";
import { db } from "./db";
import { keepFiles } from "./files";
import { contextOf, loadPage } from "./freshen";
import { loadPageRecords } from "./page-record";
import { sizesOf } from "./records/files";
import type { SiteRecord } from "./records/sites";
import { countRule, countSiteRule, type RuleTrial } from "./rule-counts";
import { emptyStorage, keptPage, openSite, TODAY } from "./testing";

const folder = new URL("../../demo/gullhaven/", import.meta.url);
const rules: HouseStyle["rules"] = Object.fromEntries([...CATALOGUE.keys()].map((id) => [id, { on: true }]));
let site: SiteRecord;
let trials: RuleTrial[];
/** The pages on which each rule finds something, page by page. */
const found = new Map<string, Set<string>>();
const foundBy = (rule: string) => found.get(rule) ?? new Set();

/** The demo's pages as they are kept, one of them with data whose evidence has gone. */
beforeAll(async () => {
  site = await openSite();
  site.houseStyle = { ...site.houseStyle, brand: facts.name, separator: facts.separator, rules };
  const stale = planted.find(({ rule }) => rule === "data/stale-evidence");
  for (const file of readdirSync(folder, { recursive: true, encoding: "utf8" })) {
    if (!file.endsWith(".html")) continue;
    const source = sourceOf(originalFromBytes(readFileSync(new URL(encodeURI(file), folder))));
    const record = await keptPage(site, source, addressOfFile(file, facts.address));
    if (file !== stale?.page) continue;
    const [block] = readPage(source, { address: record.address }).data;
    const edit = dataEdit("", block?.text ?? "", stale.evidence);
    await db().changes.put({ ...newChange(record, edit, 0, "2026-11-01T10:00:00Z"), state: "settled" });
  }
  const pictures = readdirSync(new URL("img/", folder)).map((name) => ({
    path: `img/${name}`,
    bytes: new Uint8Array(readFileSync(new URL(`img/${name}`, folder))),
  }));
  await keepFiles(site, pictures, facts.address);
  const pages = await loadPageRecords(site.id);
  trials = pages.map((page) => ({ pageId: page.id, kind: page.kind, ...foundFor(page) }));
  const add = (page: string, rule: string) => found.set(rule, new Set(foundBy(rule)).add(page));
  for (const { id } of pages) {
    const loaded = await loadPage(id);
    if (!loaded) throw new Error("no page");
    const { findings } = await examinePage(loaded.original, contextOf(loaded, site.houseStyle, TODAY));
    for (const { rule } of findings) add(id, rule);
  }
  const facets = await db().facets.toArray();
  const sizes = sizesOf(await db().files.toArray());
  for (const { rule, on } of auditSite(new Site(facets), site.houseStyle, { pictures: sizes }))
    for (const { page } of on) add(page, rule);
});
afterAll(emptyStorage);

describe("what the house style counts", () => {
  it.each([...CATALOGUE.values()])("of $id is what is found page by page", async ({ id, reach }) => {
    if (reach === "site") {
      expect(await countSiteRule(id, site.id, site.houseStyle)).toBe(foundBy(id).size);
      return;
    }
    // Every page where something is found, and some of the others.
    const asked = trials.filter(({ pageId }, i) => foundBy(id).has(pageId) || i % 8 === 0);
    expect(await countRule(id, asked, site.houseStyle, TODAY)).toBe(foundBy(id).size);
  });

  it("includes rules that need more than a page's source", () => {
    expect(foundBy("data/stale-evidence").size).toBe(1);
    expect(foundBy("image/larger-than-shown").size).toBeGreaterThan(0);
    expect(foundBy("body/few-words-for-its-kind").size).toBeGreaterThan(0);
  });

  it("is of pages without what was set aside, at one place too", async () => {
    const id = "title/duplicate";
    const [first] = auditSite(new Site(await db().facets.toArray()), site.houseStyle).filter(({ rule }) => rule === id);
    const [on] = first?.on ?? [];
    const aside = { id: "a", siteId: site.id, scope: "place", rule: id, reason: "so" } as const;
    await db().setAsides.put({ ...aside, pageId: on?.page ?? "", key: on?.key ?? "" });
    expect(await countSiteRule(id, site.id, site.houseStyle)).toBe(foundBy(id).size - 1);
    await db().setAsides.clear();
  });
});
