import { useLiveQuery } from "dexie-react-hooks";
import { useMemo, useRef, useState } from "react";
import { parseAddress, pathOf } from "#core/address/address";
import {
  type Assignment,
  COLUMN_NAMES,
  type PlannedRow,
  pagesOf,
  separatorName,
  TABLE_LIMITS_TEXT,
  takenAtFirst,
} from "#core/exchange/table-file";
import { limitsOf, type ResultLimits } from "#core/settings/house-style";
import { WasAndIs } from "../proposals/list";
import { applyPlan, pagesToMatch } from "../store/apply-table";
import type { TablePlan, TableRead } from "../store/read-table";
import type { SiteRecord } from "../store/records/sites";
import { ColumnsTable } from "../ui/columns-table";
import { Action, fieldClass, MainButton } from "../ui/controls";
import { NotPrinted, ROW, ROWS, useDrawnRows } from "../ui/drawn-rows";
import { HowFar } from "../ui/how-far";
import { useNotices } from "../ui/notice";
import { TableInput } from "../ui/table-input";
import { Tick } from "../ui/tick";
import { onPool, type PooledWorker } from "../workers/pool";
import { useOnPool } from "../workers/use-on-pool";

/** A table that was chosen or pasted, as it was read. */
interface ReadTable extends TableRead {
  source: Uint8Array | string;
}

const NOTHING_PLANNED: readonly PlannedRow[] = [];
/** Height of a row before it is measured, in px. */
const ROW_HEIGHT = 52;

