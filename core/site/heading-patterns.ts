import { headingLike } from "../outline/heading-like.ts";
import type { LandmarkKind, Page } from "../page/page.ts";
import type { Edit } from "../rewrite/edits.ts";
import { keyOf } from "../rewrite/resolve.ts";
import type { PageSummary } from "./page-summary.ts";

/** What headings, or texts set like some, have in common on many pages: tag, classes and landmark. */
export interface HeadingShape {
  /** `b` in front of the tag says that it is a text in bold: `b:p`. */
  tag: string;
  /** In alphabetical order. */
  classes: readonly string[];
  landmark: LandmarkKind | null;
}

/** Why headings of one shape are worth looking at. */
export type ShapeFault = "around" | "jump" | "styled" | "several-h1";

/** A shape that goes wrong on several pages. */
export interface HeadingPattern {
  name: string;
  shape: HeadingShape;
  faults: ShapeFault[];
  /** Ids of the pages that have it. */
  pages: string[];
  count: number;
  /** Texts of the first few. */
  examples: string[];
}

/** What headings of a shape shall become. */
export type PatternTarget = 1 | 2 | 3 | 4 | 5 | 6 | "paragraph" | "div";

const AROUND: ReadonlySet<string> = new Set(["navigation", "complementary", "contentinfo", "search"]);

/** A shape as one text: `h3.menu-title in navigation`. */
export function shapeName({ tag, classes, landmark }: HeadingShape): string {
  return `${tag}${classes.map((one) => `.${one}`).join("")}${landmark ? ` in ${landmark}` : ""}`;
}

/** Class names in alphabetical order, each once. */
export const classesOf = (names: string) => [...new Set(names.split(/\s+/).filter(Boolean))].sort();

interface Shaped {
  shape: HeadingShape;
  text: string;
  faults: ShapeFault[];
  heading: number;
  block: number;
}

/** Every heading of a page, and every text set like one, with its shape and what is wrong with it. */
function shapedNodes(page: Page): Shaped[] {
  const h1s = page.headings.filter(({ level, landmark }) => level === 1 && !AROUND.has(landmark ?? "")).length;
  const nodes = Array.from(page.headings, (heading, index): Shaped => {
    const { landmark, tag, classNames, level, text } = heading;
    const before = page.headings[index - 1];
    const faults: ShapeFault[] = [];
    if (AROUND.has(landmark ?? "")) faults.push("around");
    if (before && level > before.level + 1) faults.push("jump");
    if (level === 1 && h1s > 1) faults.push("several-h1");
    return { shape: { tag, classes: classesOf(classNames), landmark }, text, faults, heading: index, block: -1 };
  });
  for (const { block, index, why } of headingLike(page)) {
    const tag = why === "bold" ? `b:${block.tag}` : block.tag;
    const shape = { tag, classes: classesOf(block.classNames), landmark: block.landmark };
    nodes.push({ shape, text: block.text, faults: ["styled"], heading: -1, block: index });
  }
  return nodes;
}

const FAULTS: ShapeFault[] = ["around", "jump", "styled", "several-h1"];
const EXAMPLE = 60;

const packed = new WeakMap<Page["headings"], { blocks: Page["blocks"]; text: string }>();

/** The shapes of a page's headings, packed into one text for its summary: a line a shape. Once for the same headings. */
export function packShapes(page: Page): string {
  const known = packed.get(page.headings);
  if (known?.blocks === page.blocks) return known.text;
  const text = pack(page);
  packed.set(page.headings, { blocks: page.blocks, text });
  return text;
}

function pack(page: Page): string {
  const lines = new Map<string, { count: number; faults: Set<ShapeFault>; example: string; shape: HeadingShape }>();
  for (const { shape, text, faults } of shapedNodes(page)) {
    const name = shapeName(shape);
    const line = lines.get(name) ?? { count: 0, faults: new Set(), example: text.slice(0, EXAMPLE), shape };
    line.count++;
    for (const fault of faults) line.faults.add(fault);
    lines.set(name, line);
  }
  return [...lines.values()]
    .slice(0, 40)
    .map(({ count, faults, example, shape: { tag, classes, landmark } }) =>
      [
        tag,
        classes.join(" "),
        landmark ?? "",
        [...faults].map((one) => FAULTS.indexOf(one)).join(""),
        count,
        example.replace(/[\t\n]/g, " "),
      ].join("\t"),
    )
    .join("\n");
}

