import { type Audience, EVERYONE } from "../page/found-for.ts";
import { phraseFault, phraseKey, uniquePhrases } from "../phrase/phrase-key.ts";
import { headingReader, NAMES } from "./column-names.ts";
import { firstNotes, type TableRows } from "./table-file.ts";

/** A phrase of a list, as it came in. */
export interface ListedPhrase {
  text: string;
  /** Searches a month; null where it is not said. */
  volume: number | null;
  /** What other columns say, by their headings. */
  more: Record<string, string>;
}

/** A list of phrases that was read. */
export interface PhraseTable {
  phrases: ListedPhrase[];
  /** What was left out or taken otherwise than it is written, row by row. */
  notes: string[];
}

const VOLUME =
  "volume|search volume|searches|searches a month|searches per month|searches month|monthly searches|average monthly searches|avg monthly searches|monthly volume|suchvolumen|suchanfragen|suchanfragen pro monat|volume de recherche|recherches mensuelles|volumen|volumen de búsqueda|búsquedas mensuales|volume di ricerca|ricerche mensili|volume de pesquisa|pesquisas mensais|zoekvolume|zoekopdrachten|sökvolym|sökningar|søkevolum|søk per måned|søgevolumen|søgninger|hakumäärä|haut kuukaudessa|частота|частотность|запросов в месяц|volum de căutare|căutări lunare|keresési volumen|havi keresések";

const readHeading = headingReader({ phrase: NAMES.phrase, volume: VOLUME });

/**
 * A number of searches as people and programs write it: with separators of thousands, “1.2k”, or a range, of which the middle
 * is taken. Undefined where it is none.
 */
export function readVolume(text: string): number | null | undefined {
  const said = text.trim().toLowerCase();
  if (said === "" || /^(?:-|–|—|n\/?a)$/.test(said)) return null;
  const range = said.split(/[–—-]|\.\.+/);
  if (range.length === 2) {
    const [low, high] = range.map(numberOf);
    return low === undefined || high === undefined || high < low ? undefined : Math.round((low + high) / 2);
  }
  return numberOf(said);
}

