import { fingerprint } from "../page/fingerprint.ts";
import type { PageKind } from "../page/page-kind.ts";
import type { Setting, SettingsOf, Weight } from "./setting.ts";

/** What a house style says about one rule; what it leaves out is the catalogue's. */
export interface RuleStyle {
  on?: boolean;
  weight?: Weight;
  settings?: Record<string, number | string | readonly string[]>;
}

/** Texts with variables that titles and descriptions are made of. */
export interface Patterns {
  title?: string;
  description?: string;
}

/** What differs for pages of one kind. */
export interface KindStyle {
  rules?: Record<string, RuleStyle>;
  patterns?: Patterns;
}

/** Whoever runs the site, as its structured data has them. */
export interface SiteOrganisation {
  /** schema.org's type: Organization, or a kind of it such as Museum. */
  type: string;
  name: string;
  /** Absolute addresses. */
  logo?: string;
  profiles?: readonly string[];
  telephone?: string;
  email?: string;
  address?: string;
}

/** How the site writes its structured data. */
export interface SiteData {
  /** New entities of a page stand in a block of their own, or together in one graph. */
  written: "blocks" | "graph";
  organisation?: SiteOrganisation;
}

/** How words are written on a site, whatever a style of capitals makes of them. */
export interface SiteNames {
  /** Names, of one word or several, as they are always written. */
  always: readonly string[];
  /** Words that are no names, though they are written with a capital somewhere. */
  never: readonly string[];
}

/** A site's settings for the rules and its patterns; a file that can be shared. */
export interface HouseStyle {
  version: 1;
  /** The name that stands behind the title; "" where the site has none. */
  brand: string;
  /** Stands between title and brand, with its spaces. */
  separator: string;
  rules: Record<string, RuleStyle>;
  /** For pages of every kind. */
  patterns?: Patterns;
  kinds?: Partial<Record<PageKind, KindStyle>>;
  data?: SiteData;
  names?: SiteNames;
}

export const DEFAULT_HOUSE_STYLE: HouseStyle = { version: 1, brand: "", separator: " | ", rules: {} };

const byKind = new WeakMap<HouseStyle, Map<PageKind, HouseStyle>>();

/** The house style as it holds for pages of a kind: the same object for the same style and kind. */
export function styleForKind(style: HouseStyle, kind: PageKind): HouseStyle {
  const own = style.kinds?.[kind];
  if (!own) return style;
  const known = byKind.get(style) ?? new Map<PageKind, HouseStyle>();
  byKind.set(style, known);
  let merged = known.get(kind);
  if (!merged) {
    const rules = { ...style.rules };
    for (const [id, rule] of Object.entries(own.rules ?? {})) {
      rules[id] = { ...rules[id], ...rule, settings: { ...rules[id]?.settings, ...rule.settings } };
    }
    merged = { ...style, rules, patterns: { ...style.patterns, ...own.patterns } };
    known.set(kind, merged);
  }
  return merged;
}

/** Names a house style and this version of the rules: a page that was audited under another stamp is audited again. */
export function stampOf(style: HouseStyle): string {
  const { brand, separator, rules, kinds = {}, patterns = {}, data = null, names = null } = style;
  const text = JSON.stringify([STAMPED, brand, separator, rules, kinds, patterns, data, names]);
  return fingerprint(text);
}

/** Raised when the rules themselves change what they find, so that kept pages are audited again. */
const STAMPED = 12;

/** A rule's settings: the house style's where it states them, else the defaults. */
export function settingsFor<S extends Record<string, Setting>>(
  id: string,
  settings: S,
  style: HouseStyle,
): SettingsOf<S> {
  const stated = style.rules[id]?.settings ?? {};
  const entries = Object.entries(settings).map(([name, setting]: [string, Setting]) => [
    name,
    stated[name] ?? setting.default,
  ]);
  return Object.fromEntries(entries) as SettingsOf<S>;
}

function limit(style: HouseStyle, id: string, fallback: number): number {
  const value = style.rules[id]?.settings?.limitPx;
  return typeof value === "number" ? value : fallback;
}

/**
 * Limits of a search result in px. All are common practice: search engines publish none. They are settings of the rules
 * that use them (`title/too-wide` and its like).
 */
export interface ResultLimits {
  titleDesktop: number;
  /** Width of each of the two lines. */
  titleMobile: number;
  /** Over two lines together. */
  descriptionDesktop: number;
  descriptionMobile: number;
}

/** Common practice; search engines publish no widths. The rules below hold them as settings. */
export const DEFAULT_LIMITS: ResultLimits = {
  titleDesktop: 600,
  titleMobile: 328,
  descriptionDesktop: 920,
  descriptionMobile: 680,
};

/** The widths that results are cut at: those of the rules that warn of it. */
export function limitsOf(style: HouseStyle): ResultLimits {
  return {
    titleDesktop: limit(style, "title/too-wide", DEFAULT_LIMITS.titleDesktop),
    titleMobile: limit(style, "title/too-wide-mobile", DEFAULT_LIMITS.titleMobile),
    descriptionDesktop: limit(style, "description/too-wide", DEFAULT_LIMITS.descriptionDesktop),
    descriptionMobile: limit(style, "description/too-wide-mobile", DEFAULT_LIMITS.descriptionMobile),
  };
}
