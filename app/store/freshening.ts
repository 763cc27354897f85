import { stampOf } from "#core/settings/house-style";
import { inLanes, onPoolBeside, PAGE_LIMIT } from "../workers/pool";
import { db } from "./db";
import { withAudited } from "./house-style";
import type { PageRecord } from "./page-record";
import { unreadAfter } from "./read-within";
import type { SiteRecord } from "./records/sites";
import { today } from "./today";
import { write } from "./transact";

/**
 * Pages that one worker audits before it writes: few enough that the table fills as results arrive, more on a large site,
 * since each writing takes its time whatever it writes.
 */
const chunkOf = (pages: number) => Math.min(100, Math.max(25, Math.round(pages / 100)));

/** Audits pages again, on the pool; what was written when it is stopped stays. */
export async function freshenPages(
  site: SiteRecord,
  pages: readonly PageRecord[],
  onProgress: (done: number, of: number) => void,
  signal: AbortSignal,
): Promise<void> {
  const date = today();
  // What they are audited by from now on is remembered: a later change of it is then known to be one.
  if (site.audited?.[0]?.stamp !== stampOf(site.houseStyle))
    await write((tx) =>
      tx.update("sites", site.id, (stored) => ({
        ...stored,
        audited: withAudited({ ...stored, houseStyle: site.houseStyle }),
      })),
    );
  const ids = pages.map(({ id }) => id);
  const size = chunkOf(ids.length);
  const chunks = Array.from({ length: Math.ceil(ids.length / size) }, (_, i) => ids.slice(i * size, (i + 1) * size));
  let done = 0;
  const examine = (chunk: readonly string[]) =>
    onPoolBeside((worker) => worker.examinePages(site, chunk, date), PAGE_LIMIT * (chunk.length > 1 ? 8 : 4));
  const examineAlone = async (id: string) => {
    try {
      await examine([id]);
    } catch (error) {
      const unread = unreadAfter(error);
      const page = await db().pages.get(id);
      if (!unread || !page) throw error;
      // What a page is found to be today it was not when it came in: it is kept, and read no more.
      await db().originals.update(page.original, { unread });
      await examine([id]);
    }
  };
  const examineChunk = async (chunk: readonly string[]) => {
    try {
      await examine(chunk);
    } catch (error) {
      if (!unreadAfter(error)) throw error;
      for (const id of chunk) if (!signal.aborted) await examineAlone(id);
    }
    return chunk.length;
  };
  await inLanes(chunks, examineChunk, {
    signal,
    atOnce: 4,
    onResult: (count) => {
      done += count;
      onProgress(done, ids.length);
    },
  });
}
