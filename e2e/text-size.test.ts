import { type Browser, chromium, type Page } from "playwright-core";
import { afterAll, beforeAll, describe, expect, inject, it } from "vitest";
import { CHROMIUM_FLAGS, findChromium } from "../scripts/chromium.mjs";
import { outOfReach } from "./reach.ts";

// WCAG 2.2, 1.4.4 (https://www.w3.org/TR/WCAG22/#resize-text): text can be made twice as large without loss.

/** What a reader sets as the size of text in the browser, in px; 16 is usual. */
const DOUBLED = 32;

let browser: Browser;
beforeAll(async () => {
  const args = [...CHROMIUM_FLAGS, `--blink-settings=defaultFontSize=${DOUBLED}`];
  browser = await chromium.launch({ executablePath: findChromium() ?? "chromium", args });
});
afterAll(() => browser.close());

/** The headings that are cut. */
const cutHeadings = (page: Page) =>
  page.evaluate(() =>
    [...document.querySelectorAll("h1, h2, h3, h1 *, h2 *, h3 *")]
      .filter((one) => getComputedStyle(one).textOverflow === "ellipsis" && one.scrollWidth > one.clientWidth + 1)
      .map((one) => one.textContent?.slice(0, 40)),
  );

describe("where the reader has doubled the size of text", () => {
  it.each(["findings", "pages", "house-style", "phrases", "a desk"])(
    "every control of %s can be reached, and no heading is cut",
    { tags: "long" },
    async (screen) => {
      const { state, path, pages } = inject("demo");
      const context = await browser.newContext({ viewport: { width: 1280, height: 800 }, reducedMotion: "reduce" });
      await context.setStorageState(state);
      const page = await context.newPage();
      await page.goto(`${inject("address")}${path}/${screen === "a desk" ? `pages/${pages[0]?.id}` : screen}`);
      await page.locator("main h1, header h1").first().waitFor();
      await page.locator("main").getByRole("button").first().waitFor();
      // The application's own text follows; 13 px is what it is set in at the usual size.
      expect(await page.evaluate(() => getComputedStyle(document.body).fontSize)).toBe("26px");
      await expect.poll(() => outOfReach(page, "main", true), { timeout: 10_000 }).toEqual([]);
      expect(await cutHeadings(page)).toEqual([]);
      await context.close();
    },
  );
});
