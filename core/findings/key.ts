import { fingerprint } from "../page/fingerprint.ts";
import type { Page } from "../page/page.ts";
import { cleanValue } from "../rewrite/clean-value.ts";
import { type Edit, nodesOf, operationOf } from "../rewrite/edits.ts";
import type { NodeKey, NodeKind } from "../rewrite/node.ts";
import { originsOf } from "../rewrite/origins.ts";
import { keyOf } from "../rewrite/resolve.ts";
import { dataOf, type PageData } from "../structured-data/page-data.ts";
import { type Place, placeName } from "./place.ts";

/** What a page was made from by its redraft. */
export interface Redraft {
  original: Page;
  edits: readonly Edit[];
}

/** As much of a block's text as names it in a key. */
const NAMED_BY = 80;

/** Names a node by its key in the original: which of those that have one text, and that text. */
export const nodeName = (kind: NodeKind, { text, nth = 1 }: NodeKey): string =>
  `${kind} ${nth} ${kind === "block" ? text.slice(0, NAMED_BY) : text}`;

const ranks = new WeakMap<PageData, ReadonlyMap<number, number>>();

/** The how-manieth of the places at which a page's markup states data begins there: offsets move with every word before them. */
function markupRank(page: Page, start: number): number {
  const data = dataOf(page);
  let ofPage = ranks.get(data);
  if (!ofPage) {
    const places = data.entities.flatMap(({ place, typePlace, properties }) => [
      place,
      typePlace,
      ...properties.flatMap((property) => [property.place, ...property.values.map((value) => value.place)]),
    ]);
    const starts = new Set(places.flatMap(({ block, range }) => (block < 0 && range ? [range.start] : [])));
    ofPage = new Map([...starts].sort((a, b) => a - b).map((one, i) => [one, i]));
    ranks.set(data, ofPage);
  }
  return ofPage.get(start) ?? -1;
}

/**
 * The name of a place that stays the same while its text, and what stands around it, is rewritten: nodes are named as the
 * original has them, those that the redraft has made by the edit that made them.
 */
export function placeKey(at: Place, page: Page, redraft: Redraft | null): string {
  switch (at.part) {
    case "heading": {
      const heading = page.headings[at.index];
      if (heading?.createdBy) return `heading made ${fingerprint(heading.createdBy)}`;
      return nodeName("heading", heading?.key ?? { text: "" });
    }
    case "block":
    case "picture":
    case "link": {
      if (!redraft || redraft.original === page) return nodeName(at.part, keyOf(page, at.part, at.index));
      const origins = originsOf(redraft.original, page, redraft.edits, at.part);
      const { key, added } = origins[at.index] ?? { key: null, added: null };
      if (key) return nodeName(at.part, key);
      if (!added) return nodeName(at.part, keyOf(page, at.part, at.index));
      const earlier = origins.slice(0, at.index).filter((one) => one.added === added).length;
      return `${at.part} added ${fingerprint(added.id)} ${earlier}`;
    }
    case "data":
      return at.pointer.startsWith("markup ") ? `data markup ${markupRank(page, at.range.start)}` : placeName(at);
    default:
      return placeName(at);
  }
}

/**
 * What nodes are called now whose new words the site has taken over, by what they were called before: what was set aside at
 * them stays set aside.
 */
export function renamedNodes(settled: readonly Edit[], now: Page): ReadonlyMap<string, string> {
  const names = new Map<string, string>();
  for (const edit of settled) {
    const [node] = nodesOf(edit);
    const text = operationOf(edit).renames?.(edit);
    if (!node || text === undefined) continue;
    const index = indexOfText(now, node, cleanValue(text));
    if (index >= 0) names.set(nodeName(node.kind, node.key), nodeName(node.kind, keyOf(now, node.kind, index)));
  }
  return names;
}

/** The node of a kind with a text, where it is the only one; -1 else. */
function indexOfText(page: Page, { kind, key }: { kind: NodeKind; key: NodeKey }, text: string): number {
  const href = key.text.split(" ")[0] ?? "";
  const texts =
    kind === "heading"
      ? Array.from(page.headings, (heading) => heading.text)
      : kind === "link"
        ? page.links.map((link) => (link.href === href ? link.text : ""))
        : page.blocks.map((block) => block.text);
  const index = texts.indexOf(text);
  return texts.lastIndexOf(text) === index ? index : -1;
}

/** The key of a finding at a node that is called otherwise now; itself where it is at none. */
export function renamedKey(key: string, names: ReadonlyMap<string, string>): string {
  const at = key.indexOf(" @ ");
  const [name = "", number = ""] = key.slice(at + 3).split(/( #\d+)$/);
  const renamed = at < 0 ? undefined : names.get(name);
  return renamed === undefined ? key : `${key.slice(0, at)} @ ${renamed}${number}`;
}
