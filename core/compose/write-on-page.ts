import { blocksUnder, contentHeadings } from "../page/body.ts";
import type { Heading, Page } from "../page/page.ts";
import { endsAsQuestion } from "../phrase/questions.ts";
import { applyToPage } from "../rewrite/apply.ts";
import { type Edit, withEdit } from "../rewrite/edits.ts";
import { STANDS_BESIDE } from "../rewrite/html-blocks.ts";
import { besideBlock } from "../rewrite/insert-beside.ts";
import type { NewBlock } from "../rewrite/new-block.ts";
import { originsOf } from "../rewrite/origins.ts";
import { refusalOf } from "../rewrite/refusal.ts";
import { type Evidence, evidenceIn, movedEvidence, type WrittenData } from "../structured-data/evidence.ts";
import type { Entity } from "../structured-data/graph.ts";
import { type AddedProperty, addProperty } from "./add-property.ts";
import { dataEdit, evidenceFor } from "./data-edit.ts";

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
export function keptEvidence(written: readonly WrittenData[], was: string, { moved }: AddedProperty): Evidence[] {
  return movedEvidence(evidenceFor(written, was), moved);
}

/** The edits that change a block of data and write the words it is taken from onto the page, so that both say the same. */
export function writeOnPage(
  { original, edits, page, written }: Redrafted,
  behind: number,
  blocks: NewBlock[],
  id: string,
  was: string,
  said: AddedProperty,
  taken: readonly { pointer: string; words: string }[],
): { edits: Edit[] } | { reason: string } {
  const origins = originsOf(original, page, edits, "block");
  const put = besideBlock(page, origins, behind, false, blocks, id);
  if (!put) return { reason: "Nothing can be written there. Choose another heading." };
  const next = withEdit(edits, put);
  const refusal = refusalOf(original, edits, next);
  if (refusal) return refusal;
  const applied = applyToPage(original, next);
  const evidence = [...keptEvidence(written, was, said)];
  for (const { pointer, words } of taken) {
    const at = applied.page.blocks.findIndex(
      ({ text }, i) => text.includes(words) && page.blocks[i]?.text !== text && blocks.some((one) => one.text === text),
    );
    if (at >= 0) evidence.push(evidenceIn(applied.page, at, words, pointer));
  }
  return { edits: [put, dataEdit(was, said.text, evidence)] };
}

/** Where another question belongs: behind the last one of the content, at its level, or else under the content's last heading. */
function placeForQuestion(page: Page): { tag: NewBlock["tag"]; behind: number } | null {
  const headings = contentHeadings(page);
  const last = headings.findLast(({ heading }) => endsAsQuestion(heading.text)) ?? headings.at(-1);
  if (!last) return null;
  const behind = lastPlaceUnder(page, last.index);
  return behind < 0 ? null : { tag: questionTagUnder(last.heading), behind };
}

const QUESTION_TAGS = ["h2", "h3", "h4", "h5", "h6"] as const;

/** The heading that a question under another heading is: beside one that is a question itself, one level below any other. */
export function questionTagUnder(heading: Pick<Heading, "level" | "text"> | undefined): NewBlock["tag"] {
  const { level, text } = heading ?? { level: 1, text: "" };
  const own = endsAsQuestion(text) ? level : level + 1;
  return QUESTION_TAGS[Math.min(own, 6) - 2] ?? "h2";
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
  if (!place) return { reason: "The page has no place for a question. Write a heading first." };
  const said = addProperty(block, faq.place.path, "mainEntity", {
    "@type": "Question",
    name: question,
    acceptedAnswer: { "@type": "Answer", text: answer },
  });
  return writeOnPage(
    redrafted,
    place.behind,
    [
      { tag: place.tag, text: question },
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
