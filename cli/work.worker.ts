import workerpool from "workerpool";
import { CommandFault } from "./fault.ts";
import { WORK } from "./work.ts";

/** What a thread answers: errors lose their class on the way. */
export type Answer<T> = { done: T } | { fault: string };

/** Runs a piece of work, and says what the caller can put right as an answer. */
const answering =
  (work: (...args: never[]) => unknown) =>
  async (...args: never[]): Promise<Answer<unknown>> => {
    try {
      return { done: await work(...args) };
    } catch (error) {
      if (error instanceof CommandFault) return { fault: error.message };
      throw error;
    }
  };

workerpool.worker(Object.fromEntries(Object.entries(WORK).map(([name, work]) => [name, answering(work)])));
