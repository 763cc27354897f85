import { useEffect, useMemo, useRef, useState } from "react";
import { Link, useSearchParams } from "react-router";
import { pathOf } from "#core/address/address";
import type { Asked } from "#core/proposals/all";
import type { SitePicture } from "#core/site/index/picture-files";
import { TextInPlace } from "../desk/text-in-place";
import { screenTitle } from "../document-title";
import { makeAtOnce } from "../proposals/make-at-once";
import { linkToPage, screenOf } from "../screens";
import { useFiles } from "../store/files";
import { usePageRows } from "../store/rows";
import { type SiteAsked, useSiteAnswer } from "../store/site-findings";
import { Action } from "../ui/controls";
import { NotPrinted, ROW, ROWS, useDrawnRows } from "../ui/drawn-rows";
import { BelowPages, Screen } from "../ui/frame";
import { useNotices } from "../ui/notice";
import { onDemand } from "../ui/on-demand";
import { SelectedStrip } from "../ui/selected-strip";
import { Thumbnail } from "../ui/thumbnail";
import { Tick } from "../ui/tick";
import { useAnnounced } from "../ui/use-announced";
import { useLongWork } from "../ui/use-long-work";
import { useSite } from "./site";

const LookDialog = onDemand(async () => (await import("../proposals/dialog")).LookDialog);

export const meta = screenTitle("pictures");

const askPictures = (worker: SiteAsked) => worker.pictures();
const number = new Intl.NumberFormat("en-GB");
const counted = (n: number, one: string) => `${number.format(n)} ${n === 1 ? one : `${one}s`}`;
const nameOf = ({ at }: Pick<SitePicture, "at">) => at.split("/").filter(Boolean).at(-1) ?? at;
const keyOf = ({ at, alt, language }: SitePicture) => `${language}\t${at}\t${alt === null ? "-" : `=${alt}`}`;

const languages = new Intl.DisplayNames("en", { type: "language" });
/** The language of a picture's text in words. */
function languageInWords(language: string): string {
  try {
    return language === "" ? "no language" : (languages.of(language) ?? language);
  } catch {
    // What the pages state is no tag.
    return language;
  }
}

const SHOWS = {
  // A file has a row for each of its texts.
  all: { says: (_: number, files: number) => counted(files, "picture file"), test: () => true },
  without: {
    says: (n: number) => `${number.format(n)} without alternative text`,
    test: ({ alt }: SitePicture) => alt === null,
  },
  looks: { says: (n: number) => `${number.format(n)} for looks only`, test: ({ alt }: SitePicture) => alt === "" },
  texts: { says: (n: number) => `${number.format(n)} with a text`, test: ({ alt }: SitePicture) => Boolean(alt) },
} as const;
type Show = keyof typeof SHOWS;

/** Pictures that are to get another text, on the pages that show them. */
interface Question {
  ids: readonly string[];
  asked: Extract<Asked, { way: "alternativeTexts" }>;
  /** What undo calls it. */
  label: string;
}