/** The patterns of headings of a site that go wrong on two pages at least, most pages first. */
export function headingPatterns(summaries: readonly Pick<PageSummary, "id" | "shapes">[]): HeadingPattern[] {
  const patterns = new Map<string, HeadingPattern & { wrong: number }>();
  for (const { id, shapes = "" } of summaries) {
    if (shapes === "") continue;
    for (const line of shapes.split("\n")) {
      const [tag = "", classes = "", landmark = "", faults = "", count = "0", example = ""] = line.split("\t");
      const shape: HeadingShape = {
        tag,
        classes: classes.split(" ").filter(Boolean),
        landmark: (landmark || null) as LandmarkKind | null,
      };
      const name = shapeName(shape);
      let pattern = patterns.get(name);
      if (!pattern) {
        pattern = { name, shape, faults: [], pages: [], count: 0, examples: [], wrong: 0 };
        patterns.set(name, pattern);
      }
      pattern.pages.push(id);
      pattern.count += Number(count);
      if (faults !== "") pattern.wrong++;
      for (const digit of faults) {
        const fault = FAULTS[Number(digit)];
        if (fault && !pattern.faults.includes(fault)) pattern.faults.push(fault);
      }
      if (pattern.examples.length < 4 && !pattern.examples.includes(example)) pattern.examples.push(example);
    }
  }
  return [...patterns.values()]
    .filter(({ wrong }) => wrong >= 2)
    .sort((a, b) => b.pages.length - a.pages.length)
    .map(({ wrong: _, ...pattern }) => pattern);
}

const LANDMARK_TAGS: Record<string, LandmarkKind> = {
  nav: "navigation",
  aside: "complementary",
  footer: "contentinfo",
  header: "banner",
  main: "main",
};

/** A shape as a selector that `parseSelector` reads. */
export function selectorOf({ tag, classes, landmark }: HeadingShape): string {
  const [around] = Object.entries(LANDMARK_TAGS).find(([, kind]) => kind === landmark) ?? [];
  return `${around ? `${around} ` : ""}${tag}${classes.map((one) => `.${one}`).join("")}`;
}

/**
 * Reads a selector of a tag and classes, in a landmark element where one stands before it: `h3`, `.tile`, `nav h3.menu`.
 * Anything else is said to be more than is understood.
 */
export function parseSelector(text: string): Partial<HeadingShape> | { reason: string } {
  const match = /^(?:(nav|aside|footer|header|main)\s+)?([a-z][a-z0-9]*|\*)?((?:\.[\w-]+)*)$/i.exec(text.trim());
  const [, around, tag, classes = ""] = match ?? [];
  if (!match || (!tag && classes === "")) {
    return { reason: "Type a tag, classes or both, after nav, aside, header, footer or main if you like: nav h3.menu" };
  }
  return {
    ...(tag && tag !== "*" && { tag: tag.toLowerCase() }),
    ...(classes && { classes: classes.slice(1).split(".").sort() }),
    ...(around && { landmark: LANDMARK_TAGS[around.toLowerCase()] as LandmarkKind }),
  };
}

/** Whether a node is of a shape; what the wanted one leaves open fits all. An exact pattern has the very same classes. */
function fits(shape: HeadingShape, wanted: Partial<HeadingShape>, exact: boolean): boolean {
  if (wanted.tag !== undefined && wanted.tag !== shape.tag) return false;
  if ((exact || wanted.landmark !== undefined) && (wanted.landmark ?? null) !== shape.landmark) return false;
  const classes = wanted.classes ?? [];
  if (exact && classes.length !== shape.classes.length) return false;
  return classes.every((one) => shape.classes.includes(one));
}

/**
 * The edits that make of all headings of a shape on a page what they shall become. A page on which none of them has one of
 * the `faults` that the pattern was found by is left alone: there the level is right.
 */
export function editsForShape(
  page: Page,
  wanted: Partial<HeadingShape>,
  target: PatternTarget,
  exact: boolean,
  faults: readonly ShapeFault[] = [],
): Edit[] {
  const nodes = shapedNodes(page).filter(({ shape }) => fits(shape, wanted, exact));
  if (faults.length > 0 && !nodes.some((node) => node.faults.some((one) => faults.includes(one)))) return [];
  return nodes.flatMap(({ heading, block, text }): Edit[] => {
    if (block >= 0) {
      return typeof target === "number"
        ? [{ op: "make-heading", block: keyOf(page, "block", block), level: target, was: text }]
        : [];
    }
    const own = page.headings[heading];
    if (!own) return [];
    if (typeof target !== "number")
      return [
        { op: "remove-heading", heading: own.key, was: own.text, ...(target === "div" && { as: "div" as const }) },
      ];
    return own.level === target ? [] : [{ op: "set-heading-level", heading: own.key, level: target, was: own.level }];
  });
}
