import type { Page } from "playwright-core";
import { describe, expect, inject, it } from "vitest";
import { audit } from "../core/audit/auditor.ts";
import { originalFromBytes } from "../core/page/original-from-bytes.ts";
import { readPage } from "../core/page/read.ts";
import { DEFAULT_HOUSE_STYLE } from "../core/settings/house-style.ts";
import {
  eventually,
  freshContext,
  itLong,
  openDemo,
  openDemoDesk,
  openDesk,
  openTab,
  showRow,
  startBrowser,
} from "./browser.ts";
import { numeralsAmiss } from "./numerals.ts";

startBrowser();

// WCAG 2.2 (https://www.w3.org/TR/WCAG22/): 2.1.4 character key shortcuts, 2.4.1 bypass blocks, 2.4.2 page titled, 2.4.3 focus
// order, 2.4.7 focus visible, 3.1.2 language of parts, 4.1.3 status messages. Grid: the ARIA Authoring Practices' pattern.

/** What has the focus: its role or element, and its name. "BODY" where it is lost. */
const focused = (page: Page) =>
  page.evaluate(() => {
    const at = document.activeElement ?? document.body;
    const name = at.getAttribute("aria-label") ?? (at === document.body ? "" : (at.textContent ?? ""));
    return `${at.getAttribute("role") ?? at.tagName} ${name.trim().slice(0, 60)}`.trim();
  });

/** Presses a key and waits until the focus is where it should be; it is lost for no longer than the screen takes to settle. */
async function press(page: Page, key: string, expected: RegExp): Promise<void> {
  await page.keyboard.press(key);
  await expect.poll(() => focused(page), { timeout: 30_000, message: `after ${key}` }).toMatch(expected);
}

const fromPalette = async (page: Page, command: string) => {
  await press(page, "Control+k", /^combobox/);
  await page.keyboard.type(command);
  await page.getByRole("option", { name: command }).first().waitFor();
  await page.keyboard.press("Enter");
};

/** Goes on by Tab to what has a name, as somebody does who hears each of them. */
async function tabTo(page: Page, name: RegExp): Promise<void> {
  for (let n = 0; n < 80; n++) {
    if (name.test(await focused(page))) return;
    await page.keyboard.press("Tab");
  }
  throw new Error(`Tab does not reach ${name}: it is at ${await focused(page)}`);
}

