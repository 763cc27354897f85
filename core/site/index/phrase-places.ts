import { wordsOfPath } from "../../address/slug.ts";
import { lookFor, type PhraseLook } from "../../phrase/match.ts";
import type { Match, MatchKind } from "../../phrase/phrase-finder.ts";
import { phraseKey } from "../../phrase/phrase-key.ts";
import { tokensOf } from "../../phrase/tokens.ts";
import { PhraseList } from "../../standing/phrase-list.ts";
import { facetOf, type PageFacets } from "../facets/page-facets.ts";
import { stemSign } from "../facets/stems.ts";
import type { Index, IndexMaker, SeenOfPage } from "./site.ts";

/** Where a phrase stands on a page, as far as what is kept of it tells; `early` are the first 2,000 characters of its content. */
export const KEPT_PLACES = ["title", "h1", "h2", "description", "slug", "alt", "early"] as const;
export type KeptPlace = (typeof KEPT_PLACES)[number];

/** What the index is made of. */
export const PLACES_SEE = [
  "title",
  "description",
  "address",
  "headings",
  "pictures",
  "beginning",
  "stems",
  "language",
  "phrase",
  "supporting",
] as const satisfies readonly SeenOfPage[];

/** What is known of a phrase and a page that may say it. */
export interface KeptStanding {
  places: Partial<Record<KeptPlace, MatchKind>>;
  /** The words of it that stand early, in order. */
  early?: string;
  /** All words that it is made of are on the page, wherever they stand. */
  words: boolean;
}

/** A phrase of the site. */
export interface SitePhrase {
  /** As `phraseKey` has it. */
  key: string;
  text: string;
  /** It stands in the site's list. */
  listed: boolean;
  /** Ids of the pages that are to be found for it. */
  targets: ReadonlySet<string>;
  /** Ids of the pages that it supports. */
  supporting: ReadonlySet<string>;
  /** Pages that say it, or that have all of its words, by id. */
  on: ReadonlyMap<string, KeptStanding>;
}

/** Every phrase of the list and of the pages, with the pages that say it. */
export interface PhrasePlaces extends Index {
  all(): ReadonlyMap<string, SitePhrase>;
}

interface Entry extends SitePhrase {
  text: string;
  listed: boolean;
  targets: Set<string>;
  supporting: Set<string>;
  on: Map<string, KeptStanding>;
}

const RANK: Readonly<Record<MatchKind, number>> = { exact: 3, form: 2, scattered: 1 };

/** The texts of a page that are kept, with the places that they are. `may` says which are worth being unpacked. */
function* textsOf(page: PageFacets, may: (text: string) => boolean = () => true): Iterable<[KeptPlace, string]> {
  yield ["title", page.title];
  yield ["description", page.description];
  yield ["slug", wordsOfPath(page.address)];
  if (may(page.headings))
    for (const [level, text] of facetOf(page, "headings"))
      if (level === 1 || level === 2) yield [level === 1 ? "h1" : "h2", text];
  if (may(page.pictures)) for (const { alt } of facetOf(page, "pictures")) if (alt) yield ["alt", alt];
  yield ["early", page.beginning];
}

/** What a page is to be found for, as one text. */
const wantedBy = ({ phrase = "", supporting = [] }: PageFacets): string => JSON.stringify([phrase, ...supporting]);

/** Signs of the words that a phrase is made of, in a language. */
function signsOf(text: string, language: string): string[] {
  const tokens = tokensOf(text, { language });
  const content = tokens.filter(({ stop }) => !stop);
  return (content.length > 0 ? content : tokens).map(({ stem }) => stemSign(stem));
}

/** What looks for all phrases at once. */
class AllPhrases {
  readonly list: PhraseList;
  private readonly signs = new Map<string, readonly (readonly string[])[]>();

  constructor(readonly entries: readonly Entry[]) {
    this.list = new PhraseList(entries.map(({ text }) => text));
  }

  /** Signs of each phrase's words in a language. */
  signsIn(language: string): readonly (readonly string[])[] {
    const known = this.signs.get(language) ?? this.entries.map(({ text }) => signsOf(text, language));
    this.signs.set(language, known);
    return known;
  }
}

