import { PLACEHOLDER_ALTS } from "../../phrase/default-words.ts";
import { rule } from "../rule.ts";
import { quote } from "../texts.ts";
import { fileName } from "./pictures.ts";

export const imageAltPlaceholder = rule({
  id: "image/alt-placeholder",
  weight: "should",
  formats: ["html", "markdown"],
  sees: ["images"],
  finds: "an alternative text that names a kind of thing only",
  counted: [
    "# page has an alternative text that names a kind of thing only",
    "# pages have an alternative text that names a kind of thing only",
  ],
  why: "“Image” or “logo” says nothing that a listener does not know already: that there is a picture. Say what it shows, or leave the text empty where the picture is for looks only.",
  source: { kind: "standard", text: "WCAG 2.2 failure F30, for 1.1.1" },
  settings: { words: { type: "words", default: PLACEHOLDER_ALTS, label: "These say nothing of a picture: {words}" } },
  check(page, report, { settings }) {
    for (const [index, image] of page.images.entries()) {
      if (!image.alt || image.silent || image.alt.length > 60) continue;
      const bare = image.alt
        .toLowerCase()
        .replace(/\s*\(?\d+\)?\s*$/, "")
        .replace(/^[\s([]+|[\s.:)\]]+$/g, "");
      if (bare === "" || !settings.words.includes(bare)) continue;
      report({
        message: `${fileName(image)} has the alternative text ${quote(image.alt, 40)}, which does not tell what it shows.`,
        at: { part: "picture", index: index, range: image.range },
      });
    }
  },
});
