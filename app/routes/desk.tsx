import { memo, useDeferredValue, useEffect, useMemo, useRef, useState } from "react";
import { createPortal } from "react-dom";
import { Link, useLoaderData, useNavigate } from "react-router";
import { languageTagOf } from "#core/page/language-tag";
import { limitsOf, styleForKind } from "#core/settings/house-style";
import { Contents, InASentence } from "../desk/about";
import { Margin } from "../desk/margin";
import { Queue } from "../desk/queue";
import { Address } from "../desk/sections/address";
import { type ResultRoom, SearchResult } from "../desk/sections/search-result";
import { useSteady } from "../desk/state/use-steady";
import { useDesk } from "../desk/use-desk";
import { useNotes } from "../desk/use-notes";
import { pageTitle } from "../document-title";
import { usePages } from "../pages/use-pages";
import { linkTo, linkToPage, pageScreenOf, screenOf } from "../screens";
import { loadDesk } from "../store/load-desk";
import type { SiteRecord } from "../store/records/sites";
import { Action, Keys } from "../ui/controls";
import { download } from "../ui/download";
import { Screen, ScreenTitle, TitleLine } from "../ui/frame";
import { useKeys } from "../ui/keys";
import { useNotices } from "../ui/notice";
import { ofPage, PageLanguage } from "../ui/of-page";
import { onDemand } from "../ui/on-demand";
import { remember, remembered } from "../ui/remembered";
import type { Route } from "./+types/desk";
import { useSite } from "./site";

const Phrases = onDemand(async () => (await import("../desk/sections/phrases")).default);
const Outline = onDemand(async () => {
  // What stands above it comes first, so that nothing moves it when it is there.
  await Phrases.load();
  return (await import("../desk/sections/outline")).Outline;
});
const ResultStrip = onDemand(async () => (await import("../desk/result-strip")).ResultStrip);
const Led = onDemand(async () => (await import("../desk/led/led")).default);
const Conflicts = onDemand(async () => (await import("../desk/sections/conflicts")).Conflicts);
const Gone = onDemand(async () => (await import("../desk/sections/gone")).Gone);
const Answers = onDemand(async () => (await import("../desk/sections/answers")).default);
const Below = onDemand(async () => (await import("../desk/sections/below")).default);

export const meta = pageTitle();

export const clientLoader = ({ params }: Route.ClientLoaderArgs) => loadDesk(params.page);

export default function DeskRoute() {
  const loaded = useLoaderData<typeof clientLoader>();
  const site = useSite();
  const pages = usePages(site);
  const [beside, setBeside] = useState<HTMLElement | null>(null);
  const at = pages?.shown.findIndex((page) => page.id === loaded.record.id) ?? -1;
  const neighbour = (by: number) => pages?.shown[at + by]?.id ?? null;
  return (
    <>
      <div className="flex w-[14.5rem] shrink-0 flex-col border-hairline border-r bg-paper max-[62.5rem]:hidden print:hidden">
        {pages && pages.shown.length > 1 && <Queue siteId={site.id} pages={pages} current={loaded.record.id} />}
        <div ref={setBeside} className="shrink-0" />
      </div>
      <Desk
        key={loaded.record.id}
        site={site}
        query={pages?.query ?? ""}
        previous={neighbour(-1)}
        next={neighbour(1)}
        beside={beside}
        {...loaded}
      />
    </>
  );
}

const TYPES = { html: "text/html", markdown: "text/markdown", fields: "text/csv" };
const DOWNLOADS = { html: "Download the HTML", markdown: "Download the Markdown", fields: "Download the change list" };

/** Room that both devices need beside each other, and the ruler with the cuts, in px. */
const BOTH = 640 + 40 + 344;
const RULER = 640;

const roomIn = (width: number): ResultRoom => (width >= BOTH ? "both" : width >= RULER ? "one" : "mobile");

interface Worked extends Awaited<ReturnType<typeof loadDesk>> {
  site: SiteRecord;
  /** The filter of the pages that are being worked through, as it stands in the address. */
  query: string;
  /** The pages before and after it; null where there is none. */
  previous: string | null;
  next: string | null;
  /** Where the contents of the sheet stand. */
  beside: HTMLElement | null;
}

