import { type PhraseFinder, phraseFinder } from "../phrase/phrase-finder.ts";

/** The phrases of a site, looked for all at once. Words and stems are a language's: what looks for them is made for each. */
export class PhraseList {
  private readonly finders = new Map<string, PhraseFinder>();

  constructor(readonly texts: readonly string[]) {}

  /** What looks for them in texts of a language (BCP 47, or ""); matches name them by their place in `texts`. */
  in(language: string): PhraseFinder {
    let finder = this.finders.get(language);
    if (!finder) {
      finder = phraseFinder(this.texts, { language });
      this.finders.set(language, finder);
    }
    return finder;
  }
}
