import { workerData } from "node:worker_threads";
import workerpool from "workerpool";
import { CommandFault } from "./fault.ts";
import { WORK } from "./work.ts";

/** What a thread answers for one page: errors lose their class on the way. */
export type Answer<T> = { done: T } | { fault: string };

/** Runs a piece of work on pages, and says what the caller can put right as an answer. */
const answering =
  (work: (given: never, basis: never) => unknown) =>
  async (all: readonly never[]): Promise<Answer<unknown>[]> => {
    const answers: Answer<unknown>[] = [];
    for (const given of all) {
      try {
        answers.push({ done: await work(given, workerData as never) });
      } catch (error) {
        if (!(error instanceof CommandFault)) throw error;
        answers.push({ fault: error.message });
      }
    }
    return answers;
  };

workerpool.worker(Object.fromEntries(Object.entries(WORK).map(([name, work]) => [name, answering(work)])));
