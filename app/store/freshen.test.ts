import { readdirSync, readFileSync } from "node:fs";
import { afterAll, afterEach, beforeAll, beforeEach, describe, expect, it } from "vitest";
import { addressOfFile } from "#core/address/address";
import { examinePage } from "#core/audit/examine-page";
import { rulesFound } from "#core/findings/found";
import { sourceOf } from "#core/page/original";
import { originalFromBytes } from "#core/page/original-from-bytes";
import { CATALOGUE } from "#core/rules/catalogue";
import type { HouseStyle } from "#core/settings/house-style";
import { FACET_STAMP } from "#core/site/facets/page-facets";
import facts from "../../demo/site.json";
import { db } from "./db";
import { contextOf, examinePages, loadPage } from "./freshen";
import { withAudited } from "./house-style";
import type { SiteRecord } from "./records/sites";
import { emptyStorage, keptPage, openSite, TODAY } from "./testing";

const folder = new URL("../../demo/gullhaven/", import.meta.url);
let site: SiteRecord;
let ids: string[];

beforeAll(async () => {
  site = await openSite();
  const rules = Object.fromEntries([...CATALOGUE.keys()].map((id) => [id, { on: true }]));
  site = { ...site, houseStyle: { ...site.houseStyle, brand: facts.name, separator: facts.separator, rules } };
  ids = [];
  for (const file of readdirSync(folder, { recursive: true, encoding: "utf8" })) {
    if (!file.endsWith(".html")) continue;
    const source = sourceOf(originalFromBytes(readFileSync(new URL(encodeURI(file), folder))));
    ids.push((await keptPage(site, source, addressOfFile(file, facts.address))).id);
  }
});
beforeEach(async () => {
  await examinePages(site, ids, TODAY);
});
afterAll(emptyStorage);

const withRule = (id: string, rule: HouseStyle["rules"][string]): Partial<HouseStyle> => ({
  rules: { ...site.houseStyle.rules, [id]: { on: true, ...rule } },
});
const derived = async () => (await db().derived.bulkGet(ids)).map((one) => one ?? { id: "" });

/** The site by another house style, of which it is known what it was audited by before. */
function changedTo(change: () => Partial<HouseStyle>): SiteRecord {
  const houseStyle = { ...site.houseStyle, ...change() };
  const kinds = Object.values(houseStyle.kinds ?? {});
  for (const rules of [houseStyle.rules, ...kinds.map((kind) => kind.rules ?? {})])
    for (const id of Object.keys(rules)) expect(CATALOGUE.has(id), id).toBe(true);
  return { ...site, audited: withAudited(site), houseStyle };
}

describe("pages by another house style are as if all had been audited again", () => {
  const told: [string, () => Partial<HouseStyle>][] = [
    ["a limit of titles", () => withRule("title/too-many-characters", { settings: { limit: 20 } })],
    // Titles and descriptions are cut there in the table too.
    ["a width, which other rules cut by", () => withRule("description/too-wide", { settings: { limitPx: 300 } })],
    ["a rule that is off", () => withRule("body/long-paragraph", { on: false })],
    ["a weight", () => withRule("body/long-paragraph", { weight: "must" })],
    ["the separator", () => ({ separator: " – " })],
    ["a rule for pages of a kind", () => ({ kinds: { article: { rules: { "title/too-narrow": { on: false } } } } })],
  ];
  it.each(told)("%s: no source is read", async (_, change) => {
    const other = changedTo(change);
    const originals = await db().originals.toArray();
    await db().originals.clear();
    expect(await examinePages(other, ids, TODAY)).toBe(ids.length);
    const short = await derived();
    await db().originals.bulkPut(originals);
    await db().derived.toCollection().modify({ stamp: "" });
    await examinePages(other, ids, TODAY);
    expect(short).toEqual(await derived());
  });

  it.each([
    ["the brand", () => ({ brand: "Gullhaven" })],
    ["a rule that needs the text", () => withRule("body/long-paragraph", { settings: { words: 20 } })],
    ["a rule about headings", () => withRule("heading/skipped-level", { on: false })],
    ["a weight that a rule gives by itself again", () => withRule("title/missing", {})],
  ] as [string, () => Partial<HouseStyle>][])("%s", async (_, change) => {
    const other = changedTo(change);
    await examinePages(other, ids, TODAY);
    const short = await derived();
    await db().derived.toCollection().modify({ stamp: "" });
    await examinePages(other, ids, TODAY);
    expect(short).toEqual(await derived());
  });
});

describe("what was set aside is not counted where only its rule has moved", () => {
  const rule = "title/too-many-characters";
  afterEach(() => db().setAsides.clear());

  it.each(["site", "page", "place"] as const)("for a %s", async (scope) => {
    const other = changedTo(() => withRule(rule, { settings: { limit: 20 } }));
    await examinePages(other, ids, TODAY);
    const found = (await db().derived.bulkGet(ids)).filter((row) => rulesFound(row?.found ?? "").includes(rule));
    expect(found.length).toBeGreaterThan(1);
    const id = found[0]?.id ?? "";
    const loaded = await loadPage(id);
    if (!loaded) throw new Error("no page");
    const { findings } = await examinePage(loaded.original, contextOf(loaded, other.houseStyle, TODAY));
    const key = findings.find((finding) => finding.rule === rule)?.key ?? "";
    const at = { site: { pageId: null, key: null }, page: { pageId: id, key: null }, place: { pageId: id, key } };
    await db().setAsides.put({ id: "a", siteId: site.id, scope, rule, reason: "so", ...at[scope] });
    await db().derived.toCollection().modify({ stamp: "" });
    await examinePages(site, ids, TODAY);
    // Now the rule alone has moved.
    await examinePages(other, ids, TODAY);
    const left = (await db().derived.bulkGet(ids)).filter((row) => rulesFound(row?.found ?? "").includes(rule));
    const expected = scope === "site" ? [] : found.map((row) => row?.id).filter((one) => one !== id);
    expect(left.map((row) => row?.id)).toEqual(expected);
  });
});

it("a facet that is taken otherwise now is taken again, and nothing else", async () => {
  const [id = ""] = ids;
  const [before, facets] = [await db().derived.get(id), await db().facets.get(id)];
  await db().derived.update(id, { facetStamp: FACET_STAMP.replace("links1", "links0"), found: "\nx 1 0 0" });
  await db().facets.update(id, { links: "", ids: "kept" });
  await examinePages(site, [id], TODAY);
  const after = await db().derived.get(id);
  expect(rulesFound(after?.found ?? "")).toEqual(["x"]);
  expect(after?.facetStamp).toBe(FACET_STAMP);
  expect(await db().facets.get(id)).toEqual({ ...facets, ids: "kept" });
  await db().derived.update(id, { found: before?.found ?? "", stamp: "" });
});
