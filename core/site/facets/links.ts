import { hostOf, targetsFrom } from "../../address/link-target.ts";
import { baseOf, type LandmarkKind } from "../../page/page.ts";
import { asCell, facet, packLines, unpackLines } from "./facet.ts";

/** Where on a page a link stands: what a visitor is led by (menu), the foot of the page, or the content. */
export type LinkZone = "content" | "menu" | "foot";

export interface LinkFacet {
  /** Path and query of an address of the same host, as `linkTarget` compares them. */
  to: string;
  text: string;
  zone: LinkZone;
}

/** Links whose words are kept; those of the content come first. Of the others it is kept where they lead. */
const WITH_WORDS = 120;
const MOST = 2000;
const LONGEST_TEXT = 60;

const ZONES: Partial<Record<LandmarkKind, LinkZone>> = { navigation: "menu", banner: "menu", contentinfo: "foot" };
/** The zones by the numbers that stand for them in a packed facet: what comes first counts where one target is linked in several. */
export const ZONE_ORDER: readonly LinkZone[] = ["content", "menu", "foot"];
const rank = (zone: LinkZone) => ZONE_ORDER.indexOf(zone);

/** A page's links within its host, each target once: where a visitor meets it first. */
export const links = facet<readonly LinkFacet[], string>({
  version: 1,
  sees: ["links", "address", "base"],
  take(page) {
    if (hostOf(page.address) === "") return [];
    const targetOn = targetsFrom(page.address, baseOf(page));
    const seen = new Map<string, LinkFacet>();
    for (const { href, landmark, text } of page.links) {
      // A value with a tag in it has run on to the next quotation mark.
      if (/^(?:#|mailto:|tel:|javascript:|data:)|</i.test(href)) continue;
      const to = targetOn(href);
      if (!to) continue;
      const zone = (landmark && ZONES[landmark]) || "content";
      const before = seen.get(to);
      if (before && rank(before.zone) <= rank(zone)) continue;
      seen.set(to, { to, text: asCell(text).slice(0, LONGEST_TEXT), zone });
    }
    return [...seen.values()]
      .sort((a, b) => rank(a.zone) - rank(b.zone))
      .slice(0, MOST)
      .map((link, i) => (i < WITH_WORDS ? link : { ...link, text: "" }));
  },
  pack: (list) => packLines(list, ({ to, text, zone }) => [`${rank(zone)}${to}`, text]),
  unpack: (packed) =>
    unpackLines(packed, ([to = "", text = ""]) => ({
      zone: ZONE_ORDER[Number(to[0])] ?? "content",
      to: to.slice(1),
      text,
    })),
});

/**
 * Where the links of a packed facet lead, with the number of each one's zone: without an object for each link, since ten
 * thousand pages have some hundred thousand.
 */
export function eachLink(packed: string, take: (to: string, zone: number) => void): void {
  for (let at = 0; at < packed.length; ) {
    const line = packed.indexOf("\n", at);
    const end = line < 0 ? packed.length : line;
    take(packed.slice(at + 1, packed.indexOf("\t", at)), packed.charCodeAt(at) - ZERO);
    at = end + 1;
  }
}
const ZERO = "0".charCodeAt(0);
