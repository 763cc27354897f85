import { isBlank } from "../../page/page.ts";
import { rule, standard } from "../rule.ts";

export const linkNoText = rule({
  id: "link/no-text",
  weight: "must",
  formats: ["html", "markdown"],
  sees: ["links", "images"],
  finds: "a link without words",
  counted: ["# page has a link without words", "# pages have links without words"],
  why: "A listener hears “link”, or the address letter by letter. Icons need a name as well.",
  source: standard("WCAG 2.2, 2.4.4 and 4.1.2; axe-core link-name"),
  check(page, report) {
    const spoken = new Set(page.images.flatMap(({ link, silent }) => (silent ? [] : [link])));
    for (const [index, link] of page.links.entries()) {
      if (link.text !== "" || !isBlank(link.title ?? "") || link.silent) continue;
      // Where a picture in it is to speak and does not, that is said of the picture.
      if (spoken.has(index)) continue;
      report({
        message: `A link to ${link.href} has no words.`,
        at: { part: "link", index: index, range: link.range },
      });
    }
  },
});
