import { onPoolAll } from "../workers/pool";
import type { PageRecord, SiteRecord } from "./db";
import { today } from "./today";

/** Pages that one worker audits before it writes: few enough that the table fills as results arrive. */
const CHUNK = 40;

/** Audits pages again, on the pool; what was written when it is stopped stays. */
export async function freshenPages(
  site: SiteRecord,
  pages: readonly PageRecord[],
  onProgress: (done: number, of: number) => void,
  signal: AbortSignal,
): Promise<void> {
  const date = today();
  const ids = pages.map(({ id }) => id);
  const chunks = Array.from({ length: Math.ceil(ids.length / CHUNK) }, (_, i) => ids.slice(i * CHUNK, (i + 1) * CHUNK));
  let done = 0;
  await onPoolAll(chunks, (worker, chunk) => worker.examinePages(site, chunk, date).then(() => chunk.length), {
    signal,
    onResult: (count) => {
      done += count;
      onProgress(done, ids.length);
    },
  });
}
