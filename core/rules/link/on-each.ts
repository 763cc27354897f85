import type { Incoming } from "../../site/link-graph.ts";
import type { SiteProblem } from "../rule.ts";

/** The links that lead to one address as places of a problem: one on each page that has such a link. */
export const onEach = (links: readonly Incoming[]): SiteProblem["on"] =>
  [...new Map(links.map((one) => [one.from, one.link])).entries()].map(([page, link]) => ({
    page,
    at: { part: "link", to: link.to },
  }));
