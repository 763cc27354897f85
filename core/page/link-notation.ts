import { hostOf, linkTarget } from "../address/link-target.ts";
import { addressOn, baseOf, type Page } from "./page.ts";

/** How links to pages of the same host are written: in full, without the scheme, from the root, from the page itself. */
type Notation = "absolute" | "scheme-relative" | "root" | "relative";

const notationOf = (href: string): Notation => {
  if (/^[a-z][a-z\d+.-]*:/i.test(href)) return "absolute";
  if (/^[\\/]{2}/.test(href)) return "scheme-relative";
  return /^[\\/]/.test(href) ? "root" : "relative";
};

/** The way from one path to another, such as "../lamp". */
function relativePath(from: string, to: string): string {
  const here = from.split("/").slice(0, -1);
  const there = to.split("/");
  let same = 0;
  while (same < here.length && same < there.length - 1 && here[same] === there[same]) same++;
  const way = "../".repeat(here.length - same) + there.slice(same).join("/");
  // A path that is empty, or looks like a scheme or a root, would mean something else.
  return way === "" || /^[^/?#]*:|^\//.test(way) ? `./${way}` : way;
}

function written(address: string, notation: Notation, page: Page): string {
  const to = new URL(address);
  const base = new URL(baseOf(page));
  const rest = to.search + to.hash;
  // A path that begins with two slashes would name a host.
  if (notation === "absolute" || to.pathname.startsWith("//") || hostOf(address) !== hostOf(base.href)) return address;
  if (notation === "scheme-relative") return `//${to.host}${to.pathname}${rest}`;
  return (notation === "root" ? to.pathname : relativePath(base.pathname, to.pathname)) + rest;
}

/** An address as a link is written that is led to it: in the notation of what stood in it. */
export const hrefLike = (was: string, address: string, page: Page): string => written(address, notationOf(was), page);

/**
 * An address as a new link of a page is written: as the page's other links to it are, or in the notation that most of its
 * links to the same host have; from the root where there are none.
 */
export function hrefOn(page: Page, address: string): string {
  const host = hostOf(page.address);
  const target = linkTarget(address, host);
  if (target === null) return address;
  const counts = new Map<Notation, number>();
  for (const { href } of page.links) {
    if (href.trim() === "" || href.startsWith("#")) continue;
    const to = addressOn(page, href);
    const led = to === null ? null : linkTarget(to, host);
    if (led === null) continue;
    if (led === target && !address.includes("#")) return href.replace(/#.*$/s, "") || hrefLike(href, address, page);
    const notation = notationOf(href);
    counts.set(notation, (counts.get(notation) ?? 0) + 1);
  }
  const [most] = [...counts].sort((a, b) => b[1] - a[1]);
  return written(address, most?.[0] ?? "root", page);
}
