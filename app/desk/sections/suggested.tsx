import { phraseKey } from "#core/phrase/phrase-key";
import { stemsOfPhrase } from "#core/standing/clashes";
import { inWordsOf } from "../../phrases/suggest-dialog";
import { useSuggestions } from "../../phrases/use-suggestions";
import type { SiteRecord } from "../../store/records/sites";
import { Action } from "../../ui/controls";

/** Phrases out of the page's own words: each is taken as it stands. */
export default function Suggested({
  site,
  pageId,
  known,
  most = Number.POSITIVE_INFINITY,
  onTake,
}: {
  site: SiteRecord;
  pageId: string;
  /** What the page is to be found for already. */
  known: readonly string[];
  /** So many are shown. */
  most?: number;
  onTake: (text: string) => void;
}) {
  const found = useSuggestions(site, [pageId]);
  const keys = new Set(known.map(phraseKey));
  const taken = new Set(found.taken);
  const [own] = found.pages;
  const suggestions = (own?.suggestions ?? [])
    .filter(({ text }) => !keys.has(phraseKey(text)) && !taken.has(stemsOfPhrase(text, own?.language ?? "")))
    .slice(0, most);
  if (found.looked === 0) return <p className="mt-2 text-ink-soft">Looking through its words…</p>;
  if (suggestions.length === 0)
    return <p className="mt-2 text-ink-soft">It repeats nothing else that it could be found for.</p>;
  return (
    <ul aria-label="Out of its own words" className="mt-2 grid gap-1">
      {suggestions.map((one) => (
        <li key={one.text} className="flex flex-wrap items-baseline gap-x-3">
          <Action className="font-serif text-15" onClick={() => onTake(one.text)}>
            <span dir="auto">{one.text}</span>
          </Action>
          <span className="text-12 text-ink-soft">{inWordsOf(one)}</span>
        </li>
      ))}
    </ul>
  );
}
