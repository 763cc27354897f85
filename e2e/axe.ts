import { readFileSync } from "node:fs";
import { createRequire } from "node:module";
import type { Page } from "playwright-core";

/** axe-core's own script, to be run in a page. */
const AXE = readFileSync(createRequire(import.meta.url).resolve("axe-core/axe.min.js"), "utf8");

/** axe-core's rules and ours that speak of the same thing. */
const PAIRS: [string, string[]][] = [
  ["heading-order", ["heading/skipped-level"]],
  ["empty-heading", ["heading/empty"]],
  ["page-has-heading-one", ["heading/no-h1"]],
  ["document-title", ["title/missing"]],
  ["html-has-lang", ["head/language-missing"]],
  ["html-lang-valid", ["head/language-invalid"]],
  ["meta-viewport", ["head/viewport-blocks-zoom"]],
  ["image-alt", ["image/alt-missing"]],
  ["button-name", ["control/no-name"]],
  ["link-name", ["link/no-text", "image/alt-empty-in-link"]],
  ["duplicate-id", ["markup/duplicate-id"]],
  ["landmark-one-main", ["markup/no-main"]],
];

interface Runner {
  axe: {
    run(
      context: Document,
      options: object,
    ): Promise<{ violations: { id: string; nodes: { target: unknown; failureSummary?: string }[] }[] }>;
  };
}

/** All that axe-core looks for but AAA and what it calls experimental: WCAG 2.2 at A and AA, and best practice. */
const ALL = ["wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa", "best-practice"];

/** What stays in view lies where it would without: what it covers at the moment is reached by scrolling. */
const UNSTUCK = ".sticky { position: relative !important; inset: auto !important }";

/** A document that is written anew keeps its window, and axe-core in it. */
async function withAxe(page: Page): Promise<void> {
  if (await page.evaluate(() => !("axe" in window))) await page.evaluate(AXE);
}

/** What axe-core finds in a page as it stands. */
export async function violations(page: Page): Promise<string[]> {
  await withAxe(page);
  return page.evaluate(
    async ({ values, unstuck }) => {
      const sheet = new CSSStyleSheet();
      sheet.replaceSync(unstuck);
      document.adoptedStyleSheets = [sheet];
      // Notes take their places in the frame after a window has changed its size.
      await new Promise((drawn) => requestAnimationFrame(() => requestAnimationFrame(drawn)));
      const runner = (window as unknown as Runner).axe;
      const found = await runner.run(document, {
        // Of what is right no place is worked out: on large screens that takes longer than the looking.
        resultTypes: ["violations"],
        // Style sheets are fetched for one rule alone, an experimental one.
        preload: false,
        runOnly: { type: "tag", values },
      });
      document.adoptedStyleSheets = [];
      return found.violations.map(
        (v) => `${v.id}: ${v.nodes.map((n) => `${String(n.target)} ${n.failureSummary ?? ""}`).join(" | ")}`,
      );
    },
    { values: ALL, unstuck: UNSTUCK },
  );
}

/** The shared rules on which axe-core, run in the page, and our findings differ. */
export async function differingFromAxe(page: Page, source: string, ours: ReadonlySet<string>): Promise<string[]> {
  await page.setContent(source);
  await withAxe(page);
  const violated = await page.evaluate(
    async (rules) => {
      const runner = (window as unknown as Runner).axe;
      return (
        await runner.run(document, { resultTypes: ["violations"], runOnly: { type: "rule", values: rules } })
      ).violations.map((v) => v.id);
    },
    PAIRS.map(([id]) => id),
  );
  return PAIRS.filter(([theirs, own]) => violated.includes(theirs) !== own.some((id) => ours.has(id))).map(
    ([theirs]) => `${theirs} (${violated.includes(theirs) ? "theirs" : "ours"})`,
  );
}
