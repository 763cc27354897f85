import { useMemo } from "react";
import { usePhrases } from "../store/phrases";

/** Phrases that are offered while one is typed. */
const MOST = 300;

/** The phrases of the site's list for a field that takes one, those that are searched most first. */
export function PhraseOptions({ id, siteId }: { id: string; siteId: string }) {
  const list = usePhrases(siteId);
  // The same element is not drawn anew at every key.
  return useMemo(
    () => (
      <datalist id={id}>
        {[...(list ?? [])]
          .sort((a, b) => (b.volume ?? -1) - (a.volume ?? -1))
          .slice(0, MOST)
          .map(({ id: key, text }) => (
            <option key={key} value={text} />
          ))}
      </datalist>
    ),
    [id, list],
  );
}
