import {
  type SyntheticEvent,
  useDeferredValue,
  useEffect,
  useMemo,
  useRef,
  useState,
  useSyncExternalStore,
} from "react";
import { useSearchParams } from "react-router";
import { tallyOf } from "#core/findings/tally";
import type { PageRecord } from "../store/page-record";
import type { KeptFilter, SiteRecord } from "../store/records/sites";
import { NOTHING } from "../store/told-findings";
import { transact } from "../store/transact";
import { Action } from "../ui/controls";
import { useNotices } from "../ui/notice";
import { remember, remembered } from "../ui/remembered";
import { useLatest } from "../ui/use-latest";
import { type Filter, foldersOf, NO_FILTER, queryOf, shows } from "./filter";
import { DONE, NEEDS, type ShowName, showOf } from "./filters/all";
import { plural } from "./filters/show";
import { FindingSelect } from "./finding-select";
import { BelowSelect, KindSelect, WeightSelect } from "./narrowing";
import { useToldRules } from "./told-rules";
import type { FilteredPages } from "./use-pages";

const NONE: readonly PageRecord[] = [];
const number = new Intl.NumberFormat("en-GB");

const partClass =
  "border-graphite border-b border-dotted px-0.5 leading-[1.625rem] aria-pressed:border-transparent aria-pressed:bg-marker";

/** Where the height of the sentence is remembered, behind the width of the window that it had it in; and what it is on a first visit. */
const ROOM = "room of the sentence";
const USUAL_ROOM = "3lh";
/** When all that it tells has been counted, in milliseconds. */
const SETTLED = 2_000;

const onResize = (listener: () => void) => {
  addEventListener("resize", listener);
  return () => removeEventListener("resize", listener);
};

/** What the site needs, in a sentence; each of its parts is a filter. A second line narrows it down. */
export function Sentence({ site, pages }: { site: SiteRecord; pages: FilteredPages }) {
  const { findings, filter } = pages;
  // The table comes first, then what is said about it.
  const all = useDeferredValue(pages.all, NONE);
  const [params, setParams] = useSearchParams();
  const latest = useLatest(filter, queryOf);
  const change = (next: Partial<Filter>) => {
    const wanted = { ...latest.get(), ...next };
    latest.set(wanted);
    const asked = new URLSearchParams(queryOf(wanted));
    const columns = params.get("columns");
    if (columns) asked.set("columns", columns);
    setParams(asked, { replace: true });
  };
  const counts = useMemo(
    () => new Map([...NEEDS, ...DONE].map((show) => [show, all.filter(shows(show, findings)).length])),
    [all, findings],
  );
  // What is told comes behind the table, which it must not move: it has the room that it took the last time.
  const own = useRef<HTMLSpanElement>(null);
  const [width, height = USUAL_ROOM] = useRef(remembered(ROOM).split(" ")).current;
  const opened = useRef(innerWidth).current;
  const now = useSyncExternalStore(onResize, () => innerWidth);
  // In a window of another width it takes other room.
  const minHeight = now !== opened ? undefined : width === String(opened) ? height : USUAL_ROOM;
  const [settled, setSettled] = useState(false);
  useEffect(() => {
    const timer = setTimeout(() => setSettled(true), SETTLED);
    return () => clearTimeout(timer);
  }, []);
  // Told at once: what is found across pages comes last.
  const told = all !== NONE && (findings !== NOTHING || settled);
  useEffect(() => {
    if (!settled || !told || !own.current) return;
    const room = `${now} ${own.current.offsetHeight}px`;
    if (room !== remembered(ROOM)) remember(ROOM, room);
  });
  const part = (which: ShowName) => {
    const n = counts.get(which) ?? 0;
    if (n === 0 && filter.show !== which) return null;
    if (which === "untouched" && n === all.length) return null;
    return (
      <button
        key={which}
        type="button"
        aria-pressed={filter.show === which}
        onClick={() => change({ show: filter.show === which ? "all" : which })}
        className={partClass}
      >
        {number.format(n)} {showOf(which).told(n)}
      </button>
    );
  };
  const listed = (parts: (ReturnType<typeof part> | null)[]) => {
    const present = parts.filter((one) => one !== null);
    return present.map((one, i) => (
      <span key={one.key}>
        {i > 0 && (i === present.length - 1 ? " and " : ", ")}
        {one}
      </span>
    ));
  };
  const needs = listed(NEEDS.map(part));
  const done = listed(DONE.map(part));
  return (
    <div>
      <p className="max-w-[96ch] font-serif text-18 leading-[1.875rem]" style={{ minHeight }}>
        {told && (
          <span ref={own} className="block">
            <button type="button" onClick={() => change(NO_FILTER)} className={partClass}>
              {number.format(pages.all.length)} {plural(pages.all.length, "page", "pages")}
            </button>
            . {needs.length > 0 && <>{needs}. </>}
            {done.length > 0 && <>{done}.</>}
          </span>
        )}
      </p>
      <Narrowing site={site} pages={pages} change={change} />
    </div>
  );
}

