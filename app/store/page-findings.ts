import { auditRule } from "#core/audit/auditor";
import { examinePage, expandedPage } from "#core/audit/examine-page";
import type { PageContext } from "#core/audit/redraft-page";
import type { Finding } from "#core/findings/finding";
import { asCounted, type Counted } from "#core/findings/found";
import { setAsideBy } from "#core/findings/set-aside";
import type { Page } from "#core/page/page";
import { readPage } from "#core/page/read";
import { contextOf, readKept } from "./freshen";
import { loadOriginals } from "./originals";
import type { SiteRecord } from "./records/sites";

/** What is found on one page, in words. */
export interface PageFindings {
  id: string;
  findings: (Counted & { message: string })[];
}

async function found(
  original: Page,
  context: PageContext,
  rule: string | null,
): Promise<{ page: Page; findings: Finding[] }> {
  if (rule === null) return examinePage(original, context);
  const redrafted = await expandedPage(original, context);
  return { page: redrafted.page, findings: auditRule(rule, redrafted.page, redrafted.rules, redrafted) };
}

/**
 * What the rules for one page find on kept pages as their redrafts leave them, without what was set aside; of one rule, or of
 * all where `rule` is null. Pages that are gone are left out. Runs on the pool.
 */
export async function pageFindings(
  site: SiteRecord,
  ids: readonly string[],
  rule: string | null,
  today: string,
): Promise<PageFindings[]> {
  const { stored, redrafts, setAsides } = await readKept(site, ids);
  const originals = await loadOriginals(stored.map(({ original }) => original));
  const told: PageFindings[] = [];
  for (const record of stored) {
    const source = originals.get(record.original);
    const redraft = redrafts.get(record.id);
    if (!source || !redraft) continue;
    const original = readPage(source, { address: record.address });
    const context = contextOf({ stored: record, ...redraft }, site.houseStyle, today);
    const { page, findings } = await found(original, context, rule);
    told.push({
      id: record.id,
      findings: findings
        .filter((finding) => !setAsideBy(finding, record.id, setAsides))
        .map((finding) => ({ ...asCounted(finding, page), message: finding.message })),
    });
  }
  return told;
}
