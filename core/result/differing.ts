import { diffArrays } from "diff";
import type { BoldRange } from "../measure/width.ts";

/** Beyond so many differences a text counts as another one. */
const MOST_DIFFERENCES = 400;

/** Words with what separates them, so that together they are the text. */
const piecesOf = (text: string): string[] => text.match(/\s+|[\p{L}\p{N}\p{M}'’-]+|[^\s\p{L}\p{N}\p{M}]/gu) ?? [];

/** The stretches of a text whose words differ from another one's, in UTF-16 code units; neighbours are one. */
export function differingWords(was: string, is: string): BoldRange[] {
  const parts = diffArrays(piecesOf(was), piecesOf(is), { maxEditLength: MOST_DIFFERENCES });
  if (!parts) return is === "" ? [] : [{ start: 0, end: is.length }];
  const ranges: BoldRange[] = [];
  let at = 0;
  for (const { added, removed, value } of parts) {
    const text = value.join("");
    if (removed) continue;
    if (added && text.trim() !== "") {
      const start = at + (text.length - text.trimStart().length);
      const last = ranges.at(-1);
      const end = at + text.trimEnd().length;
      // Only a space between two words that differ.
      if (last && is.slice(last.end, start).trim() === "") last.end = end;
      else ranges.push({ start, end });
    }
    at += text.length;
  }
  return ranges;
}
