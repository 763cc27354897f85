// npm run check:screens: every state in every way; npm test holds every screen in one (narrow.test.ts).
import { writeFileSync } from "node:fs";
import type { Page } from "playwright-core";
import { describe, expect, it } from "vitest";
import { violations } from "./axe.ts";
import { freshContext, startBrowser } from "./browser.ts";
import { outOfReach } from "./reach.ts";
import { WALKS } from "./states.ts";

startBrowser();

/** The ways in which a state is looked at. */
const WAYS = [
  ...[1280, 1024, 640, 390, 320].map((width) => ({ width, dark: false })),
  ...[320, 640, 1280].map((width) => ({ width, dark: true })),
];

/** Where the result is wanted. */
const report = process.env.REPORT ?? "";
const states: string[] = [];
const all: string[] = [];
let looks = 0;

/** What lies over the screen, which is read to its end and worked at every width. */
const OVER = ":is([role=dialog], [role=menu])";
const over = (page: Page) => page.locator(OVER).count();

/** What of it is out of reach at its button, which may have moved out of sight with the size of the window, and lists with it. */
async function beyond(page: Page): Promise<string[]> {
  let found: string[] = [];
  for (let times = 0; times < 8; times++) {
    await page.evaluate(async () => {
      document.querySelector('[aria-haspopup][aria-expanded="true"]')?.scrollIntoView({ block: "center" });
      // Rows that come into sight are measured, which moves what is below them.
      await new Promise((measured) => setTimeout(measured, 120));
    });
    found = await outOfReach(page, OVER, false);
    if (found.length === 0) break;
  }
  return found;
}

describe("our own screens", () => {
  it.each(WALKS)(
    "have no axe-core violation: %s",
    async (_, walk) => {
      const found: string[] = [];
      await walk(await freshContext(), async (page, state) => {
        const lying = await over(page);
        states.push(state);
        for (const { width, dark } of WAYS) {
          await page.emulateMedia({ colorScheme: dark ? "dark" : "light" });
          await page.setViewportSize({ width, height: 800 });
          const at = `${state}, ${dark ? "dark" : "light"}, ${width} px`;
          found.push(...(await violations(page)).map((one) => `${at}: ${one}`));
          found.push(...(lying > 0 ? await beyond(page) : []).map((one) => `${at}: out of reach: ${one}`));
          if ((await over(page)) !== lying) found.push(`${at}: what lay over the screen is gone`);
          looks++;
        }
        await page.emulateMedia({ colorScheme: "light" });
        await page.setViewportSize({ width: 1280, height: 800 });
      });
      all.push(...found);
      writeFileSync(report, JSON.stringify({ states, looks, found: all }));
      expect(found).toEqual([]);
    },
    900_000,
  );
});
