import { useEffect, useMemo, useState } from "react";
import type { SiteRecord } from "../store/records/sites";
import { type SiteAsked, useSiteAnswer } from "../store/site-findings";
import type { SuggestedFor, SuggestingBasis } from "../store/suggest-phrases";
import { useNotices } from "../ui/notice";
import { onPoolAll } from "../workers/pool";

/** Pages that one worker looks at before it answers. */
const CHUNK = 10;

/** What is suggested, as far as it is known. */
export interface FoundSuggestions {
  pages: readonly SuggestedFor[];
  /** Stems of the phrases that other pages want. */
  taken: readonly string[];
  looked: number;
  of: number;
}

/** What pages could be found for, worked out on the pool; asked once, for the pages and the site as they are then. */
export function useSuggestions(site: SiteRecord, asked: readonly string[]): FoundSuggestions {
  const { fail } = useNotices();
  const [ids] = useState(asked);
  const ask = useMemo(() => (worker: SiteAsked) => worker.suggestingBasis(ids), [ids]);
  const answer = useSiteAnswer(site, ask);
  const [basis, setBasis] = useState<SuggestingBasis | null>(null);
  if (answer && !basis) setBasis(answer);
  const [found, setFound] = useState({ pages: [] as readonly SuggestedFor[], looked: 0 });
  useEffect(() => {
    if (!basis) return;
    const stop = new AbortController();
    const chunks = Array.from({ length: Math.ceil(ids.length / CHUNK) }, (_, i) =>
      ids.slice(i * CHUNK, (i + 1) * CHUNK),
    );
    const narrowed = (chunk: readonly string[]): SuggestingBasis => ({
      ...basis,
      anchors: Object.fromEntries(chunk.map((id) => [id, basis.anchors[id] ?? []])),
    });
    void onPoolAll(chunks, (worker, chunk) => worker.suggestOn(chunk, narrowed(chunk)), {
      signal: stop.signal,
      onResult: (some) => {
        if (stop.signal.aborted) return;
        setFound(({ pages, looked }) => ({
          pages: [...pages, ...some],
          looked: Math.min(ids.length, looked + CHUNK),
        }));
      },
    }).catch(fail);
    return () => stop.abort();
  }, [ids, basis, fail]);
  return { ...found, taken: basis?.taken ?? NONE, of: ids.length };
}
const NONE: readonly string[] = [];
