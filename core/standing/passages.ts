import { contentBlocks } from "../page/body.ts";
import { languageOf, type Page } from "../page/page.ts";
import type { MatchKind, PhraseFinder } from "../phrase/phrase-finder.ts";
import { sentencesOf } from "../phrase/sentences.ts";

/** A sentence of a page in which a phrase stands. */
export interface Passage {
  /** Index in `Page.blocks`. */
  block: number;
  /** Index in `Page.headings` of the heading that it stands under; -1 before the first. */
  heading: number;
  /** Where the sentence begins in the block's text, in UTF-16 code units. */
  at: number;
  sentence: string;
  /** Words that are marked, by their places in the sentence. */
  marks: { start: number; end: number; kind: MatchKind }[];
}

/** Longest sentence that is quoted whole, in UTF-16 code units. */
const LONGEST = 320;

/** The sentences of a page's content that say a phrase, in order; the finder looks for it alone, in the page's language. */
export function passagesOf(page: Page, finder: PhraseFinder): Passage[] {
  const passages: Passage[] = [];
  for (const { block, index } of contentBlocks(page)) {
    const matches = finder.find(block.text);
    if (matches.length === 0) continue;
    let at = 0;
    for (const part of sentencesOf(block.text, languageOf(page))) {
      const marks = matches.flatMap(({ kind, start, end, words }) => {
        const runs = kind === "scattered" ? words : [{ start, end }];
        return runs.flatMap((run) =>
          run.start >= at && run.start < at + part.length
            ? { start: run.start - at, end: Math.min(run.end - at, part.length), kind }
            : [],
        );
      });
      if (marks.length > 0)
        passages.push(shortened({ block: index, heading: block.heading, at, sentence: part, marks }));
      at += part.length;
    }
  }
  return passages;
}

/** A passage whose sentence is cut around its marks where it is long. */
function shortened(passage: Passage): Passage {
  const sentence = passage.sentence.trimEnd();
  if (sentence.length <= LONGEST) return { ...passage, sentence };
  const first = passage.marks[0]?.start ?? 0;
  const from = Math.max(0, sentence.indexOf(" ", Math.max(0, first - LONGEST / 3)) + 1);
  const begins = first - LONGEST / 3 <= 0 ? 0 : Math.min(from, first);
  const text = sentence.slice(begins, begins + LONGEST);
  return {
    ...passage,
    at: passage.at + begins,
    sentence: text,
    marks: passage.marks.flatMap(({ start, end, kind }) =>
      end - begins <= text.length ? { start: start - begins, end: end - begins, kind } : [],
    ),
  };
}
