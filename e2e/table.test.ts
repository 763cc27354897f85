import type { Locator, Page } from "playwright-core";
import { describe, expect, it } from "vitest";
import { downloaded, eventually, freshContext, itLong, openDemo, showRow, startBrowser } from "./browser.ts";

startBrowser();

const row = (page: Page, name: string): Locator => page.getByRole("row").filter({ hasText: name }).first();
/** Columns of the usual set: 0 is the tick, 1 the page, 2 title, 3 description, 4 slug. */
const cell = (page: Page, name: string, column: number): Locator => row(page, name).getByRole("gridcell").nth(column);

async function open(): Promise<Page> {
  const context = await freshContext();
  await context.grantPermissions(["clipboard-read", "clipboard-write"]);
  return openDemo(context);
}

/** Narrows the table to the pages with a finding, by the words of its rule. */
async function chooseFinding(page: Page, words: string): Promise<void> {
  await page.getByRole("button", { name: /^By finding/ }).click();
  await page.getByRole("combobox", { name: "By finding" }).fill(words);
  await page.getByRole("option", { name: words }).waitFor();
  await page.keyboard.press("Enter");
}

async function paste(page: Page, text: string): Promise<void> {
  await page.evaluate((value) => navigator.clipboard.writeText(value), text);
  await page.keyboard.press("Control+v");
}

async function select(page: Page, ...names: string[]): Promise<void> {
  for (const name of names) {
    await showRow(page, name);
    await page.getByRole("checkbox", { name: `Select ${name}` }).click();
  }
}

describe("the table as a spreadsheet", () => {
  it("is edited in place by keyboard, with Enter, Tab and Esc", async () => {
    const page = await open();
    await cell(page, "Step aboard", 2).click();
    await page.keyboard.press("Enter");
    const editor = page.getByLabel("Title of Step aboard");
    await editor.fill("Step aboard the Gullhaven lightship");
    await page.getByText(/^\d+ px$/).waitFor();
    await page.keyboard.press("Tab");
    await page.keyboard.type("An old ship");
    await page.keyboard.press("Enter");
    await eventually(() => cell(page, "Step aboard", 2).textContent(), "Step aboard the Gullhaven lightship");
    await eventually(() => cell(page, "Step aboard", 3).textContent(), "An old ship");
    // Typed and given up.
    await page.keyboard.press("ArrowUp");
    await page.keyboard.type("No");
    await page.keyboard.press("Escape");
    expect(await cell(page, "Step aboard", 3).textContent()).toBe("An old ship");
    // The second of them is kept.
    await page.getByRole("button", { name: "Undo: Description of Step aboard" }).waitFor();
    await page.reload();
    await page.getByRole("grid", { name: "Pages" }).waitFor();
    await page.keyboard.press("Control+z");
    await page.keyboard.press("Control+z");
    await eventually(() => cell(page, "Step aboard", 2).textContent(), "Home | Gullhaven Lightship Museum");
    await page.getByRole("button", { name: "1 redrafted" }).waitFor({ state: "detached" });
  });

  itLong("takes a column in after a look, copies a block out, and undoes it as one step after a reload", async () => {
    const page = await open();
    await cell(page, "Step aboard", 2).click();
    await page.keyboard.press("Shift+ArrowDown");
    await page.keyboard.press("Shift+ArrowRight");
    await page.keyboard.press("Control+c");
    const copied = await page.evaluate(() => navigator.clipboard.readText());
    expect(copied.split("\n")).toHaveLength(2);
    expect(copied).toContain("Home | Gullhaven Lightship Museum\tWelcome to our site.");

    const titles = Array.from({ length: 12 }, (_, i) => `Pasted title ${i + 1}`);
    await cell(page, "Step aboard", 2).click();
    await paste(page, titles.join("\r\n"));
    const dialog = page.getByRole("dialog", { name: "Change cells" });
    await dialog.getByText("12 cells of 12 change.").waitFor();
    await dialog.getByText("Home | Gullhaven Lightship Museum").waitFor();
    await dialog.getByRole("button", { name: "Apply to 12" }).click();
    await page.getByRole("button", { name: "12 redrafted" }).waitFor();
    await page.getByText("Pasted title 1", { exact: true }).waitFor();
    await page.reload();
    await page.getByRole("button", { name: "12 redrafted" }).waitFor();
    await page.keyboard.press("Control+z");
    await page.getByRole("button", { name: "12 redrafted" }).waitFor({ state: "detached" });
    await page.getByText("Home | Gullhaven Lightship Museum").waitFor();
    await page.keyboard.press("Control+Shift+z");
    await page.getByRole("button", { name: "12 redrafted" }).waitFor();
  });

  itLong("one text pasted over a block fills it; what cannot be set says why", async () => {
    const page = await open();
    await cell(page, "Step aboard", 4).click();
    await page.keyboard.press("Shift+ArrowDown");
    await paste(page, "harbour");
    await page.getByRole("button", { name: "Apply to 2" }).click();
    await page.getByText("The start page of a site has no slug to change.").first().waitFor();
    await page.getByText("harbour", { exact: true }).waitFor();
  });
});

