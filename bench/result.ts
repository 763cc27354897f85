// What help with the result takes: suggestions, a proof, typing in a take among others; part of npm run bench.
import type { Proof } from "../core/exchange/proof.ts";
import { proofHtml } from "../core/exchange/proof.ts";
import { descriptionOf, titleOf } from "../core/page/page.ts";
import { guessKind } from "../core/page/page-kind.ts";
import { readPage } from "../core/page/read.ts";
import { suggestDescriptions } from "../core/result/suggested/descriptions.ts";
import { suggestTitles } from "../core/result/suggested/titles.ts";
import { DEFAULT_HOUSE_STYLE, DEFAULT_LIMITS } from "../core/settings/house-style.ts";
import { largeSite } from "../demo/large.ts";
import { inBrowser, keyTimes, percentile } from "./browser.ts";
import type { Note } from "./note.ts";

const MEGABYTE = 1024 * 1024;
const TEXT = "Is the lightship open today? Times, prices and the last boat";

export async function benchResult(note: Note): Promise<void> {
  const pages = [...largeSite(200, 200)].map(({ address, source }) => readPage(source, { address }));
  const times = pages.map((page) => {
    const basis = {
      phrase: "lightship opening times",
      kind: guessKind(page),
      style: { ...DEFAULT_HOUSE_STYLE, brand: "Large", separator: " | " },
      limits: DEFAULT_LIMITS,
      helperWords: ["lamp", "tickets"],
      taken: () => false,
      share: () => 0.1,
    };
    const begun = performance.now();
    suggestTitles(page, basis);
    suggestDescriptions(page, basis);
    return performance.now() - begun;
  });
  const p95 = percentile(times, 0.95);
  note(
    "titles and descriptions suggested for a page of some 45 KB",
    `p95 ${p95.toFixed(0)} ms`,
    "p95 ≤ 50 ms",
    p95 <= 50,
  );

  const proof: Proof = {
    site: { id: "large", name: "A large site" },
    at: "2026-11-28T10:00:00.000Z",
    pages: pages.map((page, n) => {
      const was = { title: titleOf(page), description: descriptionOf(page) };
      const is = {
        title: `${was.title} today`,
        description: `${was.description} And more of it, today and on all days.`,
      };
      return {
        address: page.address,
        language: "en",
        phrase: "lightship opening times",
        was,
        is,
        changes: [
          { id: `t${n}`, field: "title", was: was.title, is: is.title, reason: "it says when" },
          { id: `d${n}`, field: "description", was: was.description, is: is.description, reason: "" },
        ],
        takes: [{ id: `k${n}`, letter: "A", title: `Another ${was.title}`, description: was.description, reason: "" }],
      };
    }),
  };
  const begun = performance.now();
  const size = new TextEncoder().encode(proofHtml(proof, DEFAULT_LIMITS)).length;
  const seconds = (performance.now() - begun) / 1000;
  note(
    "a proof of 200 pages, each with two changes and a take",
    `${seconds.toFixed(1)} s, ${(size / MEGABYTE).toFixed(1)} MB`,
    "≤ 5 s, ≤ 3 MB",
    seconds <= 5 && size <= 3 * MEGABYTE,
  );

  await inBrowser(async ({ fresh, address }) => {
    const context = await fresh();
    const page = await context.newPage();
    page.setDefaultTimeout(40_000);
    await page.goto(address);
    await page.getByRole("button", { name: "Open the demo site" }).click();
    await page.getByText(/^\d+ orphans?|, \d+ orphans?/).waitFor();
    await page.getByRole("link", { name: "Line-up", exact: true }).click();
    await page.getByRole("button", { name: "Begin a line-up…" }).click();
    await page.getByPlaceholder("Find a page").fill("opening");
    await page.getByRole("option").first().click();
    await page.getByRole("button", { name: "Bring in the others…" }).click();
    await page.getByRole("button", { name: "Ask it" }).click();
    await page.getByRole("button", { name: "Stand among them" }).click();
    await page.getByRole("button", { name: "Another take" }).click();
    const title = page.getByLabel("Title of take A on desktop");
    await title.click();
    await page.keyboard.press("Control+a");
    await page.keyboard.type("The", { delay: 200 });
    await page.keyboard.press("Control+a");
    const slow = percentile(await keyTimes(page, TEXT), 0.95);
    note(
      "a key in a take to its painted cuts, among twelve others",
      `p95 ${slow <= 16 ? "below 16" : Math.round(slow)} ms`,
      "p95 ≤ 50 ms",
      slow <= 50,
    );
  });
}
