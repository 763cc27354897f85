import { type Found, NO_TOTALS, packFound, type Totals } from "#core/findings/found";
import type { PageKind } from "#core/page/page-kind";
import { type Days, EVERY_DAY } from "#core/settings/days";
import type { Standing } from "#core/standing/standing";
import { type Old, table } from "./table";

/** What a page's changes say of it, without reading its source: renewed with every write. */
export interface ChangeFacts {
  /** Changes that are part of the redraft. */
  edits: number;
  /** Fields whose text follows a pattern. */
  patterned: ("title" | "description")[];
  /** Changes that could not be carried over, for the editor to decide. */
  conflicts: number;
  /** Changes that the site has taken over. */
  settled: number;
  /** The redraft has moved on since it was handed over. */
  again: boolean;
  /** Names what the redraft says, so that it can be seen whether it has moved on; "" where it says nothing. */
  fingerprint: string;
}

/** How one of its phrases stands on a page. */
export interface PhraseStanding extends Standing {
  phrase: string;
}

/** What the table and its filters show of a page as its redraft leaves it: worked out from its source. */
export interface PageDerived {
  name: string;
  /** The language it says it is in, as a valid tag of BCP 47; "" where it says none. */
  language: string;
  title: string;
  titlePx: number;
  titleCut: boolean;
  description: string;
  descriptionPx: number;
  descriptionCut: boolean;
  slug: string;
  h1: string;
  /** Headings of each level, 1 to 6. */
  levels: number[];
  /** The first thing that is wrong with the outline. */
  outlineFault: string;
  words: number;
  paragraphs: number;
  lists: number;
  pictures: number;
  withoutAlt: number;
  links: number;
  /** Types of the structured data, outermost first. */
  types: string[];
  /** What its rules found, without what was set aside. */
  found: Found;
  /** How its own phrases stand on it: the target first. Those that stand nowhere are left out. */
  standings: PhraseStanding[];
  /** What the page seems to be. */
  guessedKind: PageKind;
  /** Names the house style that it was worked out by; "" where the page has changed since. */
  stamp: string;
  /** The days on which it holds. */
  days: Days;
  /** Names the facets that were taken of it. */
  facetStamp: string;
}

export interface DerivedRecord extends ChangeFacts, PageDerived {
  /** The page's id. */
  id: string;
  siteId: string;
}

export const NO_FACTS: ChangeFacts = {
  edits: 0,
  patterned: [],
  conflicts: 0,
  settled: 0,
  again: false,
  fingerprint: "",
};

/** Of a page that has not been looked at yet. */
export const NOTHING_DERIVED: PageDerived = {
  name: "",
  language: "",
  title: "",
  titlePx: 0,
  titleCut: false,
  description: "",
  descriptionPx: 0,
  descriptionCut: false,
  slug: "",
  h1: "",
  levels: [0, 0, 0, 0, 0, 0],
  outlineFault: "",
  words: 0,
  paragraphs: 0,
  lists: 0,
  pictures: 0,
  withoutAlt: 0,
  links: 0,
  types: [],
  found: "",
  standings: [],
  guessedKind: "other",
  stamp: "",
  days: EVERY_DAY,
  facetStamp: "",
};

/** What earlier versions kept of what was found: rules, and the findings of all of them together. */
const foundBefore = ({ rules = [], counts = NO_TOTALS }: Old): Found =>
  packFound(
    new Map((rules as string[]).map((rule, i) => [rule, i === 0 ? (counts as Totals) : { ...NO_TOTALS, may: 1 }])),
  );

export const derived = table<DerivedRecord>()({
  name: "derived",
  indexes: "id, siteId",
  undo: "follows",
  transacted: true,
  backup: true,
  upgrades: {
    6: ({ says = "", ...record }) => ({ fingerprint: says, ...record }),
    // Worked out again: the findings of each rule were not known.
    7: ({ rules, counts, ...record }) => ({
      found: foundBefore({ rules, counts }),
      facetStamp: "",
      ...record,
      stamp: "",
    }),
    9: (record) => ({ standings: [], ...record }),
    // Worked out again: its language was not kept.
    12: (record) => ({ language: "", ...record, stamp: "" }),
    13: (record) => ({ days: EVERY_DAY, ...record, stamp: "" }),
  },
  fields: ({ joi, id, text, texts, count, kind }) => ({
    id,
    siteId: id,
    edits: count,
    patterned: texts,
    conflicts: count,
    settled: count,
    again: joi.boolean(),
    fingerprint: text,
    name: text,
    language: text,
    title: text,
    titlePx: count,
    titleCut: joi.boolean(),
    description: text,
    descriptionPx: count,
    descriptionCut: joi.boolean(),
    slug: text,
    h1: text,
    levels: joi.array().items(count),
    outlineFault: text,
    words: count,
    paragraphs: count,
    lists: count,
    pictures: count,
    withoutAlt: count,
    links: count,
    types: texts,
    found: text,
    standings: joi.array().items(joi.object({ phrase: text, places: joi.object(), count, density: joi.number() })),
    guessedKind: kind,
    stamp: text,
    days: joi.object({ from: text.required(), until: text.required() }),
    facetStamp: text,
  }),
});
