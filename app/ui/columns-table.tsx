/** Rows of the file that are shown. */
const SAMPLE = 5;

/** The columns of a table file with its first rows: what each holds is recognised, or said here. */
export function ColumnsTable<C extends string>({
  rows,
  columns,
  headed,
  names,
  onColumns,
}: {
  rows: readonly (readonly string[])[];
  columns: readonly (C | null)[];
  /** Whether the first row holds headings. */
  headed: boolean;
  /** What can be held, and what that is called. */
  names: Readonly<Record<C, string>>;
  onColumns: (columns: (C | null)[]) => void;
}) {
  return (
    <div className="mt-3 overflow-x-auto">
      <table className="w-full border-collapse text-12">
        <thead>
          <tr>
            {columns.map((column, i) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: columns have no other name
              <th key={i} className="border-hairline border-b p-1.5 text-left font-normal">
                <select
                  aria-label={`Column ${i + 1}`}
                  value={column ?? ""}
                  onChange={(e) => onColumns(columns.with(i, (e.target.value || null) as C | null))}
                  className="rounded border border-edge bg-sheet px-1.5 py-1 text-13"
                >
                  <option value="">left out</option>
                  {(Object.entries(names) as [C, string][]).map(([name, words]) => (
                    <option key={name} value={name}>
                      {words}
                    </option>
                  ))}
                </select>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.slice(0, SAMPLE).map((row, i) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: rows have no other name
            <tr key={i} className={i === 0 && headed ? "text-ink-soft" : ""}>
              {columns.map((_, k) => (
                // biome-ignore lint/suspicious/noArrayIndexKey: columns have no other name
                <td key={k} className="max-w-[13.75rem] truncate border-hairline border-b p-1.5">
                  {row[k]}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
