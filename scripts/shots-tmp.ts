import { chromium } from "playwright-core";
import { CHROMIUM_FLAGS, ensureChromium } from "./chromium.mjs";
import { freePort, startApplication, startStandIn } from "./run.mjs";

const standIn = await startStandIn();
const { child, address } = await startApplication(await freePort(), standIn.origin);
const browser = await chromium.launch({ executablePath: ensureChromium(), args: CHROMIUM_FLAGS });
const file = (name: string, t: string) => ({ name, mimeType: "text/html", buffer: Buffer.from(t) });
const files = [
  file("index.html", "<title>The lamp and how it was lit</title><h1>The lamp and how it was lit</h1>"),
  file("index.html", "<h1>The boat</h1>"),
  file("print.html", "<link rel=canonical href=/visit.html><h1>Visit, to print</h1>"),
  file(
    "visit.html",
    "<link rel=canonical href=/visit.html><h1>Visit with a very long heading that goes on and on until it has to be cut somewhere</h1>",
  ),
  file("empty.html", ""),
];
try {
  for (const [name, opts] of [
    ["light", { w: 1280, dark: false }],
    ["dark", { w: 1280, dark: true }],
    ["narrow", { w: 390, dark: false }],
  ] as const) {
    const context = await browser.newContext({
      viewport: { width: opts.w, height: 800 },
      colorScheme: opts.dark ? "dark" : "light",
      reducedMotion: "reduce",
    });
    const page = await context.newPage();
    await page.goto(`${address}/bring-in?way=disk`);
    if (name !== "light") await page.getByLabel("Base address").fill("www.quayside.example");
    await page.getByLabel("HTML files or zip").setInputFiles(files);
    await page.getByRole("region", { name: "Pages to bring in" }).waitFor();
    await page.screenshot({ path: `/tmp/shots/review-${name}.png` });
    if (name === "light") {
      await page.goto(`${address}/bring-in?way=table`);
      await page
        .getByLabel("Or paste rows from a spreadsheet")
        .fill(
          "URL\tTitel\tVorschlag\n/a\tOld A\tNew title of A\nhttps://www.quay.example/b\tOld B\tNew title of B\nhttps://www.quay.example/b/\tOld B\tAnother title of B\n\tx\ty",
        );
      await page.getByRole("button", { name: "Read these rows" }).click();
      await page.getByRole("region", { name: "What will change" }).waitFor();
      await page.screenshot({ path: `/tmp/shots/table.png` });
      await page.goto(address);
      await page.getByRole("button", { name: "Open the demo site" }).click();
      await page.getByRole("grid", { name: "Pages" }).waitFor();
      const site = /sites\/([^/]+)/.exec(page.url())?.[1];
      await page.goto(`${address}/sites/${site}/html`);
      await page.getByRole("button", { name: /^Check 3\d pages/ }).click();
      await page.getByText(/checked as they now read/).waitFor({ timeout: 90000 });
      await page.getByText(/Check all/).waitFor({ timeout: 90000 });
      await page.locator("button[aria-pressed]").first().click();
      await page.getByText("why", { exact: true }).first().click();
      await page.screenshot({ path: `/tmp/shots/html.png` });
      await page.goto(`${address}/sites/${site}/pages`);
      await page.getByRole("grid", { name: "Pages" }).waitFor();
      const other = await context.newPage();
      await other.goto(`${address}/icon.svg`);
      await other.evaluate(
        () =>
          new Promise((r) => {
            indexedDB.deleteDatabase("keen-quill").onsuccess = r;
          }),
      );
      await page.getByText("The storage of this browser was deleted").waitFor();
      await page.screenshot({ path: `/tmp/shots/lost.png` });
    }
    await context.close();
  }
} finally {
  await browser.close();
  child.kill();
  standIn.child.kill();
}
