import type { Page } from "../../page/page.ts";
import { type FeatureState, featuresOf } from "../../structured-data/features.ts";
import { type Entity, schemaName, textOf } from "../../structured-data/graph.ts";
import type { PageData } from "../../structured-data/page-data.ts";

/** What may stand in a search result beside title and description. */
export type PartId =
  | "site-name"
  | "trail"
  | "description"
  | "date"
  | "rating"
  | "price"
  | "event-dates"
  | "questions"
  | "site-links"
  | "picture";

/** One part of a page's search result: what is shown of it, and why it is there or not. */
export interface ResultPart {
  id: PartId;
  /** As it is called on screen: “Price and stock”. */
  label: string;
  /** What stands in the result, piece by piece; empty where it is not earned. */
  shown: readonly string[];
  /** A sentence: why it is there, or why it is not. */
  why: string;
  /** What the page would have to state to earn it; empty where it is earned, and where nothing earns it. */
  needs: readonly string[];
  /** What is drawn when it is tried on; null where it is earned, or makes no sense. */
  tried: readonly string[] | null;
}

/** What parts are read from. */
export interface PartBasis {
  page: Page;
  data: PageData;
  /** BCP 47 tag that dates and numbers are written in. */
  language: string;
  /** What was searched for; "" for nothing. */
  query: string;
  /** What the site is called; "" where that is not known. */
  called: string;
  /** The day, as ISO 8601 has it, for what is tried on. */
  today: string;
}

/** A file of this folder: reads one part of the result. */
export type PartReader = (basis: PartBasis) => ResultPart;

/** How the page stands to a search feature; the best of several entities first. */
export const featureStates = (data: PageData, id: string): FeatureState[] =>
  featuresOf(data)
    .filter(({ feature, aimed }) => feature.id === id && aimed)
    .sort((a, b) => a.missing.length - b.missing.length);

/** The member of one of schema.org's enumerations that an entity states, such as “InStock”; "" for none. */
export function memberOf(entity: Entity, property: string): string {
  const stated = textOf(entity, property);
  return schemaName(stated) ?? stated;
}

/** “a price, currency of the price and a name”. */
export const listed = (labels: readonly string[]): string =>
  labels.length < 2 ? (labels[0] ?? "") : `${labels.slice(0, -1).join(", ")} and ${labels.at(-1)}`;

/** A language that `Intl` takes: the page's where it is one, else English. */
export function localeOf(language: string): string {
  try {
    return Intl.getCanonicalLocales(language)[0] ?? "en";
  } catch {
    // What the page states is no tag at all.
    return "en";
  }
}

const formats = new Map<string, Intl.DateTimeFormat>();

/** How results write days in a language, as CLDR has it: “12 Nov 2026”, “12. Nov. 2026”. */
export function daysIn(language: string): Intl.DateTimeFormat {
  const locale = localeOf(language);
  let format = formats.get(locale);
  if (!format) {
    format = new Intl.DateTimeFormat(locale === "en" ? "en-GB" : locale, {
      day: "numeric",
      month: "short",
      year: "numeric",
      timeZone: "UTC",
    });
    formats.set(locale, format);
  }
  return format;
}

/** A day as results write it. `day` begins as ISO 8601 has it. */
export const dayInResult = (day: string, language: string): string =>
  daysIn(language).format(new Date(`${day.slice(0, 10)}T00:00:00Z`));
