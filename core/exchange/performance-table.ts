import { parseAddress } from "../address/address.ts";
import { addedUp, groupedBy, keyOfPhrase, type PerformanceRow, type Period } from "../performance/performance.ts";
import { headingReader, NAMES } from "./column-names.ts";
import { readVolume } from "./phrase-table.ts";
import { addressColumn, firstNotes, readTable, type TableRows } from "./table-file.ts";

/** What a column of measured figures can hold; `date` is a day or the first of a period, `until` its last. */
export const PERFORMANCE_COLUMNS = ["address", "phrase", "clicks", "impressions", "position", "date", "until"] as const;
export type PerformanceColumn = (typeof PERFORMANCE_COLUMNS)[number];

// As people and programs head them, in the languages of `column-names.ts`. Common practice, no source.
const readHeading = headingReader<PerformanceColumn>({
  address: `${NAMES.address}|pages|top pages|seiten|häufigste seiten|pages les plus populaires|páginas|pagine|paginas|sidor|sider|sivut|страницы|pagini|oldalak`,
  phrase: `${NAMES.phrase}|phrases|queries|top queries|search terms|search queries|suchanfrage|suchanfragen|häufigste suchanfragen|suchbegriffe|requêtes|consulta|consultas|query di ricerca|zoekopdracht|zoekopdrachten|zoektermen|sökfråga|sökfrågor|søk|søgning|søgninger|haku|haut|hakukysely|запросы|interogare|interogări|lekérdezés|lekérdezések`,
  clicks:
    "clicks|click|url clicks|klicks|klick|clics|clic|clique|cliques|klikken|klikker|klik|napsautukset|klikkaukset|клики|переходы|clicuri|kattintások|kattintás",
  impressions:
    "impressions|impression|views shown|shown|impressionen|einblendungen|impresiones|impressioni|impressões|vertoningen|visningar|visninger|eksponeringer|näyttökerrat|показы|afișări|megjelenések",
  position:
    "position|average position|avg position|avg pos|rank|ranking|place|durchschnittliche position|durchschnittl position|position moyenne|posición|posición media|posizione|posizione media|posição|posição média|positie|gemiddelde positie|genomsnittlig position|plassering|gjennomsnittlig plassering|gennemsnitlig placering|placering|sijainti|keskimääräinen sijainti|позиция|средняя позиция|poziție|poziția medie|pozíció|átlagos pozíció",
  date: "date|day|from|since|start|start date|datum|tag|von|ab|jour|du|depuis|fecha|día|desde|data|giorno|dal|dia|dag|van|från|fra|dato|päivä|alkaen|дата|день|с|zi|ziua|de la|dátum|nap",
  until:
    "until|till|through|end|end date|bis|jusqu|fin|fecha fin|hasta|fino al|até|tot|tot en met|till och med|til|til og med|asti|по|до|până la|ig",
});

/** What each column of a table of figures holds; null where it is left out. */
export interface PerformanceColumns {
  columns: (PerformanceColumn | null)[];
  /** Whether the first row holds headings. */
  headed: boolean;
}

/** Recognises columns by their headings, and addresses by how they look. */
export function assignPerformance(rows: readonly string[][]): PerformanceColumns {
  const [first = []] = rows;
  const found = Array.from(first, (cell) => readHeading(cell)?.column ?? null);
  const columns = found.map((column, i) => (found.indexOf(column) === i ? column : null));
  const headed = columns.some((column) => column !== null);
  const at = addressColumn(rows, columns, headed);
  if (at >= 0) columns[at] = "address";
  return { columns, headed };
}

/** Figures that were read. */
export interface PerformanceTable {
  /** One for each page and phrase. */
  rows: PerformanceRow[];
  /** As the table says; null where it does not. */
  period: Period | null;
  /** What was left out, row by row. */
  notes: string[];
}

/** A day as YYYY-MM-DD out of “2026-10-01”, “20261001” or “1.10.2026”; null where it is none, or could be two. */
export function readDay(text: string): string | null {
  const said = text.trim();
  const [, y, m, d] = /^(\d{4})-?(\d{2})-?(\d{2})(?:[T ].*)?$/.exec(said) ?? [];
  const [, day, month, year] = /^(\d{1,2})\.\s?(\d{1,2})\.\s?(\d{4})$/.exec(said) ?? [];
  return dayOf(y ?? year, m ?? month, d ?? day);
}

function dayOf(y: string | undefined, m: string | undefined, d: string | undefined): string | null {
  if (!y || !m || !d) return null;
  const day = `${y}-${m.padStart(2, "0")}-${d.padStart(2, "0")}`;
  return Number.isNaN(Date.parse(day)) || new Date(day).toISOString().slice(0, 10) !== day ? null : day;
}

/** The period that the name of a file says: “performance 2026-10-01 to 2026-10-31.csv”, or a month, “2026-10”. */
export function periodInName(name: string): Period | null {
  const days = [...name.matchAll(/(?<!\d)\d{4}-?\d{2}-?\d{2}(?!\d)/g)].flatMap(([text]) => readDay(text) ?? []);
  const [from, to] = days;
  if (from && to) return from <= to ? { from, to } : { from: to, to: from };
  const [month] = /(?<!\d)\d{4}-(?:0[1-9]|1[0-2])(?![-\d])/.exec(name) ?? [];
  if (!month) return null;
  const last = new Date(`${month}-01`);
  last.setUTCMonth(last.getUTCMonth() + 1, 0);
  return { from: `${month}-01`, to: last.toISOString().slice(0, 10) };
}

