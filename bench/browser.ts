import { type BrowserContext, chromium, type Page } from "playwright-core";
import { CHROMIUM_FLAGS, ensureChromium } from "../scripts/chromium.mjs";
import { build, freePort, startApplication, startStandIn } from "../scripts/run.mjs";

export interface Bench {
  /** A browser of its own: empty storage, 1280 × 800. */
  fresh(): Promise<BrowserContext>;
  address: string;
  standIn: string;
}

/** Runs what needs the built application, the stand-in and Chromium. */
export async function inBrowser(run: (bench: Bench) => Promise<void>): Promise<void> {
  await build();
  const standIn = await startStandIn();
  const { child, address } = await startApplication(await freePort(), standIn.origin);
  const browser = await chromium.launch({ executablePath: ensureChromium(), args: CHROMIUM_FLAGS });
  const fresh = async () => {
    const context = await browser.newContext({ viewport: { width: 1280, height: 800 }, reducedMotion: "reduce" });
    // What runs this file names its functions by a helper that pages do not have.
    await context.addInitScript("globalThis.__name = (value) => value");
    return context;
  };
  try {
    await run({ fresh, address, standIn: standIn.origin });
  } finally {
    await browser.close();
    child.kill();
    standIn.child.kill();
  }
}

export const percentile = (values: number[], part: number): number =>
  values.toSorted((a, b) => a - b)[Math.min(values.length - 1, Math.floor(values.length * part))] ?? 0;

/** Types a text where the focus is, and tells what each key took from the press to the paint, in milliseconds. */
export async function keyTimes(page: Page, text: string): Promise<number[]> {
  await page.evaluate(() => {
    const durations: number[] = [];
    Object.assign(window, { durations });
    new PerformanceObserver((list) => {
      for (const entry of list.getEntries()) if (entry.name === "keydown") durations.push(entry.duration);
    }).observe({ type: "event", durationThreshold: 16 } as PerformanceObserverInit);
  });
  await page.keyboard.type(text, { delay: 40 });
  const slow = await page.evaluate(async () => {
    // The last of them are told after their paint.
    await new Promise((resolve) => setTimeout(resolve, 500));
    return (window as unknown as { durations: number[] }).durations;
  });
  // Events that the browser does not report took less than 16 ms.
  return [...slow, ...Array.from({ length: Math.max(0, text.length - slow.length) }, () => 16)];
}
