import { describe, expect, it } from "vitest";
import { readPage } from "../page/read.ts";
import type { Edit } from "../rewrite/edits.ts";
import { DEFAULT_HOUSE_STYLE, type HouseStyle } from "../settings/house-style.ts";
import { examinePage } from "./examine-page.ts";
import { redraftPage } from "./redraft-page.ts";

const today = "2026-11-27";
const address = "https://quay.example/shop/lamp";
const LAMP = "<html lang=en><title>Brass lamp kit</title><h1>Brass lamp kit</h1><p>£ 12</p>";
const style = (more: Partial<HouseStyle>): HouseStyle => ({ ...DEFAULT_HOUSE_STYLE, brand: "Quay", ...more });
const rulesOf = async (...given: Parameters<typeof examinePage>) =>
  (await examinePage(...given)).findings.map(({ rule }) => rule);

describe("the days on which what is found on a page holds", () => {
  const offer = (until: string) =>
    `<script type="application/ld+json">{"@context":"https://schema.org","@type":"Offer","priceValidUntil":"${until}"}</script>`;
  const dated = readPage(
    `<html lang=en><title>Lamp guide 2025</title><h1>Lamp</h1>${offer("2026-12-09")}${offer("2026-12-20T12:00:00Z")}`,
    { address },
  );
  const patterned: Edit[] = [
    { op: "set-description", value: "", was: "", pattern: "Open in {month} {year}" },
    { op: "set-title", value: "", was: "Lamp guide 2025", pattern: "Lamps of {year}" },
  ];
  const on = async (day: string, edits: readonly Edit[]) => {
    const { findings, edits: now, days } = await examinePage(dated, { houseStyle: style({}), today: day, edits });
    return { days, found: JSON.stringify([findings.map(({ key, message }) => [key, message]), now]) };
  };

  it("are every day where no rule and no pattern reads the day", async () => {
    const { days } = await examinePage(readPage(LAMP, { address }), { houseStyle: style({}), today });
    expect(days).toEqual({ from: "", until: "" });
  });

  it("end on the first day on which an offer is over", async () => {
    expect((await on("2026-12-01", [])).days).toEqual({ from: "2026-01-01", until: "2026-12-10" });
    expect((await on("2026-12-10", [])).days).toEqual({ from: "2026-12-10", until: "2026-12-21" });
  });

  it.each([
    ["as it came", []],
    ["with patterns that name the month and the year", patterned],
  ] as const)("are the same findings and texts on each of them, %s", async (_, edits) => {
    const instant = Date.UTC(2024, 11, 25);
    let turns = 0;
    let last = await on("2024-12-25", edits);
    for (let i = 1; i < 800; i++) {
      const day = new Date(instant + i * 86_400_000).toISOString().slice(0, 10);
      const now = await on(day, edits);
      const same = day >= last.days.from && (last.days.until === "" || day < last.days.until);
      if (same) expect([day, now]).toEqual([day, last]);
      else {
        turns++;
        expect(now.days.from).toBe(day);
        last = now;
      }
    }
    expect(turns).toBe(edits.length === 0 ? 3 : 29);
  });
});

describe("a page that is examined", () => {
  it("obeys the house style of its kind, guessed or chosen", async () => {
    const page = readPage(LAMP, { address });
    const houseStyle = style({ kinds: { product: { rules: { "title/too-narrow": { on: false } } } } });
    expect((await examinePage(page, { houseStyle, today })).kind).toBe("product");
    expect(await rulesOf(page, { houseStyle, today })).not.toContain("title/too-narrow");
    const chosen = await examinePage(page, { houseStyle, today, chosenKind: "article" });
    expect([chosen.kind, chosen.guessedKind]).toEqual(["article", "product"]);
    expect(chosen.findings.map(({ rule }) => rule)).toContain("title/too-narrow");
  });

  it("is read as its redraft leaves it, patterns resolved for the day and the kind", async () => {
    const page = readPage(LAMP, { address });
    const pattern = "{page heading}{separator}{site name}";
    const edits: Edit[] = [{ op: "set-title", value: "old", was: "Brass lamp kit", pattern }];
    const examined = await examinePage(page, { houseStyle: style({}), today, edits });
    expect(examined.page.titles[0]?.text).toBe("Brass lamp kit | Quay");
    expect(examined.edits).toMatchObject([{ value: "Brass lamp kit | Quay", pattern }]);
  });

  it("has the heading as it is redrafted in its patterns, and its own title as it was brought in", async () => {
    const page = readPage(LAMP, { address });
    const heading = page.headings[0]?.key ?? { text: "" };
    const edits: Edit[] = [
      { op: "set-title", value: "old", was: "Brass lamp kit", pattern: "{page heading}: {title}" },
      { op: "set-heading-text", heading, value: "Kit for a brass lamp", was: "Brass lamp kit" },
    ];
    const { page: now } = await examinePage(page, { houseStyle: style({}), today, edits });
    expect(now.titles[0]?.text).toBe("Kit for a brass lamp: Brass lamp kit");
  });

  it("has structured data beyond the common part expanded, also where the redraft has written it", async () => {
    const block = '{"@context":{"@vocab":"http://schema.org/","of":"@nest"},"@type":"Person","of":{"nme":"Odile"}}';
    const source = (json: string) => `${LAMP}<script type="application/ld+json">${json}</script>`;
    const data = async (json: string, edits: readonly Edit[] = []) =>
      (await examinePage(readPage(source(json), { address }), { houseStyle: style({}), today, edits })).findings
        .filter(({ rule }) => rule.startsWith("data/"))
        .map(({ message }) => message)
        .join(" ");
    expect(await data(block)).toContain("nme");
    const plain = '{"@context":"https://schema.org","@type":"Product","name":"Lamp"}';
    expect(await data(plain)).not.toContain("nme");
    expect(await data(plain, [{ op: "set-data", id: "d", value: block, was: plain } as Edit])).toContain("nme");
  });

  it("is, on the desk, the same in two steps", async () => {
    const page = readPage(LAMP, { address });
    const given = {
      houseStyle: style({}),
      today,
      phrase: " lamp ",
      edits: [{ op: "set-slug", value: "kit", was: "lamp" } as Edit],
    };
    const { findings: _, days: __, ...examined } = await examinePage(page, given);
    expect(redraftPage(page, given)).toEqual(examined);
    expect(examined.rules.phrase).toBe("lamp");
  });
});
