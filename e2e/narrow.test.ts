import type { Page } from "playwright-core";
import { describe, expect, it } from "vitest";
import { freshContext, openFindings, startBrowser } from "./browser.ts";

startBrowser();

const SCREENS = [
  "findings",
  "pages",
  "phrases",
  "performance",
  "line-up",
  "house-style",
  "headings",
  "pictures",
  "html",
  "site-data",
];

/** What of a screen cannot be brought into view by scrolling, and how far it reaches beyond the window. */
const outOfReach = (page: Page, scrolls: boolean) =>
  page.evaluate((scrolls) => {
    const { innerHeight: high, innerWidth: wide } = window;
    const found: string[] = [];
    for (const one of document.querySelectorAll<HTMLElement>("main :is(a, button, input, select, textarea)")) {
      // What is not drawn, or shows itself to listeners alone.
      if (!one.offsetParent || one.closest(".sr-only")) continue;
      one.scrollIntoView({ block: "center", inline: "nearest" });
      const { top, right, bottom, left } = one.getBoundingClientRect();
      if (top < -1 || left < -1 || bottom > high + 1 || right > wide + 1)
        found.push(one.getAttribute("aria-label") ?? one.textContent ?? "");
    }
    const { scrollTop, scrollWidth } = document.documentElement;
    if (scrollTop > 0 && !scrolls) found.push(`the window itself was scrolled by ${scrollTop} px`);
    if (scrollWidth > wide) found.push(`the document is ${scrollWidth} px wide`);
    return found;
  }, scrolls);

/** Texts that are cut at the bottom, with the spacing that readers may set (WCAG 2.2, 1.4.12); what is shortened on purpose is not. */
const cutBySpacing = (page: Page) =>
  page.evaluate(() => {
    const sheet = new CSSStyleSheet();
    sheet.replaceSync(
      "* { letter-spacing: 0.12em !important; word-spacing: 0.16em !important; line-height: 1.5 !important } p { margin-bottom: 2em !important }",
    );
    document.adoptedStyleSheets = [sheet];
    const found: string[] = [];
    for (const one of document.querySelectorAll<HTMLElement>("main *")) {
      const { overflowY, textOverflow, webkitLineClamp } = getComputedStyle(one);
      if (!/hidden|clip/.test(overflowY) || textOverflow === "ellipsis" || webkitLineClamp !== "none") continue;
      if (one.closest(".sr-only, [aria-hidden], input") || one.clientHeight === 0) continue;
      if (one.scrollHeight > one.clientHeight + 2)
        found.push(`${one.tagName} ${one.className} ${one.textContent?.slice(0, 40)}`);
    }
    document.adoptedStyleSheets = [];
    return found;
  });

// A window of 1,280 × 800 px at 400 % has 320 × 200.
describe.each([
  [320, 800],
  [320, 200],
  [640, 800],
  [1024, 800],
])("at %d × %d px", (width, height) => {
  it("every control of every screen can be reached", async () => {
    const page = await openFindings(await freshContext());
    const site = page.url().replace(/findings$/, "");
    await page.goto(`${site}line-up`);
    await page.getByRole("button", { name: "Begin a line-up…" }).click();
    await page.getByPlaceholder("Find a page").fill("opening");
    await page.getByRole("option").first().click();
    await page.getByRole("button", { name: "Bring in the others…" }).click();
    await page.getByRole("button", { name: "Ask it" }).click();
    await page.getByRole("button", { name: "Stand among them" }).click();
    await page.getByRole("button", { name: "Another take" }).click();
    await page.getByLabel("Title of take A on desktop").waitFor();
    const lineUp = page.url();
    await page.setViewportSize({ width, height });
    await page.goto(`${site}pages?find=opening times and prices`);
    const link = page.getByRole("link", { name: "Opening times and prices" }).first();
    await link.waitFor();
    const desk = new URL((await link.getAttribute("href"))?.split("?")[0] ?? "", site).href;
    for (const screen of [...SCREENS.map((one) => site + one), lineUp, `${lineUp}&on=both`, desk, `${desk}/data`]) {
      await page.goto(screen);
      await page.getByRole("heading", { level: 1 }).first().waitFor();
      if (screen === desk) await page.getByRole("heading", { name: "Source" }).waitFor();
      await expect.poll(() => outOfReach(page, height < 480), { timeout: 10_000 }).toEqual([]);
      if (height === 800) expect(await cutBySpacing(page), screen).toEqual([]);
    }
    // Of the table no more is drawn than is seen.
    await page.goto(`${site}pages`);
    await page.getByRole("grid", { name: "Pages" }).waitFor();
    expect(await page.getByRole("row").count()).toBeLessThan(30);
  });
});
