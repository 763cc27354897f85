import { addressOn } from "../../page/page.ts";
import type { SiteOrganisation } from "../../settings/house-style.ts";
import type { Json } from "../../structured-data/json-text.ts";
import { Collecting, type Recogniser, segmentsOf } from "./collecting.ts";

/** What the house style holds of whoever runs the site, as an entity that other pages can point to. */
export function organisationEntity(own: SiteOrganisation, site: string): { [name: string]: Json } {
  const { type, name, logo, telephone, email, address, profiles = [] } = own;
  return {
    "@type": type,
    "@id": organisationId(site),
    name,
    url: site,
    ...(logo && { logo }),
    ...(telephone && { telephone }),
    ...(email && { email }),
    ...(address && { address }),
    ...(profiles.length > 0 && { sameAs: profiles.length === 1 ? (profiles[0] ?? "") : [...profiles] }),
  };
}

/** The `@id` of whoever runs a site, given an address of it; "" where that is none of the web's. */
export const organisationId = (address: string): string =>
  /^https?:/.test(address) ? `${new URL("/", address).href}#organization` : "";

/** Whoever runs the site, on its home page: as the house style has it, or else its name, logo and profiles as the page shows them. */
export const organisation: Recogniser = ({ page, organisation: own }) => {
  if (!/^https?:/.test(page.address) || segmentsOf(page).length > 0) return null;
  const site = new URL("/", page.address).href;
  const entity = new Collecting(page);
  if (own) {
    for (const [name, value] of Object.entries(organisationEntity(own, site)))
      if (name !== "@type") entity.set([name], value);
    return entity.proposal(own.type, "the home page, and what the house style says of whoever runs the site");
  }
  const logo = page.images.find(({ src, alt }) => /logo/i.test(`${src} ${alt}`));
  const mark = logo?.src && addressOn(page, logo.src);
  if (!mark) return null;
  const name = logo.alt?.replace(/\blogo\b/i, "").trim();
  if (name) entity.set(["name"], name);
  entity.set(["url"], site);
  entity.set(["logo"], mark);
  const profiles = page.links
    .filter(({ rel }) => rel?.toLowerCase().split(/\s+/).includes("me"))
    .map(({ href }) => href);
  if (profiles.length > 0) entity.set(["sameAs"], profiles);
  return entity.proposal("Organization", `a logo${profiles.length > 0 ? " and profiles elsewhere" : ""}`);
};
