import { gzipSync, zipSync } from "fflate";
import { describe, expect, it } from "vitest";
import {
  downloaded,
  eventually,
  freshContext,
  goToPages,
  itLong,
  openDemo,
  openDemoDesk,
  openDesk,
  openTab,
  startBrowser,
} from "./browser.ts";

startBrowser();

const text = (content: string) => Buffer.from(content);
const file = (name: string, buffer: Uint8Array | string, mimeType = "text/html") => ({
  name,
  mimeType,
  buffer: Buffer.from(buffer),
});

describe("bringing in", () => {
  it("takes files and a zip, names what is left out, and lets addresses be corrected", async () => {
    const page = await openTab(await freshContext(), "/bring-in?way=disk");
    await page.getByLabel("Base address").fill("www.quayside.example");
    const zip = zipSync({
      "site/a.html": text("<title>A</title><h1>In the zip</h1>"),
      "site/visit/index.html": text("<h1>Visit</h1>"),
      "site/x.png": text("x"),
      "../up.html": text("x"),
    });
    await page
      .getByLabel("HTML files or zip")
      .setInputFiles([
        file("one.html", "<title>One</title><link rel=canonical href=/first><h1>One page</h1>"),
        file("empty.html", ""),
        file("picture.html", Uint8Array.of(0x89, 0x50, 0x4e, 0x47, 0, 0, 0, 0, 1, 2, 3, 4, 0, 0)),
        file("notes.txt", "x", "text/plain"),
        file("site.zip", zip, "application/zip"),
        file("broken.zip", "no zip", "application/zip"),
      ]);
    await page.getByRole("button", { name: "Bring in 5 pages" }).waitFor();
    await page.getByText("it is no HTML or Markdown file").first().waitFor();
    await page.getByText("its path leads out of the archive").waitFor();
    await page.getByText("This is no zip archive that can be read").waitFor();
    expect(await page.getByLabel("Address of one.html").inputValue()).toBe("https://www.quayside.example/first");
    expect(await page.getByLabel("Address of visit/index.html").inputValue()).toBe(
      "https://www.quayside.example/visit/",
    );
    await page.getByLabel("Address of one.html").fill("nonsense:");
    await page.getByRole("button", { name: "Bring in 5 pages" }).click();
    await page.getByRole("alert").getByText("One address cannot be used").waitFor();
    await page.getByLabel("Address of one.html").fill("https://www.quayside.example/number-one");
    await page.getByRole("button", { name: "Bring in 5 pages" }).click();
    await goToPages(page);
    await page.getByRole("button", { name: "5 pages", exact: true }).waitFor();
    await page.getByText("/number-one").waitFor();
    await page.getByRole("link", { name: "/picture.html" }).click();
    await page.getByText("This is no text").first().waitFor();
  });

  itLong("takes pasted source of a fragment", async () => {
    const page = await openTab(await freshContext(), "/bring-in?way=draft");
    await page.getByLabel("Or paste a page’s source").fill("<h1>Just a fragment</h1><p>with words");
    await page.getByRole("button", { name: "Read this source" }).click();
    // Nobody has said where the site stands: it is asked for, not assumed.
    await page.getByRole("button", { name: "Bring in 1 page" }).click();
    await page.getByRole("alert").getByText("Say where the site stands").waitFor();
    await page.getByLabel("Address of the site").fill("www.quayside.example");
    await page.getByRole("button", { name: "Bring in 1 page" }).click();
    await openDesk(page, "Just a fragment");
    await page.getByLabel("Title on desktop").fill("A title");
    const { bytes } = await downloaded(page, () => page.getByRole("button", { name: "Download the HTML" }).click());
    expect(bytes.toString()).toBe("<title>A title</title><h1>Just a fragment</h1><p>with words");
  });

  itLong("names equal addresses before anything is brought in, and leaves out what is to be", async () => {
    const page = await openTab(await freshContext(), "/bring-in?way=disk");
    await page.getByLabel("Base address").fill("www.quayside.example");
    await page
      .getByLabel("HTML files or zip")
      .setInputFiles([
        file("index.html", "<h1>Of the lamp</h1>"),
        file("index.html", "<h1>Of the boat</h1>"),
        file("print.html", "<link rel=canonical href=/visit.html><h1>Visit, to print</h1>"),
        file("visit.html", "<link rel=canonical href=/visit.html><h1>Visit</h1>"),
      ]);
    const rows = page.getByRole("region", { name: "Pages to bring in" });
    await rows.getByRole("alert").getByText("1 page has the same address as another").waitFor();
    await rows.getByText("The same address as index.html. Give it its own, or leave it out.").waitFor();
    // Of two pages with one canonical each stands at its own place.
    await rows.getByText("Its canonical names another page that comes in too.").waitFor();
    expect(await page.getByLabel("Address of print.html").inputValue()).toBe("https://www.quayside.example/print.html");
    await page.getByRole("button", { name: "Bring in 4 pages" }).click();
    await page.getByText("One address cannot be used. What is wrong stands beside it.").waitFor();
    await rows.getByRole("button", { name: "Leave it out" }).first().click();
    await page.getByRole("button", { name: "Bring in 3 pages" }).click();
    await goToPages(page);
    await page.getByRole("button", { name: "3 pages", exact: true }).waitFor();
  });

  itLong(
    "takes a manual whose canonicals lead to somebody's disk, packed pages too, and corrects all addresses at once",
    async () => {
      const page = await openTab(await freshContext(), "/bring-in?way=disk");
      const manual = (name: string) =>
        `<title>${name}</title><link rel=canonical href="file:///C:/manual/${name}.html"><h1>${name}</h1>`;
      await page
        .getByLabel("HTML files or zip")
        .setInputFiles([
          file("one.html", manual("One")),
          file("two.html", manual("Two")),
          file("three.html.gz", gzipSync(text(manual("Three"))), "application/gzip"),
        ]);
      await page.getByLabel("Address of the site").fill("old.quayside.example/manual");
      await page.keyboard.press("Enter");
      expect(await page.getByLabel("Address of three.html").inputValue()).toBe(
        "https://old.quayside.example/manual/three.html",
      );
      await page.getByLabel("Every address begins with").fill("https://www.quayside.example/help/");
      await page.getByRole("button", { name: "Change it in all" }).click();
      await page.getByRole("button", { name: "Bring in 3 pages" }).click();
      await openDesk(page, "Three");
      await page.getByText("The canonical address begins with file:, where nobody can fetch it.").first().waitFor();
    },
  );

  itLong("goes on with pages nested without end and titles of a megabyte", async () => {
    const page = await openTab(await freshContext(), "/bring-in?way=disk");
    await page.getByLabel("Base address").fill("www.quayside.example");
    await page
      .getByLabel("HTML files or zip")
      .setInputFiles([
        file("deep.html", "<div>".repeat(50_000)),
        file("long.html", `<title>${"word ".repeat(200_000)}</title><h1>Long</h1>`),
      ]);
    await page.getByText("Bring in 2 pages").click();
    // Found by a plain search: to look for a text by itself takes Playwright seconds where one is of a megabyte.
    const follow = (name: string) =>
      page.evaluate((name) => {
        const link = [...document.links].find(({ textContent }) => textContent.endsWith(name));
        link?.click();
        return link !== undefined;
      }, name);
    const reads = (words: string) =>
      eventually(() => page.evaluate((words) => document.body.textContent.includes(words), words), true);
    await eventually(() => follow("Pages"), true);
    await eventually(() => follow("/long.html"), true);
    await reads("Desktop loses");
    await page.keyboard.press("[");
    await reads("Elements are nested more than 512 deep");
  });
});

