import { decoded } from "../../address/address.ts";
import { addressOn, type Page } from "../../page/page.ts";
import { findPhrase } from "../../phrase/match.ts";
import type { PartReader } from "./part.ts";

/** Links under a home page's result, and small ones under another's; fewer than two are not shown. */
const MOST = 6;
const MOST_PARTS = 4;
const FEWEST = 2;

/** Links to other pages of the site, from the home page's menu. */
function menuOf(page: Page): string[] {
  const home = new URL(page.address);
  const names = new Map<string, string>();
  for (const { href, text, landmark } of page.links) {
    if ((landmark !== "navigation" && landmark !== "banner") || text === "") continue;
    const address = addressOn(page, href);
    if (!address) continue;
    const url = new URL(address);
    if (url.host === home.host && url.pathname !== home.pathname && !names.has(url.pathname))
      names.set(url.pathname, text);
  }
  return [...new Set(names.values())].slice(0, MOST);
}

/** Links to parts of the page itself, as a list of contents has them. */
function partsOf(page: Page): string[] {
  const ids = new Map(page.headings.flatMap(({ id, text }) => (id && text ? [[id, text] as const] : [])));
  const names = page.links.flatMap(({ href, landmark }) =>
    href.startsWith("#") && landmark !== "banner" ? (ids.get(decoded(href.slice(1))) ?? []) : [],
  );
  return [...new Set(names)].slice(0, MOST_PARTS);
}

/** Site links: of the home page where its site is searched for by name, else to parts of the page. From memory. */
export const siteLinks: PartReader = ({ page, query, called, language }) => {
  const part = (shown: string[], why: string, needs: string[], tried: string[]) => ({
    id: "site-links" as const,
    label: "Site links",
    shown,
    why,
    needs,
    tried: shown.length > 0 || tried.length < FEWEST ? null : tried,
  });
  const isAddress = URL.canParse(page.address);
  if (isAddress && new URL(page.address).pathname === "/") {
    const menu = menuOf(page);
    if (menu.length < FEWEST)
      return part([], "It is the home page, but its menu names no other pages.", ["a menu of links"], []);
    const named = called !== "" && findPhrase(called, query, { language }).some(({ kind }) => kind !== "scattered");
    return named
      ? part(menu, "The site is searched for by its name, and its menu names these pages.", [], [])
      : part([], "They are shown where the site is searched for by its name.", [], menu);
  }
  const parts = partsOf(page);
  if (parts.length >= FEWEST) return part(parts, "The page has a list of contents that leads to its headings.", [], []);
  const headings = page.headings.filter(({ level, text }) => level === 2 && text !== "").map(({ text }) => text);
  return part(
    [],
    "The page has no list of contents, and is not the home page.",
    ["a list of links to its headings, which bear ids"],
    headings.slice(0, MOST_PARTS),
  );
};
