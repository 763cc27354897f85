import { commonPractice, rule } from "../rule.ts";
import { counted } from "../texts.ts";
import { fileName } from "./pictures.ts";

export const imageNoSize = rule({
  id: "image/no-size",
  weight: "may",
  formats: ["html", "markdown"],
  sees: ["images"],
  finds: "pictures without width and height",
  counted: ["# page has pictures without width and height", "# pages have pictures without width and height"],
  why: "Without both a browser cannot keep their room free, and the text jumps when they arrive. Style sheets may do it too, which cannot be seen here.",
  source: commonPractice(),
  check(page, report) {
    const without = [...page.images.entries()].filter(
      ([, { src, width, height }]) => src && !src.startsWith("data:") && (width === null || height === null),
    );
    const [first] = without;
    if (!first) return;
    const more = without.length > 1 ? ` and ${counted(without.length - 1, "more picture")}` : "";
    report({
      message: `${fileName(first[1])}${more} ${more ? "say" : "says"} no width and height.`,
      at: { part: "picture", index: first[0], range: first[1].range },
    });
  },
});
