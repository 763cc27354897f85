import { readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import {
  downloaded,
  freshContext,
  goToPages,
  itLong,
  openDemo,
  openDemoDesk,
  openDesk,
  selectWords,
  startBrowser,
} from "./browser.ts";

startBrowser();

const siteOf = (url: string) => /sites\/([^/]+)/.exec(url)?.[1] ?? "";
const demo = (file: string) => readFileSync(new URL(`../demo/gullhaven/${file}`, import.meta.url));

describe("pictures", () => {
  itLong(
    "that came in are shown small, are larger than shown, and get their texts on all pages at once, undoably",
    async () => {
      const page = await openDemo(await freshContext());
      const desk = page.url();
      await openDesk(page, "Pictures of the lightship");
      await page.getByText(/“under-tow.jpg” has 1800 × 1200 pixels and is shown at 600 × 400/).waitFor();
      const shown = page.getByRole("region", { name: "Pictures" }).locator("img");
      await expect.poll(() => shown.count()).toBe(8);
      expect(await shown.nth(2).evaluate((img: HTMLImageElement) => img.naturalWidth)).toBe(1800);

      await page.goto(desk);
      await page.getByLabel("Columns").selectOption("bodies");
      await page.getByRole("link", { name: "Pictures", exact: true }).click();
      await page.getByRole("button", { name: "2 without alternative text" }).click();
      await page.getByRole("button", { name: "Alternative text of deck.jpg: no alternative text" }).click();
      await page.getByRole("textbox", { name: "Alternative text of deck.jpg" }).fill("The deck after the great gale");
      await page.keyboard.press("Enter");
      await page.getByText("Changed on 1 page").first().waitFor();
      await page.getByRole("button", { name: "1 without alternative text" }).waitFor();
      await page.getByRole("checkbox", { name: "Select under-tow.jpg" }).click();
      await page.getByRole("button", { name: "For looks only", exact: true }).click();
      const look = page.getByRole("dialog", { name: "Pictures for looks only" });
      await look.getByText("for looks only", { exact: true }).waitFor();
      await look.getByRole("button", { name: "Apply to 1 page" }).click();
      await look.waitFor({ state: "detached" });
      await page.getByRole("button", { name: "2 for looks only" }).waitFor();
      await page.reload();
      await page.getByRole("button", { name: "2 for looks only" }).waitFor();
      await page.getByRole("button", { name: /^Undo: Alternative text of under-tow/ }).click();
      await page.getByRole("button", { name: "1 without alternative text" }).waitFor();
    },
  );

  itLong("are brought in with a folder's pages, and kept by a backup", async () => {
    const context = await freshContext();
    const page = await openDemo(context);
    const site = siteOf(page.url());
    const origin = new URL(page.url()).origin;
    await page.goto(`${origin}/bring-in?site=${site}&way=disk`);
    const html =
      '<!doctype html><html lang=en><head><meta charset=utf-8><title>Buoy</title></head><body><main><h1>Buoy</h1><img src="buoy.jpg" alt="A buoy" width="300" height="200"></main></body></html>';
    await page.getByLabel("HTML files or zip").setInputFiles([
      { name: "buoy.html", mimeType: "text/html", buffer: Buffer.from(html) },
      { name: "buoy.jpg", mimeType: "image/jpeg", buffer: demo("img/quay.jpg") },
    ]);
    await page.getByText("A picture or style sheet comes with them.").waitFor();
    await page.getByRole("button", { name: "Bring in 1 page" }).click();
    await goToPages(page);
    await openDesk(page, "Buoy");
    await expect.poll(() => page.getByRole("region", { name: "Pictures" }).locator("img").count()).toBe(1);
    await page.getByText(/“buoy.jpg” has 900 × 600 pixels and is shown at 300 × 200/).waitFor();
  });
});

describe("the HTML of the whole site", () => {
  itLong("is checked in the background, can be gone on with, and leads to the line, which can be mended", async () => {
    const page = await openDemo(await freshContext());
    const site = siteOf(page.url());
    await page.goto(`${new URL(page.url()).origin}/sites/${site}/html`);
    await page.getByRole("button", { name: "Check 39 pages" }).click();
    // Another screen is worked on meanwhile.
    await page.getByRole("link", { name: "Gullhaven Lightship Museum" }).click();
    await page.getByRole("grid", { name: "Pages" }).waitFor();
    await page.getByRole("link", { name: "Check the HTML" }).click();
    await page.getByRole("button", { name: "Check all 39 again" }).waitFor({ timeout: 60_000 });
    await page.getByRole("button", { name: /The id “law” stands on the page more than once/ }).click();
    await page.getByRole("link", { name: /line 24/ }).click();
    const source = page.getByRole("region", { name: "Source" });
    await source.getByText("1 place is not valid HTML.").waitFor();
    await source.getByText('<h2 id="law">Whom to ask</h2>').first().waitFor();
    await source.getByRole("button", { name: "Edit it" }).click();
    const line = source.locator(".cm-line", { hasText: "Whom to ask" });
    await line.click();
    await page.keyboard.press("End");
    for (const _ of '">Whom to ask</h2>') await page.keyboard.press("ArrowLeft");
    await page.keyboard.type("-whom");
    await source.getByRole("button", { name: "Keep what I wrote" }).click();
    await source.getByText("The page has changed since it was checked.").waitFor();
    await source.getByRole("button", { name: "Check the HTML again" }).click();
    await source.getByText("The HTML is valid.").waitFor();
  });
});

describe("a page in Markdown", () => {
  it("is edited block by block, and differs in those lines alone", async () => {
    const page = await openDemoDesk(await freshContext(), "How the ship is moored for winter");
    await page.getByRole("button", { name: "Unfold the body" }).click();
    const was = demo("log/winter-mooring.md").toString();
    const text =
      "The first gale of the winter comes before the last visitor has gone. So the ship is made fast in the first week of November, whatever the sky says.";
    await page.getByRole("button", { name: `Text: ${text}` }).click();
    await selectWords(page, "last visitor");
    await page.keyboard.type("last guest");
    await page.keyboard.press("Enter");
    await page.getByText("1 change", { exact: true }).waitFor();
    const { bytes } = await downloaded(page, () => page.getByRole("button", { name: "Download the Markdown" }).click());
    expect(bytes.toString()).toBe(was.replace("last visitor", "last guest"));
  });
});
