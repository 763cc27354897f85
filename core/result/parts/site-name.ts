import { type Entity, textOf } from "../../structured-data/graph.ts";
import { isKindOf } from "../../structured-data/vocabulary.ts";
import type { PartReader } from "./part.ts";

const isSite = (entity: Entity) => entity.types.some((type) => isKindOf(type, "WebSite"));

/** The name above the result, and its icon. Search engines take it from the home page. From memory of their documentation. */
export const siteName: PartReader = ({ page, data, brand }) => {
  const stated = data.entities.filter(isSite).map((site) => textOf(site, "name"));
  const open = page.metas.find(({ property }) => property === "og:site_name")?.content?.trim() ?? "";
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
  const [name] = stated.filter(Boolean);
  if (name) return part(name, "The page states it as the name of its WebSite.");
  if (open !== "") return part(open, "The page states it as og:site_name.");
  const needs = ["a WebSite with its name, on the home page"];
  if (brand !== "") return part(brand, "It is the house style’s; this page does not state it.", needs);
  return part(hostOf(page.address), "The host stands there, since no name is stated.", needs);
};

function hostOf(address: string): string {
  try {
    return new URL(address).host;
  } catch {
    return "";
  }
}
