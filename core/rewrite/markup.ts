import type { ElementRange } from "../page/page.ts";
import { type AttributePlace, attributePlaces } from "../page/start-tag.ts";
import type { Patch } from "./patch.ts";

export const escapeText = (value: string) => value.replaceAll("&", "&amp;").replaceAll("<", "&lt;");

export function escapeAttribute(value: string, quote: '"' | "'"): string {
  const escaped = value.replaceAll("&", "&amp;");
  return quote === '"' ? escaped.replaceAll('"', "&quot;") : escaped.replaceAll("'", "&#39;");
}

/** Sets an attribute of the element at `range`, in the quotes it has; a missing one is added behind the others. */
export function setAttribute(source: string, range: ElementRange, name: string, value: string): Patch {
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

/** Takes an attribute out of a start tag, with the space before it. */
export function removeAttribute(source: string, range: ElementRange, name: string): Patch[] {
  const place = attributePlaces(source, range.start, range.startEnd).find((one) => one.name === name);
  return place ? [withoutAttribute(source, place)] : [];
}

function withoutAttribute(source: string, place: AttributePlace): Patch {
  const quoted = place.quote === '"' || place.quote === "'";
  const end = quoted ? place.valueEnd + 1 : Math.max(place.valueEnd, place.nameEnd);
  let start = place.nameStart;
  while (/[\t\n\f\r ]/.test(source[start - 1] ?? "")) start--;
  return { start, end, text: "" };
}

/** Renames a start tag and its end tag; where either is written in capitals the new name is too. */
export function renameTags(source: string, range: ElementRange, name: string): Patch[] {
  const rename = (at: number): Patch => {
    const old = /^[^\s/>]*/.exec(source.slice(at, at + 20))?.[0] ?? "";
    const text = old !== old.toLowerCase() ? name.toUpperCase() : name;
    return { start: at, end: at + old.length, text };
  };
  const patches = [rename(range.start + 1)];
  if (range.endStart >= 0) patches.push(rename(range.endStart + 2));
  return patches;
}

/** A deletion that takes the line with it where nothing else stands on it. */
export function wholeLine(source: string, start: number, end: number): Patch {
  let from = start;
  while (source[from - 1] === " " || source[from - 1] === "\t") from--;
  const after = /^[ \t]*(?:\r\n|\n|\r)/.exec(source.slice(end, end + 200))?.[0].length ?? 0;
  const ownLine = from === 0 || /[\n\r]/.test(source[from - 1] ?? "");
  return ownLine && after > 0 ? { start: from, end: end + after, text: "" } : { start, end, text: "" };
}
