import { tokensOf } from "./tokens.ts";

/** The stems of a text's words that carry a subject. `language` is a BCP 47 tag, or "". */
export function contentStems(text: string, language: string): Set<string> {
  const stems = new Set<string>();
  for (const { stem, stop } of tokensOf(text, { language })) if (!stop) stems.add(stem);
  return stems;
}