describe("a backup", () => {
  it("brings everything back into another browser, and a damaged one changes nothing", async () => {
    const page = await openDemoDesk(await freshContext(), "Enamel mug");
    await page.getByLabel("Title on desktop").fill("A mug that survives");
    await page.getByText(/^kept, /).waitFor();
    await page.keyboard.press("Control+k");
    const backup = await downloaded(page, () =>
      page.getByRole("option", { name: "Make a backup of everything" }).click(),
    );

    const other = await openTab(await freshContext(), "/bring-in?way=draft");
    await other.getByLabel("Or paste a page’s source").fill("<h1>Another site</h1>");
    await other.getByRole("button", { name: "Read this source" }).click();
    await other.getByLabel("Address of the site").fill("https://site.example/");
    await other.getByRole("button", { name: "Bring in 1 page" }).click();
    await goToPages(other);
    const restore = async (bytes: Buffer) => {
      const chooser = other.waitForEvent("filechooser");
      await other.keyboard.press("Control+k");
      await other.getByRole("option", { name: "Put a backup back…" }).click();
      await (await chooser).setFiles(file("backup.json", bytes, "application/json"));
    };
    await restore(Buffer.from(backup.bytes.toString().replace(/"position":3(?!\d)/, '"position":"three"')));
    await other
      .getByText(/This backup is damaged: .*position/)
      .first()
      .waitFor();
    await other.getByRole("button", { name: "Site: site.example" }).click();
    await eventually(() => other.getByRole("menuitem", { name: "Gullhaven" }).count(), 0);
    await other.keyboard.press("Escape");
    await restore(backup.bytes);
    await other.getByText("1 site, 40 pages.").first().waitFor();
    await other.getByRole("button", { name: "Site: site.example" }).click();
    // At no moment the other site's findings stand under this one's address.
    const before = new URL(other.url()).pathname.replace("/pages", "/");
    const seen = await other.evaluateHandle((before) => {
      const headings = new Set<string>();
      new MutationObserver(() => {
        if (location.pathname.startsWith(before)) return;
        for (const { textContent } of document.querySelectorAll("h1")) headings.add(textContent);
      }).observe(document, { childList: true, characterData: true, subtree: true });
      return headings;
    }, before);
    await other.getByRole("menuitem", { name: "Gullhaven Lightship Museum" }).click();
    await other.getByRole("heading", { name: /^What this site needs: 5\d must/ }).waitFor();
    const others = await seen.evaluate((headings) =>
      [...headings].filter((one) => one.startsWith("What") && !/: 5\d must/.test(one)),
    );
    expect(others).toEqual([]);
    await openDesk(other, "Enamel mug");
    await eventually(() => other.getByLabel("Title on desktop").inputValue(), "A mug that survives");
  });
});

