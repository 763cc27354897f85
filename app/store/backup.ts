import Joi from "joi";
import { editSchema } from "#core/exchange/edit-file";
import { PAGE_KINDS } from "#core/page/page-kind";
import { houseStyleSchema } from "#core/rules/house-style-schema";
import { db, type FileRecord, type OriginalRecord, type PageRecord, SCHEMA_VERSION } from "./db";
import { explainStorage } from "./faults";
import { allKept } from "./keeping";
import { upgradeOriginal, upgradePage, upgradeRedraft, upgradeSummary } from "./migrations";
import { unpack } from "./originals";

const id = Joi.string().max(100).required();
const text = Joi.string().allow("");
const count = Joi.number().integer().min(0);
const counts = Joi.object({ must: count, should: count, may: count });
const texts = Joi.array().items(text);
const edits = Joi.array().items(editSchema);
const format = Joi.string().valid("html", "markdown", "fields");
const kind = Joi.string().valid(...Object.keys(PAGE_KINDS));
const summary = {
  id,
  siteId: id,
  address: text,
  title: text,
  description: text,
  keywords: text,
  language: text,
  headings: Joi.array().items(Joi.array().ordered(count, text)),
  phrase: text.optional(),
  links: text.optional(),
  shapes: text.optional(),
  also: text.optional(),
  redirectedFrom: texts.optional(),
  fragments: text.optional(),
  alternates: text.optional(),
  ids: text.optional(),
  pictures: text.optional(),
  said: text.optional(),
  words: count.optional(),
  kind: kind.optional(),
  noindex: Joi.boolean().optional(),
  inSitemap: Joi.boolean().optional(),
};

/** Base64 of packed bytes: a backup is one JSON file. */
const packed = Joi.string().base64().allow("");

const site = Joi.object({
  id,
  name: text,
  address: text,
  houseStyle: houseStyleSchema,
  broughtInAt: Joi.string().isoDate(),
  filters: Joi.array().items(Joi.object({ name: text, query: text })),
});

const page = Joi.object({
  id,
  siteId: id,
  position: count,
  file: text,
  address: text,
  original: id,
  format,
  kind,
  kindBy: Joi.string().valid("guess", "editor"),
  phrase: text,
  edits: count,
  patterned: texts,
  conflicts: count,
  settled: count,
  ready: Joi.boolean(),
  handed: text.allow(null),
  name: text,
  title: text,
  titlePx: count,
  titleCut: Joi.boolean(),
  description: text,
  descriptionPx: count,
  descriptionCut: Joi.boolean(),
  slug: text,
  h1: text,
  levels: Joi.array().items(count),
  outlineFault: text,
  words: count,
  paragraphs: count,
  lists: count,
  pictures: count,
  withoutAlt: count,
  links: count,
  types: texts,
  counts,
  rules: texts,
  says: text,
  stamp: text,
  inSitemap: Joi.boolean().optional(),
  redirectedFrom: texts.optional(),
});

const conflict = Joi.object({
  edit: editSchema,
  now: text.allow(null),
  reason: text,
  mine: Joi.alternatives(editSchema, null),
});

const backupSchema = Joi.object({
  format: Joi.string().valid("keen-quill backup").required(),
  version: Joi.number().integer().required(),
  madeAt: Joi.string().isoDate().required(),
  sites: Joi.array().items(site).required(),
  pages: Joi.array().items(page).required(),
  summaries: Joi.array().items(Joi.object(summary)).required(),
  originals: Joi.array()
    .items(
      Joi.object({
        id,
        siteId: id,
        kind: format,
        packed,
        charset: Joi.object({ name: Joi.string(), by: Joi.string(), bom: count }),
        headers: Joi.object().pattern(Joi.string(), text),
        unread: Joi.valid("too-slow", "failed"),
      }),
    )
    .required(),
  files: Joi.array()
    .items(
      Joi.object({
        id: Joi.string().max(4000).required(),
        siteId: id,
        path: text,
        type: text,
        width: count,
        height: count,
        packed,
      }),
    )
    .required(),
  redrafts: Joi.array()
    .items(Joi.object({ pageId: id, siteId: id, edits, conflicts: Joi.array().items(conflict), settled: edits }))
    .required(),
  setAsides: Joi.array()
    .items(
      Joi.object({
        id,
        siteId: id,
        scope: Joi.string().valid("place", "page", "site"),
        rule: Joi.string(),
        pageId: Joi.string().allow(null),
        key: Joi.string().allow(null),
        reason: text,
      }),
    )
    .required(),
});

