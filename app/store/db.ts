import Dexie, { type EntityTable, type Table, type Transaction } from "dexie";
import { loseStorage } from "./lost";
import { splitPages, upgradeOriginal, upgradePage, upgradeRedraft } from "./migrations";
import { type RecordOf, TABLE_NAMES, TABLES, type TableName } from "./records/all";
import { facets } from "./records/facets";
import { type Table as TableOf, upgradeRecord, withDefaults } from "./records/table";

/** Versions that tables came with, or that their records were changed by. */
const VERSIONS = TABLE_NAMES.flatMap((name) => {
  const { since = 0, upgrades = {} }: Pick<TableOf<object>, "since" | "upgrades"> = TABLES[name];
  return [since, ...Object.keys(upgrades).map(Number)];
});
/** Version of the schema: the last that a table's file names. What changed up to the fifth is in `migrations.ts`. */
export const SCHEMA_VERSION = Math.max(...VERSIONS);
export const DATABASE = "keen-quill";
const DELETED = "The storage of this browser was deleted.";

/** A table by the file of its records: keys are texts, or numbers that the database counts. */
type TableIn<N extends TableName> = (typeof TABLES)[N]["indexes"] extends `++${string}`
  ? Table<RecordOf<N>, number, Omit<RecordOf<N>, "id">>
  : EntityTable<RecordOf<N>, "id" & keyof RecordOf<N>>;

export interface Desk extends Readonly<{ [N in TableName]: TableIn<N> }> {}

// biome-ignore lint/suspicious/noUnsafeDeclarationMerging: Dexie makes a property of each table that the schema names
export class Desk extends Dexie {
  constructor() {
    super(DATABASE);
    this.version(1).stores({
      sites: "id",
      pages: "id, siteId",
      summaries: "id, siteId",
      originals: "pageId, siteId",
      redrafts: "pageId, siteId",
      setAsides: "id, siteId",
      actions: "++id, [siteId+undone]",
    });
    // A table's key cannot be changed: originals move over to a table of another name and back.
    this.version(2)
      .stores({ moving: "id", queues: "id, siteId", queueItems: "++id, [queueId+state], &[queueId+address]" })
      .upgrade(async (tx) => {
        await tx.table("originals").each((record) => tx.table("moving").put(upgradeOriginal(record)));
        await tx
          .table("pages")
          .toCollection()
          .modify((page, ref) => {
            ref.value = upgradePage(page);
          });
        await tx
          .table("summaries")
          .toCollection()
          .modify((summary, ref) => {
            ref.value = upgradeRecord(facets, summary, 1);
          });
        await tx
          .table("redrafts")
          .toCollection()
          .modify((redraft, ref) => {
            ref.value = upgradeRedraft(redraft);
          });
        // Actions hold records as they were; they cannot be undone into the new ones.
        await tx.table("actions").clear();
      });
    this.version(2.1).stores({ originals: null });
    this.version(3)
      .stores({ originals: "id, siteId" })
      .upgrade((tx) => tx.table("moving").each((record) => tx.table("originals").put(record)));
    this.version(3.1).stores({ moving: null });
    this.version(4).stores({ files: "id, siteId", fileBytes: "id, siteId", checks: "id, siteId" });
    this.version(5)
      .stores(
        Object.fromEntries(
          TABLE_NAMES.filter((name) => sinceOf(name) <= 5).map((name) => [formerName(name), TABLES[name].indexes]),
        ),
      )
      .upgrade(async (tx) => {
        const old = { pages: await tx.table("pages").toArray(), redrafts: await tx.table("redrafts").toArray() };
        for (const [name, records] of Object.entries(splitPages(old))) await tx.table(name).bulkPut(records);
        // Actions hold records as they were; they cannot be undone into the new ones.
        await tx.table("actions").clear();
      });
    this.version(5.1).stores({ redrafts: null });
    this.version(6).upgrade((tx) => upgradeTables(tx, 6));
    this.version(7)
      .stores({ facets: facets.indexes })
      .upgrade(async (tx) => {
        await tx.table("summaries").each((record) => tx.table("facets").put(record));
        await upgradeTables(tx, 7);
      });
    this.version(7.1).stores({ summaries: null });
    this.version(8).stores({ overviews: TABLES.overviews.indexes });
    this.version(9)
      .stores({ phrases: TABLES.phrases.indexes })
      .upgrade((tx) => upgradeTables(tx, 9));
    this.version(10)
      .stores({
        periods: TABLES.periods.indexes,
        figures: TABLES.figures.indexes,
        redirects: TABLES.redirects.indexes,
      })
      .upgrade((tx) => upgradeTables(tx, 10));
    this.version(11).stores({
      takes: TABLES.takes.indexes,
      lineUps: TABLES.lineUps.indexes,
      rivals: TABLES.rivals.indexes,
    });
    for (let version = 12; version <= SCHEMA_VERSION; version++)
      this.version(version)
        .stores(
          Object.fromEntries(
            TABLE_NAMES.filter((name) => sinceOf(name) === version).map((name) => [name, TABLES[name].indexes]),
          ),
        )
        .upgrade((tx) => upgradeTables(tx, version));
    for (const name of TABLE_NAMES) {
      const table: Pick<TableOf<object>, "defaults"> = TABLES[name];
      if (table.defaults) this.table(name).hook("reading", (record) => record && withDefaults(table, record));
    }
    // Another tab deletes or upgrades it: left alone, the database would be opened anew, empty, at the next write.
    this.on("versionchange", ({ newVersion }) => {
      this.close();
      loseStorage(newVersion === null ? "deleted" : "upgraded");
      return false;
    });
    // Screens make the database; a worker that opens it after it has been deleted would make it anew, empty.
    if (isWorker())
      this.on("populate", () => {
        throw new Dexie.DatabaseClosedError(DELETED);
      });
    // Dexie opens a newer database as well as it can (its versions are tens of ours); what it does not know it would lose.
    this.on("ready", () => {
      const found = Math.floor(this.backendDB().version / 10);
      if (found > SCHEMA_VERSION) throw new Dexie.VersionError(`version ${found}`);
      // Only where the browser closes it by itself, such as when a site's data are cleared.
      this.backendDB().addEventListener("close", () => {
        this.close();
        loseStorage("deleted");
      });
    });
  }
}