function Narrowing({
  site,
  pages,
  change,
}: {
  site: SiteRecord;
  pages: FilteredPages;
  change: (next: Partial<Filter>) => void;
}) {
  const { filter, findings } = pages;
  const all = useDeferredValue(pages.all, NONE);
  const told = useToldRules();
  const [, setParams] = useSearchParams();
  const { fail } = useNotices();
  const kinds = useMemo(() => new Set(all.map((page) => page.kind)), [all]);
  const pagesOfRules = () => new Map(tallyOf(all, findings.all).rules.map(({ rule, pages }) => [rule, pages]));
  const folders = useMemo(() => foldersOf(all.map((page) => page.address)), [all]);
  const narrowed = queryOf(filter) !== "";
  const kept = site.filters ?? [];
  const [naming, setNaming] = useState<string | null>(null);
  const changeFilters = (label: string, change: (all: KeptFilter[]) => KeptFilter[]) =>
    transact(site.id, label, (tx) =>
      tx.update("sites", site.id, (was) => ({ ...was, filters: change(was.filters ?? []) })),
    ).catch(fail);
  const keep = async (event: SyntheticEvent) => {
    event.preventDefault();
    const name = naming?.trim();
    setNaming(null);
    if (!name) return;
    const query = queryOf(filter);
    await changeFilters("Keep a filter", (all) => [...all.filter((one) => one.name !== name), { name, query }]);
  };
  const forget = async (name: string) => {
    await changeFilters("Forget a filter", (all) => all.filter((one) => one.name !== name));
  };
  return (
    <div className="mt-1.5 flex flex-wrap items-baseline gap-x-1.5 gap-y-1 text-ink-soft">
      Show
      <KindSelect value={filter.kind} has={kinds} onChange={(kind) => change({ kind })} />
      below
      <BelowSelect value={filter.below} folders={folders} onChange={(below) => change({ below })} />
      with
      <FindingSelect value={filter.rule} told={told} pages={pagesOfRules} onChange={(rule) => change({ rule })} />
      of
      <WeightSelect value={filter.weight} onChange={(weight) => change({ weight })} />
      {kept.map(({ name, query }) => (
        <span key={name} className="ml-2 inline-flex items-baseline gap-1">
          <button
            type="button"
            aria-pressed={query === queryOf(filter)}
            onClick={() => setParams(query.slice(1), { replace: true })}
            className={partClass}
          >
            {name}
          </button>
          {query === queryOf(filter) && (
            <button
              type="button"
              aria-label={`Forget the filter ${name}`}
              onClick={() => void forget(name)}
              className="text-graphite hover:text-ink"
            >
              ×
            </button>
          )}
        </span>
      ))}
      {narrowed && (
        <>
          {!kept.some(({ query }) => query === queryOf(filter)) && (
            <Action className="ml-2" onClick={() => setNaming("")}>
              Keep this filter
            </Action>
          )}
          {naming !== null && (
            <form onSubmit={(event) => void keep(event)} className="flex items-baseline gap-1.5">
              as
              <input
                // biome-ignore lint/a11y/noAutofocus: it appears because it was asked for
                autoFocus
                aria-label="Name of this filter"
                value={naming}
                onChange={(e) => setNaming(e.target.value)}
                onKeyDown={(e) => e.key === "Escape" && setNaming(null)}
                className="w-36 border-graphite border-b bg-transparent px-1 text-ink"
              />
              <Action type="submit">Keep</Action>
            </form>
          )}
          <Action className="ml-2" onClick={() => change({ ...NO_FILTER })}>
            Show all
          </Action>
        </>
      )}
    </div>
  );
}
