import { blocksUnder } from "../page/body.ts";
import type { Page } from "../page/page.ts";
import { applyToPage } from "../rewrite/apply.ts";
import { type Edit, type NewBlock, withEdit } from "../rewrite/edits.ts";
import { besideBlock, STANDS_BESIDE } from "../rewrite/insert-beside.ts";
import { originsOf } from "../rewrite/origins.ts";
import { dataEdit, evidenceFor } from "./data-edit.ts";
import { type Evidence, evidenceIn, movedEvidence, type WrittenData } from "./evidence.ts";
import type { Entity } from "./graph.ts";
import { type SaidMore, sayMore } from "./say.ts";

/** A page being redrafted: as brought in, with its edits, and as they leave it. */
export interface Redrafted {
  original: Page;
  edits: readonly Edit[];
  page: Page;
  written: readonly WrittenData[];
}

/** The block of the page, under a heading, behind which a paragraph can stand; -1 where there is none. */
export function lastPlaceUnder(page: Page, heading: number): number {
  const under = (blocksUnder(page).get(heading) ?? []).toReversed();
  const own = page.headings[heading]?.block ?? -1;
  return (
    [...under, own].find((index) => STANDS_BESIDE.has(page.blocks[index]?.tag ?? "") && page.blocks[index]?.element) ??
    -1
  );
}

/** The evidence that a redraft holds for a block, at the places where its values stand after something was said. */
export function keptEvidence(written: readonly WrittenData[], was: string, { moved }: SaidMore): Evidence[] {
  return movedEvidence(evidenceFor(written, was), moved);
}

/** The edits that change a block of data and write the words it is taken from onto the page, so that both say the same. */
export function sayOnPage(
  { original, edits, page, written }: Redrafted,
  behind: number,
  blocks: NewBlock[],
  id: string,
  was: string,
  said: SaidMore,
  taken: readonly { pointer: string; words: string }[],
): { edits: Edit[] } | { reason: string } {
  const origins = originsOf(original, page, edits, "block");
  const put = besideBlock(page, origins, behind, false, blocks, id);
  if (!put) return { reason: "Nothing can be written there. Choose another heading." };
  const next = withEdit(edits, put);
  const applied = applyToPage(original, next);
  const refusal = applied.refused.find(({ edit }) => edit.op === "insert-blocks");
  if (refusal) return refusal;
  const evidence = [...keptEvidence(written, was, said)];
  for (const { pointer, words } of taken) {
    const at = applied.page.blocks.findIndex(
      ({ text }, i) => text.includes(words) && page.blocks[i]?.text !== text && blocks.some((one) => one.text === text),
    );
    if (at >= 0) evidence.push(evidenceIn(applied.page, at, words, pointer));
  }
  return { edits: [put, dataEdit(was, said.text, evidence)] };
}

/** The heading, as an index, below which a page's questions stand, and the last block of its last answer. */
export function placeForQuestion(page: Page): { level: 2 | 3 | 4 | 5 | 6; behind: number } | null {
  const asked = page.headings.flatMap(({ text, block }, i) => (/[?？]$/.test(text) && block >= 0 ? [i] : []));
  const last = asked.at(-1);
  if (last !== undefined) {
    const level = Math.min(6, Math.max(2, page.headings[last]?.level ?? 3)) as 2;
    return { level, behind: lastPlaceUnder(page, last) };
  }
  const heading = page.headings.length - 1;
  const behind = lastPlaceUnder(page, heading);
  const level = Math.min(6, Math.max(2, (page.headings[heading]?.level ?? 1) + 1)) as 2;
  return behind < 0 ? null : { level, behind };
}

/** A question with its answer, on the page as a heading with a paragraph and in the data of its FAQ, in one step. */
export function askOnPage(
  redrafted: Redrafted,
  faq: Entity,
  block: string,
  [question, answer]: readonly [string, string],
  id: string,
): { edits: Edit[] } | { reason: string } {
  const place = placeForQuestion(redrafted.page);
  if (!place || place.behind < 0) return { reason: "The page has no place for a question. Write a heading first." };
  const said = sayMore(block, faq.said.path, "mainEntity", {
    "@type": "Question",
    name: question,
    acceptedAnswer: { "@type": "Answer", text: answer },
  });
  return sayOnPage(
    redrafted,
    place.behind,
    [
      { tag: `h${place.level}`, text: question },
      { tag: "p", text: answer },
    ],
    id,
    block,
    said,
    [
      { pointer: `${said.pointer}/name`, words: question },
      { pointer: `${said.pointer}/acceptedAnswer/text`, words: answer },
    ],
  );
}
