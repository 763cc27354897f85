import type { Alias, CST, Scalar, YAMLMap } from "yaml";
import { markdownParsers } from "./load-markdown.ts";

/** YAML between two lines of three hyphens at the start of a Markdown file; offsets in UTF-16 code units of the file. */
export interface FrontMatter {
  /** Where the YAML begins and ends. */
  start: number;
  end: number;
  /** Where the body begins. */
  bodyStart: number;
  map: YAMLMap | null;
  /** Why the YAML cannot be read, with its line in the file; null where it can. */
  fault: string | null;
}

const FENCES = /^---[ \t]*\r?\n([\s\S]*?)^(?:---|\.\.\.)[ \t]*(?:\r?\n|$)/m;

/** Reads front matter (YAML 1.2); null where the file has none. */
export function readFrontMatter(source: string): FrontMatter | null {
  const match = FENCES.exec(source);
  if (match?.index !== 0) return null;
  const yaml = match[1] ?? "";
  const start = source.indexOf("\n") + 1;
  const bounds = { start, end: start + yaml.length, bodyStart: match[0].length };
  if (yaml.length > MOST)
    return {
      ...bounds,
      map: null,
      fault: `it is longer than ${MOST} characters; the text belongs below the second line`,
    };
  const { isMap } = markdownParsers();
  const document = parsed(yaml);
  if (!document) return { ...bounds, map: null, fault: "its values are nested too deep" };
  const [error] = document.errors;
  if (error) {
    return { ...bounds, map: null, fault: `line ${lineAt(yaml, error.pos[0])}: ${error.message}` };
  }
  if (document.second !== null)
    return { ...bounds, map: null, fault: `line ${lineAt(yaml, document.second)}: a second document begins` };
  if (document.contents !== null && !isMap(document.contents)) {
    return { ...bounds, map: null, fault: "line 2: it holds no names with values" };
  }
  const doubled = doubledName(document.contents);
  if (doubled?.range) {
    const line = lineAt(yaml, doubled.range[0]);
    return { ...bounds, map: null, fault: `line ${line}: the name ${String(doubled.value)} stands there twice` };
  }
  const astray = aliasToNothing(document.contents, new Set());
  if (astray?.range) {
    const line = lineAt(yaml, astray.range[0]);
    const fault = `line ${line}: “*${astray.source}” stands for another value, and none is called so; put it in quotation marks`;
    return { ...bounds, map: null, fault };
  }
  return { ...bounds, map: document.contents as YAMLMap | null, fault: null };
}

/** The line of the file in which a place of its YAML lies. */
const lineAt = (yaml: string, place: number) => yaml.slice(0, place).split("\n").length + 1;

/** Characters of front matter that are read: it holds names and short values. */
const MOST = 100_000;
/** Brackets, dashes and question marks in each other. */
const DEEPEST = 100;

/** YAML as a tree; null where it is nested so deep that nobody has written it by hand. */
function parsed(yaml: string) {
  let depth = 0;
  for (const [sign] of yaml.matchAll(/[[{\]}]|(?:[-?:][ \t]+){20}/g)) {
    if (sign.length > 1) return null;
    depth = Math.max(0, depth + (sign === "[" || sign === "{" ? 1 : -1));
    if (depth > DEEPEST) return null;
  }
  for (const [indent] of yaml.matchAll(/^ +(?=\S[^\n]*:(?:\s|$))/gm)) if (indent.length > DEEPEST * 2) return null;
  const { Composer, Parser } = markdownParsers();
  // Names are compared here: the parser compares each with all others. Nor are errors drawn into the text, each of which
  // would take as long as the text.
  const composer = new Composer({ strict: true, uniqueKeys: false, prettyErrors: false });
  const [first, second] = composer.compose(upToFault(new Parser().parse(yaml)), true, yaml.length);
  return { contents: first?.contents ?? null, errors: first?.errors ?? [], second: second?.range[0] ?? null };
}

/** What a text is made of, up to what has no place there: more of that would only take time. */
function* upToFault(tokens: Iterable<CST.Token>): Generator<CST.Token> {
  for (const token of tokens) {
    yield token;
    if (token.type === "error") return;
  }
}

/** The second of two equal names in one map; null where there are none. */
function doubledName(node: unknown): Scalar | null {
  const { isMap, isScalar, isSeq } = markdownParsers();
  if (isSeq(node)) return firstOf(node.items, doubledName);
  if (!isMap(node)) return null;
  const names = new Set<unknown>();
  return firstOf(node.items, ({ key, value }) => {
    if (isScalar(key)) {
      if (names.has(key.value)) return key;
      names.add(key.value);
    }
    return doubledName(value);
  });
}

/** The first alias that stands for nothing before it (YAML 1.2.2, 7.1), such as a word in asterisks; null where there is none. */
function aliasToNothing(node: unknown, anchors: Set<string>): Alias | null {
  const { isAlias, isMap, isNode, isSeq } = markdownParsers();
  if (isAlias(node)) return anchors.has(node.source) ? null : node;
  if (isNode(node) && "anchor" in node && node.anchor) anchors.add(node.anchor);
  if (isSeq(node)) return firstOf(node.items, (one) => aliasToNothing(one, anchors));
  if (!isMap(node)) return null;
  return firstOf(node.items, ({ key, value }) => aliasToNothing(key, anchors) ?? aliasToNothing(value, anchors));
}

function firstOf<T, R>(all: readonly T[], find: (one: T) => R | null): R | null {
  for (const one of all) {
    const found = find(one);
    if (found !== null) return found;
  }
  return null;
}

/** All values by name: nested names joined by a dot, lists by ", ". */
export function valuesOf({ map }: FrontMatter): Record<string, string> {
  const { isAlias, isMap, isScalar, isSeq } = markdownParsers();
  const values: Record<string, string> = {};
  /** Texts that aliases stand for; of lists and maps nobody has put one into front matter. */
  const anchors = new Map<string, Scalar>();
  const add = (name: string, given: unknown, depth: number) => {
    if (depth > 8) return;
    const node = isAlias(given) ? anchors.get(given.source) : given;
    if (isScalar(node)) {
      if (node.anchor) anchors.set(node.anchor, node);
      const { value, source } = node;
      values[name] = value === null ? "" : typeof value === "string" ? value : (source ?? String(value));
    } else if (isSeq(node)) {
      values[name] = node.items
        .filter(isScalar)
        .map((item) => String(item.value))
        .join(", ");
    } else if (isMap(node)) {
      for (const { key, value } of node.items) {
        if (isScalar(key)) add(name ? `${name}.${String(key.value)}` : String(key.value), value, depth + 1);
      }
    }
  };
  if (map) add("", map, 0);
  return values;
}
