// The states of the application's own screens that can be opened: what is looked at in each of them is for who calls.
import type { BrowserContext, Page } from "playwright-core";
import { inject } from "vitest";
import { goToPages, openDemo, openDesk, openTab, screenDrawn } from "./browser.ts";
import { put } from "./changing.ts";

/** Looks at the screen as it stands, and leaves it so. */
export type Look = (page: Page, state: string) => Promise<void>;

/** Goes through states one after another, beginning in an empty browser. */
export type Walk = (context: BrowserContext, look: Look) => Promise<void>;

const press = (page: Page, name: string | RegExp, nth = 0) =>
  page
    .getByRole("button", typeof name === "string" ? { name, exact: true } : { name })
    .nth(nth)
    .click();

const item = (page: Page, name: string) => page.getByRole("menuitem", { name }).click();

/** A page of HTML that is brought in by pasting it. */
const pasted = async (page: Page, source: string) => {
  await page.getByLabel("Or paste a page’s source").fill(source);
  await press(page, "Read this source");
  await page.getByLabel("Address of the site").fill("https://quay.example/");
};

async function nothingYet(context: BrowserContext, look: Look): Promise<void> {
  const page = await openTab(context);
  await page.getByRole("button", { name: "Open the demo site" }).waitFor();
  await look(page, "first run");
  await page.keyboard.press("Control+k");
  await page.getByRole("combobox").waitFor();
  await look(page, "palette, before anything is there");
  await page.keyboard.press("Escape");
  await page.keyboard.press("?");
  await page.getByRole("dialog").waitFor();
  await look(page, "keys and hints");
  await page.keyboard.press("Escape");
  for (const way of ["web", "disk", "table", "draft"]) {
    await page.goto(`${inject("address")}/bring-in?way=${way}`);
    await page.getByRole("heading", { name: "Bring in pages" }).waitFor();
    await look(page, `bring in: ${way}`);
  }
  await pasted(page, "<h1>Quay</h1>");
  await page.getByRole("button", { name: "Bring in 1 page" }).waitFor();
  await look(page, "bring in: a page that was pasted");
  await page.goto(`${inject("address")}/bring-in`);
  await page.getByLabel("Which addresses?").fill("https://changing.example/nowhere");
  await page.getByRole("radio", { name: /^These pages/ }).click();
  await press(page, "Bring them in");
  await page.getByRole("button", { name: /^1 failed/ }).click();
  await look(page, "bring in: what failed");
  await page.goto(`${inject("address")}/sites/nowhere/pages`);
  await screenDrawn(page);
  await look(page, "a site that is not in this browser");
  // The server's answer for it is an error in the eyes of whoever watches for those.
  const nowhere = await context.newPage();
  await nowhere.goto(`${inject("address")}/nowhere`);
  await nowhere.getByRole("heading", { name: "There is nothing here" }).waitFor();
  await look(nowhere, "an address that leads nowhere");
}

