// What the editor of paragraphs writes, held against the standard's own parser.
import { type DefaultTreeAdapterTypes, parse } from "parse5";
import { type Original, sourceOf } from "../page/original.ts";
import type { Page } from "../page/page.ts";
import { applyToSource } from "./apply.ts";
import { insideOf, isText as isWords, markName, type Piece } from "./content.ts";
import { standing } from "./operations/set-block-content.ts";
import { keyOf } from "./resolve.ts";
import { writeContent } from "./write-content.ts";

type Node = DefaultTreeAdapterTypes.Node;

/** One thing of a document in its order: a tag with its attributes, a text, and where in the source it begins, a text with its first letter. */
interface Seen {
  what: string;
  isText: boolean;
  at: number;
  /** For a text: the elements around it, innermost last. */
  around: { name: string; href: string | null; at: number }[];
}

function seen(source: string): Seen[] {
  const all: Seen[] = [];
  const walk = (node: Node, around: Seen["around"]) => {
    const at = node.sourceCodeLocation?.startOffset ?? -1;
    if (node.nodeName === "#text") {
      const { value } = node as DefaultTreeAdapterTypes.TextNode;
      all.push({
        what: value,
        isText: true,
        at: at + (/^[\t\n\f\r ]*(?=[^\t\n\f\r ])/.exec(value)?.[0].length ?? 0),
        around,
      });
    }
    if (node.nodeName === "#comment")
      all.push({ isText: false, what: `<!--${(node as DefaultTreeAdapterTypes.CommentNode).data}-->`, at, around });
    if (!("childNodes" in node)) return;
    const attrs = "attrs" in node ? node.attrs : [];
    const name = node.nodeName;
    const href = attrs.find((one) => one.name === "href")?.value ?? null;
    if ("attrs" in node) all.push({ isText: false, what: `<${name} ${JSON.stringify(attrs)}>`, at, around });
    for (const child of node.childNodes) walk(child, "attrs" in node ? [...around, { name, href, at }] : around);
    if ("attrs" in node)
      all.push({ isText: false, what: `</${name}>`, at: node.sourceCodeLocation?.endTag?.startOffset ?? -1, around });
  };
  walk(parse(source, { sourceCodeLocationInfo: true }), []);
  return all;
}

const nameOf = ({ name, href }: { name: string; href: string | null }) =>
  name === "a" || name === "link" || name === "anchor" ? `link ${href}` : `${markName(name)} `;

/** Characters without white space, each with the markup around it. */
const lettersOf = (texts: readonly { text: string; marks: readonly { name: string; href: string | null }[] }[]) =>
  texts
    .flatMap(({ text, marks }) => {
      const names = marks.map(nameOf).sort().join();
      return Array.from(text.replace(/[\t\n\f\r ]/g, ""), (one) => `${one} ${names}`);
    })
    .join("\n");

/**
 * Changes the content of a block in the source, and has that read by a parser: a sentence where anything beside the block
 * differs, or the block does not read as it was changed; null where all is as meant; `refused` where it was not done.
 */
export function contentFault(
  original: Original,
  page: Page,
  index: number,
  pieces: readonly Piece[],
): string | null | "refused" {
  const block = page.blocks[index];
  const written = writeContent(page, index, pieces);
  if (!block || typeof written === "string") return "refused";
  const was = standing(page, index);
  const edit = { op: "set-block-content" as const, block: keyOf(page, "block", index), ...written, was };
  const { bytes, refused } = applyToSource(original, [edit], { address: page.address, page });
  if (refused.length > 0) return "refused";
  const { start, end } = insideOf(page, block);
  const now = sourceOf({ ...original, bytes });
  const [head, tail] = [page.source.slice(0, start), page.source.slice(end)];
  if (!now.startsWith(head) || !now.endsWith(tail)) return "something else was written";
  const [before, after] = [seen(page.source), seen(now)];
  let from = 0;
  while (from < before.length && before[from]?.what === after[from]?.what) from++;
  let behind = 0;
  const most = Math.min(before.length, after.length) - from;
  while (behind < most && before.at(-1 - behind)?.what === after.at(-1 - behind)?.what) behind++;
  const outside = before
    .slice(from, before.length - behind)
    .find(({ what, at }) => what.trim() !== "" && at >= 0 && (at < start || at > end));
  if (outside) return `${outside.what} is read otherwise, which stands beside the text`;
  // What the character set lacks is written as references.
  const to = now.length - tail.length;
  const texts = after.flatMap(({ what, isText, at, around }) =>
    at >= start && at < to && isText ? [{ text: what, marks: around.filter((one) => one.at >= start) }] : [],
  );
  const [is, meant] = [lettersOf(texts), lettersOf(pieces.filter(isWords))];
  return is === meant ? null : `${JSON.stringify(written.value)} reads otherwise than it was meant`;
}
