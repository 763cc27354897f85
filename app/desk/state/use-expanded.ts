import { useEffect, useState } from "react";
import { expandData } from "#core/audit/expand";
import type { Page } from "#core/page/page";

/** Counts how often structured data of the page has been expanded, which is done beside the keystroke. */
export function useExpanded(page: Page): number {
  const [expanded, setExpanded] = useState(0);
  useEffect(() => {
    void expandData(page).then((any) => any && setExpanded((n) => n + 1));
  }, [page]);
  return expanded;
}
