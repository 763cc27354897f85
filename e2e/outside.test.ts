import { readdirSync, readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { type TextStyle, widthOf } from "../core/measure/width.ts";
import { originalFromBytes } from "../core/page/original.ts";
import { readPage } from "../core/page/read.ts";
import { audit } from "../core/rules/audit.ts";
import { DEFAULT_HOUSE_STYLE } from "../core/rules/house-style.ts";
import { AXE, differingFromAxe } from "./axe.ts";
import { freshContext, openDemo, openDesk, startBrowser } from "./browser.ts";

startBrowser();

/** Five hundred strings in the scripts that the shipped fonts hold, with pairs that are kerned. */
function strings(): string[] {
  const stock = {
    latin:
      "office baffle fjord waffle efficient flow AVATAR Today’s Wave Yacht To Te P. F, L’Île “Tü” W.A.V. r. LT 11 7, 100% fi fl ffi Ty Ye AWAY kayak Vowel —".split(
        " ",
      ),
    accented: "Žluťoučký kůň Łódź Ærøskøbing Çeşme İstanbul Őrült Ţara ĳzer Ħal Ðór þing Ŵyddfa llŷn é è ñ".split(" "),
    greek: "Ο Φάρος Τα Αύριο Υπόγειο Ώρες Λειτουργίας Ρόδος άγκυρα τόξο ΑΥΤΟΣ".split(" "),
    cyrillic: "Музей Плавучий маяк Гудок Тумана Уход Руль ГРУЗ Ёлка Київ Ґанок що ЧАЙКА".split(" "),
    vietnamese: "Bảo tàng Thuyền đèn Mở cửa Giờ Ưu đãi Việt Nam".split(" "),
  };
  const all: string[] = [];
  let seed = 7;
  const next = (n: number) => {
    seed = (seed * 1103515245 + 12345) % 2147483648;
    return seed % n;
  };
  for (const words of Object.values(stock)) {
    for (let i = 0; i < 100; i++) {
      all.push(Array.from({ length: 1 + next(6) }, () => words[next(words.length)]).join(" "));
    }
  }
  return all;
}

describe("widths", () => {
  it("of 500 strings agree with Chromium's layout in the page within half a px", async () => {
    const page = await openDemo(await freshContext());
    await openDesk(page, "Enamel mug");
    const styles: (TextStyle & { bold: boolean })[] = [
      { family: "arimo", size: 20, bold: false },
      { family: "arimo", size: 14, bold: true },
      { family: "roboto", size: 20, bold: false },
      { family: "roboto", size: 14, bold: true },
    ];
    const list = strings();
    expect(list).toHaveLength(500);
    for (const style of styles) {
      const measured = await page.evaluate(
        async ([texts, { family, size, bold }]) => {
          const face = family === "arimo" ? "Arimo" : "Roboto";
          const box = document.createElement("div");
          box.className = family === "arimo" ? "result-desktop" : "result-mobile";
          box.style.cssText = `position:absolute;top:0;white-space:pre;font-size:${size}px;font-weight:${bold ? 700 : 400}`;
          document.body.append(box);
          const spans = texts.map((text) => {
            const span = document.createElement("span");
            span.style.display = "inline-block";
            span.textContent = text;
            box.append(span, document.createElement("br"));
            return span;
          });
          await document.fonts.load(`${bold ? 700 : 400} ${size}px ${face}`, texts.join(""));
          await document.fonts.ready;
          const widths = spans.map((span) => span.getBoundingClientRect().width);
          box.remove();
          return widths;
        },
        [list, style] as const,
      );
      const off = list
        .map((text, i) => ({
          text,
          ours: widthOf(text, style, style.bold ? [{ start: 0, end: text.length }] : []),
          theirs: measured[i] ?? 0,
        }))
        .filter(({ ours, theirs }) => Math.abs(ours - theirs) > 0.5);
      expect(off, JSON.stringify(style)).toEqual([]);
    }
  });
});

/** Where the two differ, by file: nowhere so far. A difference is listed here with its reason. */
const EXPLAINED: Record<string, string[]> = {};

interface AccessibleNode {
  ignored: boolean;
  role?: { value: string };
  name?: { value: string };
  properties?: { name: string; value: { value: unknown } }[];
}

describe("axe-core's verdicts over the demo pages", () => {
  const folder = new URL("../demo/gullhaven/", import.meta.url);
  const files = readdirSync(folder, { recursive: true, encoding: "utf8" }).filter((file) => file.endsWith(".html"));
  it.each(files)("agree with ours on %s", async (file) => {
    const original = originalFromBytes(readFileSync(new URL(encodeURI(file), folder)));
    const read = readPage(original, { address: "https://www.gullhaven.example/x" });
    const ours = new Set(
      audit(read, { phrase: null, houseStyle: DEFAULT_HOUSE_STYLE, today: "2026-11-23" }).map((f) => f.rule),
    );
    const page = await (await freshContext()).newPage();
    const differing = await differingFromAxe(page, read.source, ours);
    expect(differing).toEqual(EXPLAINED[file] ?? []);

    // Chromium's own computation of accessible names (Accessible Name and Description Computation 1.2).
    const client = await page.context().newCDPSession(page);
    const { nodes } = (await client.send("Accessibility.getFullAXTree")) as unknown as { nodes: AccessibleNode[] };
    const heard = nodes
      .filter(({ role, ignored }) => role?.value === "heading" && !ignored)
      .map(({ name, properties = [] }) => [
        properties.find((one) => one.name === "level")?.value.value,
        String(name?.value ?? "")
          .replace(/\s+/g, " ")
          .trim(),
      ]);
    expect(heard).toEqual(Array.from(read.headings, ({ level, text }) => [level, text]));
  });
});

describe("our own screens", () => {
  it.each([false, true])(
    "have no axe-core violation (dark: %s)",
    async (dark) => {
      const context = await freshContext({ dark });
      const page = await context.newPage();
      const check = async (where: string) => {
        await page.evaluate(AXE);
        const found = await page.evaluate(async () => {
          const runner = (
            window as unknown as {
              axe: {
                run(): Promise<{ violations: { id: string; nodes: { target: unknown; failureSummary?: string }[] }[] }>;
              };
            }
          ).axe;
          return (await runner.run()).violations.map(
            (v) => `${v.id}: ${v.nodes.map((n) => `${String(n.target)} ${n.failureSummary ?? ""}`).join(" | ")}`,
          );
        });
        expect(found, where).toEqual([]);
      };
      const first = await openDemo(context);
      const pages = first.url();
      await page.goto(`${new URL(pages).origin}/?all`);
      await page.getByRole("button", { name: "Open the demo site" }).waitFor();
      await check("first run");
      await page.goto(`${new URL(pages).origin}/bring-in`);
      await page.getByRole("heading", { name: "Bring in pages" }).waitFor();
      await check("bring in");
      await page.goto(pages);
      await page.getByRole("grid", { name: "Pages" }).waitFor();
      await check("pages");
      const grid = page.getByRole("grid", { name: "Pages" });
      await grid.focus();
      await page.keyboard.press("ArrowDown");
      await page.keyboard.press("Control+a");
      await page.getByRole("button", { name: "Find and replace" }).click();
      await page.getByLabel("Find", { exact: true }).fill("lightship");
      await page.getByText(/texts change\./).waitFor();
      await check("find and replace");
      await page.keyboard.press("Escape");
      await page.goto(`${pages}?show=title-near&columns=phrases`);
      await page.getByText("differ in one place of the title only").waitFor();
      await grid.getByRole("gridcell").nth(3).dblclick();
      await check("a cell being edited, in a group");
      await page.keyboard.press("Escape");
      const site = /sites\/([^/]+)/.exec(pages)?.[1] ?? "";
      for (const way of ["disk", "table", "draft"]) {
        await page.goto(`${new URL(pages).origin}/bring-in?site=${site}&way=${way}`);
        await page.getByRole("heading", { name: /^Bring in pages/ }).waitFor();
        if (way === "table") {
          await page.getByLabel("Or paste rows from a spreadsheet").fill("url\ttitle\n/hire/wardroom[1]\tX\n\tY");
          await page.getByRole("button", { name: "Read these rows" }).click();
          await page.getByText("It has no address.").waitFor();
        }
        await check(`bring in: ${way}`);
      }
      await page.goto(`${new URL(pages).origin}/sites/${site}/house-style`);
      await page.getByLabel(/^Titles have at most/).fill("55");
      await page.getByText(/findings more/).waitFor();
      await check("house style");
      await page.goto(pages);
      await openDesk(page, "Opening times and prices");
      await page.keyboard.press("j");
      await check("desk");
      await page.getByRole("button", { name: "Set aside…" }).click();
      await page.getByRole("dialog").waitFor();
      await check("set aside");
      await page.keyboard.press("Escape");
      await page.getByRole("button", { name: "Unfold the body" }).click();
      await page.getByRole("region", { name: "How it looks" }).getByRole("button", { name: "Show it" }).click();
      await page.getByRole("region", { name: "Source" }).getByRole("button", { name: "Show it" }).click();
      await page.getByLabel("Source of this page").waitFor();
      await check("desk, unfolded");
      await page.getByRole("button", { name: "Repair…" }).click();
      await check("repair");
      await page.goto(`${new URL(pages).origin}/sites/${site}/headings`);
      await page.getByRole("button", { name: /^H3/ }).first().click();
      await page.getByRole("button", { name: /^Change it on/ }).waitFor();
      await check("patterns of headings");
      await page.goto(`${new URL(pages).origin}/sites/${site}/pictures`);
      await page.getByRole("checkbox", { name: "Select deck.jpg" }).click();
      await check("pictures");
      await page.goto(`${new URL(pages).origin}/sites/${site}/html`);
      await page.getByRole("button", { name: "Check 37 pages" }).click();
      await page
        .getByRole("button", { name: /^Should|Duplicate ID/ })
        .first()
        .click();
      await check("HTML of the pages");
    },
    180_000,
  );
});
