import { useSyncExternalStore } from "react";
import { onPool } from "../workers/pool";
import { SERVER_GONE } from "./validity";

export interface Checking {
  siteId: string;
  done: number;
  of: number;
  /** Why it has come to an end before all was checked. */
  fault: string;
  running: boolean;
}

let checking: Checking | null = null;
let stopping = new AbortController();
const listeners = new Set<() => void>();
const tell = (next: Checking) => {
  checking = next;
  for (const listener of listeners) listener();
};

/** Checks at one time: the server gives each page a thread of its own. */
const AT_ONCE = 2;

/** Checks pages one after the other in the background, while other screens are worked on. */
export async function checkPages(siteId: string, pageIds: readonly string[]): Promise<void> {
  if (checking?.running) return;
  stopping = new AbortController();
  const { signal } = stopping;
  let next = 0;
  let done = 0;
  let fault = "";
  const state = (running: boolean): Checking => ({ siteId, done, of: pageIds.length, fault, running });
  tell(state(true));
  const lane = async () => {
    while (next < pageIds.length && !signal.aborted && fault === "") {
      const id = pageIds[next++] as string;
      const answered = await onPool((worker) => worker.checkPage(id));
      if (answered) done++;
      else fault = `${SERVER_GONE} Start it again, then go on.`;
      tell(state(true));
    }
  };
  try {
    await Promise.all(Array.from({ length: AT_ONCE }, lane));
  } finally {
    tell(state(false));
  }
}

export const stopChecking = () => stopping.abort();

const subscribe = (listener: () => void) => {
  listeners.add(listener);
  return () => listeners.delete(listener);
};

/** What is being checked; null before the first time. */
export const useChecking = (): Checking | null =>
  useSyncExternalStore(
    subscribe,
    () => checking,
    () => null,
  );
