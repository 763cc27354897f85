import { mkdtempSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import type { Page } from "playwright-core";
import { describe, expect, it } from "vitest";
import {
  downloaded,
  eventually,
  freshContext,
  goToPages,
  itLong,
  openDemoDesk,
  openDesk,
  startBrowser,
} from "./browser.ts";

startBrowser();

const open = (page: Page, name: string) => page.getByRole("button", { name, exact: true }).click();

describe("a search result", () => {
  it("says what stands in it and why; what is not earned is tried on, and never handed over", async () => {
    const page = await openDemoDesk(await freshContext(), "Enamel mug");
    await open(page, "What stands in it");
    const parts = page.getByRole("region", { name: "What stands in the result" });
    await parts.getByText("The page shows £11.50, but states no product.").waitFor();
    const tryOn = (n: number) => parts.getByRole("button", { name: "Try it on" }).nth(n).click();
    await tryOn(0);
    await page.getByTitle("tried on").first().waitFor();
    await tryOn(0);
    await tryOn(0);
    await page.getByText("12 ratings").waitFor();
    await page.getByText("£11.50 · In stock").waitFor();
    await page.getByText("It is never handed over").waitFor();
    // Bold is what was searched for, and not the target phrase alone.
    await page.getByLabel("Query to try").fill("forty-one parts");
    await page.locator(".result-desktop span.font-bold", { hasText: "forty" }).first().waitFor({ state: "attached" });
    await page.getByLabel("Query to try").fill("brass lamp");
    await open(page, "What may be shown instead");
    await page.getByText(/^Where the description is passed over for “brass lamp”/).waitFor();
    const png = await downloaded(page, async () => {
      await open(page, "Picture…");
      await page.getByRole("button", { name: "Save as PNG" }).click();
    });
    expect([png.name, [...png.bytes.subarray(1, 4)]]).toEqual([
      expect.stringMatching(/^result .*\.png$/),
      [...Buffer.from("PNG")],
    ]);
    // What is drawn can be put on the clipboard, too.
    await page.context().grantPermissions(["clipboard-read", "clipboard-write"]);
    await open(page, "Picture…");
    await page.getByRole("button", { name: "Copy to the clipboard" }).click();
    await page.getByText("The picture is on the clipboard").first().waitFor();
    const types = await page.evaluate(async () => (await navigator.clipboard.read()).flatMap((one) => [...one.types]));
    expect(types).toEqual(["image/png"]);
    await goToPages(page);
    await page.getByRole("button", { name: "Hand over the changed pages" }).click();
    await page.getByText("Nothing has been changed yet").first().waitFor();
    // A title that runs from right to left begins at the right, and so does the ruler under it.
    await openDesk(page, "Enamel mug");
    await page.getByLabel("Title on desktop").fill("ברוכים הבאים למוזיאון | Gullhaven");
    const title = page.getByLabel("Title on desktop");
    expect(await title.evaluate((field) => getComputedStyle(field).direction)).toBe("rtl");
    const zero = page.locator("svg text", { hasText: /^0$/ }).first();
    await expect.poll(async () => Number(await zero.getAttribute("x"))).toBe(640);
  });

  itLong(
    "has other wordings, which are used or kept as takes; takes are typed into, compared, used, and remembered",
    async () => {
      const page = await openDemoDesk(await freshContext(), "Opening times and prices");
      const title = page.getByLabel("Title on desktop");
      const first = await title.inputValue();
      await open(page, "Other wordings");
      const titles = page.getByRole("list", { name: "Titles out of the page’s own words" });
      // Where the title is cut, shorter ones come first.
      await titles.getByText("it fits").first().waitFor();
      await titles.getByRole("button", { name: "Keep it as a take" }).first().click();
      await titles.getByText("it begins with “Lightship Museum opening times”").first().waitFor();
      await page
        .getByRole("list", { name: "Descriptions out of the page’s own words" })
        .getByText("of the page.")
        .first()
        .waitFor();
      await open(page, "Takes");
      const takes = page.getByRole("region", { name: "Takes" });
      const take = takes.getByLabel("Title of take A");
      await take.fill("Is the lightship open <b>today</b>? Times, prices");
      await takes
        .getByText(/\d+ px/)
        .first()
        .waitFor();
      await takes.getByText("is not in the title, in any form").waitFor();
      await takes.getByLabel("Reason for take A").fill("people ask it");
      await takes.getByRole("button", { name: "Use take A" }).click();
      await eventually(() => title.inputValue(), "Is the lightship open <b>today</b>? Times, prices");
      await takes.getByText("in use", { exact: true }).waitFor();
      await takes.getByText("One earlier wording").click();
      await page.reload();
      await open(page, "Takes");
      await eventually(() => takes.getByLabel("Reason for take A").inputValue(), "people ask it");
      await takes.getByText("One earlier wording").click();
      await takes.getByRole("button", { name: "Use it again" }).click();
      await eventually(() => title.inputValue(), first);
      await page.keyboard.press("Control+z");
      await eventually(() => title.inputValue(), "Is the lightship open <b>today</b>? Times, prices");
      // What was typed as markup is a text, and is written as one.
      await goToPages(page);
      const zip = await downloaded(page, () =>
        page.getByRole("button", { name: "Hand over the changed pages" }).click(),
      );
      expect(zip.bytes.includes(Buffer.from("takes.csv"))).toBe(true);
    },
  );

  itLong(
    "is led to: whom it is for, phrase, title, and so on to the changes; what is selected is put into another case",
    async () => {
      const page = await openDemoDesk(await freshContext(), "What we keep of you");
      await open(page, "Lead me through it");
      const led = page.getByRole("region", { name: "Led through this page" });
      await led.getByRole("heading", { name: "Next: whom it is for" }).waitFor();
      await led.getByRole("button", { name: "Keep “everyone”" }).click();
      await led.getByRole("heading", { name: "Next: its target phrase" }).waitFor();
      expect(await page.locator("[data-led]").count()).toBe(1);
      await led.getByRole("list", { name: "Out of its own words" }).getByRole("button").first().click();
      await led.getByRole("heading", { name: "Next: the title" }).waitFor();
      await eventually(() => page.locator("[data-led]").getAttribute("data-anchor"), "title");
      await led.getByRole("list", { name: "Suggested titles" }).getByRole("button").first().click();
      // Left and taken up again, it goes on where it was.
      await led.getByRole("button", { name: "Leave" }).click();
      await page.reload();
      await open(page, "Lead me through it");
      await led.getByRole("heading", { name: /^Next: the (?:title|description)/ }).waitFor();
      const last = led.getByRole("heading", { name: "Last: a look over the changes" });
      const pass = led.getByRole("button", {
        name: /^(?:Pass this over|The (?:title|description) is right as it is)$/,
      });
      await expect
        .poll(async () => {
          if (await last.isVisible()) return true;
          await pass.click({ timeout: 1000 }).catch(() => {});
          return false;
        })
        .toBe(true);
      await led.getByRole("list", { name: "Changes" }).getByText("title").first().waitFor();
      await led.getByRole("button", { name: "Mark it ready, and go to the next page" }).click();
      await led.getByRole("heading", { name: "Next: whom it is for" }).waitFor();
      await open(page, "Leave being led");
      await page.getByLabel("Title on desktop").fill("walking down the quay at night");
      await page
        .getByLabel("Title on desktop")
        .evaluate((field: HTMLTextAreaElement) => field.setSelectionRange(8, 21));
      await page.getByLabel("Case of what is selected, or of the whole text").selectOption("ap");
      await eventually(() => page.getByLabel("Title on desktop").inputValue(), "walking Down the Quay at night");
    },
  );

  itLong("stands among others at the places that are named, in several wordings, on both devices", async () => {
    const page = await openDemoDesk(await freshContext(), "Opening times and prices");
    await page.getByRole("link", { name: "Among others" }).click();
    await page.getByRole("button", { name: "Begin one for “Opening times and prices”" }).click();
    await page.getByRole("button", { name: "Bring in the others…" }).click();
    const dialog = page.getByRole("dialog", { name: "The results to stand among" });
    await dialog.getByLabel(/^A results service/).fill("https://results.example/search");
    await dialog.getByRole("button", { name: "Ask it" }).click();
    await dialog.getByText("has {searchTerms} where the phrase stands").waitFor();
    await dialog.getByLabel(/^A results service/).fill("https://results.example/search?q={searchTerms}");
    await dialog.getByRole("button", { name: "Ask it" }).click();
    await dialog.getByText("12 results").waitFor();
    await dialog.getByRole("button", { name: "Stand among them" }).click();
    const column = page.getByRole("list", { name: "Results" });
    await eventually(() => column.locator(":scope > li").count(), 13);
    await page.getByRole("button", { name: "Another take" }).click();
    await page.getByRole("button", { name: /^Places of your result/ }).click();
    const places = page.getByRole("textbox", { name: "Places of your result" });
    await places.fill("99");
    await page.keyboard.press("Enter");
    await page.getByText("Places are numbers from 1 to 50; 99 is none.").waitFor();
    await places.fill("1st, 3rd and 6th");
    await page.keyboard.press("Enter");
    await eventually(() => column.locator(":scope > li").count(), 15);
    await page.getByLabel("Title of take A on desktop").fill("Is the lightship open today?");
    const opening = page.getByRole("region", { name: "Opening words" });
    await opening.getByText("Is the lightship").waitFor();
    const others = page.getByRole("region", { name: "What the others do" });
    await others.getByText("asks a question. Of yours take A does.").waitFor();
    await others.getByRole("button", { name: "3 of 12" }).first().click();
    await others.getByText("Show all alike again").click();
    // Moved by the keyboard, the number keeps the focus.
    await page.getByRole("button", { name: "Yours, take A, place 3: drag it, or press the up and down arrow" }).focus();
    await page.keyboard.press("ArrowDown");
    await page
      .getByRole("button", { name: "Yours, take A, place 4: drag it, or press the up and down arrow" })
      .waitFor();
    await page.getByRole("button", { name: "Places of your result: 1st, 4th and 6th" }).waitFor();
    await eventually(
      () => page.evaluate(() => document.activeElement?.getAttribute("data-own") ?? ""),
      "Yours, take A",
    );
    await page.getByLabel("Device", { exact: true }).selectOption("both");
    await page.getByLabel("Title of take A on mobile").waitFor();
    await page.getByRole("button", { name: "Hold its page beside yours" }).first().click();
    const beside = page.getByRole("dialog", { name: "Their page beside yours" });
    await beside
      .getByRole("row", { name: /^Headings by level/ })
      .getByText("1 × H1, 3 × H2")
      .last()
      .waitFor();
    const fetched: string[] = [];
    page.on("request", (request) => {
      if (request.url().endsWith("/fetch")) fetched.push(request.postData() ?? "");
    });
    await beside.getByRole("button", { name: "Fetch it again" }).click();
    await eventually(() => fetched.length, 2);
    await page.keyboard.press("Escape");
    expect(fetched.map((one) => (JSON.parse(one) as { wanted: string }).wanted)).toEqual(["robots", "page"]);
    // Pages of others are fetched by their addresses, and stand apart from the site's own.
    await page.getByRole("button", { name: "Other results…" }).click();
    await page
      .getByLabel(/^Or paste them/)
      .fill("https://coastdays.example/14-boats\nhttps://coastdays.example/nowhere");
    await page.getByRole("button", { name: "Fetch these 2 pages" }).click();
    await page.getByText(/^1 result\. https:\/\/coastdays\.example\/nowhere: /).waitFor();
    await page.getByRole("button", { name: "Cancel" }).click();
    await page.getByRole("button", { name: "Write down what you saw" }).click();
    await page.getByLabel("Title that was shown").fill("Opening times and prices - Gullhaven");
    await page.getByLabel("Place at which it was shown").fill("4");
    await page.getByRole("button", { name: "Keep it" }).click();
    await page.getByText("What differs from the page as it is now is underlined.").waitFor();
    await page.reload();
    await page.getByText("What differs from the page as it is now is underlined.").waitFor();
    await page.getByRole("link", { name: "Line-ups" }).click();
    await page.getByText("12 other results, with what was really shown").waitFor();
    await page.getByRole("button", { name: "Let it go" }).click();
    await page.getByText("A result is chosen among others.").waitFor();
    await page.keyboard.press("Control+z");
    await page.getByText("One line-up is kept.").waitFor();
  });

  itLong("goes out as a proof that is answered without anything else, and the answers come back", async () => {
    const context = await freshContext();
    const page = await openDemoDesk(context, "Enamel mug");
    await page.getByLabel("Title on desktop").fill("Enamel mug <i>with a bird</i>");
    await page.getByLabel("Description on desktop").fill("A mug for the galley.");
    await goToPages(page);
    await page.getByRole("button", { name: "Proof…" }).click();
    await page.getByText(/^1 page with 2 changes\./).waitFor();
    const file = await downloaded(page, () => page.getByRole("button", { name: "Save the proof" }).click());
    expect(file.name).toMatch(/^proof Gullhaven Lightship Museum .*\.html$/);
    const folder = mkdtempSync(join(tmpdir(), "proof-"));
    const path = join(folder, "proof.html");
    writeFileSync(path, file.bytes);
    // Opened from the disk, as whoever gets it does.
    const proof = await context.newPage();
    await proof.goto(`file://${path}`);
    await proof.getByText("Enamel mug <i>with a bird</i>").first().waitFor();
    expect(await proof.locator(".desktop").count()).toBe(2);
    await proof.getByRole("button", { name: "Save the answers" }).click();
    await proof.getByText("Nothing is ticked or commented on yet.").waitFor();
    await proof.getByLabel("Your name").fill("Ada");
    const title = proof.getByRole("group", { name: "title" });
    await title.getByLabel("Approve").check();
    await proof.getByRole("group", { name: "description" }).getByLabel("Send back").check();
    await proof.getByRole("group", { name: "description" }).getByLabel("Comment").fill("Say the price");
    const csv = await downloaded(proof, () =>
      proof.getByRole("button", { name: "Save them as a spreadsheet" }).click(),
    );
    expect(csv.name).toBe("answers.csv");
    const answers = await downloaded(proof, () => proof.getByRole("button", { name: "Save the answers" }).click());
    await proof.close();
    // Meanwhile the description has moved on: what was said of it is listed, and not taken.
    await openDesk(page, "Enamel mug");
    await page.getByLabel("Description on desktop").fill("A mug for the galley, £11.50.");
    await goToPages(page);
    await page.getByRole("button", { name: "Proof…" }).click();
    await page.getByRole("button", { name: "Answers have come back…" }).click();
    const input = page.getByLabel("File of answers");
    await input.setInputFiles({ name: "x.json", mimeType: "application/json", buffer: Buffer.from("{}") });
    await page.getByText("This is no answer to a proof.").waitFor();
    await input.setInputFiles({ name: answers.name, mimeType: "application/json", buffer: answers.bytes });
    await page.getByText("Ada has answered: 1 answer is taken over, 1 is not.").waitFor();
    await page.getByText("Not taken over: The words have changed since the proof was made.").waitFor();
    await page.getByRole("button", { name: "Take the answers over" }).click();
    await openDesk(page, "Enamel mug");
    const said = page.getByRole("region", { name: "What was said of the changes" });
    await said.getByText("approved").waitFor();
    await page.keyboard.press("Control+z");
    await eventually(() => said.count(), 0);
  });
});