describe("the keyboard alone", () => {
  it("does the job from bringing in to handing over, and is told at each step where it is", async () => {
    const page = await openTab(await freshContext());
    await page.getByRole("button", { name: "Open the demo site" }).waitFor();
    await tabTo(page, /^BUTTON Open the demo site/);
    await press(page, "Enter", /^H1 What this site needs/);
    // No count of what is over is left for listeners.
    await eventually(
      () =>
        page
          .getByRole("status")
          .filter({ hasText: /\d of \d/ })
          .count(),
      0,
    );
    await press(page, "j", /^BUTTON .*page has no title/);
    await press(page, "Enter", /^BUTTON .*page has no title/);
    await press(page, "j", /^BUTTON .*stands outside the head/);
    await tabTo(page, /^BUTTON Look at the fix(?:es)?: /);
    const asked = await focused(page);
    // Looked at, Enter applies it; the dialog that closes leaves the focus where it was opened, or beside it.
    await page.keyboard.press("Enter");
    // A suggested text is ticked when it has been read.
    await tabTo(page, /^checkbox Take the /);
    await page.keyboard.press("Space");
    await tabTo(page, /^BUTTON Apply to 1 page/);
    await press(page, "Enter", /^(?!BODY|BUTTON Apply to)/);
    await page
      .getByText(/pages? changed$/)
      .first()
      .waitFor();
    await expect.poll(() => focused(page)).toMatch(/^(?:BUTTON|A) /);
    expect(asked).not.toBe("");
    await fromPalette(page, "Go to the pages");
    await expect.poll(() => focused(page)).toMatch(/^H1 Gullhaven/);
    await page.getByRole("grid", { name: "Pages" }).waitFor();
    const handed = page.waitForEvent("download");
    await fromPalette(page, "Hand over the changed pages");
    expect((await handed).suggestedFilename()).toMatch(/\.zip$/);
    await expect.poll(() => focused(page)).toMatch(/^H1 Gullhaven/);
  });

  it("is never lost on the desk: dialogs, fields, fixes, headings and pages are left, and it is clear where one is", async () => {
    const page = await openDemo(await freshContext());
    await page.goto(`${page.url()}?find=opening times and prices`);
    await page.getByRole("grid", { name: "Pages" }).getByRole("link").first().waitFor();
    await page.getByRole("grid", { name: "Pages" }).focus();
    await press(page, "ArrowDown", /^grid Pages/);
    await press(page, "Enter", /^H1 Opening times and prices/);
    await eventually(() => page.title(), "Opening times and prices · Gullhaven Lightship Museum · Keen Quill");
    await page.getByRole("heading", { name: "Source" }).waitFor();
    await page.locator("[data-note]").first().waitFor();
    await press(page, "Control+k", /^combobox/);
    await press(page, "Escape", /^H1 Opening times/);
    await press(page, "?", /^(?!BODY|H1)/);
    await press(page, "Escape", /^H1 Opening times/);
    // A fix: the selection waits where it was settled, and the next press takes no other note's.
    await page.keyboard.press("j");
    await page.locator('[data-note] [aria-expanded="true"]').waitFor();
    await press(page, ".", /^(?!BODY)/);
    const title = page.getByLabel("Title on desktop");
    const shorter = await title.inputValue();
    await page.getByText("was: Desktop loses").waitFor();
    await page.keyboard.press(".");
    await page.keyboard.press(".");
    expect(await title.inputValue()).toBe(shorter);
    await fromPalette(page, "Edit the title");
    await eventually(() => focused(page), "TEXTAREA Title on desktop");
    await page.keyboard.type("!");
    await press(page, "Escape", /^SECTION/);
    // What is undone is told, and a button that cannot be pressed any more leaves the focus beside it.
    await page.keyboard.press("Control+z");
    await page.getByRole("status").filter({ hasText: "Undone: Title" }).waitFor({ state: "attached" });
    await page.getByRole("button", { name: "Redo: Title" }).focus();
    await press(page, "Enter", /^BUTTON (?!Redo)/);
    // A note is set aside from the palette; the dialog that closes gives the focus back.
    await page.keyboard.press("j");
    await fromPalette(page, "Set the selected note aside…");
    await page.getByRole("dialog").getByRole("textbox").waitFor();
    await press(page, "Escape", /^(?!BODY|TEXTAREA|INPUT)/);
    // The outline: words in place, a heading that is taken out; letters do nothing on its rows.
    await page.getByRole("button", { name: /^H2: When the ship is open/ }).focus();
    await press(page, "F2", /^TEXTAREA Words of the heading/);
    await press(page, "Enter", /^BUTTON (?:Words of the heading|H2): When the ship is open/);
    await page.getByRole("button", { name: /^H2: When the ship is open/ }).focus();
    await press(page, "]", /^BUTTON H2: When the ship is open/);
    await press(page, "Delete", /^(?!BODY)/);
    await page.getByRole("heading", { level: 1 }).evaluate((heading: HTMLElement) => {
      heading.tabIndex = -1;
      heading.focus();
    });
    await page.goto(page.url().split("?")[0] ?? "");
    await page.getByRole("heading", { name: "Source" }).waitFor();
    await page.getByRole("button", { name: "Correct the address" }).focus();
    await press(page, "]", /^H1 (?!Opening times)/);
  });

  itLong("reaches from the table what is done with the selected pages; Esc leaves the cell first", async () => {
    const page = await openDemo(await freshContext());
    const grid = page.getByRole("grid", { name: "Pages" });
    await grid.focus();
    await page.keyboard.press("ArrowDown");
    await page.keyboard.press("Space");
    await page.getByText("1 selected").waitFor();
    await press(page, "Tab", /^BUTTON Apply a pattern/);
    await grid.focus();
    await page.keyboard.press("Escape");
    expect(await grid.getAttribute("aria-activedescendant")).toBeNull();
    await page.getByText("1 selected").waitFor();
    // A row that has been scrolled away is not named.
    await page.keyboard.press("ArrowDown");
    await grid.evaluate((element) => element.scrollTo(0, element.scrollHeight));
    await eventually(() => grid.getAttribute("aria-activedescendant"), null);
    await fromPalette(page, "Mark the selected pages ready");
    const dialog = page.getByRole("dialog");
    await dialog.getByText("1 page changes.").waitFor();
    await page.keyboard.press("Enter");
    await dialog.waitFor({ state: "detached" });
    await eventually(async () => (await focused(page)) === "BODY", false);
    await press(page, "/", /^INPUT Find among the pages/);
    await page.keyboard.type("lantern");
    expect(await page.getByLabel("Find among the pages").inputValue()).toBe("lantern");
    await page
      .getByRole("status")
      .filter({ hasText: /^\d+ of 40 pages/ })
      .waitFor({ state: "attached" });
  });

  itLong("has letters that can be changed and switched off, and keep still while a text is composed", async () => {
    const page = await openDemo(await freshContext());
    await page.keyboard.press("?");
    const dialog = page.getByRole("dialog", { name: "Keys and hints" });
    await dialog.getByText("Change keys of one letter, or switch them off").click();
    await dialog.getByRole("textbox", { name: "Key for: Find on the screen" }).fill("j");
    await dialog.getByText("Change that one first.").waitFor();
    await dialog.getByRole("textbox", { name: "Key for: Find on the screen" }).fill("f");
    await page.keyboard.press("Escape");
    await dialog.waitFor({ state: "detached" });
    await page.keyboard.press("/");
    await press(page, "f", /^INPUT Find among the pages/);
    await page.getByRole("button", { name: "Keys and hints" }).click();
    await dialog.getByText("Change keys of one letter, or switch them off").click();
    await dialog.getByRole("checkbox", { name: "Keys of one letter work" }).uncheck();
    await page.keyboard.press("Escape");
    await dialog.waitFor({ state: "detached" });
    await page.keyboard.press("f");
    await page.keyboard.press("?");
    expect(await page.getByRole("dialog").count()).toBe(0);
    await openDesk(page, "Opening times and prices");
    await page.getByRole("button", { name: /^Words of the heading: When the ship is open/ }).click();
    const words = page.getByRole("textbox", { name: "Words of the heading" });
    await words.fill("When she is open");
    await words.evaluate((field) =>
      field.dispatchEvent(new KeyboardEvent("keydown", { key: "Enter", isComposing: true, bubbles: true })),
    );
    expect(await words.inputValue()).toBe("When she is open");
    await page.keyboard.press("Enter");
    await words.waitFor({ state: "detached" });
  });

  it("is led past the frame", async () => {
    const page = await openDemo(await freshContext());
    await press(page, "Tab", /^A Past the rail/);
    await press(page, "Enter", /^MAIN/);
    await press(page, "Tab", /^A Gullhaven/);
  });
});

