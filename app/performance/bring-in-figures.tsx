import { useMemo, useRef, useState } from "react";
import {
  assignPerformance,
  type PerformanceColumn,
  periodInName,
  readPerformance,
} from "#core/exchange/performance-table";
import { readTable } from "#core/exchange/table-file";
import { keepFigures } from "../store/performance";
import type { PeriodRecord } from "../store/records/performance";
import type { SiteRecord } from "../store/records/sites";
import { ColumnsTable } from "../ui/columns-table";
import { Action, fieldClass, MainButton } from "../ui/controls";
import { Modal } from "../ui/modal";
import { useNotices } from "../ui/notice";
import { type ChosenTable, TableInput } from "../ui/table-input";
import { periodInWords } from "./words";

const NAMES: Readonly<Record<PerformanceColumn, string>> = {
  address: "address",
  phrase: "phrase",
  clicks: "clicks",
  impressions: "impressions",
  position: "place in the results",
  date: "day, or first day",
  until: "last day",
};

const number = new Intl.NumberFormat("en-GB");

/** Figures out of a file: what its columns hold and which period it is of is recognised, or said here. */
export function BringInFigures({
  site,
  file: first,
  periods,
  onKept,
  onClose,
}: {
  site: SiteRecord;
  file: ChosenTable;
  periods: readonly PeriodRecord[];
  /** The period that is kept. */
  onKept: (id: string) => void;
  onClose: () => void;
}) {
  const { notify, fail } = useNotices();
  const [file, setFile] = useState(first);
  const table = useMemo(() => readTable(file.bytes), [file]);
  const rows = "reason" in table ? [] : table.rows;
  const guess = useMemo(() => assignPerformance(rows), [rows]);
  const [chosen, setChosen] = useState<{ of: ChosenTable; columns: (PerformanceColumn | null)[] } | null>(null);
  const columns = chosen?.of === file ? chosen.columns : guess.columns;
  const read = useMemo(
    () => readPerformance(rows, { columns, headed: guess.headed }, site.address || null),
    [rows, columns, guess.headed, site.address],
  );
  const [days, setDays] = useState<{ from?: string; to?: string }>({});
  const told = ("reason" in read ? null : read.period) ?? periodInName(file.name);
  const from = days.from ?? told?.from ?? "";
  const to = days.to ?? told?.to ?? "";
  const wrong =
    from === "" || to === ""
      ? "Say which days these figures are of: the first and the last."
      : from > to
        ? "The last day is before the first."
        : null;
  const same = periods.find((one) => one.from === from && one.to === to);
  const input = useRef<HTMLInputElement>(null);
  const keep = async () => {
    if ("reason" in read) return;
    try {
      onKept(await keepFigures(site.id, { from, to }, file.name, read.rows));
      notify(`Figures of ${periodInWords({ from, to })} are kept`, `${number.format(read.rows.length)} rows.`);
      onClose();
    } catch (error) {
      fail(error);
    }
  };
  const fault = "reason" in table ? table.reason : "reason" in read ? read.reason : null;
  return (
    <Modal
      open
      wide
      onOpenChange={(open) => !open && onClose()}
      title={`Figures out of ${file.name}`}
      description="What a search engine measured: how often each page was shown and clicked for which phrase, and at which place."
    >
      <div className="mt-4 grid gap-4">
        {rows.length > 0 && (
          <ColumnsTable
            rows={rows}
            columns={columns}
            headed={guess.headed}
            names={NAMES}
            onColumns={(next) => setChosen({ of: file, columns: next })}
          />
        )}
        {fault ? (
          <p role="alert" className="text-red">
            {fault}
          </p>
        ) : (
          !("reason" in read) && (
            <p aria-live="polite">
              {number.format(read.rows.length)} {read.rows.length === 1 ? "row is" : "rows are"} read.
            </p>
          )
        )}
        {!("reason" in read) && read.notes.length > 0 && (
          <ul className="grid max-h-32 gap-1 overflow-auto text-12 text-soft">
            {read.notes.map((note) => (
              <li key={note}>{note}</li>
            ))}
          </ul>
        )}
        <div className="flex flex-wrap items-end gap-4">
          <label className="grid gap-1">
            <span className="text-soft">First day</span>
            <input
              type="date"
              value={from}
              onChange={(e) => setDays({ ...days, from: e.target.value })}
              className={fieldClass}
            />
          </label>
          <label className="grid gap-1">
            <span className="text-soft">Last day</span>
            <input
              type="date"
              value={to}
              onChange={(e) => setDays({ ...days, to: e.target.value })}
              className={fieldClass}
            />
          </label>
          <p className={`max-w-[40ch] pb-1.5 ${wrong ? "text-red" : "text-soft"}`} aria-live="polite">
            {wrong ?? (same ? `They take the place of those of ${periodInWords(same)}, out of ${same.file}.` : "")}
          </p>
        </div>
        <div className="flex flex-wrap items-center gap-5">
          <MainButton disabled={fault !== null || wrong !== null} onClick={() => void keep()}>
            Keep these figures
          </MainButton>
          <Action onClick={() => input.current?.click()}>Another file…</Action>
          <Action onClick={onClose}>Cancel</Action>
          <TableInput
            ref={input}
            label="Another CSV file of figures"
            onChosen={(next) => {
              setFile(next);
              setDays({});
            }}
          />
        </div>
      </div>
    </Modal>
  );
}
