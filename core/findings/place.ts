import type { Range } from "../page/page.ts";
import type { NodeKind } from "../rewrite/node.ts";

/** Parts of which a page has one. */
export type WholePart = "title" | "description" | "slug" | "head" | "markup";

interface Exactly {
  /** The words within the text of the place. */
  words?: Range;
  /** In the page's source. */
  range?: Range | null;
}

/** Where on a page a finding is: the field or node, and the exact words within its text. */
export type Place =
  | ({ part: WholePart } & Exactly)
  /** `index` counts in `Page.headings`, `Page.blocks`, `Page.images` or `Page.links`. */
  | ({ part: NodeKind; index: number } & Exactly)
  /** Structured data: `pointer` names the block and the way to the value there, as `pointerTo` does. */
  | { part: "data"; pointer: string; words?: Range; range: Range };

export type Part = Place["part"];

interface PartFacts<P extends Part> {
  /** What is shown of it on screen and in lists: “title”, “heading 3”. */
  name(at: Extract<Place, { part: P }>): string;
  /** Its place among others of the same part. */
  rank(at: Extract<Place, { part: P }>): number;
}

const whole = { name: ({ part }: { part: WholePart }) => part, rank: () => 0 };
const node = {
  name: ({ part, index }: { part: NodeKind; index: number }) => `${part} ${index}`,
  rank: ({ index }: { index: number }) => index,
};

/** The parts of a page, in the order in which they are shown and told. */
const PARTS: { [P in Part]: PartFacts<P> } = {
  title: whole,
  description: whole,
  slug: whole,
  heading: node,
  block: node,
  picture: node,
  link: node,
  data: { name: ({ pointer }) => `data ${pointer}`, rank: ({ range }) => range.start },
  head: whole,
  markup: whole,
};
const ORDER = Object.keys(PARTS);

const factsOf = (at: Place) => PARTS[at.part] as PartFacts<Part>;

/** Names a place on screen and in lists: “heading 3”, “title”. */
export const placeName = (at: Place): string => factsOf(at).name(at);

/** Orders what is found as it stands on the page. */
export const inPageOrder = (a: { at: Place }, b: { at: Place }): number =>
  ORDER.indexOf(a.at.part) - ORDER.indexOf(b.at.part) || factsOf(a.at).rank(a.at) - factsOf(b.at).rank(b.at);
