import type { PageRule, Rule, SiteRule } from "./rule.ts";
import { RULES } from "./rules.generated.ts";

/** The whole catalogue, by id, in the order in which it is shown. */
export const CATALOGUE: ReadonlyMap<string, Rule> = new Map(RULES.map((rule) => [rule.id, rule]));

/** Every rule that looks at one page. */
export const PAGE_RULES: readonly PageRule[] = RULES.filter((rule) => rule.reach === "page");

/** Every rule that looks across pages. */
export const SITE_RULES: readonly SiteRule[] = RULES.filter((rule) => rule.reach === "site");
