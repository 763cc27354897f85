import { fieldsOf } from "../page/fields.ts";
import { canonicalElements, descriptionElements, type Heading, isBlank, type Page } from "../page/page.ts";
import { insertHeadElement } from "./insert.ts";
import { markdownPatches } from "./markdown.ts";
import { escapeAttribute, escapeText, removeAttribute, renameTags, setAttribute, wholeLine } from "./markup.ts";
import type { Patch } from "./patch.ts";
import type { Step } from "./step.ts";

/** The patches that carry out one step in HTML. */
function patchesFor(page: Page, step: Step): Patch[] {
  const { source } = page;
  switch (step.op) {
    case "set-slug":
      return [];
    case "patch":
      return step.change.patches;
    case "set-title": {
      const range = page.titles[0]?.range;
      if (!range) return [insertHeadElement(page, "title", `<title>${escapeText(step.value)}</title>`)];
      return [{ start: range.startEnd, end: range.endStart, text: escapeText(step.value) }];
    }
    case "set-description": {
      const range = descriptionElements(page)[0]?.range;
      if (range) return [setAttribute(source, range, "content", step.value)];
      const tag = `<meta name="description" content="${escapeAttribute(step.value, '"')}"`;
      return [insertHeadElement(page, "description", tag)];
    }
    case "set-canonical": {
      const range = canonicalElements(page)[0]?.range;
      if (range) return [setAttribute(source, range, "href", step.value)];
      return [insertHeadElement(page, "canonical", `<link rel="canonical" href="${escapeAttribute(step.value, '"')}"`)];
    }
    default:
      return patchesForHeading(source, page.headings[step.index] as Heading, step);
  }
}

function patchesForHeading(
  source: string,
  heading: Heading,
  step: Extract<Step, { op: "set-heading-level" | "set-heading-text" | "remove-heading" }>,
): Patch[] {
  switch (step.op) {
    case "set-heading-level":
      if (heading.levelFrom !== "tag") return [setAttribute(source, heading.range, "aria-level", String(step.level))];
      return renameTags(source, heading.range, `h${step.level}`);
    case "set-heading-text": {
      const part = heading.parts[step.part];
      if (!part) return [{ start: heading.range.startEnd, end: heading.range.startEnd, text: escapeText(step.value) }];
      const { start, end } = trimmedRange(source, part.range.start, part.range.end);
      return [{ start, end, text: escapeText(step.partText) }];
    }
    case "remove-heading":
      return removeHeading(source, heading, step.as ?? "p");
  }
}

function trimmedRange(source: string, from: number, to: number): { start: number; end: number } {
  let start = from;
  let end = to;
  while (start < end && /[\t\n\f\r ]/.test(source[start] ?? "")) start++;
  while (end > start && /[\t\n\f\r ]/.test(source[end - 1] ?? "")) end--;
  return { start, end };
}

function removeHeading(source: string, heading: Heading, as: "p" | "div"): Patch[] {
  const { range } = heading;
  const nothing = heading.parts.every(({ kind, text }) => (kind === "text" && isBlank(text)) || kind === "break");
  const inner = source.slice(range.startEnd, Math.max(range.endStart, range.startEnd));
  if (
    range.endStart >= 0 &&
    isBlank(heading.text) &&
    nothing &&
    !/<(?!br\b|\/?(?:b|em|font|i|span|strong)\b)/i.test(inner)
  ) {
    return [wholeLine(source, range.start, range.end)];
  }
  const patches =
    heading.tag.length === 2 && /^h[1-6]$/.test(heading.tag)
      ? renameTags(source, range, heading.phrasing ? as : "div")
      : [];
  patches.push(...removeAttribute(source, range, "aria-level"), ...removeAttribute(source, range, "role"));
  return patches;
}

const HEAD_ORDER = ["set-title", "set-description", "set-canonical"];

/** Title before description before canonical: insertions at one place come out in the order a person would write. */
function inHeadOrder(steps: readonly Step[]): Step[] {
  // What concerns the body comes behind: where the head is left out both may begin at one place.
  const rank = ({ op }: Step) => (HEAD_ORDER.includes(op) ? HEAD_ORDER.indexOf(op) : HEAD_ORDER.length);
  return [...steps].sort((a, b) => rank(a) - rank(b));
}

/** What a spreadsheet said of a page is written anew as a whole. */
function fieldsPatches({ source }: Page, steps: readonly Step[]): Patch[] {
  const values = fieldsOf(source);
  for (const step of steps) {
    if (step.op === "patch") continue;
    if ("index" in step) {
      if (step.op === "set-heading-text") values.h1 = step.value;
      if (step.op === "remove-heading") delete values.h1;
    } else values[step.op.slice("set-".length)] = step.value;
  }
  const text = JSON.stringify(values);
  return text === source ? [] : [{ start: 0, end: source.length, text }];
}

/** The patches that carry out steps, in whatever the page's source is written. */
export function patchesOf(page: Page, steps: readonly Step[]): Patch[] {
  if (page.format === "markdown") return markdownPatches(page, steps);
  if (page.format === "fields") return fieldsPatches(page, steps);
  return inHeadOrder(steps).flatMap((step) => patchesFor(page, step));
}
