import { siteAuditor } from "#core/audit/examine-site";
import type { FindingOn, SiteFinding } from "#core/findings/finding";
import type { SetAside } from "#core/findings/set-aside";
import { measuredPages } from "#core/performance/first-pages";
import { type Overview, overviewOf } from "#core/performance/overview";
import { addedUp, type Figures, keyOfPhrase } from "#core/performance/performance";
import { findPhrase } from "#core/phrase/match";
import type { MatchKind } from "#core/phrase/phrase-finder";
import { phraseFault, phraseKey } from "#core/phrase/phrase-key";
import { endsAsQuestion, isQuestion } from "#core/phrase/questions";
import type { HouseStyle } from "#core/settings/house-style";
import type { LinkZone } from "#core/site/facets/links";
import { facetOf } from "#core/site/facets/page-facets";
import { HEADING_SHAPES } from "#core/site/index/heading-shapes";
import { LINK_GRAPH, wordsOfLink } from "#core/site/index/link-graph";
import { type KeptStanding, PHRASE_PLACES, type SitePhrase } from "#core/site/index/phrase-places";
import { PICTURE_FILES } from "#core/site/index/picture-files";
import { SAME_DESCRIPTIONS, SAME_TITLES } from "#core/site/index/same-texts";
import { Site } from "#core/site/index/site";
import { STEM_COUNTS } from "#core/site/index/stem-counts";
import { bestPages } from "#core/standing/best-pages";
import { stemsOfPhrase } from "#core/standing/clashes";
import { helperWords } from "#core/standing/helper-words";
import { db } from "../store/db";
import { FollowedTable, Rows } from "../store/live-rows";
import { sizesOf } from "../store/records/files";
import type { PhraseRecord } from "../store/records/phrases";
import type { SuggestingBasis } from "../store/suggest-phrases";
import type { TextsBasis } from "../store/suggest-texts";
import { expose } from "./expose";

/** After the last change of a page the rules wait this long, in milliseconds: a keystroke does not run them. */
const REST = 250;

/** A finding across pages by the number under which it is told. */
export type NumberedFinding = Omit<SiteFinding, "on"> & { number: number };

/**
 * What has become of what the site rules find, told in parts, so that taking one in does not hold up who scrolls: numbers of
 * findings that are gone, findings without their places, places by the number of their finding, and at the end what was set
 * aside on the site.
 */
export type SiteAuditPart =
  | { gone: readonly number[]; come: readonly NumberedFinding[] }
  | { places: readonly (readonly [number: number, on: readonly FindingOn[]])[] }
  | { setAsides: readonly SetAside[] };

/** Places that are told at a time. */
const PART = 1500;

/** One site that is watched. */
interface Watched {
  site: Site;
  /** The site's name, or "". */
  brand: string;
  list: Rows<PhraseRecord>;
  follow: FollowedTable<never>;
  stop(): void;
}

let watched: Watched | null = null;

/** Follows the facets of a site's pages, runs the site rules over what has changed, and tells what they find. */
function watch(siteId: string, houseStyle: HouseStyle, tell: (part: SiteAuditPart) => void): void {
  watched?.stop();
  let site = new Site();
  const audit = siteAuditor(houseStyle);
  const numbers = new Map<SiteFinding, number>();
  let last = 0;
  let timer: ReturnType<typeof setTimeout> | undefined;
  let first = true;

  const run = () => {
    site.setPhrases((list.get() ?? []).map(({ text }) => text));
    const { gone, come } = audit(site, { pictures: pictureSizes() });
    const left = gone.map((finding) => numbers.get(finding) ?? 0);
    for (const finding of gone) numbers.delete(finding);
    const numbered = come.map(({ on: _, ...finding }, i) => ({ ...finding, number: last + 1 + i }));
    tell({ gone: left, come: numbered });
    let part: [number, FindingOn[]][] = [];
    let size = 0;
    for (const finding of come) {
      numbers.set(finding, ++last);
      for (let from = 0; from < finding.on.length; ) {
        const some = finding.on.slice(from, from + PART - size);
        part.push([last, some]);
        from += some.length;
        size += some.length;
        if (size < PART) continue;
        tell({ places: part });
        [part, size] = [[], 0];
      }
    }
    if (part.length > 0) tell({ places: part });
    tell({ setAsides: setAsides.get() ?? [] });
  };
  const later = () => {
    clearTimeout(timer);
    timer = setTimeout(run, first ? 0 : REST);
  };

  const files = new Rows({ table: () => db().files, name: "files", siteId });
  let sizes: { of: unknown; is: ReturnType<typeof sizesOf> } = { of: null, is: new Map() };
  const pictureSizes = () => {
    const all = files.get();
    if (sizes.of !== all) sizes = { of: all, is: sizesOf(all ?? []) };
    return sizes.is;
  };
  const list = new Rows({ table: () => db().phrases, name: "phrases", siteId });
  const setAsides = new Rows({ table: () => db().setAsides, name: "setAsides", siteId });
  const follow = new FollowedTable(
    { table: () => db().facets, name: "facets", siteId },
    ({ anew, put, gone }) => {
      if (anew) site = new Site();
      if (watched) watched.site = site;
      for (const page of put) site.put(page);
      for (const id of gone) site.remove(id);
      later();
      first = false;
    },
    true,
  );
  const ends = [files, list, setAsides].map((rows) => rows.subscribe(() => !first && later()));
  watched = {
    site,
    brand: houseStyle.brand,
    list,
    follow: follow as unknown as FollowedTable<never>,
    stop() {
      clearTimeout(timer);
      follow.stop();
      for (const end of ends) end();
    },
  };
}

