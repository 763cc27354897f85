import { type Cut, cutText } from "../measure/cut.ts";
import type { BoldRange } from "../measure/width.ts";
import { descriptionOf, languageOf, type Page, titleOf } from "../page/page.ts";
import { boldWords } from "../phrase/match.ts";
import type { ResultLimits } from "../settings/house-style.ts";
import { breadcrumbOf } from "./breadcrumb.ts";
import { type Device, descriptionStyle, titleStyle } from "./styles.ts";

/** A title as it is set on a device. */
export function setTitle(text: string, device: Device, limits: ResultLimits): Cut {
  const widths = device === "desktop" ? [limits.titleDesktop] : [limits.titleMobile, limits.titleMobile];
  return cutText(text, widths, titleStyle(device));
}

/** A description as it is set on a device, with the phrase's words in bold. */
export function setDescription(
  text: string,
  device: Device,
  limits: ResultLimits,
  bold: readonly BoldRange[] = [],
): Cut {
  const limit = device === "desktop" ? limits.descriptionDesktop : limits.descriptionMobile;
  return cutText(text, [limit], descriptionStyle(device), bold);
}

export interface SearchResult {
  title: Cut;
  /** Host, then the segments of the path or of the breadcrumb. */
  trail: string[];
  /** Whether the trail is the breadcrumb of the page's structured data. */
  trailFromData: boolean;
  description: Cut;
  bold: BoldRange[];
}

/** Host and path as a trail; the page's breadcrumb in its structured data takes the path's place. */
function trailOf(page: Pick<Page, "address" | "data">): { trail: string[]; trailFromData: boolean } {
  let url: URL;
  try {
    url = new URL(page.address);
  } catch {
    return { trail: page.address.split("/").filter(Boolean), trailFromData: false };
  }
  const names = breadcrumbOf(page.data.map((block) => block.text));
  const segments = url.pathname.split("/").filter(Boolean).map(decodeSegment);
  return { trail: [url.host, ...(names ?? segments)], trailFromData: names !== null };
}

function decodeSegment(segment: string): string {
  try {
    return decodeURIComponent(segment);
  } catch {
    return segment;
  }
}

/** What a searcher sees of a page on a device. */
export function resultOf(page: Page, device: Device, limits: ResultLimits, phrase: string | null): SearchResult {
  const description = descriptionOf(page);
  const bold = phrase ? boldWords(phrase, description, { language: languageOf(page) }) : [];
  return {
    title: setTitle(titleOf(page), device, limits),
    ...trailOf(page),
    description: setDescription(description, device, limits, bold),
    bold,
  };
}
