import { useLiveQuery } from "dexie-react-hooks";
import { useMemo } from "react";
import { Link, useSearchParams } from "react-router";
import { pathOf } from "#core/address/address";
import { type ValidityGroup, validityGroups } from "#core/exchange/validity";
import { screenTitle } from "../document-title";
import { linkToPage, screenOf } from "../screens";
import { sourceName } from "../store/check-page";
import { checkPages, stopChecking, useChecking } from "../store/checks";
import { db } from "../store/db";
import { usePageRows } from "../store/rows";
import { Action, MainButton } from "../ui/controls";
import { BelowPages, Screen } from "../ui/frame";
import { HowFar } from "../ui/how-far";
import { Mark } from "../ui/mark";
import { useNotices } from "../ui/notice";
import { OriginalWords } from "../ui/original-words";
import { ProgressLine } from "../ui/progress-line";
import { useSite } from "./site";

export const meta = screenTitle("html");

const number = new Intl.NumberFormat("en-GB");
const counted = (n: number, one: string) => `${number.format(n)} ${n === 1 ? one : `${one}s`}`;
/** Pages of a group that are listed, and places of one page. */
const PAGES = 200;
const PLACES = 5;

/** The HTML of all pages, checked in the background on this application's own server: by what is broken, page after page. */
export default function Html() {
  const site = useSite();
  const rows = usePageRows(site.id);
  const checking = useChecking();
  const { fail } = useNotices();
  const [params, setParams] = useSearchParams();
  const kept = useLiveQuery(() => db().checks.where("siteId").equals(site.id).toArray(), [site.id]);
  const pages = useMemo(() => new Map(rows?.map((page) => [page.id, page])), [rows]);
  const html = useMemo(() => rows?.filter(({ format }) => format === "html") ?? [], [rows]);
  const checks = useMemo(() => {
    return (kept ?? []).filter(({ id, of }) => {
      const page = pages.get(id);
      return page !== undefined && of === sourceName(page);
    });
  }, [kept, pages]);
  const groups = useMemo(() => validityGroups(checks), [checks]);
  const faults = checks.filter(({ fault }) => fault !== "");
  const done = new Set(checks.map(({ id }) => id));
  const left = html.filter(({ id }) => !done.has(id));
  const running = checking?.running && checking.siteId === site.id ? checking : null;
  const group = groups.find(({ name }) => name === params.get("message")) ?? null;
  const check = (some: typeof html) =>
    void checkPages(
      site.id,
      some.map(({ id }) => id),
    ).catch(fail);
  return (
    <Screen>
      <BelowPages site={site} screen={screenOf("html")} />
      <div className="flex min-h-0 flex-1 bg-sheet max-[62.5rem]:flex-col max-[62.5rem]:overflow-y-auto">
        <section
          aria-label="What is broken"
          className="w-[25rem] shrink-0 overflow-y-auto border-hairline border-r px-6 py-5 max-[62.5rem]:w-full"
        >
          <h2 className="font-serif text-18">Checked against the HTML standard</h2>
          <p className="mt-1 text-ink-soft">
            The sources go to this application’s own server, which keeps nothing. You can work on elsewhere meanwhile.
          </p>
          <div className="mt-3 flex items-center gap-4">
            {running ? (
              <>
                <ProgressLine label="Pages checked" done={running.done} of={running.of} />
                <HowFar done={running.done} of={running.of} />
                <Action onClick={stopChecking}>Stop</Action>
              </>
            ) : left.length > 0 ? (
              <MainButton onClick={() => check(left)}>
                {done.size === 0
                  ? `Check ${counted(left.length, "page")}`
                  : `Check ${counted(left.length, "more page")}`}
              </MainButton>
            ) : (
              html.length > 0 && (
                <Action onClick={() => check(html)}>Check all {number.format(html.length)} again</Action>
              )
            )}
          </div>
          {checking && !checking.running && checking.siteId === site.id && checking.fault && (
            <p role="alert" className="mt-2 text-red">
              {checking.fault}
            </p>
          )}
          {rows && html.length === 0 && <p className="mt-3">No page of this site is HTML.</p>}
          {done.size > 0 && (
            <p className="mt-4">
              {counted(done.size, "page")} checked as {done.size === 1 ? "it now reads" : "they now read"}
              {groups.length === 0 && faults.length === 0 ? ": all valid." : "."}
              {faults.length > 0 && ` ${counted(faults.length, "page")} could not be checked: ${faults[0]?.fault}`}
            </p>
          )}
          <ul className="mt-2">
            {groups.map((one) => (
              <li key={one.name}>
                <GroupLine
                  group={one}
                  chosen={one === group}
                  onChoose={() => setParams({ message: one.name }, { replace: true })}
                />
              </li>
            ))}
          </ul>
        </section>
        <section aria-label="Where" className="flex min-w-0 flex-1 flex-col overflow-y-auto px-6 py-5">
          {!group ? (
            <p className="font-serif text-15 text-ink-soft">
              {groups.length > 0
                ? "Choose what is broken to see where."
                : "What is broken will stand here, page by page."}
            </p>
          ) : (
            <>
              <p className="text-ink-soft">
                {counted(group.places, "place")} on {counted(group.pages.length, "page")}.
                {group.documentation && (
                  <>
                    {" "}
                    <a href={group.documentation} target="_blank" rel="noreferrer" className="text-blue underline">
                      The rule’s own page
                    </a>{" "}
                    (opens elsewhere)
                  </>
                )}
              </p>
              <OriginalWords words={group.original} rule={group.rule} />
              <ul>
                {group.pages.slice(0, PAGES).map(({ id, places }) => (
                  <li key={id} className="border-hairline border-b py-3">
                    <p className="truncate font-mono text-12 text-ink-soft">{pathOf(pages.get(id)?.address ?? "")}</p>
                    <ol>
                      {places.slice(0, PLACES).map(({ line, column, message }) => (
                        <li key={`${line} ${column}`}>
                          <Link
                            to={`${linkToPage(site.id, id)}?line=${line}`}
                            className="grid grid-cols-[4.5rem_minmax(0,1fr)] gap-2 py-0.5 hover:bg-tint"
                          >
                            <span className="text-blue">line {line}</span>
                            <span className="break-words">{message}</span>
                          </Link>
                        </li>
                      ))}
                    </ol>
                    {places.length > PLACES && (
                      <p className="text-12 text-ink-soft">and {counted(places.length - PLACES, "more place")}</p>
                    )}
                  </li>
                ))}
              </ul>
              {group.pages.length > PAGES && (
                <p className="py-3 text-ink-soft">and {counted(group.pages.length - PAGES, "more page")}</p>
              )}
            </>
          )}
        </section>
      </div>
    </Screen>
  );
}

function GroupLine({ group, chosen, onChoose }: { group: ValidityGroup; chosen: boolean; onChoose: () => void }) {
  return (
    <button
      type="button"
      aria-pressed={chosen}
      onClick={onChoose}
      className={`-mx-3 grid w-[calc(100%+1.5rem)] grid-cols-[1.125rem_minmax(0,1fr)] border-l-2 px-3 py-2 text-left ${chosen ? "border-blue bg-tint" : "border-transparent hover:bg-tint"}`}
    >
      <span className="pt-1">
        <Mark weight={group.weight} />
      </span>
      <span>
        <span className="line-clamp-2 break-words font-serif text-15">{group.message}</span>
        <span className="text-ink-soft">
          {counted(group.places, "place")} on {counted(group.pages.length, "page")}
        </span>
      </span>
    </button>
  );
}
