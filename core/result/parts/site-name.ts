import type { Page } from "../../page/page.ts";
import { type Entity, textOf } from "../../structured-data/graph.ts";
import { dataOf } from "../../structured-data/page-data.ts";
import { isKindOf } from "../../structured-data/vocabulary.ts";
import type { PartReader } from "./part.ts";

const isSite = (entity: Entity) => entity.types.some((type) => isKindOf(type, "WebSite"));

/** What a page states as its site's name, and how; null where it states none. */
function statedName(page: Page): { name: string; as: string } | null {
  const [name] = dataOf(page)
    .entities.filter(isSite)
    .map((site) => textOf(site, "name"))
    .filter(Boolean);
  if (name) return { name, as: "the name of its WebSite" };
  const open = page.metas.find(({ property }) => property === "og:site_name")?.content?.trim() ?? "";
  return open === "" ? null : { name: open, as: "og:site_name" };
}

/** The name above the result, and its icon. Search engines take it from the home page. From memory of their documentation. */
export const siteName: PartReader = ({ page, called }) => {
  const icon = page.headLinks.find(({ rel }) => rel.includes("icon"))?.href;
  const beside = icon
    ? " Its icon is named in the head."
    : " No icon is named in the head; /favicon.ico is looked for.";
  const part = (name: string, why: string, needs: string[] = []) => ({
    id: "site-name" as const,
    label: "Site name and icon",
    shown: name ? [name] : [],
    why: why + beside,
    needs,
    tried: null,
  });
  const stated = statedName(page);
  if (stated) return part(stated.name, `The page states it as ${stated.as}.`);
  const needs = ["a WebSite with its name, on the home page"];
  if (called !== "") return part(called, "The site is called so here; this page does not state it.", needs);
  return part(hostOf(page.address), "The host stands there, since no name is stated.", needs);
};

function hostOf(address: string): string {
  try {
    return new URL(address).host;
  } catch {
    return "";
  }
}
