import type { Page } from "../page/page.ts";

/** A page before its redraft was handed over, as the redraft would leave it, and as the site has it now. */
export interface Handing {
  before: Page;
  /** With all of the redraft done, each edit as it was handed over where it was. */
  expected: Page;
  /** What was handed over, and the page with it, where the site has exactly that; null where it has something else. */
  exactly: { edits: readonly object[]; page: Page } | null;
}

const times = <T>(all: readonly T[], is: (one: T) => boolean) => all.filter(is).length;

/** Whether something stands on the page as often as in what was handed over, and otherwise than before. */
export function standsAsHanded(now: Page, { before, expected }: Handing, count: (page: Page) => number): boolean {
  const there = count(now);
  return there === count(expected) && there !== count(before);
}

export const headingsAsHanded = (now: Page, handing: Handing, text: string, level?: number): boolean =>
  standsAsHanded(now, handing, (page) =>
    times(page.headings, (one) => one.text === text && (level ?? one.level) === one.level),
  );

export const blocksAsHanded = (now: Page, handing: Handing, text: string): boolean =>
  standsAsHanded(now, handing, (page) => times(page.blocks, (one) => one.text === text));

export const linksAsHanded = (now: Page, handing: Handing, is: (link: Page["links"][number]) => boolean): boolean =>
  standsAsHanded(now, handing, (page) => times(page.links, is));

/** Whether the heading that an edit has made stands there. */
export function newHeadingAsHanded(now: Page, handing: Handing, slot: string): boolean {
  const heading = handing.expected.headings.find(({ createdBy }) => createdBy === slot);
  return heading !== undefined && headingsAsHanded(now, handing, heading.text, heading.level);
}

export const sameKey = (a: object, b: object): boolean => JSON.stringify(a) === JSON.stringify(b);
