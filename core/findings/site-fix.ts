import { hostOf, linkTarget } from "../address/link-target.ts";
import { contentBlocks, isHeadingBlock } from "../page/body.ts";
import { hrefLike, hrefOn } from "../page/link-notation.ts";
import { addressOn, type Page } from "../page/page.ts";
import type { Edit } from "../rewrite/edits.ts";
import type { NewBlock } from "../rewrite/new-block.ts";
import { wrapInLink } from "../rewrite/operations/wrap-in-link.ts";
import { originsOf } from "../rewrite/origins.ts";
import { keyOf } from "../rewrite/resolve.ts";
import type { Fix } from "./fix.ts";

/** Words that become a link to an address: where they stand first, or those of a sentence, `at` so many code units into it. */
export interface WrapFix {
  label: string;
  wrap: { words: string; to: string; sentence?: { text: string; at: number } };
}

/**
 * The fix of a finding across pages, as far as it can be told without the page: its edits, or what is to be done with the
 * page's links or words, which are bound to it when it is opened.
 */
export type SiteFix =
  | Fix
  /** Links that lead to a path, as `linkTarget` compares them, are led to an address. */
  | { label: string; relink: { from: string; to: string } }
  | WrapFix
  /** A heading is put before the block that says a sentence, as deep as its neighbours; `id` tells it from others. */
  | { label: string; head: { id: string; sentence: string; text: string } };

/** Of one block, so many places are tried. */
const MOST_TIMES = 20;

export interface Redrafted {
  original: Page;
  /** As the redraft leaves it. */
  page: Page;
  edits: readonly Edit[];
}

/** The fix on the page itself; null where it has nothing of what is to be mended any more. */
export function fixOnPage(fix: SiteFix, { original, page, edits }: Redrafted): Fix | null {
  if ("edits" in fix) return fix;
  const made =
    "relink" in fix
      ? relinked(fix.relink, original, page, edits)
      : "wrap" in fix
        ? wrapped(fix.wrap, original, page, edits)
        : headed(fix.head, original, page, edits);
  return made.length > 0 ? { label: fix.label, edits: made } : null;
}

function relinked(
  { from, to }: { from: string; to: string },
  original: Page,
  page: Page,
  edits: readonly Edit[],
): Edit[] {
  const host = hostOf(page.address);
  const origins = originsOf(original, page, edits, "link");
  return page.links.flatMap(({ href }, i): Edit[] => {
    const { key = null, index = -1 } = origins[i] ?? {};
    const address = addressOn(page, href);
    const was = original.links[index]?.href;
    if (!key || was === undefined || address === null || linkTarget(address, host) !== from) return [];
    const hash = href.indexOf("#");
    return [
      { op: "set-link-href", link: key, value: hrefLike(href, to, page) + (hash < 0 ? "" : href.slice(hash)), was },
    ];
  });
}

function headed(
  { id, sentence, text }: { id: string; sentence: string; text: string },
  original: Page,
  page: Page,
  edits: readonly Edit[],
): Edit[] {
  const origins = originsOf(original, page, edits, "block");
  const found = contentBlocks(page).find(
    ({ block, index }) => !isHeadingBlock(page, index) && block.text.includes(sentence),
  );
  const at = found && origins[found.index]?.key;
  if (!at) return [];
  // Beside the heading that it stands under; under the H1, or where there is none, it begins a main part.
  const level = Math.max(2, page.headings[found.block.heading]?.level ?? 2);
  const blocks: NewBlock[] = [{ tag: `h${level}` as NewBlock["tag"], text }];
  return [{ op: "insert-blocks", id, at, before: true, blocks, was: null }];
}

/** Which of the times that words stand in a text are asked for, from 1. */
function timesIn(text: string, { words, sentence }: WrapFix["wrap"]): number[] {
  const begins = sentence ? text.indexOf(sentence.text) : 0;
  if (begins < 0) return [];
  const all = Array.from({ length: Math.min(text.split(words).length - 1, MOST_TIMES) }, (_, i) => i + 1);
  if (!sentence) return all;
  const asked = begins + sentence.at;
  let at = -1;
  return all.filter(() => {
    at = text.indexOf(words, at + 1);
    return at === asked;
  });
}

/** The words become a link where they can: in the content, headings and links apart. */
function wrapped(wrap: WrapFix["wrap"], original: Page, page: Page, edits: readonly Edit[]): Edit[] {
  const origins = originsOf(original, page, edits, "block");
  const plan = wrapInLink.plan[page.format];
  const value = hrefOn(page, wrap.to);
  for (const { block, index } of contentBlocks(page)) {
    const key = origins[index]?.key;
    if (!key || isHeadingBlock(page, index)) continue;
    for (const nth of timesIn(block.text, wrap)) {
      const edit: Edit = { op: "wrap-in-link", block: key, was: wrap.words, nth, value };
      const planned = plan?.(page, { ...edit, block: keyOf(page, "block", index) });
      if (planned && typeof planned !== "string") return [edit];
    }
  }
  return [];
}
