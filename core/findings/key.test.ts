import { readdirSync, readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { audit } from "../audit/auditor.ts";
import { redraftPage } from "../audit/redraft-page.ts";
import { originalFromText } from "../page/original.ts";
import { markdownFromBytes, originalFromBytes } from "../page/original-from-bytes.ts";
import type { Page } from "../page/page.ts";
import { readPage } from "../page/read.ts";
import { applyToPage } from "../rewrite/apply.ts";
import type { Edit } from "../rewrite/edits.ts";
import { keyOf } from "../rewrite/resolve.ts";
import { DEFAULT_HOUSE_STYLE } from "../settings/house-style.ts";

const LONG = "The lamp was lit at dusk. ".repeat(60).trim();
const SOURCE = `<!doctype html><html lang=en><title>Lamps of the quay</title><body><main>
<h1>Lamps</h1><p>${LONG}</p><h2>Click here</h2><h4>Oil</h4><p>First.</p><h4>Oil</h4>
<p><a href="/a">click here</a> and <a href="/b">here</a> and <a href="/a">click here</a></p>
<p><img src="/a.png"><img src="/b.png"><img src="/a.png"></p><p>${LONG} </p></main>`;
const original = readPage(originalFromText(SOURCE), { address: "https://quay.example/lamps" });
const style = { houseStyle: DEFAULT_HOUSE_STYLE, today: "2026-11-27" };

const keysOf = (edits: readonly Edit[]) => {
  const redrafted = redraftPage(original, { ...style, edits });
  expect(redrafted.refused).toEqual([]);
  return audit(redrafted.page, redrafted.rules, redrafted).map(({ key }) => key);
};
const node = (kind: "block" | "picture" | "link" | "heading", index: number) => keyOf(original, kind, index);
const blockOf = (text: string) => original.blocks.findIndex((block) => block.text.startsWith(text));

/** Edits that leave every finding of these rules where it is, in other words. */
const cases: [string, string[], Edit[]][] = [
  [
    "a paragraph",
    ["body/long-paragraph"],
    [{ op: "set-block-text", block: node("block", blockOf("The lamp")), value: `Once, ${LONG}`, was: LONG }],
  ],
  [
    "what stands before it",
    ["body/long-paragraph", "link/vague-text", "image/alt-missing"],
    [
      { op: "set-block-text", block: node("block", blockOf("First")), value: "Second.", was: "First." },
      { op: "set-heading-text", heading: node("heading", 1), value: "Look here", was: "Click here" },
    ],
  ],
  [
    "a heading",
    ["heading/skipped-level"],
    [{ op: "set-heading-text", heading: node("heading", 2), value: "Whale oil", was: "Oil" }],
  ],
  ["a link", ["link/vague-text"], [{ op: "set-link-text", link: node("link", 0), value: "here", was: "click here" }]],
  [
    "a block put before all",
    ["body/long-paragraph", "image/alt-missing", "heading/skipped-level"],
    [
      {
        op: "insert-blocks",
        id: "new",
        at: node("block", blockOf("The lamp")),
        before: true,
        blocks: [{ tag: "p", text: "New." }],
        was: null,
      },
    ],
  ],
];

describe("the key of a finding", () => {
  it.each(cases)("stays while %s is reworded", (_, rules, edits) => {
    const of = (list: readonly Edit[]) =>
      keysOf(list).filter((key) => rules.some((rule) => key.startsWith(`${rule} @`)));
    expect(of([])).not.toEqual([]);
    expect(of(edits)).toEqual(of([]));
  });

  it("names each of several equal nodes", () => {
    const keys = keysOf([]);
    expect(new Set(keys).size).toBe(keys.length);
    expect(keys.filter((key) => key.startsWith("image/alt-missing"))).toEqual([
      "image/alt-missing @ picture 1 /a.png",
      "image/alt-missing @ picture 1 /b.png",
      "image/alt-missing @ picture 2 /a.png",
    ]);
  });

  it("of a text that the redraft has added is that of the edit, however it is worded", () => {
    const added = (text: string): Edit[] => [
      { op: "insert-blocks", id: "n1", at: node("block", 1), before: false, blocks: [{ tag: "p", text }], was: null },
    ];
    const of = (text: string) => keysOf(added(text)).filter((key) => key.includes("block added"));
    expect(of(`${LONG} One.`)).toHaveLength(1);
    expect(of(`${LONG} One.`)).toEqual(of(`Two. ${LONG}`));
  });
});

const folder = new URL("../../demo/gullhaven/", import.meta.url);
const demo = readdirSync(folder, { recursive: true, encoding: "utf8" }).filter((file) => /\.(?:html|md)$/.test(file));

/** Rewordings of every third text of a page that can be made, each at another place of its words. */
function rewordings(page: Page): Edit[] {
  const words = (text: string, i: number) => (i % 2 === 0 ? `Also ${text}` : `${text} too`);
  const texts: Edit[] = [
    ...page.blocks.map(({ text }, i): Edit => {
      return { op: "set-block-text", block: keyOf(page, "block", i), value: words(text, i), was: text };
    }),
    ...Array.from(page.headings, ({ key, text }, i): Edit => {
      return { op: "set-heading-text", heading: key, value: words(text, i), was: text };
    }),
  ];
  return texts.filter((edit, i) => i % 3 === 0 && applyToPage(page, [edit]).refused.length === 0);
}

describe("findings of the demo's pages", () => {
  it.each(demo)("keep their keys while texts of %s, and what stands around them, are reworded", (file) => {
    const bytes = readFileSync(new URL(encodeURI(file), folder));
    const source = file.endsWith(".md") ? markdownFromBytes(bytes) : originalFromBytes(bytes);
    const page = readPage(source, { address: `https://www.gullhaven.example/${file}` });
    const found = (edits: readonly Edit[]) => {
      const redrafted = redraftPage(page, { ...style, edits });
      return audit(redrafted.page, redrafted.rules, redrafted);
    };
    /** Keys by what is told, where it is told once. */
    const byMessage = (edits: readonly Edit[]) => {
      const all = found(edits);
      const name = ({ rule, message }: (typeof all)[number]) => `${rule} ${message}`;
      const times = new Map<string, number>();
      for (const one of all) times.set(name(one), (times.get(name(one)) ?? 0) + 1);
      return new Map(all.filter((one) => times.get(name(one)) === 1).map((one) => [name(one), one.key]));
    };
    const before = byMessage([]);
    for (const edit of rewordings(page))
      for (const [told, key] of byMessage([edit]))
        if (before.has(told)) expect([told, key]).toEqual([told, before.get(told)]);
  });
});