type PackedFileRecord = FileRecord & { packed: string };

type Old = Record<string, unknown>;

/** A backup of an earlier version as this one has it; anything else as it is. */
function upgraded(value: unknown): unknown {
  const backup = value as Record<string, Old[] | undefined> & { version?: unknown };
  if (backup?.version === 2 || backup?.version === 3) return { ...backup, files: [] };
  if (backup?.version !== 1) return value;
  const all = (name: string, upgrade: (record: Old) => unknown) =>
    Array.isArray(backup[name]) ? backup[name].map(upgrade) : backup[name];
  return {
    ...backup,
    files: [],
    pages: all("pages", upgradePage),
    summaries: all("summaries", upgradeSummary),
    originals: all("originals", upgradeOriginal),
    redrafts: all("redrafts", upgradeRedraft),
  };
}

function toBase64(bytes: Uint8Array): string {
  let binary = "";
  for (let i = 0; i < bytes.length; i += 0x8000) binary += String.fromCharCode(...bytes.subarray(i, i + 0x8000));
  return btoa(binary);
}

const fromBase64 = (base64: string) => Uint8Array.from(atob(base64), (c) => c.charCodeAt(0));

async function filesWithBytes() {
  const bytes = new Map((await db().fileBytes.toArray()).map((one) => [one.id, one.bytes]));
  return (await db().files.toArray()).map((file) => ({
    ...file,
    packed: toBase64(bytes.get(file.id) ?? new Uint8Array()),
  }));
}

/** Everything in this browser as one JSON text, checks of HTML apart: they can be made again. */
export async function makeBackup(): Promise<string> {
  await allKept();
  const originals = await db().originals.toArray();
  return JSON.stringify({
    format: "keen-quill backup",
    version: SCHEMA_VERSION,
    madeAt: new Date().toISOString(),
    sites: await db().sites.toArray(),
    pages: await db().pages.toArray(),
    summaries: await db().summaries.toArray(),
    originals: originals.map((o) => ({ ...o, packed: toBase64(o.packed) })),
    files: await filesWithBytes(),
    redrafts: await db().redrafts.toArray(),
    setAsides: await db().setAsides.toArray(),
  });
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
  const { error, value: backup } = backupSchema.validate(upgraded(value));
  if (error) return { reason: `This backup is damaged: ${error.message}. Nothing was changed.` };
  const { sites, pages, summaries, originals, files, redrafts, setAsides } = backup;
  const tables = [
    db().sites,
    db().pages,
    db().summaries,
    db().originals,
    db().files,
    db().fileBytes,
    db().redrafts,
    db().setAsides,
    db().actions,
  ];
  const unpacked: OriginalRecord[] = originals.map((o: { packed: string }) => ({ ...o, packed: fromBase64(o.packed) }));
  for (const original of unpacked) {
    if (await unpack(original.packed)) continue;
    const page: PageRecord | undefined = pages.find((one: PageRecord) => one.original === original.id);
    return {
      reason: `This backup is damaged: the source of ${page?.address ?? "one page"} cannot be unpacked, or unpacks to more than 20 MB. Nothing was changed.`,
    };
  }
  try {
    await db().transaction("rw", tables, async () => {
      await db().sites.bulkPut(sites);
      await db().pages.bulkPut(pages);
      await db().summaries.bulkPut(summaries);
      await db().originals.bulkPut(unpacked);
      await db().files.bulkPut(files.map(({ packed: _, ...file }: PackedFileRecord): FileRecord => file));
      await db().fileBytes.bulkPut(
        files.map((file: PackedFileRecord) => ({ id: file.id, siteId: file.siteId, bytes: fromBase64(file.packed) })),
      );
      await db().redrafts.bulkPut(redrafts);
      await db().setAsides.bulkPut(setAsides);
      // What was done before speaks of records that may now read otherwise.
      for (const site of sites)
        await db()
          .actions.where("[siteId+undone]")
          .anyOf([
            [site.id, 0],
            [site.id, 1],
          ])
          .delete();
    });
  } catch (fault) {
    throw explainStorage(fault);
  }
  return { sites: sites.length, pages: pages.length };
}