/** Digits in groups of three, or as India groups them (three, then twos), parted by one sign throughout. */
const GROUPED = /^\d{1,3}(?:([.,'’\s])\d{3}(?:\1\d{3})*)?$|^\d{1,2}(?:,\d{2})+,\d{3}$/;

/** A number as it is written: with groups of digits, a fraction behind the other sign, or a unit. Undefined where it is none. */
function numberOf(said: string): number | undefined {
  const [, written, unit] = /^[<>~≈]?\s*(\d(?:[\d.,'’\s]*\d)?)\s*(k|m|tsd|mio)?\+?$/.exec(said.trim()) ?? [];
  if (written === undefined) return undefined;
  const plain = amountOf(written, unit !== undefined);
  const value = plain * (unit === undefined ? 1 : /^(?:k|tsd)$/.test(unit) ? 1000 : 1_000_000);
  return Number.isFinite(value) && value <= 1e12 ? Math.round(value) : undefined;
}

/** The value of digits and signs; NaN if it could be read otherwise. A sign before three digits parts groups, unless a unit follows. */
function amountOf(written: string, hasUnit: boolean): number {
  const digits = (text: string) => text.replace(/\D/g, "");
  const isWhole = (text: string) => /^\d+$/.test(text) || GROUPED.test(text);
  const [, whole = "", sign = "", fraction = ""] = /^(.*)([.,])(\d+)$/.exec(written) ?? [];
  const isFraction = isWhole(whole) && !whole.includes(sign);
  if (isWhole(written) && !(hasUnit && isFraction)) return Number(digits(written));
  return isFraction ? Number(`${digits(whole)}.${fraction}`) : Number.NaN;
}

/** Reads a list of phrases: a column of phrases, one of searches a month where there is one, and whatever else there is. */
export function readPhraseTable({ rows, numbers, notes }: TableRows): PhraseTable | { reason: string } {
  const [first = []] = rows;
  const headings = first.map((cell) => readHeading(cell)?.column ?? null);
  const headed = headings.some((one) => one !== null);
  const phrase = headed ? headings.indexOf("phrase") : 0;
  if (phrase < 0)
    return {
      reason: `No column of this table is headed “phrase” or “keyword”. Its first row says: ${first.slice(0, 6).join(", ")}. Head the column that holds the phrases.`,
    };
  const rest = rows.slice(headed ? 1 : 0);
  const counts = (at: number) => rest.slice(0, 50).every((row) => readVolume(row[at] ?? "") !== undefined);
  const volume = headed ? headings.indexOf("volume") : first.findIndex((_, at) => at !== phrase && counts(at));
  return phrasesIn(
    { rows: rest, numbers: numbers.slice(headed ? 1 : 0), notes },
    { phrase, volume, heads: headed ? first : null },
  );
}

/** Behind a tab or a semicolon stands a number of searches, behind a comma only where it is one: phrases may hold commas. */
const TYPED = /^(.*?)(?:\s*[\t;]\s*(.*)|\s*,\s*((?:[\d.,\s\u00a0'’]|k|m)+))$/i;

/** Reads phrases as they are typed: one a line, with its searches a month behind it. A pasted table with headings is one. */
export function readTypedPhrases(text: string): PhraseTable | { reason: string } {
  const rows = text.split(/\r?\n/).map((line): [string, string] => {
    const [, phrase = line, after, number] = TYPED.exec(line.trim()) ?? [];
    return [phrase, after ?? number ?? ""];
  });
  while (rows.length > 1 && rows.at(-1)?.join("") === "") rows.pop();
  return phrasesIn({ rows, numbers: rows.map((_, i) => i + 1), notes: [] }, { phrase: 0, volume: 1, heads: null });
}

/** Whether the first row of a table names a column of phrases. */
export const isHeaded = ([first = []]: readonly string[][]): boolean =>
  first.some((cell) => readHeading(cell)?.column === "phrase");

/** Where a table holds what. */
interface Columns {
  phrase: number;
  /** -1 where there is none. */
  volume: number;
  /** Headings of all columns; null where there are none. */
  heads: readonly string[] | null;
}

function phrasesIn(
  { rows, numbers, notes: before }: TableRows,
  { phrase, volume, heads }: Columns,
): PhraseTable | { reason: string } {
  const known = new Map<string, number>();
  const phrases: ListedPhrase[] = [];
  const notes: string[] = [];
  for (const [i, row] of rows.entries()) {
    const at = numbers[i] ?? i + 1;
    const text = (row[phrase] ?? "").trim().replace(/\s+/g, " ");
    const fault = text === "" ? "it holds no phrase." : phraseFault(text);
    if (fault) {
      notes.push(`Row ${at} is left out: ${fault}`);
      continue;
    }
    const earlier = known.get(phraseKey(text));
    if (earlier !== undefined) {
      notes.push(`Row ${at} is left out: “${text}” stands in row ${earlier}.`);
      continue;
    }
    known.set(phraseKey(text), at);
    const said = volume < 0 ? "" : (row[volume] ?? "");
    const number = readVolume(said);
    if (number === undefined) notes.push(`Row ${at}: “${said}” is no number of searches; it is left open.`);
    const more = Object.fromEntries(
      (heads ?? []).flatMap((heading, column) => {
        const value = row[column]?.trim() ?? "";
        return column === phrase || column === volume || heading.trim() === "" || value === ""
          ? []
          : [[heading.trim(), value]];
      }),
    );
    phrases.push({ text, volume: number ?? null, more });
  }
  if (phrases.length === 0) return { reason: notes[0] ?? "This table holds no phrase. Choose another file." };
  return { phrases, notes: firstNotes([...before, ...notes]) };
}

/** What a page is to be found for, as a table assigns it. */
export interface AssignedPhrases {
  phrase: string;
  supporting: string[];
  audience: Audience;
}

/** Phrases by address or file as written, and what is wrong with the table. */
export interface Assignments {
  assigned: ReadonlyMap<string, AssignedPhrases>;
  notes: string[];
}

const readAssignment = headingReader({
  address: NAMES.address,
  file: "file|path|datei|pfad|fichier|chemin|archivo|ruta|file|percorso|ficheiro|bestand|fil|tiedosto|файл|fișier|fájl",
  phrase: NAMES.phrase,
  supporting:
    "supporting|supporting phrase|supporting phrases|secondary|secondary phrase|secondary phrases|secondary keyword|secondary keywords|nebenbegriffe|weitere begriffe|mots clés secondaires|palabras clave secundarias|parole chiave secondarie|palavras chave secundárias",
  place:
    "place|town|city|location|ort|stadt|ville|lieu|ciudad|lugar|città|luogo|cidade|plaats|stad|ort|by|sted|kaupunki|paikka|город|место|oraș|loc|város|hely",
  country: "country|land|pays|país|paese|maa|страна|țară|ország",
});

/**
 * Reads which phrases pages are to be found for: a column of addresses or files, one of target phrases, and one of supporting
 * phrases, which commas or semicolons part; columns of the place or country that they are for. Every row of a page adds its
 * supporting phrases. Pages are named as written.
 */
export function readAssignments({ rows, notes }: TableRows): Assignments | { reason: string } {
  const [first = []] = rows;
  const headings = first.map((cell) => readAssignment(cell)?.column ?? null);
  const page = headings.includes("address") ? headings.indexOf("address") : headings.indexOf("file");
  const [target, supporting] = [headings.indexOf("phrase"), headings.indexOf("supporting")];
  const [place, country] = [headings.indexOf("place"), headings.indexOf("country")];
  if (page < 0 || (target < 0 && supporting < 0))
    return {
      reason: `Its first row names no column ${page < 0 ? "“address” or “file”" : "“phrase”"}. It takes a column “address” or “file”, one “phrase”, and one “supporting phrases” where there are any.`,
    };
  const assigned = new Map<string, AssignedPhrases>();
  for (const row of rows.slice(1)) {
    const name = row[page]?.trim() ?? "";
    if (name === "") continue;
    const before = assigned.get(name) ?? { phrase: "", supporting: [], audience: EVERYONE };
    const added = supporting < 0 ? [] : (row[supporting] ?? "").split(/[,;\n]/).map((one) => one.trim());
    const phrase = (target < 0 ? "" : (row[target]?.trim() ?? "")) || before.phrase;
    const phrases = [...before.supporting, ...added.filter((one) => phraseFault(one) === null)];
    const audience = audienceIn(row[place]?.trim() ?? "", row[country]?.trim() ?? "") ?? before.audience;
    assigned.set(name, { phrase, supporting: uniquePhrases(phrases, phrase), audience });
  }
  return { assigned, notes };
}

function audienceIn(place: string, country: string): Audience | null {
  if (place !== "") return { of: "place", name: place };
  return country === "" ? null : { of: "country", name: country };
}
