import { slugFrom } from "../../address/propose-slug.ts";
import { extensionOf, slugOf } from "../../address/slug.ts";
import { noteOn } from "../../address/transliterate.ts";
import type { Fix } from "../../findings/fix.ts";
import { languageOf, type Page } from "../../page/page.ts";
import { readableSlug } from "../texts.ts";

/** A fix that sets another slug; none where it would change nothing or leave nothing. */
export const slugFix = (page: Page, make: () => string): { fix: () => Fix | null } => ({
  fix() {
    const was = slugOf(page.address);
    const value = make();
    if (value === "" || value === was) return null;
    return { label: `Rename to ${value}`, edits: [{ op: "set-slug", value, was }] };
  },
});

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
