import { type Page, titleOf } from "../../page/page.ts";
import { commonPractice, rule } from "../rule.ts";
import { quote, titleRange } from "../texts.ts";

/**
 * A word in capitals of five letters or more is seldom an abbreviation; two shorter ones in a row are neither. What is joined
 * by a line or has an ending, such as MAX_LENGTH or README.md, is an identifier.
 */
const SHOUTED =
  /(?<![\p{L}\p{N}_$])\p{Lu}[\p{Lu}’'-]{4,}(?![\p{L}\p{N}_]|\.\p{L})|(?<![\p{L}\p{N}_$])\p{Lu}{2,4}(?:\s+\p{Lu}{2,}){2,}/gu;

/** Abbreviations that can be spoken as words. Common practice, no source. */
const SPOKEN = new Set(
  "NASA NATO UNESCO UNICEF UNHCR OPEC ASEAN INTERPOL EUROPOL FIFA UEFA AIDS SARS COVID RADAR SONAR LASER ASCII EBCDIC UNICODE UTF HTTPS XHTML HTML MYSQL SQLITE LDAPS ERASMUS LEADER CITES IMDB README RADIUS KERBEROS".split(
    " ",
  ),
);

/** Whether letters can be spoken as a word: vowels among them, and no heap of consonants. */
const isPronounceable = (word: string) => {
  const plain = word.normalize("NFD").replace(/[^A-Z]/g, "");
  return plain === "" || (/[AEIOUY]/.test(plain) && !/[^AEIOUY]{4,}|^[^AEIOUY]{3,}/.test(plain));
};

/** Whether a page's own prose writes a word in capitals and never otherwise: then that is its name. */
function isNameOf(page: Page, word: string): boolean {
  const letters = word.replace(/[.*+?^${}()|[\]\\]/g, "\\$&");
  const any = new RegExp(`(?<![\\p{L}\\p{N}])${letters}(?![\\p{L}\\p{N}])`, "giu");
  let capitals = 0;
  for (const { text, tag } of page.blocks) {
    if (/^h[1-6]$/.test(tag) || text === text.toUpperCase()) continue;
    for (const [found] of text.matchAll(any)) {
      if (found !== word) return false;
      capitals++;
    }
  }
  return capitals > 0;
}

export const titleShouting = rule({
  id: "title/shouting",
  weight: "may",
  formats: ["html", "markdown", "fields"],
  sees: ["titles", "blocks"],
  finds: "words in capitals that are no abbreviations, and exclamation marks",
  counted: ["# title is in capitals or has exclamation marks", "# titles are in capitals or have exclamation marks"],
  why: "Capitals and exclamation marks read as an advertisement of the wrong kind. What cannot be spoken, and what the page's own text writes in capitals throughout, is taken for a name.",
  source: commonPractice(),
  check(page, report) {
    const title = titleOf(page).slice(0, 2000);
    const isName = (word: string) => SPOKEN.has(word) || !isPronounceable(word) || isNameOf(page, word);
    const capitals = [...title.matchAll(SHOUTED)].find(([found]) => !found.split(/[\s-]+/).every(isName));
    const mark = title.indexOf("!");
    if (capitals) {
      const words = { start: capitals.index, end: capitals.index + capitals[0].length };
      report({
        message: `${quote(capitals[0])} is written in capitals.`,
        at: { part: "title", words, range: titleRange(page) },
      });
    } else if (mark >= 0) {
      report({
        message: "The title has an exclamation mark.",
        at: { part: "title", words: { start: mark, end: mark + 1 }, range: titleRange(page) },
      });
    }
  },
});
