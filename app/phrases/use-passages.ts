import { useCallback, useEffect, useState } from "react";
import { phraseKey } from "#core/phrase/phrase-key";
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
export function usePassages(site: SiteRecord, text: string): FoundPassages | null {
  const pages = useSiteAnswer(
    site,
    useCallback((worker: SiteAsked) => worker.pagesWithPhrase(phraseKey(text)), [text]),
  );
  const [found, setFound] = useState<FoundPassages | null>(null);
  useEffect(() => {
    if (!pages) return;
    const stop = new AbortController();
    const look = async () => {
      const ids = pages;
      const chunks = Array.from({ length: Math.ceil(Math.min(ids.length, MOST) / CHUNK) }, (_, i) =>
        ids.slice(i * CHUNK, (i + 1) * CHUNK),
      );
      const told: PagePassages[][] = [];
      let looked = 0;
      const tell = () =>
        setFound({ of: text, pages: told.flat(), looked: Math.min(looked * CHUNK, ids.length), among: ids.length });
      tell();
      await onPoolAll(
        chunks.map((ids, i) => ({ ids, i })),
        async (worker, { ids, i }) => ({ i, found: await worker.passagesOn(ids, text) }),
        {
          signal: stop.signal,
          onResult: ({ i, found }) => {
            told[i] = found;
            looked++;
            if (!stop.signal.aborted) tell();
          },
        },
      );
    };
    look().catch(() => {});
    return () => stop.abort();
  }, [text, pages]);
  return found?.of === text ? found : null;
}
