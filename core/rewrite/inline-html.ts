import type { ElementRange, Page, Range } from "../page/page.ts";
import { parseSource, type TreeNode } from "../page/parse.ts";
import { attributePlaces } from "../page/start-tag.ts";
import type { InlineElement, InlineText } from "./inline.ts";
import { removeAttribute } from "./markup.ts";
import type { Patch } from "./patch.ts";

const VOID = new Set("area base br col embed hr img input link meta source track wbr".split(" "));
/** Elements whose content is no running text: they are taken as a whole. Of the last two a reader sees a gap. */
const WHOLE = new Set(
  "audio canvas iframe math meter noembed noframes noscript object picture progress script style svg template title video select textarea".split(
    " ",
  ),
);
const GAPS = new Set(["br", "select", "textarea"]);
/** Elements that somebody presses: without words nobody would know what for. */
const PRESSED = new Set(["button", "label", "summary", "option"]);

// One piece of markup (HTML 13.2.5): a comment, a tag with quoted attributes, text, or a bracket that begins none.
const PIECE = /<!--[\s\S]*?(?:-->|$)|<[!?][^>]*>|<\/?[a-zA-Z][^>"']*(?:"[^"]*"[^>"']*|'[^']*'[^>"']*)*>|[^<]+|</g;

/**
 * The inline markup of a stretch of a page's source as a tree; null where tags in it belong to others outside, or are not
 * closed.
 */
export function inlineHtml(page: Page, { start, end }: Range): InlineElement | null {
  const { source } = page;
  const root: InlineElement = {
    kind: "element",
    name: "",
    start,
    startEnd: start,
    endStart: end,
    end,
    children: [],
    wordless: { stays: false },
  };
  const open: { element: InlineElement; tag: string }[] = [{ element: root, tag: "" }];
  const pieces = new RegExp(PIECE.source, "g");
  pieces.lastIndex = start;
  for (let match = pieces.exec(source); match && match.index < end; match = pieces.exec(source)) {
    const [piece] = match;
    const at = match.index;
    const to = Math.min(end, at + piece.length);
    const parent = open.at(-1)?.element ?? root;
    if (!/^<[!?/a-zA-Z]/.test(piece) || (piece === "<" && piece.length === 1)) {
      parent.children.push(textOf(source, at, to));
      continue;
    }
    if (to < at + piece.length) return null;
    if (/^<[!?]/.test(piece)) {
      parent.children.push({ kind: "atom", start: at, end: to, text: "", counts: false });
      continue;
    }
    const tag = /^<\/?([^\s/>]+)/.exec(piece)?.[1]?.toLowerCase() ?? "";
    if (piece.startsWith("</")) {
      const last = open.at(-1);
      if (!last || last.tag !== tag) return null;
      last.element.endStart = at;
      last.element.end = to;
      open.pop();
      continue;
    }
    const places = attributePlaces(source, at, to);
    const value = (name: string) => {
      const place = places.find((one) => one.name === name);
      return place ? source.slice(place.valueStart, place.valueEnd) : null;
    };
    if (VOID.has(tag)) {
      parent.children.push({ kind: "atom", start: at, end: to, text: GAPS.has(tag) ? " " : "", counts: true });
      continue;
    }
    if (WHOLE.has(tag) || isHidden(value)) {
      const close = closing(source, tag, to, end);
      if (close < 0) return null;
      parent.children.push({ kind: "atom", start: at, end: close, text: GAPS.has(tag) ? " " : "", counts: true });
      pieces.lastIndex = close;
      continue;
    }
    const range = { start: at, startEnd: to, endStart: -1, end: -1 };
    const element: InlineElement = {
      kind: "element",
      name: tag === "a" ? "link" : tag,
      ...range,
      children: [],
      wordless: wordless(page, tag, range, value),
    };
    parent.children.push(element);
    open.push({ element, tag });
  }
  return open.length === 1 ? root : null;
}

type ValueOf = (name: string) => string | null;

const isHidden = (value: ValueOf) =>
  (value("hidden") !== null && value("hidden") !== "until-found") ||
  /(?:^|;)\s*(?:display\s*:\s*none|visibility\s*:\s*hidden)\b/i.test(value("style") ?? "");

/** Behind the end tag of an element that is taken as a whole; -1 where there is none. */
function closing(source: string, tag: string, from: number, end: number): number {
  const tags = new RegExp(`<(/?)${tag}(?=[\\s/>])[^>]*>`, "gi");
  tags.lastIndex = from;
  let depth = 1;
  for (let match = tags.exec(source); match && match.index < end; match = tags.exec(source)) {
    depth += match[1] ? -1 : 1;
    if (depth === 0) return match.index + match[0].length;
  }
  return -1;
}

/** What becomes of an element when its words are gone. */
function wordless(page: Page, tag: string, range: ElementRange, value: ValueOf): InlineElement["wordless"] {
  if (PRESSED.has(tag)) return { stays: true, refusal: `a ${tag} element would be left without words` };
  // A name on an a element is there to be led to, an id mostly for the looks.
  const anchor = tag === "a" && (value("name") || (value("href") === null && value("id")));
  if (!anchor && !(value("id") && isLedTo(page, value("id") ?? ""))) return { stays: false };
  // An anchor that was a link goes on as a place to lead to; as a link it would have no words.
  const patches: Patch[] = tag === "a" ? removeAttribute(page.source, range, "href") : [];
  return { stays: true, patches };
}

const REFERS = /\b(?:for|headers|list|aria-[a-z]+)\s*=\s*(?:"([^"]*)"|'([^']*)'|([^\s"'>]+))/gi;
const ledTo = new WeakMap<Page, ReadonlySet<string>>();

/** Whether something on the page leads to an id or an anchor's name, or takes its words. */
function isLedTo(page: Page, name: string): boolean {
  let names = ledTo.get(page);
  if (!names) {
    const found = new Set<string>();
    for (const { href } of page.links) if (href.startsWith("#")) found.add(href.slice(1));
    for (const [, double, single, bare] of page.source.matchAll(REFERS))
      for (const one of (double ?? single ?? bare ?? "").split(/\s+/)) found.add(one);
    ledTo.set(page, found);
    names = found;
  }
  return names.has(name) || names.has(encodeURIComponent(name));
}

const REFERENCE = /&(?:#x[0-9a-f]+|#\d+|[a-z][a-z0-9]*);?/gi;

/** Text as it is written, character by character; a reference is one. */
function textOf(source: string, start: number, end: number): InlineText {
  const characters: InlineText["characters"] = [];
  const plain = (from: number, to: number) => {
    for (let i = from; i < to; i++) characters.push({ text: source[i] ?? "", start: i, end: i + 1 });
  };
  let at = start;
  for (const match of source.slice(start, end).matchAll(REFERENCE)) {
    const from = start + match.index;
    const [written] = match;
    const text = decoded(written);
    // Without its semicolon only the beginning may be a reference: “&notit” is “¬it”.
    let same = 0;
    while (same < Math.min(text.length, written.length) && text.at(-1 - same) === written.at(-1 - same)) same++;
    if (text === written) continue;
    plain(at, from);
    const to = from + written.length - same;
    characters.push({ text: text.slice(0, text.length - same), start: from, end: to });
    at = to;
  }
  plain(at, end);
  return { kind: "text", characters };
}

const references = new Map<string, string>();

/** A reference as the standard's parser reads it. */
function decoded(written: string): string {
  let text = references.get(written);
  if (text === undefined) {
    text = textsOf(parseSource(`<!doctype html><p>${written}`).document.children);
    if (references.size > 1000) references.clear();
    references.set(written, text);
  }
  return text;
}

const textsOf = (nodes: readonly TreeNode[]): string =>
  nodes
    .map((node) => (node.type === "text" ? node.text : node.type === "element" ? textsOf(node.children) : ""))
    .join("");

/** Tags beside a stretch of text that stands among other blocks: what opens before its first word and closes behind its last. */
export function withTagsBeside({ source }: Page, { start, end }: Range): Range {
  const before =
    /(?:<(?:a|abbr|b|bdi|bdo|cite|code|dfn|em|font|i|kbd|mark|q|s|samp|small|span|strong|sub|sup|u|var)\b[^<>]*>\s*)+$/i;
  const behind =
    /^(?:\s*<\/(?:a|abbr|b|bdi|bdo|cite|code|dfn|em|font|i|kbd|mark|q|s|samp|small|span|strong|sub|sup|u|var)\s*>)+/i;
  const opened = before.exec(source.slice(Math.max(0, start - 2000), start))?.[0] ?? "";
  const closed = behind.exec(source.slice(end, end + 500))?.[0] ?? "";
  // As many as belong to each other, or to what stands between.
  const opens = [...opened.matchAll(/<[^<>]*>\s*/g)].map(([tag]) => tag.length);
  const closes = [...closed.matchAll(/\s*<[^<>]*>/g)].map(([tag]) => tag.length);
  const inside = source.slice(start, end);
  const balance = [...inside.matchAll(/<(\/?)([a-z][a-z0-9]*)\b[^<>]*?(\/?)>/gi)].reduce(
    (sum, [, close, tag = "", self]) => sum + (self || VOID.has(tag.toLowerCase()) ? 0 : close ? -1 : 1),
    0,
  );
  const both = Math.max(0, Math.min(opens.length - Math.max(0, -balance), closes.length - Math.max(0, balance)));
  const left = both + Math.max(0, -balance);
  const right = both + Math.max(0, balance);
  const sum = (list: readonly number[]) => list.reduce((a, b) => a + b, 0);
  return {
    start: start - sum(left > 0 ? opens.slice(-left) : []),
    end: end + sum(closes.slice(0, right)),
  };
}
