import { addressOn, canonicalElements, type HeadLink, type Page } from "../../page/page.ts";

/** A page's canonical links that the parser has left in the head: elsewhere they are not heeded. */
export const canonicalsOf = (page: Page): HeadLink[] =>
  canonicalElements(page).filter(({ where, href }) => where === "head" && (href ?? "").trim() !== "");

/** The first canonical address in full, without its fragment; null where there is none, or none that is an address. */
export function canonicalAddress(page: Page): URL | null {
  const href = canonicalsOf(page)[0]?.href;
  const full = href ? addressOn(page, href) : null;
  return full?.startsWith("http") ? new URL(full) : null;
}
