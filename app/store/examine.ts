import { slugOf } from "#core/address/slug";
import type { Finding } from "#core/findings/finding";
import { asCounted, countFound, packFound } from "#core/findings/found";
import { widthOf } from "#core/measure/width";
import { contentHeadings, contentWords } from "#core/page/body";
import { languageTagOf } from "#core/page/language-tag";
import { descriptionOf, type Page, titleOf } from "#core/page/page";
import type { PageKind } from "#core/page/page-kind";
import { structuredValues } from "#core/page/structured-values";
import { setDescription, setTitle } from "#core/result/result";
import { descriptionStyle, titleStyle } from "#core/result/styles";
import type { RuleContext } from "#core/rules/rule";
import { subjectOf } from "#core/rules/subjects";
import type { Days } from "#core/settings/days";
import { type HouseStyle, limitsOf } from "#core/settings/house-style";
import { addressByFile, FACET_STAMP, facetsOf } from "#core/site/facets/page-facets";
import { fewPhrases } from "#core/standing/phrase-list";
import { standingsOf } from "#core/standing/standing";
import type { PageDerived, PhraseStanding } from "./records/derived";
import type { FacetsRecord } from "./records/facets";
import type { StoredPage } from "./records/pages";

export interface ExamineContext {
  /** Open findings: what was set aside is not among them. */
  findings: readonly Finding[];
  /** What the page is to be found for. */
  phrases: Pick<RuleContext, "phrase" | "supporting">;
  houseStyle: HouseStyle;
  guessedKind: PageKind;
  /** Names the site's house style. */
  stamp: string;
  days: Days;
}

/** What the table shows of a page as it now reads. */
export function examine(
  page: Page,
  { findings, phrases, houseStyle, guessedKind, stamp, days }: ExamineContext,
): PageDerived {
  const title = titleOf(page);
  const description = descriptionOf(page);
  const h1 = page.headings.find((heading) => heading.level === 1 && heading.text !== "");
  const levels = [0, 0, 0, 0, 0, 0];
  for (const { heading } of contentHeadings(page)) {
    const at = Math.min(6, heading.level) - 1;
    levels[at] = (levels[at] ?? 0) + 1;
  }
  return {
    name: (h1?.text || title || page.values.name || "").slice(0, 200),
    language: languageTagOf(page),
    // Whole: what the table shows is what it writes back.
    title,
    titlePx: Math.round(widthOf(title, titleStyle("desktop"))),
    description,
    descriptionPx: Math.round(widthOf(description, descriptionStyle("desktop"))),
    ...cutsOf(title, description, houseStyle),
    slug: slugOf(page.address),
    h1: h1?.text ?? "",
    levels,
    outlineFault: (findings.find((finding) => subjectOf(finding.rule) === "heading")?.message ?? "").slice(0, 160),
    words: contentWords(page),
    paragraphs: page.blocks.filter((block) => block.tag === "p").length,
    lists: page.lists.length,
    pictures: page.images.length,
    withoutAlt: page.images.filter((image) => image.alt === null).length,
    links: page.links.length,
    types: [...new Set(structuredValues(page).types)].slice(0, 8),
    found: packFound(countFound(findings.map((finding) => asCounted(finding, page)))),
    standings: standingsOn(page, phrases),
    guessedKind,
    stamp,
    days,
    facetStamp: FACET_STAMP,
  };
}

/** How the page's own phrases stand on it. */
function standingsOn(page: Page, { phrase, supporting = [] }: ExamineContext["phrases"]): PhraseStanding[] {
  const texts = [...(phrase === null ? [] : [phrase]), ...supporting];
  if (texts.length === 0) return [];
  return Array.from(standingsOf(page, fewPhrases(texts)), ([n, standing]) => ({ phrase: texts[n] ?? "", ...standing }));
}

/** Whether the texts are cut in the search result, at the widths that the house style has. */
export function cutsOf(
  title: string,
  description: string,
  houseStyle: HouseStyle,
): Pick<PageDerived, "titleCut" | "descriptionCut"> {
  const limits = limitsOf(houseStyle);
  return {
    titleCut: setTitle(title, "desktop", limits).lost !== "",
    descriptionCut: setDescription(description, "desktop", limits).lost !== "",
  };
}

/** What rules across pages see of it, without what was learnt elsewhere. */
export function facetsRecord(
  { id, siteId, phrase, supporting, file }: Pick<StoredPage, "id" | "siteId" | "phrase" | "supporting" | "file">,
  page: Page,
  kind: PageKind,
): FacetsRecord {
  const also = addressByFile(file, page);
  return { ...facetsOf(id, page, { phrase, supporting, kind, ...(also && { also }) }), siteId };
}
