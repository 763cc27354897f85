import { findPhrase } from "../phrase/match.ts";
import { type PhraseFinder, phraseFinder } from "../phrase/phrase-finder.ts";

/** Phrases that can be looked for in texts of a language (BCP 47, or ""); matches name them by their place in `texts`. */
export interface Phrases {
  texts: readonly string[];
  in(language: string): PhraseFinder;
}

/** A few phrases, each looked for by itself: quicker than taking every text apart, which most do not say. */
export const fewPhrases = (texts: readonly string[]): Phrases => ({
  texts,
  in: (language) => ({
    find: (text) =>
      texts.flatMap((phrase, n) => findPhrase(phrase, text, { language }).map((match) => ({ ...match, phrase: n }))),
  }),
});

/** The phrases of a site, looked for all at once. Words and stems are a language's: what looks for them is made for each. */
export class PhraseList implements Phrases {
  private readonly finders = new Map<string, PhraseFinder>();

  constructor(readonly texts: readonly string[]) {}

  in(language: string): PhraseFinder {
    let finder = this.finders.get(language);
    if (!finder) {
      finder = phraseFinder(this.texts, { language });
      this.finders.set(language, finder);
    }
    return finder;
  }
}
