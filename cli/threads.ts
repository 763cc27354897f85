import { availableParallelism } from "node:os";
import { fileURLToPath } from "node:url";
import workerpool from "workerpool";
import { CommandFault } from "./fault.ts";
import type { Work } from "./work.ts";
import type { Answer } from "./work.worker.ts";

/** Time that one page may take, in milliseconds; the largest takes a tenth of that. */
const PAGE_LIMIT = 20_000;

/** The work took longer than it may; its thread was ended and replaced. */
export class TookTooLong extends CommandFault {}

export interface Threads {
  run<K extends keyof Work>(name: K, ...args: Parameters<Work[K]>): Promise<Awaited<ReturnType<Work[K]>>>;
  /** Runs work on a page that took too long, without reading it: a thread may have to be started, and the usual limit holds. */
  runAgain: Threads["run"];
  end(): Promise<void>;
}

/** Threads for so many pages, one for each processor at most. */
export function startThreads(pages: number): Threads {
  const limit = Number(process.env.KEEN_QUILL_PAGE_LIMIT) || PAGE_LIMIT;
  const pool = workerpool.pool(fileURLToPath(new URL("./work.worker.js", import.meta.url)), {
    workerType: "thread",
    // A thread takes as long to start as some twenty pages take.
    maxWorkers: Math.max(1, Math.min(availableParallelism(), Math.ceil(pages / 20))),
  });
  const runWithin =
    (limit: number): Threads["run"] =>
    async (name, ...args) => {
      let answer: Answer<never>;
      try {
        answer = (await pool.exec(name, args as unknown[]).timeout(limit)) as Answer<never>;
      } catch (error) {
        const late = error instanceof workerpool.Promise.TimeoutError;
        throw late
          ? new TookTooLong(`took longer than ${limit / 1000} seconds and was stopped`)
          : new CommandFault(`could not be read: ${error instanceof Error ? error.message : String(error)}`);
      }
      if ("fault" in answer) throw new CommandFault(answer.fault);
      return answer.done;
    };
  return {
    run: runWithin(limit),
    runAgain: runWithin(Math.max(limit, PAGE_LIMIT)),
    end: async () => {
      await pool.terminate();
    },
  };
}

/** Work on one file alone, on a thread of its own; what goes wrong is told with the file's name. */
export async function onThread<K extends "checkDataOfFile" | "resultOfFile" | "suggestForFile">(
  name: K,
  ...args: Parameters<Work[K]>
): Promise<Awaited<ReturnType<Work[K]>>> {
  const threads = startThreads(1);
  try {
    return await threads.run(name, ...args);
  } catch (error) {
    throw error instanceof TookTooLong ? new CommandFault(`${args[0].file} ${error.message}.`) : error;
  } finally {
    await threads.end();
  }
}
