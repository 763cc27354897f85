import type { Heading, HeadingKey, Page } from "../../page/page.ts";
import { headingsAsHanded, sameKey } from "../handing.ts";
import { carryHeading, isLevel, NO_LEVEL, withHeading } from "../heading-edit.ts";
import { hashesOf, underlineOf } from "../markdown-headings.ts";
import { renameTags, setAttribute } from "../markup.ts";
import type { Patch } from "../patch.ts";
import { ofOnlyNode } from "../row.ts";
import { type Carried, type Carrying, type Operation, type Planned, SETTLED, type Shape } from "./operation.ts";

export interface SetHeadingLevel extends Shape {
  op: "set-heading-level";
  heading: HeadingKey;
  level: number;
  was: number;
}

type Patches = (source: string, heading: Heading, level: number) => Patch[];

const inHtml: Patches = (source, heading, level) =>
  heading.levelFrom === "tag"
    ? renameTags(source, heading.range, `h${level}`)
    : [setAttribute(source, heading.range, "aria-level", String(level))];

const inMarkdown: Patches = (source, { range: { start, end, endStart } }, level) => {
  const hashes = hashesOf(source, start, end);
  if (hashes) return [{ start, end: start + hashes, text: "#".repeat(level) }];
  const underline = underlineOf(source, endStart, end);
  if (level <= 2 && underline)
    return [{ ...underline, text: underline.text.replace(/[=-]/g, level === 1 ? "=" : "-") }];
  return [
    { start, end: start, text: `${"#".repeat(level)} ` },
    { start: underline?.start ?? end, end, text: "" },
  ];
};

function changed(page: Page, index: number, level: number): Page {
  const heading = page.headings[index];
  if (!heading) return page;
  const set: Heading = { ...heading, level };
  if (heading.levelFrom === "default") set.levelFrom = "aria-level";
  if (heading.levelFrom === "tag") set.tag = `h${level}`;
  const block = page.blocks[heading.block];
  const blocks = block?.tag === heading.tag ? page.blocks.with(heading.block, { ...block, tag: set.tag }) : page.blocks;
  return { ...page, headings: page.headings.with(index, set), blocks };
}

const plan =
  (patches: Patches) =>
  (page: Page, { heading: key, level }: SetHeadingLevel): Planned =>
    withHeading(page, key, (heading, index): Planned => {
      if (!isLevel(level)) return NO_LEVEL;
      if (heading.level === level) return null;
      return {
        heading: index,
        patches: () => patches(page.source, heading, level),
        apply: (now) => changed(now, index, level),
      };
    });

const standing = (page: Page, index: number) => page.headings[index]?.level ?? 0;

function bind(edit: SetHeadingLevel, at: Heading): Carried<SetHeadingLevel> {
  if (at.level === edit.level) return SETTLED;
  const kept: SetHeadingLevel = { ...edit, heading: at.key, was: at.level };
  if (at.level === edit.was) return { kept };
  const reason = `The heading was an H${edit.was} and is an H${at.level} now.`;
  return { conflict: { now: `H${at.level}`, reason, mine: kept } };
}

/** A heading whose text the site has taken over from this redraft may still wait for its level. */
function gone(edit: SetHeadingLevel, { page, company }: Carrying<SetHeadingLevel>): Carried<SetHeadingLevel> | null {
  const text = company.newTextOf(edit.heading.text);
  const found = page.headings.filter((heading) => heading.text === text && company.same(edit.heading, heading));
  const [only] = found;
  return only && found.length === 1 ? bind(edit, only) : null;
}

export const setHeadingLevel: Operation<SetHeadingLevel> = {
  called: "heading level",
  namesNode: true,
  schema: ({ joi, key, level }) => ({ heading: key.required(), level, was: joi.number().default(0) }),
  nodes: ({ heading }) => [{ kind: "heading", key: heading }],
  is: ({ level }) => `H${level}`,
  was: ({ was }) => `H${was}`,
  isNothing: ({ level, was }) => level === was,
  fromRow: (page, row) =>
    ofOnlyNode(page, "heading", row.named, (key, index) => ({
      op: "set-heading-level",
      heading: key,
      level: Number(/^H?([1-6])$/i.exec(row.is)?.[1] ?? 0),
      was: page.headings[index]?.level ?? 0,
    })),
  plan: {
    html: plan(inHtml),
    markdown: plan(inMarkdown),
    fields: () =>
      "Only the H1 of this page is known, from a spreadsheet. Bring in the page itself to change its headings.",
  },
  standing,
  carry: (edit, carrying) => carryHeading(edit, { standing, bind, gone }, carrying),
  takenOver(edit, now, handing) {
    const heading = handing.expected.headings.find(({ key }) => sameKey(key, edit.heading));
    return heading !== undefined && headingsAsHanded(now, handing, heading.text, edit.level);
  },
  sample: ({ headings }, { fc, ofEach }) =>
    ofEach(headings, (_, { key, level: was }) =>
      fc
        .integer({ min: 1, max: 6 })
        .map((level): SetHeadingLevel => ({ op: "set-heading-level", heading: key, level, was })),
    ),
};
