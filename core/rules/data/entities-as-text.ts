import { commonPractice } from "../rule.ts";
import { quote } from "../texts.ts";
import { dataRule, placeOf, textsIn } from "./data-rule.ts";
import { fixValue } from "./fix-value.ts";

const ENTITY = /&(?:amp|lt|gt|quot|apos|nbsp|ndash|mdash|hellip|[lr][sd]quo|#\d{2,6}|#x[0-9a-f]{2,6});/i;
/** Properties whose texts may be HTML (search engines' documentation of questions and jobs, from memory). */
const MAY_BE_HTML = new Set(["text", "articleBody", "description", "recipeInstructions"]);

const NAMED: Record<string, string> = {
  amp: "&",
  lt: "<",
  gt: ">",
  quot: '"',
  apos: "'",
  nbsp: " ",
  ndash: "–",
  mdash: "—",
  hellip: "…",
  lsquo: "‘",
  rsquo: "’",
  ldquo: "“",
  rdquo: "”",
};

const plain = (text: string) =>
  text.replace(/&(#x[0-9a-f]{2,6}|#\d{2,6}|[a-z]+);/gi, (whole, name: string) => {
    if (!name.startsWith("#")) return NAMED[name.toLowerCase()] ?? whole;
    const code = /^#x/i.test(name) ? Number.parseInt(name.slice(2), 16) : Number(name.slice(1));
    return code > 31 && code < 0x110000 ? String.fromCodePoint(code) : whole;
  });

export const dataEntitiesAsText = dataRule({
  id: "data/entities-as-text",
  weight: "should",
  finds: "entities of HTML that are read as text",
  counted: ["# page has HTML entities as text in its data", "# pages have HTML entities as text in their data"],
  hasFix: true,
  why: "Nothing is decoded within a script element: “A &amp; B” is shown with its “amp”. Publishing systems escape there what should stay as it is.",
  source: commonPractice("HTML 4.12.1: a script's text is raw"),
  check(data, report) {
    for (const { property, text, value } of textsIn(data, () => true)) {
      const match = ENTITY.exec(text);
      if (!match || value.place.block < 0) continue;
      if (MAY_BE_HTML.has(property.name) && /<\/?[a-z][^>]*>|&lt;\/?[a-z]/i.test(text)) continue;
      const decoded = plain(text);
      report({
        message: `${quote(match[0])} in ${quote(property.written)} is read as it stands.`,
        at: placeOf(data, value.place),
        ...fixValue(data, value.place, decoded, `Plain text: ${quote(decoded, 60)}`),
      });
    }
  },
});
