import { phraseKey } from "#core/phrase/phrase-key";
import type { PageRecord } from "../store/page-record";
import type { PhraseStanding } from "../store/records/derived";
import type { PhraseRecord } from "../store/records/phrases";
import type { PhraseTold } from "../workers/site.worker";

/** A phrase as its line shows it. */
export interface PhraseLine {
  key: string;
  text: string;
  /** In the list; null for one that only pages name. */
  record: PhraseRecord | null;
  targets: readonly PageRecord[];
  supporting: readonly PageRecord[];
  /** How it stands on its first page; null where it has none, or stands nowhere there. */
  standing: PhraseStanding | null;
  /** What the rest of the site says of it; null until that is known. */
  told: PhraseTold | null;
  /** The phrase without the place that this one names, where it stands behind that. */
  of?: string;
}

/** What part of the phrases is shown. */
export const SHOWS = ["all", "with", "clash", "without", "questions"] as const;
export type Show = (typeof SHOWS)[number];

export const isShown: Readonly<Record<Show, (line: PhraseLine) => boolean>> = {
  all: () => true,
  with: ({ targets, supporting }) => targets.length + supporting.length > 0,
  clash: ({ targets }) => targets.length > 1,
  without: ({ targets, supporting }) => targets.length + supporting.length === 0,
  questions: ({ told }) => told?.question === true,
};

/** The list and the phrases of the pages as one. */
export function phraseLines(
  list: readonly PhraseRecord[],
  pages: readonly PageRecord[],
  told: readonly PhraseTold[],
): PhraseLine[] {
  const byKey = new Map<string, PhraseLine & { targets: PageRecord[]; supporting: PageRecord[] }>();
  const lineOf = (text: string) => {
    const key = phraseKey(text);
    let line = byKey.get(key);
    if (!line && key !== "") {
      line = { key, text, record: null, targets: [], supporting: [], standing: null, told: null };
      byKey.set(key, line);
    }
    return line;
  };
  for (const record of list) {
    const line = lineOf(record.text);
    if (line) Object.assign(line, { record, text: record.text });
  }
  for (const page of pages) {
    lineOf(page.phrase)?.targets.push(page);
    for (const text of page.supporting) lineOf(text)?.supporting.push(page);
  }
  for (const one of told) {
    const line = byKey.get(phraseKey(one.text));
    if (line) line.told = one;
  }
  for (const line of byKey.values()) {
    const [page] = [...line.targets, ...line.supporting];
    line.standing = page?.standings.find(({ phrase }) => phraseKey(phrase) === line.key) ?? null;
  }
  return [...byKey.values()];
}

/** Small words that tie a place to a phrase: “things to do in Gullhaven”. */
const TIES = new Set("in at near of for from to around de à en a pour près di da bei nahe".split(" "));

/** A phrase without the name of a place, by what names it; null where it does not name one of them. */
export function withoutPlace(key: string, places: readonly string[]): string | null {
  for (const place of places) {
    const at = ` ${key} `.indexOf(` ${place} `);
    if (place === "" || at < 0) continue;
    const words = [key.slice(0, at), key.slice(at + place.length)].map((part) => part.trim().split(" "));
    while (words[0]?.length && TIES.has(words[0].at(-1) ?? "")) words[0].pop();
    return words.flat().filter(Boolean).join(" ");
  }
  return null;
}

/** Lines in their order, but what names a place stands behind the same phrase without it. */
export function keptTogether(lines: readonly PhraseLine[], places: readonly string[]): PhraseLine[] {
  const keys = places.map(phraseKey);
  const known = new Set(lines.map(({ key }) => key));
  const behind = new Map<string, PhraseLine[]>();
  const rest = lines.filter((line) => {
    const plain = withoutPlace(line.key, keys);
    if (plain === null || plain === "" || !known.has(plain)) return true;
    behind.set(plain, [...(behind.get(plain) ?? []), { ...line, of: plain }]);
    return false;
  });
  return rest.flatMap((line) => [line, ...(behind.get(line.key) ?? [])]);
}

/** In what order lines stand. */
export const ORDERS = {
  volume: (a: PhraseLine, b: PhraseLine) => (b.record?.volume ?? -1) - (a.record?.volume ?? -1),
  phrase: (a: PhraseLine, b: PhraseLine) => a.text.localeCompare(b.text),
  page: (a: PhraseLine, b: PhraseLine) =>
    (a.targets[0]?.name ?? a.supporting[0]?.name ?? "\uffff").localeCompare(
      b.targets[0]?.name ?? b.supporting[0]?.name ?? "\uffff",
    ),
} as const;
export type Order = keyof typeof ORDERS;

/** How the phrases stand as a whole. */
export interface PhraseTotals {
  phrases: number;
  searches: number;
  /** Searches for phrases that have a page. */
  covered: number;
  with: number;
  without: number;
  /** Pages that want a phrase that another one wants. */
  clashing: number;
  /** Pages that have no target phrase. */
  pagesWithout: number;
  questions: number;
  /** Questions that no title, H1 or H2 of another page speaks of, and that have no page. */
  unanswered: number;
}

export function totalsOf(lines: readonly PhraseLine[], pages: readonly PageRecord[]): PhraseTotals {
  const sum = (some: readonly PhraseLine[]) => some.reduce((all, { record }) => all + (record?.volume ?? 0), 0);
  const having = lines.filter(isShown.with);
  return {
    phrases: lines.length,
    searches: sum(lines),
    covered: sum(having),
    with: having.length,
    without: lines.length - having.length,
    clashing: lines.filter(isShown.clash).reduce((all, { targets }) => all + targets.length, 0),
    pagesWithout: pages.filter(({ phrase }) => phraseKey(phrase) === "").length,
    questions: lines.filter(isShown.questions).length,
    unanswered: lines.filter(
      (line) => isShown.questions(line) && isShown.without(line) && line.told?.answered.length === 0,
    ).length,
  };
}
