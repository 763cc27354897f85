import { fieldsOf } from "../page/fields.ts";
import { canonicalElements, descriptionElements, type ElementRange, type Heading, type Page } from "../page/page.ts";
import { insertHeadElement } from "./insert.ts";
import { markdownPatches } from "./markdown.ts";
import type { Patch } from "./patch.ts";
import type { Step } from "./plan.ts";
import { attributePlaces } from "./start-tag.ts";

export const escapeText = (value: string) => value.replaceAll("&", "&amp;").replaceAll("<", "&lt;");

export function escapeAttribute(value: string, quote: '"' | "'"): string {
  const escaped = value.replaceAll("&", "&amp;");
  return quote === '"' ? escaped.replaceAll('"', "&quot;") : escaped.replaceAll("'", "&#39;");
}

/** Sets an attribute of the element at `range`, in the quotes it has; a missing one is added behind `after`, or the tag's name. */
function setAttribute(source: string, range: ElementRange, name: string, value: string): Patch {
  const places = attributePlaces(source, range.start, range.startEnd);
  const place = places.find((p) => p.name === name);
  if (place?.quote === '"' || place?.quote === "'") {
    return { start: place.valueStart, end: place.valueEnd, text: escapeAttribute(value, place.quote) };
  }
  const quoted = `"${escapeAttribute(value, '"')}"`;
  if (place?.quote === "") return { start: place.valueStart, end: place.valueEnd, text: quoted };
  if (place) return { start: place.nameEnd, end: place.nameEnd, text: `=${quoted}` };
  const last = places.at(-1);
  let at = range.start + 1 + (/^[^\s/>]*/.exec(source.slice(range.start + 1, range.startEnd))?.[0].length ?? 0);
  if (last) at = last.quote === '"' || last.quote === "'" ? last.valueEnd + 1 : Math.max(last.valueEnd, last.nameEnd);
  return { start: at, end: at, text: ` ${name}=${quoted}` };
}

/** The patches that carry out one step in HTML. */
function patchesFor(page: Page, step: Step): Patch[] {
  const { source } = page;
  switch (step.op) {
    case "set-slug":
      return [];
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
      return removeHeading(source, heading);
  }
}

function trimmedRange(source: string, from: number, to: number): { start: number; end: number } {
  let start = from;
  let end = to;
  while (start < end && /[\t\n\f\r ]/.test(source[start] ?? "")) start++;
  while (end > start && /[\t\n\f\r ]/.test(source[end - 1] ?? "")) end--;
  return { start, end };
}

/** Renames a start tag and its end tag; where either is written in capitals the new name is too. */
function renameTags(source: string, range: ElementRange, name: string): Patch[] {
  const rename = (at: number): Patch => {
    const old = /^[^\s/>]*/.exec(source.slice(at, at + 20))?.[0] ?? "";
    const text = old !== old.toLowerCase() ? name.toUpperCase() : name;
    return { start: at, end: at + old.length, text };
  };
  const patches = [rename(range.start + 1)];
  if (range.endStart >= 0) patches.push(rename(range.endStart + 2));
  return patches;
}

function removeHeading(source: string, heading: Heading): Patch[] {
  const { range } = heading;
  if (source.slice(range.startEnd, Math.max(range.endStart, range.startEnd)).trim() === "" && range.endStart >= 0) {
    return [wholeLine(source, range.start, range.end)];
  }
  const patches =
    heading.tag.length === 2 && /^h[1-6]$/.test(heading.tag)
      ? renameTags(source, range, heading.phrasing ? "p" : "div")
      : [];
  for (const place of attributePlaces(source, range.start, range.startEnd)) {
    if (place.name !== "aria-level" && place.name !== "role") continue;
    const end =
      place.quote === '"' || place.quote === "'" ? place.valueEnd + 1 : Math.max(place.valueEnd, place.nameEnd);
    let start = place.nameStart;
    while (/[\t\n\f\r ]/.test(source[start - 1] ?? "")) start--;
    patches.push({ start, end, text: "" });
  }
  return patches;
}

/** A deletion that takes the line with it where nothing else stands on it. */
function wholeLine(source: string, start: number, end: number): Patch {
  let from = start;
  while (source[from - 1] === " " || source[from - 1] === "\t") from--;
  const after = /^[ \t]*(?:\r\n|\n|\r)/.exec(source.slice(end, end + 200))?.[0].length ?? 0;
  const ownLine = from === 0 || /[\n\r]/.test(source[from - 1] ?? "");
  return ownLine && after > 0 ? { start: from, end: end + after, text: "" } : { start, end, text: "" };
}

const HEAD_ORDER = ["set-title", "set-description", "set-canonical"];

/** Title before description before canonical: insertions at one place come out in the order a person would write. */
function inHeadOrder(steps: readonly Step[]): Step[] {
  return [...steps].sort((a, b) => HEAD_ORDER.indexOf(a.op) - HEAD_ORDER.indexOf(b.op));
}

/** What a spreadsheet said of a page is written anew as a whole. */
function fieldsPatches({ source }: Page, steps: readonly Step[]): Patch[] {
  const values = fieldsOf(source);
  for (const step of steps) {
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
