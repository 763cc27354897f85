import type { Page } from "../page/page.ts";
import { redraftedSource } from "./apply.ts";
import { type Edit, fieldOf } from "./edits.ts";
import { type EditSource, type SourceChange, sourceEdits } from "./operations/edit-source.ts";
import { inOrder, patchText } from "./patch.ts";
import { patchesOf } from "./patches.ts";
import { planEdits } from "./plan.ts";

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
  const others = steps.filter(({ edit }) => edit.op !== "edit-source");
  const written = new Map(others.flatMap((step) => patchesOf(original, [step]).map((patch) => [patch, step.edit])));
  const own = patchesOf(
    original,
    steps.filter(({ edit }) => edit.op === "edit-source"),
  );
  const changes = differ(redraftedSource(original, edits), typed);
  const back: { start: number; end: number; text: string }[] = [];
  let moved = 0;
  for (const patch of inOrder([...written.keys(), ...own])) {
    const edit = written.get(patch);
    const start = patch.start + moved;
    const end = start + patch.text.length;
    moved += patch.text.length - (patch.end - patch.start);
    if (!edit) continue;
    if (changes.some(({ fromA, toA }) => (start === end ? fromA < start && toA > end : fromA < end && toA > start)))
      return {
        reason: `Another change of this redraft stands there: ${fieldOf(edit)}. Change that where it was made, or take it back first.`,
      };
    let by = 0;
    for (const { fromA, toA, fromB, toB } of changes) if (toA <= start) by += toB - fromB - (toA - fromA);
    back.push({ start: start + by, end: end + by, text: original.source.slice(patch.start, patch.end) });
  }
  const is = patchText(typed, back);
  return sourceEdits(original.source, is, differ(original.source, is));
}
