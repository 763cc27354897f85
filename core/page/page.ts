import { resolveAddress } from "../address/address.ts";
import type { Charset } from "./charset.ts";
import type { OriginalKind, Unread } from "./original.ts";
import type { ParseFault } from "./parse.ts";

/** Offsets into `Page.source`, in UTF-16 code units; `end` lies behind the last one. */
export interface Range {
  start: number;
  end: number;
}

/** An element's place in the source. */
export interface ElementRange extends Range {
  /** Behind the start tag. */
  startEnd: number;
  /** Where the end tag begins; -1 where the source holds none. */
  endStart: number;
}

export type LandmarkKind =
  | "banner"
  | "complementary"
  | "contentinfo"
  | "form"
  | "main"
  | "navigation"
  | "region"
  | "search";

export interface Doctype extends Range {
  name: string;
  publicId: string;
  systemId: string;
}

export interface TitleElement {
  /** Text with white space stripped and collapsed, as `document.title` gives it (HTML, "the title attribute of Document"). */
  text: string;
  /** Whether the parser put the element into the head or the body. */
  where: "head" | "body";
  /** Null for a title that a redraft adds. */
  range: ElementRange | null;
}

export interface MetaElement {
  /** Lower case; null where the attribute is absent. */
  name: string | null;
  /** As written. */
  property: string | null;
  /** Lower case. */
  httpEquiv: string | null;
  charset: string | null;
  content: string | null;
  where: "head" | "body";
  range: ElementRange | null;
}

export interface HeadLink {
  /** Lower case, split at white space. */
  rel: string[];
  href: string | null;
  hreflang: string | null;
  where: "head" | "body";
  range: ElementRange | null;
}

export interface HeadingPart {
  /** `text`: characters in the source. `image`: alternative text. `label`: an `aria-label`. `break`: a line break or block edge. */
  kind: "text" | "image" | "label" | "break";
  /** Decoded, white space as written. */
  text: string;
  range: Range;
}

/**
 * What names a heading in the original, so that an edit finds it again: its text, the how-manieth of how many with that
 * text, and the texts of the headings before and after.
 */
export interface HeadingKey {
  text: string;
  id?: string;
  /** From 1. Absent where somebody wrote the key by hand: then the text must be the only one. */
  nth?: number;
  of?: number;
  before?: string | null;
  after?: string | null;
}

export interface Heading {
  key: HeadingKey;
  /** 1–6; more where `aria-level` says so. */
  level: number;
  /** As a screen reader says it: with alternative texts, without hidden parts, white space collapsed. */
  text: string;
  parts: HeadingPart[];
  tag: string;
  /** Where the level is written: in the tag's name, in `aria-level`, or nowhere (`role=heading` alone means 2, ARIA 1.2). */
  levelFrom: "tag" | "aria-level" | "default";
  classNames: string;
  id: string | null;
  landmark: LandmarkKind | null;
  /** Index in `Page.blocks`; -1 where the heading has no visible text. */
  block: number;
  /** Inside another heading, or with another one inside. */
  nested: boolean;
  /** Which edit of the redraft has made it; absent in the original. */
  createdBy?: string;
  /** In a list of comments or a form to reply with, by the names of what stands around. */
  inComments: boolean;
  /** Start tags and end tags inside the heading belong to each other. */
  balanced: boolean;
  /** All that it holds is phrasing content (HTML 3.2.5.2.5), which a paragraph may hold. */
  phrasing: boolean;
  range: ElementRange;
}

export interface TextBlock {
  /** The nearest block element's tag: `p`, `li`, `td`, `h2`, `div`… */
  tag: string;
  /** Visible text, white space collapsed. */
  text: string;
  landmark: LandmarkKind | null;
  /** Index in `Page.headings` of the heading it stands under; -1 before the first. */
  heading: number;
  range: Range;
  /** The element that holds this text and no other block; null where the text stands beside other blocks. */
  element: ElementRange | null;
  /** Of that element; "" where there is none. */
  classNames: string;
  /** All of its text is bold by elements. Told of short texts only: a whole paragraph in bold is no heading. */
  bold: boolean;
  /** As `dir` says around it; null where nothing does. */
  direction: "ltr" | "rtl" | "auto" | null;
}

/** Text up to this length may be a heading in disguise, in UTF-16 code units. */
export const HEADING_LIKE = 100;

export interface List {
  ordered: boolean;
  items: number;
  landmark: LandmarkKind | null;
  range: ElementRange;
}

export interface Table {
  rows: number;
  landmark: LandmarkKind | null;
  range: ElementRange;
}

export interface Link {
  href: string;
  /** As assistive technology names it, its own `title` apart; "" for none. */
  text: string;
  title: string | null;
  rel: string | null;
  landmark: LandmarkKind | null;
  /** Passed over by assistive technology. */
  silent: boolean;
  /** Index in `Page.blocks` of the block it stands in. */
  block: number;
  range: ElementRange;
}

