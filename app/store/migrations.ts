import type { OriginalRecord, PageRecord, RedraftRecord, SummaryRecord } from "./db";

/**
 * Records of version 1 as version 3 has them; used by the database and by backups. What is worked out anew has an empty
 * stamp, so that the site audits those pages again by itself.
 */
type Old = Record<string, unknown>;

const EMPTY_DERIVED = {
  h1: "",
  levels: [0, 0, 0, 0, 0, 0],
  outlineFault: "",
  words: 0,
  paragraphs: 0,
  lists: 0,
  pictures: 0,
  withoutAlt: 0,
  links: 0,
  types: [],
  rules: [],
  says: "",
  stamp: "",
};

export function upgradePage(page: Old): PageRecord {
  return {
    original: page.id,
    format: "html",
    kind: "other",
    kindBy: "guess",
    patterned: [],
    conflicts: 0,
    settled: 0,
    handed: null,
    ...EMPTY_DERIVED,
    ...page,
  } as unknown as PageRecord;
}

export function upgradeSummary(summary: Old): SummaryRecord {
  return { language: "", headings: [], ...summary } as unknown as SummaryRecord;
}

export function upgradeOriginal({ pageId, ...original }: Old): OriginalRecord {
  return { id: pageId, ...original } as unknown as OriginalRecord;
}

export function upgradeRedraft(redraft: Old): RedraftRecord {
  return { conflicts: [], settled: [], ...redraft } as unknown as RedraftRecord;
}