async function findings(context: BrowserContext, look: Look): Promise<void> {
  const page = await openDemo(context);
  const site = page.url().replace(/pages$/, "");
  await page.goto(`${new URL(site).origin}/?all`);
  await page.getByRole("region", { name: "Sites in this browser" }).waitFor();
  await look(page, "sites in this browser");
  await page.goto(`${site}findings`);
  await page.getByText(/\d+ orphans?/).waitFor();
  await look(page, "findings");
  await page.locator("[data-line]").first().click();
  await page.getByText("Set aside for the site…").waitFor();
  await look(page, "findings, a line open");
  await press(page, "Set aside for the site…");
  await page.getByLabel("Reason").waitFor();
  await look(page, "set aside for the site");
  await page.keyboard.press("Escape");
  await press(page, "Copy as a document");
  await page.getByRole("menu").waitFor();
  await look(page, "menu of documents");
  await page.keyboard.press("Escape");
  await press(page, /^Look at the fixes: a title that desktop results cut/);
  await page
    .getByRole("dialog")
    .getByText(/^8 changes/)
    .waitFor();
  await look(page, "fixes looked at");
  await page.keyboard.press("Escape");
  await page.getByLabel("Grouped").selectOption("folder");
  await page.getByRole("heading", { name: "/visit/" }).waitFor();
  await look(page, "findings by folder");
  await page.getByLabel("Find a finding").fill("no such thing");
  await page.getByText("No finding is like that.").waitFor();
  await look(page, "no finding is like that");
  await page.keyboard.press("Escape");
  await page.keyboard.press("Control+k");
  await page.getByRole("combobox").fill("ship");
  await page.getByRole("option").first().waitFor();
  await look(page, "palette with pages");
  await page.keyboard.press("Escape");
  await press(page, /^Site: /);
  await page.getByRole("menu").waitFor();
  await look(page, "menu of sites");
  await page.keyboard.press("Escape");
  await page.goto(`${site}site`);
  await page.getByRole("button", { name: /^Name of the site/ }).waitFor();
  await look(page, "this site");
  await press(page, /^Address of the site/);
  await page.getByRole("textbox", { name: "Address of the site" }).fill("no address");
  await page.keyboard.press("Enter");
  await look(page, "this site, with an address that is none");
}

async function table(context: BrowserContext, look: Look): Promise<void> {
  const page = await openDemo(context);
  const pages = page.url();
  const grid = page.getByRole("grid", { name: "Pages" });
  const dialog = page.getByRole("dialog");
  for (const set of ["results", "outlines", "bodies", "data", "links", "phrases"]) {
    await page.goto(`${pages}?columns=${set}`);
    await grid.getByRole("link").first().waitFor();
    await look(page, `pages, ${set}`);
  }
  await press(page, /^By finding/);
  await page.getByRole("dialog", { name: "By finding" }).getByRole("option").first().waitFor();
  await look(page, "findings to narrow by");
  await page.keyboard.press("Escape");
  await page.goto(`${pages}?find=zzz`);
  await page.getByText("0 pages").waitFor();
  await look(page, "no page is like that");
  await page.goto(pages);
  await grid.focus();
  await page.keyboard.press("ArrowDown");
  await page.keyboard.press("Control+a");
  await page.getByText("40 selected").waitFor();
  await look(page, "all pages selected");
  await press(page, "Find and replace");
  await page.getByLabel("Find", { exact: true }).fill("lightship");
  await dialog.getByText(/^\d+ changes/).waitFor();
  await look(page, "find and replace");
  await page.getByLabel("regular expression").check();
  await page.getByLabel("Find", { exact: true }).fill("(");
  await dialog.getByRole("alert").waitFor();
  await look(page, "an expression that is none");
  await page.keyboard.press("Escape");
  await press(page, "Let it go");
  for (const action of ["Apply a pattern", "Change case", "Trim name", "Set kind", "Mark ready", "Remove"]) {
    await press(page, action);
    await dialog.waitFor();
    await look(page, action);
    await page.keyboard.press("Escape");
    await dialog.waitFor({ state: "detached" });
  }
  await page.goto(`${pages}?show=title-near&columns=phrases`);
  await page.getByText("differ in one place of the title only").waitFor();
  await grid.getByRole("gridcell").nth(3).dblclick();
  await grid.getByRole("textbox").waitFor();
  await look(page, "a cell being edited, in a group");
  await page.keyboard.press("Escape");
  for (const beside of ["headings", "pictures", "html", "site-data"]) {
    await page.goto(pages.replace(/pages$/, beside));
    await screenDrawn(page);
    await look(page, beside);
  }
  await page.goto(pages.replace(/pages$/, "headings"));
  await press(page, /^H3/);
  await page.getByRole("button", { name: /^Apply to / }).waitFor();
  await look(page, "patterns of headings, one chosen");
  await page.goto(pages.replace(/pages$/, "pictures"));
  await page.getByRole("checkbox", { name: "Select deck.jpg" }).click();
  await look(page, "pictures, one selected");
  await page.goto(pages.replace(/pages$/, "html"));
  await press(page, "Check 39 pages");
  await press(page, /^Should|stands on the page more than once/);
  await look(page, "HTML check");
}

