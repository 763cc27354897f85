import type { Weight } from "#core/settings/setting";

const TEXT: Record<Weight, string> = { must: "must", should: "should", may: "may" };

/** The mark of a finding's weight: a filled pennant, an outlined one, a caret. */
export function Mark({ weight, label = true }: { weight: Weight; label?: boolean }) {
  if (weight === "may") {
    return (
      <svg width="13" height="14" viewBox="0 0 13 14" className="shrink-0 text-graphite" aria-hidden={!label}>
        <title>{TEXT[weight]}</title>
        <path d="M2.5 9.5 6.5 5l4 4.5" fill="none" stroke="currentColor" strokeWidth="1.4" />
      </svg>
    );
  }
  return (
    <svg width="13" height="14" viewBox="0 0 13 14" className="shrink-0 text-red" aria-hidden={!label}>
      <title>{TEXT[weight]}</title>
      <path d="M2 1v12" stroke="currentColor" strokeWidth="1.4" />
      <path
        d="M2 2 12 5 2 8z"
        fill={weight === "must" ? "currentColor" : "none"}
        stroke="currentColor"
        strokeWidth="1.2"
        strokeLinejoin="round"
      />
    </svg>
  );
}

/** “3 must, 5 should”: what weighs nothing is left out. */
export function countsInWords(
  counts: Record<Weight, number>,
  weights: readonly Weight[] = ["must", "should", "may"],
): string {
  return weights
    .filter((weight) => counts[weight] > 0)
    .map((weight) => `${counts[weight]} ${weight}`)
    .join(", ");
}
