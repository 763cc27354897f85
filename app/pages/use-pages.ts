import { useLiveQuery } from "dexie-react-hooks";
import { useMemo } from "react";
import { useSearchParams } from "react-router";
import { duplicates } from "#core/site/duplicates";
import { db, type PageRecord } from "../store/db";
import { type Doubled, doubledOf, holds, isShow, matches, type Show } from "./filter";

export interface FilteredPages {
  all: PageRecord[];
  shown: PageRecord[];
  doubled: Doubled;
  show: Show;
  find: string;
  /** The filter as it stands in the address, to be carried along. */
  query: string;
}

/** The site's pages and those that the filter in the address shows; null while they are read. */
export function usePages(siteId: string): FilteredPages | null {
  const [params] = useSearchParams();
  const stored = useLiveQuery(() => db().pages.where("siteId").equals(siteId).toArray(), [siteId]);
  const asked = params.get("show");
  const show: Show = isShow(asked) ? asked : "all";
  const find = params.get("find") ?? "";
  return useMemo(() => {
    if (!stored) return null;
    const all = [...stored].sort((a, b) => a.position - b.position);
    const doubled = doubledOf(all, duplicates);
    const shown = all.filter(matches(show, doubled)).filter((page) => holds(page, find));
    const query = new URLSearchParams({ ...(show !== "all" && { show }), ...(find && { find }) }).toString();
    return { all, shown, doubled, show, find, query: query && `?${query}` };
  }, [stored, show, find]);
}
