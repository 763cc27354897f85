import { rule } from "../rule.ts";
import { quote } from "../texts.ts";

const FILE = /\.(?:jpe?g|png|gif|webp|avif|svg|bmp|tiff?)$|^(?:img|dsc|dscn|image|photo|pict?|screenshot)[-_ ]?\d+/i;

export const imageAltFileName = rule({
  id: "image/alt-file-name",
  weight: "should",
  formats: ["html", "markdown"],
  sees: ["images"],
  finds: "an alternative text that is a file's name",
  counted: ["# page has a file’s name as an alternative text", "# pages have a file’s name as an alternative text"],
  why: "Publishing systems fill in the name of the file when nobody types a text. It says nothing to whoever cannot see the picture.",
  source: { kind: "standard", text: "WCAG 2.2 failure F30, for 1.1.1" },
  check(page, report) {
    for (const [index, image] of page.images.entries()) {
      const alt = image.alt?.trim() ?? "";
      const own = image.src?.split(/[?#]/)[0]?.split("/").at(-1) ?? "";
      const bare = own.replace(/\.[a-z0-9]+$/i, "");
      // The number of a call-out is what its picture shows.
      const same = /\D.*\D.*\D/.test(alt) && /[-_\d]/.test(bare) && alt.toLowerCase() === bare.toLowerCase();
      if (!same && !FILE.test(alt)) continue;
      report({
        message: `The alternative text ${quote(alt, 60)} is a file's name.`,
        at: { part: "picture", index: index, range: image.range },
      });
    }
  },
});