describe("many pages at once", () => {
  it("a pattern is applied after a look, stays alive, and is undone after a reload", async () => {
    const page = await open();
    await select(page, "Enamel mug", "Brass lamp kit");
    await page
      .getByRole("region", { name: "With the selected pages" })
      .getByRole("button", { name: "Apply a pattern" })
      .click();
    const dialog = page.getByRole("dialog", { name: "Apply a pattern" });
    await dialog
      .getByLabel("Pattern")
      .fill("{page heading}, {price} in {year}{separator}{category}{separator}{site name}");
    await dialog.getByText("2 changes.").waitFor();
    const year = new Date().getUTCFullYear();
    await dialog.getByText(new RegExp(`Enamel mug.* in ${year} \\| Gullhaven Lightship Museum`)).waitFor();
    await dialog
      .getByText(/^\d+ px$/)
      .first()
      .waitFor();
    await dialog.getByRole("button", { name: "Apply to 2" }).click();
    await page.getByRole("button", { name: "2 follow a pattern" }).click();
    await page.getByText("from a pattern").first().waitFor();
    await page.getByRole("button", { name: "Show all", exact: true }).click();

    // Another name of the site: the texts follow, and say that they are to be handed over again.
    await downloaded(page, () => page.getByRole("button", { name: "Hand over the changed pages" }).click());
    await page.getByRole("link", { name: "House style" }).click();
    await page.getByLabel("Brand at the end of titles").fill("The Lightship");
    await page.getByRole("button", { name: "Keep this house style" }).click();
    await page.getByRole("link", { name: "Pages", exact: true }).click();
    await page.getByRole("button", { name: "2 are to be handed over again" }).click();
    await page
      .getByText(new RegExp(`Enamel mug.* in ${year} \\| The Lightship`))
      .first()
      .waitFor();
    await page.reload();
    for (const label of ["House style", "Apply a pattern"]) {
      await page.getByRole("button", { name: `Undo: ${label}` }).click();
    }
    await page.getByRole("button", { name: "Show all", exact: true }).first().click();
    await page.getByRole("button", { name: /follow a pattern/ }).waitFor({ state: "detached" });
  });

  itLong("find and replace, plain and by expression, with a look and one undo after a reload", async () => {
    const page = await open();
    await page.getByRole("grid", { name: "Pages" }).focus();
    await page.keyboard.press("Control+a");
    await page.getByText("40 selected").waitFor();
    await page.getByRole("button", { name: "Find and replace" }).click();
    const dialog = page.getByRole("dialog", { name: "Find and replace" });
    await dialog.getByLabel("Find").fill("(");
    await dialog.getByLabel("regular expression").check();
    await dialog.getByRole("alert").getByText("This is no regular expression").waitFor();
    await dialog.getByLabel("Find").fill("Lightship (\\w+)");
    await dialog.getByLabel("Replace with").fill("Ship $1");
    await dialog.getByText(/^\d+ changes/).waitFor();
    await dialog.getByText("Home | Gullhaven Ship Museum").waitFor();
    await dialog.getByRole("button", { name: /^Apply to/ }).click();
    // What is said in passing may lie over a button, which can be pressed all the same.
    const notice = page.getByRole("listitem").filter({ hasText: "pages changed" });
    const inTheWay = await notice.evaluate((notice) => {
      const { left, top, width, height } = notice.getBoundingClientRect();
      const there = document.elementFromPoint(left + width / 2, top + height / 2);
      return there?.closest("[aria-label^=Notifications]") != null;
    });
    expect(inTheWay).toBe(false);
    await page.getByText("Home | Gullhaven Ship Museum").waitFor();
    await page.reload();
    await page.getByText("Home | Gullhaven Ship Museum").waitFor();
    await page.keyboard.press("Control+z");
    await page.getByText("Home | Gullhaven Lightship Museum").waitFor();
  });

  itLong(
    "the fixes of a rule are looked at on all pages that have it, one refused, and made in one action",
    async () => {
      const page = await open();
      await chooseFinding(page, "a title that desktop results cut");
      await page.getByRole("button", { name: "Look at the fixes" }).click();
      const dialog = page.getByRole("dialog", { name: "Look at the fixes" });
      await dialog.getByText(/^0 changes, \d+ not taken\.$/).waitFor();
      await dialog.getByRole("button", { name: "Take all" }).click();
      await dialog.getByText(/^\d+ changes\.$/).waitFor();
      const many = Number((await dialog.getByText(/^\d+ changes\.$/).textContent())?.split(" ")[0]);
      await dialog
        .getByRole("checkbox", { name: /^Take the title of/ })
        .first()
        .click();
      await dialog.getByText(`${many - 1} changes, 1 not taken.`).waitFor();
      await dialog.getByRole("button", { name: `Apply to ${many - 1} pages` }).click();
      await page.getByText(`${many - 1} pages changed`, { exact: true }).waitFor();
      // Those that were mended are not among them any more.
      await eventually(() => page.getByRole("checkbox", { name: /^Select (?!all)/ }).count(), 1);
      await page.getByRole("button", { name: /^Undo: Fix / }).waitFor();
      await page.keyboard.press("Control+z");
      await eventually(() => page.getByRole("checkbox", { name: /^Select (?!all)/ }).count(), many);
    },
  );

  itLong("an expression that never ends is stopped", async () => {
    const page = await open();
    await select(page, "Step aboard");
    await page.getByRole("button", { name: "Find and replace" }).click();
    const dialog = page.getByRole("dialog");
    await dialog.getByLabel("regular expression").check();
    await dialog.getByLabel("Find").fill("^(([a-zA-Z| ]+)+)+$!");
    await dialog.getByText("This expression takes too long.").waitFor();
  });

  itLong("case, repeated name, kind, ready and removal", async () => {
    const page = await open();
    await select(page, "Wardroom hire");
    await page.getByRole("button", { name: "Change case" }).click();
    const dialog = page.getByRole("dialog");
    await dialog.getByLabel("Case").selectOption({ label: "Title case, Chicago" });
    await dialog.getByText("Wardroom Hire for Parties").first().waitFor();
    await dialog.getByRole("button", { name: "Apply to 1" }).click();
    await page.getByText("Wardroom Hire for Parties", { exact: false }).first().waitFor();
    await page.getByRole("button", { name: "Set kind" }).click();
    await page.getByRole("dialog").getByLabel("Kind").selectOption("event");
    await page.getByRole("button", { name: "Apply to 1" }).click();
    await page.getByLabel("Columns").selectOption("phrases");
    await eventually(() => cell(page, "Wardroom hire", 4).textContent(), "event page");
    await page.getByRole("button", { name: "Mark ready" }).click();
    await page.getByRole("button", { name: "Apply to 1" }).click();
    await page.getByRole("button", { name: "1 ready" }).waitFor();
    await page.getByRole("button", { name: "Remove", exact: true }).click();
    await page.getByRole("button", { name: "Remove 1" }).click();
    await page.getByRole("button", { name: "39 pages", exact: true }).waitFor();
    await page.keyboard.press("Control+z");
    await page.getByRole("button", { name: "40 pages", exact: true }).waitFor();
    await showRow(page, "Wardroom hire");
  });
});

