import { mkdirSync, mkdtempSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { strToU8, zipSync } from "fflate";
import type { Page } from "playwright-core";
import { describe, expect, inject, it } from "vitest";
import {
  downloaded,
  eventually,
  freshContext,
  goToPages,
  itLong,
  openDemoDesk,
  openDesk,
  openTab,
  startBrowser,
} from "./browser.ts";
import { put, take } from "./changing.ts";

startBrowser();

const queue = (page: Page) => page.getByRole("region", { name: "What is being brought in" });

/** Begins to bring pages in from the web. */
async function fromWeb(page: Page, addresses: string, way: string): Promise<void> {
  await page.getByLabel("Which addresses?").fill(addresses);
  await page.getByRole("radio", { name: new RegExp(`^${way}`) }).click();
  await page.getByRole("button", { name: "Bring them in" }).click();
  await queue(page).waitFor();
}

/** The number said before a word in the queue: “22 brought in”. */
async function said(page: Page, what: string): Promise<number> {
  const part = queue(page)
    .getByText(new RegExp(`^[\\d,]+ ${what}`))
    .first();
  const text = (await part.count()) > 0 ? await part.textContent() : "0";
  return Number.parseInt((text ?? "0").replace(",", ""), 10);
}

const done = (page: Page, timeout = 30_000) =>
  queue(page)
    .getByText(/^Done: /)
    .waitFor({ timeout });

describe("from the web", () => {
  itLong("a sitemap comes in, is stopped, survives a reload and is gone on with", async () => {
    const page = await openTab(await freshContext(), "/bring-in");
    await fromWeb(page, "https://large.example/sitemap-60.xml?wait=120", "All pages of the sitemap");
    await expect.poll(() => said(page, "brought in"), { timeout: 15_000 }).toBeGreaterThan(5);
    await queue(page).getByRole("button", { name: "Stop" }).click();
    await queue(page)
      .getByText(/^Stopped: /)
      .waitFor();
    const stopped = await said(page, "brought in");
    expect(stopped).toBeLessThan(60);
    await page.reload();
    await queue(page)
      .getByText(/^Stopped: /)
      .waitFor();
    await queue(page)
      .getByRole("button", { name: /^Go on with/ })
      .click();
    await expect.poll(() => said(page, "brought in"), { timeout: 15_000 }).toBeGreaterThan(stopped);
    // A reload in the middle goes on by itself.
    await page.reload();
    await done(page);
    expect(await said(page, "brought in")).toBe(60);
    await queue(page).getByRole("link", { name: "60 brought in" }).click();
    await page.getByRole("button", { name: "60 pages", exact: true }).waitFor();
    await page.keyboard.press("Control+z");
    await page.getByText("This site has no pages yet.").waitFor();
  });

  itLong("through robots.txt; each page that fails says why, and can be tried again", async () => {
    const page = await openTab(await freshContext(), "/bring-in");
    await fromWeb(page, "www.gullhaven.example", "All pages of the sitemap");
    await queue(page).getByText("Its XML is broken at line 4").waitFor();
    await done(page, 40_000);
    await queue(page)
      .getByRole("button", { name: /^\d+ failed/ })
      .click();
    for (const why of [
      "It redirects in a circle.",
      "It leads to a private network",
      "It took longer than 10 seconds.",
      "It is larger than 5 MB.",
      "The site has a fault of its own (500).",
      "There is no such page (404).",
      "The site cannot answer now (503).",
      "It is no web page but application/pdf.",
      "The connection broke off.",
    ])
      await queue(page).getByText(why).first().waitFor();
    await queue(page)
      .getByRole("button", { name: /forbidden/ })
      .click();
    await queue(page).getByText("robots.txt asks not to fetch it").waitFor();
    await queue(page)
      .getByRole("button", { name: /left out/ })
      .click();
    await queue(page).getByText("it belongs to another host").waitFor();
    expect(await said(page, "brought in")).toBeGreaterThanOrEqual(25);
    // The site mends one of them: tried again, it comes in.
    const failed = await said(page, "failed");
    await put("/archive/fault", "<title>Mended</title><h1>Mended</h1>", "www.gullhaven.example");
    await queue(page)
      .getByRole("button", { name: /^\d+ failed/ })
      .click();
    await queue(page)
      .getByRole("listitem")
      .filter({ hasText: "fault of its own" })
      .getByRole("button", { name: "Try again" })
      .click();
    await eventually(() => said(page, "failed"), failed - 1);
    await take("/archive/fault", "www.gullhaven.example");
  });

  itLong("links are followed within the limits", async () => {
    const page = await openTab(await freshContext(), "/bring-in");
    await page.getByRole("radio", { name: /^Pages linked/ }).click();
    await page.getByLabel("Links away").fill("2");
    await page.getByLabel("Most pages").fill("8");
    await fromWeb(page, "https://www.gullhaven.example/", "Pages linked from here");
    await done(page);
    expect(await said(page, "brought in")).toBe(8);
    await queue(page)
      .getByRole("button", { name: /left out/ })
      .click();
    await queue(page).getByText("The limit of 8 pages is reached.").first().waitFor();
  });

  itLong("a host that nobody has, and what is no address, are said", async () => {
    const page = await openTab(await freshContext(), "/bring-in");
    await page.getByLabel("Which addresses?").fill("not an address");
    await page.getByRole("button", { name: "Bring them in" }).click();
    await page.getByRole("alert").getByText("“not” is not an address").waitFor();
    await fromWeb(page, "https://nobody.invalid/page http://127.0.0.1/", "These pages");
    await done(page);
    await queue(page)
      .getByRole("button", { name: /^\d+ failed/ })
      .click();
    await queue(page).getByText("No server has this name.").waitFor();
    await queue(page).getByText("It leads to a private network").waitFor();
  });

  itLong("goes on by itself when the application's server comes back", async () => {
    const context = await freshContext();
    const page = await openTab(context, "/bring-in");
    await page.getByLabel("Which addresses?").waitFor();
    // An answer of no server of ours: as from one that is being started again.
    await context.route("**/fetch", (route) => route.fulfill({ status: 200, body: "starting" }));
    await fromWeb(page, "https://large.example/page/1\nhttps://large.example/page/2", "These pages");
    await queue(page).getByText("own server does not answer").waitFor();
    await context.unroute("**/fetch");
    await done(page);
    expect(await said(page, "brought in")).toBe(2);
  });
});

describe("bringing in again", () => {
  const source = (title: string, description: string, lamp: string) =>
    `<!DOCTYPE html><html lang="en"><head><meta charset="utf-8"><title>${title}</title><meta name="description" content="${description}"></head><body><main><h1>The ship</h1><h3>${lamp}</h3><p>Text.</p></main></body></html>`;

  it("carries redrafts over, settles what the site took over, and asks about one conflict", async () => {
    await put("/ship", source("Old title", "Old description", "Lamp"));
    const page = await openTab(await freshContext(), "/bring-in");
    await fromWeb(page, "https://changing.example/ship", "These pages");
    await done(page);
    await queue(page).getByRole("link", { name: "1 brought in" }).click();
    await openDesk(page, "The ship");
    await page.getByLabel("Title on desktop").fill("My title");
    await page.getByLabel("Description on desktop").fill("My description");
    await page.getByRole("button", { name: "H3: Lamp" }).focus();
    await page.keyboard.press("2");
    await page.getByText("3 changes").waitFor();
    await page.getByText(/^kept, /).waitFor();
    await page.getByRole("link", { name: "changing.example", exact: true }).click();

    // The site takes the title over, writes another description of its own, and leaves the heading.
    await put("/ship", source("My title", "Their description", "Lamp"));
    await page.getByRole("checkbox", { name: "Select The ship" }).click();
    await page.getByRole("button", { name: "Fetch the selected pages again" }).click();
    // The second list, beside the first one.
    await queue(page)
      .getByText(/^Done: 1 of 1/)
      .nth(1)
      .waitFor();
    await queue(page).getByRole("link", { name: "1 brought in" }).nth(1).click();
    await page.getByRole("button", { name: "1 has changes to decide" }).waitFor();
    await openDesk(page, "The ship");
    const conflicts = page.getByRole("region", { name: "Changes to decide" });
    await conflicts.getByText("Their description").waitFor();
    await conflicts.getByText("My description").waitFor();
    await page.getByText("1 change", { exact: true }).waitFor();
    expect(await page.getByLabel("Title on desktop").inputValue()).toBe("My title");
    await page.getByRole("button", { name: "H2: Lamp" }).waitFor();
    await conflicts.getByRole("button", { name: "Keep mine" }).click();
    await conflicts.waitFor({ state: "detached" });
    await eventually(() => page.getByLabel("Description on desktop").inputValue(), "My description");
    await page.reload();
    await page.getByText("2 changes").waitFor();
    await page.keyboard.press("Control+z");
    await conflicts.waitFor();
    await eventually(() => page.getByLabel("Description on desktop").inputValue(), "Their description");
    // And the bringing in itself.
    await page.keyboard.press("Control+z");
    await conflicts.waitFor({ state: "detached" });
    await page.reload();
    await eventually(() => page.getByLabel("Description on desktop").inputValue(), "My description");
    await page.getByText("3 changes").waitFor();
  });

  itLong("keeps the redraft of a page that is gone, until the editor lets it go", async () => {
    await put("/gone/a", source("A title", "A description", "Lamp"));
    const page = await openTab(await freshContext(), "/bring-in");
    await fromWeb(page, "https://changing.example/gone/a", "These pages");
    await done(page);
    await queue(page).getByRole("link", { name: "1 brought in" }).click();
    await openDesk(page, "The ship");
    await page.getByLabel("Title on desktop").fill("My title");
    await page.getByText(/^kept, /).waitFor();
    await page.getByRole("link", { name: "changing.example", exact: true }).click();
    await take("/gone/a", "changing.example");
    await page.getByRole("checkbox", { name: "Select The ship" }).click();
    await page.getByRole("button", { name: "Fetch the selected pages again" }).click();
    await queue(page).getByText("1 failed").first().waitFor();
    await page.getByRole("link", { name: "Back" }).click();
    await page.getByRole("button", { name: "1 is gone from the site" }).click();
    await openDesk(page, "The ship");
    const gone = page.getByRole("region", { name: "Gone from the site" });
    await gone.getByText("Your change is kept.", { exact: false }).waitFor();
    expect(await page.getByLabel("Title on desktop").inputValue()).toBe("My title");
    await gone.getByRole("button", { name: "Remove it from this site" }).click();
    await page.getByText("0 pages").waitFor();
    await page.keyboard.press("Control+z");
    await page.getByRole("link", { name: "The ship" }).waitFor();
  });

  itLong("goes on checking data against the page after the site has taken it over", async () => {
    const shop = (price: string, data = "") =>
      `<!DOCTYPE html><html lang="en"><head><meta charset="utf-8"><title>Mug</title>${data}</head><body><main><h1>Mug</h1><p>White enamel, for ${price}, in stock.</p></main></body></html>`;
    await put("/shop/mug", shop("£11.50"));
    const page = await openTab(await freshContext(), "/bring-in");
    await fromWeb(page, "https://changing.example/shop/mug", "These pages");
    await done(page);
    await queue(page).getByRole("link", { name: "1 brought in" }).click();
    await openDesk(page, "Mug");
    const data = page.getByRole("region", { name: "Structured data" });
    await data
      .getByRole("listitem")
      .filter({ hasText: "Product" })
      .getByRole("button", { name: "Add this as JSON-LD" })
      .click();
    await data.getByRole("button", { name: "price of Offer: 11.50" }).waitFor();
    const handed = await downloaded(page, () => page.getByRole("button", { name: "Download the HTML" }).click());
    const [element = ""] = /<script type[\s\S]*?<\/script>/.exec(handed.bytes.toString()) ?? [];
    const again = async () => {
      await page.getByRole("link", { name: "changing.example", exact: true }).click();
      await page.getByRole("checkbox", { name: "Select Mug" }).click();
      await page.getByRole("button", { name: "Fetch the selected pages again" }).click();
      await queue(page)
        .getByText(/^Done: 1 of 1/)
        .first()
        .waitFor();
      await queue(page).getByRole("link", { name: "1 brought in" }).first().click();
      await openDesk(page, "Mug");
    };
    await put("/shop/mug", shop("£11.50", element));
    await again();
    await page.getByText("✓ 1 taken over by the site").waitFor();
    await data.getByText("from the page, under “Mug”").first().waitFor();
    // Then the page moves on, and its data does not.
    await put("/shop/mug", shop("£12.00", element));
    await again();
    await page.getByText("The page said “£11.50” when this was taken, and now says “£12.00”.").waitFor();
  });
});

describe("from disk, spreadsheets and drafts", () => {
  it("takes a folder, Markdown too, and counts what it leaves out", async () => {
    const folder = join(mkdtempSync(join(tmpdir(), "pages-")), "site");
    mkdirSync(join(folder, "log"), { recursive: true });
    mkdirSync(join(folder, ".git"));
    writeFileSync(join(folder, "index.html"), "<title>Start</title><h1>Start page</h1>");
    writeFileSync(
      join(folder, "log", "first.md"),
      "---\ntitle: First watch\nslug: the-first\n---\n\n## Midnight\n\nQuiet.\n",
    );
    writeFileSync(join(folder, "log", "broken.md"), "---\ntitle: [a\nb: c\n---\n\n# Broken\n");
    writeFileSync(join(folder, "notes.txt"), "x");
    writeFileSync(join(folder, ".git", "config.html"), "x");
    const page = await openTab(await freshContext(), "/bring-in?way=disk");
    await page.getByLabel("Base address").fill("www.quay.example");
    await page.getByLabel("Folder", { exact: true }).setInputFiles(folder);
    await page.getByRole("heading", { name: "2 left out" }).waitFor();
    await page.getByText(": it is hidden").waitFor();
    expect(await page.getByLabel("Address of log/first.md").inputValue()).toBe(
      "https://www.quay.example/log/the-first/",
    );
    await page.getByRole("button", { name: "Bring in 3 pages" }).click();
    await goToPages(page);
    await page.getByRole("link", { name: "/log/broken/" }).click();
    await page.getByText("is no YAML that can be read").first().waitFor();
    await page
      .getByRole("link", { name: "www.quay.example", exact: true })
      .or(page.getByRole("link", { name: "quay.example", exact: true }))
      .first()
      .click();
    await openDesk(page, "First watch");
    await page.getByLabel("Title on desktop").fill("The first watch");
    const [download] = await Promise.all([
      page.waitForEvent("download"),
      page.getByRole("button", { name: "Download the Markdown" }).click(),
    ]);
    const chunks: Buffer[] = [];
    for await (const chunk of await download.createReadStream()) chunks.push(chunk as Buffer);
    expect(Buffer.concat(chunks).toString()).toBe(
      "---\ntitle: The first watch\nslug: the-first\n---\n\n## Midnight\n\nQuiet.\n",
    );
  });

  itLong("a table is recognised, looked at row by row, and applied with one undo a reload later", async () => {
    const page = await openDemoDesk(await freshContext(), "Enamel mug");
    await page.getByLabel("Title on desktop").fill("A title of mine");
    await page.getByText(/^kept, /).waitFor();
    const site = /sites\/([^/]+)/.exec(page.url())?.[1] ?? "";
    await page.goto(`${inject("address")}/bring-in?site=${site}&way=table`);
    const csv =
      "Meta description;URL;Titel neu\nSoup, bread and cake;https://www.gullhaven.example/hire/wardroom[1];Hire the wardroom\n;https://www.gullhaven.example/shop/enamel--mug;Theirs\nNew words;/brand-new;A brand new page\nx;;y\n;/not-this-one;Another new page\n";
    await page
      .getByLabel("CSV or TSV file")
      .setInputFiles({ name: "texts.csv", mimeType: "text/csv", buffer: Buffer.from(`\ufeff${csv}`, "utf16le") });
    await page.getByText("separated by semicolons, read as utf-16le").waitFor();
    const plan = page.getByRole("region", { name: "What will change" });
    await plan
      .getByRole("heading", { name: "1 page changes, 2 are added, 0 rows stay as they are, 2 rows are left out" })
      .waitFor();
    await plan.getByText("It replaces what you have redrafted: “A title of mine”.").waitFor();
    await plan.getByText("It has no address.").waitFor();
    // A new page can be refused.
    await plan.getByRole("checkbox", { name: "Take row 6" }).click();
    await plan
      .getByRole("heading", { name: "1 page changes, 1 is added, 0 rows stay as they are, 3 rows are left out" })
      .waitFor();
    await page.getByRole("button", { name: "Apply to 2 pages" }).click();
    await page.getByText("1 changed, 1 added").first().waitFor();
    await goToPages(page);
    await page.getByRole("button", { name: "41 pages", exact: true }).waitFor();
    await page.getByText("Hire the wardroom", { exact: true }).waitFor();
    expect(await page.getByText("Theirs").count()).toBe(0);
    await page.reload();
    await page.getByRole("button", { name: "41 pages", exact: true }).waitFor();
    await page.keyboard.press("Control+z");
    await page.getByRole("button", { name: "40 pages", exact: true }).waitFor();
    await page.keyboard.press("Control+z");
    await page.getByText("Hire the wardroom", { exact: true }).waitFor({ state: "detached" });
  });

  itLong("a table alone makes pages, whose texts can be edited", async () => {
    const page = await openTab(await freshContext(), "/bring-in?way=table");
    await page
      .getByLabel("Or paste rows from a spreadsheet")
      .fill("https://www.quay.example/a\tTitle of A\nhttps://www.quay.example/b\tTitle of B");
    await page.getByRole("button", { name: "Read these rows" }).click();
    await page.getByLabel("Column 2").selectOption("title");
    await page.getByRole("button", { name: "Apply to 2 pages" }).click();
    await openDesk(page, "Title of A");
    await page.getByRole("button", { name: "Download the change list" }).waitFor();
  });

  itLong("rich text, a word-processor file and nothing at all become drafts", async () => {
    const page = await openTab(await freshContext(), "/bring-in?way=draft");
    await page.getByLabel("Rich text").evaluate((element) => {
      const data = new DataTransfer();
      data.setData(
        "text/html",
        "<p class=MsoTitle>The great gale</p><p style='color:red'>It blew for <b>three</b> days.</p>",
      );
      element.dispatchEvent(new ClipboardEvent("paste", { clipboardData: data, bubbles: true, cancelable: true }));
    });
    await page.getByRole("button", { name: "Make a page of it" }).click();
    await page.getByLabel("Address of the site").fill("www.quay.example");
    await page.getByRole("button", { name: "Bring in 1 page" }).click();
    await openDesk(page, "The great gale");
    await page.getByRole("button", { name: "H1: The great gale" }).waitFor();

    const site = /sites\/([^/]+)/.exec(page.url())?.[1] ?? "";
    await page.goto(`${inject("address")}/bring-in?site=${site}&way=draft`);
    const paragraph = (style: string, text: string) =>
      `<w:p><w:pPr><w:pStyle w:val="${style}"/></w:pPr><w:r><w:t>${text}</w:t></w:r></w:p>`;
    const document = zipSync({
      "[Content_Types].xml": strToU8(
        `<?xml version="1.0"?><Types xmlns="http://schemas.openxmlformats.org/package/2006/content-types"><Default Extension="rels" ContentType="application/vnd.openxmlformats-package.relationships+xml"/><Override PartName="/word/document.xml" ContentType="application/vnd.openxmlformats-officedocument.wordprocessingml.document.main+xml"/></Types>`,
      ),
      "_rels/.rels": strToU8(
        `<?xml version="1.0"?><Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships"><Relationship Id="r1" Type="http://schemas.openxmlformats.org/officeDocument/2006/relationships/officeDocument" Target="word/document.xml"/></Relationships>`,
      ),
      "word/document.xml": strToU8(
        `<?xml version="1.0"?><w:document xmlns:w="http://schemas.openxmlformats.org/wordprocessingml/2006/main"><w:body>${paragraph("Heading1", "The bell")}${paragraph("Normal", "It rings on the hour.")}${paragraph("Heading2", "Who rings it")}</w:body></w:document>`,
      ),
    });
    await page.getByLabel("Word-processor file").setInputFiles({
      name: "bell.docx",
      mimeType: "application/vnd.openxmlformats-officedocument.wordprocessingml.document",
      buffer: Buffer.from(document),
    });
    await page.getByRole("button", { name: "Bring in 1 page" }).click();
    await openDesk(page, "The bell");
    await page.getByRole("button", { name: "H2: Who rings it" }).waitFor();

    await page.goto(`${inject("address")}/bring-in?site=${site}&way=draft`);
    await page
      .getByLabel("Word-processor file")
      .setInputFiles({ name: "no.docx", mimeType: "x/y", buffer: Buffer.from("no document") });
    await page.getByRole("alert").getByText("no .docx file that can be read").waitFor();
    await page.getByLabel("Kind of the new page").selectOption("event");
    await page.getByLabel("What it is about").fill("Lantern night");
    await page.getByRole("button", { name: "Begin the page" }).click();
    await page.getByRole("button", { name: "Bring in 1 page" }).click();
    await openDesk(page, "Lantern night");
    await page.getByRole("button", { name: "H2: When and where" }).waitFor();
  });
});
