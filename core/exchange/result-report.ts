import { descriptionOf, type Page, titleOf } from "../page/page.ts";
import type { PageKind } from "../page/page-kind.ts";
import { drawnDescription, type TitleInstead, titlesInstead } from "../result/instead.ts";
import { partsOf } from "../result/parts/all.ts";
import type { PartId } from "../result/parts/part.ts";
import { drawnLines, leadOf, resultOf } from "../result/result.ts";
import type { Device } from "../result/styles.ts";
import { suggestDescriptions } from "../result/suggested/descriptions.ts";
import type { SuggestedText } from "../result/suggested/suggested.ts";
import { suggestTitles } from "../result/suggested/titles.ts";
import { type HouseStyle, limitsOf } from "../settings/house-style.ts";

/** A text of a result on one device. */
export interface DrawnText {
  text: string;
  /** Width on one line, in px. */
  px: number;
  shown: string;
  /** What is cut off; "" for nothing. */
  lost: string;
  lines: string[];
}

/** What one device shows. */
export interface DeviceReport {
  trail: string[];
  title: DrawnText;
  /** `bold` are places in `text`, in UTF-16 code units. */
  description: DrawnText & { lead: string; bold: { start: number; end: number }[] };
}

/** The search result of a page; documented in docs/cli.md. */
export interface ResultReport {
  version: 1;
  file: string;
  query: string;
  desktop: DeviceReport;
  mobile: DeviceReport;
  parts: { id: PartId; shown: readonly string[]; why: string; needs: readonly string[] }[];
  /** What may stand in the place of the title. */
  instead: TitleInstead[];
  /** The description that would be drawn from the page; null where it has no text. */
  drawn: { text: string; words: number; of: number } | null;
}

/** What both devices show of a page for a query, and why. `today` is an ISO 8601 day. */
export function resultReport(
  page: Page,
  { file, query, style, today }: { file: string; query: string; style: HouseStyle; today: string },
): ResultReport {
  const limits = limitsOf(style);
  const parts = partsOf(page, { query, called: style.brand, today });
  const lead = leadOf(parts.find(({ id }) => id === "date")?.shown[0] ?? "");
  const [title, description] = [titleOf(page), descriptionOf(page)];
  const on = (device: Device): DeviceReport => {
    const result = resultOf(page, device, limits, query, lead);
    const lines = drawnLines({ title, description, lead }, device, limits, result.bold);
    const told = (text: string, { px, shown, lost }: typeof result.title, lines: string[]) => ({
      text,
      px: Math.round(px * 100) / 100,
      shown,
      lost,
      lines,
    });
    return {
      trail: result.trail,
      title: told(title, result.title, lines.title),
      description: { ...told(description, result.description, lines.description), lead, bold: result.bold },
    };
  };
  return {
    version: 1,
    file,
    query,
    desktop: on("desktop"),
    mobile: on("mobile"),
    parts: parts.map(({ id, shown, why, needs }) => ({ id, shown, why, needs })),
    instead: titlesInstead(page, style, 0),
    drawn: drawnDescription(page, query, limits),
  };
}

/** What is suggested for a page; documented in docs/cli.md. */
export interface SuggestReport {
  version: 1;
  file: string;
  phrase: string;
  titles: SuggestedText[];
  descriptions: SuggestedText[];
}

/** Titles and descriptions out of a page's own words, where nothing is known of the other pages of its site. */
export function suggestReport(
  page: Page,
  { file, phrase, style, kind }: { file: string; phrase: string; style: HouseStyle; kind: PageKind },
): SuggestReport {
  const basis = { phrase, kind, style, limits: limitsOf(style), helperWords: [], taken: () => false, share: () => 1 };
  const rounded = (list: SuggestedText[]) => list.map((one) => ({ ...one, px: Math.round(one.px * 100) / 100 }));
  return {
    version: 1,
    file,
    phrase,
    titles: rounded(suggestTitles(page, basis)),
    descriptions: rounded(suggestDescriptions(page, basis)),
  };
}
