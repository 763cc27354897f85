import type { PageRecord } from "../store/page-record";
import type { SiteRecord } from "../store/records/sites";
import { onDemand } from "../ui/on-demand";
import type { PagesAsked } from "./asked";

// What reads and rewrites pages is loaded when it is first asked for: the screens stand sooner without it.
const BulkDialog = onDemand(async () => (await import("./bulk-dialog")).BulkDialog);
const ProposalDialog = onDemand(async () => (await import("../proposals/dialog")).ProposalDialog);
const FixesDialog = onDemand(async () => (await import("../proposals/dialog")).FixesDialog);

/** Loads what looks at changes of many pages: where somebody is about to ask for one. */
export const loadProposals = () => Promise.all([ProposalDialog.load(), FixesDialog.load()]);

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
  if ("ask" in of) return <BulkDialog {...rest} asked={of} />;
  if ("way" in of) return <ProposalDialog {...rest} way={of.way} />;
  return <FixesDialog {...rest} asked={of.fixes} finds={of.finds} />;
}
