import PQueue from "p-queue";

/** Work of which only so much goes on at once, and only so much waits. */
export interface BoundedQueue {
  /** Does the work when its turn comes; null where too much waits already. */
  run<R>(work: () => Promise<R>, signal: AbortSignal): Promise<R> | null;
}

export function boundedQueue(atOnce: number, waiting: number): BoundedQueue {
  const queue = new PQueue({ concurrency: atOnce });
  return {
    run: (work, signal) => (queue.size >= waiting ? null : queue.add(work, { signal })),
  };
}
