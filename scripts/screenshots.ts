// npm run screenshots: the pictures of docs/screenshots, from the demo site.
import { chromium, type Page } from "playwright-core";
import { CHROMIUM_FLAGS, ensureChromium } from "./chromium.mjs";
import { build, freePort, root, startApplication, startStandIn } from "./run.mjs";

await build();
const standIn = await startStandIn();
const { child, address } = await startApplication(await freePort(), standIn.origin);
const browser = await chromium.launch({ executablePath: ensureChromium(), args: CHROMIUM_FLAGS });
try {
  for (const scheme of ["light", "dark"] as const) {
    const context = await browser.newContext({
      viewport: { width: 1280, height: 800 },
      colorScheme: scheme,
      reducedMotion: "reduce",
    });
    // Hints of a first visit stand in no picture.
    await context.addInitScript(() => localStorage.setItem("hints", "line ruler numeral"));
    const page = await context.newPage();
    const picture = async (name: string) => {
      await page.evaluate(() => document.fonts.ready.then(() => undefined));
      await page.mouse.move(640, 790);
      await page.screenshot({ path: `${root}docs/screenshots/${name}-${scheme}.png` });
    };
    await page.goto(address);
    await page.getByRole("button", { name: "Open the demo site" }).waitFor();
    if (scheme === "light") await picture("first-run");
    await page.getByRole("button", { name: "Open the demo site" }).click();
    await page.getByText(/^\d+ orphans?|, \d+ orphans?/).waitFor();
    if (scheme === "light") {
      await page.locator("[data-line]", { hasText: "titles that other pages have too" }).click();
      await picture("findings");
    }
    if (scheme === "light") {
      await page.getByRole("link", { name: "Phrases", exact: true }).click();
      await page.getByRole("searchbox", { name: "Find a phrase" }).fill("fog signal");
      await page.getByRole("button", { name: "fog signal", exact: true }).click();
      await page.getByText(/sentences on/).waitFor();
      await page.getByRole("button", { name: "Show all" }).click();
      await picture("phrases");
      await page.getByRole("link", { name: "How they perform" }).click();
      await page.getByText("beyond the 20th").first().waitFor();
      await picture("performance");
      await lineUp(page, picture);
    }
    await page.getByRole("link", { name: "Pages", exact: true }).click();
    await page.getByRole("grid", { name: "Pages" }).waitFor();
    await page.getByRole("button", { name: /nearly share a title/ }).waitFor();
    if (scheme === "light") await picture("pages");
    await page.getByLabel("Find among the pages").fill("opening times and prices");
    await page.getByRole("link", { name: "Opening times and prices" }).click();
    await page.getByRole("heading", { name: "Search result" }).waitFor();
    await page.keyboard.press("j");
    await page.getByText("Common practice").first().waitFor();
    // What is further down the sheet is drawn behind it, its numerals and the contents' counts too.
    await page.getByText("open notes: ").first().waitFor();
    await page.getByLabel("Whom it is for").or(page.getByText("It is for")).first().waitFor();
    await picture("desk");
    if (scheme === "light") {
      await page.setViewportSize({ width: 1720, height: 900 });
      await page.getByLabel("Title on mobile").waitFor();
      await picture("desk-wide");
      await page.setViewportSize({ width: 1280, height: 800 });
      const site = /sites\/([^/]+)/.exec(page.url())?.[1] ?? "";
      await page.goto(`${address}/bring-in`);
      await page.getByRole("heading", { name: "Bring in pages" }).waitFor();
      await picture("bring-in");
      await outlines(page, site, picture);
      await wholeSite(page, site, picture);
    }
    await context.close();
  }
} finally {
  await browser.close();
  child.kill();
  standIn.child.kill();
}

