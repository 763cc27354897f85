import type { Page } from "playwright-core";
import { describe, expect, it } from "vitest";
import { violations } from "./axe.ts";
import { freshContext, openFindings, screenDrawn, startBrowser } from "./browser.ts";
import { outOfReach } from "./reach.ts";

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

/** Findings, table and a page's desk. */
async function openUsedMost(page: Page, look: (screen: string) => Promise<void>): Promise<void> {
  const site = page.url().replace(/findings$/, "");
  await goEach(page, site, [`${site}findings`, `${site}pages`, await deskOf(page, site)], look);
}

async function deskOf(page: Page, site: string): Promise<string> {
  await page.goto(`${site}pages?find=opening times and prices`);
  const link = page.getByRole("link", { name: "Opening times and prices" }).first();
  await link.waitFor();
  return new URL((await link.getAttribute("href"))?.split("?")[0] ?? "", site).href;
}

async function goEach(
  page: Page,
  site: string,
  screens: readonly string[],
  look: (screen: string) => Promise<void>,
): Promise<void> {
  for (const screen of screens) {
    await page.setViewportSize({ width: 320, height: 800 });
    await page.goto(screen);
    await screenDrawn(page);
    if (/\/pages\/[^/]+$/.test(screen)) await page.getByRole("heading", { name: "Source" }).waitFor();
    await look(screen.slice(site.length));
  }
}

/** The screens of the demo site, a line-up on one and on both devices, and a page's desk and data. */
async function openEach(page: Page, look: (screen: string) => Promise<void>): Promise<void> {
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
  const desk = await deskOf(page, site);
  const screens = [...SCREENS.map((one) => site + one), lineUp, `${lineUp}&on=both`, desk, `${desk}/data`];
  await goEach(page, site, screens, look);
  // Of the table no more is drawn than is seen.
  await page.goto(`${site}pages`);
  await page.getByRole("grid", { name: "Pages" }).waitFor();
  expect(await page.getByRole("row").count()).toBeLessThan(30);
}

const LONG = { tags: "long", timeout: 240_000 };
type Size = readonly [width: number, height: number];
/** A window of 1,280 × 800 px at 400 % has 320 × 200. */
const SMALLEST: Size[] = [
  [320, 800],
  [320, 200],
];
const BETWEEN: Size[] = [
  [390, 800],
  [640, 800],
  [1024, 800],
];
/** How every control is reached, that no text is cut, and what axe-core finds. */
async function lookAt(open: typeof openEach, sizes: readonly Size[]): Promise<void> {
  const page = await openFindings(await freshContext());
  let dark = false;
  await open(page, async (screen) => {
    for (const [width, height] of sizes) {
      await page.setViewportSize({ width, height });
      const at = `${screen} at ${width} × ${height} px`;
      await expect.poll(() => outOfReach(page, "main", height < 480), { timeout: 10_000, message: at }).toEqual([]);
      if (height === 800) expect(await cutBySpacing(page), at).toEqual([]);
    }
    // Each screen in one of the two, the next in the other; in all ways npm run check:screens looks at them.
    dark = !dark;
    await page.emulateMedia({ colorScheme: dark ? "dark" : "light" });
    await page.setViewportSize({ width: dark ? 1280 : 390, height: 800 });
    expect(await violations(page), screen).toEqual([]);
  });
}

describe("where the window is narrow, low or magnified, or dark", () => {
  describe("every control can be reached, no text is cut, and axe-core finds nothing", () => {
    it("where most of the work is done", () => lookAt(openUsedMost, SMALLEST));
    it("on every screen", LONG, () => lookAt(openEach, [...SMALLEST, ...BETWEEN]));
  });
});
