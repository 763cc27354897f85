import type { HeadingKey } from "../page/page.ts";

/** Names a block, picture or link in the original as a heading's key does; the text is what identifies it there. */
export type NodeKey = HeadingKey;

export type NodeKind = "heading" | "block" | "picture" | "link";

/** Where the nodes of each kind stand in a page. */
export const NODES = { heading: "headings", block: "blocks", picture: "images", link: "links" } as const;
