import { emptyPage } from "../page/empty.ts";
import { statedMeta } from "../page/fields.ts";
import { keyHeadings, plainHeading } from "../page/headings.ts";
import { originalFromText } from "../page/original.ts";
import type { Page } from "../page/page.ts";
import type { PageSummary } from "./page-summary.ts";

/** A page as far as its summary tells it: rules that say `fromSummary` find on it what they find on the page. */
export function pageOfSummary(summary: PageSummary): Page {
  const page = emptyPage(summary.address, " ", originalFromText(" "));
  page.titles = summary.title ? [{ text: summary.title, where: "head", range: null }] : [];
  page.metas = summary.description ? [statedMeta("description", summary.description)] : [];
  page.language = summary.language ? { value: summary.language, range: { start: 0, end: 0 } } : null;
  page.headings = Array.from(summary.headings, ([level, text]) => plainHeading(level, text));
  keyHeadings(page.headings);
  return page;
}
