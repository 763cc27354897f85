import type { Page } from "playwright-core";
import { describe, expect, it } from "vitest";
import { eventually, freshContext, openDemo, openDemoDesk, openTab, startBrowser } from "./browser.ts";

startBrowser();

/** What has the focus: its name, and whether it takes something away. */
const focused = (page: Page) =>
  page.evaluate(() => {
    const element = document.activeElement;
    return {
      name: element?.getAttribute("aria-label") ?? element?.textContent?.slice(0, 40) ?? "",
      removes: element?.hasAttribute("data-removes") ?? false,
    };
  });
const nameFocused = async (page: Page) => (await focused(page)).name;

describe("the focus", () => {
  it("lands on nothing that removes, after a page is begun and after files are chosen", async () => {
    const page = await openTab(await freshContext(), "/bring-in?way=draft");
    await page.getByLabel("What it is about").fill("The lamp");
    await page.keyboard.press("Enter");
    await page.getByRole("button", { name: "Leave it out" }).waitFor();
    await eventually(() => page.evaluate(() => document.activeElement !== document.body), true);
    expect(await focused(page)).toMatchObject({ removes: false });
    await page.getByRole("button", { name: "Choose others" }).click();
    await page.getByRole("button", { name: /From disk/ }).click();
    await page.getByRole("button", { name: "Choose files" }).focus();
    await page
      .getByLabel("HTML files or zip")
      .setInputFiles([{ name: "a.html", mimeType: "text/html", buffer: Buffer.from("<title>A</title>") }]);
    await page.getByRole("button", { name: "Leave it out" }).waitFor();
    await eventually(() => page.evaluate(() => document.activeElement !== document.body), true);
    expect(await focused(page)).toMatchObject({ removes: false });
  });

  it("goes to the heading of the next screen, though it came back to the screen that is left after the address had changed", async () => {
    const page = await openDemo(await freshContext());
    await page.locator("main a[href]").first().focus();
    // As a dialog does that closes late: the next screen is still being drawn.
    await page.evaluate(() => {
      const link = document.activeElement as HTMLElement;
      const push = history.pushState.bind(history);
      history.pushState = (...args) => {
        push(...args);
        link.blur();
        link.focus();
      };
    });
    await page.keyboard.press("Control+k");
    await page.keyboard.type("Go to the phrases");
    await page.getByRole("option", { name: "Go to the phrases" }).first().waitFor();
    await page.keyboard.press("Enter");
    await page.waitForURL(/\/phrases/);
    await eventually(() => page.evaluate(() => document.activeElement?.tagName ?? ""), "H1");
  });

  it("is taken up though it was lost before what keeps it had been loaded", async () => {
    const context = await freshContext();
    let load = () => {};
    const loaded = new Promise<void>((done) => {
      load = done;
    });
    await context.route(/focus-kept/, async (route) => {
      await loaded;
      await route.continue();
    });
    const page = await openTab(context, "/bring-in?way=draft");
    await page.getByLabel("What it is about").fill("The lamp");
    await page.keyboard.press("Enter");
    await page.getByRole("button", { name: "Leave it out" }).waitFor();
    load();
    await eventually(() => page.evaluate(() => document.activeElement !== document.body), true);
    expect(await focused(page)).toMatchObject({ removes: false });
  });

  it("goes on where a button cannot be pressed any more, though nothing else changes", async () => {
    const page = await openTab(await freshContext());
    const button = page.getByRole("button", { name: "Open the demo site" });
    await button.evaluate((one: HTMLButtonElement) => {
      one.focus();
      one.disabled = true;
    });
    await eventually(() => page.evaluate(() => document.activeElement?.matches("body, :disabled") ?? true), false);
  });

  it("stays on the table's cell, on what was pressed, and in the source", async () => {
    const page = await openDemo(await freshContext());
    const grid = page.getByRole("grid", { name: "Pages" });
    const cell = () => grid.getAttribute("aria-activedescendant");
    await grid.focus();
    for (const key of ["ArrowDown", "ArrowDown", "ArrowDown", "ArrowRight"]) await page.keyboard.press(key);
    const before = await cell();
    expect(before).toBeTruthy();
    await page.keyboard.press("Escape");
    expect(await cell()).toBeNull();
    await page.keyboard.press("ArrowDown");
    expect(await cell()).toBe(before);

    const handOver = page.getByRole("button", { name: "Hand over the changed pages" });
    await handOver.focus();
    await page.keyboard.press("Enter");
    await page.getByText("Nothing has been changed yet").first().waitFor();
    expect(await nameFocused(page)).toContain("Hand over");

    const desk = await openDemoDesk(await freshContext(), "Enamel mug");
    const source = desk.getByRole("region", { name: "Source" });
    await source.getByRole("button", { name: "Check the HTML" }).focus();
    await desk.keyboard.press("Enter");
    await source.getByRole("button", { name: "Check the HTML again" }).waitFor();
    expect(await nameFocused(desk)).toContain("Check the HTML");
    await source.getByRole("button", { name: "Edit it" }).focus();
    await desk.keyboard.press("Enter");
    await eventually(() => nameFocused(desk), "Source of this page");
  });

  it("stands in the field that a menu has opened by keyboard", async () => {
    const page = await openDemoDesk(await freshContext(), "Opening times and prices");
    await page.getByRole("button", { name: "Unfold the body" }).click();
    for (const item of ["Add a text after it…", "Add a question with its answer after it…"]) {
      await page
        .getByRole("button", { name: /^¶: with the text/ })
        .first()
        .focus();
      await page.keyboard.press("Enter");
      await page.getByRole("menuitem", { name: item }).focus();
      await page.keyboard.press("Enter");
      const field = page.getByLabel(item.includes("question") ? "Question" : "New text", { exact: true });
      await field.waitFor();
      await page.getByRole("menu").waitFor({ state: "detached" });
      await page.keyboard.type("Here");
      expect(await field.inputValue()).toBe("Here");
      await page.keyboard.press("Escape");
    }
  });

  it("is never under the guide's panel", async () => {
    const page = await openDemoDesk(await freshContext(), "Opening times");
    await page.getByRole("button", { name: "Lead me through it" }).click();
    const guide = page.getByRole("region", { name: "Led through this page" });
    await guide.waitFor();
    await page
      .getByRole("button", { name: "Lead me through it" })
      .or(page.getByRole("button", { name: "Leave being led" }))
      .focus();
    const covered: string[] = [];
    for (let i = 0; i < 40; i++) {
      await page.keyboard.press("Tab");
      const under = await page.evaluate(() => {
        const element = document.activeElement;
        const panel = document.querySelector("[aria-label='Led through this page']");
        if (!element || !panel || panel.contains(element)) return "";
        const [a, b] = [element.getBoundingClientRect(), panel.getBoundingClientRect()];
        return a.bottom > b.top && a.top < b.bottom && a.right > b.left
          ? (element.textContent ?? "field").slice(0, 40)
          : "";
      });
      if (under) covered.push(under);
    }
    expect(covered).toEqual([]);
    // What it points at does not look like what has the focus.
    expect(await page.locator("[data-led]").evaluate((one) => getComputedStyle(one).outlineStyle)).toBe("none");
  });
});

