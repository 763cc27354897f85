import type { Incoming } from "../../site/index/link-graph.ts";
import type { SiteProblem } from "../rule.ts";

/** The links that lead to one address as places of a problem: one on each page that has such a link. */
export const onEach = (links: readonly Incoming[]): SiteProblem["on"] =>
  links.map(({ from, to }) => ({ page: from, at: { part: "link", to } }));
