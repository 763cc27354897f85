import { languageOf, type Page } from "./page.ts";

// Made once: making it costs more than reading a small page.
let names: Intl.DisplayNames | undefined;

/** The first subtag of a tag, which names the language: “en” of “en-GB”, "" of none. */
export const primaryOf = (tag: string): string => (tag.split("-", 1)[0] ?? "").toLowerCase();

const remembered = new Map<string, boolean>();

/** Whether a text is a language tag of BCP 47 (RFC 5646) that names a known language. Remembered: the same few stand on all pages. */
export function isLanguageTag(tag: string): boolean {
  let valid = remembered.get(tag);
  if (valid === undefined) {
    valid = checkTag(tag);
    if (remembered.size < 1000) remembered.set(tag, valid);
  }
  return valid;
}

/** Whether a tag is well-formed and its first subtag a language that Unicode's data or ISO 639-3 could know. */
function checkTag(tag: string): boolean {
  try {
    // Intl follows UTS #35, which leaves out the extended subtags of RFC 5646 2.2.2 (zh-cmn).
    Intl.getCanonicalLocales(tag.replace(/^([a-z]{2,3})(?:-[a-z]{3}){1,3}(?=-|$)/i, "$1"));
  } catch {
    return false;
  }
  const primary = primaryOf(tag);
  if (primary === "x" || primary === "i") return true;
  if (primary.length > 3) return false;
  // Three letters are ISO 639-3, of which Unicode's data names only a part.
  if (primary.length === 3) return true;
  names ??= new Intl.DisplayNames("en", { type: "language", fallback: "none" });
  return names.of(primary) !== undefined;
}

let regions: Intl.DisplayNames | undefined;

/** What is wrong with a tag's country: its usual code where it is written otherwise, "" where none is known; null for nothing. */
export function unknownRegion(tag: string): string | null {
  const written = /^[a-z]{2,3}(?:-[a-z]{4})?-([a-z]{2}|\d{3})(?:-|$)/i.exec(tag)?.[1]?.toUpperCase();
  if (!written) return null;
  const usual = new Intl.Locale(tag).region ?? "";
  if (usual !== written) return usual;
  regions ??= new Intl.DisplayNames("en", { type: "region", fallback: "none" });
  return regions.of(written) === undefined ? "" : null;
}

/** The language that a page names, where that is a language tag; "" otherwise. */
export function languageTagOf(page: Pick<Page, "language">): string {
  const tag = languageOf(page);
  return isLanguageTag(tag) ? tag : "";
}
