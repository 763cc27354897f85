// npm run screenshots: the pictures of docs/screenshots, from the demo site.
import { chromium } from "playwright-core";
import { CHROMIUM_FLAGS, ensureChromium } from "./chromium.mjs";
import { build, freePort, root, startApplication } from "./run.mjs";

build();
const { child, address } = await startApplication(await freePort());
const browser = await chromium.launch({ executablePath: ensureChromium(), args: CHROMIUM_FLAGS });
try {
  for (const scheme of ["light", "dark"] as const) {
    const context = await browser.newContext({
      viewport: { width: 1280, height: 800 },
      colorScheme: scheme,
      reducedMotion: "reduce",
    });
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
    await page.getByRole("grid", { name: "Pages" }).waitFor();
    await picture("pages");
    await page.getByRole("link", { name: "Opening times and prices" }).click();
    await page.getByRole("heading", { name: "Search result" }).waitFor();
    await page.keyboard.press("j");
    await page.getByText("Common practice").first().waitFor();
    await picture("desk");
    if (scheme === "light") {
      await page.getByRole("button", { name: "Mobile", exact: true }).click();
      await picture("desk-mobile");
      await page.setViewportSize({ width: 1720, height: 900 });
      await page.getByLabel("Title on mobile").waitFor();
      await picture("desk-wide");
      await page.setViewportSize({ width: 1280, height: 800 });
      await page.goto(`${address}/bring-in`);
      await page.getByRole("heading", { name: "Bring in pages" }).waitFor();
      await picture("bring-in");
    }
    await context.close();
  }
} finally {
  await browser.close();
  child.kill();
}
