import { type ReactNode, useMemo, useRef, useState } from "react";
import { Link, useSearchParams } from "react-router";
import { pathOf } from "#core/address/address";
import { csvOf } from "#core/exchange/csv";
import { type FirstReason, placeInWords, reasonInWords } from "#core/performance/first-pages";
import type { Compared, Overview } from "#core/performance/overview";
import { screenTitle } from "../document-title";
import { FIRST_SHOWN, FirstPages, WHY } from "../performance/first";
import { Measured, ORDERS, type Order } from "../performance/measured";
import { changeInWords, periodInWords } from "../performance/words";
import { linkTo, linkToPage, screenOf } from "../screens";
import type { PageRecord } from "../store/page-record";
import { dropFigures, usePeriods } from "../store/performance";
import type { PeriodRecord } from "../store/records/performance";
import type { SiteRecord } from "../store/records/sites";
import { usePageRows } from "../store/rows";
import { type SiteAsked, useSiteAnswer } from "../store/site-findings";
import { Action, WordSelect } from "../ui/controls";
import { download } from "../ui/download";
import { Screen, ScreenTitle, TitleLine } from "../ui/frame";
import { useNotices } from "../ui/notice";
import { ofPage } from "../ui/of-page";
import { onDemand } from "../ui/on-demand";
import { type ChosenTable, TableInput } from "../ui/table-input";
import { useSite } from "./site";

const BringInFigures = onDemand(async () => (await import("../performance/bring-in-figures")).BringInFigures);
const PlacesChart = onDemand(async () => (await import("../performance/charts")).default);

export const meta = screenTitle("performance");

const number = new Intl.NumberFormat("en-GB");
const counted = (n: number, one: string, many: string) => `${number.format(n)} ${n === 1 ? one : many}`;

/** How often the site was shown and clicked, and which pages are worth being looked at first. */
export default function Performance() {
  const site = useSite();
  const pages = usePageRows(site.id);
  const periods = usePeriods(site.id);
  const [params, setParams] = useSearchParams();
  const [file, setFile] = useState<ChosenTable | null>(null);
  const input = useRef<HTMLInputElement>(null);
  const set = (name: string, value: string | null) => {
    const next = new URLSearchParams(params);
    if (value) next.set(name, value);
    else next.delete(name);
    setParams(next, { replace: true });
  };
  const period = periods?.find(({ id }) => id === params.get("period")) ?? periods?.[0] ?? null;
  const others = periods?.filter(({ id }) => id !== period?.id) ?? [];
  const asked = params.get("against");
  const before =
    asked === "none"
      ? null
      : (others.find(({ id }) => id === asked) ?? others.find(({ to }) => to < (period?.from ?? "")));
  const ask = useMemo(() => {
    const [id, other] = [period?.id, before?.id ?? null];
    return async (worker: SiteAsked) => (id === undefined ? null : worker.overviewOfPeriod(id, other));
  }, [period?.id, before?.id]);
  const overview = useSiteAnswer(site, ask);
  const byId = useMemo(() => new Map(pages?.map((page) => [page.id, page])), [pages]);
  const bring = () => input.current?.click();
  const screen = screenOf("performance");
  const of = params.get("of") === "phrases" ? "phrases" : "pages";
  const save = overview && period ? () => saveAs(site, overview, of, period, byId) : null;
  const actions = (
    <>
      <Action onClick={bring}>Bring in figures…</Action>
      {save && <Action onClick={save}>Save as CSV</Action>}
    </>
  );
  return (
    <Screen>
      <TitleLine
        site={site}
        screen={screen}
        commands={[
          { name: "Bring in figures of a search engine (CSV)", run: bring },
          ...(save ? [{ name: `Save the figures of ${of} as a spreadsheet`, run: save }] : []),
        ]}
        actions={actions}
      >
        <Link to={linkTo(site, screenOf("phrases"))} className="truncate text-ink-soft hover:text-ink">
          Phrases
        </Link>
        <span aria-hidden className="text-ink-soft">
          /
        </span>
        <ScreenTitle>{screen.name}</ScreenTitle>
      </TitleLine>
      <TableInput ref={input} label="CSV file of figures" onChosen={setFile} />
      {periods === undefined || !pages ? (
        <p className="px-7 py-5 text-ink-soft">Reading the figures…</p>
      ) : period === null ? (
        <div className="bg-sheet px-7 py-5 max-[43.75rem]:px-4">
          <p className="font-serif text-18">No figures of a search engine are kept here yet.</p>
          <p className="mt-2 max-w-[60ch] text-15 text-ink-soft">
            Bring in a CSV of addresses and phrases with how often they were shown and clicked, and at which place. Then
            you see which pages are worth being looked at first, and later whether it helped. They stay in this browser.
          </p>
          <p className="mt-4 text-15">
            <Action onClick={bring}>Bring in figures…</Action>
          </p>
        </div>
      ) : (
        <div className="min-h-0 flex-1 overflow-y-auto bg-sheet">
          <p className="max-w-[78ch] px-7 pt-4 font-serif text-18 leading-snug max-[43.75rem]:px-4">
            In{" "}
            <WordSelect
              label="Period"
              value={period.id}
              options={periods.map((one) => [one.id, periodInWords(one)] as const)}
              onChange={(id) => set("period", id)}
            />{" "}
            {overview ? <InWords overview={overview} /> : "…"}
            {others.length > 0 && (
              <>
                {" "}
                Against{" "}
                <WordSelect
                  label="Compared with"
                  value={before?.id ?? "none"}
                  options={[["none", "no other period"], ...others.map((one) => [one.id, periodInWords(one)] as const)]}
                  onChange={(id) => set("against", id)}
                />
                {overview?.total.before && (
                  <>
                    {" "}
                    that is{" "}
                    {changeInWords(overview.total.impressions, overview.total.before.impressions, "impressions")} and{" "}
                    {changeInWords(overview.total.clicks, overview.total.before.clicks, "clicks")}
                  </>
                )}
                .
              </>
            )}
          </p>
          {overview && (
            <Figures
              site={site}
              overview={overview}
              period={period}
              compared={before !== null && before !== undefined}
              of={of}
              byId={byId}
              params={params}
              set={set}
              actions={actions}
            />
          )}
        </div>
      )}
      {file && (
        <BringInFigures
          site={site}
          file={file}
          periods={periods ?? []}
          onKept={(id) => set("period", id)}
          onClose={() => setFile(null)}
        />
      )}
    </Screen>
  );
}

