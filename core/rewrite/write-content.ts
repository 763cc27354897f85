import { diffArrays } from "diff";
import { originalFromText } from "../page/original.ts";
import type { Page } from "../page/page.ts";
import { readPage } from "../page/read.ts";
import {
  hrefOf,
  type Inside,
  insideOf,
  isText,
  type Mark,
  type Piece,
  piecesOf,
  readInside,
  type Token,
  wordsOf,
} from "./content.ts";
import type { InlineElement } from "./inline.ts";
import { escapeMarkdown } from "./markdown.ts";
import { destination, linkTail } from "./markdown-blocks.ts";
import { escapeAttribute, escapeText, removeAttribute, setAttribute } from "./markup.ts";
import { patchText } from "./patch.ts";
import { EMPTIED, MOST_DIFFERENCES, notWithoutWords } from "./words-in-place.ts";

const OTHERWISE = "Written down, these words would be read as something else. Edit the source instead.";

/** One character, or something that stands among characters, with the markup around it. */
type Unit = { marks: readonly Mark[] } & ({ text: string } | { of: number | null; name: string });

const isSpace = (unit: Unit | undefined) => unit !== undefined && "text" in unit && unit.text === " ";
const isBreak = (unit: Unit | undefined) => unit === undefined || ("name" in unit && unit.name === "break");

/** The units of pieces: white space as one space, and none at the beginning, the end, or beside a line break. */
function unitsOf(pieces: readonly Piece[]): Unit[] {
  const units: Unit[] = [];
  for (const piece of pieces) {
    if (!isText(piece)) {
      if (piece.name === "break" && isSpace(units.at(-1))) units.pop();
      units.push(piece);
      continue;
    }
    for (const one of piece.text.toWellFormed().replace(/[^\P{Cc}\t\n\f\r]/gu, "")) {
      const text = /^[\t\n\f\r ]$/.test(one) ? " " : one;
      const last = units.at(-1);
      if (text !== " " || !(isSpace(last) || isBreak(last))) units.push({ text, marks: piece.marks });
    }
  }
  if (isSpace(units.at(-1))) units.pop();
  // A line break that is added parts words.
  const isAdded = (unit: Unit | undefined) => unit !== undefined && "of" in unit && unit.of === null;
  while (isAdded(units[0])) units.shift();
  while (isAdded(units.at(-1))) units.pop();
  return units;
}

const nameOfUnit = (unit: Unit) => ("text" in unit ? unit.text : unit.of === null ? "" : `\0${unit.of}`);

type Kept = Extract<Token, { kind: "character" | "thing" }>;
const nameOfToken = (token: Kept) => (token.kind === "character" ? token.text : `\0${token.of}`);

/** Which token each unit is: what is not changed is found from both ends, the rest word by word. */
function align(tokens: readonly Kept[], units: readonly Unit[]): (Kept | null)[] {
  const [was, is] = [tokens.map(nameOfToken), units.map(nameOfUnit)];
  const aligned: (Kept | null)[] = is.map(() => null);
  const most = Math.min(was.length, is.length);
  // From the end first: what is typed behind a word comes before the space that follows it.
  let behind = 0;
  while (behind < most && was[was.length - 1 - behind] === is[is.length - 1 - behind]) behind++;
  let from = 0;
  while (from < most - behind && was[from] === is[from]) from++;
  const set = (i: number, at: number) => {
    aligned[i] = tokens[at] ?? null;
  };
  for (let i = 0; i < from; i++) set(i, i);
  for (let i = 1; i <= behind; i++) set(is.length - i, was.length - i);
  let [old, now] = [from, from];
  const words = (names: readonly string[]) => {
    const found: string[][] = [];
    for (const name of names) {
      const last = found.at(-1);
      if (last && /^[\p{L}\p{N}\p{M}]/u.test(name) && /^[\p{L}\p{N}\p{M}]/u.test(last[0] ?? "")) last.push(name);
      else found.push([name]);
    }
    return found;
  };
  const [left, right] = [words(was.slice(from, was.length - behind)), words(is.slice(from, is.length - behind))];
  const same = (a: readonly string[], b: readonly string[]) =>
    a.length === b.length && a.every((one, i) => one === b[i]);
  const found = diffArrays(left, right, { comparator: same, maxEditLength: MOST_DIFFERENCES }) ?? [];
  for (const { value, added, removed } of found) {
    const { length } = value.flat();
    if (!added && !removed) for (let i = 0; i < length; i++) set(now + i, old + i);
    if (!added) old += length;
    if (!removed) now += length;
  }
  return aligned;
}

