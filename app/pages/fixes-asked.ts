import { CATALOGUE } from "#core/rules/catalogue";
import type { PagesAsked } from "./asked";
import type { FilteredPages } from "./use-pages";

/** The question for the fixes of one rule on the pages that are shown. */
export function fixesAsked(rule: string, { shown, findings }: Pick<FilteredPages, "shown" | "findings">): PagesAsked {
  const known = CATALOGUE.get(rule);
  // What a rule across pages would mend is known from what it found.
  const byPage = () =>
    Object.fromEntries(
      shown.map(({ id }) => [
        id,
        (findings.ofPage.get(id) ?? []).flatMap(({ group, on }) => (group.rule === rule ? (on.fix ?? []) : [])),
      ]),
    );
  return {
    fixes: { way: "fixes", rule, ...(known?.reach === "site" && { byPage: byPage() }) },
    finds: known?.finds ?? rule,
  };
}
