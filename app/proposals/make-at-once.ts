import type { Asked } from "#core/proposals/all";
import type { Acted, LongWork } from "../store/act-on-pages";
import { applyProposed } from "../store/apply-proposed";
import type { ProposedPage } from "../store/propose";
import type { SiteRecord } from "../store/records/sites";
import { lookAt } from "./look-at";

/** Makes all that is proposed for pages, where the change was seen as it was typed. Stopped before it is written it makes nothing. */
export async function makeAtOnce(
  site: SiteRecord,
  ids: readonly string[],
  asked: Asked,
  label: string,
  { onProgress, signal = new AbortController().signal }: LongWork = {},
): Promise<Acted> {
  const proposed: ProposedPage[] = [];
  const refused: Acted["refused"] = [];
  let done = 0;
  await lookAt(site, ids, asked, signal, (found, _, looked) => {
    for (const page of found) {
      const lines = page.lines.filter(({ reason }) => reason === null);
      if (lines.length > 0) proposed.push({ ...page, lines });
      for (const { called, reason } of page.lines)
        if (reason !== null) refused.push({ pageId: page.pageId, field: called, reason });
    }
    done += looked;
    onProgress?.(done);
  });
  if (signal.aborted || proposed.length === 0) return { changed: 0, refused };
  const acted = await applyProposed(site, proposed, label);
  return { changed: acted.changed, refused: [...refused, ...acted.refused] };
}
