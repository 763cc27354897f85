import * as Comlink from "comlink";
import type { PagesWorker } from "./pages.worker";

export type PooledWorker = Comlink.Remote<PagesWorker>;

/** As many workers as the machine has processors, one left for the screen, but two at least; each needs some 50 MB. */
const SIZE = Math.max(2, Math.min(8, (globalThis.navigator?.hardwareConcurrency ?? 2) - 1));

const workers: PooledWorker[] = [];
const idle: PooledWorker[] = [];
const waiting: ((worker: PooledWorker) => void)[] = [];

function start(): PooledWorker {
  const worker = Comlink.wrap<PagesWorker>(
    new Worker(new URL("./pages.worker.ts", import.meta.url), { type: "module" }),
  );
  workers.push(worker);
  return worker;
}

function take(): Promise<PooledWorker> {
  const free = idle.pop();
  if (free) return Promise.resolve(free);
  if (workers.length < SIZE) return Promise.resolve(start());
  return new Promise((resolve) => waiting.push(resolve));
}

function giveBack(worker: PooledWorker): void {
  const next = waiting.shift();
  if (next) next(worker);
  else idle.push(worker);
}

/** Runs one piece of work on a worker of the pool, as soon as one is free. */
export async function onPool<R>(run: (worker: PooledWorker) => Promise<R>): Promise<R> {
  const worker = await take();
  try {
    return await run(worker);
  } finally {
    giveBack(worker);
  }
}

let turn = 0;

/** Runs work that for the most part waits, such as a fetch, on the workers in turn, beside what they are doing. */
export function onPoolBeside<R>(run: (worker: PooledWorker) => Promise<R>): Promise<R> {
  while (workers.length < SIZE) idle.push(start());
  const worker = workers[turn++ % workers.length] as PooledWorker;
  return run(worker);
}

export interface PoolOptions<R> {
  signal?: AbortSignal;
  /** Called with each result as it arrives, in no particular order. */
  onResult?: (result: R, done: number) => void;
}

/** Runs many pieces of work on the pool; what was done when it is stopped is returned. Results keep the order of the work. */
export async function onPoolAll<T, R>(
  work: readonly T[],
  run: (worker: PooledWorker, one: T) => Promise<R>,
  options: PoolOptions<R> = {},
): Promise<R[]> {
  const results: R[] = [];
  let next = 0;
  let done = 0;
  const lane = async () => {
    while (next < work.length && !options.signal?.aborted) {
      const at = next++;
      const result = await onPool((worker) => run(worker, work[at] as T));
      results[at] = result;
      options.onResult?.(result, ++done);
    }
  };
  // Twice as many lanes as workers, so that none waits for its next piece.
  await Promise.all(Array.from({ length: Math.min(work.length, SIZE * 2) }, lane));
  return results.filter((_, i) => i in results);
}
