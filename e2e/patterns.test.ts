import type { Locator, Page } from "playwright-core";
import { describe, expect, it } from "vitest";
import { eventually, freshContext, itLong, openDemo, openDemoDesk, startBrowser } from "./browser.ts";

startBrowser();

// The keys and roles of the WAI-ARIA Authoring Practices (https://www.w3.org/WAI/ARIA/apg/patterns/), pattern by pattern.

const nameOf = (page: Page) =>
  page.evaluate(
    () => document.activeElement?.getAttribute("aria-label") ?? document.activeElement?.textContent?.trim() ?? "",
  );

/** What a composite says has the focus within it. */
const activeIn = (composite: Locator) =>
  composite.evaluate((element) => {
    const id = element.getAttribute("aria-activedescendant");
    const active = id ? document.getElementById(id) : null;
    return active && { role: active.getAttribute("role"), selected: active.getAttribute("aria-selected"), id };
  });

describe("widgets follow the patterns of the Authoring Practices", () => {
  it("grid: cells by arrow, Home, End, Control and page keys, never out of it", async () => {
    const page = await openDemo(await freshContext());
    const grid = page.getByRole("grid", { name: "Pages" });
    const columns = Number(await grid.getAttribute("aria-colcount"));
    const rows = Number(await grid.getAttribute("aria-rowcount"));
    /** Row and column of the active cell, as ARIA counts them. */
    const at = () =>
      grid.evaluate((element) => {
        const cell = document.getElementById(element.getAttribute("aria-activedescendant") ?? "");
        const row = cell?.closest('[role="row"]');
        // All columns of a row are drawn, so that their places need no attribute.
        const cells = [...(row?.querySelectorAll('[role="gridcell"], [role="rowheader"]') ?? [])];
        return [Number(row?.getAttribute("aria-rowindex")), cell ? cells.indexOf(cell) + 1 : 0];
      });
    await grid.focus();
    await page.keyboard.press("ArrowDown");
    await eventually(at, [2, 2]);
    await page.keyboard.press("ArrowLeft");
    await eventually(at, [2, 2]);
    await page.keyboard.press("ArrowRight");
    await eventually(at, [2, 3]);
    await page.keyboard.press("End");
    await eventually(at, [2, columns]);
    await page.keyboard.press("ArrowRight");
    await eventually(at, [2, columns]);
    await page.keyboard.press("Control+End");
    await eventually(at, [rows, columns]);
    await page.keyboard.press("ArrowDown");
    await eventually(at, [rows, columns]);
    await page.keyboard.press("PageUp");
    await expect.poll(async () => (await at())[0]).toBeLessThan(rows);
    await page.keyboard.press("Home");
    await expect.poll(async () => (await at())[1]).toBe(2);
    await page.keyboard.press("Control+Home");
    await eventually(at, [2, 2]);
    await page.keyboard.press("PageDown");
    await expect.poll(async () => (await at())[0]).toBeGreaterThan(5);
  });

  itLong(
    "menu button: opened by Enter, Space and the down arrow, gone through by arrows, Home, End and letters, left by Esc",
    async () => {
      const page = await openDemoDesk(await freshContext(), "Night of");
      const button = page.getByRole("button", { name: "H2: What it costs" });
      const menu = page.getByRole("menu");
      for (const key of ["Enter", "Space"]) {
        await button.focus();
        expect(await button.getAttribute("aria-haspopup")).toBe("menu");
        expect(await button.getAttribute("aria-expanded")).toBe("false");
        await page.keyboard.press(key);
        await menu.waitFor();
        expect(await button.getAttribute("aria-expanded")).toBe("true");
        await eventually(() => nameOf(page), "H1");
        await page.keyboard.press("Escape");
        await menu.waitFor({ state: "detached" });
        await eventually(() => nameOf(page), "H2: What it costs");
      }
      await page.keyboard.press("Enter");
      await menu.waitFor();
      // What cannot be chosen is passed over: the heading is an H2.
      await page.keyboard.press("ArrowDown");
      await eventually(() => nameOf(page), "H3");
      await page.keyboard.press("End");
      await eventually(() => nameOf(page), "Put a heading over this and what follows…");
      await page.keyboard.press("Home");
      await eventually(() => nameOf(page), "H1");
      await page.keyboard.type("ch");
      await eventually(() => nameOf(page), "Change the words…");
      await page.keyboard.press("Escape");
      await eventually(() => nameOf(page), "H2: What it costs");
      // Of the outline the arrows are the rows': Home and End are its first and last.
      await page.keyboard.press("End");
      await expect.poll(() => nameOf(page)).toMatch(/^H\d: (?!What it costs)/);
      const last = await nameOf(page);
      await page.keyboard.press("Home");
      await expect.poll(() => nameOf(page)).toMatch(/^H1: /);
      expect(last).not.toBe(await nameOf(page));
      await page.keyboard.press("ArrowDown");
      await expect.poll(() => nameOf(page)).toMatch(/^H\d: /);
    },
  );

  it.each([
    [
      "command palette",
      async (page: Page) => {
        await page.keyboard.press("Control+k");
        return "go to";
      },
    ],
    [
      "choice of a page",
      async (page: Page) => {
        await page.goto(page.url().replace(/pages$/, "phrases?phrase=fog%20signal"));
        await page.getByRole("button", { name: "Give it another page" }).click();
        return "ship";
      },
    ],
  ])("combobox: %s", async (_, open) => {
    const page = await openDemo(await freshContext());
    const words = await open(page);
    const box = page.getByRole("combobox").and(page.locator("input"));
    await eventually(() => box.evaluate((element) => element === document.activeElement), true);
    expect(await box.getAttribute("aria-expanded")).toBe("true");
    expect(await box.getAttribute("aria-autocomplete")).toBe("list");
    const list = page.locator(`[id="${await box.getAttribute("aria-controls")}"]`);
    expect(await list.getAttribute("role")).toBe("listbox");
    await page.keyboard.type(words);
    await expect.poll(() => activeIn(box)).toMatchObject({ role: "option", selected: "true" });
    const first = await activeIn(box);
    await page.keyboard.press("ArrowDown");
    await expect.poll(() => activeIn(box)).not.toEqual(first);
    await page.keyboard.press("ArrowUp");
    await expect.poll(() => activeIn(box)).toEqual(first);
    // The focus stays in the field, and typing goes on.
    await page.keyboard.type("x");
    await expect.poll(() => box.inputValue()).toBe(`${words}x`);
    await page.keyboard.press("Escape");
    await box.waitFor({ state: "detached" });
    await expect.poll(() => page.evaluate(() => document.activeElement === document.body)).toBe(false);
  });

  it("dialog: has a name, holds Tab within, is left by Esc and gives the focus back; radio group: one stop, arrows choose", async () => {
    const page = await openDemoDesk(await freshContext(), "Opening times and prices");
    await page.locator("[data-note]").first().waitFor();
    await page.keyboard.press("j");
    const opener = page.getByRole("button", { name: "Set aside…" });
    await opener.focus();
    await page.keyboard.press("Enter");
    const dialog = page.getByRole("dialog");
    await dialog.waitFor();
    const name = await dialog.evaluate(
      (element) => document.getElementById(element.getAttribute("aria-labelledby") ?? "")?.textContent,
    );
    expect(name).toMatch(/\w/);
    const within = () => dialog.evaluate((element) => element.contains(document.activeElement));
    for (let n = 0; n < 12; n++) {
      await page.keyboard.press(n % 4 === 3 ? "Shift+Tab" : "Tab");
      expect(await within()).toBe(true);
    }
    const radios = dialog.getByRole("radio");
    await radios.first().focus();
    await page.keyboard.press("ArrowDown");
    await eventually(() => radios.nth(1).getAttribute("aria-checked"), "true");
    expect(await radios.nth(1).evaluate((element) => element === document.activeElement)).toBe(true);
    await page.keyboard.press("Tab");
    expect(await radios.evaluateAll((all) => all.some((one) => one === document.activeElement))).toBe(false);
    await page.keyboard.press("Escape");
    await dialog.waitFor({ state: "detached" });
    await eventually(() => opener.evaluate((element) => element === document.activeElement), true);
  });

  itLong("tooltip: shown by focus as by the pointer, named, and sent away by Esc", async () => {
    const page = await openDemoDesk(await freshContext(), "Opening times and prices");
    const help = page.getByRole("button", { name: "Keys and hints" });
    await help.focus();
    const tooltip = page.getByRole("tooltip");
    await eventually(() => tooltip.textContent(), "Keys and hints ?");
    expect(await help.getAttribute("aria-describedby")).toBe(await tooltip.getAttribute("id"));
    await page.keyboard.press("Escape");
    await tooltip.waitFor({ state: "detached" });
    await eventually(() => help.evaluate((element) => element === document.activeElement), true);
  });
});
