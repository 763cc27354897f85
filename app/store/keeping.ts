/**
 * What this tab still has to write. Keys come faster than storage takes what they did: of one field that is typed into only
 * the newest text waits, and what was done later is never kept before what was done first.
 */

type Fields = ReadonlyMap<string, unknown>;

interface Waiting {
  slot: string | null;
  fields: Fields;
  kept: Promise<void>;
}

/** The last in the row, until its turn comes. */
let newest: Waiting | null = null;
let row: Promise<unknown> = Promise.resolve();

/**
 * Writes fields when all that was asked before is written.
 *
 * @param slot What is typed into: where nothing else was asked since, its fields join those that still wait. Null for what is
 * written by itself.
 * @returns When they are kept; fails as `save` does.
 */
export function keepFields<V>(
  slot: string | null,
  fields: ReadonlyMap<string, V>,
  save: (fields: ReadonlyMap<string, V>) => Promise<void>,
): Promise<void> {
  if (newest && slot !== null && newest.slot === slot) {
    newest.fields = new Map([...newest.fields, ...fields]);
    return newest.kept;
  }
  const waiting: Waiting = { slot, fields, kept: Promise.resolve() };
  waiting.kept = row.then(() => {
    if (newest === waiting) newest = null;
    return save(waiting.fields as ReadonlyMap<string, V>);
  });
  newest = waiting;
  row = waiting.kept.catch(() => {});
  return waiting.kept;
}

/** Writes when all that was asked before is written. */
export const keep = (save: () => Promise<void>): Promise<void> => keepFields(null, new Map(), save);

/** When all that this tab was asked to keep is kept, or has failed: what reads pages to hand them over waits for it. */
export async function allKept(): Promise<void> {
  await row;
}
