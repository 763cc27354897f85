import { useCallback, useMemo, useRef, useState } from "react";
import { Link, useNavigate, useSearchParams } from "react-router";
import { limitsOf } from "#core/settings/house-style";
import { screenTitle } from "../document-title";
import type { PagesAsked } from "../pages/asked";
import { AskedDialog, loadProposals } from "../pages/asked-dialog";
import { COLUMN_SETS, type ColumnSet } from "../pages/columns/sets";
import { queryOf } from "../pages/filter";
import { type CellChange, Grid } from "../pages/grid";
import { keepCell } from "../pages/keep-cell";
import { Sentence } from "../pages/sentence";
import { actionsOn, Strip } from "../pages/strip";
import { useHandingOver } from "../pages/use-handing-over";
import { usePages } from "../pages/use-pages";
import { besideColumns, linkTo, linkToPage, screenOf } from "../screens";
import type { PageRecord } from "../store/page-record";
import { Action } from "../ui/controls";
import { FindField } from "../ui/find-field";
import { Screen, SiteName, TitleLine } from "../ui/frame";
import { useNotices } from "../ui/notice";
import { onDemand } from "../ui/on-demand";
import { useAnnounced } from "../ui/use-announced";
import { useSoon } from "../ui/use-soon";
import { useTyped } from "../ui/use-typed";
import { useSite } from "./site";

const ProofDialog = onDemand(async () => (await import("../proof/proof-dialog")).default);

export const meta = screenTitle("pages");

/** Until the kept text is in the row, in milliseconds: rows are told of changes a little later than they are written. */
const SETTLES = 250;

