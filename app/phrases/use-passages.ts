import { useEffect, useState } from "react";
import { phraseKey } from "#core/phrase/phrase-key";
import type { PagePassages } from "../store/phrase-passages";
import { askSite } from "../store/site-findings";
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

/** Looks for the sentences of the site that say a phrase; again when `basis` changes. Null for no phrase. */
export function usePassages(text: string | null, basis: unknown): FoundPassages | null {
  const [found, setFound] = useState<FoundPassages | null>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: pages that have changed are read anew
  useEffect(() => {
    if (text === null) return;
    const stop = new AbortController();
    const look = async () => {
      const ids = (await askSite((worker) => worker.pagesWithPhrase(phraseKey(text)))) ?? [];
      if (stop.signal.aborted) return;
      const chunks = Array.from({ length: Math.ceil(Math.min(ids.length, MOST) / CHUNK) }, (_, i) =>
        ids.slice(i * CHUNK, (i + 1) * CHUNK),
      );
      const pages: PagePassages[][] = [];
      let looked = 0;
      const tell = () =>
        setFound({ of: text, pages: pages.flat(), looked: Math.min(looked * CHUNK, ids.length), among: ids.length });
      tell();
      await onPoolAll(
        chunks.map((ids, i) => ({ ids, i })),
        async (worker, { ids, i }) => ({ i, found: await worker.passagesOn(ids, text) }),
        {
          signal: stop.signal,
          onResult: ({ i, found }) => {
            pages[i] = found;
            looked++;
            if (!stop.signal.aborted) tell();
          },
        },
      );
    };
    look().catch(() => {});
    return () => stop.abort();
  }, [text, basis]);
  return found?.of === text ? found : null;
}
