import { type Node, parseTree } from "jsonc-parser";
import type { Range } from "../page/page.ts";

/** What a text of JSON says. */
export type Json = string | number | boolean | null | Json[] | { [name: string]: Json };

/** The way to a value: names of objects and places in arrays. */
export type Path = readonly (string | number)[];

/** What has most likely gone wrong where a text is no JSON. */
export type Slip =
  | "trailing-comma"
  | "missing-comma"
  | "curly-quotes"
  | "single-quotes"
  | "comment"
  | "line-break"
  | "html-comment"
  | "missing-bracket"
  | "too-deep"
  | "not-json";

export interface JsonFault {
  slip: Slip;
  /** Where it goes wrong, as an offset of the text. */
  offset: number;
  /** The text put right, where that is sure; it is JSON. */
  repaired: string | null;
}

export type JsonRead = { value: unknown } | { fault: JsonFault };

/** Reads JSON (RFC 8259). What is none is named, with its repair where there is only one way to mean it. */
export function readJson(text: string): JsonRead {
  const deep = tooDeepAt(text);
  if (deep >= 0) return { fault: { slip: "too-deep", offset: deep, repaired: null } };
  try {
    return { value: JSON.parse(text) };
  } catch {
    return { fault: faultOf(text) };
  }
}

/** Brackets in brackets; whatever walks over what is read may do so by calling itself. */
const MAX_NESTING = 400;

/** Where a text is nested deeper than is read; -1 where it is not. */
function tooDeepAt(text: string): number {
  if (text.length <= MAX_NESTING) return -1;
  let depth = 0;
  let quoted = false;
  for (let i = 0; i < text.length; i++) {
    const code = text.charCodeAt(i);
    if (code === 0x22) quoted = !quoted;
    else if (code === 0x5c) i++;
    else if (quoted) continue;
    else if (code === 0x7b || code === 0x5b) {
      if (++depth > MAX_NESTING) return i;
    } else if (code === 0x7d || code === 0x5d) depth--;
  }
  return -1;
}

interface Mending {
  pieces: string[];
  /** The first thing that was put right. */
  slip: Slip | null;
  at: number;
}

const OPEN: Record<string, string> = { "{": "}", "[": "]" };
const WRAPPERS =
  /^(\s*)(?:<!--|\/\*\s*<!\[CDATA\[\s*\*\/|\/\/\s*<!\[CDATA\[|<!\[CDATA\[)|(?:-->|\/\*\s*\]\]>\s*\*\/|\/\/\s*\]\]>|\]\]>)(\s*)$/g;

function faultOf(text: string): JsonFault {
  const { pieces, slip, at } = mend(text);
  const mended = pieces.join("");
  if (slip && isJson(mended)) return { slip, offset: at, repaired: mended };
  if (/^\s*</.test(text) || /^\s*(?:var|let|const|function|window|import|export)\b/.test(text))
    return { slip: "not-json", offset: text.search(/\S/), repaired: null };
  return { slip: slip ?? "not-json", offset: slip ? at : firstError(text), repaired: null };
}

function isJson(text: string): boolean {
  try {
    JSON.parse(text);
    return true;
  } catch {
    return false;
  }
}

function firstError(text: string): number {
  const errors: { offset: number }[] = [];
  parseTree(text, errors as never, { disallowComments: true });
  return errors[0]?.offset ?? 0;
}

