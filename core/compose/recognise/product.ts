import { pathOf } from "../../address/address.ts";
import { contentBlocks } from "../../page/body.ts";
import type { Page } from "../../page/page.ts";
import { pricesIn } from "../../structured-data/agreement.ts";
import { isGtin, isIsbn } from "../../structured-data/formats.ts";
import { about, type Collecting, type Recogniser, segmentsOf } from "./collecting.ts";
import { bare, labelled } from "./labelled.ts";

const SIGNS: Record<string, string> = { "£": "GBP", "€": "EUR", $: "USD", "¥": "JPY", "₹": "INR" };
const STOCK: [RegExp, string][] = [
  [/\b(?:out of stock|sold out|ausverkauft|épuisé)\b/i, "OutOfStock"],
  [/\b(?:in stock|auf lager|en stock)\b/i, "InStock"],
  [/\bpre-?order\b/i, "PreOrder"],
];

/** The currency of a price as it is written; null where its sign is not told. */
export function currencyOf(price: string): string | null {
  const sign = Object.keys(SIGNS).find((one) => price.includes(one));
  if (sign) return SIGNS[sign] ?? null;
  const code = /\b(?:GBP|EUR|USD|CHF)\b/.exec(price)?.[0];
  return code ?? (/pounds?/i.test(price) ? "GBP" : /euros?/i.test(price) ? "EUR" : null);
}

/** Writes the first price of the content into an entity's offers; false where the page shows none. */
export function offers(page: Page, entity: Collecting): boolean {
  for (const { block, index } of contentBlocks(page)) {
    const price = pricesIn(block.text).find(({ amount }) => amount > 0);
    if (!price) continue;
    entity.set(["offers", "@type"], "Offer");
    entity.from(["offers", "price"], price.amount.toFixed(2), index, price.text);
    const currency = currencyOf(price.text);
    if (currency) entity.set(["offers", "priceCurrency"], currency);
    return true;
  }
  return false;
}

/** A price on a page of a shop, or beside words of stock or a trade item number. */
export const product: Recogniser = ({ page }) => {
  const entity = about(page, "name");
  if (!entity) return null;
  const blocks = contentBlocks(page);
  const stocked = blocks.find(({ block }) => STOCK.some(([words]) => words.test(block.text)));
  const numbered = blocks.flatMap(({ block, index }) => {
    const found = /\b(GTIN|EAN|ISBN|SKU)(?:-1[03])?:?\s*([\dA-Z][\dA-Z -]{3,20}[\dA-Z])/i.exec(block.text);
    return found ? [{ kind: (found[1] ?? "").toUpperCase(), text: (found[2] ?? "").trim(), index }] : [];
  });
  const shop = /\/(?:shop|store|products?|boutique|laden)\//i.test(pathOf(page.address));
  if (!shop && !stocked && numbered.length === 0) return null;
  // Elsewhere than in a shop a price must stand near the words that speak of a sale.
  const near = (at: number) =>
    blocks.some(
      ({ block, index }) => Math.abs(index - at) < 4 && pricesIn(block.text).some(({ amount }) => amount > 0),
    );
  if (!shop && ![stocked?.index, numbered[0]?.index].some((at) => at !== undefined && near(at))) return null;
  const priced = offers(page, entity);
  // A page of a shop sells something, though it may not say for how much; its shelves do not.
  const one =
    shop && segmentsOf(page).length > 1 && page.links.filter(({ landmark }) => landmark === "main").length < 3;
  if (!priced && !one) return null;
  for (const { kind, text, index } of numbered) {
    if (kind === "SKU") entity.from(["sku"], text, index);
    else if (kind === "ISBN" && isIsbn(text)) entity.from(["isbn"], text, index);
    else if (isGtin(text.replace(/\D/g, ""))) entity.from(["gtin"], text.replace(/\D/g, ""), index, text);
  }
  const brand = labelled(page, /^(?:brand|made by|maker|marke|marque)$/i);
  if (brand) {
    entity.set(["brand", "@type"], "Brand");
    entity.from(["brand", "name"], bare(brand.value), brand.block);
  }
  const stock = stocked && STOCK.find(([words]) => words.test(stocked.block.text));
  if (stocked && stock)
    entity.from(
      ["offers", "availability"],
      `https://schema.org/${stock[1]}`,
      stocked.index,
      stock[0].exec(stocked.block.text)?.[0],
    );
  const { price } = (entity.entity.offers ?? {}) as { price?: string };
  const found = price ? `a price, ${price}` : "a page of the shop that shows no price";
  return entity.proposal("Product", `${found}${stock ? ", and whether it is in stock" : ""}`);
};
