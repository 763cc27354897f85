import { count } from "../../settings/setting.ts";
import { commonPractice, rule } from "../rule.ts";
import { charactersOf, quote } from "../texts.ts";

export const imageAltTooLong = rule({
  id: "image/alt-too-long",
  weight: "may",
  formats: ["html", "markdown"],
  sees: ["images"],
  finds: "a long alternative text",
  counted: ["# page has a long alternative text", "# pages have a long alternative text"],
  why: "It is read out in one go and cannot be paused. Around 125 characters is a rule of thumb; what needs more, such as a chart, is better told in the text.",
  source: commonPractice(),
  settings: { most: count(125, "Alternative texts have at most {most} characters.") },
  check(page, report, { settings }) {
    for (const [index, image] of page.images.entries()) {
      if (!image.alt || image.alt.length <= settings.most) continue;
      const characters = charactersOf(image.alt);
      if (characters <= settings.most) continue;
      report({
        message: `The alternative text ${quote(image.alt, 40)} has ${characters} characters.`,
        at: { part: "picture", index: index, range: image.range },
      });
    }
  },
});
