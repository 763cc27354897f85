import { contentBlocks } from "../../page/body.ts";
import { languageOf } from "../../page/page.ts";
import { stem } from "../../phrase/stem.ts";
import { wordsOf } from "../../phrase/words.ts";
import { plainFacet } from "./facet.ts";

const MOST = 6000;
/** Characters that stand for stems: none that a file or a database may change. */
const [FIRST, LAST] = [0x100, 0xd7ff];

/** A stem's character. Two stems have the same one once in fifty thousand: who asks for a phrase then looks in vain. */
export function stemSign(stem: string): string {
  let hash = 0x811c9dc5;
  for (let i = 0; i < stem.length; i++) hash = Math.imul(hash ^ stem.charCodeAt(i), 0x01000193);
  return String.fromCharCode(FIRST + ((hash >>> 0) % (LAST - FIRST)));
}

/** Stems of the content's words, a character each, in order: pages that cannot say a phrase are known without their sources. */
export const stems = plainFacet<string>({
  version: 3,
  sees: ["blocks", "language"],
  take(page) {
    const language = languageOf(page);
    const words = new Set<string>();
    for (const { block } of contentBlocks(page)) for (const { text } of wordsOf(block.text, language)) words.add(text);
    const signs = new Set<string>();
    for (const word of words) {
      signs.add(stemSign(stem(word, language)));
      if (signs.size === MOST) break;
    }
    return [...signs].sort().join("");
  },
});
