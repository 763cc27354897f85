import { useEffect, useRef, useState } from "react";
import { stampOf } from "#core/settings/house-style";
import { freshenPages } from "../store/freshening";
import type { PageRecord } from "../store/page-record";
import { isCurrent } from "../store/page-record";
import type { SiteRecord } from "../store/records/sites";
import { usePageRows } from "../store/rows";
import { useToday } from "../store/use-today";
import { Action } from "../ui/controls";
import { HowFar } from "../ui/how-far";
import { useNotices } from "../ui/notice";

/** Work that is over sooner is not shown, in milliseconds. */
const SHOWN_AFTER = 300;

/** Audits pages again whose row is out of date, in the background; long work shows its count and a Stop. */
export function Freshening({ site }: { site: SiteRecord }) {
  const pages = usePageRows(site.id);
  const { fail } = useNotices();
  const [progress, setProgress] = useState<{ done: number; of: number } | null>(null);
  const [runs, setRuns] = useState(0);
  const running = useRef<AbortController | null>(null);
  const stopped = useRef("");
  /** Records that were worked on already: one that cannot be audited is not tried without end. */
  const tried = useRef(new WeakSet<PageRecord>());
  const day = useToday();
  const stamp = stampOf(site.houseStyle);
  /** The house style and the day: another one makes what is under way worthless. */
  const basis = `${stamp} ${day}`;
  // biome-ignore lint/correctness/useExhaustiveDependencies: a run that has ended looks for what has become stale meanwhile
  useEffect(() => {
    if (!pages || running.current || stopped.current === basis) return;
    const stale = pages.filter((page) => !isCurrent(page, stamp, day) && !tried.current.has(page));
    if (stale.length === 0) return;
    for (const page of stale) tried.current.add(page);
    const controller = new AbortController();
    running.current = controller;
    const shown = performance.now() + SHOWN_AFTER;
    freshenPages(site, stale, (done, of) => performance.now() > shown && setProgress({ done, of }), controller.signal)
      .catch(fail)
      .finally(() => {
        running.current = null;
        setProgress(null);
        setRuns((n) => n + 1);
      });
  }, [site, basis, pages, runs]);
  // biome-ignore lint/correctness/useExhaustiveDependencies: only when the house style or the day changes
  useEffect(() => () => running.current?.abort(), [basis]);
  if (!progress) return null;
  return (
    <div className="floating fixed bottom-4 left-20 z-30 flex items-baseline gap-3 px-4 py-2.5">
      <HowFar before="Auditing again: " {...progress} />
      <Action
        onClick={() => {
          stopped.current = basis;
          running.current?.abort();
        }}
      >
        Stop
      </Action>
    </div>
  );
}
