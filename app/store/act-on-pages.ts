import { onPoolAll } from "../workers/pool";
import { allKept } from "./keeping";
import type { SiteRecord } from "./records/sites";
import { keepRedrafted, type PageChange, type RedraftedPage } from "./redraft-pages";
import { today } from "./today";
import { transact } from "./transact";

export interface Acted {
  changed: number;
  /** Pages that could not be changed, with the reason. */
  refused: { pageId: string; field: string; reason: string }[];
}

export interface LongWork {
  onProgress?: (done: number) => void;
  signal?: AbortSignal;
}

interface Worked {
  change: PageChange;
  redrafted: RedraftedPage | null;
}

/** How often a page is worked out again because somebody changed it meanwhile. */
const TRIES = 5;

/** Changes many pages when all that this tab was asked to keep before is kept. */
export async function changePages(...asked: Parameters<typeof changeInTurn>): Promise<Acted> {
  await allKept();
  return changeInTurn(...asked);
}

/**
 * Changes many pages whose turn it is: worked out on the pool, then written as one action. Stopped before it is written it changes nothing.
 * A page that was changed meanwhile is worked out again, so that nothing of either is lost.
 */
export async function changeInTurn(
  site: SiteRecord,
  changes: readonly PageChange[],
  label: string,
  { onProgress, signal }: LongWork = {},
  group: string = crypto.randomUUID(),
): Promise<Acted> {
  const date = today();
  const acted: Acted = { changed: 0, refused: [] };
  let left = changes;
  for (let tries = 0; left.length > 0 && tries < TRIES; tries++) {
    const results = await onPoolAll<PageChange, Worked>(
      left,
      async (worker, change) => ({ change, redrafted: await worker.redraftPage(site, change, date) }),
      { ...(signal && { signal }), ...(tries === 0 && { onResult: (_, done) => onProgress?.(done) }) },
    );
    if (signal?.aborted) return acted;
    left = await transact(
      site.id,
      label,
      async (tx) => {
        const moved: PageChange[] = [];
        await tx.foresee(
          "changes",
          "pageId",
          left.map(({ pageId }) => pageId),
        );
        for (const { change, redrafted } of results) {
          if (!redrafted) continue;
          if (await keepRedrafted(tx, change, redrafted)) count(acted, change, redrafted);
          else moved.push(change);
        }
        return moved;
      },
      { group },
    );
  }
  const reason = "It is being changed elsewhere at this moment. Try it again.";
  acted.refused.push(...left.map(({ pageId }) => ({ pageId, field: "page", reason })));
  return acted;
}

function count(acted: Acted, change: PageChange, made: RedraftedPage): void {
  acted.refused.push(...made.refused.map((one) => ({ ...one, pageId: change.pageId })));
  const asked = change.texts.length + (change.edits?.length ?? 0);
  const own = change.phrase !== undefined || change.kind !== undefined || change.ready !== undefined;
  if (asked > made.refused.length || own) acted.changed++;
}
