import { decoded } from "../address/address.ts";
import { slugOf } from "../address/slug.ts";
import { countCharacters } from "../measure/cut.ts";
import { contentBlocks } from "../page/body.ts";
import type { Page, Range, TextBlock } from "../page/page.ts";
import { descriptionElements, languageOf } from "../page/page.ts";
import { findPhrase } from "../phrase/match.ts";
import type { Match } from "../phrase/phrase-finder.ts";

/** Curly quotes around a text, shortened in the middle of nowhere when it is long. */
export function quote(text: string, limit = 80): string {
  return `“${text.length > limit ? `${text.slice(0, limit - 1).trimEnd()}…` : text}”`;
}

/** A quotation that ends a sentence: its own closing punctuation gives way. */
export const quoteEnd = (text: string) => `${quote(text.replace(/[\s.,;:!?…]+$/, ""))}.`;

export const rounded = (px: number) => String(Math.round(px));

const numbers = new Intl.NumberFormat("en-GB");

/** “1 word”, “3 words”. */
export function counted(n: number, one: string, many = `${one}s`): string {
  return `${numbers.format(n)} ${n === 1 ? one : many}`;
}

/** “a”, “a or b”, “a, b or c”. */
export const listed = (names: readonly string[]): string =>
  names.length < 2 ? (names[0] ?? "") : `${names.slice(0, -1).join(", ")} or ${names.at(-1)}`;

export const charactersOf = countCharacters;

/** Where a title or description stands in the source, for a finding's place. */
export const titleRange = (page: Page): Range | null => page.titles[0]?.range ?? null;
export const descriptionRange = (page: Page): Range | null => descriptionElements(page)[0]?.range ?? null;

/** Every place of the target phrase in a text of the page. */
export function phraseIn(text: string, phrase: string, page: Page): Match[] {
  return findPhrase(phrase, text, { language: languageOf(page) });
}

/** Whether a text names a place, in any form of its words but in their order. */
export const namesPlace = (text: string, place: string, page: Page): boolean =>
  phraseIn(text, place, page).some(({ kind }) => kind !== "scattered");

const inBodies = new WeakMap<Page["blocks"], { phrase: string; language: string; found: BodyMatch[] }>();

/** A place of the target phrase in a block of the content. */
export interface BodyMatch {
  block: TextBlock;
  index: number;
  match: Match;
}

/** Every place of the target phrase in the content, found once for the rules that look for it. */
export function phraseInBody(page: Page, phrase: string): BodyMatch[] {
  const language = languageOf(page);
  const known = inBodies.get(page.blocks);
  if (known?.phrase === phrase && known.language === language) return known.found;
  const found = contentBlocks(page).flatMap(({ block, index }) =>
    phraseIn(block.text, phrase, page).map((match) => ({ block, index, match })),
  );
  inBodies.set(page.blocks, { phrase, language, found });
  return found;
}

/** A page's slug as a reader sees it: percent-encoding undone where that is possible. */
export function readableSlug(page: Page): string {
  return decoded(slugOf(page.address));
}
