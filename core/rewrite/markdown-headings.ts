import type { Patch } from "./patch.ts";

/** How many hashes a heading in Markdown begins with; none where a line below makes it one. */
export const hashesOf = (source: string, start: number, end: number): number =>
  /^#{1,6}/.exec(source.slice(start, end))?.[0].length ?? 0;

/** The line below a text that makes a heading of it, with the line break before it. */
export function underlineOf(source: string, endStart: number, end: number): Patch | null {
  const found = /\r?\n[ \t]*(?:=+|-+)[ \t]*$/.exec(source.slice(endStart, end));
  return found && { start: endStart + found.index, end, text: found[0] };
}
