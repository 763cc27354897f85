import { languageOf, type Page } from "../page/page.ts";
import { type WrittenNames, writtenNames } from "../phrase/written-names.ts";
import type { HouseStyle } from "../settings/house-style.ts";
import { nameOf } from "../structured-data/graph.ts";
import { dataOf } from "../structured-data/page-data.ts";
import { isKindOf } from "../structured-data/vocabulary.ts";

/** As much of a block as shows how words are written, in UTF-16 code units. */
const ENOUGH = 3000;
const PROSE: ReadonlySet<string> = new Set(["p", "li", "dd", "blockquote", "figcaption", "td", "div"]);

const namesByPage = new WeakMap<
  Page["blocks"],
  { data: Page["data"]; language: string; brand: string; names: WrittenNames }
>();

/** What a page writes with capitals: in its text, in its data, and as its site's name. Looked for once for the same blocks. */
export function namesOnPage(page: Page, { brand, data }: HouseStyle): WrittenNames {
  const language = languageOf(page) || "en";
  const before = namesByPage.get(page.blocks);
  if (before?.data === page.data && before.language === language && before.brand === brand) return before.names;
  const texts = page.blocks.filter(({ tag }) => PROSE.has(tag)).map(({ text }) => text.slice(0, ENOUGH));
  const stated = dataOf(page)
    .entities.filter(({ types }) =>
      types.some((type) => ["Person", "Place", "Organization"].some((one) => isKindOf(type, one))),
    )
    .map(nameOf);
  const names = writtenNames(texts, language, [...stated, brand, data?.organisation?.name ?? ""].filter(Boolean));
  namesByPage.set(page.blocks, { data: page.data, language, brand, names });
  return names;
}
