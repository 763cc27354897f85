import { lazy, Suspense } from "react";
import type { PageRecord } from "../store/page-record";
import type { SiteRecord } from "../store/records/sites";
import type { PagesAsked } from "./asked";

/** Loads what looks at changes of many pages: where somebody is about to ask for one. */
export const loadProposals = () => import("../proposals/dialog");

// What reads and rewrites pages is loaded when it is first asked for: the screens stand sooner without it.
const BulkDialog = lazy(async () => ({ default: (await import("./bulk-dialog")).BulkDialog }));
const ProposalDialog = lazy(async () => ({ default: (await loadProposals()).ProposalDialog }));
const FixesDialog = lazy(async () => ({ default: (await loadProposals()).FixesDialog }));

/** What was asked of many pages, looked at before it is made. */
export function AskedDialog({
  site,
  pages,
  of,
  onClose,
}: {
  site: SiteRecord;
  pages: readonly PageRecord[];
  of: PagesAsked;
  onClose: (applied: boolean) => void;
}) {
  const rest = { site, pages, onClose };
  return (
    <Suspense>
      {"ask" in of ? (
        <BulkDialog {...rest} asked={of} />
      ) : "way" in of ? (
        <ProposalDialog {...rest} way={of.way} />
      ) : (
        <FixesDialog {...rest} asked={of.fixes} finds={of.finds} />
      )}
    </Suspense>
  );
}
