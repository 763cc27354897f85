import { emptyPage } from "./empty.ts";
import { readFields } from "./fields.ts";
import { readDoctype, readHeadElement } from "./head.ts";
import { headingLevel, keyHeadings, readHeading } from "./headings.ts";
import { hiddenFromAll, hiddenFromListeners, hiddenNames, isSilenced } from "./hidden.ts";
import { landmarkKind } from "./landmarks.ts";
import { readMarkdown } from "./markdown.ts";
import { labelOf, MOST_GIVEN, type Names, nameOf, namesOf } from "./name.ts";
import { looksBinary, MAX_SOURCE_BYTES, type Original, originalFromText, sourceOf } from "./original.ts";
import {
  collapse,
  type ElementRange,
  type FormField,
  HEADING_LIKE,
  isBlank,
  type LandmarkKind,
  type Page,
  type PageFault,
  type TextBlock,
} from "./page.ts";
import {
  attribute,
  type CommentNode,
  type ElementNode,
  type FragmentNode,
  parseSource,
  type TreeNode,
} from "./parse.ts";
import { roleOf } from "./roles.ts";
import { attributePlaces } from "./start-tag.ts";

/** An address that stands for a program: the element is a button that looks like a link. */
const GOES_NOWHERE = /^\s*(?:javascript:|#\s*$)/i;

/** Block elements whose edges end a stretch of text (HTML 15.3, `display: block` and its like). */
const BLOCK_TAGS = new Set(
  "address article aside blockquote body caption center dd details dialog dir div dl dt fieldset figcaption figure footer form h1 h2 h3 h4 h5 h6 header hgroup hr html legend li listing main menu nav ol optgroup option p plaintext pre search section summary table tbody td tfoot th thead tr ul".split(
    " ",
  ),
);
/** Elements of a line that, without attributes, change nothing of what is around their text. */
const CHANGES_NOTHING = new Set(
  "abbr b big br cite code dfn em font i kbd mark q s samp small span strike strong sub sup tt u var wbr".split(" "),
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
  /** Index of the link around; -1 outside of links. */
  inLink: number;
  /** Index of the heading around; -1 outside of headings. */
  inHeading: number;
  inComments: boolean;
  /** The nearest block element; null at the root. */
  block: ElementNode | null;
  direction: TextBlock["direction"];
  /** The words of the `label` around. */
  label: string;
}

/** Names by which publishing systems call what visitors have written, and the form to answer with. */
const COMMENT_AREA =
  /(?:^|\s)(?:comments?[_-]?(?:area|list|section|wrapper|wrap|thread|respond|form|reply|block)|reply[_-]?(?:title|form)|respond)(?=\s|$)/i;
/** A part called so may as well be about comments: it takes somebody's comment, or a field for one, to tell. */
const COMMENTS = /(?:^|\s)comments?(?=\s|$)/i;

class Reader {
  readonly page: Page;
  private text = "";
  private textStart = -1;
  private textEnd = -1;
  private lastHeading = -1;
  private unprotected = false;
  /** Whether an element may be called what COMMENT_AREA and COMMENTS look for. */
  private speaksOfComments = false;
  private names: Names = { hidden: new Set(), byId: () => null, given: new Map() };
  /** Texts of `label` elements by the id that they are for. */
  private readonly labels = new Map<string, string>();
  /** Where formatting elements begin, and the furthest of them. */
  private readonly begun = new Set<number>();
  /** Those that have been made again, by where they begin. */
  private readonly again = new Map<number, Page["repeated"][number]>();
  private furthest = -1;

  constructor(page: Page) {
    this.page = page;
  }

  read(document: FragmentNode): void {
    this.unprotected = /http:\/\//i.test(this.page.source);
    // A letter may be written as a numeric reference.
    this.speaksOfComments = /comment|reply|respond|&#/i.test(this.page.source);
    this.names = namesOf(document, hiddenNames(document, this.page.source));
    if (/<label[\s>]/i.test(this.page.source)) this.collectLabels(document.children);
    const top: Surroundings = {
      where: "body",
      tag: "body",
      landmark: null,
      sectioned: false,
      hidden: false,
      silent: false,
      inLink: -1,
      inHeading: -1,
      inComments: false,
      block: null,
      direction: null,
      label: "",
    };
    this.page.quirks = document.mode === "quirks";
    for (const node of document.children) this.node(node, top);
    this.flush(top);
    keyHeadings(this.page.headings);
  }

  private node(node: TreeNode, around: Surroundings): void {
    if (node.type === "text") this.addText(node.text, node.start, node.end, around);
    else if (node.type === "element") this.element(node, around);
    else if (node.type === "comment") this.comment(node);
    else if (node.type === "doctype") this.page.doctype = readDoctype(node);
  }

  private comment({ text, start, end }: CommentNode): void {
    const { page } = this;
    page.comments.push({ text, range: { start, end } });
    const open = page.source.slice(start, start + 4) === "<!--" && end >= page.source.length;
    if (open && !page.source.endsWith("-->"))
      page.swallowing.push({ what: "comment", name: "", range: { start, end } });
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
    const { block } = around;
    const own = block && block.endStart >= 0 && !holdsBlocks(block) ? block : null;
    page.blocks.push({
      tag: around.tag,
      text,
      landmark: around.landmark,
      heading: this.lastHeading,
      range,
      element: own && rangeOf(own),
      classNames: own ? (attribute(own, "class") ?? "") : "",
      direction: around.direction,
      bold: own !== null && around.inHeading < 0 && text.length <= HEADING_LIKE && isBold(own),
    });
  }

  private element(element: ElementNode, around: Surroundings): void {
    const { page } = this;
    const { tag } = element;
    const id = this.isRepeated(element) ? null : attribute(element, "id");
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
    for (const { name, value } of element.attributes) {
      if (
        value.length > 6 &&
        value.includes("<") &&
        isSwallowing(name, value) &&
        this.swallowsInSource(element, name)
      ) {
        const range = { start: element.start, end: element.startEnd };
        page.swallowing.push({ what: "quote", name, range });
      }
    }
    if (this.unprotected && (tag === "style" || element.attributes.length > 0)) this.collectInsecure(element);
    if (UNREAD_TAGS.has(tag)) {
      this.unread(element, around);
      return;
    }
    const block = BLOCK_TAGS.has(tag);
    if (block) this.flush(around);
    else if (tag === "br") this.addText(" ", element.start, element.end, around);
    const inside = this.enter(element, around, block);
    const headings = page.headings.length;
    for (const child of element.children) this.node(child, inside);
    if (block) this.flush(inside);
    if (tag === "section") {
      const named = page.headings.length > headings || isLabelled(element);
      page.sections.push({ named, range: rangeOf(element) });
    }
  }

  /** Whether the parser has made an element again that was never closed, or that closes crosswise. */
  private isRepeated(element: ElementNode): boolean {
    const { tag, start } = element;
    if (!FORMATTING.has(tag)) return false;
    if (start < 0) return element.attributes.length > 0;
    // Elements come in the order of the source, but for those that were made again or moved out of a table.
    if (start > this.furthest) {
      this.furthest = start;
      this.begun.add(start);
      return false;
    }
    if (!this.begun.has(start)) {
      this.begun.add(start);
      return false;
    }
    const before = this.again.get(start);
    if (before) {
      before.times++;
      return true;
    }
    const repeated = { tag, times: 1, range: rangeOf(element) };
    this.again.set(start, repeated);
    this.page.repeated.push(repeated);
    return true;
  }

  /** Whether tags stand in an attribute as it is written: references in it are no tags. */
  private swallowsInSource(element: ElementNode, name: string): boolean {
    const { source } = this.page;
    const place = attributePlaces(source, element.start, element.startEnd).find((one) => one.name === name);
    return place !== undefined && isSwallowing(name, source.slice(place.valueStart, place.valueEnd));
  }

  private collectInsecure(element: ElementNode): void {
    const { tag } = element;
    const styles =
      tag === "style" ? this.page.source.slice(element.startEnd, element.end) : attribute(element, "style");
    const [, styled] = LOADED_BY_STYLE.exec(styles ?? "") ?? [];
    if (styled) this.page.insecure.push({ tag, address: styled, range: rangeOf(element) });
    const names = LOADS[tag];
    if (!names) return;
    if (
      tag === "link" &&
      !/(?:^|\s)(?:stylesheet|icon|preload|modulepreload|manifest)(?:\s|$)/i.test(attribute(element, "rel") ?? "")
    )
      return;
    if (tag === "input" && attribute(element, "type")?.toLowerCase() !== "image") return;
    for (const name of names) {
      const [address] = /http:\/\/[^\s,]+/i.exec(attribute(element, name) ?? "") ?? [];
      if (!address || !(attribute(element, name) ?? "").trim().toLowerCase().startsWith("http://")) continue;
      this.page.insecure.push({ tag, address, range: rangeOf(element) });
      return;
    }
  }

  private collectLabels(nodes: readonly TreeNode[]): void {
    for (const node of nodes) {
      if (node.type !== "element") continue;
      const id = node.tag === "label" ? attribute(node, "for") : null;
      const before = id ? (this.labels.get(id) ?? "") : "";
      if (id && before.length < MOST_GIVEN)
        this.labels.set(id, `${before} ${nameOf(node, this.names).slice(0, MOST_GIVEN)}`.trim());
      this.collectLabels(node.children);
    }
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
    if (element.tag === "body" && element.start < 0) {
      // Where the head's end or the body's start tag comes later, something before it has ended the head.
      const first = element.children.find(
        (child) => (child.type === "element" && child.start >= 0) || (child.type === "text" && /\S/.test(child.text)),
      );
      const goesOn = first && /<\/head|<body/i.test(page.source.slice(first.start, first.start + 20_000));
      if (goesOn && page.anchors.headEnd < 0) {
        const { start, end } = first;
        page.headEndedBy =
          first.type === "element"
            ? { tag: first.tag, range: { start, end: first.startEnd } }
            : { tag: null, range: { start, end } };
      }
    }
    const where = element.tag === "head" ? "head" : "body";
    const direction = directionOf(attribute(element, "dir")) ?? around.direction;
    const hidden = element.tag === "body" && hiddenFromAll(element, this.names.hidden);
    for (const child of element.children) this.node(child, { ...around, where, hidden, direction });
    this.flush({ ...around, direction });
  }

  private unread(element: ElementNode, around: Surroundings): void {
    const { page } = this;
    if (element.endStart < 0 && element.start >= 0 && RUNS_ON.has(element.tag))
      page.swallowing.push({ what: "text", name: element.tag, range: { start: element.start, end: element.end } });
    if (element.tag === "script") {
      const type = attribute(element, "type")?.trim().toLowerCase().split(";")[0] ?? "";
      if (RUNS.test(type)) page.scripts++;
      if (type === "application/ld+json") {
        const end = element.endStart >= 0 ? element.endStart : element.end;
        page.data.push({
          text: this.page.source.slice(element.startEnd, end),
          range: { start: element.startEnd, end },
        });
      }
    }
    if (element.tag === "iframe") {
      const silent = around.silent || hiddenFromListeners(element, this.names.hidden);
      const name = labelOf(element, this.names) || collapse(attribute(element, "title") ?? "");
      page.frames.push({ src: attribute(element, "src"), name, silent, range: rangeOf(element) });
    }
    if (element.tag === "iframe" && /\bvideo\b|\bfilm\b/i.test(attribute(element, "title") ?? ""))
      this.video(element, true);
    if (element.tag === "textarea" || element.tag === "select") {
      this.addText(" ", element.start, element.end, around);
      this.field(element, element.tag, around);
    }
  }

  private field(element: ElementNode, tag: FormField["tag"], around: Surroundings): void {
    const type = tag === "input" ? (attribute(element, "type")?.trim().toLowerCase() ?? "text") : "";
    if (NO_FIELDS.has(type)) return;
    const name =
      labelOf(element, this.names) ||
      this.labels.get(attribute(element, "id") ?? "") ||
      around.label ||
      collapse(attribute(element, "title") ?? "");
    const placeholder = collapse(attribute(element, "placeholder") ?? "");
    const silent = around.silent || hiddenFromListeners(element, this.names.hidden);
    this.page.fields.push({ tag, type, name, placeholder, silent, range: rangeOf(element) });
  }

  private video(element: ElementNode, framed: boolean): void {
    const source = element.children.find((child) => child.type === "element" && child.tag === "source");
    this.page.videos.push({
      framed,
      src: attribute(element, "src") ?? (source?.type === "element" ? attribute(source, "src") : null),
      poster: attribute(element, "poster"),
      title: attribute(element, "title") ?? attribute(element, "aria-label"),
      heading: this.lastHeading,
      range: rangeOf(element),
    });
  }

  private enter(element: ElementNode, around: Surroundings, block: boolean): Surroundings {
    const { page } = this;
    const { tag } = element;
    if (!block && element.attributes.length === 0 && CHANGES_NOTHING.has(tag)) return around;
    const inside = { ...around };
    if (block) {
      inside.tag = tag;
      inside.block = element;
    }
    if (!around.hidden && (element.attributes.length > 0 || tag === "dialog")) {
      inside.hidden = hiddenFromAll(element, this.names.hidden);
      inside.silent = around.silent || inside.hidden || isSilenced(element);
    }
    const direction = element.attributes.length > 0 && attribute(element, "dir");
    if (direction) inside.direction = directionOf(direction) ?? inside.direction;
    if (tag === "label") inside.label = nameOf(element, this.names).slice(0, MOST_GIVEN);
    const kind = landmarkKind(element, around.sectioned);
    if (kind) {
      inside.landmark = kind;
      page.landmarks.push({ kind, label: attribute(element, "aria-label"), range: rangeOf(element) });
    }
    if (tag === "article" || tag === "aside" || tag === "main" || tag === "nav" || tag === "section")
      inside.sectioned = true;
    if (block && this.speaksOfComments && !around.inComments && element.attributes.length > 0) {
      const names = `${attribute(element, "id") ?? ""} ${attribute(element, "class") ?? ""}`;
      inside.inComments = COMMENT_AREA.test(names) || (COMMENTS.test(names) && holdsComments(element));
    }
    if (!inside.silent) {
      const level = headingLevel(element);
      if (level) {
        page.headings.push(readHeading(element, level, inside.landmark, inside.inComments, this.names));
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

  private collectControl(element: ElementNode, inside: Surroundings): void {
    const { tag } = element;
    if (tag !== "button" && element.attributes.length === 0) return;
    const role = roleOf(element);
    const type = attribute(element, "type")?.toLowerCase();
    const presses =
      tag === "button" ||
      (tag === "input" && (type === "button" || type === "submit" || type === "reset" || type === "image"));
    const onclick = attribute(element, "onclick");
    const href = tag === "a" ? attribute(element, "href") : null;
    const acts = role === "button" || role === "link" || onclick !== null || (href !== null && GOES_NOWHERE.test(href));
    if (!presses && !acts) return;
    const value = attribute(element, "value") ?? (type === "submit" ? "Submit" : type === "reset" ? "Reset" : "");
    const labelled = labelOf(element, this.names) || (this.labels.get(attribute(element, "id") ?? "") ?? "");
    const stated =
      tag !== "input"
        ? nameOf(element, this.names, false)
        : type === "image"
          ? (attribute(element, "alt") ?? "")
          : value;
    const name =
      [labelled, collapse(stated), collapse(attribute(element, "title") ?? "")].find((one) => !isBlank(one)) ?? "";
    this.page.controls.push({ tag, role, name, href, onclick, silent: inside.silent, range: rangeOf(element) });
  }

  private collect(element: ElementNode, inside: Surroundings): void {
    const { page } = this;
    const { landmark } = inside;
    this.collectControl(element, inside);
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
      case "base":
        page.base ??= attribute(element, "href");
        break;
      case "input":
        this.field(element, "input", inside);
        break;
      case "a":
      case "area": {
        const anchor = element.tag === "a" ? attribute(element, "name") : null;
        if (anchor) page.anchorNames.push(anchor);
        const href = attribute(element, "href");
        if (href === null) break;
        const text =
          element.tag === "a"
            ? nameOf(element, this.names, false)
            : labelOf(element, this.names) || collapse(attribute(element, "alt") ?? "");
        if (element.tag === "a") inside.inLink = page.links.length;
        page.links.push({
          href,
          text: isBlank(text) ? "" : text,
          title: attribute(element, "title"),
          rel: attribute(element, "rel"),
          landmark,
          silent: inside.silent,
          block: page.blocks.length,
          range: rangeOf(element),
        });
        break;
      }
      case "video":
        this.video(element, false);
        break;
      case "img":
        page.images.push({
          src: attribute(element, "src"),
          alt: attribute(element, "alt"),
          title: attribute(element, "title"),
          width: attribute(element, "width"),
          height: attribute(element, "height"),
          inLink: inside.inLink >= 0,
          link: inside.inLink,
          heading: inside.inHeading,
          labelled: isLabelled(element),
          silent: inside.silent || /^(?:presentation|none)$/i.test(attribute(element, "role")?.trim() ?? ""),
          landmark,
          range: rangeOf(element),
        });
        break;
    }
  }
}

const NAMES_OR_ADDRESSES = new Set(["class", "href", "id", "name", "rel", "role", "src", "style", "type"]);
const TEXTS = new Set(["alt", "aria-label", "content", "placeholder", "title"]);

/**
 * Whether a value has run over tags to the next quotation mark, its own being missing. Names and addresses hold no tags; a
 * text may, but not over several lines.
 */
function isSwallowing(name: string, value: string): boolean {
  const texts = TEXTS.has(name);
  if (!texts && !NAMES_OR_ADDRESSES.has(name)) return false;
  return /<\/?[a-z][a-z0-9]*[\s>]/i.test(value) && (!texts || /[\n\r]/.test(value));
}

/** What a style sheet loads over http. */
const LOADED_BY_STYLE = /(?:url\(\s*["']?|@import\s+["'])(http:\/\/[^\s"')]+)/i;
/** Attributes by which elements load files (HTML 4.2.4, 4.8, 4.12). */
const LOADS: Readonly<Record<string, readonly string[]>> = {
  audio: ["src"],
  embed: ["src"],
  frame: ["src"],
  iframe: ["src"],
  img: ["src", "srcset"],
  input: ["src"],
  link: ["href"],
  object: ["data"],
  script: ["src"],
  source: ["src", "srcset"],
  track: ["src"],
  video: ["src", "poster"],
};

/** Inputs that are pressed, or that nobody sees. */
const NO_FIELDS = new Set(["hidden", "button", "submit", "reset", "image"]);
/** Elements that the parser makes again in a following block (HTML 13.2.4.3). */
const FORMATTING = new Set("a b big code em font i nobr s small strike strong tt u".split(" "));

/** Elements whose text runs on to the end of the source where they are not closed. */
/** Types of scripts that run; others are data blocks (HTML 4.12.1). */
const RUNS = /^(?:|module|(?:text|application)\/(?:x-)?(?:java|ecma|j|live)script(?:1\.[0-5])?)$/;

const RUNS_ON = new Set(["title", "textarea", "style", "script", "noscript", "iframe", "template"]);

const isLabelled = (element: ElementNode) =>
  Boolean(attribute(element, "aria-label")?.trim()) || Boolean(attribute(element, "aria-labelledby")?.trim());

function directionOf(stated: string | null): TextBlock["direction"] {
  const direction = stated?.trim().toLowerCase();
  return direction === "ltr" || direction === "rtl" || direction === "auto" ? direction : null;
}

function holdsComments(element: ElementNode): boolean {
  return element.children.some((child) =>
    child.type === "text"
      ? /^\s*\d+\s+(?:comments?|replies|responses?|kommentare?|commentaires?|comentarios?|coment[aá]rios?|commenti|reacties|kommentarer)\b/i.test(
          child.text,
        )
      : child.type === "element" &&
        (child.tag === "textarea" ||
          /(?:^|\s)comment(?:\s|[_-]|$)/i.test(attribute(child, "class") ?? "") ||
          holdsComments(child)),
  );
}

function holdsBlocks(element: ElementNode): boolean {
  return element.children.some(
    (child) => child.type === "element" && (BLOCK_TAGS.has(child.tag) || holdsBlocks(child)),
  );
}

/** Whether all of an element's text stands in bold. */
function isBold(element: ElementNode): boolean {
  return element.children.every(
    (child) =>
      child.type === "comment" ||
      (child.type === "text" && !/[^\t\n\f\r ]/.test(child.text)) ||
      (child.type === "element" &&
        (child.tag === "b" ||
          child.tag === "strong" ||
          child.tag === "br" ||
          (INLINE.has(child.tag) && isBold(child)))),
  );
}
const INLINE = new Set(["a", "em", "font", "i", "span", "u"]);

function rangeOf({ start, startEnd, endStart, end }: ElementNode): ElementRange {
  return { start, startEnd, endStart, end };
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
  if (given.unread) return { ...emptyPage(options.address, source, given), fault: given.unread };
  if (!/\S/.test(source)) return { ...refuse("empty"), quirks: true };
  const page = emptyPage(options.address, source, given);
  if (given.kind === "markdown") return readMarkdown(page);
  if (given.kind === "fields") return readFields(page);
  const { document, fault } = parseSource(source);
  page.fault = fault;
  new Reader(page).read(document);
  return page;
}
