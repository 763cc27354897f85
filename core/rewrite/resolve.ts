import type { Heading, HeadingKey, Page } from "../page/page.ts";

/** A heading that was found again, or why it was not. */
export type Resolved = { index: number } | { reason: string };

const quote = (text: string) => `“${text.length > 60 ? `${text.slice(0, 57)}…` : text}”`;

/**
 * Finds the heading that a key names. A changed count of equal headings or other neighbours is a conflict: another heading
 * with the same text is never taken instead.
 */
export function findHeading(page: Page, key: HeadingKey): Resolved {
  const equal: number[] = [];
  page.headings.forEach((heading: Heading, i) => {
    if (heading.text === key.text) equal.push(i);
  });
  if (equal.length === 0) return { reason: `The heading ${quote(key.text)} is not on this page.` };
  if (key.of !== undefined && key.of !== equal.length) {
    return {
      reason: `The page has ${equal.length} headings ${quote(key.text)}; there were ${key.of}. Choose the heading again.`,
    };
  }
  if (key.nth === undefined && equal.length > 1) {
    return { reason: `The page has ${equal.length} headings ${quote(key.text)}. Say which with "nth" and "of".` };
  }
  const index = equal[(key.nth ?? 1) - 1];
  if (index === undefined) return { reason: `There is no ${key.nth}. heading ${quote(key.text)} on this page.` };
  const { before, after } = page.headings[index]?.key ?? {};
  const moved = (key.before !== undefined && key.before !== before) || (key.after !== undefined && key.after !== after);
  if (moved) return { reason: `The headings around ${quote(key.text)} have changed. Choose the heading again.` };
  return { index };
}
