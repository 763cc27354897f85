import { type Cut, cutText, wrapText } from "../measure/cut.ts";
import { type BoldRange, widthOf } from "../measure/width.ts";
import { descriptionOf, languageOf, type Page, titleOf } from "../page/page.ts";
import { boldWords } from "../phrase/match.ts";
import type { ResultLimits } from "../settings/house-style.ts";
import { type Device, descriptionLine, descriptionStyle, titleStyle } from "./styles.ts";
import { trailOf } from "./trail.ts";

/** A title as it is set on a device. */
export function setTitle(text: string, device: Device, limits: ResultLimits): Cut {
  const widths = device === "desktop" ? [limits.titleDesktop] : [limits.titleMobile, limits.titleMobile];
  return cutText(text, widths, titleStyle(device));
}

/** A description as it is set on a device, with words in bold and perhaps a date before it, which takes its room. */
export function setDescription(
  text: string,
  device: Device,
  limits: ResultLimits,
  bold: readonly BoldRange[] = [],
  lead = "",
): Cut {
  const limit = device === "desktop" ? limits.descriptionDesktop : limits.descriptionMobile;
  return cutText(text, [limit - leadWidth(lead, device)], descriptionStyle(device), bold);
}

/** What a date takes of the first line of a description, in px. */
export const leadWidth = (lead: string, device: Device): number =>
  lead === "" ? 0 : widthOf(lead, descriptionStyle(device));

/** A date as it stands before the description; "" for none. */
export const leadOf = (date: string): string => (date === "" ? "" : `${date} — `);

export interface SearchResult {
  title: Cut;
  /** Host, then the segments of the path or of the breadcrumb. */
  trail: string[];
  /** Whether the trail is the breadcrumb of the page's structured data. */
  trailFromData: boolean;
  description: Cut;
  /** Words of the query, in any form, in the description. */
  bold: BoldRange[];
}

/** The words of a result, of whatever page. */
export interface ResultTexts {
  title: string;
  description: string;
  /** Stands before the description: “12 Nov 2026 — ”. */
  lead?: string;
}

/** Words of a query in a text, in any form. */
export const boldOf = (query: string | null, text: string, language: string): BoldRange[] =>
  query ? boldWords(query, text, { language }) : [];

/** The lines in which a result's texts are drawn on a device, cuts and all. */
export function drawnLines(
  { title, description, lead = "" }: ResultTexts,
  device: Device,
  limits: ResultLimits,
  bold: readonly BoldRange[] = [],
): { title: string[]; description: string[] } {
  const shownTitle = setTitle(title, device, limits).shown;
  const shown = setDescription(description, device, limits, bold, lead).shown;
  const box = device === "desktop" ? limits.titleDesktop : limits.titleMobile;
  const line = descriptionLine(device, limits);
  return {
    title: wrapText(shownTitle, box, titleStyle(device)),
    description: wrapText(shown, line, descriptionStyle(device), bold, leadWidth(lead, device)),
  };
}

/** What a searcher sees of a page on a device. */
export function resultOf(
  page: Page,
  device: Device,
  limits: ResultLimits,
  query: string | null,
  lead = "",
): SearchResult {
  const description = descriptionOf(page);
  const bold = boldOf(query, description, languageOf(page));
  return {
    title: setTitle(titleOf(page), device, limits),
    ...trailOf(page),
    description: setDescription(description, device, limits, bold, lead),
    bold,
  };
}