async function desk(context: BrowserContext, look: Look): Promise<void> {
  const page = await openDemo(context);
  const dialog = page.getByRole("dialog");
  await openDesk(page, "Opening times and prices");
  await page.getByRole("heading", { name: "Source" }).waitFor();
  await look(page, "desk");
  await page.keyboard.press("j");
  await page.locator('[data-note] [aria-expanded="true"]').waitFor();
  await press(page, "Set aside…");
  await dialog.waitFor();
  await look(page, "set aside");
  await page.keyboard.press("Escape");
  await page.getByLabel("Title on desktop").fill("");
  await page.getByLabel("Description on desktop").fill("");
  await look(page, "desk without title and description");
  await page.getByLabel("Title on desktop").fill("🦀 船 ".repeat(60));
  await page.getByLabel("Description on desktop").fill("ברוכים הבאים Gullhaven ".repeat(30));
  await page.getByText("2 changes").waitFor();
  await look(page, "desk with a title of signs and a description from right to left");
  await press(page, "What stands in it");
  await page.getByRole("region", { name: "What stands in the result" }).waitFor();
  await look(page, "what stands in the result");
  await press(page, "What may be shown instead");
  await press(page, "Other wordings");
  await page.getByRole("list", { name: /^Titles out of/ }).waitFor();
  await press(page, "Keep it as a take");
  await press(page, "Takes");
  await page.getByLabel("Title of take A").waitFor();
  await look(page, "takes, other wordings, what may be shown instead");
  await press(page, "Picture…");
  await dialog.waitFor();
  await look(page, "as a picture");
  await page.keyboard.press("Escape");
  await press(page, "Lead me through it");
  await page.getByRole("region", { name: "Led through this page" }).waitFor();
  await look(page, "led through");
  await press(page, "Leave being led");
  await press(page, "Unfold the body");
  await look(page, "desk, unfolded");
  await press(page, /^¶: with the text/);
  await page.getByRole("menu").waitFor();
  await look(page, "menu of a paragraph");
  await item(page, "Add a question with its answer after it…");
  await page.getByRole("textbox", { name: "Question" }).fill("Is there a toilet aboard?");
  await look(page, "a question being added");
  await press(page, /^Next page/);
  await dialog.waitFor();
  await look(page, "not kept yet");
  await press(page, "Let it go");
}

async function outline(context: BrowserContext, look: Look): Promise<void> {
  const page = await openDemo(context);
  const dialog = page.getByRole("dialog");
  await openDesk(page, "Night of");
  await page.getByRole("heading", { name: "Source" }).waitFor();
  await press(page, /^Make one H1 of/);
  await dialog.waitFor();
  await look(page, "merge");
  await page.keyboard.press("Escape");
  await press(page, "Repair…");
  await dialog.waitFor();
  await look(page, "repair");
  await page.keyboard.press("Escape");
  await press(page, "H2: What it costs");
  await page.getByRole("menu").waitFor();
  await look(page, "menu of a heading");
  await item(page, "Put a heading over this and what follows…");
  await page.getByRole("textbox", { name: "New heading" }).waitFor();
  await look(page, "a heading being put over others");
  await page.keyboard.press("Escape");
  await press(page, "Words of the heading: What it costs");
  await page.getByRole("textbox", { name: "Words of the heading" }).waitFor();
  await look(page, "words of a heading");
  await page.keyboard.press("Escape");
  await page.getByRole("region", { name: "Outline" }).getByRole("button", { name: "More" }).click();
  await page.getByRole("menu").waitFor();
  await look(page, "menu of the outline");
  await page.keyboard.press("Escape");
  await press(page, "Unfold the body");
  await press(page, /^Text: /);
  await page.getByRole("textbox", { name: "Text" }).waitFor();
  await look(page, "a paragraph being edited");
  await page.keyboard.press("Escape");
  await press(page, "Correct the address");
  await page.getByRole("textbox", { name: "Address of the page" }).fill("no address");
  await page.keyboard.press("Enter");
  await look(page, "an address that is none");
  await page.keyboard.press("Escape");
  await page.getByRole("region", { name: "How it looks" }).getByRole("button", { name: "Show it" }).click();
  await page.getByRole("region", { name: "Source" }).getByRole("button", { name: "Show it" }).click();
  await page.getByLabel("Source of this page").waitFor();
  await look(page, "how it looks, and its source");
  await press(page, "Edit it");
  await look(page, "source being edited");
  await press(page, "Cancel");
  await press(page, "Add code to this page’s head");
  await page.getByLabel("Code for the head").fill("<p>no meta</p>");
  await look(page, "code for the head that is none");
}

