import { commonPractice, rule } from "../rule.ts";
import { quote } from "../texts.ts";

const TELLS: [RegExp, string][] = [
  [/\b(?:pass(?:word|wd|code)?|pwd|secret|api[-_ ]?key|token)\b\s*[:=]/i, "what looks like a password or key"],
  [/(?<![\w.+-])[\w.+-]+@[\w-]+\.[\w.-]+/, "an e-mail address"],
  [
    /\b(?:10|192\.168|172\.(?:1[6-9]|2\d|3[01]))(?:\.\d{1,3}){2,3}\b|\blocalhost\b|(?<![\w-])[\w-]+\.(?:local|internal|intranet)\b/i,
    "an address of an inner network",
  ],
  [/\b(?:TODO|FIXME|XXX|HACK)\b|\bto-do\b/, "a note to oneself"],
];

export const markupTellingComment = rule({
  id: "markup/telling-comment",
  weight: "may",
  formats: ["html"],
  sees: ["comments"],
  finds: "a comment in the source that gives something away",
  counted: [
    "# page has a comment in its source that gives something away",
    "# pages have a comment in their source that gives something away",
  ],
  why: "Anybody can read the comments in a page's source. Names, passwords and addresses of servers do not belong there.",
  source: commonPractice(),
  check(page, report) {
    for (const { text, range } of page.comments) {
      const [, what] = TELLS.find(([pattern]) => pattern.test(text)) ?? [];
      if (!what) continue;
      report({
        message: `A comment holds ${what}: ${quote(text.trim().replace(/\s+/g, " "), 60)}.`,
        at: { part: "markup", range },
      });
    }
  },
});
