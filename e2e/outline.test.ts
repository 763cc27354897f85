import { readFileSync } from "node:fs";
import type { Page } from "playwright-core";
import { describe, expect, it } from "vitest";
import {
  downloaded,
  eventually,
  freshContext,
  itLong,
  openDemoDesk,
  openDesk,
  openTab,
  selectWords,
  startBrowser,
} from "./browser.ts";

startBrowser();

const demo = (file: string) => readFileSync(new URL(`../demo/gullhaven/${file}`, import.meta.url), "utf8");
const html = async (page: Page) => {
  const { bytes } = await downloaded(page, () => page.getByRole("button", { name: "Download the HTML" }).click());
  return bytes.toString("utf8");
};
/** Lines that the handed-over source has and the original has not. */
const added = (was: string, is: string) => {
  const old = new Set(was.split("\n").map((line) => line.trim()));
  return is
    .split("\n")
    .map((line) => line.trim())
    .filter((line) => !old.has(line));
};
const row = (page: Page, name: string) => page.getByRole("button", { name, exact: true });

describe("the outline", () => {
  itLong(
    "is repaired by the least change, with a line refused and a line in bold taken in, and undone after a reload",
    async () => {
      const page = await openDemoDesk(await freshContext(), "The crew of the lightship");
      await page.getByRole("button", { name: "Repair…" }).click();
      const dialog = page.getByRole("dialog", { name: "Repair the outline" });
      await dialog.getByRole("checkbox", { name: "On the foredeck" }).click();
      await dialog.getByRole("checkbox", { name: "In the lamp room" }).click();
      await dialog.getByRole("button", { name: "Change 2 headings" }).click();
      await row(page, "H3: On the foredeck").waitFor();
      await page.getByText("2 changes").waitFor();
      await page.getByText(/^kept, /).waitFor();
      await page.reload();
      await row(page, "H3: In the lamp room").waitFor();
      await page.getByRole("button", { name: /^Undo/ }).click();
      await row(page, "H3: In the lamp room").waitFor({ state: "detached" });
      await page.getByText("nothing changed yet").waitFor();
      await page.getByRole("button", { name: /^Redo/ }).click();
      await row(page, "H3: In the lamp room").waitFor();
      expect(added(demo("ship/crew.html"), await html(page))).toEqual([
        "<h3><b>On the foredeck</b></h3>",
        "<h3><b>In the lamp room</b></h3>",
      ]);
    },
  );

  itLong("several H1s become one, levels move with what is below, and the outline is sound", async () => {
    const page = await openDemoDesk(await freshContext(), "Night of");
    await page.getByRole("button", { name: "Make one H1 of 2…" }).click();
    const dialog = page.getByRole("dialog", { name: "Make one H1 of 2" });
    await dialog.getByText("Night of lamps", { exact: true }).waitFor();
    await dialog.getByRole("button", { name: "Make it one H1" }).click();
    await row(page, "H1: Night of lamps").waitFor();
    await page.getByRole("button", { name: "Repair…" }).click();
    await page
      .getByRole("dialog")
      .getByRole("button", { name: /^Change \d headings/ })
      .click();
    await page.getByRole("button", { name: "Repair…" }).waitFor({ state: "detached" });
    const source = await html(page);
    expect(source).toContain("<h1><span>Night of</span> <span>lamps</span></h1>");
    expect(source).not.toContain("<h4");

    const cost = row(page, "H2: What it costs");
    await cost.focus();
    await page.keyboard.press("Shift+ArrowRight");
    await row(page, "H3: What it costs").waitFor();
    await row(page, "H4: For families").waitFor();
  });

  itLong(
    "a heading is dragged with what is below it, by mouse and by keyboard, put over others, and reworded",
    async () => {
      const page = await openDemoDesk(await freshContext(), "Night of");
      // What is drawn later moves what stands there.
      await page.getByRole("heading", { name: "Source" }).waitFor();
      const handle = page.getByRole("button", { name: "Drag What it costs to another level, with what is below it" });
      await row(page, "H2: What it costs").hover();
      const box = await handle.boundingBox();
      if (!box) throw new Error("The handle has no place.");
      await page.mouse.move(box.x + 6, box.y + 8);
      await page.mouse.down();
      await page.mouse.move(box.x + 16, box.y + 8, { steps: 4 });
      await page.mouse.move(box.x + 28, box.y + 8, { steps: 4 });
      await page.mouse.up();
      await row(page, "H3: What it costs").waitFor();
      await row(page, "H5: For families").waitFor();

      await handle.focus();
      await page.keyboard.press("Space");
      await page.getByText("Took What it costs.").waitFor({ state: "attached" });
      await page.keyboard.press("ArrowLeft");
      await page.keyboard.press("Space");
      await row(page, "H2: What it costs").waitFor();
      await row(page, "H4: For families").waitFor();

      await row(page, "H2: What it costs").click();
      await page.getByRole("menuitem", { name: "Put a heading over this and what follows…" }).click();
      await page.getByRole("textbox", { name: "New heading" }).fill("Before you come");
      await page.keyboard.press("Enter");
      await row(page, "H2: Before you come").waitFor();
      await row(page, "H3: What it costs").waitFor();
      await row(page, "H5: For families").waitFor();
      await page.getByRole("button", { name: "Words of the heading: Before you come" }).click();
      await page.getByRole("textbox", { name: "Words of the heading" }).fill("Tickets and times");
      await page.keyboard.press("Enter");
      await row(page, "H2: Tickets and times").waitFor();
      await row(page, "H2: Tickets and times").press("3");
      await row(page, "H3: Tickets and times").waitFor();
      expect(await html(page)).toContain("<h3>Tickets and times</h3>");
    },
  );

  itLong("a pattern on many pages is looked at and changed on all, with one undo", async () => {
    const page = await openDemoDesk(await freshContext(), "Night of");
    await row(page, "H4: When to come").click();
    await page.getByRole("menuitem", { name: "Others like this one on the site" }).click();
    await page.getByRole("heading", { name: "Patterns of headings" }).waitFor();
    await page.getByLabel("H3", { exact: true }).click();
    await page.getByRole("button", { name: "Apply to 1 page" }).click();
    await page.getByText("1 page changed", { exact: true }).waitFor();
    await page.getByLabel(/^Or all headings that match a selector/).fill("h3 > b");
    await page.getByText(/^Type a tag, classes or both/).waitFor();
    await page.getByLabel(/^Or all headings that match a selector/).fill("h1");
    await page.getByRole("button", { name: /^Apply to \d+ pages/ }).waitFor();
    await page.getByRole("link", { name: "Gullhaven Lightship Museum", exact: true }).click();
    await page.getByRole("button", { name: "1 redrafted" }).waitFor();
    await page.getByRole("button", { name: /^Undo/ }).click();
    await page.getByRole("button", { name: "1 redrafted" }).waitFor({ state: "detached" });
  });
});

