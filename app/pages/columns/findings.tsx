import type { PageRecord } from "../../store/page-record";
import { countsInWords, Mark } from "../../ui/mark";
import type { Column } from "./column";

export const findings: Column = {
  id: "findings",
  header: "Findings",
  track: "124px",
  value: ({ counts }) => counts.must * 1e6 + counts.should * 1e3 + counts.may,
  descFirst: true,
  cell: (page) => <Findings page={page} />,
};

function Findings({ page: { counts, conflicts, ready, edits, settled } }: { page: PageRecord }) {
  const state = ready ? "ready" : edits > 0 ? "redrafted" : settled > 0 ? "settled" : "";
  const heaviest = counts.must > 0 ? "must" : counts.should > 0 ? "should" : counts.may > 0 ? "may" : null;
  return (
    <span className="grid gap-0.5">
      {heaviest && (
        <span className="flex items-center gap-1">
          <Mark weight={heaviest} label={false} />
          {countsInWords(counts, counts.must + counts.should > 0 ? ["must", "should"] : ["may"])}
        </span>
      )}
      {conflicts > 0 && <span className="text-red">{conflicts} to decide</span>}
      {state && <span className="text-blue">✓ {state}</span>}
    </span>
  );
}