const keyOf = ({ of, name, href }: Mark) => `${of ?? name} ${href}`;
const isLink = ({ name }: Mark) => name === "link" || name === "anchor";

/** How markup is written in a format. */
interface Syntax {
  /** The tags around words; `copy` where the same element has been opened before. */
  tags(mark: Mark, element: InlineElement | null, words: string, copy: boolean): [string, string];
  text(run: string, inCode: boolean): string;
  lineBreak: string;
  /** Code can hold no markup. */
  plainCode: boolean;
}

const TAGS: Record<string, string> = { emphasis: "em", strong: "strong", code: "code" };

const html = (page: Page): Syntax => ({
  tags(mark, element, _, copy) {
    if (!element)
      return mark.href === null
        ? [`<${TAGS[mark.name]}>`, `</${TAGS[mark.name]}>`]
        : [`<a href="${escapeAttribute(mark.href, '"')}">`, "</a>"];
    const { start, startEnd, endStart, end } = element;
    const patches = copy ? ["id", "name"].flatMap((name) => removeAttribute(page.source, element, name)) : [];
    if (mark.href !== null && mark.href !== hrefOf(page, element))
      patches.push(setAttribute(page.source, element, "href", mark.href));
    const moved = patches.map((patch) => ({ ...patch, start: patch.start - start, end: patch.end - start }));
    return [patchText(page.source.slice(start, startEnd), moved), page.source.slice(endStart, end)];
  },
  text: escapeText,
  lineBreak: /<br\s*\/>/.test(page.source) && !/<br\s*>/.test(page.source) ? "<br />" : "<br>",
  plainCode: false,
});

const MARKS: Record<string, string> = { emphasis: "*", strong: "**" };

