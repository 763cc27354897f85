import {
  assignPerformance,
  type PerformanceColumn,
  type PerformanceTable,
  readPerformance,
} from "#core/exchange/performance-table";
import { readTable } from "#core/exchange/table-file";
import type { Period } from "#core/performance/performance";
import { keepFigures } from "./performance";

/** Rows of a file that are shown while its columns are assigned. */
const SAMPLE = 6;

/** Which file is read, and how. */
export interface FiguresFile {
  bytes: Uint8Array;
  /** What each column holds, as somebody said; null where it is recognised. */
  columns: readonly (PerformanceColumn | null)[] | null;
  /** The site's address; null where nobody has said it. */
  base: string | null;
}

/** What a file of figures holds; its rows stay where they are read. */
export interface FiguresRead {
  sample: string[][];
  columns: readonly (PerformanceColumn | null)[];
  headed: boolean;
  found: { rows: number; period: Period | null; notes: string[] } | { reason: string };
}

function readAll({ bytes, columns, base }: FiguresFile): {
  sample: string[][];
  columns: readonly (PerformanceColumn | null)[];
  headed: boolean;
  table: PerformanceTable | { reason: string };
} {
  const read = readTable(bytes);
  if ("reason" in read) return { sample: [], columns: [], headed: false, table: read };
  const guess = assignPerformance(read.rows);
  const assigned = { columns: [...(columns ?? guess.columns)], headed: guess.headed };
  return { sample: read.rows.slice(0, SAMPLE), ...assigned, table: readPerformance(read, assigned, base) };
}

/** Reads a file of figures, which may take seconds. */
export function readFigures(file: FiguresFile): FiguresRead {
  const { table, ...rest } = readAll(file);
  const found = "reason" in table ? table : { rows: table.rows.length, period: table.period, notes: table.notes };
  return { ...rest, found };
}

/** Reads a file of figures and keeps them. Returns the period's id; throws where it holds none. */
export async function keepFiguresOf(siteId: string, file: FiguresFile, period: Period, name: string): Promise<string> {
  const { table } = readAll(file);
  if ("reason" in table) throw new Error(table.reason);
  return keepFigures(siteId, period, name, table.rows);
}
