import { type FindingsReport, findingsReport } from "#core/exchange/findings-report";
import type { Weight } from "#core/settings/setting";
import type { LongWork } from "../store/act-on-pages";
import type { PageRecord } from "../store/page-record";
import type { SiteRecord } from "../store/records/sites";
import { today } from "../store/today";
import type { SiteFindings } from "../store/told-findings";
import { inLanes } from "../workers/pool";
import { messagesOf } from "./messages";

/** Pages that a worker reads at a time. */
const CHUNK = 10;

/** What is found on pages of a site, in full: each page is read for its messages. */
export async function reportOf(
  site: SiteRecord,
  pages: readonly PageRecord[],
  findings: SiteFindings,
  weight: Weight | null,
  { onProgress, signal }: LongWork,
): Promise<FindingsReport> {
  const day = today();
  const chunks = Array.from({ length: Math.ceil(pages.length / CHUNK) }, (_, i) =>
    pages.slice(i * CHUNK, (i + 1) * CHUNK).map(({ id }) => id),
  );
  let done = 0;
  const told = await inLanes(chunks, (ids) => messagesOf(site, ids, null), {
    ...(signal && { signal }),
    onResult: (some) => {
      done += some.length;
      onProgress?.(done);
    },
  });
  const addresses = new Map(pages.map(({ id, address }) => [id, address]));
  const counts = (one: { weight: Weight }) => weight === null || one.weight === weight;
  const across = findings.all.filter(counts).flatMap(({ rule, weight, message, on }) => {
    const own = [...new Set(on.flatMap(({ page }) => addresses.get(page) ?? []))];
    return own.length > 0 ? [{ rule, weight, message, addresses: own }] : [];
  });
  return findingsReport(
    {
      pages: told
        .flat()
        .map((one) => ({ address: addresses.get(one.id) ?? "", findings: one.findings.filter(counts) })),
      across,
    },
    { of: site.name || site.address, day },
  );
}
