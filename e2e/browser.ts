import { type Browser, type BrowserContext, chromium, type Page } from "playwright-core";
import { afterEach, beforeAll, expect, inject, it } from "vitest";
import { CHROMIUM_FLAGS, findChromium } from "../scripts/chromium.mjs";

/** A journey that `npm test` leaves to `npm run test:all`. */
export const itLong = (name: string, journey: () => Promise<void>) => it(name, { tags: "long" }, journey);

/** One for all files that a worker runs. */
let browser: Browser | undefined;
const contexts: BrowserContext[] = [];
const faults: string[] = [];
/** Characters of a tab's accessible tree that are printed when a test has failed. */
const PRINTED = 30_000;

/** Starts the browser for a file of tests; a test fails on any error that the page reports. */
export function startBrowser(): void {
  beforeAll(async () => {
    browser ??= await chromium.launch({ executablePath: findChromium() ?? "chromium", args: CHROMIUM_FLAGS });
  });
  afterEach(async ({ task }) => {
    if (task.result?.state === "fail") await printScreens(task.name);
    await Promise.all(contexts.splice(0).map((context) => context.close()));
    expect(faults.splice(0)).toEqual([]);
  });
}

/** Prints the address and the accessible tree of every open tab, so that a failure that does not happen again can be explained. */
async function printScreens(test: string): Promise<void> {
  for (const page of contexts.flatMap((context) => context.pages())) {
    const seen = await page.locator("body").ariaSnapshot({ timeout: 5000 }).catch(String);
    console.error(`${test}\n${page.url()}\n${seen.slice(0, PRINTED)}`);
  }
}

/** A browser of its own: empty storage, 1280 × 800. */
export async function freshContext(options: { dark?: boolean } = {}): Promise<BrowserContext> {
  if (!browser) throw new Error("startBrowser() has to be called in the file of tests.");
  const context = await browser.newContext({
    viewport: { width: 1280, height: 800 },
    colorScheme: options.dark ? "dark" : "light",
    reducedMotion: "reduce",
    acceptDownloads: true,
  });
  contexts.push(context);
  return context;
}

export async function openTab(context: BrowserContext, path = "/"): Promise<Page> {
  const page = await context.newPage();
  // A machine that others share may take a minute for what takes three seconds.
  page.setDefaultTimeout(60_000);
  page.on("pageerror", (error) => faults.push(error.message));
  page.on("console", (message) => {
    // A browser asks for /favicon.ico by itself where no document names an icon.
    if (message.type() === "error" && !message.location().url.endsWith("/favicon.ico")) faults.push(message.text());
    if (message.type() === "warning" && message.text().includes("Permissions-Policy")) faults.push(message.text());
  });
  // Slowed so many times, a journey shows what in it depends on luck.
  const rate = Number(process.env.SLOWED ?? 1);
  if (rate > 1) await (await context.newCDPSession(page)).send("Emulation.setCPUThrottlingRate", { rate });
  await page.goto(inject("address") + path);
  return page;
}

/** Waits until a screen has its heading, after those that stand there while it opens and its pages are read. */
export const screenDrawn = (page: Page) =>
  page
    .getByRole("heading", { level: 1, name: /^(?!Keen Quill$|Reading the pages)/ })
    .first()
    .waitFor();

/** What the findings begin with. */
const NEEDS = /^(?:What this site needs|Nothing was found)/;

/** Opens the demo site as a person does, and waits for what it needs. */
export async function openFindings(context: BrowserContext): Promise<Page> {
  const page = await openTab(context);
  await page.getByRole("button", { name: "Open the demo site" }).click();
  await page.getByRole("heading", { name: NEEDS }).waitFor();
  return page;
}

/** From the findings, which is what opens after bringing in, to the table. */
export async function goToPages(page: Page): Promise<void> {
  await page.getByRole("navigation", { name: "Screens" }).getByRole("link", { name: "Pages" }).click();
  await page.getByRole("grid", { name: "Pages" }).waitFor();
}

/** The demo site's table, in a browser in which it has been opened before. */
export async function openDemo(context: BrowserContext): Promise<Page> {
  const { state, path } = inject("demo");
  await context.setStorageState(state);
  const page = await openTab(context, `${path}/pages`);
  await page.getByRole("grid", { name: "Pages" }).waitFor();
  return page;
}

