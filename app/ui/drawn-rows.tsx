import { useVirtualizer, type VirtualizerOptions } from "@tanstack/react-virtual";
import { useEffect, useState } from "react";
import { flushSync } from "react-dom";

type Rows = Pick<
  VirtualizerOptions<HTMLDivElement, Element>,
  "count" | "estimateSize" | "getItemKey" | "scrollPaddingEnd"
> & { getScrollElement: () => HTMLDivElement | null };

/** The classes of the list and of each of its rows: on paper they follow each other. */
export const ROWS = "relative print:h-auto!";
export const ROW = "absolute w-full print:static! print:transform-none! print:break-inside-avoid";

/** Rows around those that are seen that are drawn. */
const AROUND = 6;
/** Rows of a long list that are drawn on paper. */
const MOST_PRINTED = 2_000;

/** The rows of a long list that are drawn: those that are seen, and those around them; on paper from the first on. */
export function useDrawnRows(rows: Rows) {
  const [onPaper, setOnPaper] = useState(false);
  useEffect(() => {
    // What is printed is what stands there when this has been heard.
    const begin = () => flushSync(() => setOnPaper(true));
    const end = () => setOnPaper(false);
    window.addEventListener("beforeprint", begin);
    window.addEventListener("afterprint", end);
    return () => {
      window.removeEventListener("beforeprint", begin);
      window.removeEventListener("afterprint", end);
    };
  }, []);
  return useVirtualizer<HTMLDivElement, Element>({
    ...rows,
    overscan: AROUND,
    ...(onPaper && {
      rangeExtractor: () => Array.from({ length: Math.min(rows.count, MOST_PRINTED) }, (_, i) => i),
    }),
  });
}

/** Says on paper that a list goes on. */
export function NotPrinted({ of }: { of: number }) {
  if (of <= MOST_PRINTED) return null;
  const [printed, all] = [MOST_PRINTED, of].map((n) => n.toLocaleString("en-GB"));
  return (
    <p className="hidden py-2 print:block">
      The first {printed} of {all} are printed. Narrow them down for the others.
    </p>
  );
}
