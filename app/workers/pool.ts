import * as Comlink from "comlink";
import { beginLongRun } from "./long-run";
import type { PagesWorker } from "./pages.worker";

export type PooledWorker = Comlink.Remote<PagesWorker>;

/** As many workers as the machine has processors, one left for the screen, but two at least; each needs some 50 MB. */
const SIZE = Math.max(2, Math.min(8, (globalThis.navigator?.hardwareConcurrency ?? 2) - 1));

/** How long one page may take, in milliseconds: reading the largest takes a tenth of that. */
export const PAGE_LIMIT = 20_000;

/**
 * A worker at work that has no limit is asked now and then whether it is still there, and given up where it has not answered
 * for so long, in milliseconds: browsers end workers without a word. What it does at a stretch takes a fraction of that.
 */
export const HEARTBEAT = { every: 15_000, within: 60_000 };

/** The worker was ended or died beneath the work, twice where the work was done again. */
export class WorkerLost extends Error {}
/** The work took longer than it may; its worker was ended for it. */
export class TookTooLong extends WorkerLost {}

interface Member {
  worker: Worker;
  /** Pieces of work that it has been given beside each other. */
  beside: number;
  remote: PooledWorker;
  /** Rejects when the worker dies or is ended. */
  lost: Promise<never>;
  lose(): void;
}

const members: Member[] = [];
const idle: Member[] = [];
const waiting: ((member: Member) => void)[] = [];

function start(): Member {
  const worker = new Worker(new URL("./pages.worker.ts", import.meta.url), { type: "module" });
  let lose = () => {};
  const lost = new Promise<never>((_, reject) => {
    lose = () =>
      reject(new WorkerLost("A worker of this page has died twice at the same work. Reload the page, then try again."));
  });
  lost.catch(() => {});
  const member: Member = { worker, beside: 0, remote: Comlink.wrap<PagesWorker>(worker), lost, lose };
  worker.addEventListener("error", () => remove(member));
  members.push(member);
  return member;
}

/** Ends a worker; whoever waits for one gets a new one. */
function remove(member: Member): void {
  const at = members.indexOf(member);
  if (at < 0) return;
  members.splice(at, 1);
  if (idle.includes(member)) idle.splice(idle.indexOf(member), 1);
  member.worker.terminate();
  member.lose();
  const next = waiting.shift();
  if (next) next(start());
}

function take(): Promise<Member> {
  const free = idle.pop();
  if (free) return Promise.resolve(free);
  if (members.length < SIZE) return Promise.resolve(start());
  return new Promise((resolve) => waiting.push(resolve));
}

function giveBack(member: Member): void {
  if (!members.includes(member)) return;
  const next = waiting.shift();
  if (next) next(member);
  else idle.push(member);
}

/** Removes a worker that does not answer any more, until it is told to stop listening. */
function listen(member: Member): () => void {
  let last = Date.now();
  const timer = setInterval(() => {
    if (Date.now() - last > HEARTBEAT.within) {
      clearInterval(timer);
      remove(member);
      return;
    }
    member.remote.ping().then(
      () => {
        last = Date.now();
      },
      () => {},
    );
  }, HEARTBEAT.every);
  return () => clearInterval(timer);
}

async function runOn<R>(member: Member, run: (worker: PooledWorker) => Promise<R>, limit?: number): Promise<R> {
  if (limit === undefined) {
    const stop = listen(member);
    try {
      return await Promise.race([run(member.remote), member.lost]);
    } finally {
      stop();
    }
  }
  let timer: ReturnType<typeof setTimeout> | undefined;
  const late = new Promise<never>((_, reject) => {
    timer = setTimeout(() => {
      reject(new TookTooLong(`It took longer than ${Math.round(limit / 1000)} seconds and was stopped.`));
      remove(member);
    }, limit);
  });
  try {
    return await Promise.race([run(member.remote), member.lost, late]);
  } finally {
    clearTimeout(timer);
  }
}

/** A piece of work whose worker has died beneath it is done again once. */
async function oncemore<R>(work: () => Promise<R>): Promise<R> {
  try {
    return await work();
  } catch (error) {
    if (!(error instanceof WorkerLost) || error instanceof TookTooLong) throw error;
    return await work();
  }
}

/**
 * Runs one piece of work on a worker of the pool, as soon as one is free. Where it takes longer than `limit` milliseconds
 * the worker is ended and replaced, and `TookTooLong` thrown.
 */
export function onPool<R>(run: (worker: PooledWorker) => Promise<R>, limit?: number): Promise<R> {
  return oncemore(async () => {
    const member = await take();
    try {
      return await runOn(member, run, limit);
    } finally {
      giveBack(member);
    }
  });
}

/**
 * Runs work that waits in between, for the network or for storage, beside what a worker is doing: on the one that has least of
 * it. Where it takes longer than `limit` milliseconds the worker is ended and replaced, and `TookTooLong` thrown.
 */
export function onPoolBeside<R>(run: (worker: PooledWorker) => Promise<R>, limit?: number): Promise<R> {
  return oncemore(async () => {
    while (members.length < SIZE) idle.push(start());
    const member = members.reduce((least, one) => (one.beside < least.beside ? one : least));
    member.beside++;
    try {
      return await runOn(member, run, limit);
    } finally {
      member.beside--;
    }
  });
}

/** More pieces than this at once are a long run. */
const LONG = SIZE * 4;

export interface PoolOptions<R> {
  signal?: AbortSignal;
  /** Called with each result as it arrives, in no particular order. */
  onResult?: (result: R, done: number) => void;
  /** Pieces at once for each worker, where they wait for storage in between: 2 where it is not said. */
  atOnce?: number;
}

/** Runs many pieces of work on the pool; what was done when it is stopped is returned. Results keep the order of the work. */
export async function onPoolAll<T, R>(
  work: readonly T[],
  run: (worker: PooledWorker, one: T) => Promise<R>,
  options: PoolOptions<R> = {},
): Promise<R[]> {
  return inLanes(work, (one) => onPool((worker) => run(worker, one)), options);
}

/** Runs many pieces of work, each of them as `run` does; more at once than there are workers, so that none waits. */
export async function inLanes<T, R>(
  work: readonly T[],
  run: (one: T) => Promise<R>,
  options: PoolOptions<R> = {},
): Promise<R[]> {
  const end = work.length > LONG ? beginLongRun() : () => {};
  const results: R[] = [];
  let next = 0;
  let done = 0;
  const lane = async () => {
    while (next < work.length && !options.signal?.aborted) {
      const at = next++;
      const result = await run(work[at] as T);
      results[at] = result;
      options.onResult?.(result, ++done);
    }
  };
  try {
    await Promise.all(Array.from({ length: Math.min(work.length, SIZE * (options.atOnce ?? 2)) }, lane));
  } finally {
    end();
  }
  return results.filter((_, i) => i in results);
}
