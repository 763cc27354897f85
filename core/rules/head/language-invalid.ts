import { languageOf } from "../../page/page.ts";
import { rule, standard } from "../rule.ts";
import { quote } from "../texts.ts";

// Made once: making it costs more than reading a small page.
let names: Intl.DisplayNames | undefined;

const known = new Map<string, boolean>();

/** The same few tags stand on all pages of a site. */
function isLanguageTag(tag: string): boolean {
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

export const headLanguageInvalid = rule({
  id: "head/language-invalid",
  weight: "must",
  sees: ["language"],
  finds: "a language that is no BCP 47 tag",
  why: "“en_GB” or “english” is passed over, as if nothing had been said.",
  source: standard("BCP 47 (RFC 5646); WCAG 2.2, 3.1.1"),
  *check(page) {
    const tag = languageOf(page);
    if (tag === "" || isLanguageTag(tag)) return;
    yield {
      message: `${quote(tag)} names no language. British English is en-GB, Welsh is cy.`,
      at: { part: "head", range: page.language?.range ?? null },
    };
  },
});
