import { decoded } from "../../address/address.ts";
import { guidance, rule } from "../rule.ts";
import { quote } from "../texts.ts";
import { canonicalAddress, canonicalsOf } from "./canonical.ts";

/** Paths as most servers answer to them: without default file, ending and slash. */
const plainPath = (url: URL) =>
  decoded(url.pathname)
    .replace(/\/(?:index|default)\.(?:html?|php|aspx?)$/i, "/")
    .replace(/(.)(?:\/|\.html?)$/, "$1");

export const canonicalElsewhere = rule({
  id: "canonical/elsewhere",
  weight: "should",
  formats: ["html"],
  sees: ["headLinks", "address", "base"],
  finds: "a canonical address that is not this page's",
  counted: ["# page names another address as its canonical", "# pages name another address as their canonical"],
  why: "Search engines then list the other page instead of this one. For copies that is what it is for; copied from a template, or left over from a test server, it takes the page out of the results.",
  source: guidance("search engines' documentation of canonical addresses"),
  check(page, report) {
    const [first] = canonicalsOf(page);
    const scheme = /^\s*([a-z][a-z0-9+.-]*:)/i.exec(first?.href ?? "")?.[1]?.toLowerCase();
    if (first && scheme && !/^https?:$/.test(scheme)) {
      report({
        message: `The canonical address begins with ${scheme}, where nobody can fetch it.`,
        at: { part: "head", range: first.range },
      });
      return;
    }
    const canonical = canonicalAddress(page);
    if (first && scheme && !canonical)
      report({
        message: `The canonical ${quote(first.href ?? "", 60)} is no address.`,
        at: { part: "head", range: first.range },
      });
    if (!canonical || !URL.canParse(page.address)) return;
    const own = new URL(page.address);
    const message =
      canonical.host !== own.host
        ? `The canonical address is on another host, ${canonical.host}.`
        : plainPath(canonical) !== plainPath(own)
          ? `The canonical address leads to another page, ${quote(canonical.pathname, 60)}.`
          : canonical.protocol !== own.protocol
            ? `The canonical address begins with ${canonical.protocol}//, the page with ${own.protocol}//.`
            : null;
    if (message) report({ message, at: { part: "head", range: first?.range ?? null } });
  },
});
