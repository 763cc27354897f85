import { textOfParts } from "../../page/name.ts";
import {
  collapse,
  type Heading,
  type HeadingKey,
  type HeadingPart,
  type Page,
  type Range,
  type TextBlock,
} from "../../page/page.ts";
import { cleanValue } from "../clean-value.ts";
import { headingsAsHanded } from "../handing.ts";
import { carryHeading, NESTED, rebound } from "../heading-edit.ts";
import { escapeMarkdown } from "../markdown.ts";
import { hashesOf } from "../markdown-headings.ts";
import { escapeText } from "../markup.ts";
import type { Patch } from "../patch.ts";
import { findHeading } from "../resolve.ts";
import { ofOnlyNode } from "../row.ts";
import { type Operation, type Planned, type Shape, setsWhatWas, valueIn } from "./operation.ts";

export interface SetHeadingText extends Shape {
  op: "set-heading-text";
  heading: HeadingKey;
  value: string;
  was: string;
}

/** What becomes of a heading: the one of its text parts that changes, or -1 where it has no text yet. */
interface Reworded {
  value: string;
  part: number;
  partText: string;
}

type Patches = (source: string, heading: Heading, reworded: Reworded) => Patch[];

const inHtml: Patches = (source, heading, { value, part, partText }) => {
  const place = heading.parts[part];
  const { startEnd } = heading.range;
  if (!place) return [{ start: startEnd, end: startEnd, text: escapeText(value) }];
  return [{ ...trimmedRange(source, place.range), text: escapeText(partText) }];
};

const inMarkdown: Patches = (source, heading, { value, part, partText }) => {
  const place = heading.parts[part];
  if (place) return [{ ...place.range, text: escapeMarkdown(partText) }];
  const at = heading.range.start + hashesOf(source, heading.range.start, heading.range.end);
  return [{ start: at, end: at, text: ` ${escapeMarkdown(value)}` }];
};

function trimmedRange(source: string, { start: from, end: to }: Range): Range {
  let start = from;
  let end = to;
  while (start < end && /[\t\n\f\r ]/.test(source[start] ?? "")) start++;
  while (end > start && /[\t\n\f\r ]/.test(source[end - 1] ?? "")) end--;
  return { start, end };
}

const plan =
  (patches: Patches) =>
  (page: Page, edit: SetHeadingText): Planned => {
    const value = cleanValue(edit.value);
    const found = findHeading(page, edit.heading);
    const heading = "index" in found ? page.headings[found.index] : undefined;
    // After its text was changed, a heading no longer bears the key's text.
    if ("reason" in found) return inPlace(page, edit.heading, value) ? null : found.reason;
    if (!heading) return "The heading is not on this page.";
    if (heading.nested) return NESTED;
    const reworded = reword(heading, value);
    if (reworded === null || typeof reworded === "string") return reworded;
    const { index } = found;
    // Where a text appears or goes, blocks do too.
    const inShape = reworded.part < 0 || reworded.partText === "";
    return {
      heading: index,
      field: { name: "h1", value },
      patches: () => patches(page.source, heading, reworded),
      ...(!inShape && { apply: (now: Page) => changed(now, index, reworded) }),
    };
  };

const inPlace = (page: Page, key: HeadingKey, value: string): boolean =>
  page.headings.some(
    (h) =>
      h.text === value &&
      (key.before === undefined || key.before === h.key.before) &&
      (key.after === undefined || key.after === h.key.after),
  );

function reword(heading: Heading, value: string): Reworded | null | string {
  if (value === heading.text) return null;
  if (value === "") return "A heading without words is announced and says nothing. Take the heading out instead.";
  const { parts } = heading;
  if (parts.some((part) => part.kind === "label"))
    return "Listeners hear this heading's aria-label, not its text. Change the label in the source.";
  if (!heading.balanced)
    return "Elements that begin in this heading end outside it, or it has no end tag. Mend the source first.";
  if (heading.text !== "") return splitPart(heading, value);
  if (parts.some((part) => part.kind !== "break" && part.text.trim() === "" && part.kind === "image"))
    return "This heading is a picture without alternative text: give the picture its text instead.";
  return { value, part: -1, partText: value };
}