describe("sites in this browser", () => {
  itLong("tell what they are, are renamed, removed, and put back as they were", async () => {
    const page = await openDemo(await freshContext());
    await page.getByRole("link", { name: "Gullhaven Lightship Museum", exact: true }).click();
    await page.getByRole("heading", { name: "This site", level: 1 }).waitFor();
    await page.getByRole("link", { name: "40 pages", exact: true }).waitFor();
    await page.getByText(/KB of pages and files, packed/).waitFor();
    await page.getByRole("button", { name: "Name of the site: Gullhaven Lightship Museum" }).click();
    await page.getByRole("textbox", { name: "Name of the site" }).fill("The lightship");
    await page.keyboard.press("Enter");
    await page.getByRole("button", { name: "Site: The lightship", exact: true }).waitFor();
    await page.getByRole("button", { name: /^Address of the site/ }).click();
    await page.getByRole("textbox", { name: "Address of the site" }).fill("gullhaven");
    await page.keyboard.press("Enter");
    await page.getByRole("alert").getByText("Not kept. An address begins with https://").waitFor();
    await page.keyboard.press("Escape");
    await page.getByRole("link", { name: /^\d+ event pages$/ }).click();
    await eventually(() => new URL(page.url()).search, "?kind=event");
    const address = page.url();
    await page.goBack();
    await page.getByRole("button", { name: "Remove this site from this browser" }).click();
    const removed = page.getByRole("region", { name: "Sites that were removed" });
    await removed.getByText("The lightship").waitFor();
    await eventually(() => page.getByRole("region", { name: "Sites in this browser" }).count(), 0);
    const other = await openTab(page.context(), new URL(address).pathname);
    await other.getByRole("heading", { name: "This site was removed" }).waitFor();
    await removed.getByRole("button", { name: "Put it back" }).click();
    await page
      .getByRole("region", { name: "Sites in this browser" })
      .getByRole("link", { name: /^The lightship/ })
      .click();
    await page.getByRole("heading", { name: /^What this site needs/ }).waitFor();
  });

  itLong("of one name are told apart by their address and by when they were brought in", async () => {
    const page = await openDemo(await freshContext());
    await page.goto(new URL("/?all", page.url()).href);
    await page.getByRole("button", { name: "Open the demo site" }).click();
    await page.getByRole("heading", { name: /^What this site needs/ }).waitFor();
    const told =
      /^Gullhaven Lightship Museum\s*https:\/\/www\.gullhaven\.example\/, brought in \d+ \w+ \d{4}, \d\d:\d\d$/;
    await page.getByRole("button", { name: "Site: Gullhaven Lightship Museum" }).click();
    await eventually(() => page.getByRole("menuitem", { name: told }).count(), 2);
    await page.getByRole("menuitem", { name: "All sites" }).click();
    await eventually(
      () => page.getByRole("region", { name: "Sites in this browser" }).getByRole("link", { name: told }).count(),
      2,
    );
  });
});

