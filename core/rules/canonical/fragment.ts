import { guidance, rule } from "../rule.ts";
import { quote } from "../texts.ts";
import { canonicalsOf } from "./canonical.ts";

export const canonicalFragment = rule({
  id: "canonical/fragment",
  weight: "should",
  formats: ["html"],
  sees: ["headLinks"],
  finds: "a canonical address that leads into a page",
  counted: ["# canonical leads into a page", "# canonicals lead into a page"],
  hasFix: true,
  why: "A fragment names a place within a page, and search engines list whole pages. They pass over the fragment, or over the address.",
  source: guidance("search engines' documentation of canonical addresses: no fragments"),
  check(page, report) {
    const [first] = canonicalsOf(page);
    const at = first?.href?.indexOf("#") ?? -1;
    if (!first?.href || at < 0) return;
    const value = first.href.slice(0, at);
    report({
      message: `The canonical address ends in ${quote(first.href.slice(at), 40)}, a place within the page.`,
      at: { part: "head", range: first.range },
      ...(value && {
        fix: { label: `Without it: ${value}`, edits: [{ op: "set-canonical", value, was: first.href }] },
      }),
    });
  },
});
