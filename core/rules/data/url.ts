import { addressOn } from "../../page/page.ts";
import { standard } from "../rule.ts";
import { quote } from "../texts.ts";
import { dataRule, only, placeOf, textsIn } from "./data-rule.ts";

/** What makes an address lead elsewhere than it was meant to, though the standard would resolve it; null for nothing. */
function slipOf(name: string, text: string): string | null {
  if (/^[a-z][a-z0-9+.-]*:/i.test(text) || text.startsWith("/")) return null;
  if (/^(?:www\.|[a-z0-9-]+\.(?:com|org|net|de|fr|uk|example)(?:\/|$))/i.test(text)) return "leaves out “https://”";
  if (name === "sameAs" || (name === "url" && !/[./?#]/.test(text))) return "is a name and no address";
  return null;
}

export const dataUrl = dataRule({
  id: "data/url",
  weight: "must",
  finds: "an address that is none",
  counted: ["# page has an address in its data that is none", "# pages have an address in their data that is none"],
  why: "Readers of data follow it and find nothing.",
  source: standard("WHATWG URL"),
  check(data, report, { page }) {
    for (const { property, text, value } of textsIn(data, (_, term) => only(term, ["URL"]))) {
      const plain = text.trim();
      const resolved = /[\s<>]/.test(plain) ? null : addressOn(page, plain);
      const host = resolved && /^https?:/.test(resolved) ? new URL(resolved).hostname : "";
      if (plain !== "" && resolved !== null && (host === "" || host.includes(".") || host === "localhost")) {
        const slip = slipOf(property.name, plain);
        if (slip)
          report({
            message: `${quote(property.written)} ${slip}: ${quote(text, 60)}.`,
            at: placeOf(data, value.place),
            weight: "should",
          });
        continue;
      }
      report({
        message: `${quote(property.written)} is no address: ${quote(text, 60)}.`,
        at: placeOf(data, value.place),
      });
    }
  },
});
