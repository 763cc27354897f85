import { pathOf } from "../../address/address.ts";
import { foldDiacritics } from "../../phrase/fold.ts";
import { findPhrase } from "../../phrase/match.ts";
import { linkGraph } from "../../site/link-graph.ts";
import type { PageSummary } from "../../site/page-summary.ts";
import { commonPractice, siteRule } from "../rule.ts";
import { quote } from "../texts.ts";

/** A phrase that more than this share of the site's pages say is no reason to link. */
const TOO_COMMON = 1 / 4;
/** Up to so many pages any number of them may say it. */
const SMALL = 8;
/** Most links that are suggested for one page. */
const MOST = 3;
/** Letters with which a word begins, by which phrases are looked up. */
const BEGINNING = 3;

const beginning = (word: string) => word.slice(0, BEGINNING);
const wordsOf = (text: string) => foldDiacritics(text.toLowerCase()).split(/[^\p{L}\p{N}]+/u);

const mentions = new WeakMap<PageSummary, Map<string, string | null>>();

/** How a page says a phrase, in its own words; null where it does not. Looked for once for the same summary. */
function mentionOf(page: PageSummary, phrase: string): string | null {
  const known = mentions.get(page) ?? new Map<string, string | null>();
  mentions.set(page, known);
  let words = known.get(phrase);
  if (words === undefined) {
    const text = page.beginning ?? "";
    const match = findPhrase(phrase, text, { language: page.language }).find(({ kind }) => kind !== "scattered");
    words = match ? text.slice(match.start, match.end) : null;
    known.set(phrase, words);
  }
  return words;
}

/** Pages with a target phrase, by the beginnings of the phrase's longest word. */
function byBeginning(pages: readonly PageSummary[]): Map<string, PageSummary[]> {
  const index = new Map<string, PageSummary[]>();
  for (const page of pages) {
    const longest = wordsOf(page.phrase ?? "").reduce((a, b) => (b.length > a.length ? b : a), "");
    if (longest.length < BEGINNING) continue;
    const list = index.get(beginning(longest));
    if (list) list.push(page);
    else index.set(beginning(longest), [page]);
  }
  return index;
}

const same = (a = "", b = "") => a.trim().toLowerCase() === b.trim().toLowerCase();

export const linkOpportunity = siteRule({
  id: "link/opportunity",
  weight: "may",
  finds: "a page that says the target phrase of another one without a link to it",
  why: "Who reads of a thing may want to go there, and search engines learn from the words of links what a page is about. It is looked for in the first 2,000 characters; a phrase that a quarter of the pages say is passed over.",
  source: commonPractice(),
  *check(pages) {
    const index = byBeginning(pages.filter(({ phrase }) => phrase));
    if (index.size === 0) return;
    const { incoming } = linkGraph(pages);
    const mentions = new Map<PageSummary, { from: PageSummary; words: string }[]>();
    for (const page of pages) {
      if (!page.beginning) continue;
      const candidates = new Set(wordsOf(page.beginning).flatMap((word) => index.get(beginning(word)) ?? []));
      for (const to of candidates) {
        const words = to === page || same(to.phrase, page.phrase) ? null : mentionOf(page, to.phrase ?? "");
        if (words === null) continue;
        const list = mentions.get(to);
        if (list) list.push({ from: page, words });
        else mentions.set(to, [{ from: page, words }]);
      }
    }
    const suggested = new Map<string, number>();
    for (const [to, list] of mentions) {
      if (list.length > Math.max(SMALL, pages.length * TOO_COMMON)) continue;
      const linking = new Set((incoming.get(to.id) ?? []).map(({ from }) => from));
      for (const { from, words } of list) {
        const many = suggested.get(from.id) ?? 0;
        if (linking.has(from) || many >= MOST) continue;
        suggested.set(from.id, many + 1);
        yield {
          message: `It says ${quote(words, 60)} and does not link to ${pathOf(to.address)}.`,
          on: [{ page: from, at: { part: "block", holds: words }, related: [{ at: { part: "markup" }, page: to }] }],
        };
      }
    }
  },
});
