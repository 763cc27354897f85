import { readFileSync } from "node:fs";
import type { Page } from "playwright-core";
import { describe, expect, it } from "vitest";
import { violations } from "./axe.ts";
import {
  downloaded,
  eventually,
  freshContext,
  itLong,
  openDemo,
  openDemoDesk,
  openDesk,
  startBrowser,
} from "./browser.ts";

startBrowser();

const demo = (file: string) => readFileSync(new URL(`../demo/gullhaven/${file}`, import.meta.url), "utf8");
const html = async (page: Page) =>
  (await downloaded(page, () => page.getByRole("button", { name: "Download the HTML" }).click())).bytes.toString();
const part = (page: Page) => page.getByRole("region", { name: "Structured data" });
const notes = (page: Page) => page.getByRole("complementary", { name: "Notes" });

/** Waits until a change is what undo takes back next: that a page was handed over is no step of it. */
async function undoTo(page: Page, label: string): Promise<void> {
  await page.getByRole("button", { name: `Undo: ${label}` }).waitFor();
}

describe("structured data", () => {
  it("is mended value by value, in place, and differs from the original there alone", async () => {
    const page = await openDemoDesk(await freshContext(), "Prices and family tickets");
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
    await part(page).getByText("Search results may show the price and stock line.").waitFor();
    await page.getByText("1 change", { exact: true }).waitFor();
    // What can be undone has been kept: the fix is the last of three changes of this block.
    await page.getByRole("button", { name: "Undo: Write InStock" }).waitFor();
    await page.reload();
    await part(page).getByRole("button", { name: "availability of Offer: https://schema.org/InStock" }).waitFor();
    const was = demo("visit/prices.html");
    expect(await html(page)).toBe(
      was.replace('"£22.00"', '"24.00"').replace('"in stock"', '"https://schema.org/InStock"'),
    );
  });

  itLong("is proposed from the page, keeps its evidence, and says when the page has moved on", async () => {
    const page = await openDemoDesk(await freshContext(), "Before you come");
    await part(page)
      .getByRole("listitem")
      .filter({ hasText: "FAQPage" })
      .getByRole("button", { name: "Add this as JSON-LD" })
      .click();
    await part(page).getByRole("button", { name: "name of Question: Can I bring a dog?" }).waitFor();
    await part(page).getByText("from the page, under “Can I bring a dog?”").first().waitFor();
    const source = await html(page);
    const data =
      /<script type="application\/ld\+json">\s*(\{\s*"@context": "https:\/\/schema.org",\s*"@type": "FAQPage"[\s\S]*?)<\/script>/.exec(
        source,
      )?.[1] ?? "";
    expect(JSON.parse(data).mainEntity).toHaveLength(3);

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

  itLong("is written by hand, as an entry or as JSON, and what cannot be read is not kept", async () => {
    const page = await openDemoDesk(await freshContext(), "The fog signal");
    await part(page).getByRole("button", { name: "Add an entity…" }).click();
    await page.getByRole("combobox", { name: "Type of the entity" }).fill("VideoObject");
    await page.getByText("A video file.").waitFor();
    await page.getByRole("button", { name: "Add it" }).click();
    await part(page).getByText("search results need name, thumbnailUrl, uploadDate", { exact: false }).waitFor();
    await part(page).getByRole("button", { name: "Add a property" }).first().click();
    await page.getByRole("combobox", { name: "Property" }).fill("uploadDate");
    await part(page).getByLabel("Day").fill("2026-05-12");
    await part(page).getByLabel("Time").fill("10:00");
    await page.getByRole("button", { name: "Add it" }).click();
    await part(page).getByText("search results need name, thumbnailUrl.", { exact: false }).waitFor();
    await part(page).getByRole("button", { name: "Write it as JSON" }).first().click();
    const editor = page.getByRole("textbox", { name: "Structured data as JSON" });
    await editor.click();
    await page.keyboard.press("Control+Home");
    await page.keyboard.type("{");
    await part(page)
      .getByText(/^This cannot be read/)
      .waitFor();
    // Nothing else of the block can be changed until it can be read.
    await part(page).getByRole("button", { name: "Cancel" }).waitFor();
    await page.keyboard.press("Backspace");
    await page.keyboard.press("Control+Home");
    // Behind the line break and the bracket.
    for (let i = 0; i < 2; i++) await page.keyboard.press("ArrowRight");
    await page.keyboard.type('"name": "The signal", ');
    await part(page).getByRole("button", { name: "Close the JSON" }).click();
    await part(page).getByRole("button", { name: "name of VideoObject: The signal" }).waitFor();
    expect(await violations(page)).toEqual([]);
    await part(page).getByRole("button", { name: "More" }).first().click();
    await page.getByRole("menuitem", { name: "Take it out of the page" }).click();
    await part(page).getByText("VideoObject").waitFor({ state: "detached" });
  });

  itLong("that is broken is put right where that is sure", async () => {
    const page = await openDemoDesk(await freshContext(), "Tea towel with signal flags");
    await notes(page).getByText("a comma stands before the closing bracket").click();
    await page.keyboard.press(".");
    await part(page).getByText("Product", { exact: true }).first().waitFor();
    expect(await html(page)).toBe(demo("shop/tea-towel.html").replace('"GBP",\n', '"GBP"\n'));
  });

  itLong("asks for what a proposal lacks, and writes it onto the page in the same step", async () => {
    const page = await openDemoDesk(await freshContext(), "Opening times and prices");
    await part(page)
      .getByRole("listitem")
      .filter({ hasText: "LocalBusiness" })
      .getByRole("button", { name: "Add this as JSON-LD" })
      .click();
    // Read out of a sentence: “ten in the morning until five”.
    await part(page).getByRole("button", { name: "opens of OpeningHoursSpecification: 10:00" }).waitFor();
    await part(page).getByRole("button", { name: "closes of OpeningHoursSpecification: 17:00" }).waitFor();
    await part(page).getByRole("button", { name: "add telephone" }).click();
    await part(page).getByRole("textbox", { name: "Value" }).fill("01632 960 117");
    await part(page).getByLabel("Write it onto the page too").check();
    await part(page).getByLabel("Under which heading").selectOption({ label: "When the ship is open" });
    await part(page).getByLabel("As it stands on the page").fill("Ring 01632 960 117 when it blows.");
    await part(page).getByRole("button", { name: "Add it" }).click();
    await part(page).getByRole("button", { name: "telephone of LocalBusiness: 01632 960 117" }).waitFor();
    await part(page).getByText("from the page, under “When the ship is open”").first().waitFor();
    const source = await html(page);
    expect(source).toContain("<p>Ring 01632 960 117 when it blows.</p>");
    expect(source).toContain('"telephone": "01632 960 117"');
    // Both are one step back; that it was handed over is none.
    await undoTo(page, "telephone, on the page too");
    await page.keyboard.press("Control+z");
    await part(page)
      .getByRole("button", { name: "telephone of LocalBusiness: 01632 960 117" })
      .waitFor({ state: "detached" });
    expect(await html(page)).not.toContain("Ring 01632");
  });

  itLong("has typed fields for days, money, addresses and links, and a question with its answer", async () => {
    const page = await openDemoDesk(await freshContext(), "Knot night in the saloon");
    // A day and a time of their own in place of the text.
    await part(page).getByRole("button", { name: "endDate of Event: 2026-12-02T21:00" }).click();
    await part(page).getByLabel("Day").fill("2026-12-03");
    await part(page).getByRole("button", { name: "Keep it" }).click();
    await notes(page).getByText("was: It ends before it starts").waitFor();
    const more = async (property: string) => {
      await part(page).getByRole("button", { name: "Add a property" }).first().click();
      await page.getByRole("combobox", { name: "Property" }).fill(property);
    };
    await more("organizer");
    await part(page).getByLabel("Which").selectOption({ label: "→ Gullhaven Lightship Museum, of the whole site" });
    await part(page).getByRole("button", { name: "Add it" }).click();
    await part(page).getByText("https://www.gullhaven.example/#organization").waitFor();
    await more("offers");
    await part(page).getByRole("textbox", { name: "Name", exact: true }).fill("A seat by the stove");
    await part(page).getByRole("button", { name: "Add it" }).click();
    await part(page).getByRole("button", { name: "name of Offer: A seat by the stove" }).waitFor();
    const data = JSON.parse(/ld\+json">([\s\S]*?)<\/script>/.exec(await html(page))?.[1] ?? "");
    expect(data.endDate).toBe("2026-12-03T21:00");
    expect(data.organizer[1]).toEqual({ "@id": "https://www.gullhaven.example/#organization" });
    expect(data.offers).toHaveLength(2);

    await page.getByRole("link", { name: "Gullhaven Lightship Museum", exact: true }).click();
    await openDesk(page, "Questions before a visit");
    // The page shows one that its data has not.
    await part(page).getByText("1 question with its answer that the data does not have").waitFor();
    await part(page).getByRole("button", { name: "Add it", exact: true }).click();
    await part(page).getByText("that the data does not have").waitFor({ state: "detached" });
    await part(page).getByRole("button", { name: "Another question" }).focus();
    await page.keyboard.press("Enter");
    await page.getByRole("textbox", { name: "Question" }).fill("Is there soup?");
    await page.getByRole("textbox", { name: "Answer" }).fill("On Thursdays, until it is gone.");
    await page.getByRole("button", { name: "Add it there" }).click();
    await part(page).getByRole("button", { name: "name of Question: Is there soup?" }).waitFor();
    expect(await html(page)).toMatch(/Is there soup\?<\/h\d>\s*<p>On Thursdays, until it is gone\.<\/p>/);
  });

  itLong("in the markup becomes JSON-LD, and one undo puts it back", async () => {
    const page = await openDemoDesk(await freshContext(), "A night aboard");
    await part(page).getByRole("button", { name: "Make it JSON-LD" }).click();
    await part(page).getByText("Written as microdata").waitFor({ state: "detached" });
    const source = await html(page);
    expect(source).toContain('"@type": "VacationRental"');
    expect(source).not.toMatch(/itemprop|itemscope/);
    await undoTo(page, "State the markup’s data as JSON-LD");
    await page.keyboard.press("Control+z");
    await part(page).getByText("Written as microdata").waitFor();
    expect(await html(page)).toBe(demo("hire/night-aboard.html"));
  });

  itLong("is set out by itself, with its JSON beside it and the way between its entities", async () => {
    const page = await openDemoDesk(await freshContext(), "The radio room");
    await part(page).getByRole("link", { name: "Open on its own page" }).click();
    const entities = page.getByRole("navigation", { name: "Entities" });
    await entities.getByRole("link", { name: "HowTo The last message" }).click();
    await page.getByRole("button", { name: "name of HowTo: The last message" }).waitFor();
    await page.getByText("name of Article").waitFor({ state: "detached" });
    await page.getByRole("button", { name: "text of HowToStep: Put the kettle on." }).click();
    await page.getByRole("textbox", { name: "text of HowToStep" }).fill("Coming home.");
    await page.keyboard.press("Enter");
    await page.getByRole("button", { name: "text of HowToStep: Coming home." }).waitFor();
    await page.getByRole("button", { name: "Write it as JSON" }).click();
    await page.getByRole("textbox", { name: "Structured data as JSON" }).getByText('"Coming home."').waitFor();
    // The entries stay beside it, and both say the same: what is typed in one stands in the other.
    const editor = page.getByRole("textbox", { name: "Structured data as JSON" });
    await page.getByRole("button", { name: "name of HowTo: The last message" }).click();
    await page.getByRole("textbox", { name: "name of HowTo" }).fill("The first message");
    await page.keyboard.press("Enter");
    await editor.getByText('"The first message"').waitFor();
    await editor.getByText('"Coming home."').click();
    // In the middle of the word that was clicked on.
    await page.keyboard.type("QQ");
    const entries = () => page.locator('[data-anchor^="data"]').allTextContents();
    await eventually(async () => (await entries()).some((text) => text.includes("QQ")), true);
    expect(await violations(page)).toEqual([]);
  });

  itLong("is stated on every page at once, seen before it is done, and taken back by one undo", async () => {
    const page = await openDemo(await freshContext());
    await page.goto(page.url().replace(/pages.*/, "pages?columns=data"));
    await page.getByRole("link", { name: "Structured data for every page" }).click();
    await page.getByRole("button", { name: "Apply to 39 pages" }).waitFor();
    await page.getByText("39 changes, 1 cannot be made.").waitFor();
    expect(await violations(page)).toEqual([]);
    await page.getByRole("button", { name: /^The way to each page/ }).click();
    await page.getByText("Gullhaven Lightship Museum › What we keep of you").waitFor();
    await page.getByRole("checkbox", { name: "Take the structured data of What we keep of you" }).click();
    await page.getByText(", 1 not taken").waitFor();
    await page.getByRole("button", { name: /^Apply to \d\d pages/ }).click();
    await page
      .getByText(/^\d\d pages changed/)
      .first()
      .waitFor();
    await page.getByRole("link", { name: "Gullhaven Lightship Museum", exact: true }).click();
    await openDesk(page, "The crew of the lightship");
    await part(page).getByText("BreadcrumbList").first().waitFor();
    expect(await html(page)).toContain('"name": "The crew of the lightship"');
    await undoTo(page, "State the way to each page");
    await page.keyboard.press("Control+z");
    await part(page).getByText("none", { exact: true }).waitFor();
  });

  itLong("joins one graph where the house style says so, which also knows who runs the site", async () => {
    const page = await openDemo(await freshContext());
    await page.getByRole("link", { name: "House style" }).click();
    await page.getByLabel("How new structured data is written").selectOption({ label: "one graph" });
    await page.getByRole("combobox", { name: "Type", exact: true }).fill("Ship");
    await page.getByText("schema.org has no organisation of that type.").waitFor();
    expect(await page.getByRole("button", { name: "Keep this house style" }).isDisabled()).toBe(true);
    await page.getByRole("combobox", { name: "Type", exact: true }).fill("NGO");
    await page.getByRole("button", { name: "Keep this house style" }).click();
    await page.getByRole("button", { name: "Undo: House style" }).waitFor();
    await page.getByRole("link", { name: "Pages", exact: true }).click();
    await openDesk(page, "Opening times and prices");
    for (const type of ["LocalBusiness", "BreadcrumbList"])
      await part(page)
        .getByRole("listitem")
        .filter({ hasText: type })
        .getByRole("button", { name: "Add this as JSON-LD" })
        .click();
    await part(page).getByText("2 entities").waitFor();
    const blocks = [...(await html(page)).matchAll(/ld\+json">([\s\S]*?)<\/script>/g)].map(([, text = ""]) =>
      JSON.parse(text),
    );
    expect(blocks).toHaveLength(1);
    expect(blocks[0]["@graph"].map((one: { "@type": string }) => one["@type"])).toEqual([
      "LocalBusiness",
      "BreadcrumbList",
    ]);
  });
});
