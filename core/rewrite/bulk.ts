import { inCase, type LetterCase } from "../phrase/letter-case.ts";
import type { WrittenNames } from "../phrase/written-names.ts";
import { withoutBrand } from "../settings/without-brand.ts";
import { cleanValue } from "./clean-value.ts";

/** A change of one text after another that needs nothing but the text. */
export type TextChange =
  | { kind: "replace"; find: string; by: string; regex: boolean; matchCase: boolean }
  | { kind: "case"; style: LetterCase }
  | { kind: "once-branded" };

export interface TextChangeContext {
  brand: string;
  separator: string;
  /** BCP 47. */
  language: string;
  names?: WrittenNames;
}

/** A change made ready: a function from text to text, or why it cannot be made. */
export function textChanger(
  change: TextChange,
): ((text: string, context: TextChangeContext) => string) | { reason: string } {
  switch (change.kind) {
    case "case":
      return (text, { brand, separator, ...options }) => {
        // The brand keeps the capitals that its owner gives it.
        const bare = withoutBrand(text, brand);
        const at = bare === "" ? -1 : text.indexOf(bare);
        if (at < 0) return text;
        return text.slice(0, at) + inCase(bare, change.style, options) + text.slice(at + bare.length);
      };
    case "once-branded":
      return (text, { brand, separator }) => onceBranded(text, brand, separator);
    case "replace":
      return replacer(change);
  }
}

/** A title with the brand once, behind the separator; texts that hold it once or not at all stay as they are. */
export function onceBranded(title: string, brand: string, separator: string): string {
  if (!brand) return title;
  const lower = title.toLowerCase();
  const first = lower.indexOf(brand.toLowerCase());
  if (first < 0 || lower.indexOf(brand.toLowerCase(), first + brand.length) < 0) return title;
  const bare = withoutBrand(title, brand);
  return bare ? bare + separator + brand : brand;
}

function replacer({ find, by, regex, matchCase }: Extract<TextChange, { kind: "replace" }>) {
  if (find === "") return { reason: "Type what is to be found." };
  let pattern: RegExp;
  try {
    pattern = new RegExp(regex ? find : find.replace(/[.*+?^${}()|[\]\\]/g, "\\$&"), matchCase ? "gu" : "giu");
  } catch (error) {
    return {
      reason: `This is no regular expression: ${(error as Error).message.replace(/^Invalid regular expression: /, "")}.`,
    };
  }
  return (text: string) => {
    const replaced = regex ? text.replace(pattern, by) : text.replace(pattern, () => by);
    return replaced === text ? text : cleanValue(replaced);
  };
}