export const PHRASE_PLACES: IndexMaker<PhrasePlaces> = (pages, list) => {
  const entries = new Map<string, Entry>();
  /** Pages that have to be looked through for every phrase, and phrases that have to be looked for on every page. */
  const staleIds = new Set<string>();
  const newKeys = new Set<string>();
  /** What looks for all phrases; made anew when there are others. */
  let finder: AllPhrases | null = null;

  const entryOf = (text: string): Entry | null => {
    const key = phraseKey(text);
    if (key === "") return null;
    let entry = entries.get(key);
    if (!entry) {
      entry = { key, text, listed: false, targets: new Set(), supporting: new Set(), on: new Map() };
      entries.set(key, entry);
      newKeys.add(key);
      finder = null;
    }
    return entry;
  };
  const drop = (entry: Entry) => {
    if (entry.listed || entry.targets.size > 0 || entry.supporting.size > 0) return;
    entries.delete(entry.key);
    newKeys.delete(entry.key);
    finder = null;
  };
  const unassign = ({ id, phrase = "", supporting = [] }: PageFacets) => {
    for (const text of [phrase, ...supporting]) {
      const entry = entries.get(phraseKey(text));
      entry?.targets.delete(id);
      entry?.supporting.delete(id);
      if (entry) drop(entry);
    }
  };

  const note = (entry: Entry, page: PageFacets, place: KeptPlace, text: string, { kind, start, end }: Match) => {
    let standing = entry.on.get(page.id);
    if (!standing) {
      standing = { places: {}, words: false };
      entry.on.set(page.id, standing);
    }
    const before = standing.places[place];
    if (!before || RANK[kind] > RANK[before]) standing.places[place] = kind;
    if (place === "early" && kind !== "scattered") standing.early ??= text.slice(start, end);
  };
  const noteWords = (entry: Entry, page: PageFacets, signs: readonly string[]) => {
    for (const sign of signs) if (!page.stems.includes(sign)) return;
    const standing = entry.on.get(page.id);
    if (standing) standing.words = true;
    else entry.on.set(page.id, { places: {}, words: true });
  };

  /** Looks for all phrases on a page. */
  const lookThrough = (page: PageFacets) => {
    finder ??= new AllPhrases([...entries.values()]);
    for (const entry of entries.values()) entry.on.delete(page.id);
    const looking = finder.list.in(page.language);
    for (const [place, text] of textsOf(page))
      for (const match of looking.find(text)) {
        const entry = finder.entries[match.phrase];
        if (entry) note(entry, page, place, text, match);
      }
    const signs = finder.signsIn(page.language);
    for (const [n, entry] of finder.entries.entries()) noteWords(entry, page, signs[n] ?? []);
  };
  /** Looks for a phrase on all pages. */
  const lookOnAll = (entry: Entry) => {
    const inLanguages = new Map<string, { look: PhraseLook; signs: readonly string[] }>();
    for (const page of pages.values()) {
      if (staleIds.has(page.id)) continue;
      const { language } = page;
      let here = inLanguages.get(language);
      if (!here) {
        here = { look: lookFor(entry.text, { language }), signs: signsOf(entry.text, language) };
        inLanguages.set(language, here);
      }
      const { look, signs } = here;
      for (const [place, text] of textsOf(page, look.may))
        for (const match of look.find(text)) note(entry, page, place, text, match);
      noteWords(entry, page, signs);
    }
  };
  const catchUp = () => {
    // Where every page is looked through, each phrase is looked for.
    for (const key of staleIds.size < pages.size ? newKeys : []) {
      const entry = entries.get(key);
      if (entry) lookOnAll(entry);
    }
    newKeys.clear();
    for (const id of entries.size > 0 ? staleIds : []) {
      const page = pages.get(id);
      if (page) lookThrough(page);
    }
    staleIds.clear();
  };

  const index: PhrasePlaces = {
    sees: PLACES_SEE,
    change(was, is) {
      // A page that wants what it wanted leaves its phrases alone: dropped and put back they would be looked for everywhere.
      const steady = was !== null && is !== null && wantedBy(was) === wantedBy(is);
      if (was && !steady) unassign(was);
      if (was && !is) {
        for (const entry of entries.values()) entry.on.delete(was.id);
        staleIds.delete(was.id);
      }
      if (!is) return;
      const { id, phrase = "", supporting = [] } = is;
      if (!steady) {
        entryOf(phrase)?.targets.add(id);
        for (const text of supporting) entryOf(text)?.supporting.add(id);
      }
      const own =
        was && PLACES_SEE.every((name) => name === "phrase" || name === "supporting" || was[name] === is[name]);
      if (!own) staleIds.add(id);
    },
    changeList(texts) {
      const listed = new Map(texts.toReversed().map((text) => [phraseKey(text), text]));
      for (const entry of [...entries.values()]) {
        entry.listed = listed.has(entry.key);
        drop(entry);
      }
      for (const text of listed.values()) {
        const entry = entryOf(text);
        if (entry) Object.assign(entry, { listed: true, text });
      }
    },
    all() {
      catchUp();
      return entries;
    },
  };
  index.changeList?.(list);
  return index;
};