/** A page on its desk. What is kept of it and of other pages while somebody types draws the queue alone. */
const Desk = memo(function Desk({ site, query, previous, next, beside, record, source, changes }: Worked) {
  const desk = useDesk(site, record, source, changes);
  // A keystroke draws title and description at once, the rest of the sheet when somebody stops and there is time.
  const later = useDeferredValue(useSteady(desk));
  const behind = useDeferredValue(desk);
  // The next page stands there at once; what is further down is drawn behind it.
  const below = useDeferredValue(true, false);
  const navigate = useNavigate();
  const { notify, announce, fail } = useNotices();
  const sheet = useRef<HTMLDivElement>(null);
  const title = useRef<HTMLTextAreaElement>(null);
  const description = useRef<HTMLTextAreaElement>(null);
  const { picking, waitsAt, fix, setAside, dialog } = useNotes(desk);
  // The margin shows at once which note is selected; numerals further down the sheet follow.
  const pickedLater = useDeferredValue(picking);
  const [room, setRoom] = useState<ResultRoom>("one");
  // Whoever is led goes on being led on the next page, and later.
  const [led, keepLed] = useState(() => remembered("led") !== "");
  const setLed = (on: boolean) => {
    keepLed(on);
    remember("led", on ? "on" : "");
  };

  useEffect(() => {
    const watch = new ResizeObserver(([entry]) => setRoom(roomIn(entry?.contentRect.width ?? 0)));
    if (sheet.current) watch.observe(sheet.current);
    return () => watch.disconnect();
  }, []);

  const limits = useMemo(
    () => limitsOf(styleForKind(site.houseStyle, desk.record.kind)),
    [site.houseStyle, desk.record.kind],
  );
  const toPage = (id: string | null) => {
    if (id !== null) navigate(`${linkToPage(site.id, id)}${query}`);
  };
  const save = async () => {
    try {
      const { handOverOne } = await import("../store/hand-over");
      const { file, refused } = await handOverOne(desk.record, desk.edits);
      download(file.path.split("/").at(-1) ?? "page.html", file.bytes, TYPES[desk.record.format]);
      if (refused.length > 0) fail(new Error(refused.map(({ reason }) => reason).join(" ")));
      else
        notify(
          "Downloaded",
          desk.edits.length === 0
            ? "Nothing was changed: it is the original."
            : "Only the places you changed differ from the original.",
        );
    } catch (error) {
      fail(error);
    }
  };
  const ready = () => {
    desk.setReady(!desk.record.ready);
    announce(desk.record.ready ? "Not ready after all" : "Marked ready");
  };

  useKeys("[", () => toPage(previous));
  useKeys("]", () => toPage(next));
  useKeys("enter", () => title.current?.focus(), {
    preventDefault: true,
    // Nothing that can be pressed has the focus.
    ignoreEventWhen: ({ target }) => !(target instanceof HTMLElement) || target.tabIndex >= 0,
  });
  useKeys("mod+enter", ready, { enableOnFormTags: true, preventDefault: true });

  const kept = desk.savedAt
    ? `kept, ${new Intl.DateTimeFormat("en-GB", { timeStyle: "short" }).format(new Date(desk.savedAt))}`
    : null;
  const name = desk.record.name || desk.record.file;
  return (
    <PageLanguage value={languageTagOf(desk.page)}>
      <Screen>
        <TitleLine
          site={site}
          screen={pageScreenOf("desk")}
          kept={kept}
          actions={
            <>
              {desk.record.ready ? (
                <Action onClick={ready}>Not ready after all</Action>
              ) : (
                <Action onClick={ready} aria-label="Mark ready">
                  Ready
                </Action>
              )}
              <Action onClick={() => void save()} aria-label={DOWNLOADS[desk.record.format]}>
                Download
              </Action>
              {next !== null && (
                <Action onClick={() => toPage(next)}>
                  Next page <Keys>]</Keys>
                </Action>
              )}
            </>
          }
          commands={[
            { name: "Download the source of this page", run: () => void save() },
            { name: desk.record.ready ? "Not ready after all" : "Mark the page ready", keys: "Ctrl Enter", run: ready },
            { name: "Edit the title", keys: "Enter", run: () => setTimeout(() => title.current?.focus()) },
            { name: "Edit the description", run: () => setTimeout(() => description.current?.focus()) },
            { name: led ? "Leave being led" : "Lead me through this page", run: () => setLed(!led) },
            { name: "Next page", keys: "]", run: () => toPage(next) },
            { name: "Previous page", keys: "[", run: () => toPage(previous) },
          ]}
        >
          <Link
            to={`${linkTo(site, screenOf("pages"))}${query}`}
            className="truncate text-ink-soft hover:text-ink max-[43.75rem]:hidden"
          >
            {site.name || site.address}
          </Link>
          <span aria-hidden className="text-ink-soft max-[43.75rem]:hidden">
            /
          </span>
          <ScreenTitle {...ofPage(languageTagOf(desk.page))}>{name}</ScreenTitle>
          {desk.record.ready && <span className="text-blue">✓ ready</span>}
        </TitleLine>
        <div className="min-h-0 flex-1 scroll-pt-20 overflow-y-auto" data-scroll>
          <div className="flex min-h-full max-[62.5rem]:flex-col">
            <div className="min-w-0 flex-1 border-hairline border-r bg-sheet px-[21px] py-4 max-[62.5rem]:border-r-0">
              {below && (
                <ResultStrip
                  desk={desk}
                  sheet={sheet}
                  device={room === "mobile" ? "mobile" : "desktop"}
                  limits={limits}
                />
              )}
              <div
                ref={sheet}
                data-sheet
                className="grid grid-cols-[minmax(0,1fr)] gap-5 [&>section+section]:border-hairline [&>section+section]:border-t [&>section+section]:pt-4"
              >
                <div className="flex flex-wrap items-baseline gap-x-4 max-[43.75rem]:block">
                  <div className="min-w-0 flex-1">
                    <InASentence desk={later} />
                  </div>
                  <Action aria-pressed={led} onClick={() => setLed(!led)}>
                    {led ? "Leave being led" : "Lead me through it"}
                  </Action>
                </div>
                {desk.record.goneSince !== null && <Gone site={site} desk={desk} />}
                {desk.conflicts.length > 0 && <Conflicts desk={desk} />}
                {below && <Answers pageId={desk.record.id} />}
                <SearchResult
                  desk={desk}
                  siteName={site.name || new URL(site.address).hostname}
                  limits={limits}
                  room={room}
                  titleRef={title}
                  descriptionRef={description}
                  {...picking}
                />
                <Address desk={later} {...picking} />
                {below && <Phrases desk={behind} />}
                <Outline desk={later} {...pickedLater} />
                {below && <Below desk={later} picking={pickedLater} />}
                {desk.refusals.length > 0 && (
                  <section role="alert" aria-label="Changes that cannot be made" className="text-red">
                    {desk.refusals.join(" ")}
                  </section>
                )}
                <section aria-label="This page’s files" className="flex gap-6">
                  <Action onClick={() => void save()} className="min-[43.75rem]:hidden">
                    {DOWNLOADS[desk.record.format]}
                  </Action>
                  <Action onClick={ready} className="min-[43.75rem]:hidden">
                    {desk.record.ready ? "Not ready after all" : "Mark ready"}
                  </Action>
                  <span className="text-ink-soft">
                    {desk.edits.length === 0
                      ? "nothing changed yet"
                      : desk.edits.length === 1
                        ? "1 change"
                        : `${desk.edits.length} changes`}
                  </span>
                  {desk.record.settled > 0 && (
                    <span className="text-blue">✓ {desk.record.settled} taken over by the site</span>
                  )}
                </section>
              </div>
            </div>
            <Margin desk={desk} sheet={sheet} {...picking} waitsAt={waitsAt} onFix={fix} onSetAside={setAside} />
          </div>
        </div>
        {led && (
          <Led
            desk={later}
            titleRef={title}
            descriptionRef={description}
            onLeave={() => setLed(false)}
            onNext={
              next !== null
                ? () => {
                    desk.setReady(true);
                    toPage(next);
                  }
                : null
            }
          />
        )}
      </Screen>
      {beside && createPortal(<Contents desk={later} />, beside)}
      {dialog}
    </PageLanguage>
  );
});
