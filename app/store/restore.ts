import { phraseKey } from "#core/phrase/phrase-key";
import { type Edit, fieldOf, newValueOf, slotOf } from "#core/rewrite/edits";
import { HELD } from "./backup";
import { db } from "./db";
import { explainStorage } from "./faults";
import { allKept } from "./keeping";
import type { Backup } from "./read-backup";
import { TABLES, type TableName, WRITTEN, type Written } from "./records/all";
import type { ChangeRecord } from "./records/changes";
import type { StoredPage } from "./records/pages";
import type { Old, Table } from "./records/table";
import { isPart, type Tx, write } from "./transact";

/** Something that a backup and this browser have otherwise; whoever restores it decides between them. */
export interface Difference {
  id: string;
  /** The address of its page, or the name of its site. */
  of: string;
  /** What differs: “title”, “target phrase and page type”. */
  what: string;
  /** As it is here, and as the backup has it; null where it is not there. */
  mine: string | null;
  theirs: string | null;
}

type Row = Old & { id: string; siteId: string };

/** The editor's own records beside pages and changes, with what makes two of them the same and how they read. */
const EDITABLE = {
  sites: { same: ({ id }: Row) => id, called: "site" },
  phrases: { same: ({ siteId, text }: Row) => `${siteId} ${phraseKey(String(text))}`, called: "phrase" },
  redirects: { same: ({ siteId, from }: Row) => `${siteId} ${from}`, called: "redirect" },
  takes: { same: ({ id }: Row) => id, called: "take" },
  lineUps: { same: ({ id }: Row) => id, called: "line-up" },
  setAsides: {
    same: ({ siteId, scope, rule, pageId, key }: Row) => JSON.stringify([siteId, scope, rule, pageId, key]),
    called: "finding set aside",
  },
} as const satisfies Partial<Record<Written, { same: (row: Row) => string; called: string }>>;
type Editable = keyof typeof EDITABLE;

const FIELD_NAMES: Readonly<Record<string, string>> = {
  chosenKind: "page type",
  houseStyle: "house style",
  phrase: "target phrase",
  supporting: "supporting phrases",
  original: "source",
};

/** Fields in which two records differ, without those that are no part of what the editor did. */
function differing(table: Written, a: Old, b: Old): string[] {
  const passing: readonly string[] = TABLES[table].passing ?? [];
  return [...new Set([...Object.keys(a), ...Object.keys(b)])].filter(
    (name) => name !== "id" && !passing.includes(name) && JSON.stringify(a[name]) !== JSON.stringify(b[name]),
  );
}

const textOf = (value: unknown): string =>
  value === undefined || value === null || value === ""
    ? ""
    : typeof value === "string"
      ? value
      : Array.isArray(value) && value.every((one) => typeof one === "string")
        ? value.join(", ")
        : JSON.stringify(value);

const namesOf = (fields: readonly string[]) => fields.map((name) => FIELD_NAMES[name] ?? name).join(", ");
const valuesOf = (row: Old, fields: readonly string[]) =>
  fields
    .map((name) => textOf(row[name]) || "–")
    .join("; ")
    .slice(0, 300);

/** A record of the editor's in a few words. */
const wordsOf = (row: Row): string =>
  [row.text, row.letter && `take ${row.letter}`, row.title, row.rule, row.from && `${row.from} → ${row.to}`, row.name]
    .filter(Boolean)
    .join(": ")
    .slice(0, 300);

const isSame = (a: ChangeRecord, b: ChangeRecord) =>
  JSON.stringify([a.edit, a.state, a.reason, a.thread]) === JSON.stringify([b.edit, b.state, b.reason, b.thread]);

/** The parts of a redraft by page and slot: there is at most one for each. */
const bySlot = (changes: readonly ChangeRecord[]): Map<string, ChangeRecord> =>
  new Map(changes.filter(isPart).map((one) => [changeKey(one), one]));
const changeKey = ({ pageId, edit }: { pageId: string; edit: Edit }) => `${pageId} ${slotOf(edit)}`;