describe("the body", () => {
  it("is edited block by block: words with their markup, a question with its answer, removal, a heading over parts", async () => {
    const page = await openDemoDesk(await freshContext(), "School visits aboard");
    await page.getByRole("button", { name: "Unfold the body" }).click();
    await page.getByRole("button", { name: /^Text: Warm clothes/ }).click();
    await selectWords(page, "a pencil");
    await page.keyboard.type("two pencils");
    await page.keyboard.press("Enter");
    await page.getByRole("button", { name: "With the text A school visit takes two hours" }).click();
    await page.getByRole("menuitem", { name: "Add a question with its answer after it…" }).click();
    await page.getByRole("textbox", { name: "Question" }).fill("Is there a toilet aboard?");
    await page.getByRole("textbox", { name: "Answer" }).fill("Two, below deck.");
    await page.getByRole("button", { name: "Add it there" }).click();
    await row(page, "H2: Is there a toilet aboard?").waitFor();
    await page.getByRole("button", { name: "With the text How a lamp is seen" }).click();
    await page.getByRole("menuitem", { name: "Remove it" }).click();
    // What can be undone has been kept: what is typed is on screen before it is.
    await page.getByRole("button", { name: "Undo: Remove text" }).waitFor();
    await page.reload();
    await page.getByText("3 changes").waitFor();
    await page.getByRole("button", { name: /^Undo/ }).click();
    await page.getByText("2 changes").waitFor();
    await page.getByRole("button", { name: /^Redo/ }).click();
    await page.getByText("3 changes").waitFor();
    const source = await html(page);
    expect(added(demo("learn/school-visits.html"), source)).toEqual([
      "<h2>Is there a toilet aboard?</h2>",
      "<p>Two, below deck.</p>",
      '<p>Warm clothes, two pencils and <a href="/galley/ships-biscuit.html">strong teeth</a>.</p>',
    ]);
    expect(source).not.toContain("How a lamp is seen");
  });

  itLong("is edited as it is marked up: links, emphasis, code and line breaks by key and by button", async () => {
    const page = await openDemoDesk(await freshContext(), "School visits");
    await page.getByRole("button", { name: /unfold what stands under What to bring/ }).click();
    const words = page.getByRole("button", { name: /^Text: Warm clothes, a pencil/ });
    const field = page.getByRole("textbox", { name: "Text", exact: true });
    const tools = page.getByRole("toolbar", { name: "Markup" });
    const was = (await words.textContent()) ?? "";
    await words.click();
    await field.waitFor();
    // What is given up is as it was, and the focus is where it was.
    await page.keyboard.type("x");
    await page.keyboard.press("Escape");
    await expect.poll(() => words.evaluate((button) => document.activeElement === button)).toBe(true);
    expect(await words.textContent()).toBe(was);

    await page.keyboard.press("Enter");
    await field.waitFor();
    await selectWords(page, "Warm clothes");
    await page.keyboard.press("ControlOrMeta+b");
    expect(await tools.getByRole("button", { name: "Strong" }).getAttribute("aria-pressed")).toBe("true");
    await selectWords(page, "a pencil");
    await tools.getByRole("button", { name: "Emphasis" }).click();
    await selectWords(page, "teeth");
    await page.keyboard.press("ControlOrMeta+k");
    const leadsTo = page.getByRole("textbox", { name: "Leads to" });
    expect(await leadsTo.inputValue()).toBe("/galley/ships-biscuit.html");
    await leadsTo.fill("java script");
    await page.getByText("An address has no spaces").waitFor();
    await page.keyboard.press("Escape");
    await page.keyboard.press("ControlOrMeta+k");
    await leadsTo.fill("/galley/");
    await page.keyboard.press("Enter");
    await selectWords(page, "pencil");
    await page.keyboard.press("ArrowRight");
    // Nobody types this fast: the editor hears of the cursor a moment later.
    await page.waitForTimeout(150);
    // Its own undo is no undo of the page.
    await page.keyboard.type("!");
    await page.keyboard.press("ControlOrMeta+z");
    await page.keyboard.press("Shift+Enter");
    await tools.getByRole("button", { name: "Keep it" }).click();
    await page.getByText("1 change", { exact: true }).waitFor();
    expect(added(demo("learn/school-visits.html"), await html(page))).toMatchInlineSnapshot(`
      [
        "<p><strong>Warm clothes</strong>, <em>a pencil<br></em>and <a href="/galley/">strong teeth</a>.</p>",
      ]
    `);

    // Whoever leaves the text keeps it; what cannot be kept stays, with the reason.
    await page.getByRole("button", { name: /^Text: Warm clothes, a pencil/ }).click();
    await selectWords(page, "Warm clothes, a pencil");
    await page.keyboard.press("ControlOrMeta+a");
    await page.keyboard.press("Delete");
    await page.keyboard.press("Enter");
    await page.getByRole("alert").getByText("Not kept. Text cannot be emptied here.").waitFor();
    await page.keyboard.press("Escape");
    await page.getByRole("button", { name: /^Undo/ }).click();
    await page.getByText("1 change", { exact: true }).waitFor({ state: "detached" });
  });

  itLong("headings with markup are edited as they are marked up, and keep it at another level", async () => {
    const page = await openTab(await freshContext(), "/bring-in?way=draft");
    const source = "<!doctype html><title>A</title><h1>Lamps</h1><h2>Lit <em>every</em> day</h2><p>At noon.";
    await page.getByLabel("Or paste a page’s source").fill(source);
    await page.getByRole("button", { name: "Read this source" }).click();
    await page.getByLabel("Address of the site").fill("www.quayside.example");
    await page.getByRole("button", { name: "Bring in 1 page" }).click();
    await openDesk(page, "Lamps");
    const level = page.getByRole("button", { name: "H2: Lit every day" });
    await level.focus();
    await page.keyboard.press("F2");
    await page.getByRole("textbox", { name: "Words of the heading" }).waitFor();
    await selectWords(page, "every", "Words of the heading");
    await page.keyboard.type("each");
    await selectWords(page, "Lit", "Words of the heading");
    await page.keyboard.press("ControlOrMeta+b");
    await page.keyboard.press("Enter");
    await page.getByRole("button", { name: "H2: Lit each day" }).focus();
    await page.keyboard.press("3");
    await page.getByText("2 changes").waitFor();
    expect(await html(page)).toBe(
      source.replace("<h2>Lit <em>every</em> day</h2>", "<h3><strong>Lit</strong> <em>each</em> day</h3>"),
    );
  });

  itLong("pictures get their texts, links their words, the head its code", async () => {
    const page = await openDemoDesk(await freshContext(), "Pictures of the lightship");
    const margin = page.getByRole("complementary", { name: "Notes" });
    await margin.getByText("The picture “under-tow.jpg” has no alternative text.").waitFor();
    await page.getByRole("button", { name: "Alternative text of under-tow.jpg: no alternative text" }).click();
    await page.getByRole("textbox", { name: "Alternative text of under-tow.jpg" }).fill("Two tugs tow a red ship");
    await page.keyboard.press("Enter");
    await margin.getByText("was: The picture “under-tow.jpg” has no alternative text.").waitFor();
    await page.getByRole("button", { name: "Words of the link to /ship/lamp.html: the lamp" }).click();
    await page.getByRole("textbox", { name: "Words of the link to /ship/lamp.html" }).fill("the lamp & its oil");
    await page.keyboard.press("Enter");
    await page.getByRole("button", { name: "language: en" }).click();
    await page.getByRole("textbox", { name: "language" }).fill("en-GB");
    await page.keyboard.press("Enter");
    await page.getByRole("button", { name: "Add code to this page’s head" }).click();
    await page.getByRole("textbox", { name: "Code for the head" }).fill("<div>no</div>");
    await page.getByText("A div element cannot stand in the head.").waitFor();
    await page.getByRole("textbox", { name: "Code for the head" }).fill('<meta name="owner-code" content="a1">');
    await page.getByRole("button", { name: "Add it" }).click();
    await page.getByText("4 changes").waitFor();
    expect(added(demo("ship/pictures.html"), await html(page))).toEqual([
      '<html lang="en-GB">',
      '<meta name="owner-code" content="a1">',
      '<p>The album was kept by the master’s wife, who never set foot aboard. What she wrote under each picture is what we know of it. More of the ship herself is told under <a href="/ship/lamp.html">the lamp &amp; its oil</a> and <a href="/ship/crew.html">the crew</a>.</p>',
      '<p><img src="/img/under-tow.jpg" width="600" height="400" alt="Two tugs tow a red ship"></p>',
    ]);
    await page.getByText(/pages? links? here in the text/).waitFor();
  });
});

