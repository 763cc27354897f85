// What moves on screens while they come to rest, and how long a press takes to be seen on a slow machine; part of npm run bench.
import type { CDPSession, Page } from "playwright-core";
import { SCREENS } from "../app/screens.ts";
import { inBrowser } from "./browser.ts";
import type { Note } from "./note.ts";

/** Until a screen of the demo site has come to rest, in milliseconds. */
const REST = 3_000;

interface Measured {
  shift: number;
  /** What moved most, for whoever mends it. */
  moved: string;
  slowest: number;
  of: string;
}

/** Collects layout shifts (web.dev/articles/cls, as the Layout Instability specification has them) and slow events (Event Timing). */
const COLLECT = `
  window.measured = { shift: 0, moved: "", most: 0, slowest: 0, of: "" };
  const nameOf = (node) => node ? (node.nodeName + " " + (node.getAttribute?.("aria-label") ?? node.textContent ?? "").trim().slice(0, 40)) : "";
  new PerformanceObserver((list) => {
    for (const entry of list.getEntries()) {
      if (entry.hadRecentInput) continue;
      window.measured.shift += entry.value;
      if (entry.value > window.measured.most) {
        window.measured.most = entry.value;
        window.measured.moved = nameOf(entry.sources?.[0]?.node);
      }
    }
  }).observe({ type: "layout-shift", buffered: true });
  new PerformanceObserver((list) => {
    for (const entry of list.getEntries())
      if (entry.duration > window.measured.slowest) {
        window.measured.slowest = entry.duration;
        window.measured.of = entry.name + " " + nameOf(entry.target);
      }
  }).observe({ type: "event", durationThreshold: 16, buffered: true });
`;

const measured = (page: Page) => page.evaluate(() => (window as unknown as { measured: Measured }).measured);

export async function benchSeen(note: Note): Promise<void> {
  await inBrowser(async ({ fresh, address }) => {
    const context = await fresh();
    await context.addInitScript(COLLECT);
    const page = await context.newPage();
    await page.goto(address);
    await page.getByRole("button", { name: "Open the demo site" }).click();
    await page.getByRole("heading", { name: /What this site needs/ }).waitFor();
    const site = page.url().replace(/findings$/, "");
    await page.goto(`${site}pages?find=opening times and prices`);
    const link = page.getByRole("grid").getByRole("link", { name: "Opening times and prices" }).first();
    await link.waitFor();
    const desk = new URL((await link.getAttribute("href"))?.split("?")[0] ?? "", page.url()).href;
    const screens = [...SCREENS.map(({ path }) => [path, site + path]), ["desk", desk], ["desk/data", `${desk}/data`]];
    for (const [name = "", url = ""] of screens) {
      await page.goto(url);
      await page.getByRole("heading", { level: 1 }).first().waitFor();
      await page.waitForTimeout(REST);
      const { shift, moved } = await measured(page);
      const told = shift > 0.02 ? `, most by “${moved}”` : "";
      note(`layout shift of a screen as it opens: ${name}`, `${shift.toFixed(3)}${told}`, "≤ 0.02", shift <= 0.02);
    }
    const slow = await context.newCDPSession(page);
    await pressed(page, slow, site, desk, note);
  });
}

/** Typing and pressing with the processor slowed four times: the slowest event, from the press to what is painted. */
async function pressed(page: Page, slow: CDPSession, site: string, desk: string, note: Note): Promise<void> {
  const run = async (what: string, url: string, act: () => Promise<void>) => {
    await page.goto(url);
    await page.getByRole("heading", { level: 1 }).first().waitFor();
    await page.waitForTimeout(REST);
    await slow.send("Emulation.setCPUThrottlingRate", { rate: 4 });
    await page.evaluate(() =>
      Object.assign((window as unknown as { measured: Measured }).measured, { slowest: 0, of: "" }),
    );
    await act();
    await page.waitForTimeout(1500);
    const { slowest, of } = await measured(page);
    await slow.send("Emulation.setCPUThrottlingRate", { rate: 1 });
    note(
      `slowest event, processor slowed four times: ${what}`,
      `${slowest.toFixed(0)} ms${slowest > 200 ? ` (${of})` : ""}`,
      "≤ 200 ms",
      slowest <= 200,
    );
  };
  const press = async (...keys: string[]) => {
    for (const key of keys) {
      await page.keyboard.press(key);
      await page.waitForTimeout(250);
    }
  };
  await run("a title is typed on the desk", desk, async () => {
    await page.getByLabel("Title on desktop").click();
    await page.keyboard.type(" and the last boat", { delay: 120 });
  });
  await run("J, J, K and a fix on the desk", desk, () => press("j", "j", "k", "."));
  await run("arrows and Space in the table", `${site}pages`, async () => {
    await page.getByRole("grid").focus();
    await press("ArrowDown", "ArrowRight", "ArrowDown", "Space", "ArrowDown", "Space");
  });
  await run("a filter is typed over the table", `${site}pages`, async () => {
    await page.getByLabel("Find among the pages").click();
    await page.keyboard.type("opening", { delay: 120 });
  });
  await run("J, J and Enter on the findings", `${site}findings`, () => press("j", "j", "Enter"));
  await run("J, J on the phrases", `${site}phrases`, () => press("j", "j"));
  await run("the palette is opened and typed into", `${site}findings`, async () => {
    await press("Control+k");
    await page.keyboard.type("phrases", { delay: 120 });
  });
}