/** A place in the results: from 1, with a fraction behind a point or a comma. Null where there is none, undefined where it is no place. */
function readPosition(text: string): number | null | undefined {
  const said = text.trim();
  if (said === "" || /^(?:-|–|—|n\/?a)$/i.test(said)) return null;
  const place = /^\d+(?:[.,]\d+)?$/.test(said) ? Number(said.replace(",", ".")) : Number.NaN;
  if (place === 0) return null;
  return place >= 1 && place <= 10_000 ? place : undefined;
}

/**
 * Reads figures of a search engine: what a page had, what a phrase had, or what one had for the other, row by row or day by day.
 * Paths are read against `base`, null where nobody has said where the site stands.
 */
export function readPerformance(
  { rows, numbers, notes: before }: TableRows,
  { columns, headed }: PerformanceColumns,
  base: string | null,
): PerformanceTable | { reason: string } {
  const at = (column: PerformanceColumn) => columns.indexOf(column);
  if (at("address") < 0 && at("phrase") < 0)
    return { reason: "No column is known to hold addresses or phrases. Say which one does." };
  if (at("clicks") < 0 && at("impressions") < 0)
    return { reason: "No column is known to hold clicks or impressions. Say which one does." };
  const missing = (["clicks", "impressions"] as const)
    .filter((column) => at(column) < 0)
    .map((column) => `The table has no column of ${column}: they are taken as 0.`);
  const notes: string[] = [];
  const found: PerformanceRow[] = [];
  let period: Period | null = null;
  const first = headed ? 1 : 0;
  for (const [i, row] of rows.slice(first).entries()) {
    const cell = (column: PerformanceColumn) => row[at(column)]?.trim() ?? "";
    const leave = (why: string) => notes.push(`Row ${numbers[first + i]} is left out: ${why}`);
    const parsed = addressIn(cell("address"), base);
    if ("reason" in parsed) {
      leave(parsed.reason);
      continue;
    }
    const { address } = parsed;
    const phrase = cell("phrase").replace(/\s+/g, " ");
    if (address === "" && keyOfPhrase(phrase) === "") {
      leave("it names no page and no phrase.");
      continue;
    }
    const [clicks, impressions] = [readVolume(cell("clicks")), readVolume(cell("impressions"))];
    const position = readPosition(cell("position"));
    const wrong =
      clicks === undefined
        ? cell("clicks")
        : impressions === undefined
          ? cell("impressions")
          : position === undefined
            ? cell("position")
            : null;
    if (wrong !== null) {
      leave(`“${wrong}” is no number.`);
      continue;
    }
    const lacking = (["clicks", "impressions"] as const).find(
      (column) => at(column) >= 0 && (column === "clicks" ? clicks : impressions) === null,
    );
    if (lacking) {
      leave(`it has no ${lacking}.`);
      continue;
    }
    if (at("impressions") >= 0 && (clicks ?? 0) > (impressions ?? 0)) {
      leave(`it has more clicks (${cell("clicks")}) than impressions (${cell("impressions")}).`);
      continue;
    }
    period = withDays(period, readDay(cell("date")), readDay(cell("until")));
    found.push({ address, phrase, clicks: clicks ?? 0, impressions: impressions ?? 0, position: position ?? null });
  }
  if (found.length === 0) return { reason: notes[0] ?? "This table holds no figures. Choose another file." };
  const shown = firstNotes([...before, ...missing, ...notes]);
  const same = groupedBy(found, ({ address, phrase }) => JSON.stringify([address, keyOfPhrase(phrase)]));
  const all = [...same.values()].flatMap(([first, ...more]): PerformanceRow[] =>
    first ? [{ ...first, ...addedUp([first, ...more]) }] : [],
  );
  return { rows: all, period, notes: shown };
}

/** An address or a path of the site; "" stands for none. */
function addressIn(said: string, base: string | null): { address: string } | { reason: string } {
  if (said === "") return { address: "" };
  if (!said.startsWith("/")) return parseAddress(said);
  return base === null ? { reason: `“${said}” needs the site’s address.` } : parseAddress(new URL(said, base).href);
}

/** Figures out of a file, as its headings say; the period may be in its name. Paths are read against `base`. */
export function figuresIn(source: Uint8Array, name: string, base: string): PerformanceTable | { reason: string } {
  const table = readTable(source);
  if ("reason" in table) return table;
  const read = readPerformance(table, assignPerformance(table.rows), base);
  return "reason" in read ? read : { ...read, period: read.period ?? periodInName(name) };
}

function withDays(period: Period | null, day: string | null, until: string | null): Period | null {
  const [from, to] = [day ?? until, until ?? day];
  if (!from || !to) return period;
  const days = [from, to, ...(period ? [period.from, period.to] : [])].sort();
  return { from: days[0] ?? from, to: days.at(-1) ?? to };
}
