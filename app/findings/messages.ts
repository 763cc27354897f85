import { UNREADABLE } from "#core/rules/unreadable";
import type { Weight } from "#core/settings/setting";
import type { PageFindings } from "../store/page-findings";
import { unreadAfter } from "../store/read-within";
import type { SiteRecord } from "../store/records/sites";
import { today } from "../store/today";
import { onPool, PAGE_LIMIT } from "../workers/pool";

const TOO_MUCH: { rule: string; weight: Weight; message: string } = {
  rule: UNREADABLE,
  weight: "must",
  message: "It took too long to be read, and was passed over.",
};

/**
 * What is found on pages, in words, read on the pool: of one rule, or of all where it is null. A page that is too much is
 * told as one that could not be read, and keeps no other from being told.
 */
export async function messagesOf(
  site: SiteRecord,
  ids: readonly string[],
  rule: string | null,
): Promise<PageFindings[]> {
  try {
    return await onPool((worker) => worker.pageFindings(site, ids, rule, today()), PAGE_LIMIT);
  } catch (error) {
    if (!unreadAfter(error)) throw error;
    const [only, ...others] = ids;
    if (only !== undefined && others.length === 0) return [{ id: only, findings: [TOO_MUCH] }];
    const each: PageFindings[] = [];
    for (const id of ids) each.push(...(await messagesOf(site, [id], rule)));
    return each;
  }
}

/** Pages with their messages; pages with equal messages are in one entry, where the first of them is. */
export function byMessages<P>(
  pages: readonly P[],
  messagesFor: (page: P) => readonly string[] | undefined,
): { pages: P[]; messages: readonly string[] | undefined }[] {
  const entries = new Map<string, { pages: P[]; messages: readonly string[] | undefined }>();
  for (const page of pages) {
    const messages = messagesFor(page);
    const key = JSON.stringify(messages ?? null);
    const entry = entries.get(key);
    if (entry) entry.pages.push(page);
    else entries.set(key, { pages: [page], messages });
  }
  return [...entries.values()];
}
