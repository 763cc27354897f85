import { describe, expect, it } from "vitest";
import {
  downloaded,
  eventually,
  freshContext,
  itLong,
  openDemo,
  openDemoDesk,
  openTab,
  startBrowser,
} from "./browser.ts";

startBrowser();

/** From the findings or the table to the phrases. */
async function openPhrases() {
  const page = await openDemo(await freshContext());
  await page.getByRole("navigation", { name: "Screens" }).getByRole("link", { name: "Phrases" }).click();
  await page.getByRole("list", { name: "Phrases" }).waitFor();
  const find = async (text: string) => {
    await page.getByRole("searchbox", { name: "Find a phrase" }).fill(text);
    await page.getByRole("button", { name: text, exact: true }).waitFor();
  };
  /** The line of a phrase, which is looked for first: the list draws only what is seen. */
  const line = (text: string) =>
    page.getByRole("list", { name: "Phrases" }).getByRole("listitem").filter({ hasText: text }).first();
  const side = page.getByRole("complementary", { name: "The chosen phrase" });
  return { page, find, line, side };
}

describe("the phrases of a site", () => {
  it("tell how they stand, and each part of the sentence narrows the list", async () => {
    const { page, find, line, side } = await openPhrases();
    await page.getByText("searched 85,200 times a month").waitFor();
    await side.getByText("Most searched without a page").waitFor();
    await page.getByRole("button", { name: "2 pages want one that another wants" }).click();
    await line("lantern walk").getByText("wanted by 2 pages").waitFor();
    expect(await page.getByRole("list", { name: "Phrases" }).getByRole("listitem").count()).toBe(1);
    await page.getByRole("button", { name: "lantern walk", exact: true }).click();
    await side.getByRole("button", { name: "Make it the canonical address" }).last().click();
    await page.getByText("Stated on 1 page.").first().waitFor();
    await side.getByRole("button", { name: "Redirect the others to it" }).last().click();
    await page.getByText("One page is to lead to /events/lantern-walk").first().waitFor();
    await page.keyboard.press("Control+z");
    await side.getByRole("button", { name: "Keep it for this page alone" }).last().click();
    await page.getByText("No phrase is like that.").waitFor();
    await page.getByRole("button", { name: "Show all" }).click();
    await find("lightship museum opening times");
    await line("lightship museum opening times")
      .getByText("not in H1, H2, first 100 words, body, description, slug")
      .waitFor();
    await page.getByRole("button", { name: "Show all" }).click();
    // Each key is one step, however quickly it follows.
    await page.getByRole("button", { name: /are questions/ }).click();
    await page.getByRole("button", { name: "how to tie a reef knot", exact: true }).waitFor();
    await page.locator("body").click({ position: { x: 5, y: 700 } });
    await page.keyboard.press("j");
    await page.keyboard.press("j");
    await side.getByRole("heading", { name: "how to tie a sheet bend" }).waitFor();
    await page.getByRole("button", { name: "Show all" }).click();
    // What names a place stands behind the same phrase without it.
    await page.getByRole("searchbox", { name: "Find a phrase" }).fill("boat trips");
    await line("boat trips gullhaven").getByText("nowhere on the site").waitFor();
    const places = page.getByRole("list", { name: "Phrases" }).getByRole("button", { name: /^boat/ });
    expect(await places.allTextContents()).toEqual(["boat trips", "boat trips gullhaven"]);
    await page.keyboard.press("Control+z");
    await page.getByRole("button", { name: "2 pages want one that another wants" }).waitFor();
  });

  itLong("are given a page, follow another wording, and their sentences are read and become links", async () => {
    const { page, find, line, side } = await openPhrases();
    await find("rope work");
    await page.getByRole("button", { name: "rope work", exact: true }).click();
    await side.getByRole("button", { name: "Choose its page" }).click();
    await page.getByPlaceholder("Find a page").fill("privacy");
    await page.keyboard.press("Enter");
    await side.getByRole("list", { name: "Its pages" }).getByText("/privacy").waitFor();
    await line("rope work").getByText("stands nowhere on its page").waitFor();
    await side.getByText("rope work", { exact: true }).click();
    await page.getByRole("textbox", { name: "Wording of the phrase" }).fill("data protection");
    await page.keyboard.press("Enter");
    await page.getByRole("searchbox", { name: "Find a phrase" }).fill("data protection");
    await line("data protection").getByText("/privacy").waitFor();

    await find("fog signal");
    await page.getByRole("button", { name: "fog signal", exact: true }).click();
    const passages = side.getByRole("region", { name: "Where the site says it" });
    await passages.getByText(/^\d sentences on \d pages$/).waitFor();
    const crew = passages.getByRole("listitem").filter({ hasText: "The first driver" });
    await crew.getByRole("button", { name: "Link these words" }).click();
    await page.getByText("“fog signal” links to /ship/fog_signal").first().waitFor();
    // From a sentence to its place on the desk.
    await crew.getByRole("link").click();
    await page.getByRole("heading", { name: "Phrases" }).waitFor();
    await page.getByText(/places? marked/).waitFor();
    await page.keyboard.press("n");
    await page.getByText(/place 1 of \d/).waitFor();
    expect(await page.evaluate(() => [...CSS.highlights.keys()].sort())).toContain("phrase-current");
    await page.getByRole("button", { name: "Stop marking" }).click();
    await eventually(() => page.evaluate(() => CSS.highlights.size), 0);
  });

  itLong("come in by typing and out of a file, with what is wrong row by row, and leave as CSV", async () => {
    const { page, find, line } = await openPhrases();
    await page.getByRole("button", { name: "Add", exact: true }).click();
    const dialog = page.getByRole("dialog", { name: "Add phrases" });
    await dialog
      .getByRole("textbox", { name: "Phrases" })
      .fill("ship in a bottle\t140\n?!\nFog   signal\nwhale bone; lots");
    await dialog.getByText("2 new phrases, the first “ship in a bottle”, 1 stands in the list already.").waitFor();
    await dialog.getByText("Row 2 is left out: “?!” holds no word.").waitFor();
    await dialog.getByText("Row 4: “lots” is no number of searches; it is left open.").waitFor();
    await dialog.getByRole("button", { name: "Add 2 phrases" }).click();
    await find("ship in a bottle");
    await line("ship in a bottle").getByText("140").waitFor();
    await page.getByLabel("CSV file of phrases with their searches").setInputFiles({
      name: "volumes.csv",
      mimeType: "text/csv",
      buffer: Buffer.from("keyword;search volume;season\nship in a bottle;1.500;winter\n"),
    });
    await page
      .getByRole("dialog", { name: "Phrases out of volumes.csv" })
      .getByText("0 new phrases, 1 is searched")
      .waitFor();
    await page.getByRole("button", { name: "Renew the list" }).click();
    await line("ship in a bottle").getByText("1,500").waitFor();
    const { name, bytes } = await downloaded(page, () => page.getByRole("button", { name: "Save as CSV" }).click());
    expect(name).toBe("phrases.csv");
    expect(bytes.toString()).toContain("ship in a bottle,1500,");
    expect(bytes.toString()).toContain("winter");
    await page.getByLabel("CSV file of phrases with their searches").setInputFiles({
      name: "wrong.csv",
      mimeType: "text/csv",
      buffer: Buffer.from("topic,volume\nship,3\n"),
    });
    await page.getByText("No column of this table is headed “phrase” or “keyword”.").waitFor();
  });

  itLong("are suggested out of the pages' own words, looked at before they are given, with one undo", async () => {
    const { page } = await openPhrases();
    await page.getByRole("button", { name: "suggest some" }).click();
    const dialog = page.getByRole("dialog", { name: "Phrases out of the pages’ own words" });
    await dialog.getByText("2 pages have something to be found for; 1 other repeats nothing.").waitFor();
    const group = dialog.getByRole("radiogroup", { name: "Phrase for Group visits to the lightship" });
    expect(await group.getByRole("radio", { name: "with a group" }).isChecked()).toBe(true);
    await dialog.getByRole("checkbox", { name: "A phrase for Bienvenue à bord du bateau-phare" }).uncheck();
    await dialog.getByRole("button", { name: "Give 1 page its phrase" }).click();
    await page.getByRole("link", { name: "2 pages have no phrase" }).waitFor();
    await page.keyboard.press("Control+z");
    await page.getByRole("link", { name: "3 pages have no phrase" }).waitFor();
  });

  itLong("are dragged onto a page, and a sentence gets a heading", async () => {
    const { page, find, line, side } = await openPhrases();
    await find("rope work");
    const phrase = page.getByRole("button", { name: "rope work", exact: true });
    const from = await phrase.boundingBox();
    if (!from) throw new Error("not drawn");
    await page.mouse.move(from.x + 10, from.y + 8);
    await page.mouse.down();
    await page.mouse.move(from.x + 60, from.y + 40, { steps: 4 });
    const onto = side.getByText("What we keep of you");
    await onto.waitFor();
    const to = await onto.boundingBox();
    // Whoever drags lets go where the page is marked.
    await eventually(async () => {
      await page.mouse.move((to?.x ?? 0) + 20, (to?.y ?? 0) + 8, { steps: 4 });
      return side.locator("[data-over]").filter({ hasText: "What we keep of you" }).count();
    }, 1);
    await page.mouse.up();
    await page.getByText("/privacy.html is to be found for “rope work”").first().waitFor();
    await line("rope work").getByRole("link", { name: "What we keep of you" }).waitFor();
    await find("fog signal");
    await page.getByRole("button", { name: "fog signal", exact: true }).click();
    const crew = side.getByRole("listitem").filter({ hasText: "How a lamp is seen" });
    await crew.getByRole("button", { name: "Put a heading over it…" }).click();
    const words = side.getByRole("textbox", { name: "Words of the heading" });
    expect(await words.inputValue()).toBe("Fog signal");
    await words.fill("The fog signal at noon");
    await page.keyboard.press("Enter");
    await page.getByText("“The fog signal at noon” is a heading now").first().waitFor();
    await side.getByText("The fog signal at noon").first().waitFor();
  });

  itLong("are measured: which pages first and why, beside the month before; other figures come in", async () => {
    const { page } = await openPhrases();
    await page.getByRole("link", { name: "How they perform" }).click();
    await page.getByText("this site was shown 19,618 times and clicked 760 times").waitFor();
    await page.getByText("that is 2,345 more impressions and 130 more clicks").waitFor();
    const first = page.getByRole("list", { name: "Which pages first" });
    await eventually(() => first.getByRole("listitem").count(), 10);
    await page.getByRole("button", { name: "3 shown often and clicked seldom" }).click();
    await eventually(() => first.getByRole("listitem").count(), 3);
    await page.getByRole("button", { name: "50 phrases" }).click();
    await page
      .getByRole("row", { name: /^enamel mug/ })
      .getByText("1,980")
      .waitFor();
    // What is shown is saved, with rows that the screen has no room for.
    const saved = await downloaded(page, () => page.getByRole("button", { name: "Save as CSV" }).click());
    expect(saved.name).toBe("phrases Gullhaven Lightship Museum 2026-10-01 to 2026-10-31.csv");
    expect(saved.bytes.toString()).toContain("enamel mug,https://www.gullhaven.example/shop/enamel--mug,1980,48,");
    const csv = (name: string, text: string) =>
      page
        .getByLabel("CSV file of figures", { exact: true })
        .setInputFiles({ name, mimeType: "text/csv", buffer: Buffer.from(text) });
    await csv("figures.csv", "where,queries,hits\nhttps://www.gullhaven.example/people.html,volunteers,7\n");
    const dialog = page.getByRole("dialog", { name: "Figures out of figures.csv" });
    await dialog.getByText("No column is known to hold clicks or impressions. Say which one does.").waitFor();
    expect(await dialog.getByRole("button", { name: "Keep these figures" }).isDisabled()).toBe(true);
    await dialog.getByRole("combobox", { name: "Column 3" }).selectOption("clicks");
    await dialog.getByText("1 row is read.").waitFor();
    await dialog.getByLabel("First day").fill("2026-11-01");
    await dialog.getByLabel("Last day").fill("2026-10-15");
    await dialog.getByText("The last day is before the first.").waitFor();
    await dialog.getByLabel("Last day").fill("2026-11-15");
    await dialog.getByRole("button", { name: "Keep these figures" }).click();
    await page.getByText("this site was shown 0 times and clicked 7 times").waitFor();
    // The same period once more: what was worked out of the figures before is not shown for it.
    await csv("figures 2026-11-01 to 2026-11-15.csv", "page,clicks\n/people.html,8\n");
    await page.getByText(/^They take the place of those of 1.+15 November 2026, out of figures\.csv\.$/).waitFor();
    await page.getByRole("button", { name: "Keep these figures" }).click();
    await page.getByText("this site was shown 0 times and clicked 8 times").waitFor();
    await page.getByRole("combobox", { name: "Period" }).selectOption("October 2026");
    await page.getByText("this site was shown 19,618 times").waitFor();
    await page.getByRole("button", { name: "Let these figures go…" }).click();
    await page.getByRole("button", { name: "Let them go" }).click();
    await page.getByText("this site was shown 0 times and clicked 8 times").waitFor();
  });

  itLong("support a page from its desk, and stand where its words are changed", async () => {
    const page = await openDemoDesk(await freshContext(), "Opening times and prices");
    const part = page.getByRole("region", { name: "Phrases" });
    await part.getByText("not in H1, H2, first 100 words, body, description, slug").waitFor();
    await part.getByRole("combobox", { name: "Add a supporting phrase" }).fill("winter opening");
    await page.keyboard.press("Enter");
    await part.getByText("winter opening").waitFor();
    await part.getByRole("combobox", { name: "Add a supporting phrase" }).fill("Winter  Opening");
    await page.keyboard.press("Enter");
    await part.getByText("“Winter  Opening” is there already.").waitFor();
    await page.keyboard.press("Escape");
    // Whom it is for: its title and text should name a place.
    await part.getByRole("combobox", { name: "Whom the page is for" }).selectOption("place");
    await part.getByRole("combobox", { name: "Name of the place" }).fill("Saint Ives");
    await page.keyboard.press("Enter");
    await page.getByText("The page is for Saint Ives, and its title does not say so.").waitFor();
    await part.getByRole("combobox", { name: "Whom the page is for" }).selectOption("everyone");
    await page.getByText("The page is for Saint Ives, and its title does not say so.").waitFor({ state: "detached" });
    await part.getByRole("button", { name: "Suggest phrases out of its words" }).click();
    const own = part.getByRole("list", { name: "Out of its own words" });
    const [text = ""] = await own.getByRole("button").allTextContents();
    await own.getByRole("button").first().click();
    await own.getByRole("button", { name: text, exact: true }).waitFor({ state: "detached" });
    await page.getByRole("textbox", { name: "Description" }).first().fill("Lightship museum opening times.");
    await part.getByText("title, description; not in H1, H2, first 100 words, body, slug").waitFor();
    // What search engines may show in the place of both, for any query.
    await page.getByRole("button", { name: "What may be shown instead" }).click();
    const instead = page.getByRole("region", { name: "What may be shown instead" });
    await page.getByLabel("Query to try").fill("llama farm");
    await instead.getByText("no sentence has any of it, and the first words stand there:").waitFor();
    await instead.getByRole("button", { name: "Make it the description" }).click();
    await instead.getByRole("button", { name: "Make it the description" }).waitFor({ state: "detached" });
    const drawn = await page.getByRole("textbox", { name: "Description" }).first().inputValue();
    expect(drawn).not.toBe("Lightship museum opening times.");
    expect(drawn).toMatch(/^\p{Lu}.+\.$/u);
  });
});

describe("a site that nobody has given phrases", () => {
  itLong("says what they are for, and takes the first", async () => {
    const page = await openTab(await freshContext(), "/bring-in?way=draft");
    await page.getByLabel("Or paste a page’s source").fill("<html lang=en><h1>The horn</h1><p>It is a fog horn.");
    await page.getByRole("button", { name: "Read this source" }).click();
    await page.getByLabel("Address of the site").fill("quay.example");
    await page.getByRole("button", { name: "Bring in 1 page" }).click();
    await page.getByRole("link", { name: "Phrases" }).click();
    await page.getByText("Nobody has said yet what this site should be found for.").waitFor();
    await page.getByRole("button", { name: "Add phrases" }).click();
    await page.getByRole("textbox", { name: "Phrases" }).fill("fog horn");
    await page.getByRole("button", { name: "Add 1 phrase" }).click();
    const list = page.getByRole("list", { name: "Phrases" });
    await list.getByText("1 page has its words").waitFor();
    await list.getByRole("link", { name: "Begin a page" }).click();
    await page.getByRole("textbox", { name: "What it is about" }).waitFor();
    expect(await page.getByRole("textbox", { name: "What it is about" }).inputValue()).toBe("Fog horn");
  });
});
