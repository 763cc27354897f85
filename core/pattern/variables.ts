import { decoded } from "../address/address.ts";
import { slugOf } from "../address/slug.ts";
import { descriptionOf, languageOf, type Page, titleOf } from "../page/page.ts";
import { structuredValues } from "../page/structured-values.ts";
import { firstSentence } from "../result/suggest.ts";
import type { HouseStyle } from "../settings/house-style.ts";
import { withoutBrand } from "../settings/without-brand.ts";

/** What variables are resolved from. `today` is an ISO 8601 date. */
export interface PatternContext {
  /** As `patternPage` has it: a pattern never sees its own result. */
  page: Page;
  houseStyle: Pick<HouseStyle, "brand" | "separator">;
  today: string;
}

/** A named value of the page or the site; "" or null where there is none. */
export interface Variable {
  name: string;
  meaning: string;
  value(context: PatternContext): string | null;
  /** Only of a variable that reads `today`: the days around it on which the value changes, as YYYY-MM-DD. */
  changesOn?(today: string): readonly string[];
}

const named = (page: Page, front: readonly string[], data: readonly string[], meta: readonly string[] = []) => {
  for (const name of front) if (page.values[name]) return page.values[name];
  const { values } = structuredValues(page);
  for (const name of data) if (values[name]) return values[name];
  for (const name of meta) {
    const found = page.metas.find((m) => m.name === name || m.property === name)?.content?.trim();
    if (found) return found;
  }
  return null;
};

const CURRENCY_SIGNS: Record<string, string> = { GBP: "£", EUR: "€", USD: "$" };

function priceOf(page: Page): string | null {
  const amount = named(page, ["price"], ["offers.price", "offers.lowPrice", "price"], ["product:price:amount"]);
  if (amount === null) return null;
  const currency = named(page, ["currency"], ["offers.priceCurrency", "priceCurrency"], ["product:price:currency"]);
  if (!currency || /[^\d.,\s]/.test(amount)) return amount;
  const sign = CURRENCY_SIGNS[currency.toUpperCase()];
  return sign ? `${sign}${amount}` : `${amount} ${currency}`;
}

/** The folder that a page stands in, as words: the last heading of its breadcrumb would say it better, but few pages have one. */
function sectionOf(page: Page): string | null {
  const path = new URL(page.address, "https://site.example/").pathname.split("/").filter(Boolean);
  const folder = path.at(slugOf(page.address) ? -2 : -1);
  if (!folder) return null;
  const words = decoded(folder).replace(/[-_]+/g, " ").trim();
  return words.charAt(0).toUpperCase() + words.slice(1);
}

const month = (page: Page, today: string) => {
  const [language] = Intl.DateTimeFormat.supportedLocalesOf(safeTag(languageOf(page)));
  return new Intl.DateTimeFormat(language ?? "en-GB", { month: "long", timeZone: "UTC" }).format(
    new Date(`${today}T00:00:00Z`),
  );
};

/** The first day of a month; months count from 1, and those past 12 are of the next year. */
const firstOf = (year: number, month: number) => new Date(Date.UTC(year, month - 1, 1)).toISOString().slice(0, 10);
const partsOf = (day: string) => day.split("-").map(Number) as [year: number, month: number];

function safeTag(tag: string): string[] {
  try {
    return Intl.getCanonicalLocales(tag || "en-GB");
  } catch {
    return [];
  }
}

/** Every variable, in the order in which they are offered. */
export const VARIABLES: readonly Variable[] = [
  { name: "site name", meaning: "the name behind the titles", value: ({ houseStyle }) => houseStyle.brand },
  { name: "separator", meaning: "what stands before the name", value: ({ houseStyle }) => houseStyle.separator },
  {
    name: "page heading",
    meaning: "the H1",
    value: ({ page }) => page.headings.find((h) => h.level === 1 && h.text !== "")?.text ?? page.values.title ?? null,
  },
  {
    name: "title",
    meaning: "the title as brought in, without the site's name",
    value: ({ page, houseStyle }) => withoutBrand(titleOf(page), houseStyle.brand),
  },
  { name: "description", meaning: "the description as brought in", value: ({ page }) => descriptionOf(page) },
  { name: "first sentence", meaning: "the first sentence of the text", value: ({ page }) => firstSentence(page) },
  { name: "section", meaning: "the folder in the address", value: ({ page }) => sectionOf(page) },
  {
    name: "year",
    meaning: "this year",
    value: ({ today }) => today.slice(0, 4),
    changesOn(today) {
      const [year] = partsOf(today);
      return [firstOf(year, 1), firstOf(year + 1, 1)];
    },
  },
  {
    name: "month",
    meaning: "this month, in the page's language",
    value: ({ page, today }) => month(page, today),
    changesOn(today) {
      const [year, month] = partsOf(today);
      return [firstOf(year, month), firstOf(year, month + 1)];
    },
  },
  {
    name: "author",
    meaning: "from front matter, structured data or the head",
    value: ({ page }) => named(page, ["author", "author.name"], ["author.name", "author"], ["author"]),
  },
  {
    name: "category",
    meaning: "from front matter, structured data or the head",
    value: ({ page }) =>
      named(page, ["category", "categories", "section"], ["category", "articleSection"], ["article:section"]),
  },
  {
    name: "price",
    meaning: "from front matter or structured data, with its currency",
    value: ({ page }) => priceOf(page),
  },
];

const BY_NAME = new Map(VARIABLES.map((variable) => [variable.name, variable]));

/** The days around `today` on which the value of a name in braces changes by itself. */
export const variableChangesOn = (name: string, today: string): readonly string[] =>
  BY_NAME.get(name.toLowerCase())?.changesOn?.(today) ?? [];

/** The value that a name in braces stands for: a variable, else a front-matter or structured-data value; null where the page has none. */
export function resolveVariable(name: string, context: PatternContext): string | null {
  const variable = BY_NAME.get(name.toLowerCase());
  const value = variable
    ? variable.value(context)
    : (context.page.values[name] ?? structuredValues(context.page).values[name] ?? null);
  return value === null || value.trim() === "" ? null : value;
}
