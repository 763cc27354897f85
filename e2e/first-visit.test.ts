import { describe, expect } from "vitest";
import {
  eventually,
  freshContext,
  goToPages,
  itLong,
  openDesk,
  openFindings,
  openTab,
  startBrowser,
} from "./browser.ts";

startBrowser();

describe("a first visit", () => {
  itLong("has a hint where it applies, once, and has them again when they are asked for", async () => {
    const page = await openFindings(await freshContext());
    const hint = (words: string) => page.getByRole("note").filter({ hasText: words });
    // What it tells of is done: it has been understood.
    await hint("Press a line").waitFor();
    await page.locator("[data-line]").first().click();
    await hint("Press a line").waitFor({ state: "detached" });

    await goToPages(page);
    await openDesk(page, "Opening times and prices");
    await hint("The ruler shows").waitFor();
    await hint("The ruler shows")
      .getByRole("button", { name: /^Hide this hint/ })
      .click();
    await hint("The ruler shows").waitFor({ state: "detached" });
    await hint("A numeral stands").waitFor();
    await page.keyboard.press("j");
    await hint("A numeral stands").waitFor({ state: "detached" });
    await page.reload();
    await page.locator("[data-note]").first().waitFor();
    expect(await page.getByRole("note").count()).toBe(0);

    await page.getByRole("button", { name: "Keys and hints" }).click();
    await page.getByRole("button", { name: "Show the hints of the first visit again" }).click();
    await hint("The ruler shows").waitFor();
    await hint("A numeral stands").waitFor();
  });

  itLong("has the palette and the keys before anything is there, and leads to the sites from anywhere", async () => {
    const context = await freshContext();
    const page = await openTab(context);
    const option = (name: string) => page.getByRole("option", { name });
    await page.getByRole("button", { name: "Keys and hints" }).click();
    await page.getByRole("dialog", { name: "Keys and hints" }).getByText("Command palette").waitFor();
    await page.keyboard.press("Escape");
    await page.keyboard.press("Control+k");
    await option("Bring in pages").click();
    await page.getByRole("heading", { name: "Bring in pages" }).waitFor();
    await page.keyboard.press("Control+k");
    await option("All sites").click();
    await page.getByRole("button", { name: "Open the demo site" }).click();
    await page.getByRole("heading", { name: "What this site needs" }).waitFor();
    await page.goto(new URL("/bring-in", page.url()).href);
    await page.getByRole("heading", { name: "Bring in pages" }).waitFor();
    await page.keyboard.press("Control+k");
    await option("Open Gullhaven Lightship Museum").click();
    await eventually(() => new URL(page.url()).pathname.endsWith("/findings"), true);
  });
});
