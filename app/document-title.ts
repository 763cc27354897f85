import { type Screen, screenOf } from "./screens";
import type { PageRecord } from "./store/page-record";
import type { SiteRecord } from "./store/records/sites";
import { titled } from "./titled";

/** What a route's `meta` is given: what each of the routes that are drawn has loaded. */
interface Matches {
  matches: readonly ({ loaderData?: unknown } | undefined)[];
}

/** What one of the routes has loaded under a name. */
function loaded<T>({ matches }: Matches, name: string): T | undefined {
  for (const match of matches) {
    const data = match?.loaderData;
    if (data !== null && typeof data === "object" && name in data) return (data as Record<string, T>)[name];
  }
  return undefined;
}

const siteIn = (given: Matches) => {
  const site = loaded<SiteRecord>(given, "site");
  return site && (site.name || site.address);
};

/** The title of a site's screen. */
export const screenTitle = (name: Parameters<typeof screenOf>[0]) => {
  const screen: Screen = screenOf(name);
  return (given: Matches) => titled(screen.name, siteIn(given));
};

/** The title of a screen of one page: the page's name, then the screen's where it is not the desk. */
export const pageTitle = (screen?: string) => (given: Matches) => {
  const record = loaded<PageRecord>(given, "record");
  const name = record && (record.name || record.file);
  return titled(name ?? "Desk", screen, siteIn(given));
};