/** Bringing in a spreadsheet: columns recognised or assigned, then row by row what will change. */
export function FromTable({
  site,
  base,
  onDone,
  fault,
}: {
  site: SiteRecord;
  base: string;
  onDone: () => void;
  fault: (text: string) => void;
}) {
  const { fail, notify } = useNotices();
  const [table, setTable] = useState<ReadTable | null>(null);
  const [reading, setReading] = useState(false);
  const [assignment, setAssignment] = useState<Assignment>({ columns: [], headed: true });
  const [pasted, setPasted] = useState("");
  /** Rows that the editor has decided otherwise about than is done at first. */
  const [decided, setDecided] = useState<ReadonlyMap<number, boolean>>(new Map());
  const [said, setSaid] = useState("");
  const [done, setDone] = useState<number | null>(null);
  const file = useRef<HTMLInputElement>(null);
  const stop = useRef<AbortController>(undefined);
  const known = useLiveQuery(() => pagesToMatch(site.id), [site.id]);

  const take = async (source: Uint8Array | string) => {
    setReading(true);
    try {
      const read = await onPool(async (worker) => await worker.readTableFile(source));
      fault("reason" in read ? read.reason : "");
      if ("reason" in read) return;
      setTable({ ...read, source });
      setAssignment(read.assignment);
      setDecided(new Map());
    } catch (error) {
      fail(error);
    } finally {
      setReading(false);
    }
  };
  const stands = parseAddress(base || site.address || said);
  const root = "address" in stands ? stands.address : null;
  const source = table?.source;
  const planning = useMemo(
    () =>
      source !== undefined && known
        ? async (worker: PooledWorker): Promise<TablePlan> =>
            await worker.planTableFile(source, assignment, known, root)
        : null,
    [source, known, assignment, root],
  );
  const { made: planned, working } = useOnPool(planning, fail);
  const plan = planned?.plan ?? NOTHING_PLANNED;
  const taken = useMemo(() => {
    const rows = takenAtFirst(plan);
    for (const [row, take] of decided)
      if (take) rows.add(row);
      else rows.delete(row);
    return rows;
  }, [plan, decided]);
  const decide = (rows: readonly number[], take: boolean) =>
    setDecided(new Map([...decided, ...rows.map((row) => [row, take] as const)]));
  const pages = pagesOf(plan, taken);
  const same = plan.filter(({ does }) => does === "same").length;
  const leftOut = plan.length - same - plan.filter(({ row }) => taken.has(row)).length;
  const doubtful = plan.filter(({ doubt, does, row }) => doubt !== null && does !== "same" && !taken.has(row));
  const apply = async () => {
    stop.current = new AbortController();
    setDone(0);
    try {
      const { changed, added, refused } = await applyPlan(site, plan, taken, {
        onProgress: setDone,
        signal: stop.current.signal,
      });
      const [first] = refused;
      if (stop.current.signal.aborted) {
        notify(
          "Stopped",
          changed + added === 0 ? "Nothing was changed." : `${changed} changed, ${added} added; the rest was left out.`,
        );
        return;
      }
      notify(
        `${changed} changed, ${added} added`,
        first ? `${refused.length} texts could not be set: ${first.reason}` : undefined,
      );
      onDone();
    } catch (error) {
      fail(error);
    } finally {
      setDone(null);
    }
  };

  if (!table) {
    return (
      <div className="grid gap-4">
        <p className="max-w-[60ch] text-15">
          A CSV or TSV file with a column of addresses, and titles, descriptions, slugs, H1s or target phrases beside
          them. It makes pages, or fills in the redrafts of pages that are there.
        </p>
        <p>
          <MainButton onClick={() => file.current?.click()}>Choose a CSV or TSV file</MainButton>
          <TableInput ref={file} label="CSV or TSV file" onChosen={({ bytes }) => void take(bytes)} />
          <span className="ml-4 text-ink-soft" aria-live="polite">
            {reading ? "Reading the table…" : TABLE_LIMITS_TEXT}
          </span>
        </p>
        <label className="grid gap-1.5">
          <span className="text-15">Or paste rows from a spreadsheet</span>
          <textarea
            rows={5}
            value={pasted}
            onChange={(e) => setPasted(e.target.value)}
            className={`${fieldClass} font-mono text-12`}
            spellCheck={false}
          />
        </label>
        <p>
          <MainButton disabled={pasted.trim() === ""} busy={reading} onClick={() => void take(pasted)}>
            Read these rows
          </MainButton>
        </p>
      </div>
    );
  }
  const limits = limitsOf(site.houseStyle);
  const addressed = assignment.columns.includes("address");
  return (
    <div className="grid gap-6">
      <section aria-label="Columns">
        <p className="text-15">
          {table.rows.toLocaleString("en-GB")} {table.rows === 1 ? "row" : "rows"}, separated by{" "}
          {separatorName(table.separator)}, read as {table.charset}. What is in each column?
        </p>
        {table.notes.map((note) => (
          <p key={note} className="mt-1 text-red">
            {note}
          </p>
        ))}
        <ColumnsTable
          rows={table.sample}
          {...assignment}
          names={COLUMN_NAMES}
          onColumns={(columns) => setAssignment({ ...assignment, columns })}
        />
        <label className="mt-2 flex items-center gap-2">
          <input
            type="checkbox"
            checked={assignment.headed}
            onChange={(e) => setAssignment({ ...assignment, headed: e.target.checked })}
          />
          The first row holds headings
        </label>
      </section>
      {addressed && !base && !site.address && planned?.hasPaths && (
        <label className="grid gap-1">
          <span className="text-15">Where does the site stand?</span>
          <input
            aria-label="Address of the site"
            placeholder="https://www.your-site.example/"
            value={said}
            onChange={(e) => setSaid(e.target.value)}
            className={`${fieldClass} max-w-[26.25rem]`}
          />
          <span className="text-12 text-ink-soft">Some addresses of the table are paths alone.</span>
        </label>
      )}
      {addressed ? (
        <section aria-label="What will change">
          <h2 className="font-serif text-18" aria-live="polite">
            {pages.change} {pages.change === 1 ? "page changes" : "pages change"}, {pages.add}{" "}
            {pages.add === 1 ? "is" : "are"} added, {same} {same === 1 ? "row stays" : "rows stay"} as{" "}
            {same === 1 ? "it is" : "they are"}
            {leftOut > 0 && `, ${leftOut.toLocaleString("en-GB")} ${leftOut === 1 ? "row is" : "rows are"} left out`}
          </h2>
          {doubtful.length > 0 && (
            <p className="mt-1 flex items-baseline gap-3 [&>button]:shrink-0">
              <span className="text-red">
                {doubtful.length === 1 ? "1 row is" : `${doubtful.length.toLocaleString("en-GB")} rows are`} not ticked:
                such rows replace your own changes, change a page a second time, or add a page at an address that the
                site does not have.
              </span>
              <Action
                onClick={() =>
                  decide(
                    doubtful.map(({ row }) => row),
                    true,
                  )
                }
              >
                Tick all
              </Action>
            </p>
          )}
          <PlannedRows
            plan={plan}
            taken={taken}
            limits={limits}
            onTake={(row, take) => decide([row], take)}
            working={working}
          />
        </section>
      ) : (
        <p role="alert" className="border-red border-l-4 pl-3 text-15">
          Say which column holds the addresses of the pages.
        </p>
      )}
      <div className="flex items-center gap-4">
        <MainButton
          disabled={!addressed || pages.change + pages.add === 0}
          busy={working || done !== null}
          onClick={() => void apply()}
        >
          {done !== null ? (
            <HowFar done={done} of={pages.change + pages.add} after="…" />
          ) : (
            `Apply to ${pages.change + pages.add === 1 ? "1 page" : `${pages.change + pages.add} pages`}`
          )}
        </MainButton>
        {done === null ? (
          <Action onClick={() => setTable(null)}>Choose another table</Action>
        ) : (
          <Action onClick={() => stop.current?.abort()}>Stop</Action>
        )}
      </div>
    </div>
  );
}

