import Joi from "joi";
import { editSchema } from "#core/exchange/edit-file";
import { houseStyleSchema } from "#core/exchange/house-style-file";
import { PAGE_KINDS } from "#core/page/page-kind";
import { fieldOf } from "#core/rewrite/edits";
import { HELD } from "./backup";
import { SCHEMA_VERSION } from "./db";
import { splitPages, upgradeOriginal, upgradePage, upgradeRedraft } from "./migrations";
import { unpack } from "./originals";
import { type RecordOf, TABLES, type TableName } from "./records/all";
import { type Old, type SchemaParts, type Table, upgradeRecord, withDefaults } from "./records/table";

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

const isRecords = (records: unknown): records is Old[] =>
  Array.isArray(records) && records.every((one) => typeof one === "object" && one !== null);

/** Its records as the files of the tables say; what was not known when it was made has its default. */
function upgradedRecords(value: unknown, version: number): unknown {
  const backup = { ...(value as Tables) };
  for (const name of HELD) {
    const table: Pick<Table<object>, "upgrades" | "formerly" | "since" | "defaults"> = TABLES[name];
    if (table.since && table.since > version) backup[name] ??= [];
    if (table.formerly && backup[table.formerly] && !backup[name]) {
      backup[name] = backup[table.formerly] as Old[];
      delete backup[table.formerly];
    }
    const records: unknown = backup[name];
    if (isRecords(records) && (table.upgrades || table.defaults))
      backup[name] = records.map((one) => withDefaults(table, upgradeRecord(table, one, version)));
  }
  return backup;
}

/** A backup with the tables of version 4 or earlier with those of version 5. */
function reshaped(backup: Tables, version: number): unknown {
  const sets = ["pages", "summaries", "originals", "redrafts", ...(version < 4 ? [] : ["files"])];
  const whole = sets.every((name) => isRecords(backup[name]));
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

const fromBase64 = (base64: string) => Uint8Array.from(atob(base64), (c) => c.charCodeAt(0));

/** A backup that was read, upgraded and checked. */
export type Backup = { [N in TableName]: RecordOf<N>[] };

const DAMAGED = (what: string) => ({ reason: `This backup is damaged: ${what}. Nothing was changed.` });

/** Reads a backup of this or an earlier version, or says why it cannot be restored. */
export function readBackup(json: string): Backup | { reason: string } {
  let value: unknown;
  try {
    value = JSON.parse(json);
  } catch {
    return {
      reason:
        "This file is no backup. Choose a file that “Make a backup of everything” has saved. Nothing was changed.",
    };
  }
  const version = (value as { version?: unknown } | null)?.version;
  if (typeof version === "number" && version > SCHEMA_VERSION) {
    return {
      reason: "This backup is from a newer Keen Quill than this one. Update this one first. Nothing was changed.",
    };
  }
  const { error, value: checked } = backupSchema.validate(upgraded(value));
  if (error) return DAMAGED(error.message);
  const backup = checked as Backup;
  const orphan = orphanIn(backup);
  if (orphan !== null) return DAMAGED(orphan);
  for (const original of backup.originals) {
    if (unpack(original.packed)) continue;
    const page = backup.pages.find((one) => one.original === original.id);
    return DAMAGED(`the source of ${page?.address ?? "one page"} cannot be unpacked, or unpacks to more than 20 MB`);
  }
  return backup;
}

/** Records that belong to a site, and some to a page, with how one of them is called. */
const OWNED = {
  setAsides: "a finding that was set aside",
  phrases: "a phrase",
  redirects: "a redirect",
  lineUps: "a line-up",
  takes: "a take",
} as const satisfies Partial<Record<TableName, string>>;

/** What belongs to something that the backup does not hold, in words; null if nothing does. */
function orphanIn(backup: Backup): string | null {
  const siteIds = new Set(backup.sites.map(({ id }) => id));
  const pageIds = new Set(backup.pages.map(({ id }) => id));
  const page = backup.pages.find(({ siteId }) => !siteIds.has(siteId));
  if (page) return `the page ${page.address} belongs to a site that it does not hold`;
  const change = backup.changes.find(({ pageId }) => !pageIds.has(pageId));
  if (change) return `a change of a ${fieldOf(change.edit)} belongs to a page that it does not hold`;
  for (const name of Object.keys(OWNED) as (keyof typeof OWNED)[])
    if (backup[name].some(({ siteId }) => !siteIds.has(siteId)))
      return `${OWNED[name]} belongs to a site that it does not hold`;
  // What is set aside on a page stays when the page is removed.
  for (const name of ["takes", "lineUps"] as const)
    if (backup[name].some(({ pageId }) => !pageIds.has(pageId)))
      return `${OWNED[name]} belongs to a page that it does not hold`;
  return null;
}
