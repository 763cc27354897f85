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
    const { findings: _, ...examined } = await examinePage(page, given);
    expect(redraftPage(page, given)).toEqual(examined);
    expect(examined.rules.phrase).toBe("lamp");
  });
});
