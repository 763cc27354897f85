/*
 * While work on many pages lasts, what only follows from it rests: indexes across pages catch up once when it is over, and
 * the table follows in larger steps. The processors are left to the pages.
 */

let running = 0;
const listeners = new Set<(lasts: boolean) => void>();

export const longRunLasts = (): boolean => running > 0;

/** Begins work on many pages; what it returns ends it. */
export function beginLongRun(): () => void {
  if (running++ === 0) for (const listener of listeners) listener(true);
  let ended = false;
  return () => {
    if (ended) return;
    ended = true;
    if (--running === 0) for (const listener of listeners) listener(false);
  };
}

/** Tells when work on many pages begins, and when all of it is over. */
export function onLongRun(listener: (lasts: boolean) => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}
