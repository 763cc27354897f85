import { contentBlocks, h1Block } from "../../page/body.ts";
import type { Page } from "../../page/page.ts";
import { dateIn } from "../../structured-data/dates.ts";
import { dateOf } from "../../structured-data/formats.ts";
import { textOf } from "../../structured-data/graph.ts";
import { isKindOf } from "../../structured-data/vocabulary.ts";
import { dayInResult, type PartReader } from "./part.ts";

/** Blocks behind the H1 among which a line with a date is looked for, and its longest length, in UTF-16 code units. */
const NEAR = 4;
const LINE = 80;
const DATED = ["Article", "WebPage", "Recipe", "VideoObject", "HowTo"];

/** The date before the description: the day that is stated, or shown in a line near the H1. From memory of documentation. */
export const date: PartReader = ({ page, data, language, today }) => {
  const part = (day: string | null, why: string, needs: string[] = []) => ({
    id: "date" as const,
    label: "Date before the description",
    shown: day === null ? [] : [dayInResult(day, language)],
    why,
    needs,
    tried: day === null ? [dayInResult(today, language)] : null,
  });
  // Nothing was published on a day that is still to come.
  let toCome = false;
  const isToCome = (day: string) => {
    const future = day > today;
    toCome ||= future;
    return future;
  };
  for (const [name, words] of [
    ["dateModified", "changed"],
    ["datePublished", "published"],
  ] as const) {
    for (const entity of data.entities) {
      if (!entity.types.some((type) => DATED.some((kind) => isKindOf(type, kind)))) continue;
      const day = dayOf(textOf(entity, name));
      if (day === null || isToCome(day)) continue;
      return part(day, `The page states it as the day on which it was ${words}.`);
    }
  }
  for (const property of ["article:modified_time", "article:published_time"]) {
    const day = dayOf(page.metas.find((meta) => meta.property === property)?.content?.trim() ?? "");
    if (day !== null && !isToCome(day)) return part(day, `The page states it as ${property}.`);
  }
  const line = datedLine(page, language);
  if (line && !isToCome(line.start)) return part(line.start, `It stands near the top of the page: “${line.exact}”.`);
  return part(
    null,
    toCome ? "The day that it states is still to come." : "The page states no date, and shows none near its top.",
    ["datePublished or dateModified of an article"],
  );
};

/** The day of a date of ISO 8601, YYYY-MM-DD, as it is written with its time zone; null where it is none. */
function dayOf(text: string): string | null {
  const at = dateOf(text);
  if (at === null) return null;
  return /^\d{4}-\d\d-\d\d/.exec(text)?.[0] ?? new Date(at).toISOString().slice(0, 10);
}

/** A date in one of the short lines behind the H1: “Posted on 3 May 2026”. */
function datedLine(page: Page, language: string) {
  const blocks = contentBlocks(page);
  const h1 = blocks.findIndex(({ index }) => index === h1Block(page));
  for (const { block } of blocks.slice(Math.max(0, h1), Math.max(0, h1) + NEAR + 1)) {
    const found = block.text.length <= LINE ? dateIn(block.text, language) : null;
    // Two days are those of something that takes place, not of the page.
    if (found && found.end === null) return found;
  }
  return null;
}