/** Scrolls the table, which draws only the rows around what is seen, until a page's row is there. */
export async function showRow(page: Page, name: string): Promise<void> {
  const grid = page.getByRole("grid", { name: "Pages" });
  const needs = page.getByRole("heading", { name: NEEDS });
  await grid.or(needs).first().waitFor();
  if (await needs.isVisible()) await goToPages(page);
  const row = grid.getByRole("link", { name });
  let times = 0;
  /** What is drawn beyond the edges may go again: the row must stand where a person sees it. */
  const inView = () =>
    row.first().evaluate(
      (link) => {
        const table = link.closest('[role="grid"]')?.getBoundingClientRect();
        const { top, bottom } = link.getBoundingClientRect();
        const seen = table !== undefined && top >= table.top && bottom <= table.bottom;
        if (!seen) link.scrollIntoView({ block: "center" });
        return seen;
      },
      null,
      { timeout: 1000 },
    );
  const there = async () => {
    if ((await row.count()) > 0) {
      times = (await inView().catch(() => false)) ? times + 1 : 0;
      return times > 2;
    }
    // At its end the table is looked through again: another site's may just have taken its place.
    await grid.evaluate((element) => {
      const end = element.scrollTop + element.clientHeight >= element.scrollHeight - 2;
      element.scrollTop = end ? 0 : element.scrollTop + 300;
    });
    return false;
  };
  await expect.poll(there, { timeout: 60_000, interval: 60 }).toBe(true);
}

/** A page of the demo site on its desk, where the browser opens it: in one in which the site has been opened before. */
export async function openDemoDesk(context: BrowserContext, name: string): Promise<Page> {
  const { state, path, pages } = inject("demo");
  const found = pages.find((one) => one.name.startsWith(name));
  if (!found) throw new Error(`The demo site has no page ${name}`);
  await context.setStorageState(state);
  const page = await openTab(context, `${path}/pages/${found.id}`);
  await wholeDesk(page);
  return page;
}

/** Opens a page of the site on the desk, from the table or from the findings. */
export async function openDesk(page: Page, name: string): Promise<void> {
  await showRow(page, name);
  await page.getByRole("link", { name }).first().click();
  await wholeDesk(page);
}

/** Waits until the last part of the desk is drawn: until then every part that comes moves the notes, also under a click. */
async function wholeDesk(page: Page): Promise<void> {
  await page.getByRole("heading", { name: "Search result" }).waitFor();
  await page.locator("#head-heading").waitFor();
}

/** Selects words of the text that is being edited, which may begin in one element and end in another. */
export async function selectWords(page: Page, words: string, label = "Text"): Promise<void> {
  const box = page.getByRole("textbox", { name: label, exact: true });
  const select = () =>
    box.evaluate(async (box, words) => {
      const from = box.textContent?.indexOf(words) ?? -1;
      if (from < 0) throw new Error(`${words} is not in the text`);
      const range = document.createRange();
      const texts = document.createTreeWalker(box, NodeFilter.SHOW_TEXT);
      let at = 0;
      for (let node = texts.nextNode(); node; node = texts.nextNode()) {
        const { length } = node.nodeValue ?? "";
        if (from >= at && from < at + length) range.setStart(node, from - at);
        const to = from + words.length;
        if (to > at && to <= at + length) range.setEnd(node, to - at);
        at += length;
      }
      getSelection()?.removeAllRanges();
      getSelection()?.addRange(range);
      // An editor that has just got the focus puts its own selection back a moment later.
      await new Promise((settled) => setTimeout(settled, 80));
      return getSelection()?.toString();
    }, words);
  await expect.poll(select, { timeout: 5_000, interval: 20 }).toBe(words);
}

/** Waits until a value is what it should be. */
export async function eventually<T>(read: () => Promise<T> | T, expected: T): Promise<void> {
  await expect.poll(read, { timeout: 60_000 }).toEqual(expected);
}

export async function downloaded(page: Page, start: () => Promise<void>): Promise<{ name: string; bytes: Buffer }> {
  const [download] = await Promise.all([page.waitForEvent("download"), start()]);
  const chunks: Buffer[] = [];
  for await (const chunk of await download.createReadStream()) chunks.push(chunk as Buffer);
  return { name: download.suggestedFilename(), bytes: Buffer.concat(chunks) };
}