describe("the sentence of filters", () => {
  itLong("narrows down in words that stand in the address, and is kept under a name", async () => {
    const page = await open();
    await page.getByRole("button", { name: /\d share a title/ }).click();
    await page.getByText(/pages have the title/).waitFor();
    await page.getByRole("button", { name: /nearly share a title/ }).click();
    await page.getByText("differ in one place of the title only").waitFor();
    await eventually(() => page.getByRole("row").count(), 3);
    // Taken apart in place, the group is gone.
    await page.getByRole("gridcell", { name: "Lantern walk along the quay 2026 | Gullhaven" }).click();
    await page.keyboard.type("Looking back at the lantern walk");
    await page.keyboard.press("Enter");
    await page.getByText("No page is like that.").waitFor();
    await page
      .getByRole("button", { name: /^Show all/ })
      .first()
      .click();

    await page.getByLabel("Page kind").selectOption("event");
    await page.getByLabel("Below an address").selectOption("/events/");
    await chooseFinding(page, "a year that has passed");
    await eventually(() => new URL(page.url()).search, "?kind=event&below=%2Fevents%2F&rule=title%2Fstale-year");
    await page.getByRole("button", { name: "Keep this filter" }).click();
    await page.getByLabel("Name of this filter").fill("Old events");
    await page.keyboard.press("Enter");
    await page.getByRole("button", { name: "Show all", exact: true }).first().click();
    await page.getByRole("button", { name: "40 pages", exact: true }).click();
    await page.reload();
    await page.getByRole("button", { name: "Old events", exact: true }).click();
    await eventually(() => new URL(page.url()).searchParams.get("rule"), "title/stale-year");
    await page.getByRole("button", { name: "Forget the filter Old events" }).click();
    await page.getByRole("button", { name: "Old events", exact: true }).waitFor({ state: "detached" });
  });
});

