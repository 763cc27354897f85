import Joi from "joi";
import { editSchema } from "#core/exchange/edit-file";
import { houseStyleSchema } from "#core/exchange/house-style-file";
import { PAGE_KINDS } from "#core/page/page-kind";
import { db, SCHEMA_VERSION } from "./db";
import { explainStorage } from "./faults";
import { allKept } from "./keeping";
import { splitPages, upgradeOriginal, upgradePage, upgradeRedraft } from "./migrations";
import { unpack } from "./originals";
import { type RecordOf, TABLE_NAMES, TABLES, type TableName } from "./records/all";
import { type Old, type SchemaParts, type Table, upgradeRecord } from "./records/table";

const HELD = TABLE_NAMES.filter((name) => TABLES[name].backup);

const parts: SchemaParts = {
  joi: Joi,
  id: Joi.string().max(100),
  text: Joi.string().allow(""),
  count: Joi.number().integer().min(0),
  texts: Joi.array().items(Joi.string().allow("")),
  kind: Joi.string().valid(...Object.keys(PAGE_KINDS)),
  format: Joi.string().valid("html", "markdown", "fields"),
  bytes: Joi.string()
    .base64()
    .allow("")
    .custom((text: string) => fromBase64(text)),
  edit: editSchema,
  houseStyle: houseStyleSchema,
};

const backupSchema = Joi.object({
  format: Joi.string().valid("keen-quill backup").required(),
  version: Joi.number().integer().required(),
  madeAt: Joi.string().isoDate().required(),
  ...Object.fromEntries(
    HELD.map((name) => [
      name,
      Joi.array()
        .items(Joi.object(fieldsOf(name)))
        .required(),
    ]),
  ),
});

/** The fields of a table's records: those that are not said to be missing at times are there. */
function fieldsOf(name: TableName): Record<string, Joi.Schema> {
  const optional: readonly string[] = TABLES[name].optional ?? [];
  return Object.fromEntries(
    Object.entries(TABLES[name].fields(parts)).map(([field, schema]) => [
      field,
      optional.includes(field) ? schema : schema.required(),
    ]),
  );
}

type Tables = Record<string, Old[] | undefined>;

/** A backup of an earlier version as this one has it; anything else as it is. */
function upgraded(value: unknown): unknown {
  const backup = value as Tables & { version?: unknown };
  const version = backup?.version;
  if (typeof version !== "number" || version < 1) return value;
  const whole = version >= 5 ? backup : reshaped(backup, version);
  // Queues are held since version 6.
  const queues = version < 6 && { queues: backup.queues ?? [], queueItems: backup.queueItems ?? [] };
  return upgradedRecords({ ...(whole as Tables), ...queues }, version);
}

/** Its records as the files of the tables say. */
function upgradedRecords(value: unknown, version: number): unknown {
  if (version >= SCHEMA_VERSION) return value;
  const backup = { ...(value as Tables) };
  for (const name of HELD) {
    const table: Pick<Table<object>, "upgrades" | "formerly" | "since"> = TABLES[name];
    if (table.since && table.since > version) backup[name] ??= [];
    if (table.formerly && backup[table.formerly] && !backup[name]) {
      backup[name] = backup[table.formerly] as Old[];
      delete backup[table.formerly];
    }
    const records: unknown = backup[name];
    if (table.upgrades && Array.isArray(records) && records.every((one) => typeof one === "object" && one !== null))
      backup[name] = records.map((one) => upgradeRecord(table, one as Old, version));
  }
  return backup;
}

