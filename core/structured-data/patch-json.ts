import { applyEdits, type FormattingOptions, modify } from "jsonc-parser";
import type { Path } from "./json-text.ts";

/** A block is indented as its own first line within a bracket is. */
function formatOf(text: string): FormattingOptions {
  const indent = /[{[]\r?\n([ \t]+)/.exec(text)?.[1] ?? "  ";
  return {
    insertSpaces: !indent.startsWith("\t"),
    tabSize: indent.startsWith("\t") ? 1 : Math.min(8, indent.length),
    eol: text.includes("\r\n") ? "\r\n" : "\n",
  };
}

/** A text of JSON with one value replaced or added; everything else stays as it is written. `undefined` takes it out. */
export function replaceValue(text: string, path: Path, value: unknown): string {
  return applyEdits(text, modify(text, [...path], value, { formattingOptions: formatOf(text) }));
}

/** Whether two texts of a block differ at most in line endings and in the white space around them. */
export const sameBlock = (a: string, b: string): boolean =>
  a === b || a.replace(/\r\n?/g, "\n").trim() === b.replace(/\r\n?/g, "\n").trim();

/** JSON that can stand in a script element: nothing in it ends the element or begins a comment (HTML 4.12.1.3). */
export const safeInScript = (json: string): string =>
  json
    .replace(/<(?=\/script|!--|script)/gi, "\\u003C")
    .replace(/\u2028/g, "\\u2028")
    .replace(/\u2029/g, "\\u2029");

/** The way that a JSON pointer names (RFC 6901); whole numbers are places in arrays. */
export const pathOfPointer = (pointer: string): (string | number)[] =>
  pointer
    .split("/")
    .slice(1)
    .map((step) => (/^\d+$/.test(step) ? Number(step) : step.replaceAll("~1", "/").replaceAll("~0", "~")));
