import { readdirSync, readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { audit } from "../core/audit/auditor.ts";
import { type TextStyle, widthOf } from "../core/measure/width.ts";
import { originalFromBytes } from "../core/page/original-from-bytes.ts";
import { readPage } from "../core/page/read.ts";
import { DEFAULT_HOUSE_STYLE } from "../core/settings/house-style.ts";
import { differingFromAxe } from "./axe.ts";
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
