import { addressOn, type LandmarkKind, type Page } from "../page/page.ts";

/** Where on a page a link stands: what a visitor is led by (menu), the foot of the page, or the content. */
export type LinkZone = "content" | "menu" | "foot";

export interface SummaryLink {
  /** Path and query of an address of the same host. */
  to: string;
  text: string;
  zone: LinkZone;
}

/** Links whose words a summary keeps; those of the content come first. Of the others it keeps where they lead. */
const WITH_WORDS = 120;
const MOST = 2000;
const LONGEST_TEXT = 60;

const ZONES: Partial<Record<LandmarkKind, LinkZone>> = { navigation: "menu", banner: "menu", contentinfo: "foot" };
const ORDER: LinkZone[] = ["content", "menu", "foot"];

/**
 * An address as links are compared: path and query without fragment, default file, `.html` and trailing slash, since most
 * servers answer to both; null where it is no page of the host.
 */
export function linkTarget(address: string, host: string): string | null {
  let url: URL;
  try {
    url = new URL(address);
  } catch {
    return null;
  }
  if (!/^https?:$/.test(url.protocol) || url.host.replace(/^www\./, "") !== host) return null;
  const path = url.pathname
    .replace(/\/(?:index|default)\.(?:html?|php|aspx?)$/i, "/")
    .replace(/(.)(?:\/|\.html?)$/, "$1");
  return path + url.search;
}

export function hostOf(address: string): string {
  try {
    return new URL(address).host.replace(/^www\./, "");
  } catch {
    return "";
  }
}

const packed = new WeakMap<Page["links"], { address: string; text: string }>();

/**
 * A page's links within its host, each target once, packed into one text: 10,000 summaries are in memory at a time. Packed
 * once for the same links, since a page's summary is made anew at every keystroke.
 */
export function packLinks(page: Pick<Page, "address" | "base" | "links">): string {
  const known = packed.get(page.links);
  if (known?.address === page.address) return known.text;
  const text = pack(page);
  packed.set(page.links, { address: page.address, text });
  return text;
}

function pack(page: Pick<Page, "address" | "base" | "links">): string {
  const host = hostOf(page.address);
  if (host === "") return "";
  const seen = new Map<string, SummaryLink>();
  for (const link of page.links) {
    // A value with a tag in it has run on to the next quotation mark.
    if (/^(?:#|mailto:|tel:|javascript:|data:)|</i.test(link.href)) continue;
    const resolved = addressOn(page, link.href);
    const to = resolved && linkTarget(resolved, host);
    if (!to) continue;
    const zone = (link.landmark && ZONES[link.landmark]) || "content";
    const before = seen.get(to);
    if (before && ORDER.indexOf(before.zone) <= ORDER.indexOf(zone)) continue;
    seen.set(to, { to, text: link.text.replace(/[\t\n]/g, " ").slice(0, LONGEST_TEXT), zone });
  }
  return [...seen.values()]
    .sort((a, b) => ORDER.indexOf(a.zone) - ORDER.indexOf(b.zone))
    .slice(0, MOST)
    .map(({ to, text, zone }, i) => `${ORDER.indexOf(zone)}${to}\t${i < WITH_WORDS ? text : ""}`)
    .join("\n");
}

/** Links to places on other pages that a summary keeps. */
const MOST_FRAGMENTS = 300;

const packedFragments = new WeakMap<Page["links"], { address: string; text: string }>();

/** A page's links to places on other pages of its host, each once, packed into one text: target, tab, fragment. */
export function packFragments(page: Pick<Page, "address" | "base" | "links">): string {
  const known = packedFragments.get(page.links);
  if (known?.address === page.address) return known.text;
  const host = hostOf(page.address);
  const own = linkTarget(page.address, host);
  const lines = new Set<string>();
  for (const { href } of page.links) {
    const at = href.indexOf("#");
    const fragment = at > 0 ? href.slice(at + 1) : "";
    if (fragment === "" || /[<\s]/.test(href) || lines.size >= MOST_FRAGMENTS) continue;
    const resolved = addressOn(page, href.slice(0, at));
    const to = resolved && linkTarget(resolved, host);
    if (to && to !== own) lines.add(`${to}\t${fragment}`);
  }
  const text = [...lines].join("\n");
  packedFragments.set(page.links, { address: page.address, text });
  return text;
}

/** The links to places that a summary holds. */
export function unpackFragments(packed: string): { to: string; fragment: string }[] {
  if (packed === "") return [];
  return packed.split("\n").map((line) => {
    const tab = line.indexOf("\t");
    return { to: line.slice(0, tab), fragment: line.slice(tab + 1) };
  });
}

/** The links that a summary holds. */
export function unpackLinks(packed: string): SummaryLink[] {
  if (packed === "") return [];
  return packed.split("\n").map((line) => {
    const tab = line.indexOf("\t");
    return { zone: ORDER[Number(line[0])] ?? "content", to: line.slice(1, tab), text: line.slice(tab + 1) };
  });
}
