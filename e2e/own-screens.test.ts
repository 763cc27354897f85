import { describe, expect, it } from "vitest";
import { AXE, violations } from "./axe.ts";
import { freshContext, openDemo, openDesk, startBrowser } from "./browser.ts";

startBrowser();

describe("our own screens", () => {
  it("have no axe-core violation, nor in dark", async () => {
    const context = await freshContext();
    const page = await context.newPage();
    const check = async (where: string) => {
      await page.evaluate(AXE);
      expect(await violations(page), where).toEqual([]);
      // What differs in the dark are colours alone; in a narrow window where things stand, and how near to each other.
      await page.emulateMedia({ colorScheme: "dark" });
      await page.setViewportSize({ width: 320, height: 800 });
      const narrow = await violations(page, ["color-contrast", "link-in-text-block", "target-size"]);
      expect(narrow, `${where}, in the dark, at 320 px`).toEqual([]);
      await page.emulateMedia({ colorScheme: "light" });
      await page.setViewportSize({ width: 1280, height: 800 });
    };
    const first = await openDemo(context);
    const pages = first.url();
    await page.goto(`${new URL(pages).origin}/?all`);
    await page.getByRole("button", { name: "Open the demo site" }).waitFor();
    await check("first run");
    await page.goto(`${new URL(pages).origin}/bring-in`);
    await page.getByRole("heading", { name: "Bring in pages" }).waitFor();
    await check("bring in");
    await page.goto(pages.replace(/pages$/, "findings"));
    await page.getByText(/\d+ orphans?/).waitFor();
    await page.locator("[data-line]").first().click();
    await page.getByText("Set aside for the site…").waitFor();
    await check("findings");
    await page.goto(pages);
    await page.getByRole("grid", { name: "Pages" }).waitFor();
    await check("pages");
    const grid = page.getByRole("grid", { name: "Pages" });
    await grid.focus();
    await page.keyboard.press("ArrowDown");
    await page.keyboard.press("Control+a");
    await page.getByRole("button", { name: "Find and replace" }).click();
    await page.getByLabel("Find", { exact: true }).fill("lightship");
    await page.getByText(/^\d+ changes/).waitFor();
    await check("find and replace");
    await page.keyboard.press("Escape");
    await page.goto(`${pages}?show=title-near&columns=phrases`);
    await page.getByText("differ in one place of the title only").waitFor();
    await grid.getByRole("gridcell").nth(3).dblclick();
    await check("a cell being edited, in a group");
    await page.keyboard.press("Escape");
    const site = /sites\/([^/]+)/.exec(pages)?.[1] ?? "";
    await page.goto(`${pages.replace(/pages$/, "phrases")}?phrase=fog%20signal`);
    await page.getByText(/sentences on/).waitFor();
    await check("phrases, one of them chosen");
    await page.getByRole("button", { name: "suggest some" }).click();
    await page.getByText(/something to be found for/).waitFor();
    await check("suggested phrases");
    await page.goto(pages.replace(/pages$/, "performance"));
    await page.getByText("beyond the 20th").first().waitFor();
    await check("performance");
    await page.goto(pages.replace(/pages$/, "line-up"));
    await page.getByRole("button", { name: "Begin a line-up…" }).click();
    await page.getByPlaceholder("Find a page").fill("opening");
    await page.getByRole("option").first().click();
    await page.getByRole("button", { name: "Bring in the others…" }).click();
    await page.getByRole("button", { name: "Ask it" }).click();
    await page.getByText("12 results").waitFor();
    await check("results to stand among");
    await page.getByRole("button", { name: "Stand among them" }).click();
    await page.getByRole("button", { name: "Another take" }).click();
    await page.getByLabel("Title of take A on desktop").waitFor();
    await check("line-up");
    for (const way of ["disk", "table", "draft"]) {
      await page.goto(`${new URL(pages).origin}/bring-in?site=${site}&way=${way}`);
      await page.getByRole("heading", { name: /^Bring in pages/ }).waitFor();
      if (way === "table") {
        await page.getByLabel("Or paste rows from a spreadsheet").fill("url\ttitle\n/hire/wardroom[1]\tX\n\tY");
        await page.getByRole("button", { name: "Read these rows" }).click();
        await page.getByText("It has no address.").waitFor();
      }
      await check(`bring in: ${way}`);
    }
    await page.goto(`${new URL(pages).origin}/sites/${site}/house-style`);
    await page.getByLabel(/^Titles have at most/).fill("55");
    await page.getByText(/findings more/).waitFor();
    await check("house style");
    await page.goto(pages);
    await openDesk(page, "Opening times and prices");
    await page.keyboard.press("j");
    await check("desk");
    await page.getByRole("button", { name: "Set aside…" }).click();
    await page.getByRole("dialog").waitFor();
    await check("set aside");
    await page.keyboard.press("Escape");
    await page.getByRole("button", { name: "Unfold the body" }).click();
    await page.getByRole("region", { name: "How it looks" }).getByRole("button", { name: "Show it" }).click();
    await page.getByRole("region", { name: "Source" }).getByRole("button", { name: "Show it" }).click();
    await page.getByLabel("Source of this page").waitFor();
    await page.getByRole("button", { name: "What stands in it" }).click();
    await page.getByRole("region", { name: "What stands in the result" }).waitFor();
    await page.getByRole("button", { name: "Lead me through it" }).click();
    await page.getByRole("region", { name: "Led through this page" }).waitFor();
    await check("desk, unfolded, led through");
    await page.getByRole("button", { name: "Leave being led" }).click();
    await page.getByRole("button", { name: "Takes", exact: true }).click();
    await page.getByLabel("Title of take A").waitFor();
    await check("takes");
    await page.getByRole("button", { name: "Repair…" }).click();
    await check("repair");
    await page.goto(`${new URL(pages).origin}/sites/${site}/phrases?phrase=fog+signal`);
    await page.getByText(/sentences on/).waitFor();
    await check("phrases");
    await page.getByRole("button", { name: "Give it another page" }).click();
    await page.getByPlaceholder("Find a page").waitFor();
    await check("choosing a page");
    await page.goto(`${new URL(pages).origin}/sites/${site}/headings`);
    await page.getByRole("button", { name: /^H3/ }).first().click();
    await page.getByRole("button", { name: /^Apply to / }).waitFor();
    await check("patterns of headings");
    await page.goto(`${new URL(pages).origin}/sites/${site}/pictures`);
    await page.getByRole("checkbox", { name: "Select deck.jpg" }).click();
    await check("pictures");
    await page.goto(`${new URL(pages).origin}/sites/${site}/html`);
    await page.getByRole("button", { name: "Check 39 pages" }).click();
    await page
      .getByRole("button", { name: /^Should|stands on the page more than once/ })
      .first()
      .click();
    await check("HTML check");
  }, 180_000);
});
