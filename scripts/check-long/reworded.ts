// Paragraphs of real pages with inline markup, reworded in many ways: what comes of the markup is held against a parser.

import { originalFromText } from "../../core/page/original.ts";
import { collapse } from "../../core/page/page.ts";
import { type ElementNode, parseSource, type TreeNode } from "../../core/page/parse.ts";
import { readPage } from "../../core/page/read.ts";
import { applyToSource } from "../../core/rewrite/apply.ts";
import { keyOf } from "../../core/rewrite/resolve.ts";

/** What came of rewording paragraphs. */
export interface Reworded {
  paragraphs: number;
  rewordings: number;
  refused: Map<string, number>;
  faults: string[];
}

const NEW = "lantern harbour quietly seven brass morning tide beneath copper signal".split(" ");

/** Ways to reword a text, by name; the same for the same text. */
function* rewordings(text: string): Generator<[name: string, value: string, changed: number]> {
  const words = text.split(" ");
  const at = (share: number) => Math.min(words.length - 1, Math.floor(words.length * share));
  const fresh = (n: number, from = 0) => Array.from({ length: n }, (_, i) => NEW[(from + i) % NEW.length] ?? "");
  for (const share of [0, 0.2, 0.45, 0.7, 0.99]) {
    const i = at(share);
    yield ["one word", words.with(i, NEW[0] ?? "").join(" "), 1];
    yield ["a word more", words.toSpliced(i, 0, "quietly").join(" "), 0];
    if (words.length > 2) yield ["a word less", words.toSpliced(i, 1).join(" "), 1];
    if (words.length > 5)
      yield ["three for two", words.toSpliced(Math.min(i, words.length - 2), 2, ...fresh(3)).join(" "), 2];
    if (words.length > 5)
      yield ["four for four", words.toSpliced(Math.min(i, words.length - 4), 4, ...fresh(4)).join(" "), 4];
  }
  if (words.length > 8) {
    const two = words.with(at(0.25), "copper").with(at(0.8), "signal");
    yield ["two places", two.join(" "), 2];
    yield ["the second half", [...words.slice(0, at(0.5)), ...fresh(6)].join(" "), words.length];
    yield ["turned round", [...words.slice(at(0.5)), ...words.slice(0, at(0.5))].join(" "), words.length];
  }
  yield ["all of it", `${fresh(7, 3).join(" ")}.`, words.length];
}

const WORDLESS_BEFORE = new Set(
  "br img input svg wbr hr iframe object video audio canvas textarea select button".split(" "),
);

const readable = (node: TreeNode): string =>
  node.type === "text"
    ? node.text
    : node.type === "element" && !WORDLESS_BEFORE.has(node.tag)
      ? node.children.map(readable).join("")
      : "";

function* elementsIn(nodes: readonly TreeNode[]): Generator<ElementNode> {
  for (const node of nodes) {
    if (node.type !== "element") continue;
    yield node;
    yield* elementsIn(node.children);
  }
}

const emptyIn = (html: string) =>
  [...elementsIn(parseSource(`<!doctype html><div>${html}</div>`).document.children)].filter(
    (element) =>
      !["html", "head", "body"].includes(element.tag) &&
      !WORDLESS_BEFORE.has(element.tag) &&
      // A place that links lead to stays without words.
      !element.attributes.some(({ name }) => name === "id" || name === "name") &&
      collapse(readable(element)) === "" &&
      ![...elementsIn(element.children)].some(({ tag }) => WORDLESS_BEFORE.has(tag)),
  ).length;

const tagsIn = (html: string) => (html.match(/<(?!br\b)[a-z][^>]*>/gi) ?? []).length;
/** Places where a tag stands within a word. */
const cutsIn = (html: string) =>
  (html.match(/[\p{L}\p{N}](?:<(?!br|wbr|img|input)[^>]*>)+[\p{L}\p{N}]/giu) ?? []).length;

/** Elements that can have lost all of their words when so many were changed, spaces apart. */
function canBeGone(html: string, changed: number): number {
  const all = [...elementsIn(parseSource(`<!doctype html><div>${html}</div>`).document.children)];
  return all.filter((element) => {
    const own = collapse(readable(element)).split(" ");
    return own[0] !== "" && own.length <= changed;
  }).length;
}

/** Rewords every paragraph with inline markup of a page's source, up to `most`, and adds what came of it. */
export function reword(source: string, file: string, most: number, into: Reworded): void {
  const address = "https://www.example/a/page.html";
  const page = readPage(source, { address });
  let left = most;
  for (const [index, block] of page.blocks.entries()) {
    const { element } = block;
    if (left <= 0 || !element || block.text.length > 1500) continue;
    const html = page.source.slice(element.startEnd, element.endStart);
    if (!/<[a-z]/i.test(html)) continue;
    left--;
    into.paragraphs++;
    for (const [name, value, changed] of rewordings(block.text)) {
      into.rewordings++;
      const edit = { op: "set-block-text" as const, block: keyOf(page, "block", index), value, was: block.text };
      const { bytes, refused } = applyToSource(originalFromText(source), [edit], { address, page });
      const [refusal] = refused;
      if (refusal) {
        const why = refusal.reason.replace(/“[^”]*”/g, "“…”");
        into.refused.set(why, (into.refused.get(why) ?? 0) + 1);
        continue;
      }
      const after = new TextDecoder().decode(bytes);
      const now = after.slice(element.startEnd, after.length - (source.length - element.endStart));
      const where = `${file}: ${name}: ${JSON.stringify(collapse(html).slice(0, 300))} → ${JSON.stringify(collapse(now).slice(0, 300))}`;
      const read = readPage(after, { address }).blocks[index]?.text;
      if (read !== collapse(value)) into.faults.push(`other words: ${where}`);
      if (emptyIn(now) > emptyIn(html)) into.faults.push(`an empty element: ${where}`);
      if (cutsIn(now) > cutsIn(html)) into.faults.push(`a cut word: ${where}`);
      if (tagsIn(html) - tagsIn(now) > canBeGone(html, changed) || tagsIn(now) > tagsIn(html))
        into.faults.push(`more markup gone than lost its words: ${where}`);
    }
  }
}
