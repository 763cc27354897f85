import { decoded } from "../address/address.ts";
import type { Page } from "../page/page.ts";
import { breadcrumbOf } from "./breadcrumb.ts";

/** Host and path as a trail; the page's breadcrumb in its structured data takes the path's place. */
export function trailOf(page: Pick<Page, "address" | "data">): { trail: string[]; trailFromData: boolean } {
  const names = breadcrumbOf(page.data.map((block) => block.text));
  const [host, ...segments] = addressTrail(page.address);
  return { trail: host === undefined ? [] : [host, ...(names ?? segments)], trailFromData: names !== null };
}

/** Host and segments of an address; of what is none, what stands between its slashes. */
export function addressTrail(address: string): string[] {
  let url: URL;
  try {
    url = new URL(address);
  } catch {
    return address.split("/").filter(Boolean);
  }
  return [url.host, ...url.pathname.split("/").filter(Boolean).map(decoded)];
}
