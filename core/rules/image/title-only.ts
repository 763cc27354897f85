import { keyOf } from "../../rewrite/resolve.ts";
import { rule, standard } from "../rule.ts";
import { quote } from "../texts.ts";

export const imageTitleOnly = rule({
  id: "image/title-only",
  weight: "should",
  formats: ["html", "markdown"],
  sees: ["images"],
  finds: "a picture with a title attribute where the alternative text belongs",
  counted: [
    "# page has a picture with a title attribute instead of an alternative text",
    "# pages have pictures with a title attribute instead of an alternative text",
  ],
  hasFix: true,
  why: "A title attribute is a hint that shows under a pointer; on a telephone nobody sees it. The text in place of the picture belongs into alt.",
  source: standard("HTML Living Standard 4.8.4.4 and 3.2.6.1 (the title attribute)"),
  check(page, report) {
    for (const [index, image] of page.images.entries()) {
      if (image.alt !== null || !image.title?.trim() || image.silent || image.labelled) continue;
      report({
        message: `${quote(image.title, 60)} stands in the title attribute, and there is no alternative text.`,
        at: { part: "picture", index: index, range: image.range },
        fix: {
          label: "Make it the alternative text",
          edits: [{ op: "set-alt", picture: keyOf(page, "picture", index), value: image.title, was: null }],
        },
      });
    }
  },
});
