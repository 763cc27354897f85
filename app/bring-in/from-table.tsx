import { useLiveQuery } from "dexie-react-hooks";
import { useMemo, useRef, useState } from "react";
import { parseAddress, pathOf } from "#core/address/address";
import {
  type Assignment,
  assignColumns,
  COLUMN_NAMES,
  pagesOf,
  planTable,
  readTable,
  separatorName,
  type TableFile,
  takenAtFirst,
} from "#core/exchange/table-file";
import { limitsOf } from "#core/settings/house-style";
import { WasAndIs } from "../proposals/list";
import { applyPlan, pagesToMatch } from "../store/apply-table";
import type { SiteRecord } from "../store/records/sites";
import { ColumnsTable } from "../ui/columns-table";
import { Action, fieldClass, MainButton } from "../ui/controls";
import { HowFar } from "../ui/how-far";
import { useNotices } from "../ui/notice";
import { TableInput } from "../ui/table-input";
import { Tick } from "../ui/tick";

/** Rows of the plan that are shown. */
const PLANNED = 300;

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
  const [table, setTable] = useState<TableFile | null>(null);
  const [assignment, setAssignment] = useState<Assignment>({ columns: [], headed: true });
  const [pasted, setPasted] = useState("");
  /** Rows that the editor has decided otherwise about than is done at first. */
  const [decided, setDecided] = useState<ReadonlyMap<number, boolean>>(new Map());
  const [said, setSaid] = useState("");
  const [done, setDone] = useState<number | null>(null);
  const file = useRef<HTMLInputElement>(null);
  const stop = useRef<AbortController>(undefined);
  const known = useLiveQuery(() => pagesToMatch(site.id), [site.id]);

  const take = (source: Uint8Array | string) => {
    const read = readTable(source);
    if ("reason" in read) {
      fault(read.reason);
      return;
    }
    fault("");
    setTable(read);
    setAssignment(assignColumns(read.rows));
    setDecided(new Map());
  };
  const stands = parseAddress(base || site.address || said);
  const root = "address" in stands ? stands.address : null;
  const plan = useMemo(
    () => (table && known ? planTable(table.rows, assignment, known, root) : []),
    [table, known, assignment, root],
  );
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
          <TableInput ref={file} label="CSV or TSV file" onChosen={({ bytes }) => take(bytes)} />
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
          <MainButton disabled={pasted.trim() === ""} onClick={() => take(pasted)}>
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
          {table.rows.length} rows, separated by {separatorName(table.separator)}, read as {table.charset}. What is in
          each column?
        </p>
        {table.notes.map((note) => (
          <p key={note} className="mt-1 text-red">
            {note}
          </p>
        ))}
        <ColumnsTable
          rows={table.rows}
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
      {addressed &&
        !base &&
        !site.address &&
        table.rows.some((row) => row[assignment.columns.indexOf("address")]?.startsWith("/")) && (
          <label className="grid gap-1">
            <span className="text-15">Where does the site stand?</span>
            <input
              aria-label="Address of the site"
              placeholder="https://www.your-site.example/"
              value={said}
              onChange={(e) => setSaid(e.target.value)}
              className={`${fieldClass} max-w-[420px]`}
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
            {leftOut > 0 && `, ${leftOut} ${leftOut === 1 ? "row is" : "rows are"} left out`}
          </h2>
          {doubtful.length > 0 && (
            <p className="mt-1 flex gap-3">
              <span className="text-red">
                {doubtful.length === 1 ? "1 row" : `${doubtful.length} rows`} would replace what you have redrafted, or
                say something of a page again: left out unless you tick {doubtful.length === 1 ? "it" : "them"}.
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
          <ul className="mt-3 divide-y divide-hairline border-hairline border-y">
            {plan
              .filter(({ does }) => does !== "same")
              .slice(0, PLANNED)
              .map((row) => (
                <li
                  key={row.row}
                  className="grid grid-cols-[96px_minmax(0,1fr)_minmax(0,2fr)] gap-4 py-2 max-[700px]:grid-cols-1 max-[700px]:gap-1"
                >
                  {row.does === "fault" ? (
                    <span className="text-ink-soft">row {row.row}</span>
                  ) : (
                    <span className="flex items-start gap-2">
                      <Tick
                        label={`Take row ${row.row}`}
                        checked={taken.has(row.row)}
                        onChange={() => decide([row.row], !taken.has(row.row))}
                      />
                      row {row.row}
                    </span>
                  )}
                  <span className="min-w-0">
                    <span className="block truncate font-mono text-12">
                      {row.fault ? row.address || "–" : pathOf(row.address)}
                    </span>
                    <span className={row.fault ? "text-red" : "text-ink-soft"}>
                      {row.fault ?? (row.does === "add" ? "a new page" : "")}
                    </span>
                    {row.doubt && <span className="block text-red">{row.doubt}</span>}
                  </span>
                  <span
                    className={`grid content-start gap-1 ${row.does === "fault" || taken.has(row.row) ? "" : "set-back"}`}
                  >
                    {row.changes.map(({ column, was, is }) => (
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
                </li>
              ))}
          </ul>
          {plan.length > PLANNED && (
            <p className="mt-2 text-ink-soft">and more rows like these, up to row {plan.at(-1)?.row}.</p>
          )}
        </section>
      ) : (
        <p role="alert" className="border-red border-l-4 pl-3 text-15">
          Say which column holds the addresses of the pages.
        </p>
      )}
      <div className="flex items-center gap-4">
        <MainButton
          disabled={!addressed || pages.change + pages.add === 0 || done !== null}
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
