import { useEffect, useRef } from "react";
import type { Edit } from "#core/rewrite/edits";
import { stampOf } from "#core/settings/house-style";
import { freshenPages } from "../../store/freshening";
import { allKept } from "../../store/keeping";
import { isCurrent, type PageRecord } from "../../store/page-record";
import type { SiteRecord } from "../../store/records/sites";
import { useToday } from "../../store/use-today";

/** What follows from the page is worked out when nothing was typed for this long, in milliseconds. */
const REST = 300;

/**
 * Has what the table and the rules across pages need of the page worked out again, once it is found to be out of date: on the
 * pool, not at every key, but when the keys rest, and when the desk is left.
 */
export function useKeptRow(site: SiteRecord, record: PageRecord, edits: readonly Edit[]): void {
  const pending = useRef<(() => void) | null>(null);
  const day = useToday();
  // biome-ignore lint/correctness/useExhaustiveDependencies: every edit begins the rest anew
  useEffect(() => {
    if (isCurrent(record, stampOf(site.houseStyle), day)) return;
    const renew = () => {
      pending.current = null;
      // Where it cannot be done it stays marked, and is done with the table.
      allKept()
        .then(() => freshenPages(site, [record], () => {}, new AbortController().signal))
        .catch(() => {});
    };
    pending.current = renew;
    const timer = setTimeout(renew, REST);
    return () => clearTimeout(timer);
  }, [site, record, edits, day]);
  useEffect(() => () => pending.current?.(), []);
}