/** Whether this runs in a worker. */
function isWorker(): boolean {
  const { WorkerGlobalScope: scope } = globalThis as { WorkerGlobalScope?: abstract new () => unknown };
  return scope !== undefined && globalThis instanceof scope;
}

/** The version that a table came with. */
function sinceOf(name: TableName): number {
  const { since = 0 }: Pick<TableOf<object>, "since"> = TABLES[name];
  return since;
}

/** What a table was called before it had its name. */
function formerName(name: TableName): string {
  const { formerly = name }: Pick<TableOf<object>, "formerly"> = TABLES[name];
  return formerly;
}

/** Brings the records of each table to a version, as the table's file says. */
async function upgradeTables(tx: Transaction, version: number): Promise<void> {
  for (const name of TABLE_NAMES) {
    const table: Pick<TableOf<object>, "upgrades"> = TABLES[name];
    if (!table.upgrades?.[version]) continue;
    await tx
      .table(version < 7 ? formerName(name) : name)
      .toCollection()
      .modify((record, ref) => {
        ref.value = upgradeRecord(table, record, version - 1);
      });
  }
}

let desk: Desk | null = null;

let opened: Promise<unknown> | null = null;

/**
 * Opens the database where it is kept already, once. A worker does so before its first work: one that first opened it after it
 * was deleted would make it anew, and it would be there for as long as it takes to give that up.
 */
export function openKept(): Promise<unknown> {
  opened ??= indexedDB
    .databases()
    .then((kept) => {
      if (!kept.some(({ name }) => name === DATABASE)) throw new Dexie.DatabaseClosedError(DELETED);
      return db().open();
    })
    .catch((error) => {
      opened = null;
      throw error;
    });
  return opened;
}

/** The database of this browser; opened at its first use, which only happens in the browser. */
export function db(): Desk {
  desk ??= new Desk();
  return desk;
}
