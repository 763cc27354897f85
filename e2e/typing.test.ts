import type { Locator, Page } from "playwright-core";
import { describe, expect, it } from "vitest";
import { freshContext, openDemo, openDemoDesk, openTab, screenDrawn, startBrowser } from "./browser.ts";

startBrowser();

/** 200 characters, of which the first are a target phrase of the demo site. */
const SENTENCE = "Lightship museum opening times, prices and boats for every day of the year, said plainly. "
  .repeat(3)
  .slice(0, 200);
/** Milliseconds from key to key. */
const PACE = 10;

/** Types into a field that has the focus already, and says what stands in it and what has the focus then. */
async function typed(page: Page, field: Locator): Promise<{ text: string; focused: boolean }> {
  await page.keyboard.type(SENTENCE, { delay: PACE });
  return field.evaluate((one) => ({
    text: "value" in one ? String(one.value) : (one.textContent ?? ""),
    focused: document.activeElement === one,
  }));
}

const SCREENS = ["findings", "pages", "phrases", "house-style", "headings", "pictures", "site-data", "site", "a desk"];
/** House style has a hundred fields, of three seconds each. */
const LONG = { tags: "long", timeout: 900_000 };

describe("what is typed", () => {
  it("stays in its field when the guide's step is settled by it; the step ends with Next or where the field is left", async () => {
    const page = await openDemoDesk(await freshContext(), "Opening times");
    await page.getByRole("button", { name: "Lead me through it" }).click();
    const guide = page.getByRole("region", { name: "Led through this page" });
    const step = guide.getByRole("heading", { level: 2 });
    await step.waitFor();
    // What comes before the description is passed over.
    while (!(await step.textContent())?.includes("the description")) {
      const before = await step.textContent();
      await guide.getByRole("button", { name: /everyone|pass this over|right as it is/i }).click();
      await expect.poll(() => step.textContent(), { timeout: 20_000 }).not.toBe(before);
    }
    const field = page.getByLabel("Description on desktop");
    await guide.getByRole("button", { name: "Word it yourself" }).click();
    await page.keyboard.press("Control+A");
    expect(await typed(page, field)).toEqual({ text: SENTENCE, focused: true });
    expect(await step.textContent()).toContain("the description");
    await guide.getByRole("button", { name: "Next", exact: true }).click();
    await expect.poll(() => step.textContent(), { timeout: 20_000 }).not.toContain("the description");
    expect(await field.inputValue()).toBe(SENTENCE);
    // Left by a press elsewhere, a step ends too, and the focus stays where the press was.
    await field.click();
    await page.keyboard.type("x");
    await page.getByRole("button", { name: "Takes", exact: true }).click();
    expect(await guide.evaluate((one) => one.contains(document.activeElement))).toBe(false);
  });

  it.each(SCREENS)(
    "arrives whole in every field of %s while another tab writes and findings settle",
    LONG,
    async (screen) => {
      const context = await freshContext();
      const page = await openDemo(context);
      const site = page.url().replace(/pages.*$/, "");
      const [first, second] = await page
        .getByRole("grid")
        .getByRole("link")
        .evaluateAll((links) => links.map((link) => (link as HTMLAnchorElement).href.split("?")[0] ?? ""));
      // Another tab writes all the while: rows, findings and totals change.
      const other = await openTab(context, new URL(first ?? "").pathname);
      await other.getByRole("heading", { name: "Search result" }).waitFor();
      let writing = true;
      const writer = (async () => {
        const title = other.getByLabel("Title on desktop");
        for (let i = 0; writing; i++) {
          await title.fill(`Lightship museum opening times ${i}`);
          await other.waitForTimeout(120);
        }
      })();
      const lost: string[] = [];
      try {
        await page.goto(screen === "a desk" ? (second ?? "") : site + screen);
        await screenDrawn(page);
        const fields = page.locator(
          "input:not([type]), input[type=text], input[type=search], textarea, [contenteditable=true]",
        );
        for (let i = 0; i < (await fields.count()); i++) {
          const field = fields.nth(i);
          if (!(await field.isVisible()) || !(await field.isEditable())) continue;
          const name = (await field.getAttribute("aria-label")) ?? (await field.getAttribute("placeholder"));
          await field.focus();
          await page.keyboard.press("Control+A");
          await page.keyboard.press("Delete");
          const most = Number((await field.getAttribute("maxlength")) ?? 200);
          const { text, focused } = await typed(page, field);
          if (text.trim() !== SENTENCE.slice(0, most).trim() || !focused) lost.push(`${name ?? i}: ${focused} ${text}`);
          await page.keyboard.press("Escape");
        }
      } finally {
        writing = false;
        await writer;
      }
      expect(lost).toEqual([]);
    },
  );
});