/** Every picture of the site with each of its alternative texts: changed here, it changes on all pages that show it. */
export default function Pictures() {
  const site = useSite();
  const rows = usePageRows(site.id);
  const { notify } = useNotices();
  const { working, run } = useLongWork();
  const [params, setParams] = useSearchParams();
  const answer = useSiteAnswer(site, askPictures);
  const [selected, setSelected] = useState<ReadonlySet<string>>(new Set());
  /** Texts on their way, by picture, until the answer says them. */
  const [pending, setPending] = useState<ReadonlyMap<string, string>>(new Map());
  /** What is looked at before it is made. */
  const [looking, setLooking] = useState<Question | null>(null);
  const scroller = useRef<HTMLDivElement>(null);
  const asked = params.get("show") ?? "";
  const show: Show = asked in SHOWS ? (asked as Show) : "all";
  const pictures = useMemo(() => answer ?? [], [answer]);
  const shown = useMemo(() => pictures.filter(SHOWS[show].test), [pictures, show]);
  const addresses = useMemo(() => new Map(rows?.map(({ id, address }) => [id, address])), [rows]);
  useEffect(() => {
    if (answer) setPending(new Map());
  }, [answer]);
  const virtual = useDrawnRows({
    count: shown.length,
    getScrollElement: () => scroller.current,
    estimateSize: () => 73,
    getItemKey: (i) => (shown[i] ? keyOf(shown[i]) : i),
  });
  const items = virtual.getVirtualItems();
  const files = useFiles(
    site.id,
    items.flatMap(({ index }) => shown[index]?.at ?? []),
  );
  const question = (changing: readonly SitePicture[], value: string): Question => ({
    ids: [...new Set(changing.flatMap(({ pages }) => pages))],
    asked: { way: "alternativeTexts", alts: changing.map((picture) => ({ picture, value })) },
    label: `Alternative text of ${changing[0] && changing.length === 1 ? nameOf(changing[0]) : counted(changing.length, "picture")}`,
  });
  const set = async (picture: SitePicture, value: string) => {
    const { ids, asked, label } = question([picture], value);
    setPending((all) => new Map(all).set(keyOf(picture), value));
    const done = await run(ids.length, (work) => makeAtOnce(site, ids, asked, label, work));
    if (!done || done.changed === 0) setPending(new Map());
    if (done)
      notify(
        `Changed on ${counted(done.changed, "page")}`,
        done.refused[0]?.reason ?? "One undo takes all of it back.",
      );
  };
  // A text holds for pages of one language: it is named where a file is shown in several.
  const severalIn = useMemo(() => {
    const inLanguages = new Map<string, Set<string>>();
    for (const { at, language } of pictures) inLanguages.set(at, (inLanguages.get(at) ?? new Set()).add(language));
    return new Set([...inLanguages].flatMap(([at, all]) => (all.size > 1 ? at : [])));
  }, [pictures]);
  const ticked = shown.filter((one) => selected.has(keyOf(one)));
  const tick = (key: string) =>
    setSelected((all) => (all.has(key) ? new Set([...all].filter((one) => one !== key)) : new Set([...all, key])));
  useAnnounced(answer && (shown.length === 0 ? "No picture is like that." : counted(shown.length, "picture")));
  return (
    <Screen>
      <BelowPages site={site} screen={screenOf("pictures")} />
      <div className="flex min-h-0 flex-1 flex-col bg-sheet">
        <p className="flex flex-wrap gap-x-4 gap-y-1 px-6 pt-4 pb-3 font-serif text-18">
          {!answer
            ? "Looking for pictures…"
            : (Object.keys(SHOWS) as Show[]).map((one) => {
                const of = pictures.filter(SHOWS[one].test);
                const n = of.length;
                const files = new Set(of.map(({ at }) => at)).size;
                if (n === 0 && one !== show && one !== "all") return null;
                return (
                  <button
                    key={one}
                    type="button"
                    aria-pressed={show === one}
                    onClick={() => setParams(one === "all" ? {} : { show: one }, { replace: true })}
                    className="border-graphite border-b border-dotted px-0.5 aria-pressed:border-transparent aria-pressed:bg-marker"
                  >
                    {SHOWS[one].says(n, files)}
                  </button>
                );
              })}
          {working && <span className="font-sans text-13">{working}</span>}
        </p>
        {answer && shown.length === 0 && (
          <p className="border-hairline border-t px-6 py-5 text-15">
            {pictures.length === 0 ? "The pages of this site show no pictures." : "No picture is like that."}
          </p>
        )}
        <div
          ref={scroller}
          className="min-h-[min(320px,60vh)] flex-1 overflow-y-auto border-hairline border-t short:h-[80vh] short:flex-none"
        >
          <ul className={ROWS} style={{ height: virtual.getTotalSize() }}>
            {items.map(({ index, key, start }) => {
              const picture = shown[index];
              if (!picture) return null;
              const name = keyOf(picture);
              const text = pending.get(name) ?? picture.alt;
              const inLanguage = severalIn.has(picture.at) ? `, ${languageInWords(picture.language)}` : "";
              const [first = ""] = picture.pages;
              return (
                <li
                  key={key}
                  data-index={index}
                  ref={virtual.measureElement}
                  style={{ transform: `translateY(${start}px)` }}
                  className={`${ROW} grid grid-cols-[1.25rem_4rem_minmax(0,0.8fr)_minmax(0,1.4fr)_minmax(0,0.8fr)] items-start gap-x-4 border-hairline border-b px-6 py-3`}
                >
                  <Tick label={`Select ${nameOf(picture)}`} checked={selected.has(name)} onChange={() => tick(name)} />
                  <Thumbnail small file={files.get(picture.at)} />
                  <span className="min-w-0">
                    <span className="block truncate font-mono text-12" title={picture.at}>
                      {nameOf(picture)}
                    </span>
                    <span className="text-12 text-ink-soft">
                      {files.get(picture.at)?.width
                        ? `${files.get(picture.at)?.width} × ${files.get(picture.at)?.height} pixels`
                        : ""}
                    </span>
                  </span>
                  <span className="min-w-0">
                    <TextInPlace
                      value={text ?? ""}
                      label={`Alternative text of ${nameOf(picture)}${inLanguage}`}
                      empty={text === "" ? "for looks only" : "no alternative text"}
                      changed={pending.has(name)}
                      className="w-full font-serif text-15 leading-snug"
                      onKeep={(value) => {
                        void set(picture, value);
                        return null;
                      }}
                    />
                    {text !== "" && (
                      <span className="block text-12">
                        <Action onClick={() => void set(picture, "")}>It is for looks only</Action>
                      </span>
                    )}
                  </span>
                  <span className="min-w-0">
                    <span className="block">
                      {counted(picture.pages.length, "page")}
                      {inLanguage}
                    </span>
                    <Link
                      to={linkToPage(site.id, first)}
                      className="block truncate font-mono text-12 text-blue hover:underline"
                    >
                      {pathOf(addresses.get(first) ?? "")}
                    </Link>
                  </span>
                </li>
              );
            })}
          </ul>
          <NotPrinted of={shown.length} />
        </div>
        {ticked.length > 0 && (
          <SelectedStrip
            label="With the selected pictures"
            selected={ticked.length}
            shown={shown.length}
            onAll={() => setSelected(new Set(shown.map(keyOf)))}
            onNone={() => setSelected(new Set())}
          >
            <Action onClick={() => setLooking(question(ticked, ""))}>For looks only</Action>
          </SelectedStrip>
        )}
      </div>
      {looking && (
        <LookDialog
          site={site}
          pages={rows ?? []}
          {...looking}
          title="Pictures for looks only"
          description="They get an empty alternative text: assistive technology passes over them."
          onClose={(applied) => {
            setLooking(null);
            if (applied) setSelected(new Set());
          }}
        />
      )}
    </Screen>
  );
}
