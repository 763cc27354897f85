import { useEffect, useMemo, useRef, useState } from "react";
import type { Asked } from "#core/proposals/all";
import type { ProposedPage } from "../store/propose";
import type { SiteRecord } from "../store/records/sites";
import { useSame } from "../ui/use-same";
import { TookTooLong } from "../workers/pool";
import { lookAt } from "./look-at";

/** What is proposed for many pages, as far as they have been looked at. */
export interface Proposals {
  /** In the order of the pages. */
  pages: readonly ProposedPage[];
  /** Pages that were looked at, of all. */
  done: number;
  of: number;
  fault: string;
  stop: () => void;
}

/** What was found is shown at most this often, and typing is waited for so long, in milliseconds. */
const PACE = 100;
const REST = 120;

/** Looks at pages on the pool; what has been found is there while the others are looked at. */
export function useProposals(site: SiteRecord, ids: readonly string[], asked: Asked | null): Proposals {
  const [pages, setPages] = useState<readonly ProposedPage[]>([]);
  const [done, setDone] = useState(0);
  const [fault, setFault] = useState("");
  const controller = useRef<AbortController>(undefined);
  const fresh = useRef(true);
  // What is kept of a site moves on by itself; only its house style matters here.
  const houseStyle = useSame(site.houseStyle);
  const of = useRef(site);
  of.current = site;
  // biome-ignore lint/correctness/useExhaustiveDependencies: the site by what of it matters
  useEffect(() => {
    setPages([]);
    setDone(0);
    setFault("");
    if (!asked || ids.length === 0) return;
    const running = new AbortController();
    controller.current = running;
    const found: (readonly ProposedPage[])[] = [];
    let looked = 0;
    let shown: ReturnType<typeof setTimeout> | null = null;
    const show = () => {
      shown = null;
      if (running.signal.aborted) return;
      setPages(found.flat());
      setDone(looked);
    };
    const look = () =>
      lookAt(of.current, ids, asked, running.signal, (some, at, count) => {
        found[at] = some;
        looked += count;
        // The first of them at once.
        if (looked === count || looked === ids.length) show();
        else shown ??= setTimeout(show, PACE);
      });
    const timer = setTimeout(
      () => {
        look().catch((error: unknown) => {
          if (running.signal.aborted) return;
          running.abort();
          setFault(
            error instanceof TookTooLong
              ? "This expression takes too long. Write it so that it does not try the same place in many ways."
              : error instanceof Error
                ? error.message
                : String(error),
          );
        });
      },
      fresh.current ? 0 : REST,
    );
    fresh.current = false;
    return () => {
      clearTimeout(timer);
      if (shown) clearTimeout(shown);
      running.abort();
    };
  }, [site.id, houseStyle, ids, asked]);
  return useMemo(
    () => ({ pages, done, of: asked ? ids.length : 0, fault, stop: () => controller.current?.abort() }),
    [pages, done, ids, asked, fault],
  );
}