function InWords({ overview: { total } }: { overview: Overview }) {
  return (
    <>
      this site was shown {counted(total.impressions, "time", "times")} and clicked{" "}
      {counted(total.clicks, "time", "times")}
      {total.position !== null && `, at place ${placeInWords(total.position)} on average`}.
    </>
  );
}

/** What is to be done first, then the figures of all pages or phrases; beside them the places and what else follows. */
function Figures({
  site,
  overview,
  period,
  compared,
  of,
  byId,
  params,
  set,
  actions,
}: {
  site: SiteRecord;
  overview: Overview;
  period: PeriodRecord;
  compared: boolean;
  /** What the table is of. */
  of: "pages" | "phrases";
  byId: ReadonlyMap<string, PageRecord>;
  params: URLSearchParams;
  set: (name: string, value: string | null) => void;
  /** What is done with figures, where the title line has no room for it. */
  actions: ReactNode;
}) {
  const [whole, setWhole] = useState(false);
  const why = (Object.keys(WHY) as FirstReason["kind"][]).find((one) => one === params.get("why")) ?? null;
  const order = (Object.keys(ORDERS) as Order[]).find((one) => one === params.get("by")) ?? "impressions";
  const first = overview.first.filter(({ reasons }) => why === null || reasons.some(({ kind }) => kind === why));
  const tab = (one: "pages" | "phrases", words: string) => (
    <button
      type="button"
      aria-pressed={of === one}
      onClick={() => set("of", one === "pages" ? null : one)}
      className="border-graphite border-b border-dotted font-serif text-18 aria-pressed:border-transparent aria-pressed:bg-marker"
    >
      {words}
    </button>
  );
  return (
    <div className="flex gap-10 px-7 pb-10 max-[62.5rem]:flex-col max-[43.75rem]:px-4">
      <div className="min-w-0 flex-1">
        <p className="mt-3 hidden gap-x-5 max-[43.75rem]:flex">{actions}</p>
        <h2 className="mt-6 font-serif text-18">Which pages first</h2>
        {overview.first.length === 0 ? (
          <p className="mt-1 text-15 text-ink-soft">
            None stands out: no page is shown often and clicked seldom, stands on the 4th to 10th place, or is shown for
            a phrase that its title lacks.
          </p>
        ) : (
          <p className="mt-1 flex flex-wrap gap-x-4 gap-y-1">
            {(Object.keys(WHY) as FirstReason["kind"][]).map((kind) => {
              const n = overview.first.filter(({ reasons }) => reasons.some((one) => one.kind === kind)).length;
              return (
                n > 0 && (
                  <button
                    key={kind}
                    type="button"
                    aria-pressed={why === kind}
                    onClick={() => set("why", why === kind ? null : kind)}
                    className="border-graphite border-b border-dotted aria-pressed:border-transparent aria-pressed:bg-marker"
                  >
                    {number.format(n)} {WHY[kind]}
                  </button>
                )
              );
            })}
          </p>
        )}
        <FirstPages site={site} first={whole ? first : first.slice(0, FIRST_SHOWN)} byId={byId} />
        {!whole && first.length > FIRST_SHOWN && (
          <p className="mt-2">
            <Action onClick={() => setWhole(true)}>Show all {number.format(first.length)}</Action>
          </p>
        )}
        <p className="mt-8 mb-2 flex gap-5">
          {tab("pages", `${counted(overview.pages.length, "page", "pages")}`)}
          {tab("phrases", `${counted(overview.phrases.length, "phrase", "phrases")}`)}
        </p>
        <Measured
          site={site}
          overview={overview}
          of={of}
          order={order === "change" && !compared ? "impressions" : order}
          compared={compared}
          byId={byId}
          onOrder={(by) => set("by", by)}
        />
      </div>
      <aside
        aria-label="The period"
        className="grid w-[20rem] shrink-0 grid-cols-[minmax(0,1fr)] content-start gap-6 pt-6 max-[62.5rem]:w-full"
      >
        <PlacesChart waiting={<div className="h-[230px]" />} places={overview.places} />
        {overview.questions.length > 0 && (
          <section aria-labelledby="questions-heading">
            <h2 id="questions-heading" className="font-semibold">
              Worth questions with answers in their data
            </h2>
            <p className="mt-1 text-ink-soft">
              On the first ten places and clicked most. Search engines show them under results of well-known sites of
              government and health; what answers from pages reads them everywhere.
            </p>
            <ul className="mt-1.5 grid gap-1.5">
              {overview.questions.map(({ id, clicks, position }) => {
                const page = byId.get(id);
                return (
                  page && (
                    <li key={id} className="flex items-baseline justify-between gap-4">
                      <Link
                        to={linkToPage(site.id, id, "data")}
                        className="min-w-0 truncate hover:underline"
                        {...ofPage(page.language)}
                      >
                        {page.name || pathOf(page.address)}
                      </Link>
                      <span className="shrink-0 text-12 text-ink-soft tabular-nums">
                        {counted(clicks, "click", "clicks")}
                        {position !== null && `, place ${placeInWords(position)}`}
                      </span>
                    </li>
                  )
                );
              })}
            </ul>
          </section>
        )}
        {overview.elsewhere.addresses.length > 0 && (
          <section aria-labelledby="elsewhere-heading">
            <h2 id="elsewhere-heading" className="font-semibold">
              {counted(overview.elsewhere.addresses.length, "address is", "addresses are")} no page here
            </h2>
            <p className="mt-1 text-ink-soft">
              Shown {counted(overview.elsewhere.impressions, "time", "times")}. Bring them in, or see whether they have
              moved.
            </p>
            <ul className="mt-1.5 grid gap-1">
              {overview.elsewhere.addresses.slice(0, 8).map((address) => (
                <li key={address} className="truncate font-mono text-12">
                  {address}
                </li>
              ))}
            </ul>
          </section>
        )}
        <LetGo period={period} />
      </aside>
    </div>
  );
}

