import { decoded } from "../../address/address.ts";
import { slugFrom } from "../../address/propose-slug.ts";
import { extensionOf, slugOf, withSlug } from "../../address/slug.ts";
import { noteOn } from "../../address/transliterate.ts";
import type { Fix } from "../../findings/fix.ts";
import { addressOn, canonicalOf, languageOf, type Page } from "../../page/page.ts";
import { readableSlug } from "../texts.ts";

/** A fix that sets another slug; none where it would change nothing or leave nothing. */
export const slugFix = (page: Page, make: () => string): { fix: () => Fix | null } => ({
  fix() {
    const was = slugOf(page.address);
    const value = make();
    if (value === "" || value === was) return null;
    const canonical = canonicalOf(page);
    const renamed = canonical === null ? null : renamedCanonical(page, canonical, value);
    return {
      label: `Rename to ${value}`,
      edits: [
        { op: "set-slug", value, was },
        // A canonical address that is the page's own goes with it.
        ...(renamed === null ? [] : [{ op: "set-canonical" as const, value: renamed, was: canonical }]),
      ],
    };
  },
});

/** A canonical address that names the page itself, with another slug, in its own way of writing; null where it leads elsewhere. */
function renamedCanonical(page: Page, canonical: string, slug: string): string | null {
  const stated = addressOn(page, canonical);
  const plain = (address: string) => decoded(address).replace(/(?:\.html?|\/)$/i, "");
  if (stated === null || !URL.canParse(stated) || plain(stated) !== plain(page.address)) return null;
  const end = extensionOf(slugOf(stated)) === "" ? extensionOf(slug) : "";
  return new URL(withSlug(stated, slug.slice(0, slug.length - end.length))).href;
}

/** What an editor should know of the tidy slug, as a sentence of a message; "" for nothing. */
export function noteOnTidySlug(page: Page): string {
  const note = noteOn(readableSlug(page), languageOf(page));
  return note ? ` ${note}` : "";
}

/** The slug written in lower-case ASCII words joined by hyphens, its file extension kept. */
export function tidySlug(page: Page): string {
  const slug = readableSlug(page);
  const extension = extensionOf(slug);
  return (
    slugFrom(slug.slice(0, slug.length - extension.length).replaceAll("+", " "), { language: languageOf(page) }) +
    extension.toLowerCase()
  );
}

/** The slug's words. */
export function slugWords(page: Page): string[] {
  const slug = readableSlug(page);
  return slug
    .slice(0, slug.length - extensionOf(slug).length)
    .split(/[-_\s.+~]+/)
    .filter(Boolean);
}
