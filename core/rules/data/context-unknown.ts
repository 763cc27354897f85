import { distance } from "../../structured-data/vocabulary.ts";
import { standard } from "../rule.ts";
import { quote } from "../texts.ts";
import { dataRule, placeOf } from "./data-rule.ts";
import { fixValue } from "./fix-value.ts";

/** Whether a context was meant to be schema.org's: a letter or two of the name are wrong, or what stands around it. */
export function isMistyped(address: string): boolean {
  const host = address
    .trim()
    .toLowerCase()
    .replace(/^[a-z]*:?\/*/, (scheme) => (/^(?:https?:?\/*|\/\/|htt[a-z]*:?\/+)$/.test(scheme) ? "" : scheme))
    .replace(/^www\./, "")
    .replace(/[/#?].*$/, "");
  return distance(host, "schema.org", 2) <= 2;
}

export const dataContextUnknown = dataRule({
  id: "data/context-unknown",
  weight: "must",
  finds: "a missing or mistyped @context",
  counted: [
    "# page has structured data with a missing or mistyped @context",
    "# pages have structured data with a missing or mistyped @context",
  ],
  hasFix: true,
  why: "Without it the names mean nothing: no search engine reads them as schema.org's, and no feature is earned.",
  source: standard("JSON-LD 1.1", "3.1 (the context)"),
  check(data, report) {
    for (const { kind, address, place } of data.notes) {
      if (kind === "missing")
        report({
          message: "Nothing says in which vocabulary this is written. Add “@context”: “https://schema.org”.",
          at: placeOf(data, place),
        });
      else if (kind === "unknown" && isMistyped(address))
        report({
          message: `The context ${quote(address, 60)} is not schema.org's. Write “https://schema.org”.`,
          at: placeOf(data, place),
          ...fixValue(data, place, "https://schema.org", "Write “https://schema.org”"),
        });
    }
  },
});
