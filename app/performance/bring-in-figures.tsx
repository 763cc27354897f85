import { useMemo, useRef, useState } from "react";
import { type PerformanceColumn, periodInName } from "#core/exchange/performance-table";
import type { PeriodRecord } from "../store/records/performance";
import type { SiteRecord } from "../store/records/sites";
import { ColumnsTable } from "../ui/columns-table";
import { Action, fieldClass, MainButton } from "../ui/controls";
import { Modal } from "../ui/modal";
import { useNotices } from "../ui/notice";
import { type ChosenTable, TableInput } from "../ui/table-input";
import { onPool, type PooledWorker } from "../workers/pool";
import { useOnPool } from "../workers/use-on-pool";
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
  const [chosen, setChosen] = useState<{ of: ChosenTable; columns: readonly (PerformanceColumn | null)[] } | null>(
    null,
  );
  const columns = chosen?.of === file ? chosen.columns : null;
  const asked = useMemo(
    () => ({ bytes: file.bytes, columns, base: site.address || null }),
    [file, columns, site.address],
  );
  const ask = useMemo(() => async (worker: PooledWorker) => await worker.readFigures(asked), [asked]);
  const { made: read, working: reading } = useOnPool(ask, fail);
  const found = read?.found ?? null;
  const rows = read?.sample ?? [];
  const [days, setDays] = useState<{ from?: string; to?: string }>({});
  const told = (found && !("reason" in found) ? found.period : null) ?? periodInName(file.name);
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
    try {
      onKept(await onPool(async (worker) => await worker.keepFiguresOf(site.id, asked, { from, to }, file.name)));
      notify(`Figures of ${periodInWords({ from, to })} are kept`);
      onClose();
    } catch (error) {
      fail(error);
    }
  };
  const fault = found && "reason" in found ? found.reason : null;
  return (
    <Modal
      open
      wide
      onOpenChange={(open) => !open && onClose()}
      title={`Figures out of ${file.name}`}
      description="What a search engine measured: how often each page was shown and clicked for which phrase, and at which place."
    >
      <div className="mt-4 grid gap-4">
        {read && rows.length > 0 && (
          <ColumnsTable
            rows={rows}
            columns={columns ?? read.columns}
            headed={read.headed}
            names={NAMES}
            onColumns={(next) => setChosen({ of: file, columns: next })}
          />
        )}
        {fault ? (
          <p role="alert" className="text-red">
            {fault}
          </p>
        ) : (
          <p aria-live="polite">
            {reading || !found || "reason" in found
              ? "Reading the file…"
              : `${number.format(found.rows)} ${found.rows === 1 ? "row is" : "rows are"} read.`}
          </p>
        )}
        {found && !("reason" in found) && found.notes.length > 0 && (
          <ul className="grid max-h-32 gap-1 overflow-auto text-12 text-ink-soft">
            {found.notes.map((note) => (
              <li key={note}>{note}</li>
            ))}
          </ul>
        )}
        <div className="flex flex-wrap items-end gap-4">
          <label className="grid gap-1">
            <span className="text-ink-soft">First day</span>
            <input
              type="date"
              value={from}
              onChange={(e) => setDays({ ...days, from: e.target.value })}
              className={fieldClass}
            />
          </label>
          <label className="grid gap-1">
            <span className="text-ink-soft">Last day</span>
            <input
              type="date"
              value={to}
              onChange={(e) => setDays({ ...days, to: e.target.value })}
              className={fieldClass}
            />
          </label>
          <p className={`max-w-[40ch] pb-1.5 ${wrong ? "text-red" : "text-ink-soft"}`} aria-live="polite">
            {wrong ?? (same ? `They take the place of those of ${periodInWords(same)}, out of ${same.file}.` : "")}
          </p>
        </div>
        <div className="flex flex-wrap items-center gap-5">
          <MainButton disabled={fault !== null || wrong !== null} busy={reading} onClick={() => void keep()}>
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