export default function Pages() {
  const site = useSite();
  const pages = usePages(site);
  const navigate = useNavigate();
  const { notify, fail } = useNotices();
  const [params, setParams] = useSearchParams();
  const [selected, setSelected] = useState<ReadonlySet<string>>(new Set());
  const [asked, setAsked] = useState<{ of: PagesAsked; pages: PageRecord[] } | null>(null);
  const [proof, setProof] = useState<readonly string[] | null>(null);
  const [pending, setPending] = useState<ReadonlyMap<string, string>>(new Map());
  const { working, handOver, saveData } = useHandingOver(site.id);
  const strip = useRef<HTMLElement>(null);
  const limits = useMemo(() => limitsOf(site.houseStyle), [site.houseStyle]);
  const set: ColumnSet =
    params.get("columns") && (params.get("columns") as string) in COLUMN_SETS
      ? (params.get("columns") as ColumnSet)
      : "results";
  const query = pages?.query ?? "";
  const link = useCallback((page: PageRecord) => `${linkToPage(site.id, page.id)}${query}`, [site.id, query]);
  const ticked = useMemo(() => (pages ? pages.all.filter((page) => selected.has(page.id)) : []), [pages, selected]);

  // Loaded where somebody is about to ask for a change of many pages.
  const aboutToAsk = ticked.length > 0 || (pages?.filter.rule ?? "") !== "";
  useSoon(loadProposals, aboutToAsk);

  const keep = async (change: CellChange) => {
    const key = `${change.page.id} ${change.edits}`;
    setPending((all) => new Map(all).set(key, change.text));
    try {
      const [refusal] = await keepCell(site, change);
      if (refusal) fail(new Error(refusal.reason));
    } catch (error) {
      fail(error);
    } finally {
      setTimeout(() => setPending((all) => new Map([...all].filter(([one]) => one !== key))), SETTLES);
    }
  };
  const paste = (cells: CellChange[], pasted: number) => {
    if (cells.length === 0) {
      notify("Nothing changes", "The pasted cells say what the table says already, or the columns cannot be edited.");
      return;
    }
    setAsked({ of: { ask: "paste", cells, pasted }, pages: [...new Set(cells.map(({ page }) => page))] });
  };
  const again = async () => {
    try {
      const { fetchAgain } = await import("../bring-in/fetch-again");
      await fetchAgain(site, ticked);
      navigate(`/bring-in?site=${site.id}&way=web`);
    } catch (error) {
      fail(error);
    }
  };
  const ask = (of: PagesAsked | "again", on = ticked) => {
    if (on.length > 0 && of === "again") void again();
    else if (on.length > 0 && of !== "again") setAsked({ of, pages: on });
    else notify("No page is selected", "Tick pages in the table first, or press Ctrl A in it for all that are shown.");
  };
  const proofOf = (of: readonly PageRecord[]) => setProof(of.map(({ id }) => id));
  const lookAtFixes = async (rule: string) => {
    if (!pages) return;
    const { fixesAsked } = await import("../pages/fixes-asked");
    setAsked({ of: fixesAsked(rule, pages), pages: [...pages.shown] });
  };
  const find = (text: string) =>
    pages && setParams(withColumns(queryOf({ ...pages.filter, find: text }), set), { replace: true });
  const [typed, type] = useTyped(pages?.filter.find ?? "");

  const [all, few] = [pages?.all.length ?? 0, pages?.shown.length ?? 0];
  useAnnounced(pages && (few === 0 ? "No page is like that." : `${few} of ${all} pages`));

  if (!pages) return <main className="flex-1 p-8 text-ink-soft">Reading the pages…</main>;
  return (
    <Screen>
      <TitleLine
        site={site}
        screen={screenOf("pages")}
        commands={[
          { name: "Hand over the changed pages", run: () => void handOver() },
          { name: "Proof of the shown pages for approval", run: () => proofOf(pages.shown) },
          { name: "Answers to a proof have come back", run: () => proofOf(pages.shown) },
          ...actionsOn(ticked).map(({ command, asked }) => ({ name: command, run: () => ask(asked) })),
          { name: "Find and replace in the shown pages", run: () => ask({ way: "replace" }, pages.shown) },
          { name: "Trim the repeated name from the shown pages", run: () => ask({ way: "brand" }, pages.shown) },
          { name: "Select none", run: () => setSelected(new Set()) },
          { name: "Save the structured data of the shown pages", run: () => void saveData(pages.shown) },
          { name: "Show all pages", run: () => navigate(linkTo(site, screenOf("pages"))) },
        ]}
      >
        <SiteName as="h1" site={site} />
        <span className="truncate text-ink-soft max-[43.75rem]:hidden">
          brought in{" "}
          {new Intl.DateTimeFormat("en-GB", { dateStyle: "medium", timeStyle: "short" }).format(
            new Date(site.broughtInAt),
          )}
        </span>
      </TitleLine>
      <div className="flex min-h-0 flex-1 flex-col overflow-y-auto bg-sheet">
        <div className="px-6 pt-4">
          <Sentence site={site} pages={pages} />
        </div>
        <div className="mt-2 flex flex-wrap items-baseline gap-x-6 gap-y-1 px-6 pb-2 print:hidden">
          <FindField
            label="Find among the pages"
            placeholder={
              pages.shown.length === 1
                ? "Find in this page"
                : `Find in these ${new Intl.NumberFormat("en-GB").format(pages.shown.length)}`
            }
            value={typed}
            onChange={(text) => {
              type(text);
              find(text);
            }}
            className="w-[13.75rem] py-1"
          />
          <label className="flex items-baseline gap-1.5 text-ink-soft">
            shown
            <select
              aria-label="Columns"
              value={set}
              onChange={(e) => setParams(withColumns(query, e.target.value as ColumnSet), { replace: true })}
              className="cursor-pointer [field-sizing:content] border-graphite border-b border-dotted bg-transparent text-ink"
            >
              {Object.entries(COLUMN_SETS).map(([one, { called: name }]) => (
                <option key={one} value={one}>
                  {name}
                </option>
              ))}
            </select>
          </label>
          {pages.filter.rule !== "" && pages.shown.length > 0 && (
            <Action onClick={() => void lookAtFixes(pages.filter.rule)}>Look at the fixes</Action>
          )}
          <span className="flex-1" />
          {besideColumns(set).map((screen) => (
            <Link key={screen.path} to={linkTo(site, screen)} className="text-blue hover:underline">
              {screen.name}
            </Link>
          ))}
          {working}
          {set === "data" && !working && (
            <Action onClick={() => void saveData(pages.shown)}>Save as JSON-LD files</Action>
          )}
          <Link to={`/bring-in?site=${site.id}`} className="text-blue hover:underline">
            Bring in more
          </Link>
          <Action
            title="A file that shows what was changed, for whoever approves it; their answers come in here too"
            onClick={() => proofOf(ticked.length > 0 ? ticked : pages.shown)}
          >
            Proof…
          </Action>
          <Action busy={working !== null} onClick={() => void handOver()}>
            Hand over the changed pages
          </Action>
        </div>
        {pages.shown.length === 0 ? (
          <div className="border-hairline border-t p-8 text-15">
            <p>{pages.all.length === 0 ? "This site has no pages yet." : "No page is like that."}</p>
            <p className="mt-3">
              {pages.all.length === 0 ? (
                <Link className="text-blue underline" to={`/bring-in?site=${site.id}`}>
                  Bring in pages
                </Link>
              ) : (
                <Action onClick={() => setParams({}, { replace: true })}>Show all {pages.all.length}</Action>
              )}
            </p>
          </div>
        ) : (
          <Grid
            pages={pages.shown}
            groups={pages.groups}
            set={set}
            limits={limits}
            link={link}
            selected={selected}
            onSelect={setSelected}
            onEdit={(change) => void keep(change)}
            onPaste={paste}
            onLeave={() => {
              const first = strip.current?.querySelector("button");
              first?.focus();
              return first != null;
            }}
            pending={pending}
          />
        )}
        {ticked.length > 0 && <Strip ref={strip} pages={ticked} onAsk={ask} onClear={() => setSelected(new Set())} />}
      </div>
      {asked && (
        <AskedDialog
          site={site}
          pages={asked.pages}
          of={asked.of}
          onClose={(applied) => {
            setAsked(null);
            if (applied && "ask" in asked.of && asked.of.ask === "remove") setSelected(new Set());
          }}
        />
      )}
      {proof && <ProofDialog site={site} ids={proof} onClose={() => setProof(null)} />}
    </Screen>
  );
}

/** A query with the set of columns, which is left out where it is the usual one. */
function withColumns(query: string, set: ColumnSet): URLSearchParams {
  const params = new URLSearchParams(query);
  if (set !== "results") params.set("columns", set);
  return params;
}
