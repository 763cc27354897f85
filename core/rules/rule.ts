import type { Page, Range } from "../page/page.ts";
import type { Edit } from "../rewrite/edits.ts";
import type { HouseStyle } from "../settings/house-style.ts";
import type { Setting, SettingsOf, Weight } from "../settings/setting.ts";
import type { KnownOfSite, PageSummary } from "../site/page-summary.ts";
import type { WrittenData } from "../structured-data/evidence.ts";

/** How sure a rule is of itself, and where it comes from. */
export interface Source {
  kind: "standard" | "guidance" | "common practice" | "from memory";
  text: string;
}

export const standard = (name: string, section?: string): Source => ({
  kind: "standard",
  text: section ? `${name}, ${section}` : name,
});
/** A search engine's public documentation, from memory. */
export const guidance = (text: string): Source => ({ kind: "guidance", text: `${text} (from memory)` });
export const commonPractice = (text = ""): Source => ({ kind: "common practice", text });
export const fromMemory = (text: string): Source => ({ kind: "from memory", text });

/** Where on a page a finding is: the field or node, and the exact words within its text. */
export type Place =
  | { part: "title" | "description" | "slug" | "head" | "markup"; words?: Range; range?: Range | null }
  | { part: "heading"; heading: number; words?: Range; range?: Range | null }
  /** Indexes in `Page.blocks`, `Page.images` and `Page.links`. */
  | { part: "block"; block: number; words?: Range; range?: Range | null }
  | { part: "picture"; picture: number; words?: Range; range?: Range | null }
  | { part: "link"; link: number; words?: Range; range?: Range | null }
  /** Structured data: `data` names the block and the way to the value there, as `saidName` does. */
  | { part: "data"; data: string; words?: Range; range: Range };

/** The parts of a page in the order in which they are shown and told. */
const PARTS: readonly Place["part"][] = [
  "title",
  "description",
  "slug",
  "heading",
  "block",
  "picture",
  "link",
  "data",
  "head",
  "markup",
];

/** Which of its kind a place is: the how-manieth heading, block, picture or link; 0 for the others. */
export function placeIndex(at: Place): number {
  switch (at.part) {
    case "heading":
      return at.heading;
    case "block":
      return at.block;
    case "picture":
      return at.picture;
    case "link":
      return at.link;
    case "data":
      return at.range.start;
    default:
      return 0;
  }
}

/** Orders what is found as it stands on the page. */
export const inPageOrder = (a: { at: Place }, b: { at: Place }): number =>
  PARTS.indexOf(a.at.part) - PARTS.indexOf(b.at.part) || placeIndex(a.at) - placeIndex(b.at);

/** Names a place on screen and in lists: “heading 3”, “title”. */
export const placeName = (at: Place): string =>
  at.part === "heading" || at.part === "block" || at.part === "picture" || at.part === "link"
    ? `${at.part} ${placeIndex(at)}`
    : at.part === "data"
      ? `data ${at.data}`
      : at.part;

export interface Fix {
  /** What it does, in a few words: “Shorter: “…prices, last boat””. */
  label: string;
  edits: Edit[];
}

export interface Problem {
  /** A sentence or two that says what is wrong here. */
  message: string;
  at: Place;
  /** Overrides the rule's weight where this case weighs more or less. */
  weight?: Weight;
  fix?: Fix;
}

export interface Finding {
  rule: string;
  weight: Weight;
  message: string;
  at: Place;
  fix: Fix | null;
  /** Names rule and place, so that a finding can be set aside and known again. */
  key: string;
}

export interface RuleContext {
  phrase: string | null;
  houseStyle: HouseStyle;
  /** ISO 8601 date. */
  today: string;
  /** What the redraft has written as structured data, with where its values came from. */
  written?: readonly WrittenData[];
}

export interface RuleFacts {
  /** Subject and name; files, reports and house styles refer to it, so it never changes. */
  id: string;
  weight: Weight;
  /** A sentence for lists: what the rule finds. */
  finds: string;
  /** One or two sentences that an editor understands, saying also where practice disagrees. */
  why: string;
  source: Source;
  /** Off unless the house style turns it on. */
  off?: boolean;
}

/** What a page rule looks at; a test records what it really reads. */
export interface RuleReading {
  /** The parts of the page that the rule reads: when they are the same objects as before, it is not run again. */
  sees: readonly (keyof Page)[];
  /** What it finds follows from what is kept of a page for the others, so that pages are counted without being read. */
  fromSummary?: boolean;
  /** It looks at the site's name or separator, or at limits of other rules: a change of the house style beyond its own settings matters to it. */
  seesSite?: boolean;
}

export interface RuleDefinition<S extends Record<string, Setting>> extends RuleFacts, RuleReading {
  settings?: S;
  check(page: Page, context: RuleContext & { settings: SettingsOf<S> }): Iterable<Problem>;
}

export interface Rule extends RuleFacts, RuleReading {
  settings: Record<string, Setting>;
  check(page: Page, context: RuleContext & { settings: Record<string, unknown> }): Iterable<Problem>;
}

export function rule<S extends Record<string, Setting> = Record<never, never>>(definition: RuleDefinition<S>): Rule {
  return { ...definition, settings: definition.settings ?? {}, check: definition.check as Rule["check"] };
}

/** The name of a place that stays the same while its text is rewritten. */
export function placeKey(at: Place, page: Pick<Page, "headings" | "blocks" | "images" | "links">): string {
  switch (at.part) {
    case "heading": {
      const { text, nth } = page.headings[at.heading]?.key ?? { text: "", nth: 1 };
      return `heading ${nth ?? 1} ${text}`;
    }
    case "block":
      return `block ${page.blocks[at.block]?.text.slice(0, 80)}`;
    case "picture":
      return `picture ${page.images[at.picture]?.src?.slice(0, 160)}`;
    case "link":
      return `link ${page.links[at.link]?.href.slice(0, 160)} ${page.links[at.link]?.text.slice(0, 80)}`;
    case "data":
      return `data ${at.data}`;
    default:
      return at.part;
  }
}

export interface SiteFinding {
  rule: string;
  weight: Weight;
  message: string;
  /** Ids of the pages it concerns. */
  pages: string[];
}

/** A rule that can only be seen across pages; it works on summaries, never on sources. */
export interface SiteRule extends RuleFacts {
  checkSite(pages: readonly PageSummary[], known: KnownOfSite): Iterable<{ message: string; pages: string[] }>;
}
