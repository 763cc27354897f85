import { readdirSync, readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { fixOf } from "../findings/finding.ts";
import { markdownFromBytes, originalFromBytes } from "../page/original-from-bytes.ts";
import type { Page } from "../page/page.ts";
import { readPage } from "../page/read.ts";
import { DEFAULT_HOUSE_STYLE, settingsFor } from "../settings/house-style.ts";
import { facetsOf, type PageFacets } from "../site/facets/page-facets.ts";
import { pageOfFacets } from "../site/facets/page-of-facets.ts";
import { Site } from "../site/index/site.ts";
import { PAGE_RULES, SITE_RULES } from "./catalogue.ts";

const folder = new URL("../../demo/gullhaven/", import.meta.url);
const pages = readdirSync(folder, { recursive: true, encoding: "utf8" })
  .filter((file) => /\.(?:html|md)$/.test(file))
  .map((file) => {
    const bytes = readFileSync(new URL(encodeURI(file), folder));
    const original = file.endsWith(".md") ? markdownFromBytes(bytes) : originalFromBytes(bytes);
    return readPage(original, { address: `https://www.gullhaven.example/${file}` });
  });
const houseStyle = { ...DEFAULT_HOUSE_STYLE, brand: "Gullhaven Lightship Museum" };

/** Never another object while a page is redrafted, or a part of what another one is made of. */
const ALWAYS: ReadonlySet<string> = new Set(["format", "fault", "charset", "headers"]);

describe("what a rule reads of the house style beyond its own settings, and of the day", () => {
  it.each(PAGE_RULES.map((rule) => [rule.id, rule] as const))("%s says", (_, rule) => {
    const read = new Set<PropertyKey>();
    const noting = <T extends object>(watched: T, nameOf: (name: PropertyKey) => PropertyKey[]) =>
      new Proxy(watched, {
        get(target, name) {
          for (const one of nameOf(name)) read.add(one);
          return Reflect.get(target, name);
        },
      });
    const style = noting(houseStyle, (name) => [name === "rules" ? "limits" : name]);
    const settings = settingsFor(rule.id, rule.settings, houseStyle);
    const context = noting(
      { phrase: "lightship museum", houseStyle: style, today: "2026-11-23", settings, written: [] },
      (name) => (name === "today" ? [name] : []),
    );
    for (const page of pages) rule.check(page, fixOf, context);
    const heeds: readonly PropertyKey[] = [...(rule.heeds ?? []), ...(rule.changesOn ? ["today"] : [])];
    expect([...read].filter((name) => !heeds.includes(name))).toEqual([]);
  });
});

describe("what a rule across pages reads of them", () => {
  it.each(SITE_RULES.map((rule) => [rule.id, rule] as const))("%s says that it sees it", (_, rule) => {
    const read = new Set<PropertyKey>();
    const watched = pages.map((page, i) => {
      const known = { phrase: i % 5 === 0 ? "lightship" : "", kind: "article" as const, inSitemap: true };
      return new Proxy<PageFacets>(facetsOf(String(i), page, { ...known, redirectedFrom: [`${page.address}-old`] }), {
        get(target, name) {
          read.add(name);
          return Reflect.get(target, name);
        },
      });
    });
    const site = new Site(watched);
    // What a page's name in a finding is, and what tells that it has changed, is no part of what a rule looks at.
    read.clear();
    const pictures = new Map([["/pictures/x.jpg", { width: 9000, height: 9000 }]]);
    const settings = settingsFor(rule.id, rule.settings, houseStyle);
    rule.check(site, () => {}, { settingsFor: () => settings, brandFor: () => houseStyle, pictures });
    const seen: readonly PropertyKey[] = ["id", "address", ...rule.sees];
    expect([...read].filter((name) => !seen.includes(name))).toEqual([]);
  });
});

describe("a rule that says that it can be counted without the source", () => {
  const counted = PAGE_RULES.filter((rule) => rule.fromFacets);
  it.each(counted.map((rule) => [rule.id, rule] as const))(
    "%s finds the same on what is kept of each page",
    (_, rule) => {
      const settings = settingsFor(rule.id, rule.settings, houseStyle);
      const context = { phrase: "lightship museum", houseStyle, today: "2026-11-23", settings, written: [] };
      const found = (page: Page) => {
        let n = 0;
        rule.check(page, () => n++, context);
        return n;
      };
      for (const page of pages) {
        expect([page.address, found(pageOfFacets(facetsOf("x", page)))]).toEqual([page.address, found(page)]);
      }
    },
  );
});

describe("what a rule reads of a page", () => {
  it.each(PAGE_RULES.map((rule) => [rule.id, rule] as const))("%s says that it sees it", (_, rule) => {
    const unsaid = new Set<string>();
    for (const page of pages) {
      const watched = new Proxy(page, {
        get(target, part) {
          if (typeof part === "string" && !rule.sees.includes(part as keyof Page) && !ALWAYS.has(part))
            unsaid.add(part);
          return Reflect.get(target, part);
        },
      });
      const settings = settingsFor(rule.id, rule.settings, houseStyle);
      const context = { phrase: "lightship museum", houseStyle, today: "2026-11-23", settings, written: [] };
      rule.check(watched, fixOf, context);
    }
    expect([...unsaid]).toEqual([]);
  });
});
