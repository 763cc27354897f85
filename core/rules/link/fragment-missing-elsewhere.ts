import { linkGraph } from "../../site/link-graph.ts";
import { hostOf, unpackFragments } from "../../site/links.ts";
import { siteRule, standard } from "../rule.ts";
import { decodeFragment } from "./fragment.ts";

export const linkFragmentMissingElsewhere = siteRule({
  id: "link/fragment-missing-elsewhere",
  weight: "should",
  finds: "a link to a place on another page that is not there",
  why: "The other page opens at its top, and visitors look for what they were promised. Mostly the id was renamed. Places that a script makes cannot be seen.",
  source: standard("HTML Living Standard 7.4.6.4 (scrolling to a fragment)"),
  *check(pages) {
    const graph = linkGraph(pages);
    const ids = new Map<string, ReadonlySet<string> | null>();
    const idsOf = (key: string): ReadonlySet<string> | null => {
      let known = ids.get(key);
      if (known === undefined) {
        const packed = graph.pages.get(key)?.ids;
        known = packed === undefined || packed.endsWith("\n") ? null : new Set(packed.split("\n"));
        ids.set(key, known);
      }
      return known;
    };
    for (const from of pages) {
      if (!from.fragments) continue;
      const host = hostOf(from.address);
      for (const { to, fragment } of unpackFragments(from.fragments)) {
        const there = idsOf(host + to);
        const plain = decodeFragment(fragment);
        if (!there || plain === null || there.has(plain) || there.has(fragment)) continue;
        const other = graph.pages.get(host + to);
        yield {
          message: `Nothing on ${to} bears the id of the link to ${to}#${plain}.`,
          on: [
            {
              page: from,
              at: { part: "link", to, fragment },
              ...(other && { related: [{ at: { part: "markup" }, page: other }] }),
            },
          ],
        };
      }
    }
  },
});
