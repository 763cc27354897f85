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
/** On how many pages each rule finds something, page by page. */
const found = new Map<string, number>();

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
  const add = (ids: Iterable<string>) => {
    for (const id of new Set(ids)) found.set(id, (found.get(id) ?? 0) + 1);
  };
  for (const { id } of pages) {
    const loaded = await loadPage(id);
    if (!loaded) throw new Error("no page");
    const { findings } = await examinePage(loaded.original, contextOf(loaded, site.houseStyle, TODAY));
    add(findings.map(({ rule }) => rule));
  }
  const facets = await db().facets.toArray();
  const sizes = sizesOf(await db().files.toArray());
  const across = auditSite(new Site(facets), site.houseStyle, { pictures: sizes }).flatMap(({ rule, on }) =>
    on.map(({ page }) => ({ page, rule })),
  );
  for (const { id } of pages) add(across.filter(({ page }) => page === id).map(({ rule }) => rule));
});
afterAll(emptyStorage);

describe("what the house style counts", () => {
  it.each([...CATALOGUE.values()])("of $id is what is found page by page", async ({ id, reach }) => {
    const counted =
      reach === "page"
        ? await countRule(id, trials, site.houseStyle, TODAY)
        : await countSiteRule(id, site.id, site.houseStyle);
    expect(counted).toBe(found.get(id) ?? 0);
  });

  it("includes rules that need more than a page's source", () => {
    expect(found.get("data/stale-evidence")).toBe(1);
    expect(found.get("image/larger-than-shown")).toBeGreaterThan(0);
    expect(found.get("body/few-words-for-its-kind")).toBeGreaterThan(0);
  });

  it("is of pages without what was set aside, at one place too", async () => {
    const id = "title/duplicate";
    const [first] = auditSite(new Site(await db().facets.toArray()), site.houseStyle).filter(({ rule }) => rule === id);
    const [on] = first?.on ?? [];
    const aside = { id: "a", siteId: site.id, scope: "place", rule: id, reason: "so" } as const;
    await db().setAsides.put({ ...aside, pageId: on?.page ?? "", key: on?.key ?? "" });
    expect(await countSiteRule(id, site.id, site.houseStyle)).toBe((found.get(id) ?? 0) - 1);
    await db().setAsides.clear();
  });
});
