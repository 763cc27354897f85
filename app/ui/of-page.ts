import { createContext, use, useMemo } from "react";

/**
 * What an element bears that shows a page's own words: they are spoken, hyphenated and spell-checked in their language and run
 * as they do. `language` is a tag of BCP 47, or "" where it is not known.
 */
export const ofPage = (language: string) => ({ lang: language, dir: "auto" as const });

/** The language of the page that a screen is about; null where it is about none. */
export const PageLanguage = createContext<string | null>(null);

/** What an element bears that shows words of the page that the screen is about, or of the editor. */
export function useOfPage(): { lang?: string; dir: "auto" } {
  const language = use(PageLanguage);
  return useMemo(() => (language === null ? { dir: "auto" } : ofPage(language)), [language]);
}
