import { availableParallelism } from "node:os";
import { fileURLToPath } from "node:url";
import workerpool from "workerpool";
import { CommandFault } from "./fault.ts";
import type { Work } from "./work.ts";
import type { Answer } from "./work.worker.ts";

/** Time that one page may take, in milliseconds; the largest takes a tenth of that. */
const PAGE_LIMIT = 20_000;
/** So many pages are given to a thread at once: one message for each would cost as much as a small page. */
const MOST_AT_ONCE = 16;

/** The work took longer than it may; its thread was ended and replaced. */
export class TookTooLong extends CommandFault {}

type Given<K extends keyof Work> = Parameters<Work[K]>[0];
type Done<K extends keyof Work> = Awaited<ReturnType<Work[K]>>;

/** Threads that do one kind of work. */
export interface Threads<K extends keyof Work> {
  /** So many pages are best given at once. */
  atOnce: number;
  /** Works on several pages; what went wrong with one stands in its place. */
  runAll(given: readonly Given<K>[]): Promise<(Done<K> | CommandFault)[]>;
  run(given: Given<K>): Promise<Done<K>>;
  /** Runs work on a page that took too long, without reading it: a thread may have to be started, and the usual limit holds. */
  runAgain(given: Given<K>): Promise<Done<K>>;
  end(): Promise<void>;
}

/** Threads for work on so many pages, one for each processor at most. `basis` is the same for all of them: a thread has it from its start. */
export function startThreads<K extends keyof Work>(name: K, basis: Parameters<Work[K]>[1], pages: number): Threads<K> {
  const limit = Number(process.env.KEEN_QUILL_PAGE_LIMIT) || PAGE_LIMIT;
  // A thread takes as long to start as some twenty pages take.
  const threads = Math.max(1, Math.min(availableParallelism(), Math.ceil(pages / 20)));
  const pool = workerpool.pool(fileURLToPath(new URL("./work.worker.js", import.meta.url)), {
    workerType: "thread",
    maxWorkers: threads,
    workerThreadOpts: { workerData: basis },
  });
  const answersWithin = async (limit: number, given: readonly Given<K>[]): Promise<(Done<K> | CommandFault)[]> => {
    try {
      const answers = (await pool.exec(name, [given]).timeout(limit)) as Answer<Done<K>>[];
      return answers.map((answer) => ("fault" in answer ? new CommandFault(answer.fault) : answer.done));
    } catch (error) {
      const late = error instanceof workerpool.Promise.TimeoutError;
      const fault = late
        ? new TookTooLong(`took longer than ${limit / 1000} seconds and was stopped`)
        : new CommandFault(`could not be read: ${error instanceof Error ? error.message : String(error)}`);
      if (given.length === 1) return [fault];
      // One of them ended the thread: each by itself, so that the others are not lost.
      return (await Promise.all(given.map((one) => answersWithin(limit, [one])))).flat();
    }
  };
  const runWithin = async (limit: number, given: Given<K>): Promise<Done<K>> => {
    const [answer] = await answersWithin(limit, [given]);
    if (answer instanceof CommandFault) throw answer;
    return answer as Done<K>;
  };
  return {
    // Towards the end no thread waits long for the last one.
    atOnce: Math.max(1, Math.min(MOST_AT_ONCE, Math.floor(pages / threads / 4))),
    runAll: (given) => answersWithin(limit, given),
    run: (given) => runWithin(limit, given),
    runAgain: (given) => runWithin(Math.max(limit, PAGE_LIMIT), given),
    end: async () => {
      await pool.terminate();
    },
  };
}

/** Work on one file alone, on a thread of its own; what goes wrong is told with the file's name. */
export async function onThread<K extends "checkDataOfFile" | "resultOfFile" | "suggestForFile">(
  name: K,
  read: Given<K>,
  basis: Parameters<Work[K]>[1],
): Promise<Done<K>> {
  const threads = startThreads(name, basis, 1);
  try {
    return await threads.run(read);
  } catch (error) {
    throw error instanceof TookTooLong ? new CommandFault(`${read.file} ${error.message}.`) : error;
  } finally {
    await threads.end();
  }
}
