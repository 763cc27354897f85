// Findings of rules that raised false alarms on real pages, counted over real pages: what is left of each, and why.
import { readFileSync } from "node:fs";
import { audit } from "../../core/audit/auditor.ts";
import { originalFromBytes } from "../../core/page/original-from-bytes.ts";
import { readPage } from "../../core/page/read.ts";
import { DEFAULT_HOUSE_STYLE } from "../../core/settings/house-style.ts";

/** Why what is left of a rule's findings is right, or what of it is not. */
const LEFT: Readonly<Record<string, string>> = {
  "link/fragment-missing":
    "ids that were renamed in one language of a handbook and not in another; looked at one by one",
  "image/alt-file-name": "a path as the alternative text, made by a generator: right",
  "image/alt-placeholder": "“Logo” on every page of one handbook: right",
  "heading/looks-like-heading":
    "labels in bold before their text, which are no headings to a listener: right. Letters over parts of an index are among them",
  "heading/in-comments": "none left: a part about comments is none of them",
  "slug/dates": "none left: numbers behind letters are no years",
  "title/separators": "mixed dashes, bars and colons: right",
  "title/shouting": "commands that a handbook writes in capitals in its headings and nowhere in prose",
  "description/default-words": "none left",
  "description/markup": "none left",
  "body/long-paragraph": "paragraphs of handbooks: right",
  "link/button-as-link": "links to “#” that a script takes over: right",
  "markup/duplicate-id": "ids that a generator wrote twice; copies that the parser makes are none of them",
  "markup/unclosed": "a elements without an end tag: right",
  "markup/swallowed": "a quotation mark that is missing in the source: right",
  "link/no-text": "links without any words in the source: right",
  "control/no-name": "none left",
  "control/no-label": "search fields without a label: right",
  "frame/no-title": "none left",
  "canonical/several": "none left",
  "head/language-unlike-text": "none left: indexes of commands are no running text",
  "body/leftover-template": "a handbook that speaks of templates in its prose",
  "heading/leftover-template": "none left",
};

/** Counts findings over files, and says of each rule what is left and why, as lines of Markdown. */
export function alarmsOver(files: readonly string[], today: string): string[] {
  const counts = new Map<string, { findings: number; pages: Set<string>; example: string }>();
  const context = { phrase: null, houseStyle: DEFAULT_HOUSE_STYLE, today };
  for (const file of files) {
    const page = readPage(originalFromBytes(new Uint8Array(readFileSync(file))), {
      address: `https://www.handbook.example${file}`,
    });
    for (const { rule, message } of audit(page, context)) {
      if (!(rule in LEFT)) continue;
      const count = counts.get(rule) ?? { findings: 0, pages: new Set(), example: message };
      count.findings++;
      count.pages.add(file);
      counts.set(rule, count);
    }
  }
  return Object.entries(LEFT).map(([rule, why]) => {
    const count = counts.get(rule);
    const example = count ? ` Such as: ${count.example.replace(/[|\n]/g, " ").slice(0, 140)}` : "";
    return `| ${rule} | ${count?.findings ?? 0} | ${count?.pages.size ?? 0} | ${why}.${example} |`;
  });
}
