import { useEffect, useState } from "react";
import type { SuggestedFor, SuggestingBasis } from "../store/suggest-phrases";
import { onPoolAll } from "../workers/pool";

/** Pages that one worker looks at before it answers. */
const CHUNK = 10;

/** What is suggested, as far as it is known. */
export interface FoundSuggestions {
  pages: readonly SuggestedFor[];
  looked: number;
  of: number;
}

/** What pages could be found for, worked out on the pool; asked once, for the pages and the basis as they are then. */
export function useSuggestions(ids: readonly string[], basis: SuggestingBasis | null): FoundSuggestions {
  const [found, setFound] = useState<FoundSuggestions>({ pages: [], looked: 0, of: ids.length });
  const ready = basis !== null;
  // biome-ignore lint/correctness/useExhaustiveDependencies: asked once; what changes meanwhile is looked at the next time
  useEffect(() => {
    if (!basis) return;
    const stop = new AbortController();
    const chunks = Array.from({ length: Math.ceil(ids.length / CHUNK) }, (_, i) =>
      ids.slice(i * CHUNK, (i + 1) * CHUNK),
    );
    const all: SuggestedFor[] = [];
    let looked = 0;
    const narrowed = (chunk: readonly string[]): SuggestingBasis => ({
      ...basis,
      anchors: Object.fromEntries(chunk.map((id) => [id, basis.anchors[id] ?? []])),
    });
    void onPoolAll(chunks, (worker, chunk) => worker.suggestOn(chunk, narrowed(chunk)), {
      signal: stop.signal,
      onResult: (some) => {
        if (stop.signal.aborted) return;
        all.push(...some);
        looked = Math.min(ids.length, looked + CHUNK);
        setFound({ pages: [...all], looked, of: ids.length });
      },
    }).catch(() => setFound({ pages: [...all], looked: ids.length, of: ids.length }));
    return () => stop.abort();
  }, [ready]);
  return found;
}
