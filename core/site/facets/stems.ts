import { contentBlocks } from "../../page/body.ts";
import { languageOf } from "../../page/page.ts";
import { stem } from "../../phrase/stem.ts";
import { addWords } from "../../phrase/words.ts";
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

const signsByLanguage = new Map<string, Map<string, string>>();
/** Words kept for a language; beyond it the memory begins anew. */
const REMEMBERED_WORDS = 50_000;

/** The character of a word's stem; remembered, since most words of a page stand on others too. */
function signOf(word: string, language: string): string {
  let signs = signsByLanguage.get(language);
  if (!signs || signs.size > REMEMBERED_WORDS) {
    signs = new Map();
    signsByLanguage.set(language, signs);
  }
  let sign = signs.get(word);
  if (sign === undefined) {
    sign = stemSign(stem(word, language));
    signs.set(word, sign);
  }
  return sign;
}

/** Stems of the content's words, a character each, in order: pages that cannot say a phrase are known without their sources. */
export const stems = plainFacet<string>({
  version: 3,
  sees: ["blocks", "language"],
  take(page) {
    const language = languageOf(page);
    const words = new Set<string>();
    for (const { block } of contentBlocks(page)) addWords(block.text, language, words);
    const signs = new Set<string>();
    for (const word of words) {
      signs.add(signOf(word, language));
      if (signs.size === MOST) break;
    }
    return [...signs].sort().join("");
  },
});
