import { inBrowser } from "./bench/browser.ts";
await inBrowser(async ({ fresh, address }) => {
  const context = await fresh();
  const page = await context.newPage();
  page.on("pageerror", (e) => console.log("ERR", e.message));
  page.on("console", (m) => m.type() === "error" && console.log("CON", m.text()));
  await page.goto(address);
  await page.getByRole("button", { name: "Open the demo site" }).click();
  await page.getByRole("heading", { name: /What this site needs/ }).waitFor();
  await page.getByRole("link", { name: "Phrases", exact: true }).click();
  await page.getByRole("link", { name: "How they perform" }).click();
  await page.getByRole("heading", { name: "Which pages first" }).waitFor();
  await page.waitForTimeout(900);
  await page.screenshot({ path: "/tmp/s1.png" });
  await page.getByRole("button", { name: /^\d+ phrases/ }).scrollIntoViewIfNeeded();
  await page.getByRole("button", { name: /^\d+ phrases/ }).click();
  await page.waitForTimeout(300);
  await page.screenshot({ path: "/tmp/s2.png" });
});
