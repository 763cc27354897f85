import type { Problem } from "../findings/finding.ts";
import type { SiteFix } from "../findings/site-fix.ts";
import type { SitePlace } from "../findings/site-place.ts";
import type { Audience } from "../page/found-for.ts";
import type { OriginalKind } from "../page/original.ts";
import type { Page } from "../page/page.ts";
import type { HouseStyle } from "../settings/house-style.ts";
import type { Setting, SettingsOf, Weight } from "../settings/setting.ts";
import type { PageFacets } from "../site/facets/page-facets.ts";
import type { SeenOfSite, Site } from "../site/index/site.ts";
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

/** What is known of every rule, for one page or for a site. */
export interface RuleFacts {
  /** Subject and name; files, reports and house styles refer to it, so it never changes. */
  id: string;
  weight: Weight;
  /** A sentence for lists: what the rule finds. */
  finds: string;
  /** How many pages have it, of one page and of several; `#` stands for the number. */
  counted: readonly [one: string, many: string];
  /** Its findings may come with a fix, so that the fixes of all pages can be looked at. */
  hasFix?: true;
  /** One or two sentences that an editor understands, saying also where practice disagrees. */
  why: string;
  source: Source;
  /** Off unless the house style turns it on. */
  off?: boolean;
}

/** What is told of a rule to who does not run it. */
export interface RuleTold extends RuleFacts {
  reach: Rule["reach"];
}

/** What is told of a rule, and no more of it. */
export const toldOf = ({ id, weight, finds, counted, hasFix, why, source, off, reach }: Rule): RuleTold => ({
  id,
  weight,
  finds,
  counted,
  ...(hasFix && { hasFix }),
  why,
  source,
  ...(off && { off }),
  reach,
});

export interface RuleContext {
  /** The target phrase. */
  phrase: string | null;
  supporting?: readonly string[];
  audience?: Audience;
  houseStyle: HouseStyle;
  /** ISO 8601 date. */
  today: string;
  /** What the redraft has written as structured data, with where its values came from. */
  written?: readonly WrittenData[];
}

/** Parts of the house style that a rule may read beside its own settings. `limits` are those of the rules about widths. */
export type Heeded = "brand" | "separator" | "data" | "names" | "limits";

/** Takes in what a rule has found. */
export type Report<P = Problem> = (problem: P) => void;

/** What a rule for one page looks at; a test records what it really reads. */
interface PageRuleFacts extends RuleFacts {
  /** What a page's source may be: in another there is nothing for the rule to look at. */
  formats: readonly OriginalKind[];
  /** The parts of the page that the rule reads: when they are the same objects as before, it is not run again. */
  sees: readonly (keyof Page)[];
  /** What it finds follows from what is kept of a page for the others, so that no source is read for it. */
  fromFacets?: boolean;
  /** What it looks at beside the page and its own settings: when that moves on, it is run again. */
  heeds?: readonly Heeded[];
}

export interface PageRule extends PageRuleFacts {
  reach: "page";
  settings: Record<string, Setting>;
  check(page: Page, report: Report, context: RuleContext & { settings: Record<string, unknown> }): void;
  /**
   * Only of a rule that reads `today`: the days, as YYYY-MM-DD, at whose beginning it may find something else on this page.
   * Past days count too.
   */
  changesOn?(page: Page, settings: Record<string, unknown>): Iterable<string>;
}

/** What a rule finds on one or more pages together: a place on each. */
export interface SiteProblem {
  /** Of all these pages together, and read on each. */
  message: string;
  on: readonly (Omit<Problem<SitePlace, SiteFix>, "message"> & { page: PageFacets })[];
}

/** The size of a picture's file, in its own pixels. */
export interface PictureSize {
  width: number;
  height: number;
}

/** What a rule across pages is given beside the pages. */
export interface SiteContext<S> {
  /** The settings that hold for pages of this one's kind. */
  settingsFor(page: PageFacets): S;
  /** The brand and its separator, as they hold for them. */
  brandFor(page: PageFacets): Pick<HouseStyle, "brand" | "separator">;
  /** Sizes of the picture files that were brought in, by the paths of their addresses. */
  pictures: ReadonlyMap<string, PictureSize>;
}

interface SiteRuleFacts extends RuleFacts {
  /** What of the pages the rule reads, by itself or by way of an index: while none of it changes it is not run again. */
  sees: readonly SeenOfSite[];
}

/** A rule that can only be seen across pages; it works on their facets, never on sources. */
export interface SiteRule extends SiteRuleFacts {
  reach: "site";
  settings: Record<string, Setting>;
  check(site: Site, report: Report<SiteProblem>, context: SiteContext<Record<string, unknown>>): void;
}

export type Rule = PageRule | SiteRule;

type Settings = Record<string, Setting>;
type NoSettings = Record<never, never>;

/** A rule for one page. */
export function rule<S extends Settings = NoSettings>(
  definition: PageRuleFacts & {
    settings?: S;
    check(page: Page, report: Report, context: RuleContext & { settings: SettingsOf<S> }): void;
    changesOn?(page: Page, settings: SettingsOf<S>): Iterable<string>;
  },
): PageRule {
  const { check, changesOn } = definition as Pick<PageRule, "check" | "changesOn">;
  return { reach: "page", settings: {}, ...definition, check, ...(changesOn && { changesOn }) } as PageRule;
}

/** A rule for all pages of a site together. */
export function siteRule<S extends Settings = NoSettings>(
  definition: SiteRuleFacts & {
    settings?: S;
    check(site: Site, report: Report<SiteProblem>, context: SiteContext<SettingsOf<S>>): void;
  },
): SiteRule {
  return { reach: "site", settings: {}, ...definition, check: definition.check as SiteRule["check"] };
}