describe("what is said where nothing is found or nothing can be taken", () => {
  it("stands in the palette, beside a limit, and under a canonical address", async () => {
    const page = await openDemoDesk(await freshContext(), "Enamel mug");
    await page.keyboard.press("Control+k");
    await page.getByPlaceholder("Type a command or a page").fill("zzqq##xxyy");
    const nothing = page.getByRole("listbox").getByRole("option", { name: "Nothing has that name." });
    await nothing.waitFor();
    expect(await nothing.getAttribute("aria-disabled")).toBe("true");
    await eventually(
      () =>
        page.evaluate(() =>
          [...document.querySelectorAll("[aria-live], [role=status]")].some((one) =>
            one.textContent?.includes("Nothing has that name."),
          ),
        ),
      true,
    );
    await page.keyboard.press("Escape");
    await page.getByRole("button", { name: /^canonical: / }).click();
    const canonical = page.getByRole("textbox", { name: "canonical", exact: true });
    await canonical.fill("https://www.gullhaven.example/privacy.htmlnot a url");
    await page.keyboard.press("Enter");
    await page
      .getByText(/An address has no spaces/)
      .first()
      .waitFor();
    await page.keyboard.press("Escape");
    await page.getByRole("navigation", { name: "Screens" }).getByRole("link", { name: "House style" }).click();
    const limit = page.getByLabel(/px wide on desktop/).first();
    const was = await limit.inputValue();
    await limit.fill("abc");
    await limit.blur();
    await page.getByText(`“abc” is no number; it stays at ${was}.`).waitFor();
    expect(await limit.inputValue()).toBe(was);
  });

  it("and a tick is seen in forced colours", async () => {
    const context = await freshContext();
    const page = await openDemo(context);
    await page.emulateMedia({ forcedColors: "active" });
    const tick = page.getByRole("checkbox").nth(1);
    await tick.click();
    const [ink, ground] = await tick.evaluate((box) => {
      const sign = box.querySelector("span > span");
      const around = box.querySelector("span");
      return [sign && getComputedStyle(sign).color, around && getComputedStyle(around).backgroundColor];
    });
    expect(ink).not.toBe(ground);
  });
});
