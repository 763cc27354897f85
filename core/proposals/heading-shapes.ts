import type { LandmarkKind, Page } from "../page/page.ts";
import { type Edit, newValueOf, operationOf, wasOf } from "../rewrite/edits.ts";
import { keyOf } from "../rewrite/resolve.ts";
import { type HeadingShape, type ShapeFault, shapedNodes } from "../site/facets/shapes.ts";
import { outlineWith } from "./outline.ts";
import { NOTHING, type Proposal } from "./proposal.ts";

/** What headings of a shape shall become. */
export type PatternTarget = 1 | 2 | 3 | 4 | 5 | 6 | "paragraph" | "div";

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

/** What headings of a shape shall become, on every page that has them. */
export interface AskedShape {
  shape: Partial<HeadingShape>;
  target: PatternTarget;
  /** The very same classes and landmark, not only these. */
  exact: boolean;
  /** What the pattern was found by: pages without it are left alone. */
  faults?: readonly ShapeFault[];
}

/** Headings of one shape become a level, a paragraph or a div. */
export const headingShapes: Proposal<AskedShape> = {
  propose(on, { shape, target, exact, faults }) {
    const edits = editsForShape(on.original, shape, target, exact, faults);
    const [first] = edits;
    const outline = first && outlineWith(on, edits);
    if (!first || !outline) return NOTHING;
    const line = { called: operationOf(first).called, was: wasOf(first), is: newValueOf(first), edits, reason: null };
    return { lines: [line], outline };
  },
};
