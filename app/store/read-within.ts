import type { Unread } from "#core/page/original";
import { onPool, PAGE_LIMIT, type PooledWorker, TookTooLong, WorkerLost } from "../workers/pool";
import type { Incoming } from "./read-incoming";

/** Why a page stays unread after such an error; null for errors that say nothing about the page. */
export function unreadAfter(error: unknown): Unread | null {
  if (error instanceof TookTooLong) return "too-slow";
  // Its worker has died of it twice.
  if (error instanceof WorkerLost) return "failed";
  // Too much for the program: its calls went too deep, or a text became too long.
  return error instanceof Error && (error.name === "RangeError" || error.name === "TypeError") ? "failed" : null;
}

/**
 * Reads something that comes in on the pool. What takes too long, or is too much, is kept unread as a page that says so: it
 * never stops the others from coming in.
 */
export async function readWithin<R>(
  incoming: Incoming,
  read: (worker: PooledWorker, incoming: Incoming) => Promise<R>,
): Promise<R> {
  try {
    return await onPool((worker) => read(worker, incoming), PAGE_LIMIT);
  } catch (error) {
    const unread = unreadAfter(error);
    if (!unread || incoming.unread) throw error;
    return await onPool((worker) => read(worker, { ...incoming, unread }), PAGE_LIMIT);
  }
}
