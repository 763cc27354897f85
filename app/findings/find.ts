import type { FindingsReport } from "#core/exchange/findings-report";
import type { RuleTally } from "#core/findings/tally";
import { countedAs } from "#core/rules/counted";
import { subjectOf } from "#core/rules/subjects";
import { TOLD, TOLD_SUBJECTS } from "#core/rules/told";

/** What a search among the findings leaves. */
export interface Found {
  line(tally: RuleTally): boolean;
  /** Whether a page stays under the line of a rule: where the line itself is not meant, what the page is told is. */
  page(rule: string, address: string): boolean;
}

/** Looks for words in the lines, and in what every page is told as far as that has been read. */
export function findIn(words: string, told: FindingsReport | null): Found {
  const wanted = words.trim().toLowerCase();
  const holds = (text: string) => text.toLowerCase().includes(wanted);
  const addresses = new Map<string, ReadonlySet<string>>();
  for (const { rule, on } of told?.parts.flatMap(({ lines }) => lines) ?? []) {
    const having = on.filter(({ address, messages }) => holds(address) || messages.some(holds));
    if (having.length > 0) addresses.set(rule, new Set(having.map(({ address }) => address)));
  }
  const isMeant = (rule: string, pages: number): boolean => {
    const facts = TOLD.get(rule);
    if (!facts) return false;
    const { what, rest } = countedAs(facts, pages);
    return holds(`${what} ${rest}\n${facts.finds}\n${rule}\n${TOLD_SUBJECTS[subjectOf(rule)]}`);
  };
  const meant = new Map<string, boolean>();
  return {
    line({ rule, pages }) {
      const is = isMeant(rule, pages);
      meant.set(rule, is);
      return is || addresses.has(rule);
    },
    page: (rule, address) => wanted === "" || meant.get(rule) !== false || (addresses.get(rule)?.has(address) ?? false),
  };
}
