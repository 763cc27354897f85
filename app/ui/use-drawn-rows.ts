import { useVirtualizer, type VirtualizerOptions } from "@tanstack/react-virtual";
import { useSyncExternalStore } from "react";

type Rows = Pick<
  VirtualizerOptions<HTMLDivElement, Element>,
  "count" | "estimateSize" | "getItemKey" | "overscan" | "scrollPaddingEnd"
> & { getScrollElement: () => HTMLDivElement | null };

/** The classes of the list and of each of its rows: on paper they follow each other. */
export const ROWS = "relative print:h-auto!";
export const ROW = "absolute w-full print:static! print:transform-none! print:break-inside-avoid";

/** Rows of a long list that are drawn on paper. */
const MOST_PRINTED = 2_000;

let printing = false;
function onPrinting(changed: () => void): () => void {
  const note = ({ type }: Event) => {
    printing = type === "beforeprint";
    changed();
  };
  window.addEventListener("beforeprint", note);
  window.addEventListener("afterprint", note);
  return () => {
    window.removeEventListener("beforeprint", note);
    window.removeEventListener("afterprint", note);
  };
}

/** The rows of a long list that are drawn: those that are seen, and those around them; on paper, all. */
export function useDrawnRows({ overscan = 6, ...rows }: Rows) {
  const onPaper = useSyncExternalStore(
    onPrinting,
    () => printing,
    () => false,
  );
  return useVirtualizer<HTMLDivElement, Element>({ ...rows, overscan: onPaper ? MOST_PRINTED : overscan });
}
