import { canonicalElements, type HeadLink, type Page, statedAddress } from "../../page/page.ts";

/** A page's canonical links that the parser has left in the head: elsewhere they are not heeded. */
export const canonicalsOf = (page: Page): HeadLink[] =>
  canonicalElements(page).filter(({ where, href }) => where === "head" && (href ?? "").trim() !== "");

/** The first canonical address in full, without its fragment; null where there is none, or none that is an address. */
export function canonicalAddress(page: Page): URL | null {
  const stated = canonicalsOf(page).length > 0 ? statedAddress(page) : null;
  return stated === null ? null : new URL(stated);
}