/** While work on many pages lasts nothing is read and no rule is run; then it is caught up with once. */
const rest = (on: boolean) => watched?.follow.rest(on);

/** A page that links to another, and with which words. */
export interface LinkedFrom {
  id: string;
  address: string;
  text: string;
  zone: LinkZone;
}

/** Who links to a page of the watched site. */
const linksTo = (pageId: string): LinkedFrom[] =>
  (watched?.site.index(LINK_GRAPH).incoming(pageId) ?? []).map((link) => {
    const { id, address } = link.from;
    return { id, address, text: wordsOfLink(link), zone: link.zone };
  });

/** Links that lead to a page of the watched site with words that say a phrase in no form; navigation aside. */
const linksInOtherWords = (pageId: string, phrase: string): LinkedFrom[] =>
  linksTo(pageId).filter(({ id, text, zone }) => {
    const language = watched?.site.pages.get(id)?.language ?? "";
    return zone === "content" && findPhrase(phrase, text, { language }).length === 0;
  });

/** The language of a page of the watched site, as a BCP 47 tag; "" where it states none. */
const languageOfPage = (pageId: string): string => watched?.site.pages.get(pageId)?.language ?? "";

/** The languages of pages of the watched site, by their ids. */
const languagesOf = (ids: readonly string[]): Record<string, string> =>
  Object.fromEntries(ids.map((id) => [id, languageOfPage(id)]));

/** How many other pages of the watched site have the title that a page has. */
function titlesAlike(pageId: string): number {
  const title = watched?.site.pages.get(pageId)?.title ?? "";
  return title === "" ? 0 : (watched?.site.index(SAME_TITLES).count(title) ?? 1) - 1;
}

/** The patterns of headings of the watched site. */
const patternsOfHeadings = () => watched?.site.index(HEADING_SHAPES).patterns() ?? [];

/** The pictures of the watched site, those without alternative text first. */
const pictures = () => watched?.site.index(PICTURE_FILES).list() ?? [];

/** A phrase of the watched site, as its screen shows it. */
export interface PhraseTold {
  text: string;
  targets: readonly string[];
  supporting: readonly string[];
  /** Other pages whose title, H1 or an H2 says it, the best few; and how many say it anywhere, or have all of its words. */
  answered: readonly (readonly [id: string, places: KeptStanding["places"]])[];
  pages: number;
  /** It asks something, in the language of its page or of most pages. */
  question: boolean;
  /** How the words of links that lead to its first page say it. */
  anchors: MatchKind | null;
}

/** Pages that are named of those that answer a phrase. */
const NAMED = 3;

const tellPhrase = ({ text, targets, supporting, on }: SitePhrase, language: string): PhraseTold => {
  const own = new Set([...targets, ...supporting]);
  const answering = [...on].filter(([id, { places }]) => !own.has(id) && (places.title || places.h1 || places.h2));
  const answered = bestPages(answering, ([, { places }]) => places);
  return {
    text,
    targets: [...targets],
    supporting: [...supporting],
    answered: answered.slice(0, NAMED).map(([id, { places }]) => [id, places] as const),
    pages: on.size,
    question: isQuestion(text, watched?.site.pages.get([...own][0] ?? "")?.language ?? language),
    anchors: anchorsOf(text, [...targets][0]),
  };
};

function anchorsOf(text: string, id: string | undefined): MatchKind | null {
  const page = id === undefined ? undefined : watched?.site.pages.get(id);
  if (!page || !watched) return null;
  const kinds = watched.site
    .index(LINK_GRAPH)
    .incoming(page.id)
    .flatMap((link) => findPhrase(text, wordsOfLink(link), { language: link.from.language })[0]?.kind ?? []);
  return (["exact", "form", "scattered"] as const).find((kind) => kinds.includes(kind)) ?? null;
}

/** Every phrase of the list and of the pages of the watched site. */
function phrases(): PhraseTold[] {
  const language = usualLanguage();
  return Array.from(watched?.site.index(PHRASE_PLACES).all().values() ?? [], (phrase) => tellPhrase(phrase, language));
}

/** The language that most pages of the watched site are in. */
function usualLanguage(): string {
  const many = new Map<string, number>();
  for (const { language } of watched?.site.pages.values() ?? []) many.set(language, (many.get(language) ?? 0) + 1);
  return [...many].reduce((a, b) => (b[1] > a[1] ? b : a), ["", 0] as [string, number])[0];
}

/** A question that a heading asks, and that no phrase is. */
export interface HeadingQuestion {
  text: string;
  page: string;
}

