import { useCallback, useEffect, useState } from "react";
import { phraseKey } from "#core/phrase/phrase-key";
import type { PageRecord } from "../store/page-record";
import type { PagePassages } from "../store/phrase-passages";
import type { SiteRecord } from "../store/records/sites";
import { type SiteAsked, useSiteAnswer } from "../store/site-findings";
import { onPoolAll } from "../workers/pool";

/** Pages of which the sentences are looked for, and so many at a time. */
const MOST = 120;
const CHUNK = 15;

/** Sentences of the site that say a phrase, as far as they have been found. */
export interface FoundPassages {
  of: string;
  pages: readonly PagePassages[];
  /** Pages that were looked at of those that may say it. */
  looked: number;
  among: number;
}

/** The sentences of a site that say a phrase, looked for again when its pages change; null until the first are known. */
export function usePassages(
  site: SiteRecord,
  text: string,
  target: Pick<PageRecord, "id" | "address"> | undefined,
): FoundPassages | null {
  const pages = useSiteAnswer(
    site,
    useCallback((worker: SiteAsked) => worker.pagesWithPhrase(phraseKey(text)), [text]),
  );
  const [found, setFound] = useState<FoundPassages | null>(null);
  const { id, address } = target ?? {};
  useEffect(() => {
    if (!pages) return;
    const to = id !== undefined && address !== undefined ? { id, address } : null;
    const stop = new AbortController();
    const ids = pages;
    const tell = (done: ReadonlySet<string>, told: readonly PagePassages[]) =>
      setFound((before) => foundSoFar(text, ids, done, told, before));
    const look = async () => {
      const chunks = Array.from({ length: Math.ceil(Math.min(ids.length, MOST) / CHUNK) }, (_, i) =>
        ids.slice(i * CHUNK, (i + 1) * CHUNK),
      );
      const done = new Set<string>();
      const told: PagePassages[] = [];
      tell(done, told);
      await onPoolAll(chunks, async (worker, ids) => ({ ids, found: await worker.passagesOn(ids, text, to) }), {
        signal: stop.signal,
        onResult: ({ ids, found }) => {
          for (const id of ids) done.add(id);
          told.push(...found);
          if (!stop.signal.aborted) tell(done, told);
        },
      });
    };
    look().catch(() => {});
    return () => stop.abort();
  }, [text, pages, id, address]);
  return found?.of === text ? found : null;
}

/** What is known while pages are looked at again: what was found on those that have not been is as it was. */
export function foundSoFar(
  text: string,
  ids: readonly string[],
  done: ReadonlySet<string>,
  told: readonly PagePassages[],
  before: FoundPassages | null,
): FoundPassages {
  const now = new Map(told.map((page) => [page.pageId, page]));
  const known = new Map(before?.of === text ? before.pages.map((page) => [page.pageId, page]) : []);
  const pages = ids.flatMap((id) => (done.has(id) ? now.get(id) : known.get(id)) ?? []);
  return { of: text, pages, looked: done.size, among: ids.length };
}
