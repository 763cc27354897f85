import { type Heading, type HeadingKey, isBlank, type Page } from "../../page/page.ts";
import { isOnlyHeading, notAllowedAt, ONLY_HEADING } from "../content-model.ts";
import { headingsAsHanded } from "../handing.ts";
import { carryHeading, NESTED, rebound, withHeading } from "../heading-edit.ts";
import { lineEnding } from "../markdown.ts";
import { hashesOf } from "../markdown-headings.ts";
import { removeAttribute, renameTags, wholeLine } from "../markup.ts";
import type { Patch } from "../patch.ts";
import { type Operation, type Planned, SETTLED, type Shape } from "./operation.ts";

/** The heading becomes a paragraph, or a `div`, with what it holds; an empty one is taken out. */
export interface RemoveHeading extends Shape {
  op: "remove-heading";
  heading: HeadingKey;
  was: string;
  as?: "div";
}

type Patches = (source: string, heading: Heading, as: "p" | "div") => Patch[];

const inHtml: Patches = (source, heading, as) => {
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
};

/** The line stays as a paragraph, with empty lines around it as paragraphs need. */
const inMarkdown: Patches = (source, heading) => {
  const { start, startEnd, endStart, end } = heading.range;
  if (heading.text === "") return [{ start, end, text: "" }];
  const hashes = hashesOf(source, start, end);
  const newline = lineEnding(source);
  const glued = /^\r?\n[^\r\n]/.test(source.slice(end, end + 3)) ? newline : "";
  const gluedBefore = /[^\r\n]\r?\n$/.test(source.slice(Math.max(0, start - 3), start)) ? newline : "";
  return [
    { start, end: hashes ? startEnd : start, text: gluedBefore },
    { start: endStart, end, text: glued },
  ];
};

const plan =
  (patches: Patches) =>
  (page: Page, { heading: key, as }: RemoveHeading): Planned =>
    withHeading(page, key, (heading, index): Planned => {
      if (heading.nested) return NESTED;
      return (
        refusal(page, heading) ??
        notAParagraph(page, heading, as ?? "p") ?? {
          heading: index,
          removes: true,
          field: { name: "h1", value: null },
          patches: () => patches(page.source, heading, as ?? "p"),
        }
      );
    });

/** Why a paragraph cannot stand where the heading does. */
function notAParagraph(page: Page, { tag, range, phrasing, text }: Heading, as: "p" | "div"): string | null {
  if (page.format !== "html" || !/^h[1-6]$/.test(tag) || isBlank(text)) return null;
  const within = notAllowedAt(page, range.start, [phrasing ? as : "div"], "");
  return within ?? (isOnlyHeading(page, range.start) ? ONLY_HEADING : null);
}

function refusal(page: Page, heading: Heading): string | null {
  const opens = page.headings.some((h) => h.range.endStart < 0 && h.range.end === heading.range.start);
  if (opens)
    return "The heading before this one has no end tag and ends only because this one begins. Close it in the source first.";
  if (heading.tag.length === 2 && heading.range.endStart < 0)
    return "This heading has no end tag in the source, so it cannot be said where it ends. Close it there first.";
  if (!heading.balanced)
    return "Elements that begin in this heading end outside it, or the other way round. Mend the source first.";
  return null;
}

const standing = (page: Page, index: number) => page.headings[index]?.text ?? "";

export const removeHeading: Operation<RemoveHeading> = {
  called: "heading removed",
  schema: ({ joi, key, text }) => ({ heading: key.required(), was: text.default(""), as: joi.valid("div") }),
  nodes: ({ heading }) => [{ kind: "heading", key: heading }],
  is: ({ was, as }) => {
    if (isBlank(was)) return "";
    return as === "div" ? "a div" : "ordinary text";
  },
  uproots: true,
  ends: true,
  plan: { html: plan(inHtml), markdown: plan(inMarkdown), fields: plan(inHtml) },
  standing,
  carry: (edit, carrying) => {
    const bind = (one: RemoveHeading, at: Heading) => ({ kept: rebound(one, at, standing, carrying.page) });
    return carryHeading(edit, { standing, bind, gone: () => SETTLED }, carrying);
  },
  takenOver: ({ was }, now, handing) => headingsAsHanded(now, handing, was),
  sample: ({ headings }, { fc, ofEach }) =>
    ofEach(headings, (_, { key, text: was }) =>
      fc
        .constantFrom({}, { as: "div" as const })
        .map((as): RemoveHeading => ({ op: "remove-heading", heading: key, was, ...as })),
    ),
};
