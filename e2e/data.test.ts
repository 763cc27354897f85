import { readFileSync } from "node:fs";
import type { Page } from "playwright-core";
import { describe, expect, it } from "vitest";
import { AXE } from "./axe.ts";
import { downloaded, freshContext, openDemo, openDesk, startBrowser } from "./browser.ts";

startBrowser();

const demo = (file: string) => readFileSync(new URL(`../demo/gullhaven/${file}`, import.meta.url), "utf8");
const html = async (page: Page) =>
  (await downloaded(page, () => page.getByRole("button", { name: "Download the HTML" }).click())).bytes.toString();
const part = (page: Page) => page.getByRole("region", { name: "Structured data" });
const notes = (page: Page) => page.getByRole("complementary", { name: "Notes" });

describe("structured data", () => {
  it("is mended value by value, in place, and differs from the original there alone", async () => {
    const page = await openDemo(await freshContext());
    await openDesk(page, "Prices and family tickets");
    await notes(page).getByText("“price” is “£22.00”.").click();
    await page.keyboard.press(".");
    await notes(page).getByText("The data says the price “22.00”, and the page does not show it.").waitFor();
    await part(page).getByRole("button", { name: "price of Offer: 22.00" }).click();
    await part(page).getByRole("textbox", { name: "price of Offer" }).fill("24.00");
    await page.keyboard.press("Enter");
    await notes(page).getByText("was: The data says the price").waitFor();
    await notes(page).getByText("“in stock” is none of the values of “availability”.").click();
    await page.keyboard.press(".");
    await notes(page).getByText("was: “in stock” is none").waitFor();
    await part(page).getByText("It can earn the price and stock line.").waitFor();
    await page.getByText("1 change", { exact: true }).waitFor();
    // What can be undone has been kept: the fix is the last of three changes of this block.
    await page.getByRole("button", { name: "Undo: Write InStock" }).waitFor();
    await page.reload();
    await part(page).getByText("https://schema.org/InStock").waitFor();
    const was = demo("visit/prices.html");
    expect(await html(page)).toBe(
      was.replace('"£22.00"', '"24.00"').replace('"in stock"', '"https://schema.org/InStock"'),
    );
  });

  it("is proposed from the page, keeps its evidence, and says when the page has moved on", async () => {
    const page = await openDemo(await freshContext());
    await openDesk(page, "Before you come");
    await part(page)
      .getByRole("listitem")
      .filter({ hasText: "FAQPage" })
      .getByRole("button", { name: "State it" })
      .click();
    await part(page).getByRole("button", { name: "name of Question: Can I bring a dog?" }).waitFor();
    await part(page).getByText("from the page, under “Can I bring a dog?”").first().waitFor();
    const source = await html(page);
    const data =
      /<script type="application\/ld\+json">\s*(\{\s*"@context": "https:\/\/schema.org",\s*"@type": "FAQPage"[\s\S]*?)<\/script>/.exec(
        source,
      )?.[1] ?? "";
    expect(JSON.parse(data).mainEntity).toHaveLength(4);

    await page.getByRole("button", { name: "Unfold the body" }).click();
    const text = "Yes, if it can manage a companionway. Most terriers can. Most wolfhounds cannot.";
    await page.getByRole("button", { name: `Text: ${text}` }).click();
    await page.getByRole("textbox", { name: "Text" }).fill("Only small ones.");
    await page.keyboard.press("Enter");
    await notes(page)
      .getByText(`The page said “${text.slice(0, 30)}`, { exact: false })
      .click();
    await page.keyboard.press(".");
    await part(page).getByRole("button", { name: "text of Answer: Only small ones." }).waitFor();
  });

  it("is written by hand, as an entry or as JSON, and what cannot be read is not kept", async () => {
    const page = await openDemo(await freshContext());
    await openDesk(page, "The fog signal");
    await part(page).getByRole("button", { name: "Another entity…" }).click();
    await page.getByRole("combobox", { name: "Type of the entity" }).fill("VideoObject");
    await page.getByText("A video file.").waitFor();
    await page.getByRole("button", { name: "Add it" }).click();
    await part(page).getByText("it still needs name, thumbnailUrl, uploadDate", { exact: false }).waitFor();
    await part(page).getByRole("button", { name: "Say more" }).first().click();
    await page.getByRole("combobox", { name: "Property" }).fill("uploadDate");
    await page.getByLabel("Value").fill("2026-05-12T10:00");
    await page.getByRole("button", { name: "Say it" }).click();
    await part(page).getByText("it still needs name, thumbnailUrl.", { exact: false }).waitFor();
    await part(page).getByRole("button", { name: "Write it as JSON" }).first().click();
    const editor = page.getByRole("textbox", { name: "Structured data as JSON" });
    await editor.click();
    await page.keyboard.press("Control+Home");
    await page.keyboard.type("{");
    await part(page)
      .getByText(/^This cannot be read/)
      .waitFor();
    expect(await part(page).getByRole("button", { name: "Keep what I wrote" }).isDisabled()).toBe(true);
    await page.keyboard.press("Backspace");
    await page.keyboard.press("Control+Home");
    // Behind the line break and the bracket.
    for (let i = 0; i < 2; i++) await page.keyboard.press("ArrowRight");
    await page.keyboard.type('"name": "The signal", ');
    await part(page).getByRole("button", { name: "Keep what I wrote" }).click();
    await part(page).getByRole("button", { name: "name of VideoObject: The signal" }).waitFor();
    await page.evaluate(AXE);
    const violations = await page.evaluate(async () => {
      const { axe } = window as unknown as {
        axe: { run(): Promise<{ violations: { id: string; nodes: { html: string }[] }[] }> };
      };
      return (await axe.run()).violations.map(({ id, nodes }) => `${id}: ${nodes[0]?.html}`);
    });
    expect(violations).toEqual([]);
    await part(page).getByRole("button", { name: "More" }).first().click();
    await page.getByRole("menuitem", { name: "Take it out of the page" }).click();
    await part(page).getByText("VideoObject").waitFor({ state: "detached" });
  });

  it("that is broken is put right where that is sure", async () => {
    const page = await openDemo(await freshContext());
    await openDesk(page, "Tea towel with signal flags");
    await notes(page).getByText("a comma stands before the closing bracket").click();
    await page.keyboard.press(".");
    await part(page).getByText("Product", { exact: true }).first().waitFor();
    expect(await html(page)).toBe(demo("shop/tea-towel.html").replace('"GBP",\n', '"GBP"\n'));
  });
});
