import { useMemo, useRef, useState } from "react";
import { Link, useSearchParams } from "react-router";
import { pathOf } from "#core/address/address";
import { csvOf } from "#core/exchange/csv";
import { phraseKey } from "#core/phrase/phrase-key";
import { inWords } from "#core/standing/in-words";
import { screenTitle } from "../document-title";
import { Dragging, DropPages } from "../phrases/drag";
import {
  isShown,
  keptTogether,
  ORDERS,
  type Order,
  type PhraseLine,
  phraseLines,
  SHOWS,
  type Show,
  totalsOf,
} from "../phrases/lines";
import { COLUMNS_CLASS, PhraseRow } from "../phrases/row";
import { PhraseSide } from "../phrases/side";
import { linkTo, screenOf } from "../screens";
import type { PageRecord } from "../store/page-record";
import { assignPhrase, mergePhrases, movePhrase, removePhrases, usePhrases } from "../store/phrases";
import { usePageRows } from "../store/rows";
import { type SiteAsked, useSiteAnswer } from "../store/site-findings";
import { Action } from "../ui/controls";
import { download } from "../ui/download";
import { NotPrinted, ROW, ROWS, useDrawnRows } from "../ui/drawn-rows";
import { FindField } from "../ui/find-field";
import { Screen, SiteName, TitleLine } from "../ui/frame";
import { useKeys } from "../ui/keys";
import { useNotices } from "../ui/notice";
import { onDemand } from "../ui/on-demand";
import { SelectedStrip } from "../ui/selected-strip";
import { type ChosenTable, TableInput } from "../ui/table-input";
import { useAnnounced } from "../ui/use-announced";
import { useLatest } from "../ui/use-latest";
import { useSite } from "./site";

const BringInDialog = onDemand(async () => (await import("../phrases/bring-in-dialog")).BringInDialog);

const SuggestDialog = onDemand(async () => (await import("../phrases/suggest-dialog")).SuggestDialog);

const Coverage = onDemand(async () => (await import("../phrases/coverage")).default);

export const meta = screenTitle("phrases");

const number = new Intl.NumberFormat("en-GB");
const counted = (n: number, one: string, many: string) => `${number.format(n)} ${n === 1 ? one : many}`;
const askPhrases = (worker: SiteAsked) => worker.phrases();
const NONE: never[] = [];

/** Takes an address's query for a text: what it says names it. */
const textOf = (params: URLSearchParams) => params.toString();