/** Where the figures came from; and letting them go, which is asked again, since no undo brings them back. */
function LetGo({ period }: { period: PeriodRecord }) {
  const { notify, fail } = useNotices();
  const [asking, setAsking] = useState(false);
  const drop = async () => {
    try {
      await dropFigures(period.id);
      notify(`The figures of ${periodInWords(period)} are gone`);
    } catch (error) {
      fail(error);
    }
  };
  return (
    <p className="text-ink-soft">
      Out of {period.file}.{" "}
      {asking ? (
        <>
          Only the file brings them back.{" "}
          <Action className="text-red" onClick={() => void drop()}>
            Let them go
          </Action>{" "}
          <Action onClick={() => setAsking(false)}>Keep them</Action>
        </>
      ) : (
        <Action removes onClick={() => setAsking(true)}>
          Let these figures go…
        </Action>
      )}
    </p>
  );
}

/** Saves the figures of all pages, or of all phrases, with what stands on the screen beside them. */
function saveAs(
  site: SiteRecord,
  overview: Overview,
  of: "pages" | "phrases",
  period: PeriodRecord,
  byId: ReadonlyMap<string, PageRecord>,
): void {
  const firstOf = new Map(overview.first.map((one) => [one.id, one]));
  const figures = ({ clicks, impressions, position, before }: Compared) => ({
    impressions,
    clicks,
    position: position === null ? "" : placeInWords(position),
    "impressions before": before?.impressions ?? "",
    "clicks before": before?.clicks ?? "",
  });
  const addressOf = (id: string | null) => byId.get(id ?? "")?.address ?? "";
  const rows: Record<string, string | number>[] =
    of === "pages"
      ? overview.pages.map((row) => {
          const first = firstOf.get(row.id);
          return {
            address: addressOf(row.id),
            ...figures(row),
            first: first?.reasons.map((reason) => reasonInWords(reason, first)).join(" ") ?? "",
          };
        })
      : overview.phrases.map((row) => ({ phrase: row.phrase, address: addressOf(row.id), ...figures(row) }));
  download(`${of} ${site.name || "site"} ${period.from} to ${period.to}.csv`, csvOf(rows), "text/csv");
}
