import { type ColumnDef, createColumnHelper } from "@tanstack/react-table";
import { Link } from "react-router";
import { pathOf } from "#core/address/address";
import { PAGE_KINDS } from "#core/page/page-kind";
import type { Field } from "#core/rewrite/field-edit";
import type { ResultLimits } from "#core/settings/house-style";
import type { PageRecord } from "../store/page-record";
import { countsInWords, Mark } from "../ui/mark";
import { WidthLine } from "./width-line";

/** What a column is edited as; a column without one is read only. */
export type EditedAs = Field | "phrase" | "kind";

/** How wide a text may be: its cuts, and the width that the ruler's whole length stands for, in px of the search result. */
export interface CellRuler {
  limits: number[];
  span: number;
}

declare module "@tanstack/react-table" {
  interface ColumnMeta<TData, TValue> {
    edits?: EditedAs;
    /** CSS grid track. */
    track: string;
    ruler?: "title" | "description";
    mono?: boolean;
  }
}

/** What the table shows beside each page's name, chosen in words. */
export const COLUMN_SETS = {
  results: "with their results",
  outlines: "with their outlines",
  bodies: "with their bodies",
  data: "with their data",
  links: "with their links",
  phrases: "with their phrases and kinds",
} as const;
export type ColumnSet = keyof typeof COLUMN_SETS;

const column = createColumnHelper<PageRecord>();
const weightOf = ({ counts }: PageRecord) => counts.must * 1e6 + counts.should * 1e3 + counts.may;
const number = new Intl.NumberFormat("en-GB");

const page = (link: (page: PageRecord) => string) =>
  column.accessor("name", {
    header: "Page",
    meta: { track: "minmax(180px,1.1fr)" },
    cell: ({ row: { original } }) => (
      <Link tabIndex={-1} to={link(original)} className="block hover:[&>:first-child]:underline">
        <span className="block truncate font-serif text-15">{original.name || "without a name"}</span>
        <span className="block truncate font-mono text-12 text-soft">{pathOf(original.address)}</span>
      </Link>
    ),
  });

const findings = column.accessor(weightOf, {
  id: "findings",
  header: "Findings",
  sortDescFirst: true,
  meta: { track: "124px" },
  cell: ({ row: { original } }) => <Findings page={original} />,
});

const text = (
  id: "title" | "description" | "slug" | "h1" | "phrase",
  header: string,
  meta: { edits: EditedAs; track: string; ruler?: "title" | "description"; mono?: boolean },
) => column.accessor(id, { header, meta });

const count = (id: "words" | "paragraphs" | "lists" | "pictures" | "withoutAlt" | "links", header: string) =>
  column.accessor(id, {
    header,
    meta: { track: "minmax(80px,0.6fr)" },
    cell: ({ getValue }) => <span className="block text-right tabular-nums">{number.format(getValue())}</span>,
  });

const LEVELS = ["H1", "H2", "H3", "H4", "H5", "H6"];

/** “1 H1, 4 H2”. */
const levelsInWords = (levels: readonly number[]) =>
  levels.flatMap((n, i) => (n > 0 ? [`${n} ${LEVELS[i]}`] : [])).join(", ");

/** The columns of a set; the first is always the page, the last its findings. */
export function columnsOf(set: ColumnSet, link: (page: PageRecord) => string): ColumnDef<PageRecord>[] {
  return [...columnDefs(set, link)] as ColumnDef<PageRecord>[];
}

