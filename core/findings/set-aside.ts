import type { SiteFinding } from "./finding.ts";

/** A finding that is left as it is, for a reason: here, on a page, or a rule on the whole site. */
export interface SetAside {
  scope: "place" | "page" | "site";
  rule: string;
  /** Null for the whole site. */
  pageId: string | null;
  /** The finding's key, for one place. */
  key: string | null;
  reason: string;
}

/** By what a finding was set aside; null where it is open. */
export function setAsideBy<R extends SetAside>(
  finding: { rule: string; key: string },
  pageId: string,
  records: readonly R[],
): R | null {
  return (
    records.find(
      (r) =>
        r.rule === finding.rule &&
        (r.scope === "site" || (r.pageId === pageId && (r.scope === "page" || r.key === finding.key))),
    ) ?? null
  );
}

/** Findings across pages, without the places where they were set aside; the same list where none was. */
export function openOf(findings: readonly SiteFinding[], records: readonly SetAside[]): readonly SiteFinding[] {
  const byRule = new Map<string, SetAside[]>();
  for (const record of records) byRule.set(record.rule, [...(byRule.get(record.rule) ?? []), record]);
  if (!findings.some(({ rule }) => byRule.has(rule))) return findings;
  return findings.flatMap((one) => {
    const own = byRule.get(one.rule);
    if (!own) return [one];
    const on = one.on.filter(({ page, key }) => !setAsideBy({ rule: one.rule, key }, page, own));
    return on.length > 0 ? [{ ...one, on }] : [];
  });
}
