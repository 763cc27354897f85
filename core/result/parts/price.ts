import { contentBlocks } from "../../page/body.ts";
import { pricesIn } from "../../structured-data/agreement.ts";
import { type Entity, textOf, valuesOf } from "../../structured-data/graph.ts";
import { entitiesOf, type PageData } from "../../structured-data/page-data.ts";
import { featureStates, listed, localeOf, type PartReader } from "./part.ts";

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

/** An amount of a currency in a language; as it is written where the currency is none. */
export function priceInResult(amount: string, currency: string, language: string): string {
  const number = Number(amount.replace(",", "."));
  if (amount === "" || Number.isNaN(number)) return "";
  try {
    return new Intl.NumberFormat(localeOf(language), { style: "currency", currency }).format(number);
  } catch {
    // A currency that is none is named by a finding; the amount is still told.
    return `${amount} ${currency}`.trim();
  }
}

/** Price and stock of the first product for sale. */
export const price: PartReader = ({ page, data, language }) => {
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
  const [state] = featureStates(data, "product-for-sale");
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
  for (const offer of within(data, state.entity, "offers")) {
    const [specified] = within(data, offer, "priceSpecification");
    const of = (name: string) => textOf(offer, name) || (specified ? textOf(specified, name) : "");
    const low = textOf(offer, "lowPrice");
    const shown = priceInResult(of("price") || low, of("priceCurrency"), language);
    if (shown === "") continue;
    const stock = STOCK[textOf(offer, "availability").replace(/^https?:\/\/schema\.org\//, "")];
    return part(
      [low && !of("price") ? `from ${shown}` : shown, ...(stock ? [stock] : [])],
      `Its product states ${listed(["a price", "its currency", ...(stock ? ["whether it is in stock"] : [])])}.`,
    );
  }
  return part([], "Its product states no price.", ["a price and its currency"]);
};
