/**
 * What this tab still has to write. Keys come faster than storage takes what they did: of one field that is typed into only
 * the newest text waits, and what was done later is never kept before what was done first.
 */

interface Waiting {
  slot: string | null;
  task: () => Promise<void>;
  kept: Promise<void>;
}

/** The last in the row, until its turn comes. */
let newest: Waiting | null = null;
let row: Promise<unknown> = Promise.resolve();

/**
 * Writes when all that was asked before is written.
 *
 * @param slot What is written over, such as one field of a page: a newer task takes the place of one that still waits, where
 * nothing else was asked in between. Null for what must be written by itself.
 * @returns When it, or what took its place, is kept; fails as the task does.
 */
export function keep(task: () => Promise<void>, slot: string | null = null): Promise<void> {
  if (newest && slot !== null && newest.slot === slot) {
    newest.task = task;
    return newest.kept;
  }
  const waiting: Waiting = { slot, task, kept: Promise.resolve() };
  waiting.kept = row.then(() => {
    if (newest === waiting) newest = null;
    return waiting.task();
  });
  newest = waiting;
  row = waiting.kept.catch(() => {});
  return waiting.kept;
}

/** When all that this tab was asked to keep is kept, or has failed: what reads pages to hand them over waits for it. */
export async function allKept(): Promise<void> {
  await row;
}
