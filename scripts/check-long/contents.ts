// Paragraphs of real pages changed as in the editor of paragraphs; what is written is read by a parser.
import fc from "fast-check";
import type { Original } from "../../core/page/original.ts";
import { readPage } from "../../core/page/read.ts";
import { contentOf } from "../../core/rewrite/content.ts";
import { anyChange } from "../../core/rewrite/content-change.ts";
import { contentFault } from "../../core/rewrite/content-held.ts";

/** What came of changing paragraphs. */
export interface Contents {
  paragraphs: number;
  refused: number;
  faults: string[];
}

const word = fc.constantFrom("lantern", "&", "<b>", "café", "a  b", "amp;");
const changes = fc.sample(anyChange({ fc, word }), { numRuns: 4000, seed: 7 });

/** Changes some paragraphs of a page, up to `most`, the same in each run, and adds what came of it. */
export function changeContents(original: Original, file: string, most: number, into: Contents): void {
  const page = readPage(original, { address: "https://www.example/a/page.html" });
  const step = Math.max(1, Math.floor(page.blocks.length / most));
  for (let index = 0; index < page.blocks.length; index += step) {
    const content = contentOf(page, index);
    const change = changes[into.paragraphs % changes.length];
    if (typeof content === "string" || !change) continue;
    into.paragraphs++;
    const fault = contentFault(original, page, index, content) ?? contentFault(original, page, index, change(content));
    if (fault === "refused") into.refused++;
    else if (fault) into.faults.push(`${file}: block ${index}: ${fault}`);
  }
}