/** Questions that are told. */
const MOST_QUESTIONS = 40;

/** Questions of the watched site's headings that stand in no list, each once. */
function headingQuestions(): HeadingQuestion[] {
  if (!watched) return [];
  const known = new Set(watched.site.index(PHRASE_PLACES).all().keys());
  const found: HeadingQuestion[] = [];
  for (const page of watched.site.pages.values())
    for (const [, text] of facetOf(page, "headings")) {
      const key = phraseKey(text);
      if (known.has(key) || phraseFault(text) !== null || !endsAsQuestion(text)) continue;
      known.add(key);
      found.push({ text, page: page.id });
      if (found.length === MOST_QUESTIONS) return found;
    }
  return found;
}

/** Pages of the watched site that may say a phrase: its own first, then those that answer it best. */
function pagesWithPhrase(key: string): string[] {
  const phrase = watched?.site.index(PHRASE_PLACES).all().get(key);
  if (!phrase) return [];
  const ids = watched?.site.inOrder(phrase.on.keys()).map(({ id }) => id) ?? [];
  const best = bestPages(ids, (id) => phrase.on.get(id)?.places ?? {});
  return [...best.filter((id) => phrase.targets.has(id)), ...best.filter((id) => !phrase.targets.has(id))];
}

/** How the watched site did in a period, beside another one where that is asked; null where its figures are gone. */
async function overviewOfPeriod(id: string, before: string | null): Promise<Overview | null> {
  const [is, was] = await db().figures.bulkGet([id, before ?? ""]);
  return is ? overviewOf(is.rows, was?.rows ?? null, [...(watched?.site.pages.values() ?? [])]) : null;
}

/** Clicks on results of the watched site's pages in a period, by the page's id. */
async function clicksOfPages(periodId: string): Promise<Record<string, number>> {
  const figures = await db().figures.get(periodId);
  const measured = measuredPages(figures?.rows ?? [], watched?.site.pages.values() ?? []);
  return Object.fromEntries(measured.map(({ page, figures: { clicks } }) => [page.id, clicks]));
}

/** What one phrase had in a period, on all pages; null where it was not shown. */
async function figuresOfPhrase(id: string, phrase: string): Promise<Figures | null> {
  const key = keyOfPhrase(phrase);
  const rows = (await db().figures.get(id))?.rows.filter((row) => keyOfPhrase(row.phrase) === key) ?? [];
  return rows.length > 0 ? addedUp(rows) : null;
}

/** The list of the watched site, with its searches. */
const listed = () => (watched?.list.get() ?? []).map(({ text, volume }) => ({ text, volume }));

/** What suggestions for some pages of the watched site are weighed by. */
function suggestingBasis(ids: readonly string[]): SuggestingBasis {
  const { site } = watched ?? { site: new Site() };
  const pages = [...site.pages.values()];
  const asked = new Set(ids);
  return {
    stems: site.index(STEM_COUNTS).counts(),
    list: listed(),
    brand: watched?.brand ?? "",
    anchors: Object.fromEntries(ids.map((id) => [id, linksTo(id).map(({ text }) => text)])),
    taken: pages.flatMap(({ id, phrase = "", language }) =>
      phraseKey(phrase) === "" || asked.has(id) ? [] : stemsOfPhrase(phrase, language),
    ),
  };
}

/** What titles and descriptions of a page of the watched site are suggested by. */
const textsBasis = (phrase: string): TextsBasis => ({
  stems: (watched?.site ?? new Site()).index(STEM_COUNTS).counts(),
  helperWords: phrase === "" ? [] : helperWordsOf(phrase, []).map(({ text }) => text),
});

/** Which of some texts other pages of the watched site have as their title or description. */
function othersHave(pageId: string, texts: readonly string[]): string[] {
  if (!watched) return [];
  const { site } = watched;
  const own = site.pages.get(pageId);
  return texts.filter((text) => {
    const mine = (field: string) => Number(field.trim().toLowerCase() === text.trim().toLowerCase());
    return (
      site.index(SAME_TITLES).count(text) > mine(own?.title ?? "") ||
      site.index(SAME_DESCRIPTIONS).count(text) > mine(own?.description ?? "")
    );
  });
}

/** The words that occur with a phrase, in the list and in sentences of the watched site. */
const helperWordsOf = (phrase: string, sentences: readonly string[]) =>
  helperWords(phrase, {
    list: listed(),
    sentences,
    language: usualLanguage(),
    share: (stem) => watched?.site.index(STEM_COUNTS).share(stem) ?? 0,
  });

const api = {
  watch,
  rest,
  linksTo,
  titlesAlike,
  languageOfPage,
  languagesOf,
  linksInOtherWords,
  patternsOfHeadings,
  pictures,
  phrases,
  headingQuestions,
  pagesWithPhrase,
  overviewOfPeriod,
  figuresOfPhrase,
  clicksOfPages,
  suggestingBasis,
  helperWordsOf,
  textsBasis,
  othersHave,
};
export type SiteWorker = typeof api;

expose(api);
