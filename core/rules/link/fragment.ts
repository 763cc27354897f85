import { decoded } from "../../address/address.ts";
import { addressOn, type Page } from "../../page/page.ts";

/** The fragment of a link that leads to its own page, as written; null for links that lead elsewhere or to no place in it. */
export function fragmentHere(page: Page, href: string): string | null {
  const at = href.indexOf("#");
  if (at < 0 || at === href.length - 1) return null;
  const written = href.slice(at + 1);
  if (page.base === null && at === 0) return written;
  const [to, own] = [addressOn(page, href), page.address.replace(/#.*$/s, "")];
  return to?.slice(0, to.indexOf("#")) === own ? written : null;
}

/** The id that a fragment leads to; null where it leads to the top, to words of the page, or to a state of a script. */
export function decodeFragment(fragment: string): string | null {
  if (fragment === "" || fragment.toLowerCase() === "top" || /^(?:[!/]|:~:)/.test(fragment)) return null;
  return decoded(fragment);
}
