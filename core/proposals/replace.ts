import { cleanValue } from "../rewrite/clean-value.ts";
import { type Field, textOfField } from "../rewrite/field-edit.ts";
import type { Proposal } from "./proposal.ts";
import { textLine } from "./texts.ts";

export interface AskedReplacement {
  find: string;
  by: string;
  regex: boolean;
  matchCase: boolean;
  /** What is put in takes over the capitals of what it replaces. */
  keepCase: boolean;
  fields: readonly Field[];
}

/** What replaces in a text, or why nothing can be found so. */
export function replacer({
  find,
  by,
  regex,
  matchCase,
  keepCase,
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
  // What stands in the place of one match, found by the platform's own rules for $1, $<name> and their like.
  const alone = new RegExp(pattern.source, `${pattern.flags.replace("g", "")}y`);
  const putAt = (text: string, at: number, found: string) => {
    alone.lastIndex = at;
    const whole = text.replace(alone, by);
    return whole.slice(at, whole.length - (text.length - at - found.length));
  };
  return (text) => {
    const replaced = text.replace(pattern, (found: string, ...rest: unknown[]) => {
      const at = rest.find((one) => typeof one === "number") as number;
      const put = regex ? putAt(text, at, found) : by;
      return keepCase ? withCapitalsOf(found, put) : put;
    });
    return replaced === text ? text : cleanValue(replaced);
  };
}

/** Words with the capitals of what they replace: all of them, or the first. */
function withCapitalsOf(found: string, put: string): string {
  const letters = found.replace(/\P{L}/gu, "");
  if (letters.length > 1 && letters === letters.toUpperCase() && letters !== letters.toLowerCase())
    return put.toUpperCase();
  return /^\P{L}*\p{Lu}/u.test(found) ? put.replace(/\p{L}/u, (letter) => letter.toUpperCase()) : put;
}

/** Words are found in some of the texts and replaced. */
export const replace: Proposal<AskedReplacement> = {
  propose(on, asked) {
    const change = replacer(asked);
    if (typeof change !== "function") return { lines: [] };
    return { lines: asked.fields.flatMap((field) => textLine(on, field, change(textOfField(on.page, field)))) };
  },
};
