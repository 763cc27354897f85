import type { ResultLimits } from "../result/result.ts";
import type { Setting, SettingsOf, Weight } from "./setting.ts";

/** What a house style says about one rule; what it leaves out is the catalogue's. */
export interface RuleStyle {
  on?: boolean;
  weight?: Weight;
  settings?: Record<string, number | string | readonly string[]>;
}

/** A site's settings for the rules and its title pattern; a file that can be shared. */
export interface HouseStyle {
  version: 1;
  /** The name that stands behind the title; "" where the site has none. */
  brand: string;
  /** Stands between title and brand, with its spaces. */
  separator: string;
  rules: Record<string, RuleStyle>;
}

export const DEFAULT_HOUSE_STYLE: HouseStyle = { version: 1, brand: "", separator: " | ", rules: {} };

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
