import { languageOf, type Page, type TextBlock } from "../page/page.ts";
import { type WrittenNames, writtenNames } from "../phrase/written-names.ts";
import type { HouseStyle } from "../settings/house-style.ts";
import { nameOf } from "../structured-data/graph.ts";
import { dataOf } from "../structured-data/page-data.ts";
import { placesInAddresses } from "../structured-data/places-in-addresses.ts";
import { isKindOf } from "../structured-data/vocabulary.ts";

/** As much of a block as shows how words are written, in UTF-16 code units. */
const ENOUGH = 3000;
const PROSE: ReadonlySet<string> = new Set(["p", "li", "dd", "blockquote", "figcaption", "td", "div"]);

const namesByPage = new WeakMap<
  Page["blocks"],
  { data: Page["data"]; language: string; style: HouseStyle; names: WrittenNames }
>();

/** Entities whose names are written with capitals. */
const NAMED = ["Person", "Place", "Organization", "Brand", "Event"];

/** Names that a page's structured data states, and places of the addresses on it. */
function statedNames(page: Page): string[] {
  const named = dataOf(page).entities.filter(({ types }) =>
    types.some((type) => NAMED.some((one) => isKindOf(type, one))),
  );
  return [...named.map(nameOf), ...placesInAddresses(page)].filter(Boolean);
}

/** Whether a block is running text, in which a capital says something: prose, and all of a footer but its headings. */
const isProse = ({ tag, landmark }: TextBlock) =>
  PROSE.has(tag) || (landmark === "contentinfo" && !/^h[1-6]$/.test(tag));

/**
 * What a page writes with capitals: in its text, in its data, as its site's name, and as the house style wants it. Looked for
 * once for the same blocks.
 */
export function namesOnPage(page: Page, style: HouseStyle): WrittenNames {
  const language = languageOf(page) || "en";
  const before = namesByPage.get(page.blocks);
  if (before?.data === page.data && before.language === language && before.style === style) return before.names;
  const texts = page.blocks.filter(isProse).map(({ text }) => text.slice(0, ENOUGH));
  const { brand, data, names: own } = style;
  const stated = [...statedNames(page), brand, data?.organisation?.name ?? "", ...(own?.always ?? [])];
  const names = writtenNames(texts, language, stated.filter(Boolean), own?.never);
  namesByPage.set(page.blocks, { data: page.data, language, style, names });
  return names;
}

/** Names that a site's pages write, those that most pages have first; of German, where nouns have capitals too, only stated ones. */
export function gatherNames(pages: Iterable<Page>, style: HouseStyle): string[] {
  const counts = new Map<string, number>();
  const known = new Set(
    [...(style.names?.always ?? []), ...(style.names?.never ?? [])].map((name) => name.toLowerCase()),
  );
  const [days, stated] = [new Set<string>(), new Set<string>()];
  for (const page of pages) {
    const language = languageOf(page) || "en";
    for (const [lower] of writtenNames([], language).words) days.add(lower);
    const german = /^de\b/i.test(language);
    const { words, phrases } = namesOnPage(page, style);
    const own = new Set(statedNames(page));
    for (const name of own) stated.add(name);
    const written = german ? [] : [...phrases.values(), ...words.values()];
    for (const name of new Set([...own, ...written]))
      counts.set(name, (counts.get(name) ?? 0) + (own.has(name) ? 2 : 1));
  }
  // A word that is written with a capital within a longer name only is no name by itself.
  const within = new Set([...counts.keys()].filter((name) => name.includes(" ")).flatMap((name) => name.split(" ")));
  const several = [...counts].filter(
    ([name, count]) =>
      count > 1 &&
      (stated.has(name) || !within.has(name)) &&
      !known.has(name.toLowerCase()) &&
      !days.has(name.toLowerCase()),
  );
  return several
    .sort((a, b) => b[1] - a[1])
    .slice(0, MOST_NAMES)
    .map(([name]) => name);
}

/** Names that are gathered. */
const MOST_NAMES = 200;
