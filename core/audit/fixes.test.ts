import { readdirSync, readFileSync } from "node:fs";
import fc from "fast-check";
import { beforeAll, describe, expect, it } from "vitest";
import site from "../../demo/site.json";
import { addressOfFile } from "../address/address.ts";
import { checkHouseStyle } from "../exchange/house-style-file.ts";
import type { Finding } from "../findings/finding.ts";
import { loadMarkdown } from "../page/load-markdown.ts";
import { markdownFromBytes, originalFromBytes } from "../page/original-from-bytes.ts";
import type { Page } from "../page/page.ts";
import { readPage } from "../page/read.ts";
import { type Edit, withEdit } from "../rewrite/edits.ts";
import { sources } from "../rewrite/testing.ts";
import { UNREADABLE } from "../rules/unreadable.ts";
import { WEIGHTS } from "../settings/setting.ts";
import { examinePage } from "./examine-page.ts";
import { prepareFixes } from "./expand.ts";

const { name: brand, separator, rules, data } = site;
const checked = checkHouseStyle({ version: 1, brand, separator, rules, data });
if ("reason" in checked) throw new Error(checked.reason);
const { houseStyle } = checked;

/** What a fix may bring to light: it was there before, and could not be seen. */
const COMES_TO_LIGHT: Readonly<Record<string, readonly string[]>> = {
  // What is said in a block that could not be read.
  "data/syntax": ["data/required-for-feature", "data/recommended-for-feature", "data/not-on-page"],
  // Which words are names is learnt from the headings.
  "heading/styled-only": ["title/case"],
  // Equal headings that only one between them kept apart.
  "heading/in-navigation": ["heading/duplicate"],
  "heading/in-aside": ["heading/duplicate"],
  "heading/in-footer": ["heading/duplicate"],
  "heading/in-comments": ["heading/duplicate"],
  // A page that held nothing but an empty heading.
  "heading/empty": [UNREADABLE],
};
const MOST_STEPS = 40;

/** Applies the fixes of a page one after the other, each as it is offered then, in an order that `pick` chooses. */
async function applyAll(original: Page, pick: (most: number) => number): Promise<string[]> {
  const wrong: string[] = [];
  let edits: readonly Edit[] = [];
  let now = await examinePage(original, { houseStyle, today: "2026-12-02", edits });
  for (let step = 0; step < MOST_STEPS; step++) {
    await prepareFixes(now.page, "");
    const fixable = now.findings.filter(({ fix }) => fix !== null && fix.edits.length > 0);
    const finding = fixable[pick(fixable.length)];
    if (!finding) return wrong;
    edits = (finding.fix?.edits ?? []).reduce<readonly Edit[]>(withEdit, edits);
    const next = await examinePage(original, { houseStyle, today: "2026-12-02", edits });
    const told = `${finding.rule}: ${finding.fix?.label}`;
    const [refused] = next.refused;
    if (refused) return [...wrong, `${told} is refused: ${refused.reason}`];
    if (next.findings.some(({ key, message }) => key === finding.key && message === finding.message))
      return [...wrong, `${told} leaves its finding where it was`];
    for (const caused of causedBy(finding, now.findings, next.findings)) wrong.push(`${told} causes ${caused}`);
    // Fixes of headings depend on the other headings, and suggested descriptions on the paragraphs.
    for (const left of fixable.filter(({ rule }) => !/^(?:heading|description)\//.test(rule)))
      if (next.findings.some((one) => one.key === left.key && one.message === left.message && one.fix === null))
        wrong.push(`${told} takes away ${left.rule}: ${left.fix?.label}`);
    now = next;
  }
  return wrong;
}

/** What was not there before, and weighs at least as much as what was mended. */
function causedBy(mended: Finding, before: readonly Finding[], after: readonly Finding[]): string[] {
  const many = (all: readonly Finding[], rule: string) => all.filter((one) => one.rule === rule).length;
  const keys = new Set(before.map(({ key }) => key));
  return (
    after
      .filter(({ key, weight }) => !keys.has(key) && WEIGHTS.indexOf(weight) <= WEIGHTS.indexOf(mended.weight))
      .filter(({ rule }) => rule !== mended.rule && many(after, rule) > many(before, rule))
      // How elements that are not closed are read depends on all that stands around them.
      .filter(({ rule }) => rule !== "markup/unclosed" && !COMES_TO_LIGHT[mended.rule]?.includes(rule))
      .map(({ rule, message }) => `${rule}: ${message}`)
  );
}

describe("fixes of one page work together: each applies, and causes nothing as heavy", () => {
  beforeAll(() => loadMarkdown({ kind: "markdown" }));
  const order = fc.array(fc.nat(1000), { minLength: MOST_STEPS, maxLength: MOST_STEPS });
  const by = (numbers: readonly number[]) => {
    let at = 0;
    return (most: number) => (most === 0 ? 0 : (numbers[at++ % numbers.length] ?? 0) % most);
  };

  const folder = new URL("../../demo/gullhaven/", import.meta.url);
  const files = readdirSync(folder, { recursive: true, encoding: "utf8" }).filter((file) =>
    /\.(?:html|md)$/.test(file),
  );
  it.each(files)("%s", async (file) => {
    const bytes = readFileSync(new URL(encodeURI(file), folder));
    const original = file.endsWith(".md") ? markdownFromBytes(bytes) : originalFromBytes(bytes);
    const page = readPage(original, { address: addressOfFile(file, site.address) });
    const property = fc.asyncProperty(order, async (numbers) => {
      expect(await applyAll(page, by(numbers))).toEqual([]);
    });
    await fc.assert(property, { numRuns: 1 });
  });

  const onPages = async (numRuns: number, seed?: number) => {
    const property = fc.asyncProperty(sources, order, async (source, numbers) => {
      const page = readPage(source, { address: "https://a.example/some-page" });
      expect(await applyAll(page, by(numbers))).toEqual([]);
    });
    await fc.assert(property, { numRuns, ...(seed !== undefined && { seed }) });
  };
  it("on pages as people write them", () => onPages(80, 1));
  it("on thousands of them", { tags: "long" }, () => onPages(3000));

  it("of two values of one block of data", async () => {
    const offer = { "@type": "Offer", price: "£22.00", availability: "in stock" };
    const product = { "@context": "https://schema.org", "@type": "Product", name: "Lamp", offers: offer };
    const page = readPage(`<script type="application/ld+json">${JSON.stringify(product)}</script><p>Lamp £22.00</p>`, {
      address: "https://a.example/lamp",
    });
    const fixOf = async (rule: string, edits: readonly Edit[]) => {
      const { findings } = await examinePage(page, { houseStyle, today: "2026-12-02", edits });
      return findings.find((one) => one.rule === rule)?.fix?.edits ?? [];
    };
    const first = await fixOf("data/price-format", []);
    const second = await fixOf("data/enumeration", first);
    const edits = [...first, ...second].reduce<readonly Edit[]>(withEdit, []);
    expect(edits.map((edit) => (edit.op === "set-data" ? JSON.parse(edit.value).offers : edit.op))).toEqual([
      { "@type": "Offer", price: "22.00", availability: "https://schema.org/InStock" },
    ]);
  });
});
