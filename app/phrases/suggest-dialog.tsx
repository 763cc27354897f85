import { useMemo, useState } from "react";
import { pathOf } from "#core/address/address";
import { stemsOfPhrase } from "#core/standing/clashes";
import { PLACE_NAMES } from "#core/standing/in-words";
import { oneForEach, type Suggestion } from "#core/standing/suggest";
import type { PageRecord } from "../store/page-record";
import { assignEach } from "../store/phrases";
import type { SiteRecord } from "../store/records/sites";
import type { SuggestedFor } from "../store/suggest-phrases";
import { Action, MainButton } from "../ui/controls";
import { HowFar } from "../ui/how-far";
import { Modal } from "../ui/modal";
import { useNotices } from "../ui/notice";
import { ofPage } from "../ui/of-page";
import { Tick } from "../ui/tick";
import { useSuggestions } from "./use-suggestions";

const number = new Intl.NumberFormat("en-GB");
const counted = (n: number, one: string, many: string) => `${number.format(n)} ${n === 1 ? one : many}`;

/** Pages that are drawn at a time. */
const DRAWN = 60;

/** Why a phrase is suggested, in words. */
export const inWordsOf = ({ count, places, volume }: Suggestion): string =>
  [
    volume === null ? "" : `searched ${number.format(volume)} times a month`,
    `${count === 1 ? "once" : `${number.format(count)} times`}: ${places.map((place) => PLACE_NAMES[place]).join(", ")}`,
  ]
    .filter(Boolean)
    .join("; ");

/** Suggestions for many pages, out of their own words: each can be taken, exchanged for another of its page, or left. */
export function SuggestDialog({
  site,
  pages,
  onClose,
}: {
  site: SiteRecord;
  pages: readonly PageRecord[];
  onClose: () => void;
}) {
  const { notify, fail } = useNotices();
  // What is asked for is asked once: pages that get a phrase meanwhile stay on the list.
  const [asked] = useState(pages);
  const found = useSuggestions(
    site,
    asked.map(({ id }) => id),
  );
  /** What somebody has decided: another phrase for a page, or none. */
  const [decided, setDecided] = useState<ReadonlyMap<string, string | null>>(new Map());
  const [drawn, setDrawn] = useState(DRAWN);
  const best = useMemo(
    () => oneForEach(new Map(found.pages.map(({ pageId, ...rest }) => [pageId, rest])), new Set(found.taken)),
    [found.pages, found.taken],
  );
  const byId = useMemo(() => new Map(asked.map((page) => [page.id, page])), [asked]);
  const withSome = found.pages.filter(({ suggestions }) => suggestions.length > 0);
  const chosen = ({ pageId }: Pick<SuggestedFor, "pageId">): string | null =>
    decided.has(pageId) ? (decided.get(pageId) ?? null) : (best.get(pageId)?.text ?? null);
  const decide = (pageId: string, text: string | null) => setDecided(new Map([...decided, [pageId, text]]));
  const taken = withSome.flatMap((one) => {
    const text = chosen(one);
    return text === null ? [] : [[one.pageId, text] as const];
  });
  // What another page gets, or wants already, is not offered again.
  const wanted = new Map(found.taken.map((stems) => [stems, ""]));
  for (const { pageId, language } of withSome) {
    const text = chosen({ pageId });
    if (text !== null) wanted.set(stemsOfPhrase(text, language), pageId);
  }
  const offeredTo = ({ pageId, language, suggestions }: SuggestedFor) =>
    suggestions.filter(({ text }) => (wanted.get(stemsOfPhrase(text, language)) ?? pageId) === pageId);
  const done = found.looked >= found.of;
  const take = async () => {
    try {
      await assignEach(site.id, new Map(taken), "Suggested phrases");
      notify(`${counted(taken.length, "page has", "pages have")} a phrase now`, "One undo takes all of it back.");
      onClose();
    } catch (error) {
      fail(error);
    }
  };
  return (
    <Modal
      open
      wide
      onOpenChange={(open) => !open && onClose()}
      title="Phrases out of the pages’ own words"
      description="What each page repeats in its title, headings, first words and the links that lead to it, and what few other pages of this site say. No two pages are given the same."
    >
      <p className="mt-3 text-ink-soft" aria-live={done ? "polite" : "off"}>
        {done ? (
          `${counted(withSome.length, "page has", "pages have")} something to be found for${withSome.length < found.of ? `; ${counted(found.of - withSome.length, "other repeats", "others repeat")} nothing` : ""}.`
        ) : (
          <HowFar done={found.looked} of={found.of} after=" pages looked at…" />
        )}
      </p>
      <ul aria-label="Suggested phrases" className="mt-2">
        {withSome.slice(0, drawn).map((one) => {
          const page = byId.get(one.pageId);
          const text = chosen(one);
          const offered = offeredTo(one);
          const current = one.suggestions.find((other) => other.text === text);
          if (!page) return null;
          return (
            <li
              key={one.pageId}
              className="grid grid-cols-[1.25rem_minmax(0,1fr)_minmax(0,1.3fr)] gap-x-4 border-hairline border-b py-2.5 max-[43.75rem]:grid-cols-[1.25rem_minmax(0,1fr)]"
            >
              <span className="pt-0.5">
                <Tick
                  label={`A phrase for ${page.name || page.address}`}
                  checked={text !== null}
                  onChange={() => decide(one.pageId, text === null ? (offered[0]?.text ?? null) : null)}
                />
              </span>
              <span className="min-w-0">
                <span className="block truncate" {...ofPage(page.language)}>
                  {page.name || pathOf(page.address)}
                </span>
                <span className="block truncate font-mono text-12 text-ink-soft">{pathOf(page.address)}</span>
              </span>
              <span className="min-w-0 max-[43.75rem]:col-start-2">
                <span
                  role="radiogroup"
                  aria-label={`Phrase for ${page.name || page.address}`}
                  className="flex flex-wrap gap-x-4 gap-y-1"
                >
                  {offered.map((other) => (
                    <label key={other.text} className="flex items-center gap-1.5">
                      <input
                        type="radio"
                        name={`phrase ${one.pageId}`}
                        checked={other.text === text}
                        onChange={() => decide(one.pageId, other.text)}
                        className="accent-ink"
                      />
                      <span className="font-serif text-15" dir="auto">
                        {other.text}
                      </span>
                    </label>
                  ))}
                </span>
                <span className="block text-12 text-ink-soft">{current ? inWordsOf(current) : "none"}</span>
              </span>
            </li>
          );
        })}
      </ul>
      {withSome.length > drawn && (
        <p className="mt-3">
          <Action onClick={() => setDrawn(drawn + DRAWN)}>Show more of the {number.format(withSome.length)}</Action>
        </p>
      )}
      <div className="sticky -bottom-5 -mx-5 mt-4 -mb-5 flex flex-wrap items-center gap-5 border-hairline border-t bg-sheet px-5 py-3">
        <MainButton disabled={taken.length === 0} onClick={() => void take()}>
          Give {counted(taken.length, "page its phrase", "pages their phrases")}
        </MainButton>
        <Action onClick={() => setDecided(new Map(withSome.map(({ pageId }) => [pageId, null])))}>Untick all</Action>
        <Action onClick={onClose}>Cancel</Action>
      </div>
    </Modal>
  );
}
