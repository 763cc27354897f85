import { it } from "vitest";
import { freshContext, openDemoDesk, openFindings, startBrowser } from "./browser.ts";
startBrowser();
it("shot", async () => {
  const page = await openDemoDesk(await freshContext(), "Opening times");
  await page.getByRole("button", { name: "What may be shown instead" }).click();
  await page.getByRole("region", { name: "What may be shown instead" }).waitFor();
  await page.evaluate(() => { const el = document.querySelector('section[aria-label="What may be shown instead"] .result-desktop.truncate'); if (el) el.textContent = "A very long title that goes on and on ".repeat(8); });
  await page.getByRole("region", { name: "What may be shown instead" }).scrollIntoViewIfNeeded();
  await page.screenshot({ path: "/tmp/instead.png" });
  await page.goto(page.url().replace(/pages.*/, "findings"));
  await page.getByText("Begin here").waitFor();
  await page.screenshot({ path: "/tmp/findings.png" });
});
