import { pathOf } from "#core/address/address";
import { isFound, unpackFound } from "#core/findings/found";
import { tallyOf } from "#core/findings/tally";
import type { Weight } from "#core/settings/setting";
import type { PageRecord } from "../store/page-record";
import type { FolderOverview, Overview } from "../store/records/overviews";
import type { SiteFindings } from "../store/told-findings";

/** What some pages of a site need and what was done with them, added up. */
export function overviewOf(pages: readonly PageRecord[], findings: SiteFindings, weight: Weight | null): Overview {
  const sum = (of: (page: PageRecord) => number) => pages.reduce((all, page) => all + of(page), 0);
  return {
    pages: pages.length,
    ...tallyOf(pages, findings.all, weight),
    folders: foldersOf(pages, findings),
    pictures: sum(({ pictures }) => pictures),
    withoutAlt: sum(({ withoutAlt }) => withoutAlt),
    withData: sum(({ types }) => Number(types.length > 0)),
    redrafted: sum(({ edits }) => Number(edits > 0)),
    ready: sum(({ ready }) => Number(ready)),
    settled: sum(({ settled }) => settled),
    conflicts: sum(({ conflicts }) => Number(conflicts > 0)),
    gone: sum(({ goneSince }) => Number(goneSince !== null)),
  };
}

/** The folder of a page: the first part of its path; "/" for what stands at the root. */
export function folderOf(address: string): string {
  const [path = "/"] = pathOf(address).split(/[?#]/, 1);
  const end = path.indexOf("/", 1);
  return end < 0 ? "/" : path.slice(0, end + 1);
}

function foldersOf(pages: readonly PageRecord[], findings: SiteFindings): FolderOverview[] {
  const folders = new Map<string, FolderOverview>();
  for (const { id, address, counts } of pages) {
    const path = folderOf(address);
    const folder = folders.get(path) ?? { path, pages: 0, must: 0 };
    folder.pages++;
    folder.must += counts.must;
    for (const { on } of findings.ofPage.get(id) ?? []) if (on.weight === "must") folder.must++;
    folders.set(path, folder);
  }
  return [...folders.values()].sort((a, b) => b.must - a.must || b.pages - a.pages || (a.path < b.path ? -1 : 1));
}

/** Whether a rule has found something on a page: of a weight, or of any. */
export function foundOnPage(
  rule: string,
  weight: Weight | null,
  page: Pick<PageRecord, "id" | "found">,
  findings: SiteFindings,
): boolean {
  const across = findings.ofPage.get(page.id) ?? [];
  if (across.some(({ group }) => group.rule === rule && (weight === null || group.weight === weight))) return true;
  if (!isFound(page.found, rule)) return false;
  return weight === null || (unpackFound(page.found).get(rule)?.[weight] ?? 0) > 0;
}
