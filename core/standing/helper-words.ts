import { isLooseWord } from "../phrase/loose-words.ts";
import { phraseFinder } from "../phrase/phrase-finder.ts";
import { type Token, tokensOf } from "../phrase/tokens.ts";

/** A word that occurs with a phrase. */
export interface HelperWord {
  text: string;
  /** Other phrases of the list that say both, and how often those are searched a month. */
  phrases: number;
  volume: number;
  /** Sentences of the site that say both. */
  sentences: number;
  weight: number;
}

/** A phrase that is searched counts as much as so many sentences; a common word's weight is cut. Common practice, no source. */
const PHRASE = 3;
const MOST = 14;

/**
 * The words that occur with a phrase in the phrases of a list and in sentences of the site, the weightiest first. `share` tells of
 * a stem which part of the site's pages has it, 0 to 1: what stands everywhere goes with nothing.
 */
export function helperWords(
  phrase: string,
  {
    list,
    sentences,
    language,
    share,
  }: {
    list: readonly { text: string; volume: number | null }[];
    sentences: readonly string[];
    language: string;
    share: (stem: string) => number;
  },
): HelperWord[] {
  const finder = phraseFinder([phrase], { language });
  const own = new Set(tokensOf(phrase, { language }).map(({ stem }) => stem));
  const words = new Map<string, HelperWord & { wordings: Map<string, number> }>();
  const wordsBeside = (text: string): Token[] => {
    if (finder.find(text).length === 0) return [];
    const stems = new Set<string>();
    return tokensOf(text, { language }).filter(
      ({ stem, plain }) =>
        !isLooseWord(plain, language) &&
        !own.has(stem) &&
        plain.length > 1 &&
        /\p{L}/u.test(plain) &&
        !stems.has(stem) &&
        stems.add(stem),
    );
  };
  const wordOf = ({ stem, text }: Token) => {
    let word = words.get(stem);
    if (!word) {
      word = { text: "", phrases: 0, volume: 0, sentences: 0, weight: 0, wordings: new Map() };
      words.set(stem, word);
    }
    const wording = text.toLowerCase();
    word.wordings.set(wording, (word.wordings.get(wording) ?? 0) + 1);
    return word;
  };
  for (const { text, volume } of list)
    for (const token of wordsBeside(text)) {
      const word = wordOf(token);
      word.phrases++;
      word.volume += volume ?? 0;
    }
  for (const text of sentences) for (const token of wordsBeside(text)) wordOf(token).sentences++;
  return Array.from(words, ([stem, { wordings, ...word }]): HelperWord => {
    const searched = word.phrases * PHRASE + Math.log10(1 + word.volume);
    const rare = Math.log(1 / Math.max(share(stem), 0.001)) / Math.log(1000);
    const [[text] = [""]] = [...wordings].sort(([, a], [, b]) => b - a);
    return { ...word, text, weight: searched + word.sentences * (0.1 + rare) };
  })
    .filter(({ phrases, sentences: said }) => phrases > 0 || said > 1)
    .sort((a, b) => b.weight - a.weight || a.text.localeCompare(b.text))
    .slice(0, MOST);
}