describe("storage", () => {
  it("that refuses says so with what to do", async () => {
    const context = await freshContext();
    await context.addInitScript(() => {
      Object.defineProperty(window, "indexedDB", { value: undefined });
    });
    const page = await openTab(context);
    await page.getByRole("heading", { name: "This browser refuses to store anything" }).waitFor();
  });

  it("of a newer version is left alone", async () => {
    const context = await freshContext();
    const page = await openTab(context);
    await page.getByRole("button", { name: "Open the demo site" }).waitFor();
    await page.goto("about:blank");
    const seed = await openTab(context, "/icon.svg");
    await seed.evaluate(
      () =>
        new Promise<void>((resolve, reject) => {
          const open = indexedDB.open("keen-quill", 9990);
          open.onsuccess = () => {
            open.result.close();
            resolve();
          };
          open.onerror = () => reject(open.error);
        }),
    );
    const later = await openTab(context);
    await later.getByRole("heading", { name: "These pages were kept by a newer Keen Quill" }).waitFor();
  });

  it("that is deleted under an open desk stops writing and says so, and nothing is called kept", async () => {
    const context = await freshContext();
    const page = await openDemoDesk(context, "Enamel mug");
    await page.getByLabel("Title on desktop").fill("Kept");
    await page.getByText(/^kept, /).waitFor();
    const other = await openTab(context, "/icon.svg");
    await other.evaluate(
      () =>
        new Promise<void>((resolve, reject) => {
          const gone = indexedDB.deleteDatabase("keen-quill");
          gone.onsuccess = () => resolve();
          gone.onerror = () => reject(gone.error);
        }),
    );
    await page.getByRole("alert").getByText("The storage of this browser was deleted").waitFor();
    await page.getByLabel("Title on desktop").fill("Not kept any more");
    await page.getByText(/^kept, /).waitFor({ state: "detached" });
    expect(await page.getByLabel("Title on desktop").inputValue()).toBe("Not kept any more");
    // Nothing is made anew, empty, behind the editor's back: a worker that was opening it meanwhile gives it up at once.
    const kept = () => other.evaluate(async () => (await indexedDB.databases()).map(({ name }) => name));
    await eventually(kept, []);
    await page.getByLabel("Title on desktop").fill("Not kept either");
    await page.waitForTimeout(500);
    expect(await kept()).toEqual([]);
  });

  it("that another version takes over stops writing and says so", async () => {
    const context = await freshContext();
    const other = await openTab(context, "/icon.svg");
    // While much is still read of it.
    const page = await openDemo(context);
    await other.evaluate(
      () =>
        new Promise<void>((resolve, reject) => {
          const open = indexedDB.open("keen-quill", 9990);
          open.onsuccess = () => resolve(open.result.close());
          open.onerror = () => reject(open.error);
        }),
    );
    const alert = page.getByRole("alert");
    await alert.getByText("A newer Keen Quill is open in another tab").waitFor();
    // It stands above what is to be copied, and over nothing of it.
    const bottom = await alert.evaluate((one) => one.getBoundingClientRect().bottom);
    const header = await page.locator("header").first().boundingBox();
    expect(header?.y ?? 0).toBeGreaterThanOrEqual(Math.floor(bottom));
  });

  it("that is full is said loudly, and what was typed stays on screen", async () => {
    const page = await openDemoDesk(await freshContext(), "Enamel mug");
    await page.evaluate(() => {
      IDBObjectStore.prototype.put = () => {
        throw new DOMException("full", "QuotaExceededError");
      };
    });
    await page.getByLabel("Title on desktop").fill("Typed on a full disk");
    await page.getByText("The browser's storage is full").first().waitFor();
    expect(await page.getByLabel("Title on desktop").inputValue()).toBe("Typed on a full disk");
  });
});
