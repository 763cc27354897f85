import { contentBlocks } from "../../page/body.ts";
import { languageOf } from "../../page/page.ts";
import { stem } from "../../phrase/stem.ts";
import { addWords } from "../../phrase/words.ts";
import { plainFacet } from "./facet.ts";

const MOST = 6000;
/** Characters that stand for stems: none that a file or a database may change. */
const [FIRST, LAST] = [0x100, 0xd7ff];

/** The code of a stem's character. Two stems have the same one once in fifty thousand: who asks for a phrase then looks in vain. */
function codeOf(stem: string): number {
  let hash = 0x811c9dc5;
  for (let i = 0; i < stem.length; i++) hash = Math.imul(hash ^ stem.charCodeAt(i), 0x01000193);
  return FIRST + ((hash >>> 0) % (LAST - FIRST));
}

/** The character that stands for a stem. */
export const stemSign = (stem: string): string => String.fromCharCode(codeOf(stem));

const codesByLanguage = new Map<string, Map<string, number>>();
/** Words kept for a language; beyond it the memory begins anew. */
const REMEMBERED_WORDS = 50_000;

/** The codes of words' stems in a language; remembered, since most words of a page stand on others too. */
function codesIn(language: string): Map<string, number> {
  let codes = codesByLanguage.get(language);
  if (!codes || codes.size > REMEMBERED_WORDS) {
    codes = new Map();
    codesByLanguage.set(language, codes);
  }
  return codes;
}

/** Stems of the content's words, a character each, in order: pages that cannot say a phrase are known without their sources. */
export const stems = plainFacet<string>({
  version: 3,
  sees: ["blocks", "language"],
  take(page) {
    const language = languageOf(page);
    const words = new Set<string>();
    for (const { block } of contentBlocks(page)) addWords(block.text, language, words);
    const known = codesIn(language);
    const codes = new Set<number>();
    for (const word of words) {
      let code = known.get(word);
      if (code === undefined) {
        code = codeOf(stem(word, language));
        known.set(word, code);
      }
      codes.add(code);
      if (codes.size === MOST) break;
    }
    return String.fromCharCode(...Uint16Array.from(codes).sort());
  },
});