/** What is stored here of the sites that a backup holds. */
async function storedOf({ sites }: Backup) {
  const ids = sites.map(({ id }) => id);
  const of = <T>(name: TableName): Promise<T[]> =>
    name === "sites"
      ? (db()
          .sites.bulkGet(ids)
          .then((all) => all.filter(Boolean)) as Promise<T[]>)
      : db().table(name).where("siteId").anyOf(ids).toArray();
  const own = Object.fromEntries(
    await Promise.all((Object.keys(EDITABLE) as Editable[]).map(async (name) => [name, await of<Row>(name)] as const)),
  ) as Record<Editable, Row[]>;
  const pages = await of<StoredPage>("pages");
  return {
    own,
    pages,
    siteIds: new Set(own.sites.map(({ id }) => id)),
    pageIds: new Set(pages.map(({ id }) => id)),
    changes: await of<ChangeRecord>("changes"),
  };
}

/** What a backup and this browser have otherwise, of pages and sites that both have. */
export async function differencesFrom(backup: Backup): Promise<Difference[]> {
  await allKept();
  const mine = await storedOf(backup);
  const found: Difference[] = [];
  const siteNames = new Map(backup.sites.map(({ id, name, address }) => [id, name || address]));
  const pages = new Map(mine.pages.map((page) => [page.id, page]));
  for (const page of backup.pages) {
    const own = pages.get(page.id);
    const fields = own ? differing("pages", own as unknown as Old, page as unknown as Old) : [];
    if (own && fields.length > 0)
      found.push({
        id: `pages ${page.id}`,
        of: own.address,
        what: namesOf(fields),
        mine: valuesOf(own as unknown as Old, fields),
        theirs: valuesOf(page as unknown as Old, fields),
      });
  }
  const held = new Set(backup.pages.map(({ id }) => id));
  const [ours, theirs] = [bySlot(mine.changes), bySlot(backup.changes)];
  for (const key of new Set([...ours.keys(), ...theirs.keys()])) {
    const [own, other] = [ours.get(key), theirs.get(key)];
    const one = own ?? other;
    const page = one && pages.get(one.pageId);
    if (!one || !page || !held.has(one.pageId) || (own && other && isSame(own, other))) continue;
    found.push({
      id: `changes ${key}`,
      of: page.address,
      what: fieldOf(one.edit),
      mine: own ? newValueOf(own.edit) : null,
      theirs: other ? newValueOf(other.edit) : null,
    });
  }
  for (const name of Object.keys(EDITABLE) as Editable[]) {
    const { same, called } = EDITABLE[name];
    const known = new Map(mine.own[name].map((row) => [same(row), row]));
    for (const row of backup[name] as unknown as Row[]) {
      const own = known.get(same(row));
      const siteId = name === "sites" ? row.id : row.siteId;
      if (comesBack(name, row, mine)) continue;
      const fields = own ? differing(name, own, row) : [];
      if (own && fields.length === 0) continue;
      found.push({
        id: `${name} ${same(row)}`,
        of: siteNames.get(siteId) ?? "",
        what: own && name === "sites" ? namesOf(fields) : called,
        mine: own ? (name === "sites" ? valuesOf(own, fields) : wordsOf(own)) : null,
        theirs: name === "sites" ? valuesOf(row, fields) : wordsOf(row),
      });
    }
  }
  const inOrder = new Intl.Collator("en");
  return found.sort((a, b) => inOrder.compare(a.of, b.of) || inOrder.compare(a.what, b.what));
}

/**
 * Restores a backup beside what is here. What only the backup has of pages and sites comes back; of each difference the
 * backup's is taken if its id is in `taken`, and what is here stays otherwise. A page keeps at most one change for a node and
 * field. Actions of these sites cannot be undone any more.
 */
export async function restoreBackup(
  backup: Backup,
  taken: ReadonlySet<string>,
): Promise<{ sites: number; pages: number }> {
  const ids = backup.sites.map(({ id }) => id);
  try {
    for (const name of HELD) if (!(WRITTEN as readonly string[]).includes(name)) await addMissing(name, backup[name]);
    await write(async (tx) => {
      await restoreRecords(tx, backup, taken);
      const fresh = await restorePages(tx, backup, taken);
      await restoreChanges(tx, backup, fresh, taken);
    });
    // What was done before speaks of records that may now read otherwise.
    await db()
      .actions.where("[siteId+undone]")
      .anyOf(ids.flatMap((id) => [0, 1].map((undone) => [id, undone])))
      .delete();
  } catch (fault) {
    throw explainStorage(fault);
  }
  return { sites: backup.sites.length, pages: backup.pages.length };
}

