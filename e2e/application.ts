import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { dirname, join } from "node:path";
import { chromium } from "playwright-core";
import type { ProvidedContext } from "vitest";
import type { TestProject } from "vitest/node";
import { CHROMIUM_FLAGS, findChromium } from "../scripts/chromium.mjs";
import { freePort, startApplication, startStandIn } from "../scripts/run.mjs";

declare module "vitest" {
  interface ProvidedContext {
    address: string;
    /** Where the stand-in listens, for tests that change what it answers. */
    standIn: string;
    /** The demo site in a browser's storage: the file that holds it, the path of the site, and its pages' ids and names. */
    demo: { state: string; path: string; pages: { id: string; name: string }[] };
  }
}

/** Opens the demo site once, so that each journey begins where it has been opened and read. */
async function openedDemo(address: string): Promise<ProvidedContext["demo"]> {
  const browser = await chromium.launch({ executablePath: findChromium() ?? "chromium", args: CHROMIUM_FLAGS });
  const context = await browser.newContext();
  const page = await context.newPage();
  await page.goto(address);
  await page.getByRole("button", { name: "Open the demo site" }).click();
  await page.getByRole("heading", { name: "What this site needs" }).waitFor();
  const allOf = (table: string) =>
    page.evaluate(
      (table) =>
        new Promise<{ id: string; name: string }[]>((resolve, reject) => {
          const opening = indexedDB.open("keen-quill");
          opening.onerror = () => reject(opening.error);
          opening.onsuccess = () => {
            const asking = opening.result.transaction(table).objectStore(table).getAll();
            asking.onsuccess = () => {
              opening.result.close();
              resolve(asking.result);
            };
          };
        }),
      table,
    );
  // What was found is kept a moment after it is shown.
  while ((await allOf("overviews")).length === 0) await page.waitForTimeout(100);
  const pages = (await allOf("derived")).map(({ id, name }) => ({ id, name }));
  const path = new URL(page.url()).pathname.replace(/\/findings$/, "");
  const state = join(mkdtempSync(join(tmpdir(), "demo-")), "state.json");
  await context.storageState({ indexedDB: true, path: state });
  await browser.close();
  return { state, path, pages };
}

/** Starts the built application and the stand-in web for all browser tests. */
export default async function setup(project: TestProject) {
  const standIn = await startStandIn();
  const { child, address } = await startApplication(await freePort(), standIn.origin);
  project.provide("address", address);
  project.provide("standIn", standIn.origin);
  const demo = await openedDemo(address);
  project.provide("demo", demo);
  return () => {
    rmSync(dirname(demo.state), { recursive: true });
    child.kill();
    standIn.child.kill();
  };
}
