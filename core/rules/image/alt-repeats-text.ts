import { collapse } from "../../page/page.ts";
import { keyOf } from "../../rewrite/resolve.ts";
import { commonPractice, rule } from "../rule.ts";
import { quote } from "../texts.ts";

export const imageAltRepeatsText = rule({
  id: "image/alt-repeats-text",
  weight: "may",
  formats: ["html", "markdown"],
  sees: ["images", "links", "blocks"],
  finds: "an alternative text that says the words beside the picture again",
  counted: [
    "# page has an alternative text that repeats the words beside it",
    "# pages have an alternative text that repeats the words beside it",
  ],
  hasFix: true,
  why: "A listener hears the same twice. Where the caption or the link's words say all, the picture's own text can be empty.",
  source: commonPractice(),
  check(page, report) {
    const captions = new Map<string, number[]>();
    for (const { tag, text, range } of page.blocks) {
      if (tag !== "figcaption") continue;
      const starts = captions.get(text.toLowerCase());
      if (starts) starts.push(range.start);
      else captions.set(text.toLowerCase(), [range.start]);
    }
    for (const [index, image] of page.images.entries()) {
      const alt = collapse(image.alt ?? "").toLowerCase();
      if (alt.length < 3 || image.silent) continue;
      const link = page.links[image.link];
      const inLink = link?.text.toLowerCase().replace(alt, "").includes(alt) ?? false;
      const caption = captions.get(alt)?.some((start) => Math.abs(start - image.range.end) < 500) ?? false;
      if (!inLink && !caption) continue;
      report({
        message: `The alternative text ${quote(image.alt ?? "", 60)} is ${inLink ? "in the link's words" : "the caption"} already.`,
        at: { part: "picture", index: index, range: image.range },
        fix: {
          label: "Leave it empty",
          edits: [{ op: "set-alt", picture: keyOf(page, "picture", index), value: "", was: image.alt }],
        },
      });
    }
  },
});
