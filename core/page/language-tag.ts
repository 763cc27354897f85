// Made once: making it costs more than reading a small page.
let names: Intl.DisplayNames | undefined;

const known = new Map<string, boolean>();

/** Whether a text is a language tag of BCP 47 (RFC 5646) that names a known language. Remembered: the same few stand on all pages. */
export function isLanguageTag(tag: string): boolean {
  let valid = known.get(tag);
  if (valid === undefined) {
    valid = checkTag(tag);
    if (known.size < 1000) known.set(tag, valid);
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
  const primary = (tag.split("-")[0] ?? "").toLowerCase();
  if (primary === "x" || primary === "i") return true;
  if (primary.length > 3) return false;
  // Three letters are ISO 639-3, of which Unicode's data names only a part.
  if (primary.length === 3) return true;
  names ??= new Intl.DisplayNames("en", { type: "language", fallback: "none" });
  return names.of(primary) !== undefined;
}