/** A backup with the tables of version 4 or earlier with those of version 5. */
function reshaped(backup: Tables, version: number): unknown {
  const sets = ["pages", "summaries", "originals", "redrafts", ...(version < 4 ? [] : ["files"])];
  const whole = sets.every((name) => {
    const records: unknown = backup[name];
    return Array.isArray(records) && records.every((one) => typeof one === "object" && one !== null);
  });
  if (!whole) return backup;
  const all = (name: string, upgrade: (record: Old) => Old): Old[] =>
    (backup[name] ?? []).map((record) => (version === 1 ? upgrade(record) : record));
  const { redrafts: _, ...rest } = backup;
  const files = version < 4 ? [] : (backup.files ?? []);
  return {
    ...rest,
    ...splitPages({ pages: all("pages", upgradePage), redrafts: all("redrafts", upgradeRedraft) }),
    originals: all("originals", upgradeOriginal),
    files: files.map(({ packed: _, ...file }) => file),
    fileBytes: files.map(({ id, siteId, packed }) => ({ id, siteId, bytes: packed })),
  };
}

function toBase64(bytes: Uint8Array): string {
  let binary = "";
  for (let i = 0; i < bytes.length; i += 0x8000) binary += String.fromCharCode(...bytes.subarray(i, i + 0x8000));
  return btoa(binary);
}

const fromBase64 = (base64: string) => Uint8Array.from(atob(base64), (c) => c.charCodeAt(0));

/** Everything in this browser as one JSON text, but for what can be made again. */
export async function makeBackup(): Promise<string> {
  await allKept();
  const tables = await Promise.all(HELD.map(async (name) => [name, await db().table(name).toArray()]));
  return JSON.stringify(
    {
      format: "keen-quill backup",
      version: SCHEMA_VERSION,
      madeAt: new Date().toISOString(),
      ...Object.fromEntries(tables),
    },
    (_, value: unknown) => (value instanceof Uint8Array ? toBase64(value) : value),
  );
}

type Backup = { [N in TableName]: RecordOf<N>[] };

/** Puts records of one table back: those of the same id are replaced, or all of the same owner. */
async function putBack(name: TableName, records: readonly object[]): Promise<void> {
  const table = db().table(name);
  const { owner }: Pick<Table<never>, "owner"> = TABLES[name];
  if (owner === undefined) {
    await table.bulkPut(records);
    return;
  }
  const owners = new Set(records.map((record) => (record as Old)[owner]));
  await table.filter((record) => owners.has(record[owner])).delete();
  // The database counts anew.
  await table.bulkAdd((records as Old[]).map(({ id: _, ...record }) => record));
}

/** Puts a backup back beside what is there; records of the same id are replaced. A damaged file changes nothing. */
export async function restoreBackup(json: string): Promise<{ sites: number; pages: number } | { reason: string }> {
  let value: unknown;
  try {
    value = JSON.parse(json);
  } catch (error) {
    return { reason: `This is no backup: ${(error as Error).message}. Nothing was changed.` };
  }
  const version = (value as { version?: unknown } | null)?.version;
  if (typeof version === "number" && version > SCHEMA_VERSION) {
    return {
      reason: "This backup is from a newer Keen Quill than this one. Update this one first. Nothing was changed.",
    };
  }
  const { error, value: checked } = backupSchema.validate(upgraded(value));
  if (error) return { reason: `This backup is damaged: ${error.message}. Nothing was changed.` };
  const backup = checked as Backup;
  for (const original of backup.originals) {
    if (unpack(original.packed)) continue;
    const page = backup.pages.find((one) => one.original === original.id);
    return {
      reason: `This backup is damaged: the source of ${page?.address ?? "one page"} cannot be unpacked, or unpacks to more than 20 MB. Nothing was changed.`,
    };
  }
  try {
    await db().transaction("rw", [...HELD, "actions"], async () => {
      for (const name of HELD) await putBack(name, backup[name]);
      // What was done before speaks of records that may now read otherwise.
      for (const { id } of backup.sites)
        await db()
          .actions.where("[siteId+undone]")
          .anyOf([
            [id, 0],
            [id, 1],
          ])
          .delete();
    });
  } catch (fault) {
    throw explainStorage(fault);
  }
  return { sites: backup.sites.length, pages: backup.pages.length };
}
