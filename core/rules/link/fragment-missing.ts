import { rule, standard } from "../rule.ts";
import { quote } from "../texts.ts";
import { decodeFragment } from "./fragment.ts";

export const linkFragmentMissing = rule({
  id: "link/fragment-missing",
  weight: "should",
  sees: ["links", "ids", "address"],
  finds: "a link to a place on this page that is not there",
  why: "The link does nothing. Mostly the id it leads to was renamed, or belongs to another page.",
  source: standard("HTML Living Standard 7.4.6.4 (scrolling to a fragment)"),
  *check(page) {
    const ids = new Set(page.ids.map(({ id }) => id));
    for (const [index, { href, text, range }] of page.links.entries()) {
      if (!href.startsWith("#") || href.length < 2) continue;
      const fragment = decodeFragment(href.slice(1));
      if (fragment === null || ids.has(fragment) || ids.has(href.slice(1))) continue;
      yield {
        message: `${quote(text || href, 40)} leads to #${fragment}, and nothing on this page bears that id.`,
        at: { part: "link", link: index, range },
      };
    }
  },
});
