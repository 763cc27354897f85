import { onPoolAll } from "../workers/pool";
import { act, type Put } from "./act";
import { db, type PageRecord, type SiteRecord } from "./db";
import { allKept } from "./keeping";
import type { PageChange } from "./redraft-pages";
import { today } from "./today";

export interface Acted {
  changed: number;
  /** Pages that could not be changed, with the reason. */
  refused: { pageId: string; field: string; reason: string }[];
}

export interface LongWork {
  onProgress?: (done: number) => void;
  signal?: AbortSignal;
}

/**
 * Changes many pages: worked out on the pool, then written as one action. Stopped before it is written it changes nothing.
 */
export async function changePages(
  site: SiteRecord,
  changes: readonly PageChange[],
  label: string,
  { onProgress, signal }: LongWork = {},
): Promise<Acted> {
  await allKept();
  const date = today();
  const results = await onPoolAll(
    changes,
    async (worker, change) => ({ change, made: await worker.redraftPage(site, change, date) }),
    {
      ...(signal && { signal }),
      onResult: (_, done) => onProgress?.(done),
    },
  );
  if (signal?.aborted) return { changed: 0, refused: [] };
  const puts: Put[] = [];
  const refused: Acted["refused"] = [];
  let changed = 0;
  for (const { change, made } of results) {
    if (!made) continue;
    refused.push(...made.refused.map((one) => ({ ...one, pageId: change.pageId })));
    const asked = change.texts.length + (change.edits?.length ?? 0) + (change.alts?.length ?? 0);
    const own = change.phrase !== undefined || change.kind !== undefined || change.ready !== undefined;
    if (asked > made.refused.length || own) {
      puts.push(...made.puts);
      changed++;
    }
  }
  if (puts.length > 0) await act(site.id, label, puts);
  return { changed, refused };
}

/** Takes pages out of the site: one action that can be undone. */
export async function removePages(site: SiteRecord, pages: readonly PageRecord[]): Promise<void> {
  const puts: Put[] = [];
  const redrafts = await db().redrafts.bulkGet(pages.map(({ id }) => id));
  pages.forEach(({ id }, i) => {
    if (redrafts[i]) puts.push({ table: "redrafts", key: id, after: null });
    puts.push({ table: "pages", key: id, after: null });
  });
  await act(site.id, pages.length === 1 ? "Remove 1 page" : `Remove ${pages.length} pages`, puts);
}