describe("the document", () => {
  it("says what it is: description, icon, manifest, and what is not there", async () => {
    const page = await openTab(await freshContext(), "/?all");
    const address = inject("address");
    expect(await page.title()).toBe("Edit titles, descriptions and headings · Keen Quill");
    const description = await page.locator("meta[name=description]").getAttribute("content");
    expect(description?.length).toBeGreaterThan(80);
    // The browser's own frame has the paper of the theme: the system's, then the editor's choice, before and after a reload.
    const paper = () =>
      page.evaluate(() =>
        [...document.querySelectorAll<HTMLMetaElement>("meta[name=theme-color]")]
          .filter(({ media }) => matchMedia(media).matches)
          .map(({ content }) => content),
      );
    await eventually(paper, ["#faf7f0"]);
    await page.getByRole("button", { name: "Keys and hints" }).waitFor();
    await fromPalette(page, "Switch between dark and light");
    await eventually(paper, ["#171a20"]);
    await page.reload();
    await page.getByRole("button", { name: "Open the demo site" }).waitFor();
    await eventually(paper, ["#171a20"]);
    expect(await page.evaluate(() => getComputedStyle(document.body).backgroundColor)).toBe("rgb(23, 26, 32)");
    const source = await (await page.request.get(address)).text();
    expect(source).toMatch(/<noscript><p>Keen Quill reads/);
    // It passes our own audit; where it is served is for who serves it, so that it has no address of its own to state or share.
    const own = readPage(originalFromBytes(new TextEncoder().encode(source)), { address: `${address}/` });
    const found = audit(own, { phrase: "", houseStyle: DEFAULT_HOUSE_STYLE, today: "2026-11-28" });
    expect(found.map(({ rule }) => rule).sort()).toEqual(["canonical/missing", "open-graph/missing"]);
    const icon = await page.request.get(`${address}/favicon.ico`);
    // An icon file begins with two zero bytes, then type 1 (common practice, no source).
    expect([icon.status(), ...(await icon.body()).subarray(0, 4)]).toEqual([200, 0, 0, 1, 0]);
    const manifest = await (await page.request.get(`${address}/manifest.webmanifest`)).json();
    for (const { src } of manifest.icons) expect((await page.request.get(address + src)).status()).toBe(200);
    // A browser tells of the status that it was given.
    const other = await (await freshContext()).newPage();
    await other.goto(`${address}/nowhere`);
    await eventually(() => other.title(), "There is nothing here · Keen Quill");
    await other.goto(`${address}/sites/none/pages`);
    await other.getByRole("heading", { name: "This site is not in this browser" }).waitFor();
    await eventually(() => other.title(), "This site is not in this browser · Keen Quill");
  });

  itLong("has all rows of a table on paper, one below the other, none cut, and nothing that is pressed", async () => {
    const page = await openDemo(await freshContext());
    const grid = page.getByRole("grid");
    // Wherever the table was left, paper begins with its first row, under the headings of its columns.
    await grid.evaluate((element) => element.scrollTo(0, element.scrollHeight));
    await grid.locator("[data-index='39']").waitFor();
    // The browser says so before it prints; media for print are what it prints by.
    await page.evaluate(() => dispatchEvent(new Event("beforeprint")));
    await page.emulateMedia({ media: "print" });
    await page.setViewportSize({ width: 680, height: 960 });
    await eventually(() => grid.getByRole("row").count(), 41);
    const rows = await grid.locator("[data-index]").evaluateAll((all) =>
      all.map((row) => {
        const box = row.getBoundingClientRect();
        const inside = Math.max(...[...row.querySelectorAll("*")].map((one) => one.getBoundingClientRect().bottom));
        return { top: box.top, bottom: box.bottom, inside };
      }),
    );
    for (const [i, { bottom, inside }] of rows.entries()) {
      expect(inside).toBeLessThanOrEqual(bottom + 1);
      expect(rows[i + 1]?.top ?? bottom).toBeCloseTo(bottom, 0);
    }
    const headings = await grid.getByRole("row").first().boundingBox();
    expect((headings?.y ?? 0) + (headings?.height ?? 0)).toBeLessThanOrEqual((rows[0]?.top ?? 0) + 1);
    expect(await page.getByRole("button", { name: "Hand over the changed pages" }).count()).toBe(0);
    await page.evaluate(() => dispatchEvent(new Event("afterprint")));
    await page.emulateMedia({ media: "screen" });
    await eventually(async () => (await grid.getByRole("row").count()) < 30, true);
  });

  itLong("has texts in the page's own language, and fields that tell what is lost", async () => {
    const page = await openDemo(await freshContext());
    await showRow(page, "Opening times and prices");
    const name = page.getByRole("grid").getByText("Opening times and prices", { exact: true }).first();
    expect(await name.getAttribute("lang")).toBe("en-GB");
    await openDesk(page, "Opening times and prices");
    await page
      .getByRole("button", { name: /^Words of the heading/ })
      .first()
      .waitFor();
    const langs = await page.evaluate(() =>
      [...document.querySelectorAll("main h1, textarea, [aria-label^='Words of the heading']")].map((one) =>
        one.getAttribute("lang"),
      ),
    );
    expect(langs.length).toBeGreaterThan(3);
    expect(new Set(langs)).toEqual(new Set(["en-GB"]));
    const title = page.getByLabel("Title on desktop");
    const told = await title.evaluate(
      (field) => document.getElementById(field.getAttribute("aria-describedby") ?? "")?.textContent,
    );
    expect(told).toMatch(/^\d+ px on desktop, which loses “/);
    // No heading has a numeral in its name.
    expect(await page.locator(":is(h1, h2, h3) button").count()).toBe(0);
  });
});