/** Adds records of which none of the same key is here; of a table with owners, those of owners that have none. */
async function addMissing(name: TableName, records: readonly object[]): Promise<void> {
  const table = db().table(name);
  const { owner }: Pick<Table<never>, "owner"> = TABLES[name];
  if (owner === undefined) {
    const there = new Set(await table.toCollection().primaryKeys());
    await table.bulkPut((records as Row[]).filter(({ id }) => !there.has(id)));
    return;
  }
  const there = new Set((await table.toArray()).map((record) => record[owner]));
  // The database counts anew.
  await table.bulkAdd((records as Row[]).filter((one) => !there.has(one[owner])).map(({ id: _, ...record }) => record));
}

type Stored = Awaited<ReturnType<typeof storedOf>>;

/** True for a record whose site or page is not here: it comes back with that, and nobody is asked. */
function comesBack(name: Editable, row: Row, { siteIds, pageIds }: Pick<Stored, "siteIds" | "pageIds">): boolean {
  const siteId = name === "sites" ? row.id : row.siteId;
  const { pageId } = row as { pageId?: string | null };
  return !siteIds.has(siteId) || (pageId ? !pageIds.has(pageId) : false);
}

/** Restores the editor's own records, held against what is stored at this moment: another tab may write meanwhile. */
async function restoreRecords(tx: Tx, backup: Backup, taken: ReadonlySet<string>): Promise<void> {
  const siteIds = backup.sites.map(({ id }) => id);
  const sites = await tx.all("sites", siteIds);
  const pages = await tx.all(
    "pages",
    backup.pages.map(({ id }) => id),
  );
  const here = { siteIds: new Set(sites.map(({ id }) => id)), pageIds: new Set(pages.map(({ id }) => id)) };
  for (const name of Object.keys(EDITABLE) as Editable[]) {
    const { same } = EDITABLE[name];
    const own: object[] = name === "sites" ? [...sites] : [];
    if (name !== "sites") for (const id of siteIds) own.push(...(await tx.of(name, "siteId", id)));
    const known = new Map((own as Row[]).map((row) => [same(row), row]));
    for (const row of backup[name] as unknown as Row[]) {
      const stored = known.get(same(row));
      if ((!stored && comesBack(name, row, here)) || taken.has(`${name} ${same(row)}`))
        await tx.put(name, { ...row, id: stored?.id ?? row.id } as never);
    }
  }
}

/** Restores pages; returns the ids of those that were not here. */
async function restorePages(tx: Tx, backup: Backup, taken: ReadonlySet<string>): Promise<ReadonlySet<string>> {
  const fresh = new Set<string>();
  for (const page of backup.pages) {
    const own = await tx.get("pages", page.id);
    if (!own) fresh.add(page.id);
    if (!own || taken.has(`pages ${page.id}`)) await tx.put("pages", page);
  }
  for (const name of ["learnt", "derived", "facets"] as const)
    for (const row of backup[name]) if (fresh.has(row.id)) await tx.put(name, row as never);
  return fresh;
}

async function restoreChanges(
  tx: Tx,
  backup: Backup,
  fresh: ReadonlySet<string>,
  taken: ReadonlySet<string>,
): Promise<void> {
  // As they are stored at this moment: another tab may have written since they were compared.
  const pageIds = backup.pages.map(({ id }) => id);
  await tx.foresee("changes", "pageId", pageIds);
  const mine: ChangeRecord[] = [];
  for (const id of pageIds) mine.push(...(await tx.of("changes", "pageId", id)));
  const [ours, theirs] = [bySlot(mine), bySlot(backup.changes)];
  for (const [key, own] of ours)
    if (taken.has(`changes ${key}`) && own.id !== theirs.get(key)?.id) await tx.remove("changes", own.id);
  const known = new Set(mine.map(({ id }) => id));
  for (const change of backup.changes) {
    const isTaken = isPart(change) ? taken.has(`changes ${changeKey(change)}`) : !known.has(change.id);
    if (fresh.has(change.pageId) || isTaken) await tx.put("changes", change);
  }
}
