import { spawnSync } from "node:child_process";
import { cpSync, mkdtempSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { fileURLToPath } from "node:url";
import Papa from "papaparse";
import { describe, expect, it } from "vitest";
import { downloaded, freshContext, itLong, openFindings, openTab, startBrowser } from "./browser.ts";

startBrowser();

const rowsOf = (csv: string) =>
  Papa.parse<{ rule: string; message: string; address: string }>(csv, { header: true, skipEmptyLines: true }).data;

describe("what the site needs", () => {
  // The same pages, the same house style: the program of the command line, run on their files.
  itLong("counts what the command line counts, for every rule", async () => {
    const folder = mkdtempSync(join(tmpdir(), "findings-"));
    try {
      cpSync(fileURLToPath(new URL("../demo/gullhaven/", import.meta.url)), folder, {
        recursive: true,
        filter: (file) => !/\.(?:jpe?g|png|webp|svg|css|xml)$/.test(file),
      });
      const program = fileURLToPath(new URL("../bin/keen-quill.mjs", import.meta.url));
      const base = "https://www.gullhaven.example/";
      // Bringing in takes the brand from the titles.
      const style = join(folder, "style.json");
      writeFileSync(style, JSON.stringify({ version: 1, brand: "Gullhaven Lightship Museum", separator: " | " }));
      const run = spawnSync("node", [program, "audit", folder, "--base", base, "--style", style, "--format", "csv"], {
        encoding: "utf8",
        maxBuffer: 64 * 1024 ** 2,
      });
      const page = await openTab(await freshContext(), "/bring-in?way=disk");
      await page.getByLabel("Base address").fill(base);
      await page.getByLabel("Folder", { exact: true }).setInputFiles(folder);
      await page.getByRole("button", { name: /^Bring in \d+ pages/ }).click();
      await page.getByText(/\d+ orphans?/).waitFor();
      await page.getByRole("button", { name: "Copy as a document" }).click();
      const { bytes } = await downloaded(page, () =>
        page.getByRole("menuitem", { name: /^Save as a spreadsheet/ }).click(),
      );
      const counts = (rows: { rule: string }[]) => {
        const by = new Map<string, number>();
        for (const { rule } of rows) by.set(rule, (by.get(rule) ?? 0) + 1);
        return Object.fromEntries([...by].sort());
      };
      expect(counts(rowsOf(bytes.toString()))).toEqual(counts(rowsOf(run.stdout)));
    } finally {
      rmSync(folder, { recursive: true });
    }
  });

  it("opens with the demo, has a line for every rule that found something, and follows what is mended", async () => {
    const page = await openFindings(await freshContext());
    // Rules across pages are told a moment later.
    await page.getByText(/\d+ orphans?/).waitFor();
    await page.getByRole("button", { name: "Copy as a document" }).click();
    const { bytes } = await downloaded(page, () =>
      page.getByRole("menuitem", { name: /^Save as a spreadsheet/ }).click(),
    );
    const told = new Set(rowsOf(bytes.toString()).map(({ rule }) => rule));
    expect(told.size).toBeGreaterThan(100);
    const lines = await page.locator("[data-line]").allTextContents();
    // Every rule of the document has a line, and every line is in the document.
    expect(lines).toHaveLength(told.size);

    // Suggested texts are taken when they have been read: one is left, one is worded anew, the rest is applied at once.
    const titles = page.getByRole("region", { name: "Titles" });
    await titles.getByRole("button", { name: /8 titles are cut on desktop/ }).waitFor();
    await titles.getByRole("button", { name: /^Look at the fixes: a title that desktop results cut/ }).click();
    const dialog = page.getByRole("dialog");
    await dialog.getByText("0 changes, 8 not taken.").waitFor();
    expect(await dialog.getByRole("button", { name: /^Apply to/ }).isDisabled()).toBe(true);
    await dialog.getByRole("button", { name: "Take all" }).click();
    await dialog.getByRole("checkbox").first().click();
    await dialog
      .getByRole("button", { name: /^Text of the title of/ })
      .nth(1)
      .click();
    await page.keyboard.press("Control+A");
    await page.keyboard.type("Worded by hand");
    await page.keyboard.press("Enter");
    await dialog.getByText("7 changes, 1 not taken.").waitFor();
    await dialog.getByRole("button", { name: "Apply to 7 pages" }).click();
    await titles.getByRole("button", { name: /1 title is cut on desktop/ }).waitFor();
    await page.getByText(/7 pages are redrafted/).waitFor();
    await page.keyboard.press("Control+z");
    await titles.getByRole("button", { name: /8 titles are cut on desktop/ }).waitFor();
    await page.getByText("Nothing has been redrafted yet.").waitFor();
  });

  itLong(
    "opens a line by keyboard, leads to the page and to the table, and is grouped, narrowed and searched",
    async () => {
      const page = await openFindings(await freshContext());
      await page.locator("[data-line]").first().waitFor();
      await page.keyboard.press("j");
      await page.keyboard.press("j");
      await page.keyboard.press("Enter");
      await page.getByText("Set aside for the site…").waitFor();
      await page.keyboard.press("Enter");
      await page.getByText("Set aside for the site…").waitFor({ state: "detached" });

      await page.keyboard.press("/");
      await page.keyboard.type("broken link");
      const broken = page.getByRole("button", { name: /pages have broken links/ });
      await broken.click();
      await page
        .getByText(/is not there|which is not/)
        .first()
        .waitFor();
      await page.getByRole("button", { name: "Show all" }).click();

      // Every message is searched too, once it has been read.
      await page.getByLabel("Find a finding").fill("back to shore");
      await page.getByText("No finding is like that.").waitFor();
      await page.keyboard.press("Enter");
      const cut = page.getByRole("button", { name: /titles? (?:is|are) cut on desktop/ });
      await page.getByRole("button", { name: "searched with every message" }).waitFor();
      expect(await cut.count()).toBe(0);
      await page.getByLabel("Find a finding").fill("loses “to shore”");
      await cut.click();
      await page.getByText("Desktop loses “to shore”.").waitFor();
      expect(await page.getByText(/^Desktop loses “/).count()).toBe(1);
      await page.getByRole("button", { name: "Show all" }).click();
      await cut.click();

      await page.getByLabel("Grouped").selectOption("folder");
      await page.getByRole("heading", { name: "/visit/" }).waitFor();
      await page.getByLabel("By weight").selectOption("must");
      await page.getByLabel("Below an address").selectOption("/visit/");
      await page.getByRole("heading", { name: /^What 9 pages of this site need: \d+ must\.$/ }).waitFor();
      await page.getByLabel("Grouped").selectOption("");
      await page
        .getByRole("link", { name: /^See (?:it|them)/ })
        .first()
        .click();
      await page.getByRole("grid", { name: "Pages" }).waitFor();
      expect(page.url()).toMatch(/below=.*rule=/);
    },
  );

  itLong("lets a page go that is removed while its line is open", async () => {
    const context = await freshContext();
    const page = await openFindings(context);
    const line = page.getByRole("button", { name: /^(?:must|should|may)? ?\d+ pages? (?:has|have) no title/ });
    await line.click();
    const link = page.locator("dl dt a").first();
    await link.waitFor();
    const path = await link.textContent();
    const beside = await openTab(context, new URL(page.url()).pathname.replace("findings", "pages"));
    await beside.getByLabel("Find among the pages").fill(path ?? "");
    await beside.getByRole("checkbox", { name: "Select all" }).click();
    await beside.getByRole("button", { name: "Remove", exact: true }).click();
    await beside.getByRole("button", { name: "Remove 1" }).click();
    await page.getByText("39 pages").first().waitFor();
    await line.waitFor({ state: "detached" });
    await beside.keyboard.press("Control+z");
    await line.waitFor();
    await link.waitFor();
  });

  itLong("sets a rule aside for the site with its reason, and takes it back up", async () => {
    const page = await openFindings(await freshContext());
    const line = page.getByRole("button", { name: /titles are without the site’s name/ });
    await line.click();
    await page.getByRole("button", { name: "Set aside for the site…" }).click();
    await page.getByLabel("Reason").fill("Our name is in the address.");
    await page.getByRole("dialog").getByRole("button", { name: "Set aside" }).click();
    await line.waitFor({ state: "detached" });
    await page.getByText("1 finding is set aside, with its reason.").waitFor();
    await page.getByRole("button", { name: "Read it" }).click();
    await page.getByText("“Our name is in the address.”").waitFor();
    await page.getByRole("button", { name: "Take back up" }).click();
    await line.waitFor();
  });

  itLong("is told of a site of one page, and of one without findings of a weight", async () => {
    const page = await openTab(await freshContext(), "/bring-in?way=draft");
    await page.getByLabel("Or paste a page’s source").fill("<h1>Quay</h1>");
    await page.getByRole("button", { name: "Read this source" }).click();
    await page.getByLabel("Address of the site").fill("https://quay.example/");
    await page.getByRole("button", { name: "Bring in 1 page" }).click();
    await page.getByRole("heading", { name: /^What this site needs: \d+ must/ }).waitFor();
    await page.getByRole("button", { name: /^must 1 page has no title/ }).waitFor();
    await page.getByLabel("Page kind").selectOption({ index: 1 });
    await page.getByRole("heading", { name: /^What 1 page of this site needs/ }).waitFor();
  });

  it("counts what is wrong in a JSON-LD block that a template repeats once, and says so", async () => {
    const folder = mkdtempSync(join(tmpdir(), "repeated-"));
    try {
      const block = `<script type="application/ld+json">{"@context":"https://schema.org","@type":"Museum","url":"no address","name":"Lamp"}</script>`;
      for (const name of ["Lamp", "Tide", "Rope"])
        writeFileSync(
          join(folder, `${name}.html`),
          `<html lang="en"><head><title>${name}</title>${block}</head><body><h1>${name}</h1></body></html>`,
        );
      const page = await openTab(await freshContext(), "/bring-in?way=disk");
      await page.getByLabel("Base address").fill("https://quay.example/");
      await page.getByLabel("Folder", { exact: true }).setInputFiles(folder);
      await page.getByRole("button", { name: "Bring in 3 pages" }).click();
      await page.locator("[data-line]", { hasText: "3 pages have an address in their data that is none" }).click();
      await page.getByText("1 finding: the same JSON-LD block is on several of these pages.").waitFor();
    } finally {
      rmSync(folder, { recursive: true });
    }
  });
});