/** Finds the one text part whose change turns the heading's text into `value`. */
function splitPart({ parts, text }: Heading, value: string): Reworded | string {
  const texts = parts
    .map((part, i) => ({ part, i }))
    .filter(({ part }) => part.kind === "text" && part.text.trim() !== "");
  const only = texts.length === 1 && parts.every((part) => part.kind !== "image" || part.text.trim() === "");
  let at = 0;
  for (const { part, i } of only ? texts.slice(0, 1) : texts) {
    const own = part.text.replace(/[\t\n\f\r ]+/g, " ").trim();
    const from = text.indexOf(own, at);
    if (from < 0) continue;
    at = from + own.length;
    const head = text.slice(0, from);
    const tail = text.slice(at);
    if (!value.startsWith(head) || !value.endsWith(tail) || value.length < head.length + tail.length) continue;
    const partText = value.slice(head.length, value.length - tail.length);
    if (partText !== partText.trim()) continue;
    const changed = parts.map((p, k) => (k === i ? { ...p, text: replaceTrimmed(p.text, partText) } : p));
    if (textOfParts(changed) === value) return { value, part: i, partText };
  }
  return `This heading is made of ${parts.filter((p) => p.kind !== "break").length} parts, and the change touches more than one of them. Change one part at a time.`;
}

/** The white space that a text ends with. */
function spaceBehind(text: string): string {
  let start = text.length;
  while (start > 0 && /[\t\n\f\r ]/.test(text[start - 1] ?? "")) start--;
  return text.slice(start);
}

/** A text with its core replaced and the white space around it kept. */
function replaceTrimmed(text: string, core: string): string {
  const lead = /^[\t\n\f\r ]*/.exec(text)?.[0] ?? "";
  const trail = lead.length === text.length ? "" : spaceBehind(text);
  return lead + core + trail;
}

function changed(page: Page, index: number, { part: at, partText }: Reworded): Page {
  const heading = page.headings[index];
  const part = heading?.parts[at];
  if (!heading || !part) return page;
  const parts = heading.parts.with(at, { ...part, text: replaceTrimmed(part.text, partText) });
  return {
    ...page,
    headings: page.headings.with(index, { ...heading, parts, text: textOfParts(parts) }),
    blocks: changeBlock(page.blocks, heading, parts, part),
    links: changeNamed(page.links, "text", part, partText),
    controls: changeNamed(page.controls, "name", part, partText),
  };
}

/** Links and controls that hold a changed part of a heading, in it or around it, and are named by their words. */
function changeNamed<K extends string, T extends { range: Range } & Record<K, string>>(
  all: T[],
  field: K,
  part: HeadingPart,
  text: string,
): T[] {
  const holds = ({ range }: T) => range.start <= part.range.start && range.end >= part.range.end;
  if (!all.some(holds)) return all;
  const before = collapse(part.text);
  return all.map((one) => (holds(one) ? { ...one, [field]: one[field].replace(before, () => text) } : one));
}

/** The text block that shows a changed part of a heading. */
function changeBlock(blocks: TextBlock[], heading: Heading, parts: HeadingPart[], part: HeadingPart): TextBlock[] {
  const at = blocks.findIndex(
    (b, i) => i >= heading.block && b.range.start <= part.range.start && b.range.end >= part.range.end,
  );
  const block = blocks[at];
  if (!block || heading.block < 0) return blocks;
  const shown = (list: HeadingPart[]) =>
    textOfParts(
      list.filter(
        (p) =>
          p.kind === "break" ||
          (p.kind === "text" && p.range.start >= block.range.start && p.range.end <= block.range.end),
      ),
    );
  const before = part.text.trim();
  const after = parts[heading.parts.indexOf(part)]?.text.trim() ?? "";
  const text = shown(heading.parts) === block.text ? shown(parts) : block.text.replace(before, () => after);
  return blocks.with(at, { ...block, text });
}

const standing = (page: Page, index: number) => page.headings[index]?.text ?? "";

export const setHeadingText: Operation<SetHeadingText> = {
  called: "heading text",
  schema: ({ key, value, text }) => ({ heading: key.required(), value, was: text.default("") }),
  nodes: ({ heading }) => [{ kind: "heading", key: heading }],
  is: valueIn,
  renames: valueIn,
  isNothing: setsWhatWas,
  fromRow: (page, row) =>
    ofOnlyNode(page, "heading", row.was, (key) => ({
      op: "set-heading-text",
      heading: key,
      value: row.is,
      was: row.was,
    })),
  plan: { html: plan(inHtml), markdown: plan(inMarkdown), fields: plan(inHtml) },
  standing,
  carry: (edit, carrying) => {
    const bind = (one: SetHeadingText, at: Heading) => ({ kept: rebound(one, at, standing, carrying.page) });
    return carryHeading<SetHeadingText>(edit, { standing, bind, newText: valueIn }, carrying);
  },
  takenOver: ({ value }, now, handing) => headingsAsHanded(now, handing, value),
  sample: ({ headings }, { value, ofEach }) =>
    ofEach(headings, (_, { key, text: was }) =>
      value.map((one): SetHeadingText => ({ op: "set-heading-text", heading: key, value: one, was })),
    ),
};
