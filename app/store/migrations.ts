import type { Old } from "./records/table";

/*
 * Tables of earlier versions that are no more, as later ones have them; used by the database and by backups. What has changed
 * within a table since stands in its own file. What is worked out anew has an empty stamp, so that the site audits those pages
 * again by itself.
 */

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

export function upgradeOriginal({ pageId, ...original }: Old): Old {
  return { id: pageId, ...original };
}

export function upgradeRedraft(redraft: Old): Old {
  return { conflicts: [], settled: [], ...redraft };
}

/** Fields of a page of version 4 that are the editor's own. */
const OWN = ["id", "siteId", "position", "file", "address", "original", "format", "phrase", "ready"];
/** Those that stand elsewhere, or under another name. */
const ELSEWHERE = ["kind", "kindBy", "handed", "inSitemap", "redirectedFrom"];

const picked = (record: Old, names: readonly string[]): Old =>
  Object.fromEntries(Object.entries(record).filter(([name]) => names.includes(name)));
const without = (record: Old, names: readonly string[]): Old =>
  Object.fromEntries(Object.entries(record).filter(([name]) => !names.includes(name)));

/**
 * Pages and redrafts of version 4 as version 5 has them: what is the editor's, what follows from it, what was learnt, and a
 * row for each change.
 */
export function splitPages(old: { pages: readonly Old[]; redrafts: readonly Old[] }): Record<string, Old[]> {
  const at = new Date().toISOString();
  const made: Record<"pages" | "derived" | "learnt" | "changes", Old[]> = {
    pages: [],
    derived: [],
    learnt: [],
    changes: [],
  };
  const asHanded = new Set<unknown>();
  for (const page of old.pages) {
    const { id, siteId, kind, kindBy, handed = null, says = "", inSitemap = false, redirectedFrom = [] } = page;
    if (handed !== null && handed === says) asHanded.add(id);
    made.pages.push({
      ...picked(page, OWN),
      chosenKind: kindBy === "editor" ? kind : null,
      handedAt: handed === null ? null : at,
      withdrawn: false,
    });
    const again = handed !== null && handed !== says && says !== "";
    made.derived.push({
      ...without(page, [...OWN, ...ELSEWHERE]),
      id,
      siteId,
      guessedKind: kind,
      again,
      stamp: again ? "" : page.stamp,
    });
    if (inSitemap || (redirectedFrom as unknown[]).length > 0)
      made.learnt.push({ id, siteId, inSitemap, redirectedFrom });
  }
  for (const { pageId, siteId, edits, conflicts, settled } of old.redrafts) {
    let order = 0;
    const row = (edit: unknown, state: string, conflict: unknown = null) =>
      made.changes.push({
        id: crypto.randomUUID(),
        siteId,
        pageId,
        edit,
        order: order++,
        at,
        state,
        reason: "",
        thread: [],
        handed: state === "open" && asHanded.has(pageId) ? edit : null,
        conflict,
      });
    for (const edit of (settled as unknown[] | undefined) ?? []) row(edit, "settled");
    for (const edit of (edits as unknown[] | undefined) ?? []) row(edit, "open");
    for (const { edit, ...conflict } of (conflicts as Old[] | undefined) ?? []) row(edit, "undecided", conflict);
  }
  return made;
}
