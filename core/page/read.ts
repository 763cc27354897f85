import { emptyPage } from "./empty.ts";
import { readFields } from "./fields.ts";
import { readDoctype, readHeadElement } from "./head.ts";
import { headingLevel, hiddenFromAll, hiddenFromListeners, keyHeadings, readHeading } from "./headings.ts";
import { landmarkKind } from "./landmarks.ts";
import { readMarkdown } from "./markdown.ts";
import { looksBinary, MAX_SOURCE_BYTES, type Original, originalFromText, sourceOf } from "./original.ts";
import { collapse, type ElementRange, type LandmarkKind, type Page, type PageFault } from "./page.ts";
import {
  attribute,
  type ElementNode,
  type FragmentNode,
  type ParentNode,
  parseSource,
  type TreeNode,
} from "./parse.ts";

/** Block elements whose edges end a stretch of text (HTML 15.3, `display: block` and its like). */
const BLOCK_TAGS = new Set(
  "address article aside blockquote body caption center dd details dialog dir div dl dt fieldset figcaption figure footer form h1 h2 h3 h4 h5 h6 header hgroup hr html legend li listing main menu nav ol optgroup option p plaintext pre search section summary table tbody td tfoot th thead tr ul".split(
    " ",
  ),
);
/** Elements whose content is no text of the page. */
const UNREAD_TAGS = new Set(
  "script style template noscript iframe object textarea select title noembed noframes".split(" "),
);

/** What the walk carries down the tree. */
interface Surroundings {
  where: "head" | "body";
  tag: string;
  landmark: LandmarkKind | null;
  /** Inside `article`, `aside`, `main`, `nav` or `section`, where `header` and `footer` are no landmarks. */
  sectioned: boolean;
  hidden: boolean;
  silent: boolean;
  inLink: boolean;
  /** Index of the heading around; -1 outside of headings. */
  inHeading: number;
}

class Reader {
  readonly page: Page;
  private text = "";
  private textStart = -1;
  private textEnd = -1;
  private lastHeading = -1;

  constructor(page: Page) {
    this.page = page;
  }

  read(document: FragmentNode): void {
    const top: Surroundings = {
      where: "body",
      tag: "body",
      landmark: null,
      sectioned: false,
      hidden: false,
      silent: false,
      inLink: false,
      inHeading: -1,
    };
    this.page.quirks = document.mode === "quirks";
    for (const node of document.children) this.node(node, top);
    this.flush(top);
    keyHeadings(this.page.headings);
  }

  private node(node: TreeNode, around: Surroundings): void {
    if (node.type === "text") this.addText(node.text, node.start, node.end, around);
    else if (node.type === "element") this.element(node, around);
    else if (node.type === "comment")
      this.page.comments.push({ text: node.text, range: { start: node.start, end: node.end } });
    else if (node.type === "doctype") this.page.doctype = readDoctype(node);
  }

  private addText(text: string, start: number, end: number, around: Surroundings): void {
    if (around.hidden || around.where === "head") return;
    if (this.text === "") {
      if (!/[^\t\n\f\r ]/.test(text)) return;
      this.textStart = start;
    }
    this.text += text;
    this.textEnd = end;
  }

  private flush(around: Surroundings): void {
    if (this.text === "") return;
    const text = collapse(this.text);
    this.text = "";
    const { page } = this;
    const range = { start: this.textStart, end: this.textEnd };
    const heading = page.headings[around.inHeading];
    if (heading && heading.block < 0) heading.block = page.blocks.length;
    page.blocks.push({ tag: around.tag, text, landmark: around.landmark, heading: this.lastHeading, range });
  }

  private element(element: ElementNode, around: Surroundings): void {
    const { page } = this;
    const { tag } = element;
    const id = attribute(element, "id");
    if (id) page.ids.push({ id, range: { start: element.start, end: element.startEnd } });
    if (!element.namespace.endsWith("xhtml")) {
      this.foreign(element, around);
      return;
    }
    if (tag === "html" || tag === "head" || tag === "body") {
      this.root(element, around);
      return;
    }
    readHeadElement(page, element, around.where);
    if (UNREAD_TAGS.has(tag)) {
      this.unread(element, around);
      return;
    }
    const block = BLOCK_TAGS.has(tag);
    if (block) this.flush(around);
    else if (tag === "br") this.addText(" ", element.start, element.end, around);
    const inside = this.enter(element, around, block);
    for (const child of element.children) this.node(child, inside);
    if (block) this.flush(inside);
  }

  /** Text in `svg` and `math` is drawn; it is no running text. Ids and nested HTML still count. */
  private foreign(element: ElementNode, around: Surroundings): void {
    const hidden = { ...around, hidden: true };
    for (const child of element.children) if (child.type === "element") this.element(child, hidden);
  }

  private root(element: ElementNode, around: Surroundings): void {
    const { page } = this;
    if (element.tag === "html") {
      const lang = attribute(element, "lang");
      if (lang !== null) page.language = { value: lang, range: { start: element.start, end: element.startEnd } };
      if (element.start >= 0) page.anchors.htmlStartEnd = element.startEnd;
    }
    if (element.tag === "head") {
      page.anchors.headStartEnd = element.start >= 0 ? element.startEnd : -1;
      page.anchors.headEnd = element.endStart;
      const first = element.children.find((child) => child.type === "element" && child.start >= 0);
      page.anchors.headFirst = first ? first.start : -1;
    }
    const where = element.tag === "head" ? "head" : "body";
    const hidden = element.tag === "body" && hiddenFromAll(element);
    for (const child of element.children) this.node(child, { ...around, where, hidden });
    this.flush(around);
  }

