import { FACTS } from "./facts.generated.ts";
import { commonPractice, type RuleTold } from "./rule.ts";
import { SUBJECTS } from "./subjects.ts";
import { UNREADABLE } from "./unreadable.ts";

const unreadable: RuleTold = {
  reach: "page",
  id: UNREADABLE,
  weight: "must",
  finds: "a page that could not be read",
  counted: ["# page could not be read", "# pages could not be read"],
  why: "Its source is kept as it came in. Nothing else is known of the page, so that no rule has looked at it.",
  source: commonPractice(),
};

/** What is known of everything that is found, by its id: pages that could not be read first, then all rules. */
export const TOLD: ReadonlyMap<string, RuleTold> = new Map([unreadable, ...FACTS].map((rule) => [rule.id, rule]));

/** What it is about, in the order in which it is shown. */
export const TOLD_SUBJECTS: Readonly<Record<string, string>> = { page: "Pages", ...SUBJECTS };
