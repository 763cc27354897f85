import { useDeferredValue, useMemo, useRef } from "react";
import type { RedraftedPage } from "#core/audit/redraft-page";
import { type Finding, findingOn, inOrder } from "#core/findings/finding";
import { placeName } from "#core/findings/place";
import { setAsideBy } from "#core/findings/set-aside";
import { settledBy } from "#core/findings/settled";
import { fixOnPage } from "#core/findings/site-fix";
import { placeOn } from "#core/findings/site-place";
import type { Page } from "#core/page/page";
import type { Edit } from "#core/rewrite/edits";
import type { RuleContext, RuleFacts } from "#core/rules/rule";
import type { SetAsideRecord } from "../../store/records/set-asides";
import type { SiteRecord } from "../../store/records/sites";
import { useSetAsides } from "../../store/set-asides";
import { useSiteFindings } from "../../store/site-findings";
import type { FoundOn } from "../../store/told-findings";
import { useExpanded } from "./use-expanded";
import { useRules } from "./use-rules";

/** A finding as a numbered note in the margin. */
export interface Note {
  number: number;
  finding: Finding;
  rule: RuleFacts | null;
}

export interface SetAsideNote {
  finding: Finding;
  record: SetAsideRecord;
}

/** What was found on the page, as the margin shows it. */
export interface DeskFindings {
  notes: Note[];
  /** The notes by the names of their places. */
  notesAt: ReadonlyMap<string, Note[]>;
  setAside: SetAsideNote[];
  /** Findings of the original that the redraft has settled. */
  settled: Finding[];
  /** The page has been looked at: what is found on it is there, or there is nothing. */
  audited: boolean;
}

const NOTHING: Finding[] = [];

/** Audits a page and its redraft while it is typed on; what is found across pages and what was set aside stands beside it. */
export function useFindings(
  site: SiteRecord,
  pageId: string,
  { original, page, edits }: RedraftedPage,
  { phrase, supporting, audience, houseStyle, today, written }: RuleContext,
): DeskFindings {
  const setAsides = useSetAsides(site.id);
  const across = useSiteFindings(site).everyOfPage.get(pageId);
  const rules = useRules();
  // One auditor serves a page and its redrafts: it remembers what a key leaves as it is.
  const run = useMemo(
    () => rules?.auditor({ phrase, supporting, audience, houseStyle, today, ...(written && { written }) }),
    [rules, phrase, supporting, audience, houseStyle, today, written],
  );
  const expanded = useExpanded(page);
  // biome-ignore lint/correctness/useExhaustiveDependencies: what has been expanded is read anew
  const own = useMemo(() => run?.(page, { original, edits }) ?? NOTHING, [run, original, page, edits, expanded]);
  const placed = usePlaced(across, original, page, edits);
  const findings = useMemo(() => [...placed, ...own].sort(inOrder), [placed, own]);
  // The original is audited once, not at every keystroke, and not before the first of them is seen.
  const redrafted = useDeferredValue(edits.length > 0);
  const before = useMemo(
    () => (redrafted && rules ? rules.auditor({ phrase, supporting, audience, houseStyle, today })(original) : NOTHING),
    [rules, redrafted, original, phrase, supporting, audience, houseStyle, today],
  );
  const settled = useMemo(() => settledBy(before, own), [before, own]);
  const { notes, setAside } = useSplit(findings, pageId, setAsides, rules?.told);
  const notesAt = useMemo(() => byPlace(notes), [notes]);
  const audited = rules !== null;
  return useMemo(() => ({ notes, notesAt, setAside, settled, audited }), [notes, notesAt, setAside, settled, audited]);
}

/** Findings across pages at their places on this one, which are looked for where its nodes have changed. */
function usePlaced(
  across: readonly FoundOn[] | undefined,
  original: Page,
  page: Page,
  edits: readonly Edit[],
): Finding[] {
  const { address, base, links, images, blocks } = page;
  // biome-ignore lint/correctness/useExhaustiveDependencies: of the page no more is looked at
  return useMemo(
    () =>
      (across ?? []).map(({ group, on }) => {
        const finding = findingOn(group, on);
        const related = finding.related.map((one) => ({
          ...one,
          at: one.page ? ({ part: "markup" } as const) : placeOn(page, one.at),
        }));
        const fix = finding.fix && fixOnPage(finding.fix, { original, page, edits });
        return { ...finding, at: placeOn(page, finding.at), related, fix };
      }),
    [across, address, base, links, images, blocks],
  );
}

function byPlace(notes: readonly Note[]): ReadonlyMap<string, Note[]> {
  const places = new Map<string, Note[]>();
  for (const note of notes) {
    const name = placeName(note.finding.at);
    const list = places.get(name);
    if (list) list.push(note);
    else places.set(name, [note]);
  }
  return places;
}

/** Open notes, numbered, and what was set aside. A note that is what it was stays the same object: it is not drawn anew. */
function useSplit(
  findings: readonly Finding[],
  pageId: string,
  records: readonly SetAsideRecord[],
  told: ReadonlyMap<string, RuleFacts> | undefined,
) {
  const last = useRef<readonly Note[]>([]);
  return useMemo(() => {
    const before = new Map(last.current.map((note) => [note.finding, note]));
    const notes: Note[] = [];
    const setAside: SetAsideNote[] = [];
    for (const finding of findings) {
      const record = setAsideBy(finding, pageId, records);
      if (record) setAside.push({ finding, record });
      else {
        const number = notes.length + 1;
        const note = before.get(finding);
        const rule = told?.get(finding.rule) ?? null;
        notes.push(note?.number === number && note.rule === rule ? note : { number, finding, rule });
      }
    }
    last.current = notes;
    return { notes, setAside };
  }, [findings, pageId, records, told]);
}
