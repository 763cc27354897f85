import { expect, it } from "vitest";
import { freshContext, goToPages, openTab, screenDrawn, startBrowser } from "./browser.ts";

startBrowser();

const OFFER = JSON.stringify({
  "@context": "https://schema.org",
  "@type": "Offer",
  name: "Winter ticket",
  price: "9",
  priceCurrency: "EUR",
  priceValidUntil: "2027-03-27",
});
const SOURCE = `<!DOCTYPE html><html lang=en><title>Winter ticket</title><h1>Winter ticket</h1><script type="application/ld+json">${OFFER}</script>`;

it("an offer that ends today is over at midnight, in the table, on the desk and in the findings, while they stand open", async () => {
  const context = await freshContext();
  // The clocks go forward in that night: it has an hour less.
  await context.clock.install({ time: new Date("2027-03-27T23:50:00Z") });
  const page = await openTab(context, "/bring-in?way=disk");
  await page.getByLabel("Base address").fill("https://quay.example/");
  await page
    .getByLabel("HTML files or zip")
    .setInputFiles([{ name: "ticket.html", mimeType: "text/html", buffer: Buffer.from(SOURCE) }]);
  await page.getByRole("button", { name: "Bring in 1 page" }).click();
  await goToPages(page);
  const site = new URL(page.url()).pathname.replace(/\/pages$/, "");
  const grid = page.getByRole("grid", { name: "Pages" });
  const findings = await openTab(context, `${site}/findings`);
  await screenDrawn(findings);
  const desk = await openTab(context, `${site}/pages`);
  await desk.getByRole("grid", { name: "Pages" }).getByRole("link", { name: "Winter ticket" }).first().click();
  await desk.getByRole("heading", { name: "Search result" }).waitFor();
  const line = findings.getByText("structured data with an offer or job whose time is over");
  const note = desk.getByText(/priceValidUntil.* has passed/);
  const before = await grid.getByRole("row").last().textContent();
  expect([await line.count(), await note.count()]).toEqual([0, 0]);

  for (const tab of [page, findings, desk]) await tab.clock.fastForward("12:00");
  await line.first().waitFor();
  await note.first().waitFor();
  await expect.poll(() => grid.getByRole("row").last().textContent(), { timeout: 60_000 }).not.toBe(before);
});
