import type { Page } from "../page/page.ts";
import { applyToPage } from "./apply.ts";
import { type Edit, slotOf } from "./edits.ts";
import { firstDifference } from "./verify.ts";

/** A page before its redraft was handed over, as the redraft would leave it, and as the site has it now. */
export interface Handing {
  before: Page;
  /** With all of the redraft done, each edit as it was handed over where it was. */
  expected: Page;
  /** What was handed over, and the page with it, where the site has exactly that; null where it has something else. */
  exactly: { edits: readonly Edit[]; page: Page } | null;
}

/** `edits` are all of the redraft; where none was handed over, the site may have been given them in another way. */
export function handingOf(before: Page, edits: readonly Edit[], handed: readonly Edit[], now: Page): Handing {
  const lastly = new Map(handed.map((edit) => [slotOf(edit), edit]));
  const all = edits.map((edit) => lastly.get(slotOf(edit)) ?? edit);
  const expected = applyToPage(before, all).page;
  const given = all.filter((edit) => handed.length === 0 || lastly.get(slotOf(edit)) === edit);
  const { page, refused } = applyToPage(before, given);
  const left = new Set(refused.map((one) => one.edit));
  const made = given.filter((edit) => !left.has(edit));
  return { before, expected, exactly: firstDifference(now, page) === null ? { edits: made, page } : null };
}

const times = <T>(all: readonly T[], is: (one: T) => boolean) => all.filter(is).length;

/**
 * Whether the site has done what an edit was to do, by how often its texts stand there: as often as in what was handed over,
 * and otherwise than before.
 */
export function isTakenOver(edit: Edit, now: Page, { before, expected }: Handing): boolean {
  const counted = (count: (page: Page) => number) => {
    const there = count(now);
    return there === count(expected) && there !== count(before);
  };
  const headings = (text: string, level?: number) =>
    counted((page) => times(page.headings, (one) => one.text === text && (level ?? one.level) === one.level));
  const blocks = (text: string) => counted((page) => times(page.blocks, (one) => one.text === text));
  const createdHeading = () => expected.headings.find((heading) => heading.createdBy === slotOf(edit));
  switch (edit.op) {
    case "set-heading-level": {
      const heading = expected.headings.find(({ key }) => sameKey(key, edit.heading));
      return heading !== undefined && headings(heading.text, edit.level);
    }
    case "set-heading-text":
      return headings(edit.value);
    case "remove-heading":
      return headings(edit.was);
    case "make-heading":
    case "merge-headings": {
      const heading = createdHeading();
      return heading !== undefined && headings(heading.text, heading.level);
    }
    case "set-heading-id":
      return counted((page) => times(page.headings, (one) => one.id === edit.value));
    case "set-block-text":
      return blocks(edit.value);
    case "remove-block":
      return blocks(edit.was);
    case "move-block": {
      const beside = (page: Page) =>
        times(page.blocks, (one) => one.text === edit.was) === 1
          ? [-1, 1].map((by) => page.blocks[page.blocks.findIndex(({ text }) => text === edit.was) + by]?.text)
          : null;
      const there = beside(now);
      return there !== null && JSON.stringify(there) === JSON.stringify(beside(expected));
    }
    case "insert-blocks":
      return edit.blocks.every(({ text, tag, links = [] }) =>
        tag === "links"
          ? links.every((link) =>
              counted((page) => times(page.links, (one) => one.href === link.href && one.text === link.text)),
            )
          : blocks(text),
      );
    case "edit-source":
      return now.source.includes(edit.before + edit.value + edit.after);
    case "set-link-text":
      return counted((page) =>
        times(page.links, (link) => link.text === edit.value && edit.link.text.startsWith(`${link.href} `)),
      );
    default:
      return false;
  }
}

export const sameKey = (a: object, b: object): boolean => JSON.stringify(a) === JSON.stringify(b);
