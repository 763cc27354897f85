import type { Heading, Page } from "../page/page.ts";
import type { BodyEdit } from "./edits.ts";
import { escapeText, renameTags } from "./markup.ts";
import type { Patch } from "./patch.ts";
import { findHeading } from "./resolve.ts";
import type { BodyChange } from "./step.ts";

/**
 * Makes one heading of several that stand beside each other. Each becomes a `span` with its classes and what it holds; what
 * stands between them makes room for the separator.
 */
export function mergeHeadings(
  page: Page,
  { headings: keys, separator, level }: Extract<BodyEdit, { op: "merge-headings" }>,
): BodyChange | null | string {
  if (!Number.isInteger(level) || level < 1 || level > 6) return "A heading level is 1 to 6.";
  if (keys.length < 2) return "It takes two headings at least to make one of them.";
  const headings: Heading[] = [];
  for (const key of keys) {
    const found = findHeading(page, key);
    const heading = "index" in found ? page.headings[found.index] : undefined;
    if (!heading) return "reason" in found ? found.reason : "The heading is not on this page.";
    headings.push(heading);
  }
  const { source } = page;
  const patches: Patch[] = [];
  for (const [i, heading] of headings.entries()) {
    if (!heading.balanced || heading.nested || !heading.phrasing)
      return `“${heading.text}” is not closed in the source, or holds other blocks. Mend it there first.`;
    if (heading.levelFrom !== "tag") return `“${heading.text}” is a heading by its role. Change it in the source.`;
    const next = headings[i + 1];
    patches.push(...renameTags(source, heading.range, "span"));
    if (!next) continue;
    const between = { start: heading.range.end, end: next.range.start };
    if (between.start > between.end || source.slice(between.start, between.end).trim() !== "")
      return `Something stands between “${heading.text}” and “${next.text}”. Bring them together in the source first.`;
    patches.push({ ...between, text: separator === "" ? " " : escapeText(separator) });
  }
  const first = headings[0] as Heading;
  const last = headings.at(-1) as Heading;
  const open: Patch = { start: first.range.start, end: first.range.start, text: `<h${level}>` };
  patches.push(open, { start: last.range.end, end: last.range.end, text: `</h${level}>` });
  return { patches, makes: [{ patch: open, offset: 0 }] };
}