async function data(context: BrowserContext, look: Look): Promise<void> {
  const page = await openDemo(context);
  await openDesk(page, "Prices and family tickets");
  const part = page.getByRole("region", { name: "Structured data" });
  await part.getByRole("button", { name: "price of Offer: £22.00" }).click();
  await part.getByRole("textbox", { name: "price of Offer" }).waitFor();
  await look(page, "a value being edited");
  await page.keyboard.press("Escape");
  await part.getByRole("button", { name: "More" }).first().click();
  await page.getByRole("menu").waitFor();
  await look(page, "menu of structured data");
  await page.keyboard.press("Escape");
  await part.getByRole("button", { name: "Add a property" }).first().click();
  await page.getByRole("combobox", { name: "Property" }).fill("offers");
  await look(page, "a property being added");
  await page.keyboard.press("Escape");
  await part.getByRole("button", { name: "Add an entity…" }).click();
  await page.getByRole("combobox", { name: "Type of the entity" }).fill("Event");
  await look(page, "an entity being added");
  await page.keyboard.press("Escape");
  await part.getByRole("button", { name: "Write it as JSON" }).first().click();
  await page.getByRole("textbox", { name: "Structured data as JSON" }).click();
  await page.keyboard.press("Control+Home");
  await page.keyboard.type("{");
  await part.getByText(/^This cannot be read/).waitFor();
  await look(page, "JSON that cannot be read");
  await part.getByRole("button", { name: "Cancel" }).click();
  await page.goto(`${page.url().split("?")[0]}/data`);
  await page.getByRole("navigation", { name: "Entities" }).waitFor();
  await look(page, "structured data, set out by itself");
}

async function phrases(context: BrowserContext, look: Look): Promise<void> {
  const page = await openDemo(context);
  const site = page.url().replace(/pages$/, "");
  const dialog = page.getByRole("dialog");
  await page.goto(`${site}phrases`);
  await page.getByRole("list", { name: "Phrases" }).waitFor();
  await look(page, "phrases");
  await page.goto(`${site}phrases?phrase=fog%20signal`);
  await page.getByText(/sentences on/).waitFor();
  await look(page, "phrases, one of them chosen");
  await press(page, "Give it another page");
  await page.getByPlaceholder("Find a page").waitFor();
  await look(page, "choosing a page");
  await page.keyboard.press("Escape");
  await press(page, "suggest some");
  await page.getByText(/something to be found for/).waitFor();
  await look(page, "suggested phrases");
  await page.keyboard.press("Escape");
  await press(page, "Add");
  await dialog.getByRole("textbox", { name: "Phrases" }).fill("ship in a bottle\t140\n?!");
  await dialog.getByText(/is left out/).waitFor();
  await look(page, "phrases being added");
  await page.goto(`${site}performance`);
  await page.getByText("beyond the 20th").first().waitFor();
  await look(page, "performance");
  await page.goto(`${site}house-style`);
  await page.getByLabel(/^Titles have at most/).fill("55");
  await page.getByText(/findings more/).waitFor();
  await look(page, "house style");
}

