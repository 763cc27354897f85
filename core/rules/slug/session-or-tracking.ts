import { commonPractice, rule } from "../rule.ts";
import { quote } from "../texts.ts";

const PARAMETER =
  /[?&;]((?:utm_[a-z]+|phpsessid|jsessionid|sessionid|session_id|sid|gclid|fbclid|msclkid|mc_[ce]id|ref|source)=[^&#;]*)/i;

export const slugSessionOrTracking = rule({
  id: "slug/session-or-tracking",
  weight: "should",
  formats: ["html", "markdown", "fields"],
  sees: ["address"],
  fromFacets: true,
  finds: "a session or campaign parameter in the address",
  counted: ["# address has a session or campaign parameter", "# addresses have a session or campaign parameter"],
  why: "The same page then stands at many addresses, and a session that is passed on may be somebody else's.",
  source: commonPractice(),
  check(page, report) {
    const match = PARAMETER.exec(page.address);
    if (!match) return;
    report({ message: `The address carries ${quote(match[1] ?? "")}.`, at: { part: "slug" } });
  },
});
