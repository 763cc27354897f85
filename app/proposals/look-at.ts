import type { Asked } from "#core/proposals/all";
import { narrowed } from "#core/proposals/proposal";
import type { ProposedPage } from "../store/propose";
import type { SiteRecord } from "../store/records/sites";
import { today } from "../store/today";
import { inLanes, onPoolBeside } from "../workers/pool";

/** Pages that are looked at at a time: few at first, so that the first lines stand there at once. */
const SIZES = [2, 2, 4, 4, 8, 8, 16, 16];
const LATER = 25;
/** A look at some pages that takes longer has been asked for something without end, in milliseconds. */
const LIMIT = 6000;

function chunksOf(ids: readonly string[]): string[][] {
  const chunks: string[][] = [];
  for (let at = 0; at < ids.length; ) {
    const size = SIZES[chunks.length] ?? LATER;
    chunks.push(ids.slice(at, at + size));
    at += size;
  }
  return chunks;
}

/**
 * Looks on the pool at what is proposed for pages. `onFound` is told what was found on some of them, which part of all that is,
 * and how many were looked at for it; parts come in any order.
 */
export async function lookAt(
  site: SiteRecord,
  ids: readonly string[],
  asked: Asked,
  signal: AbortSignal,
  onFound: (found: readonly ProposedPage[], part: number, looked: number) => void,
): Promise<void> {
  const day = today();
  await inLanes(
    chunksOf(ids).map((chunk, part) => ({ chunk, part })),
    async ({ chunk, part }) => {
      const found = await onPoolBeside((worker) => worker.proposeOn(site, chunk, narrowed(asked, chunk), day), LIMIT);
      onFound(found, part, chunk.length);
    },
    { signal },
  );
}
