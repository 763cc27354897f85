import { contentBlocks, isHeadingBlock } from "../../page/body.ts";
import type { Page, TextBlock } from "../../page/page.ts";
import { plain } from "../../structured-data/agreement.ts";
import { Collecting, type Recogniser, under } from "./collecting.ts";

const QUESTION = /[?？]["”’)]*$/;
const TERMS: ReadonlySet<string> = new Set(["dt", "summary"]);

/** Questions with answers: headings, terms or summaries that end in a question mark, and what follows them. */
export const questions: Recogniser = ({ page }) => {
  const entity = new Collecting(page);
  const blocks = contentBlocks(page);
  const seen = new Set<string>();
  let n = 0;
  let first = -1;
  for (const [i, { block, index }] of blocks.entries()) {
    const heading = isHeadingBlock(page, index);
    if (!QUESTION.test(block.text) || (!heading && !TERMS.has(block.tag))) continue;
    const answers: { block: TextBlock; index: number }[] = [];
    for (let j = i + 1; j < blocks.length; j++) {
      const one = blocks[j];
      if (!one || isHeadingBlock(page, one.index) || TERMS.has(one.block.tag)) break;
      answers.push(one);
    }
    const [answer] = answers;
    const asked = plain(block.text);
    // Two answers to one question contradict each other sooner or later: the first is taken.
    if (!answer || seen.has(asked)) continue;
    seen.add(asked);
    if (first < 0) first = heading ? outer(page, block.heading) : block.heading;
    entity.set(["mainEntity", n, "@type"], "Question");
    entity.from(["mainEntity", n, "name"], block.text, index);
    entity.set(["mainEntity", n, "acceptedAnswer", "@type"], "Answer");
    entity.from(
      ["mainEntity", n, "acceptedAnswer", "text"],
      answers.map((one) => one.block.text).join("\n"),
      answer.index,
      answer.block.text,
    );
    n++;
  }
  return n < 2 ? null : entity.proposal("FAQPage", `${n} questions with answers${under(page, first)}`);
};

/** The heading under which another one stands. */
function outer(page: Page, heading: number): number {
  const level = page.headings[heading]?.level ?? 1;
  for (let i = heading - 1; i >= 0; i--) if ((page.headings[i]?.level ?? 1) < level) return i;
  return -1;
}