describe("forced colours", () => {
  // CSS Color Adjustment 1, section 3: colours and grounds are the system's, borders and outlines stay.
  it("keep what is pressed, current and lost apart, and draw no text twice", async () => {
    const page = await openDemoDesk(await freshContext(), "Opening times and prices");
    await page.emulateMedia({ forcedColors: "active" });
    await page.locator("button[aria-label='Note 1']").first().waitFor();
    const title = page.getByLabel("Title on desktop");
    const seen = await title.evaluate((field) => {
      const [mirror] = field.parentElement?.querySelectorAll<HTMLElement>("[aria-hidden] > span") ?? [];
      const lost = field.parentElement?.querySelector("[aria-hidden] > span.text-graphite");
      const colour = (one: Element | null | undefined) => one && getComputedStyle(one).color;
      return { field: colour(field), kept: colour(mirror), lost: colour(lost) };
    });
    // The field itself is transparent: what is seen of its text is the mirror.
    expect(seen.field).toMatch(/, 0\)$/);
    expect(seen.lost).not.toBe(seen.kept);
    const outline = (name: string) =>
      page.getByRole("button", { name, exact: true }).evaluate((one) => getComputedStyle(one).outlineStyle);
    expect([await outline("Desktop"), await outline("Mobile")]).toEqual(["solid", "none"]);
    const rail = page.getByRole("navigation", { name: "Screens" });
    const current = (name: string) =>
      rail.getByRole("link", { name }).evaluate((one) => getComputedStyle(one).outlineStyle);
    expect([await current("Pages"), await current("Findings")]).toEqual(["solid", "none"]);
  });
});

describe.each([
  [390, {}],
  [1280, { tags: "long" }],
] as const)("numerals at %d px", (width, options) => {
  it("touch no letter, and none is clipped", options, async () => {
    const page = await openDemoDesk(await freshContext(), "Opening times and prices");
    await page.setViewportSize({ width, height: 800 });
    await page.getByRole("heading", { name: "Source" }).waitFor();
    await page.locator("button[aria-label='Note 1']").first().waitFor();
    const { numerals } = await numeralsAmiss(page);
    expect(numerals).toBeGreaterThan(10);
    await expect.poll(async () => (await numeralsAmiss(page)).amiss, { timeout: 5_000 }).toEqual([]);
  });
});