describe("the house style", () => {
  itLong("counts what a change does before it is kept, differs by kind, goes out and comes in as a file", async () => {
    const page = await open();
    await page.getByRole("link", { name: "House style" }).click();
    await page.getByLabel(/^Titles are at most .*on desktop/).fill("300");
    const line = page.getByRole("listitem").filter({ hasText: "wide on desktop" }).first();
    await line.getByText(/on \d+ pages, with this on \d\d/).waitFor();
    await page.getByText(/findings more/).waitFor();
    await page.getByRole("button", { name: "Keep this house style" }).click();
    await page.getByRole("button", { name: "Keep this house style" }).waitFor({ state: "detached" });
    await page.getByRole("link", { name: "Pages", exact: true }).click();
    await page.getByRole("button", { name: /\d\d titles are too wide/ }).waitFor();
    await page.getByRole("link", { name: "House style" }).click();
    await page.getByLabel("Pages of which kind").selectOption("product");
    await page.getByRole("switch").first().click();
    await page.getByLabel("Pattern of titles").fill("{page heading}, {price}{separator}{site name}");
    await page.getByRole("button", { name: "Keep this house style" }).click();
    await page.getByRole("button", { name: "Keep this house style" }).waitFor({ state: "detached" });
    const file = await downloaded(page, () => page.getByRole("button", { name: "Export" }).click());
    const style = JSON.parse(file.bytes.toString());
    expect(style.kinds.product.patterns.title).toContain("{price}");
    expect(style.rules["title/too-wide"].settings.limitPx).toBe(300);

    await page.getByRole("button", { name: "Reset" }).click();
    await page.getByText(/findings fewer|stay as they are|Counting/).waitFor();
    await page.getByRole("button", { name: "Keep this house style" }).click();
    await page.getByRole("button", { name: "Keep this house style" }).waitFor({ state: "detached" });
    const put = (text: string) =>
      page
        .getByLabel("House style file")
        .setInputFiles({ name: "style.json", mimeType: "application/json", buffer: Buffer.from(text) });
    await put("{ no json");
    await page.getByText("it is no JSON that can be read").first().waitFor();
    await put(JSON.stringify({ ...style, rules: { "title/too-wide": { settings: { limitPx: -5 } } } }));
    await page.getByText("This house style cannot be used").first().waitFor();
    await put(file.bytes.toString());
    await page.getByText("House style read").first().waitFor();
    await page.getByLabel(/^Titles are at most .*on desktop/).waitFor();
    await eventually(() => page.getByLabel(/^Titles are at most .*on desktop/).inputValue(), "300");
  });
});
