import type { Page } from "playwright-core";
import { describe, expect, it } from "vitest";
import { eventually, freshContext, openDemo, openDesk, startBrowser } from "./browser.ts";

startBrowser();

/** Keeps storage busy for so long, in milliseconds: what is to be written waits. */
const busyStorage = (page: Page, ms: number) =>
  page.evaluate(
    (ms) =>
      new Promise<void>((resolve) => {
        const opening = indexedDB.open("keen-quill");
        opening.onsuccess = () => {
          const store = opening.result.transaction("sites", "readwrite").objectStore("sites");
          const end = performance.now() + ms;
          const again = () => {
            if (performance.now() < end) store.count().onsuccess = again;
            else opening.result.close();
          };
          again();
          resolve();
        };
      }),
    ms,
  );

describe("what is being kept", () => {
  it("is waited for where its screen is left, and nobody is asked about it", async () => {
    const page = await openDemo(await freshContext());
    await page.getByRole("link", { name: "House style" }).click();
    const brand = page.getByLabel("Brand at the end of titles");
    await brand.fill("Gullhaven");
    await busyStorage(page, 1500);
    let asked = 0;
    page.on("console", (message) => message.text() === "asked" && asked++);
    await page.evaluate(() => {
      const look = () => document.querySelector("[role=dialog]") && console.log("asked");
      new MutationObserver(look).observe(document.body, { childList: true, subtree: true });
    });
    await page.getByRole("button", { name: "Keep this house style" }).click();
    await page.getByRole("link", { name: "Pages", exact: true }).first().click();
    await page.getByRole("grid", { name: "Pages" }).waitFor();
    expect(asked).toBe(0);
    await page.getByRole("link", { name: "House style" }).click();
    await eventually(() => brand.inputValue(), "Gullhaven");
  });
});

describe("what was typed", () => {
  it("is asked about where it is left: the house style, a dialog, a question without its answer", async () => {
    const page = await openDemo(await freshContext());
    const dialog = page.getByRole("dialog", { name: "This is not kept yet" });

    await page.getByRole("link", { name: "House style" }).click();
    const brand = page.getByLabel("Brand at the end of titles");
    await brand.fill("Gullhaven");
    await page.getByRole("link", { name: "Pages", exact: true }).first().click();
    await dialog.getByText("The house style has been changed.").waitFor();
    await dialog.getByRole("button", { name: "Stay here" }).click();
    expect(await brand.inputValue()).toBe("Gullhaven");
    await page.goBack();
    await dialog.getByRole("button", { name: "Keep it and go on" }).click();
    await page.getByRole("grid", { name: "Pages" }).waitFor();
    await page.getByRole("link", { name: "House style" }).click();
    await eventually(() => brand.inputValue(), "Gullhaven");
    await brand.fill("Somewhere else");
    await page.getByRole("link", { name: "Pages", exact: true }).first().click();
    await dialog.getByRole("button", { name: "Let it go" }).click();

    await page.getByRole("grid", { name: "Pages" }).waitFor();
    await page.getByRole("checkbox", { name: "Select all" }).click();
    await page.getByRole("button", { name: "Find and replace" }).click();
    await page.getByLabel("Find", { exact: true }).fill("lightship");
    await page.keyboard.press("Escape");
    await page.getByText("What you typed here is not used yet.").waitFor();
    await page.getByRole("button", { name: "Go on with it" }).click();
    await page.getByText("What you typed here is not used yet.").waitFor({ state: "detached" });
    expect(await page.getByLabel("Find", { exact: true }).inputValue()).toBe("lightship");
    await page.getByLabel("Find", { exact: true }).press("Escape");
    await page.getByRole("button", { name: "Let it go" }).click();
    await page.getByRole("dialog").waitFor({ state: "detached" });

    await openDesk(page, "School visits aboard");
    await page.getByRole("button", { name: "Unfold the body" }).click();
    const ask = async (what: string) => {
      await page.getByRole("button", { name: "With the text A school visit takes two hours" }).click();
      await page.getByRole("menuitem", { name: what }).click();
    };
    await ask("Add a question with its answer after it…");
    await page.getByRole("textbox", { name: "Question" }).fill("Is there a toilet aboard?");
    await page.getByRole("button", { name: /^Next page/ }).click();
    await dialog.getByText("“Is there a toilet aboard?”").waitFor();
    await dialog.getByRole("button", { name: "Go back to it" }).click();
    await page.getByRole("textbox", { name: "Answer" }).fill("Two, below deck.");
    // Left when it is whole, it stands on the page.
    await page.getByRole("heading", { name: "Search result" }).click();
    await page.getByRole("button", { name: "H2: Is there a toilet aboard?" }).waitFor();
    await page.getByRole("button", { name: /^Next page/ }).click();
    await page.getByRole("heading", { level: 1, name: "School visits aboard" }).waitFor({ state: "detached" });
  });
});