const markdown = (page: Page): Syntax => ({
  tags(mark, element, words) {
    const written = element ? page.source.slice(element.start, element.end) : "";
    if (mark.name === "code") {
      const runs = new Set((words.match(/`+/g) ?? []).map(({ length }) => length));
      const was = /^`+/.exec(written)?.[0].length ?? 0;
      if (element && !runs.has(was)) return around(page, element);
      let ticks = 1;
      while (runs.has(ticks)) ticks++;
      const fence = "`".repeat(ticks);
      const pad = /^`|`$/.test(words) ? " " : "";
      return [fence + pad, pad + fence];
    }
    if (!element)
      return mark.href === null
        ? [MARKS[mark.name] ?? "", MARKS[mark.name] ?? ""]
        : ["[", `](${destination(mark.href)})`];
    if (mark.href !== null && mark.href !== hrefOf(page, element))
      return ["[", `](${destination(mark.href)}${linkTail(written)?.hint ?? ""})`];
    return around(page, element);
  },
  text: (run, inCode) => (inCode ? run : escapeMarkdown(run)),
  lineBreak: "\\\n",
  plainCode: true,
});

const around = ({ source }: Page, { start, startEnd, endStart, end }: InlineElement): [string, string] => [
  source.slice(start, startEnd),
  source.slice(endStart, end),
];

/** Markup that is not taken from the source holds no space at its edges. */
function trimmed(units: readonly Unit[], kept: readonly (Kept | null)[]): Unit[] {
  const has = (unit: Unit | undefined, key: string) => unit?.marks.some((mark) => keyOf(mark) === key) ?? false;
  return units.map((unit, i) => {
    if (!isSpace(unit) || unit.marks.length === 0) return unit;
    const marks = unit.marks.filter((mark) => {
      const key = keyOf(mark);
      const inner = has(units[i - 1], key) && has(units[i + 1], key);
      return inner || (mark.of !== null && kept[i] !== null);
    });
    return marks.length === unit.marks.length ? unit : { ...unit, marks };
  });
}

/** Writes units as source: what is kept is taken as it is written, with what stands between. */
function write(page: Page, inside: Inside, all: readonly Unit[], aligned: readonly (Kept | null)[]): string {
  const { source } = page;
  const { tokens, elements } = inside;
  const syntax = page.format === "markdown" ? markdown(page) : html(page);
  const units = trimmed(all, aligned);
  const used = new Set(units.flatMap(({ marks }) => marks.map(({ of }) => of)));
  const things = tokens.filter(({ kind }) => kind === "thing");
  const numbers = new Map(tokens.map((token, i) => [token, i]));
  /** What stands behind a token up to the next. */
  const behind = (i: number) => source.slice(tokens[i]?.end ?? inside.end, tokens[i + 1]?.start ?? inside.end);
  let out = source.slice(inside.start, tokens[0]?.start ?? inside.end);
  let run = "";
  let inCode = false;
  const flush = () => {
    if (run !== "") out += syntax.text(run, inCode);
    run = "";
  };
  let passed = 0;
  /** Of what is left out, comments stay, and so do elements that are there without words too. */
  const pass = (to: number) => {
    for (; passed < to; passed++) {
      const token = tokens[passed];
      if (!token) continue;
      if (token.kind === "open" || token.kind === "close") {
        if (used.has(token.of)) continue;
        const element = elements[token.of];
        if (token.kind === "open" && element?.wordless.stays && "patches" in element.wordless) {
          const moved = element.wordless.patches.map((one) => ({
            ...one,
            start: one.start - token.start,
            end: one.end - token.start,
          }));
          out += patchText(source.slice(token.start, token.end), moved) + source.slice(element.endStart, element.end);
        }
      }
      const left = passed < tokens.length - 1 ? behind(passed) : "";
      if (left.trim() !== "") out += left.trim();
    }
  };
  const tags = new Map(
    tokens.flatMap((token, i) =>
      token.kind === "open" || token.kind === "close" ? [[`${token.kind} ${token.of}`, i]] : [],
    ),
  );
  /** What stands behind an element's tag goes with the first that is written of it. */
  const behindTag = (of: number | null, kind: "open" | "close") => {
    const at = tags.get(`${kind} ${of}`) ?? tokens.length;
    tags.delete(`${kind} ${of}`);
    return at < tokens.length - 1 ? behind(at) : "";
  };
  const opened = new Set<number>();
  const open: { mark: Mark; key: string; close: string; last: number }[] = [];
  const lastOf = (key: string, from: number) => {
    let i = from;
    while (units[i + 1]?.marks.some((mark) => keyOf(mark) === key)) i++;
    return i;
  };
  const close = (from: number) => {
    flush();
    for (const { mark, close: tag } of open.splice(from).reverse()) out += tag + behindTag(mark.of, "close");
  };
  const rank = (mark: Mark) => (syntax.plainCode && mark.name === "code" ? 1 : 0);
  /** Closes what does not stand around a unit, and opens what does. */
  const change = (i: number, marks: readonly Mark[]) => {
    const wanted = new Map(marks.map((mark) => [keyOf(mark), mark]));
    const ended = open.findIndex(({ key }) => !wanted.has(key));
    if (ended >= 0) close(ended);
    const missing = () =>
      [...wanted]
        .filter(([key]) => !open.some((one) => one.key === key))
        .map(([key, mark]) => ({ key, mark, last: lastOf(key, i) }));
    // A link is never taken apart, nor does code hold markup: what would cross is closed first.
    for (const { mark, last } of missing()) {
      const crossing = open.findIndex(
        (one) => (isLink(mark) && one.last < last && !isLink(one.mark)) || rank(one.mark) > rank(mark),
      );
      if (crossing >= 0) close(crossing);
    }
    const depth = ({ of }: Mark) => (of === null ? Number.POSITIVE_INFINITY : of);
    const inOrder = missing().sort(
      (a, b) =>
        rank(a.mark) - rank(b.mark) ||
        b.last - a.last ||
        Number(a.mark.of === null) * Number(isLink(b.mark)) - Number(b.mark.of === null) * Number(isLink(a.mark)) ||
        depth(a.mark) - depth(b.mark),
    );
    for (const { mark, key, last } of inOrder) {
      flush();
      const words = units
        .slice(i, last + 1)
        .map((one) => ("text" in one ? one.text : ""))
        .join("");
      const copy = mark.of !== null && opened.has(mark.of);
      const [begin, end] = syntax.tags(mark, mark.of === null ? null : (elements[mark.of] ?? null), words, copy);
      if (mark.of !== null) opened.add(mark.of);
      out += begin + behindTag(mark.of, "open");
      open.push({ mark, key, close: end, last });
    }
  };
  for (const [i, unit] of units.entries()) {
    if (unit.marks !== units[i - 1]?.marks) change(i, unit.marks);
    const token = aligned[i];
    if (token) {
      flush();
      const at = numbers.get(token) ?? 0;
      pass(at);
      passed = at + 1;
      out += source.slice(token.start, token.end) + (at < tokens.length - 1 ? behind(at) : "");
    } else if ("text" in unit) {
      inCode = unit.marks.some(({ name }) => name === "code");
      run += unit.text;
    } else {
      flush();
      // What was moved, or is there twice, is taken as it is written.
      const moved = unit.of === null ? undefined : things[unit.of];
      out += moved ? source.slice(moved.start, moved.end) : syntax.lineBreak;
    }
  }
  close(0);
  pass(tokens.length);
  return out + (tokens.length > 0 ? behind(tokens.length - 1) : "");
}

const READ = new Set(["break", "picture", "address"]);

/** What is read of units: each character with the markup around it. What else stands among them is taken as it is written. */
function readAs(units: readonly Unit[]): string {
  let [marks, names]: [readonly Mark[] | null, string] = [null, ""];
  return units
    .filter((unit) => "text" in unit || READ.has(unit.name))
    .map((unit) => {
      if (unit.marks !== marks) {
        marks = unit.marks;
        names = marks
          .map(({ name, href }) => (href === null ? name : `${name} ${href}`))
          .sort()
          .join("\0");
      }
      return `${"text" in unit ? unit.text : unit.name}\0${names}`;
    })
    .join("\n");
}

/** The units of a block of a page once its inside is written otherwise; null where it is no such block any more. */
function readAgain(page: Page, index: number, inside: Inside, value: string): Unit[] | null {
  const source = page.source.slice(0, inside.start) + value + page.source.slice(inside.end);
  const read = readPage({ ...originalFromText(source, page.format), headers: page.headers }, { address: page.address });
  const block = read.blocks[index];
  if (read.blocks.length !== page.blocks.length || !block) return null;
  const again = readInside(read, insideOf(read, block));
  return typeof again === "string" ? null : unitsOf(piecesOf(read, again));
}

/**
 * Writes what stands in a block as its source, in which nothing differs but what was changed, and its words; or says why
 * that cannot be. `pieces` are those of `contentOf`, changed.
 */
export function writeContent(
  page: Page,
  index: number,
  pieces: readonly Piece[],
): { value: string; text: string } | string {
  const block = page.blocks[index];
  const inside = block ? readInside(page, insideOf(page, block)) : "This text is not there any more.";
  if (typeof inside === "string") return inside;
  const units = unitsOf(pieces);
  const text = wordsOf(pieces);
  if (text === "") return EMPTIED;
  const used = new Set(units.flatMap(({ marks }) => marks.map(({ of }) => of)));
  const emptied = inside.tokens.flatMap((token) =>
    token.kind === "open" && !used.has(token.of) ? (inside.elements[token.of] ?? []) : [],
  );
  const refusal = notWithoutWords(emptied);
  if (refusal) return refusal;
  const kept = inside.tokens.filter((token): token is Kept => token.kind === "character" || token.kind === "thing");
  const aligned = align(kept, units);
  // Beside what is kept a new character may be read as a part of it (“&” and “amp;”): then all words are written anew.
  const anew = aligned.map((token) => (token?.kind === "thing" ? token : null));
  for (const tokens of [aligned, anew]) {
    const value = write(page, inside, units, tokens);
    const again = readAgain(page, index, inside, value);
    if (again && readAs(again) === readAs(trimmed(units, tokens))) return { value, text };
  }
  return OTHERWISE;
}