function columnDefs(set: ColumnSet, link: (page: PageRecord) => string) {
  const first = page(link);
  switch (set) {
    case "results":
      return [
        first,
        text("title", "Title", { edits: "title", track: "minmax(200px,1.7fr)", ruler: "title" }),
        text("description", "Description", {
          edits: "description",
          track: "minmax(200px,1.8fr)",
          ruler: "description",
        }),
        text("slug", "Slug", { edits: "slug", track: "minmax(90px,0.8fr)", mono: true }),
        findings,
      ];
    case "outlines":
      return [
        first,
        text("h1", "H1", { edits: "h1", track: "minmax(200px,1.5fr)" }),
        column.accessor(({ levels }) => levels.reduce((sum, n) => sum + n, 0), {
          id: "levels",
          header: "Headings",
          meta: { track: "minmax(150px,0.9fr)" },
          cell: ({ row: { original } }) => levelsInWords(original.levels) || <span className="text-soft">none</span>,
        }),
        column.accessor("outlineFault", {
          header: "First fault",
          meta: { track: "minmax(200px,1.5fr)" },
          cell: ({ getValue }) => <span className="line-clamp-3">{getValue()}</span>,
        }),
        findings,
      ];
    case "bodies":
      return [
        first,
        count("words", "Words"),
        count("paragraphs", "Paragraphs"),
        count("lists", "Lists"),
        count("pictures", "Pictures"),
        count("withoutAlt", "Without alt text"),
        findings,
      ];
    case "data":
      return [
        first,
        column.accessor(({ types }) => types.join(", "), {
          id: "types",
          header: "Structured data",
          meta: { track: "minmax(200px,2fr)" },
          cell: ({ getValue }) => getValue() || <span className="text-soft">none</span>,
        }),
        column.accessor("kind", {
          header: "Kind",
          meta: { edits: "kind", track: "minmax(110px,0.7fr)" },
          cell: ({ getValue }) => PAGE_KINDS[getValue()].one,
        }),
        findings,
      ];
    case "links":
      return [
        first,
        count("links", "Links from here"),
        column.accessor(({ address }) => pathOf(address).split(/[/?]/).filter(Boolean).length, {
          id: "segments",
          header: "Segments in the address",
          meta: { track: "minmax(110px,0.8fr)" },
          cell: ({ getValue }) => <span className="block text-right tabular-nums">{getValue()}</span>,
        }),
        text("slug", "Slug", { edits: "slug", track: "minmax(140px,1fr)", mono: true }),
        findings,
      ];
    case "phrases":
      return [
        first,
        text("phrase", "Target phrase", { edits: "phrase", track: "minmax(160px,1fr)" }),
        text("title", "Title", { edits: "title", track: "minmax(200px,1.6fr)", ruler: "title" }),
        column.accessor("kind", {
          header: "Kind",
          meta: { edits: "kind", track: "minmax(110px,0.7fr)" },
          cell: ({ row: { original } }) => <Kind page={original} />,
        }),
        findings,
      ];
  }
}

function Kind({ page: { kind, kindBy } }: { page: PageRecord }) {
  return (
    <>
      {PAGE_KINDS[kind].one}
      {kindBy === "guess" && <span className="block text-12 text-soft">guessed</span>}
    </>
  );
}

/** The widths that a ruler in a cell shows. */
export function rulerOf(kind: "title" | "description", limits: ResultLimits): CellRuler {
  return kind === "title"
    ? { limits: [limits.titleDesktop], span: 720 }
    : { limits: [limits.descriptionMobile, limits.descriptionDesktop], span: 1100 };
}

/** A text as a cell shows it, with its ruler. */
export function TextCell({
  text: shown,
  empty,
  px,
  ruler,
  pattern,
  mono,
}: {
  text: string;
  empty: string;
  px: number;
  ruler: CellRuler | null;
  pattern: boolean;
  mono: boolean;
}) {
  if (shown === "") return <span className="text-soft">{empty}</span>;
  return (
    <>
      <span className={`line-clamp-2 break-words ${mono ? "font-mono text-12" : ""}`}>{shown.slice(0, 400)}</span>
      {ruler && <WidthLine px={px} limits={ruler.limits} span={ruler.span} />}
      {pattern && <span className="block text-12 text-blue">from a pattern</span>}
    </>
  );
}

function Findings({ page: { counts, conflicts, ready, edits, settled } }: { page: PageRecord }) {
  const state = ready ? "ready" : edits > 0 ? "redrafted" : settled > 0 ? "settled" : "";
  const heaviest = counts.must > 0 ? "must" : counts.should > 0 ? "should" : counts.may > 0 ? "may" : null;
  return (
    <span className="grid gap-0.5">
      {heaviest && (
        <span className="flex items-center gap-1">
          <Mark weight={heaviest} label={false} />
          {countsInWords(counts, counts.must + counts.should > 0 ? ["must", "should"] : ["may"])}
        </span>
      )}
      {conflicts > 0 && <span className="text-red">{conflicts} to decide</span>}
      {state && <span className="text-blue">✓ {state}</span>}
    </span>
  );
}
