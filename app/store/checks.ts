import { useSyncExternalStore } from "react";
import { redraftedSource } from "#core/rewrite/apply";
import { onPool } from "../workers/pool";
import { db, type PageRecord } from "./db";
import { loadPage } from "./freshen";
import { checkValidity } from "./validity";

/** Messages that are kept of one page. */
const KEPT = 100;

/** Names the source of a page as it now reads. */
export const sourceName = ({ original, says }: Pick<PageRecord, "original" | "says">) => `${original} ${says}`;

/** Checks one page's HTML and keeps what was found; false where the server does not answer. Runs in a worker. */
export async function checkPage(pageId: string): Promise<boolean> {
  const loaded = await loadPage(pageId);
  if (!loaded) return true;
  const { record, original, edits } = loaded;
  const found = await checkValidity(redraftedSource(original, edits));
  if ("reason" in found && found.gone) return false;
  const messages = "reason" in found ? [] : found;
  await db().checks.put({
    id: record.id,
    siteId: record.siteId,
    of: sourceName(record),
    messages: messages.slice(0, KEPT),
    more: Math.max(0, messages.length - KEPT),
    fault: "reason" in found ? found.reason : "",
  });
  return true;
}

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
      else fault = "The application’s own server does not answer. Start it again, then go on: nothing is lost.";
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