async function others(context: BrowserContext, look: Look): Promise<void> {
  const page = await openDemo(context);
  const pages = page.url();
  const dialog = page.getByRole("dialog");
  await page.goto(pages.replace(/pages$/, "line-up"));
  await page.getByRole("button", { name: "Begin a line-up…" }).waitFor();
  await look(page, "line-ups");
  await press(page, "Begin a line-up…");
  await page.getByPlaceholder("Find a page").fill("opening");
  await page.getByRole("option").first().click();
  await press(page, "Bring in the others…");
  await press(page, "Ask it");
  await page.getByText("12 results").waitFor();
  await look(page, "results to stand among");
  await press(page, "Stand among them");
  await press(page, "Another take");
  await page.getByLabel("Title of take A on desktop").waitFor();
  await look(page, "line-up");
  await page.getByLabel("Device", { exact: true }).selectOption("both");
  await page.getByLabel("Title of take A on mobile").waitFor();
  await look(page, "line-up on both devices");
  await press(page, "Hold its page beside yours");
  await dialog.getByRole("row", { name: /^Headings by level/ }).waitFor();
  await look(page, "their page beside yours");
  await page.keyboard.press("Escape");
  await press(page, "Write down what you saw");
  await page.getByLabel("Title that was shown").waitFor();
  await look(page, "what was really shown");
  await page.goto(pages);
  await openDesk(page, "Enamel mug");
  await page.getByLabel("Title on desktop").fill("Enamel mug <i>with a bird</i>");
  await goToPages(page);
  await press(page, "Proof…");
  await dialog.getByText(/^\d pages? with /).waitFor();
  await look(page, "proof");
  await press(page, "Answers have come back…");
  await page
    .getByLabel("File of answers")
    .setInputFiles({ name: "x.json", mimeType: "application/json", buffer: Buffer.from("{}") });
  await page.getByText("This is no answer to a proof.").waitFor();
  await look(page, "no answer to a proof");
}

async function againAndAgain(context: BrowserContext, look: Look): Promise<void> {
  const source = (title: string) =>
    `<!DOCTYPE html><html lang="en"><head><meta charset="utf-8"><title>${title}</title></head><body><main><h1>The ship</h1><p>Text.</p></main></body></html>`;
  const again = async (path: string) => {
    await page.getByRole("checkbox", { name: "Select The ship" }).click();
    await press(page, "Fetch the selected pages again");
    await queue.getByText(/^Done: /).waitFor();
    await page.goto(path);
  };
  await put("/states/ship", source("Old title"));
  const page = await openTab(context, "/bring-in");
  const queue = page.getByRole("region", { name: "What is being brought in" });
  await page.getByLabel("Which addresses?").fill("https://changing.example/states/ship");
  await page.getByRole("radio", { name: /^These pages/ }).click();
  await press(page, "Bring them in");
  await queue.getByText(/^Done: /).waitFor();
  await look(page, "brought in");
  await queue.getByRole("link", { name: "1 brought in" }).click();
  await openDesk(page, "The ship");
  await page.getByLabel("Title on desktop").fill("My title");
  await page.getByText("1 change", { exact: true }).waitFor();
  await goToPages(page);
  const pages = page.url();
  await put("/states/ship", source("Their title"));
  await again(pages);
  await openDesk(page, "The ship");
  await page.getByRole("region", { name: "Changes to decide" }).waitFor();
  await look(page, "changes to decide");
  for (const screen of ["findings", "phrases", "performance", "line-up"]) {
    await page.goto(pages.replace(/pages$/, screen));
    await screenDrawn(page);
    await look(page, `${screen} of a site of one page`);
  }
}

/** Every state, by the part of the application that it belongs to. */
export const WALKS: readonly [string, Walk][] = [
  ["before anything is there", nothingYet],
  ["findings", findings],
  ["the table", table],
  ["the desk", desk],
  ["the outline", outline],
  ["structured data", data],
  ["phrases, performance, house style", phrases],
  ["the result in company", others],
  ["what is brought in again", againAndAgain],
];
