import { cleanValue } from "../rewrite/clean-value.ts";
import { type Field, textOfField } from "../rewrite/field-edit.ts";
import type { Proposal } from "./proposal.ts";
import { textLine } from "./texts.ts";

export interface AskedReplacement {
  find: string;
  by: string;
  regex: boolean;
  matchCase: boolean;
  fields: readonly Field[];
}

/** What replaces in a text, or why nothing can be found so. */
export function replacer({
  find,
  by,
  regex,
  matchCase,
}: Omit<AskedReplacement, "fields">): ((text: string) => string) | { reason: string } {
  if (find === "") return { reason: "Type what is to be found." };
  let pattern: RegExp;
  try {
    pattern = new RegExp(regex ? find : find.replace(/[.*+?^${}()|[\]\\]/g, "\\$&"), matchCase ? "gu" : "giu");
  } catch (error) {
    return {
      reason: `This is no regular expression: ${(error as Error).message.replace(/^Invalid regular expression: /, "")}.`,
    };
  }
  return (text) => {
    const replaced = regex ? text.replace(pattern, by) : text.replace(pattern, () => by);
    return replaced === text ? text : cleanValue(replaced);
  };
}

/** Words are found in some of the texts and replaced. */
export const replace: Proposal<AskedReplacement> = {
  propose(on, asked) {
    const change = replacer(asked);
    if (typeof change !== "function") return { lines: [] };
    return { lines: asked.fields.flatMap((field) => textLine(on, field, change(textOfField(on.page, field)))) };
  },
};
