import { useMemo, useRef, useState } from "react";
import { Link, type ShouldRevalidateFunctionArgs, useLoaderData, useSearchParams } from "react-router";
import type { FindingsReport } from "#core/exchange/findings-report";
import { toBeginWith } from "#core/findings/tally";
import { PAGE_KINDS, type PageKind } from "#core/page/page-kind";
import { countedAs } from "#core/rules/counted";
import { SUBJECTS, subjectOf } from "#core/rules/subjects";
import { TOLD } from "#core/rules/told";
import { WEIGHTS, type Weight } from "#core/settings/setting";
import { screenTitle } from "../document-title";
import { DOCUMENTS, type DocumentName, Documents } from "../findings/documents";
import { findIn } from "../findings/find";
import { headingOf } from "../findings/heading";
import { Line, type LineActions } from "../findings/line";
import { folderOf, foundOnPage } from "../findings/overview";
import { pagesOf, partsByFolder, partsBySubject } from "../findings/parts";
import { reportOf } from "../findings/report";
import { SetAsides } from "../findings/set-asides";
import { Side } from "../findings/side";
import { loadKeptOverview, useOverview } from "../findings/use-overview";
import { useVisits } from "../findings/use-visits";
import { Waiting } from "../findings/waiting";
import type { PagesAsked } from "../pages/asked";
import { AskedDialog } from "../pages/asked-dialog";
import { foldersOf, NO_FILTER, queryOf } from "../pages/filter";
import { BelowSelect, KindSelect, WeightSelect } from "../pages/narrowing";
import { screenOf } from "../screens";
import type { PageRecord } from "../store/page-record";
import { setRuleAside } from "../store/set-asides";
import { Action, WordSelect } from "../ui/controls";
import { download } from "../ui/download";
import { FindField } from "../ui/find-field";
import { Screen, SiteName, TitleLine } from "../ui/frame";
import { Hint } from "../ui/hints";
import { useKeys } from "../ui/keys";
import { useNotices } from "../ui/notice";
import { SetAsideDialog } from "../ui/set-aside-dialog";
import { useAnnounced } from "../ui/use-announced";
import { useLatest } from "../ui/use-latest";
import { useLongWork } from "../ui/use-long-work";
import { useNewest } from "../ui/use-newest";
import type { Route } from "./+types/findings";
import { useSite } from "./site";

export const meta = screenTitle("findings");

const when = new Intl.DateTimeFormat("en-GB", { dateStyle: "long", timeStyle: "short" });

/** Takes an address's query for a text: what it says names it. */
const textOf = (params: URLSearchParams) => params.toString();

// What was last added up stands there with the first drawing.
export const clientLoader = async ({ params }: Route.ClientLoaderArgs) => ({
  kept: await loadKeptOverview(params.site),
});

/** Narrowed down it is the same site. */
export const shouldRevalidate = ({ currentUrl, nextUrl }: ShouldRevalidateFunctionArgs) =>
  currentUrl.pathname !== nextUrl.pathname;

