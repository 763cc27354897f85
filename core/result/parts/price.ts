import { contentBlocks } from "../../page/body.ts";
import { pricesIn } from "../../structured-data/agreement.ts";
import { hasEnded } from "../../structured-data/ends.ts";
import { type Entity, textOf, valuesOf } from "../../structured-data/graph.ts";
import { entitiesOf, type PageData } from "../../structured-data/page-data.ts";
import { featureStates, listed, localeOf, memberOf, type PartReader } from "./part.ts";

/** schema.org's ItemAvailability in words. */
const STOCK: Readonly<Record<string, string>> = {
  InStock: "In stock",
  LimitedAvailability: "Limited stock",
  OnlineOnly: "Online only",
  InStoreOnly: "In store only",
  OutOfStock: "Out of stock",
  SoldOut: "Sold out",
  Discontinued: "Discontinued",
  PreOrder: "To be ordered in advance",
  PreSale: "To be ordered in advance",
  BackOrder: "On back order",
};

const within = (data: PageData, entity: Entity, name: string) =>
  valuesOf(entity, name).flatMap((value) => [...entitiesOf(data, value)]);

/** What formats amounts of a currency in a language; null where the currency is none. */
function amountsIn(currency: string, language: string): Intl.NumberFormat | null {
  try {
    return new Intl.NumberFormat(localeOf(language), { style: "currency", currency });
  } catch {
    // A currency that is none is named by a finding; the amount is still told.
    return null;
  }
}

const numberOf = (amount: string) => (amount === "" ? Number.NaN : Number(amount.replace(",", ".")));

/** An amount of a currency in a language, or from the least to the greatest; as it is written where the currency is none. */
export function priceInResult(amount: string, currency: string, language: string, most = amount): string {
  const [least, greatest] = [numberOf(amount), numberOf(most)];
  if (Number.isNaN(least)) return "";
  const amounts = amountsIn(currency, language);
  if (!amounts) return `${amount} ${currency}`.trim();
  return greatest > least ? amounts.formatRange(least, greatest) : amounts.format(least);
}

/** A price as an offer states it. */
interface Stated {
  least: string;
  /** The greatest; "" where only the least is stated, the same where there is one. */
  most: string;
  currency: string;
  /** In words; "" where it is not stated. */
  stock: string;
}

function statedIn(data: PageData, offer: Entity): Stated | null {
  const [specified] = within(data, offer, "priceSpecification");
  const of = (name: string) => textOf(offer, name) || (specified ? textOf(specified, name) : "");
  const [own, low] = [of("price"), textOf(offer, "lowPrice")];
  if (Number.isNaN(numberOf(own || low))) return null;
  return {
    least: own || low,
    most: own || textOf(offer, "highPrice"),
    currency: of("priceCurrency"),
    stock: STOCK[memberOf(offer, "availability")] ?? "",
  };
}

/** Of several variants the least and the greatest price; those of another currency than the first are left out. */
function together(all: readonly Stated[]): Stated | null {
  const [first] = all;
  if (!first) return null;
  const same = all.filter(({ currency }) => currency === first.currency);
  const ordered = same
    .flatMap(({ least, most }) => [least, most].filter(Boolean))
    .sort((a, b) => numberOf(a) - numberOf(b));
  const stocks = new Set(same.map(({ stock }) => stock));
  const inStock = STOCK.InStock ?? "";
  return {
    ...first,
    least: ordered[0] ?? first.least,
    most: ordered.at(-1) ?? first.most,
    stock: stocks.has(inStock) ? inStock : stocks.size === 1 ? first.stock : "",
  };
}

/** Price and stock of the first product for sale; of one in variants the prices of all. */
export const price: PartReader = ({ page, data, language, today }) => {
  const onPage = () => {
    for (const { block } of contentBlocks(page)) {
      const found = pricesIn(block.text).find(({ amount }) => amount > 0);
      if (found) return found.text;
    }
    return null;
  };
  const part = (shown: string[], why: string, needs: string[] = []) => ({
    id: "price" as const,
    label: "Price and stock",
    shown,
    why,
    needs,
    tried: shown.length > 0 ? null : [onPage() ?? priceInResult("10", "GBP", language), "In stock"],
  });
  const [single] = featureStates(data, "product-for-sale");
  const state = single ?? featureStates(data, "product-variants")[0];
  if (!state) {
    const written = onPage();
    return part([], written ? `The page shows ${written}, but states no product.` : "The page states no product.", [
      "a Product with an offer: its price, currency and availability",
    ]);
  }
  if (state.missing.length > 0)
    return part(
      [],
      "Its product lacks something.",
      state.missing.map(({ label }) => label),
    );
  const products = [state.entity, ...within(data, state.entity, "hasVariant")];
  const offers = products.flatMap((one) => within(data, one, "offers"));
  const current = offers.filter((offer) => !hasEnded(offer, today));
  const all = current.flatMap((offer) => statedIn(data, offer) ?? []);
  const stated = single ? all[0] : together(all);
  if (!stated) {
    if (current.length < offers.length)
      return part([], "Its price is stated as valid until a day that has passed.", ["a price that still holds"]);
    return part([], "Its product states no price.", ["a price and its currency"]);
  }
  const { least, most, currency, stock } = stated;
  const shown = priceInResult(least, currency, language, most || least);
  const says = listed(["a price", "its currency", ...(stock ? ["whether it is in stock"] : [])]);
  return part(
    [most === "" ? `from ${shown}` : shown, ...(stock ? [stock] : [])],
    single ? `Its product states ${says}.` : `Its variants state ${says}.`,
  );
};
