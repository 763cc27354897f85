import { pathOf } from "#core/address/address";
import { type SiteWide, trailTo } from "#core/compose/site-wide";
import type { AskedData } from "#core/proposals/structured-data";
import type { PageRecord } from "./page-record";
import type { SiteRecord } from "./records/sites";

const isHome = ({ address }: PageRecord) => pathOf(address) === "/";

type Bare<T> = T extends unknown ? Omit<T, "id"> : never;

/** What a site's pages are to state alike, and the pages that it is for; null where the house style does not know it. */
export function questionOf(
  site: SiteRecord,
  rows: readonly PageRecord[],
  what: SiteWide["what"],
  onHomeAlone: boolean,
): { ids: string[]; asked: Bare<AskedData> } | null {
  const { organisation = null, written: how = "blocks" } = site.houseStyle.data ?? {};
  const name = organisation?.name || site.name || new URL(site.address).hostname;
  const pages = rows.filter((page) => page.format !== "fields" && (!onHomeAlone || isHome(page)));
  const ids = pages.map(({ id }) => id);
  if (what === "organisation") return organisation && { ids, asked: { what, how, organisation } };
  if (what === "site") return { ids, asked: { what, how, name, organisation } };
  const known = new Map(pages.map((page) => [page.address, page.name || page.h1]));
  const trails = pages.flatMap((page) =>
    /^https?:/.test(page.address) && !isHome(page)
      ? [[page.id, trailTo(page.address, page.h1 || page.name, known, name)] as const]
      : [],
  );
  return { ids: trails.map(([id]) => id), asked: { what, how, byPage: Object.fromEntries(trails) } };
}
