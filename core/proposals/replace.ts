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
  return (text) => {
    const replaced = text.replace(pattern, (found: string, ...rest: unknown[]) => {
      const put = regex ? filledIn(by, found, rest) : by;
      return keepCase ? withCapitalsOf(found, put) : put;
    });
    return replaced === text ? text : cleanValue(replaced);
  };
}

/** A replacement with $1, $<name> and their like filled in as `String.prototype.replace` does. `rest` is what it hands on. */
function filledIn(by: string, found: string, rest: readonly unknown[]): string {
  const groups = typeof rest.at(-1) === "object" ? (rest.at(-1) as Record<string, string | undefined>) : undefined;
  const [at = 0, text = ""] = rest.slice(groups ? -3 : -2) as [number, string];
  const captured = rest.slice(0, groups ? -3 : -2) as (string | undefined)[];
  return by.replace(/\$(?:([$&`'])|(\d{1,2})|<([^>]*)>)/g, (whole, sign?: string, digits?: string, name?: string) => {
    if (sign === "$") return "$";
    if (sign === "&") return found;
    if (sign === "`") return text.slice(0, at);
    if (sign === "'") return text.slice(at + found.length);
    if (name !== undefined) return groups ? (groups[name] ?? "") : whole;
    const two = Number(digits);
    if (two >= 1 && two <= captured.length) return captured[two - 1] ?? "";
    const one = Number(digits?.[0]);
    return one >= 1 && one <= captured.length ? (captured[one - 1] ?? "") + (digits?.slice(1) ?? "") : whole;
  });
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
