import { tokensOf } from "./tokens.ts";

/** The stems of a text's words that carry a subject. `language` is a BCP 47 tag, or "". */
export function contentStems(text: string, language: string): Set<string> {
  return new Set(
    tokensOf(text, { language })
      .filter((t) => !t.stop)
      .map((t) => t.stem),
  );
}
