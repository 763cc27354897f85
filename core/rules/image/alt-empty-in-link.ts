import { rule, standard } from "../rule.ts";
import { fileName } from "./pictures.ts";

export const imageAltEmptyInLink = rule({
  id: "image/alt-empty-in-link",
  weight: "must",
  formats: ["html", "markdown"],
  sees: ["images", "links"],
  finds: "a linked picture with empty alternative text and no other words in the link",
  counted: ["# page has a linked picture without any words", "# pages have a linked picture without any words"],
  why: "An empty alternative text says that the picture may be passed over. In a link of its own it is all that says where the link goes.",
  source: standard("WCAG 2.2, 2.4.4 and failure F89"),
  check(page, report) {
    for (const [index, image] of page.images.entries()) {
      const link = page.links[image.link];
      if (!link || image.alt === null || image.alt.trim() !== "" || link.silent) continue;
      if (link.text !== "" || link.title?.trim() || image.labelled) continue;
      report({
        message: `${fileName(image)} is all there is in a link to ${link.href}, and its alternative text is empty.`,
        at: { part: "picture", index: index, range: image.range },
      });
    }
  },
});
