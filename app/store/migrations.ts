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

export function upgradePage(page: Old): Old {
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
  };
}

export function upgradeSummary(summary: Old): Old {
  return { language: "", headings: [], ...summary };
}

export function upgradeOriginal({ pageId, ...original }: Old): Old {
  return { id: pageId, ...original };
}

export function upgradeRedraft(redraft: Old): Old {
  return { conflicts: [], settled: [], ...redraft };
}
