import { contentHeadings } from "../page/body.ts";
import type { Heading, Page } from "../page/page.ts";

/** Headings that stand together, with no text between them. */
export function standTogether(first: Heading, second: Heading): boolean {
  return first.block >= 0 && second.block === first.block + 1;
}

/** The headings below one, up to the next of its level or higher. */
export function partsBelow(headings: readonly Heading[], index: number): Heading[] {
  const level = headings[index]?.level ?? 6;
  const end = headings.findIndex((one, i) => i > index && one.level <= level);
  return headings.slice(index + 1, end < 0 ? undefined : end);
}

/** Whether a level is left out where headings are taken away: the next one would be two levels below the one before them. */
export function skipsWithout(headings: readonly Heading[], first: number, last = first): boolean {
  const next = headings[last + 1]?.level;
  return next !== undefined && next > (headings[first - 1]?.level ?? 1) + 1;
}

/** H1s of the content that stand side by side and read as one title; fewer than two where there are none. */
export function runOfH1s(page: Pick<Page, "headings">): Heading[] {
  const all = contentHeadings(page).map(({ heading }) => heading);
  const from = all.findIndex((one, i) => {
    const next = all[i + 1];
    return one.level === 1 && next?.level === 1 && standTogether(one, next);
  });
  if (from < 0) return [];
  let to = from + 1;
  while (all[to + 1]?.level === 1 && standTogether(all[to] as Heading, all[to + 1] as Heading)) to++;
  return all.slice(from, to + 1);
}
