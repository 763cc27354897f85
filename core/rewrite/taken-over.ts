import type { Page } from "../page/page.ts";
import { applyToPage } from "./apply.ts";
import { type Edit, slotOf } from "./edits.ts";
import { firstDifference } from "./verify.ts";

/** A page before its redraft was handed over, as it was handed over, and as the site has it now. */
export interface Handing {
  before: Page;
  /** The redraft's edits, as they were handed over where they were. */
  handed: readonly Edit[];
  expected: Page;
  /** The site has exactly what was handed over. */
  exactly: boolean;
}

export function handingOf(before: Page, handed: readonly Edit[], now: Page): Handing {
  const { page: expected } = applyToPage(before, handed);
  return { before, handed, expected, exactly: firstDifference(now, expected) === null };
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
