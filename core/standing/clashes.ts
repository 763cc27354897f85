import { contentStems } from "../phrase/content-stems.ts";
import { phraseKey } from "../phrase/phrase-key.ts";

/** A page with the phrase that it is to be found for. */
export interface Wanting {
  phrase?: string;
  /** BCP 47, or "". */
  language: string;
}

/** A phrase's stems in a language: forms of one phrase have the same. */
export const stemsOfPhrase = (phrase: string, language: string): string =>
  [...contentStems(phrase, language)].sort().join(" ") || phraseKey(phrase);

/** Whether a page wants a phrase itself, in any form of its words. */
export const wants = ({ phrase = "", language }: Wanting, other: string): boolean =>
  phraseKey(phrase) !== "" && stemsOfPhrase(phrase, language) === stemsOfPhrase(other, language);

/** Pages of one language whose target phrases have the same stems, where there are two or more of them. */
export function clashesAmong<P extends Wanting>(pages: Iterable<P>): P[][] {
  const groups = new Map<string, P[]>();
  for (const page of pages) {
    if (phraseKey(page.phrase ?? "") === "") continue;
    const name = `${page.language.slice(0, 2).toLowerCase()} ${stemsOfPhrase(page.phrase ?? "", page.language)}`;
    const group = groups.get(name);
    if (group) group.push(page);
    else groups.set(name, [page]);
  }
  return [...groups.values()].filter((group) => group.length > 1);
}

/** Whether a page is about a phrase itself: it wants it, or one of its H1s is these words in any form. */
export const isAbout = (page: Wanting, h1s: readonly string[], phrase: string): boolean =>
  wants(page, phrase) || h1s.some((h1) => wants({ language: page.language, phrase: h1 }, phrase));
