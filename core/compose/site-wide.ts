import type { Page } from "../page/page.ts";
import type { Edit } from "../rewrite/edits.ts";
import type { SiteData, SiteOrganisation } from "../settings/house-style.ts";
import type { WrittenData } from "../structured-data/evidence.ts";
import { type Entity, textOfValue, valuesOf } from "../structured-data/graph.ts";
import type { Json } from "../structured-data/json-text.ts";
import { readJson } from "../structured-data/json-text.ts";
import { dataOf, placedBlock } from "../structured-data/page-data.ts";
import { replaceValue } from "../structured-data/patch-json.ts";
import { isKindOf } from "../structured-data/vocabulary.ts";
import { addEntity, type JsonObject } from "./add-entity.ts";
import { changedData } from "./data-edit.ts";
import { organisationEntity, organisationId } from "./recognise/organisation.ts";

/** A step of the way to a page. */
export interface TrailStep {
  name: string;
  /** Null for the page itself. */
  address: string | null;
}

/** An entity that the pages of a site state alike. */
export type SiteWide =
  | { what: "organisation"; organisation: SiteOrganisation }
  | { what: "site"; name: string; organisation: SiteOrganisation | null }
  | { what: "trail"; steps: readonly TrailStep[] };

/** A line of an entity, before and after. */
export interface ChangedLine {
  property: string;
  was: string;
  is: string;
}

export interface SiteWideChange {
  edits: Edit[];
  lines: ChangedLine[];
}

/** The entity as it is to be stated on a page of a site. */
export function siteWideEntity(asked: SiteWide, address: string): JsonObject {
  const home = new URL("/", address).href;
  switch (asked.what) {
    case "organisation":
      return organisationEntity(asked.organisation, home);
    case "site":
      return {
        "@type": "WebSite",
        "@id": `${home}#website`,
        name: asked.name,
        url: home,
        ...(asked.organisation && { publisher: { "@id": organisationId(home) } }),
      };
    case "trail":
      return {
        "@type": "BreadcrumbList",
        itemListElement: asked.steps.map(({ name, address: item }, i) => ({
          "@type": "ListItem",
          position: i + 1,
          name,
          ...(item && { item }),
        })),
      };
  }
}

const isStep = (value: Json) => typeof value === "object" && value !== null && "position" in value;

const words = (value: Json | undefined): string => {
  if (value === undefined || value === null) return "";
  if (Array.isArray(value)) return value.map(words).join(value.some(isStep) ? " › " : ", ");
  if (typeof value === "object") return words(value.name ?? value["@id"] ?? "");
  return String(value);
};

/** What stating an entity on a page changes there; an empty change where the page says the same, or the reason against it. */
export function stateOnPage(
  { page, written }: { page: Page; written: readonly WrittenData[] },
  asked: SiteWide,
  how: SiteData["written"],
  id: string,
): SiteWideChange | { reason: string } {
  if (page.format !== "html") return { reason: "Structured data can be written into HTML pages only." };
  if (!/^https?:/.test(page.address)) return { reason: "The page has no address of the web yet." };
  const wanted = siteWideEntity(asked, page.address);
  const there = alike(page, asked, wanted);
  if (asked.what === "trail" && there) return { reason: "It states a trail of its own." };
  if (!there)
    return {
      edits: [addEntity({ page, written }, { entity: wanted }, how, id)],
      lines: Object.entries(wanted).flatMap(([property, value]) =>
        property === "@id" || (property === "@type" && asked.what === "trail")
          ? []
          : [{ property, was: "", is: words(value) }],
      ),
    };
  const block = placedBlock(dataOf(page), there.place);
  if (!block)
    return {
      reason:
        there.syntax === "json-ld"
          ? "Its block uses more of JSON-LD than is changed here. Write it as JSON on the desk."
          : "It is written into the page’s markup. Make it JSON-LD first.",
    };
  const read = readJson(block.text);
  let own: Json | undefined = "value" in read ? (read.value as Json) : undefined;
  for (const step of there.place.path) own = (own as { [name: string]: Json } | undefined)?.[step];
  let text = block.text;
  const lines: ChangedLine[] = [];
  for (const [property, value] of Object.entries(wanted)) {
    const now = (own as JsonObject | undefined)?.[property];
    if (JSON.stringify(now) === JSON.stringify(value)) continue;
    // A type of its own may say more: a Museum is an Organization.
    if (property === "@type" && there.types.some((type) => isKindOf(type, String(value)))) continue;
    text = replaceValue(text, [...there.place.path, property], value);
    if (property !== "@id") lines.push({ property, was: words(now), is: words(value) });
  }
  return text === block.text ? { edits: [], lines: [] } : { edits: [changedData(written, block.text, text)], lines };
}

/** The page's entity that says the same thing: by its `@id`, or by its kind and name. */
function alike(page: Page, asked: SiteWide, wanted: JsonObject): Entity | null {
  const data = dataOf(page);
  const id = wanted["@id"];
  const [same] = typeof id === "string" ? (data.byId.get(id) ?? []) : [];
  if (same && same.properties.length > 0) return same;
  const kind = asked.what === "organisation" ? "Organization" : String(wanted["@type"]);
  return (
    data.roots.find(
      (one) =>
        one.types.some((type) => isKindOf(type, kind)) &&
        (asked.what === "trail" || valuesOf(one, "name").some((value) => textOfValue(value) === wanted.name)),
    ) ?? null
  );
}

/** The way to a page through the pages of its site that stand above it, its home page first. */
export function trailTo(
  address: string,
  name: string,
  known: ReadonlyMap<string, string>,
  siteName: string,
): TrailStep[] {
  const url = new URL(address);
  const segments = url.pathname.split("/").filter(Boolean);
  const steps: TrailStep[] = [{ name: siteName, address: `${url.origin}/` }];
  for (let n = 1; n < segments.length; n++) {
    const folder = `${url.origin}/${segments.slice(0, n).join("/")}`;
    // With a slash or without one, whichever the site has a page at.
    const at = [`${folder}/`, folder].find((one) => known.has(one));
    if (at) steps.push({ name: known.get(at) ?? "", address: at });
  }
  return segments.length === 0 ? [] : [...steps, { name, address: null }];
}