/** The rows that change something or cannot be read, of any number: those that are seen are drawn. */
function PlannedRows({
  plan,
  taken,
  limits,
  onTake,
  working,
}: {
  plan: readonly PlannedRow[];
  taken: ReadonlySet<number>;
  limits: ResultLimits;
  onTake: (row: number, take: boolean) => void;
  working: boolean;
}) {
  const shown = useMemo(() => plan.filter(({ does }) => does !== "same"), [plan]);
  const box = useRef<HTMLDivElement>(null);
  const virtual = useDrawnRows({
    count: shown.length,
    getScrollElement: () => box.current,
    estimateSize: () => ROW_HEIGHT,
    getItemKey: (i) => shown[i]?.row ?? i,
  });
  return (
    <section
      ref={box}
      aria-label="Rows of the table"
      // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls is scrolled by keyboard
      tabIndex={0}
      className={`mt-3 max-h-[60vh] overflow-auto border-hairline border-y print:max-h-none ${working ? "set-back" : ""}`}
    >
      <ul className={ROWS} style={{ height: virtual.getTotalSize() }}>
        {virtual.getVirtualItems().map(({ index, key, start }) => {
          const row = shown[index];
          return (
            row && (
              <li
                key={key}
                ref={virtual.measureElement}
                data-index={index}
                aria-setsize={shown.length}
                aria-posinset={index + 1}
                className={`${ROW} grid grid-cols-[6rem_minmax(0,1fr)_minmax(0,2fr)] gap-4 border-hairline border-b py-2 max-[43.75rem]:grid-cols-1 max-[43.75rem]:gap-1`}
                style={{ transform: `translateY(${start}px)` }}
              >
                <Planned row={row} taken={taken.has(row.row)} limits={limits} onTake={onTake} />
              </li>
            )
          );
        })}
      </ul>
      <NotPrinted of={shown.length} />
    </section>
  );
}

function Planned({
  row: { row, does, address, fault, doubt, changes },
  taken,
  limits,
  onTake,
}: {
  row: PlannedRow;
  taken: boolean;
  limits: ResultLimits;
  onTake: (row: number, take: boolean) => void;
}) {
  return (
    <>
      {does === "fault" ? (
        <span className="text-ink-soft">row {row}</span>
      ) : (
        <span className="flex items-start gap-2">
          <Tick label={`Take row ${row}`} checked={taken} onChange={() => onTake(row, !taken)} />
          row {row}
        </span>
      )}
      <span className="min-w-0">
        <span className="block truncate font-mono text-12">{fault ? address || "–" : pathOf(address)}</span>
        <span className={fault ? "text-red" : "text-ink-soft"}>{fault ?? (does === "add" ? "a new page" : "")}</span>
        {doubt && <span className="block text-red">{doubt}</span>}
      </span>
      <span className={`grid content-start gap-1 ${does === "fault" || taken ? "" : "set-back"}`}>
        {changes.map(({ column, was, is }) => (
          <span key={column} className="grid">
            <WasAndIs
              called={COLUMN_NAMES[column]}
              was={was}
              is={is}
              shownAs={column === "title" || column === "description" ? column : undefined}
              limits={limits}
            />
          </span>
        ))}
      </span>
    </>
  );
}