/** What the site needs: a line a rule, with what can be done about it. */
export default function Findings() {
  const site = useSite();
  const { kept } = useLoaderData<typeof clientLoader>();
  const [params, setParams] = useSearchParams();
  const weight = WEIGHTS.find((one) => one === params.get("weight")) ?? null;
  const kind = (params.get("kind") ?? "") in PAGE_KINDS ? (params.get("kind") as PageKind) : null;
  const below = params.get("below") ?? "";
  const byFolder = params.get("by") === "folder";
  const shown = useOverview(site, kept, { weight, kind, below });
  const [find, setFind] = useState("");
  const [read, setRead] = useState<{
    pages: readonly PageRecord[];
    findings: unknown;
    weight: Weight | null;
    report: FindingsReport;
  } | null>(null);
  const [open, setOpen] = useState<ReadonlySet<string>>(new Set());
  const [asked, setAsked] = useState<{ of: PagesAsked; pages: readonly PageRecord[] } | null>(null);
  const [asiding, setAsiding] = useState<string | null>(null);
  const { working, run } = useLongWork();
  const { notify, fail } = useNotices();
  const list = useRef<HTMLDivElement>(null);

  const latest = useLatest(params, textOf);
  const narrow = (name: string, value: string) => {
    const next = new URLSearchParams(latest.get());
    if (value) next.set(name, value);
    else next.delete(name);
    latest.set(next);
    setParams(next, { replace: true });
  };
  const showAll = () => {
    setFind("");
    for (const name of ["weight", "kind", "below"]) narrow(name, "");
  };
  const step = (by: number) => {
    const lines = [...(list.current?.querySelectorAll<HTMLElement>("[data-line]") ?? [])];
    const at = lines.indexOf(document.activeElement as HTMLElement);
    lines[at < 0 ? 0 : Math.max(0, Math.min(lines.length - 1, at + by))]?.focus();
  };
  useKeys("j", () => step(1));
  useKeys("k", () => step(-1));

  // What pages are told is read when it is searched, and again when something has changed.
  const told =
    read && read.pages === shown?.pages && read.findings === shown?.findings && read.weight === weight
      ? read.report
      : null;
  const found = useMemo(() => findIn(find, told), [find, told]);
  const parts = useMemo(() => {
    if (!shown) return [];
    return byFolder && shown.pages
      ? partsByFolder(shown.pages, shown.findings, weight, found.line)
      : partsBySubject(shown, found.line);
  }, [shown, found, byFolder, weight]);
  const folders = useMemo(() => foldersOf(shown?.all?.map(({ address }) => address) ?? []), [shown?.all]);
  const kinds = useMemo(() => new Set(shown?.all?.map((page) => page.kind)), [shown?.all]);

  /** Pages on which a rule has found something of the weight that is shown. */
  const having = (rule: string, under = ""): readonly PageRecord[] | null =>
    shown?.pages?.filter(
      (page) =>
        (under === "" || folderOf(page.address) === under) &&
        found.page(rule, page.address) &&
        foundOnPage(rule, weight, page, shown.findings),
    ) ?? null;
  const lookAtFixes = async (rule: string, pages: readonly PageRecord[]) => {
    if (!shown || pages.length === 0) return;
    const { fixesAsked } = await import("../pages/fixes-asked");
    setAsked({ of: fixesAsked(rule, { shown: [...pages], findings: shown.findings }), pages });
  };
  const readMessages = async () => {
    const { pages, findings } = shown ?? {};
    if (!pages || !findings || told) return;
    const report = await run(pages.length, (work) => reportOf(site, pages, findings, weight, work));
    if (report) setRead({ pages, findings, weight, report });
  };
  const give = async (name: DocumentName, how: "copy" | "save") => {
    const { pages, findings } = shown ?? {};
    if (!pages || !findings) return;
    const report = await run(pages.length, (work) => reportOf(site, pages, findings, weight, work));
    if (!report) return;
    const { make, file, type } = DOCUMENTS[name];
    const text = make(report);
    try {
      if (how === "copy") {
        await navigator.clipboard.writeText(text);
        notify(`Copied as ${name}`, "Paste it wherever you need it.");
        return;
      }
    } catch {
      // Browsers let nobody copy long after the press: it is saved instead.
    }
    download(file, text, type);
    notify(`Saved as ${file}`);
  };
  const lines = parts.reduce((sum, { rules }) => sum + rules.length, 0);
  useAnnounced(
    shown && (lines === 0 ? "No finding is like that." : `${lines} ${lines === 1 ? "kind" : "kinds"} of findings`),
  );
  const acts = useNewest<LineActions>({
    pages: having,
    onOpen: (rule, under) =>
      setOpen((all) => {
        const next = new Set(all);
        const id = `${under} ${rule}`;
        if (!next.delete(id)) next.add(id);
        return next;
      }),
    onFixes: (rule, pages) => void lookAtFixes(rule, pages),
    onPattern: (_, pages) => setAsked({ of: { way: "pattern" }, pages }),
    onSetAside: setAsiding,
  });
  const query = queryOf({ ...NO_FILTER, kind, below, weight });
  const narrowed = query !== "";
  const visits = useVisits(site, shown, weight);
  const first = useMemo(
    () => shown && toBeginWith(shown.overview, { hasFix: (rule) => TOLD.get(rule)?.hasFix === true, visits }),
    [shown, visits],
  );
  const begin = first && TOLD.get(first.rule);
  const quiet = Object.keys(SUBJECTS).filter((id) => !shown?.overview.rules.some(({ rule }) => subjectOf(rule) === id));
  return (
    <Screen>
      <TitleLine
        site={site}
        screen={screenOf("findings")}
        commands={[
          { name: "Copy the findings as Markdown", run: () => void give("Markdown", "copy") },
          { name: "Copy the findings as HTML", run: () => void give("HTML", "copy") },
          { name: "Copy the findings as CSV", run: () => void give("CSV", "copy") },
          { name: "Save the findings as a page", run: () => void give("HTML", "save") },
          { name: "Save the findings as a spreadsheet", run: () => void give("CSV", "save") },
          {
            name: byFolder ? "Group the findings by subject" : "Group the findings by folder",
            run: () => narrow("by", byFolder ? "" : "folder"),
          },
        ]}
      >
        <SiteName site={site} />
        <span className="truncate text-ink-soft max-[43.75rem]:hidden">
          {shown && `${pagesOf(shown.all?.length ?? shown.overview.pages)}, `}brought in{" "}
          {when.format(new Date(site.broughtInAt))}
        </span>
      </TitleLine>
      <div className="min-h-0 flex-1 overflow-y-auto max-[62.5rem]:overflow-x-clip">
        <div className="flex min-h-full max-[62.5rem]:flex-col">
          <div
            ref={list}
            className="min-w-0 flex-1 border-hairline border-r bg-sheet px-11 py-5 max-[62.5rem]:flex-none max-[62.5rem]:border-r-0 max-[43.75rem]:px-4"
          >
            <div className="mx-auto max-w-[51.25rem]">
              <h1 className="font-serif text-24 leading-[1.3]">{headingOf(shown, narrowed)}</h1>
              {shown?.overview.pages === 0 && !narrowed && (
                <p className="mt-3 text-15">
                  <Link className="text-blue underline" to={`/bring-in?site=${site.id}`}>
                    Bring in pages
                  </Link>
                </p>
              )}
              {shown && (shown.overview.pages > 0 || narrowed) && (
                <>
                  <Waiting site={site} overview={shown.overview} narrowed={{ kind, below }} />
                  {first && begin && (
                    <button
                      type="button"
                      onClick={() => void lookAtFixes(first.rule, having(first.rule) ?? [])}
                      className="group block text-left font-serif text-24 leading-[1.3]"
                    >
                      Begin here:{" "}
                      <span className="text-blue group-hover:underline">
                        {`${countedAs(begin, first.pages).what} ${countedAs(begin, first.pages).rest}.`}
                      </span>
                    </button>
                  )}
                  <div className="mt-2 flex flex-wrap items-baseline gap-x-2 gap-y-1 text-ink-soft">
                    <WeightSelect value={weight} words="of " onChange={(one) => narrow("weight", one ?? "")} />
                    <KindSelect value={kind} has={kinds} words="on " onChange={(one) => narrow("kind", one ?? "")} />
                    <BelowSelect
                      value={below}
                      folders={folders}
                      words="below "
                      onChange={(folder) => narrow("below", folder)}
                    />
                    <WordSelect
                      label="Grouped"
                      value={byFolder ? "folder" : ""}
                      onChange={(by) => narrow("by", by)}
                      options={[
                        ["", "by subject"],
                        ["folder", "by folder"],
                      ]}
                    />
                    <FindField
                      label="Find a finding"
                      placeholder="find a finding"
                      value={find}
                      onChange={setFind}
                      onEnter={() => find.trim() !== "" && void readMessages()}
                      className="w-[7rem]"
                    />
                    {find.trim() !== "" && !working && (
                      <Action onClick={() => void readMessages()} disabled={told !== null}>
                        {told ? "searched with every message" : "Search every message too"}
                      </Action>
                    )}
                    {(narrowed || find !== "") && <Action onClick={showAll}>Show all</Action>}
                    <span className="flex-1" />
                    {working || <Documents onGive={(name, how) => void give(name, how)} />}
                  </div>
                  {parts.length > 0 && <Hint of="line" done={open.size > 0} className="mt-4" />}
                  {parts.map(({ name, note, rules, below: under }) => (
                    <section
                      key={name}
                      aria-label={name}
                      className="mt-5 [contain-intrinsic-size:auto_500px] [content-visibility:auto]"
                    >
                      <div className="flex items-baseline justify-between gap-4 border-hairline border-b pb-1">
                        <h2 className={`font-semibold text-15 ${under ? "font-mono" : "font-serif"}`}>{name}</h2>
                        <span className="text-12 text-ink-soft">{note}</span>
                      </div>
                      <ul>
                        {rules.map((tally) => {
                          const id = `${under ?? ""} ${tally.rule}`;
                          return (
                            <Line
                              key={id}
                              site={site}
                              tally={tally}
                              under={under ?? ""}
                              findings={shown.findings}
                              weight={weight}
                              query={queryOf({ ...NO_FILTER, kind, below: under || below, weight })}
                              open={open.has(id)}
                              {...acts}
                            />
                          );
                        })}
                      </ul>
                    </section>
                  ))}
                  {parts.length === 0 && shown.overview.rules.length > 0 && (
                    <p className="mt-5 text-15">No finding is like that.</p>
                  )}
                  <SetAsides site={site} pages={shown.all} />
                  {!narrowed && find === "" && !byFolder && quiet.length > 0 && shown.overview.rules.length > 0 && (
                    <p className="mt-4 text-ink-soft">
                      Nothing was found in: {quiet.map((id) => SUBJECTS[id]?.toLowerCase()).join(", ")}.
                    </p>
                  )}
                </>
              )}
            </div>
          </div>
          {shown && (
            <Side site={site} overview={shown.overview} below={below} onBelow={(path) => narrow("below", path)} />
          )}
        </div>
      </div>
      <SetAsideDialog
        found={asiding && `${TOLD.get(asiding)?.finds ?? asiding}, on all pages of this site`}
        scopes={["site"]}
        onClose={() => setAsiding(null)}
        onDone={(_, reason) => {
          if (asiding) setRuleAside(site.id, asiding, reason).catch(fail);
          setAsiding(null);
        }}
      />
      {asked && <AskedDialog site={site} pages={asked.pages} of={asked.of} onClose={() => setAsked(null)} />}
    </Screen>
  );
}
