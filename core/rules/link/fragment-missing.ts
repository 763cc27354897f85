import { rule, standard } from "../rule.ts";
import { quote } from "../texts.ts";
import { decodeFragment, fragmentHere } from "./fragment.ts";

export const linkFragmentMissing = rule({
  id: "link/fragment-missing",
  weight: "should",
  formats: ["html", "markdown"],
  sees: ["links", "ids", "anchorNames", "address", "base"],
  finds: "a link to a place on this page that is not there",
  counted: [
    "# page links to a place on itself that is not there",
    "# pages link to a place on themselves that is not there",
  ],
  why: "The link does nothing. Mostly the id it leads to was renamed, or belongs to another page.",
  source: standard("HTML Living Standard 7.4.6.4 (scrolling to a fragment)"),
  check(page, report) {
    const places = new Set([...page.ids.map(({ id }) => id), ...page.anchorNames]);
    for (const [index, { href, text, range }] of page.links.entries()) {
      const written = fragmentHere(page, href);
      const fragment = written && decodeFragment(written);
      if (!fragment || places.has(fragment) || places.has(written)) continue;
      report({
        message: `${quote(text || href, 40)} leads to #${fragment}, and nothing on this page bears that id or name.`,
        at: { part: "link", index: index, range },
      });
    }
  },
});