/** Something to press: a button, or an element that acts as one. */
export interface Control {
  tag: string;
  role: string | null;
  /** As assistive technology says it (Accessible Name and Description Computation 1.2, steps 2B to 2I); "" for none. */
  name: string;
  /** Null where there is no such attribute. */
  href: string | null;
  onclick: string | null;
  silent: boolean;
  range: ElementRange;
}

/** A field that somebody fills in or chooses from. */
export interface FormField {
  tag: "input" | "select" | "textarea";
  /** Of an input, in lower case; "" elsewhere. */
  type: string;
  /** As assistive technology says it, the placeholder apart; "" for none. */
  name: string;
  placeholder: string;
  silent: boolean;
  range: ElementRange;
}

/** A page shown within the page. */
export interface Frame {
  src: string | null;
  /** As assistive technology says it; "" for none. */
  name: string;
  silent: boolean;
  range: ElementRange;
}

/** An element that is never closed, so that the parser makes it anew in every block behind it (HTML 13.2.4.3). */
export interface Repeated {
  tag: string;
  /** How often it was made anew. */
  times: number;
  range: ElementRange;
}

/** Something that the page loads over http. */
export interface InsecureFile {
  tag: string;
  address: string;
  range: ElementRange;
}

export interface Section {
  /** Whether a heading stands in it, or it bears a name of its own. */
  named: boolean;
  range: ElementRange;
}

/** Something whose end is missing, so that it takes in what follows. */
export interface Swallowing {
  what: "quote" | "comment" | "text";
  /** The element's or attribute's name; "" for a comment. */
  name: string;
  range: Range;
}

export interface Image {
  src: string | null;
  /** Null where there is no `alt` attribute. */
  alt: string | null;
  title: string | null;
  width: string | null;
  height: string | null;
  inLink: boolean;
  /** Index in `Page.links`; -1 outside of links. */
  link: number;
  /** Index in `Page.headings`; -1 outside of headings. */
  heading: number;
  /** Named by `aria-label` or `aria-labelledby`. */
  labelled: boolean;
  /** Passed over by assistive technology, or said to be there for looks only (`role=presentation`). */
  silent: boolean;
  landmark: LandmarkKind | null;
  range: ElementRange;
}

/** Something that plays: a `video` element, or a frame whose title says that it plays one. */
export interface Video {
  /** In a frame of another page. */
  framed: boolean;
  src: string | null;
  poster: string | null;
  title: string | null;
  /** Index in `Page.headings` of the heading it stands under; -1 before the first. */
  heading: number;
  range: ElementRange;
}

export interface Landmark {
  kind: LandmarkKind;
  label: string | null;
  range: ElementRange;
}

export interface DataBlock {
  /** The script's content, as written. */
  text: string;
  /** Where the content stands. */
  range: Range;
}

export interface Comment {
  text: string;
  range: Range;
}

export interface ElementId {
  id: string;
  range: Range;
}

/** Why a page could not be read; its parts are those read so far. */
export type PageFault =
  | ParseFault
  | "nested-too-deep"
  | "too-tangled"
  | Unread
  | "empty"
  | "binary"
  | "too-large"
  | "front-matter";

/** A page as the rules see it. Treat as immutable: `audit` tells by identity what has changed. */
export interface Page {
  /** Absolute address, as far as it is known. */
  address: string;
  source: string;
  charset: Charset;
  fault: PageFault | null;
  /** What its source is: rules about markup look at HTML only. */
  format: OriginalKind;
  /** Response headers that matter to search engines, lower-case names; empty where the page came from a file. */
  headers: Readonly<Record<string, string>>;
  /** Front matter and spreadsheet values by name; nested names are joined by a dot, lists by ", ". */
  values: Readonly<Record<string, string>>;
  doctype: Doctype | null;
  quirks: boolean;
  /** The `lang` of the root element; null where there is none. */
  language: { value: string; range: Range } | null;
  /** The first `base` element's address, against which all others of the page are resolved; null where there is none. */
  base: string | null;
  titles: TitleElement[];
  metas: MetaElement[];
  headLinks: HeadLink[];
  headings: Heading[];
  blocks: TextBlock[];
  lists: List[];
  tables: Table[];
  links: Link[];
  images: Image[];
  videos: Video[];
  controls: Control[];
  fields: FormField[];
  frames: Frame[];
  sections: Section[];
  landmarks: Landmark[];
  data: DataBlock[];
  comments: Comment[];
  ids: ElementId[];
  /** Names of `a` elements, to which links lead as to ids. */
  anchorNames: string[];
  /** Elements that the parser has made again and again. */
  repeated: Repeated[];
  /** Pictures, styles, scripts and frames that are loaded over http. */
  insecure: InsecureFile[];
  /** Tags and quotes that are never closed. */
  swallowing: Swallowing[];
  /** An element or text (`tag` is null) before the end of the head that it may not hold: what follows stands in the body. */
  headEndedBy: { tag: string | null; range: Range } | null;
  /** Scripts of the page's own, and elements left for them to fill. */
  scripts: number;
  /** Offsets behind the start tags of `html` and `head`, and of the body's first byte; -1 where unknown. */
  anchors: { htmlStartEnd: number; headStartEnd: number; headFirst: number; headEnd: number };
}

