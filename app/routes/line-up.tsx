import { Link, useSearchParams } from "react-router";
import { pathOf } from "#core/address/address";
import { screenTitle } from "../document-title";
import type { Shown } from "../line-up/line-up";
import { dayInWords } from "../line-up/words";
import { PageChoice } from "../phrases/page-choice";
import { linkTo, screenOf } from "../screens";
import { addLineUp, removeLineUp, useLineUps } from "../store/line-ups";
import type { PageRecord } from "../store/page-record";
import type { LineUpRecord } from "../store/records/line-ups";
import { usePageRows } from "../store/rows";
import { useTakes } from "../store/takes";
import { Action } from "../ui/controls";
import { Screen, ScreenTitle, TitleLine } from "../ui/frame";
import { useNotices } from "../ui/notice";
import { onDemand } from "../ui/on-demand";
import { useSite } from "./site";

const LineUpView = onDemand(async () => (await import("../line-up/line-up")).LineUpView);

export const meta = screenTitle("lineUp");

/** A page's search result among those that it competes with; without one that is chosen, those that are kept. */
export default function LineUpRoute() {
  const site = useSite();
  const { fail } = useNotices();
  const pages = usePageRows(site.id);
  const lineUps = useLineUps(site.id);
  const [params, setParams] = useSearchParams();
  const screen = screenOf("lineUp");
  const chosen = lineUps?.find(({ id }) => id === params.get("id"));
  const page = pages?.find(({ id }) => id === (chosen?.pageId ?? params.get("page")));
  const open = (id: string) => setParams({ id });
  const begin = async (of: PageRecord) => {
    try {
      open(await addLineUp(of, { phrase: of.phrase }));
    } catch (error) {
      fail(error);
    }
  };
  const shown = (["desktop", "mobile", "both"] as const).find((one) => one === params.get("on")) ?? "desktop";
  const remove = async (lineUp: LineUpRecord) => {
    try {
      await removeLineUp(lineUp);
      if (chosen) setParams({});
    } catch (error) {
      fail(error);
    }
  };
  return (
    <Screen>
      <TitleLine
        site={site}
        screen={screen}
        commands={[
          ...(page ? [{ name: "Begin a line-up for this page", run: () => void begin(page) }] : []),
          ...(chosen ? [{ name: "Let this line-up go", run: () => void remove(chosen) }] : []),
        ]}
        actions={
          chosen && (
            <Action removes onClick={() => void remove(chosen)}>
              Let it go
            </Action>
          )
        }
      >
        {chosen ? (
          <>
            <Link to={linkTo(site, screen)} className="truncate text-ink-soft hover:text-ink">
              Line-ups
            </Link>
            <span aria-hidden className="text-ink-soft">
              /
            </span>
            <ScreenTitle>{page?.name || pathOf(page?.address ?? "")}</ScreenTitle>
          </>
        ) : (
          <ScreenTitle>{screen.name}</ScreenTitle>
        )}
      </TitleLine>
      {!pages || !lineUps ? (
        <p className="px-7 py-5 text-ink-soft">Reading the line-ups…</p>
      ) : chosen && page ? (
        <OfPage
          page={page}
          lineUp={chosen}
          shown={shown}
          onShown={(on) => setParams({ id: chosen.id, ...(on === "desktop" ? {} : { on }) }, { replace: true })}
        />
      ) : (
        <div className="min-h-0 flex-1 overflow-y-auto bg-sheet px-7 py-5 max-[43.75rem]:px-4">
          <p className="max-w-[62ch] font-serif text-18 leading-snug">
            {lineUps.length === 0
              ? "A result is chosen among others. Begin a line-up to see a page’s result where searchers see it: at the places that you name, in several wordings at once."
              : lineUps.length === 1
                ? "One line-up is kept."
                : `${lineUps.length} line-ups are kept.`}
          </p>
          <p className="mt-3 flex flex-wrap gap-x-5">
            {page && (
              <Action onClick={() => void begin(page)}>Begin one for “{page.name || pathOf(page.address)}”</Action>
            )}
            <PageChoice
              words="Begin a line-up…"
              pages={pages}
              likely={pages.filter(({ phrase }) => phrase !== "").map(({ id }) => id)}
              onChoose={(of) => void begin(of)}
            />
          </p>
          <ul className="mt-5 max-w-[48.75rem]">
            {lineUps.map((lineUp) => {
              const of = pages.find(({ id }) => id === lineUp.pageId);
              return (
                <li
                  key={lineUp.id}
                  className={`flex flex-wrap items-baseline gap-x-4 border-hairline border-b py-2 ${of && of.id === page?.id ? "border-l-[3px] border-l-blue pl-3" : ""}`}
                >
                  <Link to={`?id=${lineUp.id}`} className="font-serif text-15 hover:underline">
                    {lineUp.phrase ? <span className="bg-marker px-1">{lineUp.phrase}</span> : "no phrase yet"}
                    {lineUp.place && ` in ${lineUp.place}`}
                  </Link>
                  <span className="min-w-0 flex-1 truncate text-ink-soft">
                    {of?.name || pathOf(of?.address ?? "")}, seen on {dayInWords(lineUp.seen)},{" "}
                    {lineUp.others.length === 1 ? "1 other result" : `${lineUp.others.length} other results`}
                    {lineUp.shown && ", with what was really shown"}
                  </span>
                  <Action className="text-12" onClick={() => void remove(lineUp)}>
                    Let it go
                  </Action>
                </li>
              );
            })}
          </ul>
        </div>
      )}
    </Screen>
  );
}

function OfPage({
  page,
  lineUp,
  shown,
  onShown,
}: {
  page: PageRecord;
  lineUp: LineUpRecord;
  shown: Shown;
  onShown: (shown: Shown) => void;
}) {
  const site = useSite();
  const takes = useTakes(page.id);
  if (!takes) return <p className="px-7 py-5 text-ink-soft">Reading the takes…</p>;
  return (
    <LineUpView key={lineUp.id} site={site} page={page} lineUp={lineUp} takes={takes} shown={shown} onShown={onShown} />
  );
}
