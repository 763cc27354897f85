import {
  createColumnHelper,
  flexRender,
  getCoreRowModel,
  getSortedRowModel,
  type SortingState,
  useReactTable,
} from "@tanstack/react-table";
import { useVirtualizer } from "@tanstack/react-virtual";
import { ArrowDown, ArrowUp } from "lucide-react";
import { useMemo, useRef, useState } from "react";
import { useHotkeys } from "react-hotkeys-hook";
import { Link, useNavigate, useSearchParams } from "react-router";
import { pathOf } from "#core/address/address";
import { limitsOf } from "#core/rules/house-style";
import { Sentence } from "../pages/sentence";
import { usePages } from "../pages/use-pages";
import { WidthLine } from "../pages/width-line";
import type { PageRecord } from "../store/db";
import { Action } from "../ui/controls";
import { download } from "../ui/download";
import { TitleLine } from "../ui/frame";
import { countsInWords, Mark } from "../ui/mark";
import { useNotices } from "../ui/notice";
import { useSite } from "./site";

export const meta = () => [{ title: "Pages · Keen Quill" }];

const column = createColumnHelper<PageRecord>();
const weightOf = ({ counts }: PageRecord) => counts.must * 1e6 + counts.should * 1e3 + counts.may;
const GRID =
  "grid grid-cols-[minmax(180px,1.1fr)_minmax(200px,1.7fr)_minmax(200px,1.8fr)_minmax(90px,0.8fr)_128px] gap-6 px-6";