/** Pictures of the outline, the source, and patterns of headings. */
async function outlines(page: Page, site: string, picture: (name: string) => Promise<void>): Promise<void> {
  const top = (selector: string) =>
    page.evaluate((wanted) => {
      const sheet = document.querySelector("[data-scroll]");
      const part = document.querySelector(wanted);
      if (sheet && part) sheet.scrollTop += part.getBoundingClientRect().top - 136;
    }, selector);
  await page.goto(`${address}/sites/${site}/pages?find=crew of the`);
  await page.getByRole("link", { name: "The crew of the lightship" }).first().click();
  await page.getByRole("heading", { name: "Source" }).waitFor();
  await top('[data-anchor="outline"]');
  await picture("outline");
  await page.goto(`${address}/sites/${site}/headings`);
  await page.getByRole("button", { name: /^H3/ }).first().click();
  await page.getByText(/^\d+ changes?\./).waitFor();
  await picture("headings");
  await page.goto(`${address}/sites/${site}/pictures`);
  await page.getByText("The lamp room by night").first().waitFor();
  await page.getByRole("listitem").nth(3).locator("img").waitFor();
  await picture("pictures");
  await page.goto(`${address}/sites/${site}/pages?find=opening times and prices`);
  await page.getByRole("link", { name: "Opening times and prices" }).first().click();
  const data = page.getByRole("region", { name: "Structured data" });
  const proposal = data.getByRole("listitem").filter({ hasText: "LocalBusiness" });
  await proposal.getByRole("button", { name: "Add this as JSON-LD" }).click();
  await data.getByText("from the page").first().waitFor();
  await data.getByRole("button", { name: "add telephone" }).click();
  await data.getByRole("textbox", { name: "Value" }).fill("01632 960 117");
  await data.getByLabel("Write it onto the page too").check();
  await top("#data-heading");
  await picture("data");
  await page.getByRole("button", { name: "Undo: Add LocalBusiness" }).click();
  await page.goto(`${address}/sites/${site}/pages?find=radio`);
  await page.getByRole("link", { name: "The radio room" }).first().click();
  await data.getByRole("link", { name: "Open on its own page" }).click();
  await page.waitForURL(/\/data/);
  await page.getByRole("button", { name: "Write it as JSON" }).first().click();
  await page.getByRole("textbox", { name: "Structured data as JSON" }).waitFor();
  await picture("data-alone");
  await page.goto(`${address}/sites/${site}/site-data?what=trail`);
  await page.getByRole("button", { name: /^Apply to / }).waitFor();
  await page.getByText(/^\d+ changes/).waitFor();
  await picture("site-data");
}

/** Pictures of bringing in, changing many pages, and deciding, on the demo site. */
async function wholeSite(page: Page, site: string, picture: (name: string) => Promise<void>): Promise<void> {
  await page.goto(`${address}/bring-in?site=${site}&way=table`);
  const rows = [
    "URL\tTitle\tMeta description",
    "/hire/wardroom[1]\tHire the wardroom\tA long table, a stove, a piano and the whole estuary.",
    "/visit/getting-here\tGetting to the ship\t",
    "/news/gale\tThe great gale\tIt blew for three days.",
    "\tA title without address\t",
  ];
  await page.getByLabel("Or paste rows from a spreadsheet").fill(rows.join("\n"));
  await page.getByRole("button", { name: "Read these rows" }).click();
  await page.getByRole("region", { name: "What will change" }).waitFor();
  await picture("table-file");

  await page.goto(`${address}/sites/${site}/pages?find=lantern`);
  await page.getByRole("checkbox", { name: "Select all" }).click();
  await page.getByRole("button", { name: "Apply a pattern" }).click();
  await page
    .getByLabel("Pattern", { exact: true })
    .fill("{page heading}, {month} {year}{separator}{category}{separator}{site name}");
  await page.getByText(/^\d+ changes/).waitFor();
  await picture("pattern");

  await page.goto(`${address}/sites/${site}/house-style`);
  await page.getByLabel(/^Titles have at most/).fill("55");
  await page.getByText(/, with this on \d+/).waitFor();
  await page.getByLabel(/^Titles have at most/).scrollIntoViewIfNeeded();
  await picture("house-style");
}

/** A page's result among others, in three places. */
async function lineUp(page: Page, picture: (name: string) => Promise<void>): Promise<void> {
  await page.getByRole("link", { name: "Line-up", exact: true }).click();
  await page.getByRole("button", { name: "Begin a line-up…" }).click();
  await page.getByPlaceholder("Find a page").fill("opening times");
  await page.getByRole("option").first().click();
  await page.getByRole("button", { name: "Bring in the others…" }).click();
  await page.getByRole("button", { name: "Ask it" }).click();
  await page.getByRole("button", { name: "Stand among them" }).click();
  await page.getByRole("button", { name: "Another take" }).click();
  await page.getByRole("button", { name: /^Places of your result/ }).click();
  await page.getByRole("textbox", { name: "Places of your result" }).fill("1, 3 and 6");
  await page.keyboard.press("Enter");
  await page.getByLabel("Title of take A on desktop").fill("Is the lightship open today? Times, prices, last boat");
  await page.getByRole("region", { name: "Opening words" }).getByText("Is the lightship").waitFor();
  await page.locator("body").click({ position: { x: 5, y: 780 } });
  await picture("line-up");
}
