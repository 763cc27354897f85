import { addressOn } from "../../page/page.ts";
import { guidance, rule } from "../rule.ts";
import { quote } from "../texts.ts";
import { canonicalsOf } from "./canonical.ts";

export const canonicalRelative = rule({
  id: "canonical/relative",
  weight: "should",
  formats: ["html"],
  sees: ["headLinks", "address", "base"],
  finds: "a canonical address without protocol and host",
  counted: ["# canonical is without protocol and host", "# canonicals are without protocol and host"],
  hasFix: true,
  why: "It is read against the address under which the page was fetched, so that a copy on a test server names itself. The full address is always the same.",
  source: guidance("search engines' documentation of canonical addresses: full ones are advised"),
  check(page, report) {
    const [first] = canonicalsOf(page);
    if (!first?.href || /^\s*[a-z][a-z0-9+.-]*:/i.test(first.href)) return;
    const full = addressOn(page, first.href);
    report({
      message: `The canonical address ${quote(first.href, 60)} leaves out ${first.href.trim().startsWith("//") ? "its protocol" : "protocol and host"}.`,
      at: { part: "head", range: first.range },
      ...(full?.startsWith("http") && {
        fix: { label: `In full: ${full}`, edits: [{ op: "set-canonical", value: full, was: first.href }] },
      }),
    });
  },
});
