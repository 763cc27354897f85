import type { Link, Page } from "../../page/page.ts";
import { LONGEST, VAGUE_LINKS } from "../../phrase/default-words.ts";
import { rule } from "../rule.ts";
import { quote } from "../texts.ts";

const AT_THE_END: ReadonlySet<string> = new Set(".!…»›>→。！-");

/** A text without the signs and spaces that end it, and without spaces before it. */
function withoutEnd(text: string): string {
  let end = text.length;
  for (; end > 0; end--) {
    const sign = text[end - 1] ?? "";
    if (!AT_THE_END.has(sign) && sign.trim() !== "") break;
  }
  return text.slice(0, end).trim();
}

const sets = new WeakMap<readonly string[], ReadonlySet<string>>();

/** The words of a setting as a set, made once. */
function setOf(words: readonly string[]): ReadonlySet<string> {
  const set = sets.get(words) ?? new Set(words);
  sets.set(words, set);
  return set;
}

/** Whether a link is one of those that turn pages: it says so itself, or stands beside a number or another one that does. */
function turnsPages({ links }: Page, index: number): boolean {
  const rel = /(?:^|\s)(?:next|prev)(?:\s|$)/i;
  if (rel.test(links[index]?.rel ?? "")) return true;
  const isNumber = (link: Link | undefined) => link !== undefined && /^\d{1,4}$/.test(link.text);
  const [before, after] = [links[index - 1], links[index + 1]];
  return isNumber(before) || isNumber(after);
}

export const linkVagueText = rule({
  id: "link/vague-text",
  weight: "may",
  formats: ["html", "markdown"],
  sees: ["links"],
  finds: "a link whose words say nothing by themselves",
  counted: [
    "# page has a link whose words say nothing by themselves",
    "# pages have links whose words say nothing by themselves",
  ],
  why: "Links are read out in lists, without what stands around them. Words that name where a link goes serve listeners and search engines alike.",
  source: { kind: "standard", text: "WCAG 2.2, 2.4.9 (AAA); common practice" },
  settings: { words: { type: "words", default: VAGUE_LINKS, label: "These say nothing as a link: {words}" } },
  check(page, report, { settings }) {
    const vague = setOf(settings.words);
    for (const [index, link] of page.links.entries()) {
      if (link.text.length > LONGEST) continue;
      const bare = withoutEnd(link.text).toLowerCase();
      if (bare === "" || !vague.has(bare) || turnsPages(page, index)) continue;
      report({
        message: `${quote(link.text, 40)} does not say that it leads to ${link.href}.`,
        at: { part: "link", index: index, range: link.range },
      });
    }
  },
});