/** What the site's pages are to be found for: the list, how it stands, and each phrase in its sentences. */
export default function Phrases() {
  const site = useSite();
  const pages = usePageRows(site.id);
  const list = usePhrases(site.id);
  const told = useSiteAnswer(site, askPhrases) ?? NONE;
  const { notify, fail } = useNotices();
  const [params, setParams] = useSearchParams();
  const [find, setFind] = useState("");
  const [selected, setSelected] = useState<ReadonlySet<string>>(new Set());
  const [suggesting, setSuggesting] = useState(false);
  const [bringing, setBringing] = useState<{ file: ChosenTable | null } | null>(null);
  const file = useRef<HTMLInputElement>(null);
  const scroller = useRef<HTMLDivElement>(null);

  const show: Show = SHOWS.find((one) => one === params.get("show")) ?? "all";
  const order: Order = (Object.keys(ORDERS) as Order[]).find((one) => one === params.get("by")) ?? "volume";
  const latest = useLatest(params, textOf);
  const set = (name: string, value: string | null) => {
    const next = new URLSearchParams(latest.get());
    if (value) next.set(name, value);
    else next.delete(name);
    latest.set(next);
    setParams(next, { replace: true });
  };

  const lines = useMemo(() => (list && pages ? phraseLines(list, pages, told) : null), [list, pages, told]);
  const totals = useMemo(() => (lines && pages ? totalsOf(lines, pages) : null), [lines, pages]);
  const shown = useMemo(() => {
    const asked = phraseKey(find);
    const sorted = (lines ?? [])
      .filter((line) => isShown[show](line) && (asked === "" || line.key.includes(asked)))
      .sort((a, b) => ORDERS[order](a, b) || a.text.localeCompare(b.text));
    const places = new Set((pages ?? []).flatMap(({ audience }) => audience.name || []));
    return keptTogether(sorted, [...places]);
  }, [lines, pages, show, order, find]);
  const byId = useMemo(() => new Map(pages?.map((page) => [page.id, page])), [pages]);
  const wanted = params.get("phrase");
  const chosen = lines?.find(({ key }) => key === wanted) ?? null;

  useAnnounced(lines && (shown.length === 0 ? "No phrase is like that." : counted(shown.length, "phrase", "phrases")));
  const virtual = useDrawnRows({
    count: shown.length,
    getScrollElement: () => scroller.current,
    estimateSize: () => 58,
    getItemKey: (i) => shown[i]?.key ?? i,
  });
  const step = (by: number) => {
    const at = shown.findIndex(({ key }) => key === latest.get().get("phrase"));
    const to = Math.max(0, Math.min(shown.length - 1, at + by));
    const next = shown[at < 0 ? 0 : to];
    if (!next) return;
    set("phrase", next.key);
    virtual.scrollToIndex(at < 0 ? 0 : to);
  };
  useKeys("j", () => step(1));
  useKeys("k", () => step(-1));

  const act = (done: Promise<unknown>) => void done.catch(fail);
  const take = (line: PhraseLine, page: PageRecord) =>
    act(assignPhrase(site.id, [page.id], line.text, page.phrase ? "supporting" : "target"));
  const dropped = (line: PhraseLine, pageId: string) => {
    const page = byId.get(pageId);
    if (!page) return;
    const has = phraseKey(page.phrase) !== "";
    if (has && phraseKey(page.phrase) === line.key) return;
    act(
      has
        ? assignPhrase(site.id, [pageId], line.text, "supporting")
        : line.targets.length > 0
          ? movePhrase(site.id, line.text, pageId)
          : assignPhrase(site.id, [pageId], line.text, "target"),
    );
    notify(
      has
        ? `“${line.text}” supports ${pathOf(page.address)}`
        : `${pathOf(page.address)} is to be found for “${line.text}”`,
    );
  };
  const ticked = (lines ?? []).filter(({ key }) => selected.has(key));
  const none = () => setSelected(new Set());
  const [most] = [...ticked].sort(ORDERS.volume);
  const save = () => {
    const more = [...new Set((lines ?? []).flatMap(({ record }) => Object.keys(record?.more ?? {})))];
    const rows = shown.map(({ text, record, targets, supporting, standing }) => {
      const { there, missing } = standing ? inWords(standing) : { there: "", missing: "" };
      return {
        phrase: text,
        "searches a month": record?.volume ?? "",
        page: targets.map(({ address }) => address).join(" "),
        supports: supporting.map(({ address }) => address).join(" "),
        "stands in": there,
        missing: targets.length > 0 ? missing : "",
        ...Object.fromEntries(more.map((name) => [name, record?.more[name] ?? ""])),
      };
    });
    download("phrases.csv", csvOf(rows), "text/csv");
    notify("Saved as phrases.csv", `${counted(rows.length, "phrase", "phrases")}, as they are shown.`);
  };

  /** A part of the sentence that narrows the list. */
  const part = (one: Show, words: string) => (
    <button
      type="button"
      aria-pressed={show === one}
      onClick={() => set("show", show === one ? null : one)}
      className="border-graphite border-b border-dotted text-left aria-pressed:border-transparent aria-pressed:bg-marker"
    >
      {words}
    </button>
  );
  const bring = () => file.current?.click();
  const add = () => setBringing({ file: null });
  return (
    <Screen>
      <TitleLine
        site={site}
        screen={screenOf("phrases")}
        commands={[
          { name: "Add phrases", run: add },
          { name: "Bring in phrases with their searches (CSV)", run: bring },
          { name: "Suggest phrases for the pages that have none", run: () => setSuggesting(true) },
          { name: "Save the phrases as a spreadsheet", run: save },
        ]}
        actions={
          <>
            <Action onClick={bring}>Bring in searches…</Action>
            <Action onClick={save}>Save as CSV</Action>
            <Action onClick={add}>Add</Action>
          </>
        }
      >
        <h1 className="font-medium font-serif text-15">Phrases</h1>
        <SiteName site={site} />
      </TitleLine>
      <TableInput
        ref={file}
        label="CSV file of phrases with their searches"
        onChosen={(table) => setBringing({ file: table })}
      />
      <Dragging lineOf={(key) => lines?.find((line) => line.key === key)} onDropped={dropped}>
        {(dragged) => (
          <div className="flex min-h-0 flex-1 max-[62.5rem]:flex-col max-[62.5rem]:overflow-y-auto">
            <div className="flex min-h-0 min-w-0 flex-1 flex-col bg-sheet max-[62.5rem]:min-h-[70vh] max-[62.5rem]:flex-none">
              {!lines || !totals ? (
                <p className="px-7 py-5 text-ink-soft">Reading the phrases…</p>
              ) : totals.phrases === 0 ? (
                <div className="px-7 py-5 max-[43.75rem]:px-4">
                  <p className="font-serif text-18">Nobody has said yet what this site should be found for.</p>
                  <p className="mt-2 max-w-[60ch] text-15 text-ink-soft">
                    Add the phrases that people search for, with how often they do where you know it. Then each page
                    gets the one that it should be found for, and you see where it stands and where it is missing.
                  </p>
                  <p className="mt-4 flex gap-5 text-15">
                    <Action onClick={add}>Add phrases</Action>
                    <Action onClick={bring}>Bring in a CSV file…</Action>
                    <Action onClick={() => setSuggesting(true)}>Suggest some out of the pages’ words</Action>
                  </p>
                </div>
              ) : (
                <>
                  <div className="px-7 pt-4 pb-3 max-[43.75rem]:px-4">
                    <p className="font-serif text-18 leading-snug">
                      {part("all", counted(totals.phrases, "phrase", "phrases"))}
                      {totals.searches > 0 && `, searched ${number.format(totals.searches)} times a month`}.{" "}
                      {part("with", `${number.format(totals.with)} ${totals.with === 1 ? "has" : "have"} a page`)}
                      {totals.clashing > 0 && (
                        <>, {part("clash", `${number.format(totals.clashing)} pages want one that another wants`)}</>
                      )}
                      ,{" "}
                      {part(
                        "without",
                        `${number.format(totals.without)} ${totals.without === 1 ? "has" : "have"} none`,
                      )}
                      {totals.pagesWithout > 0 && (
                        <>
                          ;{" "}
                          <Link
                            to={`${linkTo(site, screenOf("pages"))}?show=no-phrase&columns=phrases`}
                            className="border-graphite border-b border-dotted"
                          >
                            {counted(totals.pagesWithout, "page has", "pages have")} no phrase
                          </Link>
                          :{" "}
                          <Action className="font-sans text-15" onClick={() => setSuggesting(true)}>
                            suggest some
                          </Action>
                        </>
                      )}
                      .{" "}
                      {totals.questions > 0 && (
                        <>
                          {part(
                            "questions",
                            `${number.format(totals.questions)} ${totals.questions === 1 ? "is a question" : "are questions"}`,
                          )}
                          {totals.unanswered > 0 && `, ${number.format(totals.unanswered)} of which nothing answers`}.{" "}
                        </>
                      )}
                      {totals.searches > 0 &&
                        `Of the searches, ${number.format(totals.covered)} are for phrases that have a page. `}
                      <Link
                        to={linkTo(site, screenOf("performance"))}
                        className="border-graphite border-b border-dotted"
                      >
                        How they perform
                      </Link>
                    </p>
                    <p className="mt-2 flex flex-wrap items-baseline gap-x-4 gap-y-1">
                      <FindField
                        label="Find a phrase"
                        placeholder="find a phrase"
                        value={find}
                        onChange={setFind}
                        className="w-[11.25rem]"
                      />
                      {(show !== "all" || find !== "") && (
                        <Action
                          onClick={() => {
                            setFind("");
                            set("show", null);
                          }}
                        >
                          Show all
                        </Action>
                      )}
                      <span className="hidden gap-x-4 max-[43.75rem]:flex">
                        <Action onClick={bring}>Bring in searches…</Action>
                        <Action onClick={save}>Save as CSV</Action>
                        <Action onClick={add}>Add</Action>
                      </span>
                      {find !== "" && (
                        <span className="text-ink-soft">{counted(shown.length, "phrase", "phrases")}</span>
                      )}
                    </p>
                  </div>
                  <div
                    ref={scroller}
                    className="min-h-[min(320px,60vh)] flex-1 overflow-y-auto border-hairline border-t short:h-[80vh] short:flex-none"
                  >
                    <div
                      className={`${COLUMNS_CLASS} sticky top-0 z-10 items-center border-hairline border-b bg-sheet px-7 py-1 font-semibold text-12 text-ink-soft max-[43.75rem]:hidden`}
                    >
                      <span />
                      <Head of="phrase" order={order} onOrder={(by) => set("by", by)}>
                        Phrase
                      </Head>
                      <Head of="volume" order={order} onOrder={(by) => set("by", by)} className="text-right">
                        a month
                      </Head>
                      <Head of="page" order={order} onOrder={(by) => set("by", by)}>
                        Page
                      </Head>
                      <span>Where it stands there</span>
                    </div>
                    {shown.length === 0 && <p className="px-7 py-5 text-15">No phrase is like that.</p>}
                    <ul aria-label="Phrases" className={ROWS} style={{ height: virtual.getTotalSize() }}>
                      {virtual.getVirtualItems().map(({ index, key, start }) => {
                        const line = shown[index];
                        if (!line) return null;
                        return (
                          <li
                            key={key}
                            data-index={index}
                            ref={virtual.measureElement}
                            style={{ transform: `translateY(${start}px)` }}
                            className={ROW}
                          >
                            <PhraseRow
                              site={site}
                              line={line}
                              byId={byId}
                              chosen={line.key === chosen?.key}
                              selected={selected.has(line.key)}
                              onChoose={() => set("phrase", line.key === chosen?.key ? null : line.key)}
                              onSelect={() =>
                                setSelected((all) => {
                                  const next = new Set(all);
                                  if (!next.delete(line.key)) next.add(line.key);
                                  return next;
                                })
                              }
                              onTake={(page) => take(line, page)}
                            />
                          </li>
                        );
                      })}
                    </ul>
                    <NotPrinted of={shown.length} />
                  </div>
                  {ticked.length > 0 && (
                    <SelectedStrip
                      label="With the selected phrases"
                      selected={ticked.length}
                      shown={shown.length}
                      onAll={() => setSelected(new Set(shown.map(({ key }) => key)))}
                      onNone={none}
                    >
                      {ticked.length > 1 && most && (
                        <Action
                          onClick={() => {
                            act(
                              mergePhrases(
                                site.id,
                                ticked.map(({ text }) => text),
                                most.text,
                              ),
                            );
                            none();
                          }}
                        >
                          Make them one: “{most.text}”
                        </Action>
                      )}
                      <Action
                        onClick={() => {
                          act(
                            removePhrases(
                              site.id,
                              ticked.flatMap(({ record }) => record?.id ?? []),
                            ),
                          );
                          none();
                        }}
                      >
                        Take off the list
                      </Action>
                    </SelectedStrip>
                  )}
                </>
              )}
            </div>
            {lines && pages && totals && totals.phrases > 0 && (
              <aside
                aria-label="The chosen phrase"
                className="w-[23.75rem] shrink-0 overflow-y-auto border-hairline border-l px-6 py-4 max-[62.5rem]:w-full max-[62.5rem]:border-t max-[62.5rem]:border-l-0 max-[43.75rem]:px-4"
              >
                {dragged ? (
                  <DropPages dragged={dragged} pages={pages} />
                ) : chosen ? (
                  <PhraseSide
                    key={chosen.key}
                    site={site}
                    line={chosen}
                    lines={lines}
                    pages={pages}
                    onChosen={(key) => set("phrase", key)}
                    onFind={setFind}
                  />
                ) : (
                  <Coverage
                    waiting={null}
                    site={site}
                    totals={totals}
                    lines={lines}
                    byId={byId}
                    onChoose={(key) => set("phrase", key)}
                  />
                )}
              </aside>
            )}
          </div>
        )}
      </Dragging>
      {suggesting && pages && (
        <SuggestDialog
          site={site}
          pages={pages.filter(({ phrase }) => phraseKey(phrase) === "")}
          onClose={() => setSuggesting(false)}
        />
      )}
      {bringing && (
        <BringInDialog siteId={site.id} list={list ?? NONE} file={bringing.file} onClose={() => setBringing(null)} />
      )}
    </Screen>
  );
}

/** The head of a column, by which the list is put in order. */
function Head({
  of,
  order,
  onOrder,
  className = "",
  children,
}: {
  of: Order;
  order: Order;
  onOrder: (order: Order) => void;
  className?: string;
  children: string;
}) {
  return (
    <button
      type="button"
      aria-pressed={order === of}
      title={`In the order of ${children.toLowerCase()}`}
      onClick={() => onOrder(of)}
      className={`text-left hover:text-ink aria-pressed:text-ink ${className}`}
    >
      {children}
    </button>
  );
}
