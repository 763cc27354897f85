import type { Page } from "../page/page.ts";
import { redraftedSource } from "./apply.ts";
import { type Edit, fieldOf } from "./edits.ts";
import { type EditSource, type SourceChange, sourceEdits } from "./operations/edit-source.ts";
import { inOrder, type Patch, patchText } from "./patch.ts";
import { patchesOf } from "./patches.ts";
import { planEdits } from "./plan.ts";
import type { Step } from "./step.ts";

/** What differs between two texts, in their order. */
type Differ = (was: string, is: string) => readonly SourceChange[];

/**
 * What was written into the source as a redraft leaves it, as edits of the original that take the place of all that was
 * written into it before; the reason where it changes what another edit of the redraft has written.
 */
export function writtenSource(
  original: Page,
  edits: readonly Edit[],
  typed: string,
  differ: Differ,
): EditSource[] | { reason: string } {
  const { steps } = planEdits(original, edits);
  // Texts that are added at one place are written together: the patches of all steps are not those of each.
  const own = new Set(steps.filter(({ edit }) => edit.op === "edit-source").flatMap(({ change }) => change.patches()));
  const changes = differ(redraftedSource(original, edits), typed);
  const back: Patch[] = [];
  let moved = 0;
  for (const patch of inOrder(patchesOf(original, steps))) {
    const start = patch.start + moved;
    const end = start + patch.text.length;
    moved += patch.text.length - (patch.end - patch.start);
    if (own.has(patch)) continue;
    if (changes.some(({ fromA, toA }) => (start === end ? fromA < start && toA > end : fromA < end && toA > start)))
      return { reason: standsThere(original, steps, patch) };
    let by = 0;
    for (const { fromA, toA, fromB, toB } of changes) if (toA <= start) by += toB - fromB - (toA - fromA);
    back.push({ start: start + by, end: end + by, text: original.source.slice(patch.start, patch.end) });
  }
  const is = patchText(typed, back);
  return sourceEdits(original.source, is, differ(original.source, is));
}

/** Why a place cannot be written otherwise, with what has been changed there. */
function standsThere(original: Page, steps: readonly Step[], { start, end }: Patch): string {
  const there = steps.filter(
    (step) =>
      step.edit.op !== "edit-source" &&
      patchesOf(original, [step]).some((one) => one.start === start || (one.start < end && start < one.end)),
  );
  const what = there.map(({ edit }) => fieldOf(edit)).join(", ");
  return `Another change of this redraft stands there: ${what}. Change that where it was made, or take it back first.`;
}
