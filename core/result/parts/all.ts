import { languageOf, type Page } from "../../page/page.ts";
import { dataOf } from "../../structured-data/page-data.ts";
import { date } from "./date.ts";
import { description } from "./description.ts";
import { eventDates } from "./event-dates.ts";
import type { PartBasis, PartId, PartReader, ResultPart } from "./part.ts";
import { picture } from "./picture.ts";
import { price } from "./price.ts";
import { questions } from "./questions.ts";
import { rating } from "./rating.ts";
import { siteLinks } from "./site-links.ts";
import { siteName } from "./site-name.ts";
import { trail } from "./trail.ts";

/** In the order in which a searcher meets them. */
const READERS: Readonly<Record<PartId, PartReader>> = {
  "site-name": siteName,
  trail,
  date,
  description,
  rating,
  price,
  "event-dates": eventDates,
  questions,
  "site-links": siteLinks,
  picture,
};

/** What may stand in a page's search result, part by part: shown or not, and why. Written from memory of documentation. */
export function partsOf(page: Page, basis: Omit<PartBasis, "page" | "data" | "language">): ResultPart[] {
  const data = dataOf(page);
  return Object.values(READERS).map((read) => read({ ...basis, page, data, language: languageOf(page) }));
}
