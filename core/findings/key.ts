import { fingerprint } from "../page/fingerprint.ts";
import type { Page } from "../page/page.ts";
import type { Edit, NodeKey, NodeKind } from "../rewrite/edits.ts";
import { originsOf } from "../rewrite/origins.ts";
import { keyOf } from "../rewrite/resolve.ts";
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

/**
 * The name of a place that stays the same while its text, and what stands around it, is rewritten: nodes are named as the
 * original has them, those that the redraft has made by the edit that made them.
 */
export function placeKey(at: Place, page: Page, redraft: Redraft | null): string {
  switch (at.part) {
    case "heading": {
      const heading = page.headings[at.index];
      if (heading?.made) return `heading made ${fingerprint(heading.made)}`;
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
    default:
      return placeName(at);
  }
}
