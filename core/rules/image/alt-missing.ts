import { rule, standard } from "../rule.ts";
import { fileName } from "./pictures.ts";

export const imageAltMissing = rule({
  id: "image/alt-missing",
  weight: "must",
  formats: ["html", "markdown"],
  sees: ["images"],
  finds: "a picture without alternative text",
  counted: ["# page has pictures without alternative text", "# pages have pictures without alternative text"],
  why: "Without an alt attribute a listener hears the file's name. A picture that is there for looks only gets an empty one, so that it is passed over.",
  source: standard("WCAG 2.2, 1.1.1; HTML Living Standard 4.8.3"),
  check(page, report) {
    for (const [index, image] of page.images.entries()) {
      if (image.alt !== null || image.silent || image.labelled || image.title?.trim()) continue;
      report({
        message: `${fileName(image)} has no alternative text.`,
        at: { part: "picture", index: index, range: image.range },
      });
    }
  },
});