describe("the source", () => {
  itLong("is checked, mended where an unclosed quotation mark swallows what follows, and checked again", async () => {
    const page = await openDemoDesk(await freshContext(), "School visits aboard");
    const margin = page.getByRole("complementary", { name: "Notes" });
    const swallowed =
      "A quotation mark is missing behind the attribute href in line 21, column 20: tags behind it are taken for its value.";
    await margin.getByText(swallowed).waitFor();
    await page.getByRole("textbox", { name: "Title" }).fill("School visits to a lightship");
    await page.getByText("1 change", { exact: true }).waitFor();
    await page.getByRole("button", { name: "Check the HTML" }).click();
    await page.getByText(/^1 place is not valid HTML/).waitFor();
    await page.getByRole("button", { name: "Edit it" }).click();
    const editor = page.getByRole("textbox", { name: "Source of this page" });
    // It is edited as the redraft leaves it.
    await editor.locator(".cm-line", { hasText: "<title>School visits to a lightship</title>" }).waitFor();
    await page.getByRole("button", { name: /line 22/ }).click();
    await editor.locator(".cm-line", { hasText: "work-sheet.pdf" }).click();
    // Of a line that is wrapped the first press goes to the end of what is seen of it.
    await page.keyboard.press("End");
    await page.keyboard.press("End");
    for (const _ of ">work sheet</a> first, says the crew.</p>") await page.keyboard.press("ArrowLeft");
    await page.keyboard.type('"');
    await page.getByRole("button", { name: "Keep what I wrote" }).click();
    await margin.getByText(`was: ${swallowed}`).waitFor();
    await page.getByRole("button", { name: "Check the HTML again" }).click();
    await page.getByText("The HTML is valid.").waitFor();
    expect(added(demo("learn/school-visits.html"), await html(page))).toEqual([
      "<title>School visits to a lightship</title>",
      '<p>Ask for the <a href="/files/work-sheet.pdf">work sheet</a> first, says the crew.</p>',
    ]);
  });

  itLong("is shown as it looks, without scripts, and headings are found both ways", async () => {
    const page = await openDemoDesk(await freshContext(), "The crew of the lightship");
    await page.getByRole("region", { name: "How it looks" }).getByRole("button", { name: "Show it" }).click();
    const frame = page.frameLocator("iframe[title='The page as it looks']");
    await frame.getByRole("heading", { name: "The cook" }).click();
    await page.locator("[data-outline-row]:focus").and(row(page, "H3: The cook")).waitFor();
    await row(page, "H3: The seaman").focus();
    const marked = (name: string) =>
      frame.getByRole("heading", { name }).evaluate((heading) => getComputedStyle(heading).textDecorationLine);
    await eventually(() => marked("The seaman"), "underline");
    expect(await page.locator("iframe").getAttribute("sandbox")).toBe("allow-same-origin");
  });

  itLong(
    "is shown as it looks whatever its elements are called, and its own marks are not taken for ours",
    async () => {
      const page = await openTab(await freshContext(), "/bring-in?way=draft");
      await page
        .getByLabel("Or paste a page’s source")
        .fill(
          "<!doctype html><title>Lamp</title><form name=querySelectorAll><input name=closest><input name=getAttribute><h1>The lamp</h1></form><img name=addEventListener alt=x><form name=body><h2 data-index=0 data-outline=H6 data-chosen>The wick</h2><input name=toggleAttribute></form>",
        );
      await page.getByRole("button", { name: "Read this source" }).click();
      await page.getByLabel("Address of the site").fill("www.quay.example");
      await page.getByRole("button", { name: "Bring in 1 page" }).click();
      await openDesk(page, "The lamp");
      await page.getByRole("region", { name: "How it looks" }).getByRole("button", { name: "Show it" }).click();
      // From outside, since the test's own ways of finding elements are broken by such names.
      const marked = (tag: string) =>
        page.locator("iframe").evaluate((frame, name) => {
          const inside = (frame as HTMLIFrameElement).contentDocument as Document;
          const heading = Document.prototype.querySelector.call(inside, name);
          return heading && getComputedStyle(heading).textDecorationLine;
        }, tag);
      await eventually(() => marked("h2"), "none");
      await page.locator("iframe").evaluate((frame) => {
        const inside = (frame as HTMLIFrameElement).contentDocument as Document;
        const heading = Document.prototype.querySelector.call(inside, "h2");
        heading?.dispatchEvent(new MouseEvent("click", { bubbles: true, cancelable: true }));
      });
      await page.locator("[data-outline-row]:focus").and(row(page, "H2: The wick")).waitFor();
      await row(page, "H1: The lamp").focus();
      await eventually(() => marked("h1"), "underline");
      expect(await marked("h2")).toBe("none");
    },
  );

  itLong(
    "is not left behind a dialog by a key, and an editor's undo takes back what was typed there alone",
    async () => {
      const page = await openDemoDesk(await freshContext(), "The crew of the lightship");
      await page.getByLabel("Title on desktop").fill("A title of mine");
      await page.getByText(/^kept, /).waitFor();
      const url = page.url();
      await page.getByRole("button", { name: "Repair…" }).click();
      await page.getByRole("dialog").waitFor();
      for (const key of ["]", "[", "Control+Enter", "j", ".", "?", "Control+k", "Control+z"])
        await page.keyboard.press(key);
      expect(page.url()).toBe(url);
      expect(await page.getByRole("dialog").count()).toBe(1);
      await page.keyboard.press("Escape");
      await page.getByRole("dialog").waitFor({ state: "detached" });
      expect(await page.getByText("✓ ready").count()).toBe(0);
      expect(await page.getByLabel("Title on desktop").inputValue()).toBe("A title of mine");
      const source = page.getByRole("region", { name: "Source" });
      await source.getByRole("button", { name: "Edit it" }).click();
      const editor = page.getByRole("textbox", { name: "Source of this page" });
      await editor.click();
      await page.keyboard.type("zz");
      for (const _ of "zzzz") await page.keyboard.press("Control+z");
      expect(await page.getByLabel("Title on desktop").inputValue()).toBe("A title of mine");
      expect(await source.getByRole("button", { name: "Keep what I wrote" }).isDisabled()).toBe(true);
    },
  );
});
