import { readdirSync, readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { markdownFromBytes, originalFromBytes } from "../page/original.ts";
import type { Page } from "../page/page.ts";
import { readPage } from "../page/read.ts";
import { DEFAULT_HOUSE_STYLE, settingsFor } from "../settings/house-style.ts";
import { pageOfSummary } from "../site/page-of-summary.ts";
import { summaryOf } from "../site/summary.ts";
import { PAGE_RULES } from "./catalogue.ts";

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

describe("what a rule reads of the house style beyond its own settings", () => {
  it.each(PAGE_RULES.map((rule) => [rule.id, rule] as const))("%s says whether it does", (_, rule) => {
    let read = false;
    const watched = new Proxy(houseStyle, {
      get(target, name) {
        if (name !== "rules") read = true;
        return Reflect.get(target, name);
      },
    });
    const settings = settingsFor(rule.id, rule.settings, houseStyle);
    const context = { phrase: "lightship museum", houseStyle: watched, today: "2026-11-23", settings, written: [] };
    for (const page of pages) for (const { fix } of rule.check(page, context)) void fix;
    expect(read && !rule.seesSite).toBe(false);
  });
});

describe("a rule that says that it can be counted without the source", () => {
  const counted = PAGE_RULES.filter((rule) => rule.fromSummary);
  it.each(counted.map((rule) => [rule.id, rule] as const))(
    "%s finds the same on what is kept of each page",
    (_, rule) => {
      const settings = settingsFor(rule.id, rule.settings, houseStyle);
      const context = { phrase: "lightship museum", houseStyle, today: "2026-11-23", settings, written: [] };
      const found = (page: Page) => [...rule.check(page, context)].length;
      for (const page of pages) {
        const summary = summaryOf("x", page);
        expect([page.address, found(pageOfSummary(summary))]).toEqual([page.address, found(page)]);
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
      for (const { fix } of rule.check(watched, context)) void fix;
    }
    expect([...unsaid]).toEqual([]);
  });
});
