import { readdirSync, readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { addressOfFile } from "../core/address/address.ts";
import { audit } from "../core/audit/auditor.ts";
import { auditSite } from "../core/audit/examine-site.ts";
import { checkHouseStyle } from "../core/exchange/house-style-file.ts";
import { readAssignments, readPhraseTable } from "../core/exchange/phrase-table.ts";
import { pictureSize } from "../core/exchange/picture-size.ts";
import { readTable } from "../core/exchange/table-file.ts";
import { findingOn } from "../core/findings/finding.ts";
import { FOR_NOTHING, toldToRules } from "../core/page/found-for.ts";
import { markdownFromBytes, originalFromBytes } from "../core/page/original-from-bytes.ts";
import { statedAddress } from "../core/page/page.ts";
import { guessKind } from "../core/page/page-kind.ts";
import { readPage } from "../core/page/read.ts";
import { CATALOGUE } from "../core/rules/catalogue.ts";
import type { HouseStyle } from "../core/settings/house-style.ts";
import { addressByFile, facetsOf } from "../core/site/facets/page-facets.ts";
import { Site } from "../core/site/index/site.ts";
import type { Evidence } from "../core/structured-data/evidence.ts";
import planted from "./planted.json";
import site from "./site.json";

const checked = checkHouseStyle({
  version: 1,
  brand: site.name,
  separator: site.separator,
  rules: site.rules,
  data: site.data,
});
if ("reason" in checked) throw new Error(checked.reason);
const { houseStyle } = checked;
const folder = new URL("./gullhaven/", import.meta.url);
const csv = (file: string) => {
  const table = readTable(new Uint8Array(readFileSync(new URL(file, import.meta.url))));
  if ("reason" in table) throw new Error(table.reason);
  return table;
};
const read = readAssignments(csv("assignments.csv"));
if ("reason" in read) throw new Error(read.reason);
const { assigned } = read;

const pages = readdirSync(folder, { recursive: true, encoding: "utf8" })
  .filter((file) => /\.(?:html|md)$/.test(file))
  .map((file) => {
    const bytes = readFileSync(new URL(encodeURI(file), folder));
    const original = file.endsWith(".md") ? markdownFromBytes(bytes) : originalFromBytes(bytes);
    const guess = addressOfFile(file, site.address);
    const page = readPage(original, { address: statedAddress(readPage(original, { address: guess })) ?? guess });
    const findings = audit(page, {
      ...toldToRules(assigned.get(file) ?? FOR_NOTHING),
      houseStyle,
      today: "2026-11-23",
    });
    return { file: file.normalize("NFC"), page, findings };
  });

const redirects = Object.entries(site.redirects).map(([from, to]) => [site.address + from.slice(1), to] as const);
const pictures = new Map(
  readdirSync(new URL("img/", folder)).flatMap((name) => {
    const size = pictureSize(readFileSync(new URL(`img/${name}`, folder)));
    return size ? [[`/img/${name}`, size] as const] : [];
  }),
);
const listed = readPhraseTable(csv("phrases.csv"));
if ("reason" in listed) throw new Error(listed.reason);
const museum = new Site(
  pages.map(({ file, page }) =>
    facetsOf(file, page, {
      also: addressByFile(file, page) ?? "",
      ...assigned.get(file),
      kind: guessKind(page),
      redirectedFrom: redirects.flatMap(([from, to]) => (page.address.endsWith(to) ? [from] : [])),
    }),
  ),
);
museum.setPhrases(listed.phrases.map(({ text }) => text));
const siteFindings = auditSite(museum, houseStyle, { pictures });

/** Findings of a page with those across pages that name it. */
function findingsOf(file: string): { rule: string; message: string; weight: string }[] {
  const own = pages.find((page) => page.file === file)?.findings ?? [];
  return [
    ...own,
    ...siteFindings.flatMap((group) => group.on.flatMap((one) => (one.page === file ? [findingOn(group, one)] : []))),
  ];
}

/** A fault that stands in a page; `rules` turns on what is off by default. */
interface Planted {
  page: string;
  rule: string;
  fragment: string;
  rules?: HouseStyle["rules"];
  /** Where values of the first JSON-LD block were taken from, as a redraft keeps it. */
  evidence?: Evidence[];
}

function withMore(file: string, { rules = {}, evidence = [] }: Planted) {
  const page = pages.find((one) => one.file === file)?.page;
  const style = { ...houseStyle, rules: { ...houseStyle.rules, ...rules } };
  const written = [{ value: page?.data[0]?.text ?? "", evidence }];
  return page
    ? audit(page, { phrase: assigned.get(file)?.phrase ?? null, houseStyle: style, today: "2026-11-23", written })
    : [];
}

describe("the demo site", () => {
  it("has forty pages", () => {
    expect(pages).toHaveLength(40);
  });

  it.each(planted as Planted[])("$page: $rule is found at $fragment", (planted) => {
    const { page, rule, fragment } = planted;
    const findings = planted.rules || planted.evidence ? withMore(page, planted) : findingsOf(page.normalize("NFC"));
    const messages = findings.filter((f) => f.rule === rule).map((f) => f.message);
    expect(messages.join("\n")).toContain(fragment);
  });

  it("has no finding of weight must that was not planted", () => {
    const listed = new Set(planted.map(({ page, rule }) => `${page.normalize("NFC")} ${rule}`));
    const found = pages.flatMap(({ file }) =>
      findingsOf(file)
        .filter((f) => f.weight === "must")
        .map((f) => `${file} ${f.rule}`),
    );
    expect(found.filter((one) => !listed.has(one))).toEqual([]);
  });

  it("plants a case for every rule", () => {
    const cases = new Set(planted.map(({ rule }) => rule));
    expect([...CATALOGUE.keys()].filter((id) => !cases.has(id))).toEqual([]);
  });

  it("has a fix where a rule says that it may have one, and nowhere else", () => {
    const all = [
      ...pages.flatMap(({ findings }) => findings),
      ...(planted as Planted[]).flatMap((one) => (one.rules || one.evidence ? withMore(one.page, one) : [])),
      ...siteFindings.flatMap(({ rule, on }) => on.map(({ fix }) => ({ rule, fix }))),
    ];
    const fixed = new Set(all.filter(({ fix }) => fix).map(({ rule }) => rule));
    expect([...fixed].sort()).toEqual(
      [...CATALOGUE.values()]
        .filter(({ hasFix }) => hasFix)
        .map(({ id }) => id)
        .sort(),
    );
  });
});
