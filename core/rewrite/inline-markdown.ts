import type { Nodes, Parents } from "mdast";
import { treeOf } from "../page/markdown.ts";
import type { Page, Range } from "../page/page.ts";
import type { InlineAtom, InlineElement, InlineNode, InlineText } from "./inline.ts";

const NAMES: Partial<Record<Nodes["type"], string>> = {
  emphasis: "emphasis",
  strong: "bold",
  delete: "struck-out text",
};

const placeOf = (node: Nodes) => ({ start: node.position?.start.offset ?? 0, end: node.position?.end.offset ?? 0 });

/** The inline markup of a stretch of a Markdown file as a tree. */
export function inlineMarkdown(page: Page, range: Range): InlineElement {
  return {
    kind: "element",
    name: "",
    start: range.start,
    startEnd: range.start,
    endStart: range.end,
    end: range.end,
    children: topmost(treeOf(page.source), range).flatMap((node) => inline(node, page.source)),
    wordless: { stays: false },
  };
}

/** The nodes that lie in a stretch, without those inside them. */
function topmost(node: Nodes, range: Range): Nodes[] {
  const { start, end } = placeOf(node);
  if (end <= range.start || start >= range.end) return [];
  const phrasing = node.type === "text" || node.type in NAMES || node.type === "link" || node.type === "linkReference";
  const alone = phrasing || node.type === "inlineCode" || node.type === "break" || node.type.startsWith("image");
  if (alone && start >= range.start && end <= range.end) return [node];
  // Of the children, which stand in order, those that lie there are found without looking at the others.
  const children = childrenOf(node);
  let [low, high] = [0, children.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if (placeOf(children[middle] as Nodes).end > range.start) high = middle;
    else low = middle + 1;
  }
  const found: Nodes[] = [];
  for (let i = low; i < children.length && placeOf(children[i] as Nodes).start < range.end; i++)
    found.push(...topmost(children[i] as Nodes, range));
  return found;
}

const childrenOf = (node: Nodes): readonly Nodes[] => (node as Partial<Parents>).children ?? [];

function inline(node: Nodes, source: string): InlineNode[] {
  const { start, end } = placeOf(node);
  if (node.type === "text") return [placed(node.value, source, start, end)];
  if (node.type === "inlineCode") {
    const ticks = /^`+/.exec(source.slice(start, end))?.[0].length ?? 1;
    const from = source.indexOf(node.value, start + ticks);
    // What stands between backticks is taken as it is.
    if (from < 0) return [];
    const to = from + node.value.length;
    return [element("code", { start, startEnd: from, endStart: to, end }, [placed(node.value, source, from, to)])];
  }
  const children = childrenOf(node);
  if (children.length > 0) {
    const startEnd = placeOf(children[0] as Nodes).start;
    const endStart = placeOf(children.at(-1) as Nodes).end;
    const inside = children.flatMap((child) => inline(child, source));
    return [element(NAMES[node.type] ?? "link", { start, startEnd, endStart, end }, inside)];
  }
  const atom: InlineAtom = {
    kind: "atom",
    start,
    end,
    text: node.type === "break" ? " " : "",
    counts: node.type !== "html",
  };
  return [atom];
}

const element = (
  name: string,
  range: Pick<InlineElement, "start" | "startEnd" | "endStart" | "end">,
  children: InlineNode[],
): InlineElement => ({ kind: "element", name, ...range, children, wordless: { stays: false } });

/** A text's characters with their places; lines are joined, and backslashes and references are read (CommonMark 2.4, 2.5). */
function placed(value: string, source: string, start: number, end: number): InlineText {
  const characters: InlineText["characters"] = [];
  let at = start;
  for (let i = 0; i < value.length && at < end; i++) {
    const text = value[i] ?? "";
    let to = at + 1;
    if (source[at] === "\\" && source[at + 1] === text) to = at + 2;
    else if (source[at] !== text && source[at] === "&") to = source.indexOf(";", at) + 1 || at + 1;
    else if (/\s/.test(text)) while (to < end && /\s/.test(source[to] ?? "") && source[to] !== value[i + 1]) to++;
    characters.push({ text, start: at, end: to });
    at = to;
  }
  return { kind: "text", characters };
}