/** The title that browsers and search engines take: the first `title` element's text, or "" where there is none. */
export function titleOf(page: Page): string {
  return page.titles[0]?.text ?? "";
}

const isDescription = (meta: MetaElement) => meta.name === "description";

export function descriptionElements(page: Pick<Page, "metas">): MetaElement[] {
  return page.metas.filter(isDescription);
}

const descriptions = new WeakMap<Page["metas"], string>();

/** The first meta description's text with white space collapsed, or "". Looked for once: many rules ask. */
export function descriptionOf(page: Page): string {
  let text = descriptions.get(page.metas);
  if (text === undefined) {
    text = collapse(page.metas.find(isDescription)?.content ?? "");
    descriptions.set(page.metas, text);
  }
  return text;
}

export function canonicalElements(page: Page): HeadLink[] {
  return page.headLinks.filter((link) => link.rel.includes("canonical"));
}

/** The address against which the page's own references are resolved (HTML 2.4.3, document base URL). */
export function baseOf({ base, address }: Pick<Page, "base" | "address">): string {
  return (base !== null && resolveAddress(base, address)) || address;
}

/** An address of the page as it is written, in full; null where it is none. */
export const addressOn = (page: Pick<Page, "base" | "address">, reference: string): string | null =>
  resolveAddress(reference, baseOf(page));

/** The first canonical address as written, or null. */
export function canonicalOf(page: Page): string | null {
  return canonicalElements(page)[0]?.href ?? null;
}

/** The first canonical address in full, without a fragment; null where there is none that could be fetched. */
export function statedAddress(page: Page): string | null {
  const canonical = canonicalOf(page);
  const full = canonical && addressOn(page, canonical);
  return full && /^https?:\/\//i.test(full) ? full.replace(/#.*$/s, "") : null;
}

/** The language tag of the page, or "" where it declares none. */
export function languageOf(page: Pick<Page, "language">): string {
  return page.language?.value.trim() ?? "";
}

/** Whether a text shows nothing: spaces of any kind, and characters without width. */
export const isBlank = (text: string) => /^[\s\u00a0\u200b-\u200d\u2060\ufeff]*$/.test(text);

const NO_PLAIN_SPACE = /[\t\n\f\r]/;
/** White space that is more than one space. */
const WIDE_SPACE = / {2,}[\t\n\f\r ]*| ?[\t\n\f\r][\t\n\f\r ]*/g;

/** Strips and collapses ASCII white space (Infra Standard 4.7). */
export function collapse(text: string): string {
  // Most texts have single spaces inside and none around.
  const isEven = !text.includes("  ") && !NO_PLAIN_SPACE.test(text);
  const single = isEven ? text : text.replace(WIDE_SPACE, " ");
  const start = single.startsWith(" ") ? 1 : 0;
  const end = single.endsWith(" ") ? single.length - 1 : single.length;
  return start === 0 && end === single.length ? single : single.slice(start, end);
}

/** Where the lines of the source that was asked for last begin. */
let lines: { source: string; starts: number[] } | null = null;

function lineStarts(source: string): number[] {
  if (lines?.source === source) return lines.starts;
  const starts = [0];
  if (source.includes("\r"))
    for (let i = 0; i < source.length; i++) {
      const c = source.charCodeAt(i);
      if (c === 10 || (c === 13 && source.charCodeAt(i + 1) !== 10)) starts.push(i + 1);
    }
  else for (let at = source.indexOf("\n"); at >= 0; at = source.indexOf("\n", at + 1)) starts.push(at + 1);
  lines = { source, starts };
  return starts;
}

/** Line and column of an offset, both from 1; columns in UTF-16 code units. LF, CRLF and CR end a line. */
export function positionOf(source: string, offset: number): { line: number; column: number } {
  const starts = lineStarts(source);
  const at = Math.min(offset, source.length);
  let [low, high] = [0, starts.length];
  while (high - low > 1) {
    const middle = (low + high) >> 1;
    if ((starts[middle] ?? 0) <= at) low = middle;
    else high = middle;
  }
  return { line: low + 1, column: at - (starts[low] ?? 0) + 1 };
}