/** A text with every slip put right that can be told from the text alone. */
function mend(text: string): Mending {
  const mending: Mending = { pieces: [], slip: null, at: 0 };
  const { pieces } = mending;
  const noted = (slip: Slip, at: number) => {
    if (mending.slip) return;
    mending.slip = slip;
    mending.at = at;
  };
  const wrapped = text.replace(
    WRAPPERS,
    (match, before: string | undefined, behind: string | undefined, at: number) => {
      noted("html-comment", at);
      return `${before ?? ""}${" ".repeat(Math.max(0, match.length - (before ?? behind ?? "").length))}${behind ?? ""}`;
    },
  );
  const open: string[] = [];
  /** How many of each bracket are still to come. */
  const due: Record<string, number> = { "}": 0, "]": 0 };
  const close = () => {
    const bracket = open.pop() ?? "";
    due[bracket] = (due[bracket] ?? 0) - 1;
    return bracket;
  };
  /** The last piece that is no white space, and where it stands in the text. */
  let solid = -1;
  let solidAt = 0;
  const put = (piece: string, at: number) => {
    solid = pieces.push(piece) - 1;
    solidAt = at;
  };
  /** Whether what stands before is a value, so that another one needs a comma. */
  let valued = false;
  let i = 0;
  const value = () => {
    if (valued && open.length > 0) {
      noted("missing-comma", i);
      pieces[solid] += ",";
    }
    valued = true;
  };
  while (i < wrapped.length) {
    const c = wrapped[i] ?? "";
    if (c === '"' || c === "“" || c === "”" || c === "„" || c === "'" || c === "‘" || c === "’") {
      value();
      if (c !== '"') noted(c === "'" ? "single-quotes" : "curly-quotes", i);
      const at = i;
      i = mendString(wrapped, i, mending, noted);
      put(pieces.pop() ?? "", at);
    } else if (c === "/" && (wrapped[i + 1] === "/" || wrapped[i + 1] === "*")) {
      noted("comment", i);
      const end = wrapped[i + 1] === "/" ? wrapped.indexOf("\n", i) : wrapped.indexOf("*/", i + 2) + 2;
      i = end < i + 2 ? wrapped.length : end;
    } else if (c === "{" || c === "[") {
      value();
      valued = false;
      const bracket = OPEN[c] ?? "";
      open.push(bracket);
      due[bracket] = (due[bracket] ?? 0) + 1;
      put(c, i++);
    } else if (c === "}" || c === "]") {
      if (pieces[solid] === ",") {
        noted("trailing-comma", solidAt);
        pieces[solid] = "";
      }
      // A bracket that closes something further out closes what is open within.
      if (open.at(-1) !== c && (due[c] ?? 0) > 0) {
        noted("missing-bracket", i);
        while (open.length > 0 && open.at(-1) !== c) pieces.push(close());
      }
      if (open.at(-1) === c) close();
      put(c, i++);
      valued = true;
    } else if (c === "," || c === ":") {
      valued = false;
      put(c, i++);
    } else if (/[\s\ufeff]/.test(c)) {
      pieces.push(c === "\u00a0" || c === "\ufeff" ? " " : c);
      if (c === "\u00a0" || c === "\ufeff") noted("not-json", i);
      i++;
    } else {
      value();
      const word = /^[^\s,:{}[\]"“”]+/.exec(wrapped.slice(i, i + 400))?.[0] ?? c;
      put(word, i);
      i += word.length;
    }
  }
  if (open.length > 0) {
    noted("missing-bracket", text.trimEnd().length);
    const before = pieces[solid] === "," ? "" : (pieces[solid] ?? "");
    if (solid >= 0) pieces[solid] = before + open.toReversed().join("");
  }
  return mending;
}

const CLOSING: Record<string, RegExp> = {
  '"': /"/,
  "'": /'/,
  "“": /[“”"]/,
  "”": /[“”"]/,
  "„": /[“”"]/,
  "‘": /[‘’']/,
  "’": /[‘’']/,
};

/** Writes the string that begins here in straight quotes; returns where it ends. */
function mendString(text: string, from: number, mending: Mending, noted: (slip: Slip, at: number) => void): number {
  const closing = CLOSING[text[from] ?? '"'] ?? /"/;
  let i = from + 1;
  let out = '"';
  for (; i < text.length; i++) {
    const c = text[i] ?? "";
    if (c === "\\") {
      const next = text[i + 1] ?? "";
      out += next === "'" ? "'" : c + next;
      i++;
    } else if (closing.test(c) && (c === '"' || /^\s*(?:[,:}\]]|$)/.test(text.slice(i + 1, i + 200)))) {
      break;
    } else if (c === '"') out += '\\"';
    else if (c < " ") {
      noted("line-break", i);
      if (c === "\n") out += "\\n";
      else if (c === "\t") out += "\\t";
      else if (c !== "\r") out += `\\u${c.charCodeAt(0).toString(16).padStart(4, "0")}`;
    } else out += c;
  }
  mending.pieces.push(`${out}"`);
  return i + 1;
}

/** What is said of a slip. */
export const SLIPS: Record<Slip, string> = {
  "trailing-comma": "a comma stands before the closing bracket",
  "missing-comma": "a comma is missing between two values",
  "curly-quotes": "curly quotation marks stand where JSON needs straight ones",
  "single-quotes": "single quotation marks stand where JSON needs double ones",
  comment: "JSON has no comments",
  "line-break": "a line break or tab stands inside a text; write \\n there",
  "html-comment": "it is wrapped in an HTML comment",
  "missing-bracket": "a bracket is not closed",
  "too-deep": `brackets are nested more than ${MAX_NESTING} deep`,
  "not-json": "this is no JSON",
};

const trees = new Map<string, Node | null>();
const REMEMBERED = 16;

/** The tree of a text with places. Made only for texts that something is found in: it takes several times a plain reading. */
function treeIn(text: string): Node | null {
  try {
    return parseTree(text) ?? null;
  } catch {
    // Nested so deep that it cannot be walked: then the whole block is the place.
    return null;
  }
}

function treeOf(text: string): Node | null {
  let tree = trees.get(text);
  if (tree === undefined) {
    tree = treeIn(text);
    if (trees.size >= REMEMBERED) trees.clear();
    trees.set(text, tree);
  }
  return tree;
}

/** Where a value stands in a text of JSON, or the name before it. */
export function rangeAt(text: string, path: Path, part: "key" | "value"): Range {
  const node = nodeAt(text, path);
  if (!node) return { start: 0, end: text.length };
  const at = part === "key" && node.parent?.type === "property" ? (node.parent.children?.[0] ?? node) : node;
  return { start: at.offset, end: at.offset + at.length };
}

/** The node of a value in a text of JSON; null where there is none. Of doubled names the last counts, as when it is read. */
export function nodeAt(text: string, path: Path): Node | null {
  let node: Node | undefined = treeOf(text) ?? undefined;
  for (const step of path) {
    if (typeof step === "number") node = node?.children?.[step];
    else node = node?.children?.findLast((property) => property.children?.[0]?.value === step)?.children?.[1];
    if (!node) return null;
  }
  return node ?? null;
}

/** Names that one object of a text has twice, with the places of the later ones. */
export function doubledKeys(text: string): { name: string; range: Range }[] {
  const found: { name: string; range: Range }[] = [];
  const walk = (node: Node) => {
    const names = new Set<string>();
    for (const child of node.children ?? []) {
      const [key, value] = child.type === "property" ? (child.children ?? []) : [null, child];
      if (key) {
        const name = String(key.value);
        if (names.has(name)) found.push({ name, range: { start: key.offset, end: key.offset + key.length } });
        names.add(name);
      }
      if (value) walk(value);
    }
  };
  const tree = treeOf(text);
  if (tree) walk(tree);
  return found;
}

/** A path as a JSON pointer (RFC 6901). */
export const pointerOf = (path: Path): string =>
  path.map((step) => `/${String(step).replaceAll("~", "~0").replaceAll("/", "~1")}`).join("");