  private unread(element: ElementNode, around: Surroundings): void {
    const { page } = this;
    if (element.tag === "script") {
      const type = attribute(element, "type")?.trim().toLowerCase().split(";")[0];
      if (type === "application/ld+json") {
        const end = element.endStart >= 0 ? element.endStart : element.end;
        page.data.push({ text: textContent(element), range: { start: element.startEnd, end } });
      }
    }
    if (element.tag === "textarea" || element.tag === "select") this.addText(" ", element.start, element.end, around);
  }

  private enter(element: ElementNode, around: Surroundings, block: boolean): Surroundings {
    const { page } = this;
    const { tag } = element;
    const inside = { ...around };
    if (block) inside.tag = tag;
    if (!around.hidden && element.attributes.length > 0) {
      inside.hidden = hiddenFromAll(element);
      inside.silent = around.silent || inside.hidden || hiddenFromListeners(element);
    }
    const kind = landmarkKind(element, around.sectioned);
    if (kind) {
      inside.landmark = kind;
      page.landmarks.push({ kind, label: attribute(element, "aria-label"), range: rangeOf(element) });
    }
    if (tag === "article" || tag === "aside" || tag === "main" || tag === "nav" || tag === "section")
      inside.sectioned = true;
    if (!inside.silent) {
      const level = headingLevel(element);
      if (level) {
        page.headings.push(readHeading(element, level, inside.landmark));
        this.lastHeading = page.headings.length - 1;
        const outer = page.headings[around.inHeading];
        const inner = page.headings[this.lastHeading];
        if (outer && inner) outer.nested = inner.nested = true;
        inside.inHeading = this.lastHeading;
      }
    }
    this.collect(element, inside);
    return inside;
  }

  private collect(element: ElementNode, inside: Surroundings): void {
    const { page } = this;
    const { landmark } = inside;
    switch (element.tag) {
      case "ul":
      case "ol": {
        const items = element.children.filter((c) => c.type === "element" && c.tag === "li").length;
        page.lists.push({ ordered: element.tag === "ol", items, landmark, range: rangeOf(element) });
        break;
      }
      case "table":
        page.tables.push({ rows: countRows(element), landmark, range: rangeOf(element) });
        break;
      case "a": {
        const href = attribute(element, "href");
        if (href === null) break;
        inside.inLink = true;
        page.links.push({
          href,
          text: collapse(linkText(element)),
          title: attribute(element, "title"),
          rel: attribute(element, "rel"),
          landmark,
          range: rangeOf(element),
        });
        break;
      }
      case "img":
        page.images.push({
          src: attribute(element, "src"),
          alt: attribute(element, "alt"),
          title: attribute(element, "title"),
          width: attribute(element, "width"),
          height: attribute(element, "height"),
          inLink: inside.inLink,
          landmark,
          range: rangeOf(element),
        });
        break;
    }
  }
}

function rangeOf({ start, startEnd, endStart, end }: ElementNode): ElementRange {
  return { start, startEnd, endStart, end };
}

function textContent(parent: ParentNode): string {
  let text = "";
  for (const child of parent.children) {
    if (child.type === "text") text += child.text;
    else if (child.type === "element") text += textContent(child);
  }
  return text;
}

function linkText(element: ElementNode): string {
  const label = attribute(element, "aria-label")?.trim();
  if (label) return label;
  let text = "";
  for (const child of element.children) {
    if (child.type === "text") text += child.text;
    if (child.type !== "element" || UNREAD_TAGS.has(child.tag)) continue;
    if (child.tag === "img") text += ` ${attribute(child, "alt") ?? ""} `;
    else text += linkText(child);
  }
  return text;
}

function countRows(table: ElementNode): number {
  let rows = 0;
  for (const child of table.children) {
    if (child.type !== "element") continue;
    if (child.tag === "tr") rows++;
    else if (child.tag !== "caption") rows += countRows(child);
  }
  return rows;
}

/**
 * Reads a page from its source. Never throws: what cannot be read is a page with a named `fault` and, where reading
 * stopped half-way, what was read so far.
 */
export function readPage(original: Original | string, options: { address: string }): Page {
  const given = typeof original === "string" ? originalFromText(original) : original;
  const refuse = (fault: PageFault) => ({ ...emptyPage(options.address, "", given), fault });
  if (given.bytes.length > MAX_SOURCE_BYTES) return refuse("too-large");
  if (looksBinary(given) || given.charset.name === "replacement") return refuse("binary");
  const source = typeof original === "string" ? original : sourceOf(given);
  if (!/\S/.test(source)) return { ...refuse("empty"), quirks: true };
  const page = emptyPage(options.address, source, given);
  if (given.kind === "markdown") return readMarkdown(page);
  if (given.kind === "fields") return readFields(page);
  const { document, fault } = parseSource(source);
  page.fault = fault;
  new Reader(page).read(document);
  return page;
}
