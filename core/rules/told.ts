import { CATALOGUE } from "./catalogue.ts";
import { commonPractice, type RuleFacts } from "./rule.ts";
import { SUBJECTS } from "./subjects.ts";

/** The one finding of a page that could not be read: no rule looks at it. */
export const UNREADABLE = "page/unreadable";

const unreadable: RuleFacts = {
  id: UNREADABLE,
  weight: "must",
  finds: "a page that could not be read",
  counted: ["# page could not be read", "# pages could not be read"],
  why: "Its source is kept as it came in. Nothing else is known of the page, so that no rule has looked at it.",
  source: commonPractice(),
};

/** What is known of everything that is found, by its id: pages that could not be read first, then all rules. */
export const TOLD: ReadonlyMap<string, RuleFacts> = new Map([[UNREADABLE, unreadable], ...CATALOGUE]);

/** What it is about, in the order in which it is shown. */
export const TOLD_SUBJECTS: Readonly<Record<string, string>> = { page: "Pages", ...SUBJECTS };