export default function Pages() {
  const site = useSite();
  const pages = usePages(site.id);
  const navigate = useNavigate();
  const { say, fail } = useNotices();
  const [params, setParams] = useSearchParams();
  const [sorting, setSorting] = useState<SortingState>([]);
  const limits = limitsOf(site.houseStyle);
  const scroller = useRef<HTMLDivElement>(null);
  const finder = useRef<HTMLInputElement>(null);

  const columns = useMemo(
    () => [
      column.accessor("name", {
        header: "Page",
        cell: ({ row: { original: page } }) => (
          <>
            <span className="block truncate font-serif text-15">{page.name || "without a name"}</span>
            <span className="block truncate font-mono text-12 text-soft">{pathOf(page.address)}</span>
          </>
        ),
      }),
      column.accessor("title", {
        header: "Title",
        cell: ({ row: { original: page } }) => (
          <TextCell text={page.title} px={page.titlePx} limits={[limits.titleDesktop]} span={720} />
        ),
      }),
      column.accessor("description", {
        header: "Description",
        cell: ({ row: { original: page } }) => (
          <TextCell
            text={page.description}
            px={page.descriptionPx}
            limits={[limits.descriptionMobile, limits.descriptionDesktop]}
            span={1100}
          />
        ),
      }),
      column.accessor("slug", {
        header: "Slug",
        cell: ({ getValue }) => (
          <span className="block truncate font-mono text-12 text-soft">{getValue() || "the start page"}</span>
        ),
      }),
      column.accessor(weightOf, {
        id: "findings",
        header: "Findings",
        sortDescFirst: true,
        cell: ({ row: { original: page } }) => <Findings page={page} />,
      }),
    ],
    [limits.titleDesktop, limits.descriptionMobile, limits.descriptionDesktop],
  );
  const shown = pages?.shown ?? [];
  const table = useReactTable({
    data: shown,
    columns,
    state: { sorting },
    onSortingChange: setSorting,
    getCoreRowModel: getCoreRowModel(),
    getSortedRowModel: getSortedRowModel(),
    getRowId: (page) => page.id,
  });
  const { rows } = table.getRowModel();
  const virtual = useVirtualizer({
    count: rows.length,
    getScrollElement: () => scroller.current,
    estimateSize: () => 64,
    overscan: 8,
    getItemKey: (i) => rows[i]?.id ?? i,
  });

  const find = (text: string) => {
    const next = new URLSearchParams(params);
    if (text) next.set("find", text);
    else next.delete("find");
    setParams(next, { replace: true });
  };
  const handOver = async () => {
    try {
      // The encoders of every character set come only when something is handed over.
      const { handOverSite } = await import("../store/hand-over");
      const handed = await handOverSite(site.id);
      if (!handed) {
        say("Nothing has been changed yet", "Open a page and rewrite its title, then hand over.");
        return;
      }
      download("keen-quill-changes.zip", handed.zip, "application/zip");
      say(
        `${handed.pages} changed ${handed.pages === 1 ? "page" : "pages"} handed over`,
        handed.refused.map(({ reason }) => reason).join(" "),
      );
    } catch (error) {
      fail(error);
    }
  };
  const openRow = (step: number) => {
    const links = [...(scroller.current?.querySelectorAll<HTMLAnchorElement>("a[data-row]") ?? [])];
    const at = links.indexOf(document.activeElement as HTMLAnchorElement);
    links[Math.max(0, Math.min(links.length - 1, at + step))]?.focus();
  };
  useHotkeys("j, down", () => openRow(1), { preventDefault: true });
  useHotkeys("k, up", () => openRow(-1), { preventDefault: true });
  useHotkeys("/", () => finder.current?.focus(), { preventDefault: true });

  if (!pages) return <main className="flex-1 p-8 text-soft">Reading the pages…</main>;
  return (
    <main className="flex min-w-0 flex-1 flex-col">
      <TitleLine
        site={site}
        commands={[
          { name: "Hand over the changed pages", run: () => void handOver() },
          { name: "Show all pages", run: () => navigate(`/sites/${site.id}/pages`) },
        ]}
        shortcuts={[
          { keys: "J / K", does: "Next and previous page" },
          { keys: "Enter", does: "Open the page" },
          { keys: "/", does: "Find among the pages" },
        ]}
      >
        <h1 className="truncate font-medium font-serif text-15">{site.name || site.address}</h1>
        <span className="truncate text-soft max-[700px]:hidden">
          brought in{" "}
          {new Intl.DateTimeFormat("en-GB", { dateStyle: "medium", timeStyle: "short" }).format(
            new Date(site.broughtInAt),
          )}
        </span>
      </TitleLine>
      <div className="flex min-h-0 flex-1 flex-col bg-sheet">
        <div className="px-6 pt-5">
          <Sentence pages={pages.all} doubled={pages.doubled} show={pages.show} />
        </div>
        <div className="mt-3 flex items-baseline gap-6 px-6 pb-2">
          <input
            ref={finder}
            type="search"
            aria-label="Find among the pages"
            placeholder={pages.shown.length === 1 ? "Find in this page" : `Find in these ${pages.shown.length}`}
            value={pages.find}
            onChange={(e) => find(e.target.value)}
            className="w-[240px] border-hairline border-b bg-transparent py-1 outline-none focus-visible:border-blue"
          />
          <span className="flex-1" />
          <Link to={`/bring-in?site=${site.id}`} className="text-blue hover:underline">
            Bring in more
          </Link>
          <Action onClick={() => void handOver()}>Hand over the changed pages</Action>
        </div>
        {rows.length === 0 ? (
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
          // biome-ignore lint/a11y/useSemanticElements: rows are positioned one by one, which table elements cannot be
          <div
            role="table"
            aria-label="Pages"
            aria-rowcount={rows.length + 1}
            className="flex min-h-0 flex-1 flex-col overflow-x-auto"
          >
            {table.getHeaderGroups().map((group) => (
              // biome-ignore lint/a11y/useSemanticElements: see above
              // biome-ignore lint/a11y/useFocusableInteractive: its cells are focused
              <div key={group.id} role="row" className={`${GRID} min-w-[860px] border-hairline border-y py-1.5`}>
                {group.headers.map((header) => {
                  const sorted = header.column.getIsSorted();
                  return (
                    // biome-ignore lint/a11y/useSemanticElements: see above
                    // biome-ignore lint/a11y/useFocusableInteractive: its button is focused
                    <div
                      key={header.id}
                      role="columnheader"
                      aria-sort={sorted === "asc" ? "ascending" : sorted === "desc" ? "descending" : "none"}
                    >
                      <button
                        type="button"
                        onClick={header.column.getToggleSortingHandler()}
                        className="flex items-center gap-1 font-medium text-12 text-soft hover:text-ink"
                      >
                        {flexRender(header.column.columnDef.header, header.getContext())}
                        {sorted === "asc" && <ArrowUp size={12} aria-hidden />}
                        {sorted === "desc" && <ArrowDown size={12} aria-hidden />}
                      </button>
                    </div>
                  );
                })}
              </div>
            ))}
            <div ref={scroller} className="min-h-0 min-w-[860px] flex-1 overflow-y-auto">
              <div className="relative" style={{ height: virtual.getTotalSize() }}>
                {virtual.getVirtualItems().map((item) => {
                  const row = rows[item.index];
                  if (!row) return null;
                  return (
                    // biome-ignore lint/a11y/useSemanticElements: see above
                    // biome-ignore lint/a11y/useFocusableInteractive: its link is focused
                    <div
                      key={row.id}
                      role="row"
                      aria-rowindex={item.index + 2}
                      data-index={item.index}
                      ref={virtual.measureElement}
                      className={`${GRID} absolute top-0 w-full border-hairline border-b py-2.5 hover:bg-tint`}
                      style={{ transform: `translateY(${item.start}px)` }}
                    >
                      {row.getVisibleCells().map((cell, i) => (
                        // biome-ignore lint/a11y/useSemanticElements: see above
                        <div key={cell.id} role="cell" className="min-w-0">
                          {i === 0 ? (
                            <Link
                              data-row
                              to={`/sites/${site.id}/pages/${row.original.id}${pages.query}`}
                              className="block after:absolute after:inset-0"
                            >
                              {flexRender(cell.column.columnDef.cell, cell.getContext())}
                            </Link>
                          ) : (
                            flexRender(cell.column.columnDef.cell, cell.getContext())
                          )}
                        </div>
                      ))}
                    </div>
                  );
                })}
              </div>
            </div>
          </div>
        )}
      </div>
    </main>
  );
}

function TextCell({ text, px, limits, span }: { text: string; px: number; limits: number[]; span: number }) {
  if (text === "") return <span className="text-graphite">nothing yet</span>;
  return (
    <>
      <span className="line-clamp-2 break-words">{text.slice(0, 400)}</span>
      <WidthLine px={px} limits={limits} span={span} />
    </>
  );
}

function Findings({ page }: { page: PageRecord }) {
  const { counts } = page;
  const state = page.ready ? "ready" : page.edits > 0 ? "redrafted" : "";
  const heaviest = counts.must > 0 ? "must" : counts.should > 0 ? "should" : counts.may > 0 ? "may" : null;
  return (
    <span className="grid gap-0.5">
      {heaviest && (
        <span className="flex items-center gap-1">
          <Mark weight={heaviest} label={false} />
          {countsInWords(counts, counts.must + counts.should > 0 ? ["must", "should"] : ["may"])}
        </span>
      )}
      {state && <span className="text-blue">✓ {state}</span>}
    </span>
  );
}
