import { headingLike } from "../../outline/heading-like.ts";
import type { LandmarkKind, Page } from "../../page/page.ts";
import { asCell, facet, packLines, unpackLines } from "./facet.ts";

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

/** The headings of one shape on a page. */
export interface ShapeFacet {
  shape: HeadingShape;
  faults: readonly ShapeFault[];
  count: number;
  /** The first one's text. */
  example: string;
}

/** A heading, or a text set like one, with its shape and what is wrong with it. */
export interface ShapedNode {
  shape: HeadingShape;
  text: string;
  faults: ShapeFault[];
  /** Of the page's headings, or -1. */
  heading: number;
  /** Of the page's blocks, or -1. */
  block: number;
}

const AROUND: ReadonlySet<string> = new Set(["navigation", "complementary", "contentinfo", "search"]);
const FAULTS: ShapeFault[] = ["around", "jump", "styled", "several-h1"];
/** In UTF-16 code units. */
const EXAMPLE = 60;
const MOST = 40;

/** A shape as one text: `h3.menu-title in navigation`. */
export function shapeName({ tag, classes, landmark }: HeadingShape): string {
  return `${tag}${classes.map((one) => `.${one}`).join("")}${landmark ? ` in ${landmark}` : ""}`;
}

/** Class names in alphabetical order, each once. */
export const classesOf = (names: string) => [...new Set(names.split(/\s+/).filter(Boolean))].sort();

/** Every heading of a page, and every text set like one. */
export function shapedNodes(page: Page): ShapedNode[] {
  const h1s = page.headings.filter(({ level, landmark }) => level === 1 && !AROUND.has(landmark ?? "")).length;
  const nodes = Array.from(page.headings, (heading, index): ShapedNode => {
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

/** The shapes of a page's headings. */
export const shapes = facet<readonly ShapeFacet[], string>({
  version: 1,
  sees: ["headings", "blocks", "tables", "images"],
  take(page) {
    const found = new Map<string, { shape: HeadingShape; faults: Set<ShapeFault>; count: number; example: string }>();
    for (const { shape, text, faults } of shapedNodes(page)) {
      const name = shapeName(shape);
      const one = found.get(name) ?? { shape, faults: new Set(), count: 0, example: text.slice(0, EXAMPLE) };
      one.count++;
      for (const fault of faults) one.faults.add(fault);
      found.set(name, one);
    }
    return [...found.values()].slice(0, MOST).map((one) => ({ ...one, faults: [...one.faults] }));
  },
  pack: (list) =>
    packLines(list, ({ shape: { tag, classes, landmark }, faults, count, example }) => [
      tag,
      classes.join(" "),
      landmark ?? "",
      faults.map((one) => FAULTS.indexOf(one)).join(""),
      count,
      asCell(example),
    ]),
  unpack: (packed) =>
    unpackLines(packed, ([tag = "", classes = "", landmark = "", faults = "", count = "0", example = ""]) => ({
      shape: {
        tag,
        classes: classes.split(" ").filter(Boolean),
        landmark: (landmark || null) as LandmarkKind | null,
      },
      faults: Array.from(faults).flatMap((digit) => FAULTS[Number(digit)] ?? []),
      count: Number(count),
      example,
    })),
});
