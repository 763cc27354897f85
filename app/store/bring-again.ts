import { withSlug } from "#core/address/slug";
import { expandData } from "#core/audit/expand";
import { renamedKey, renamedNodes } from "#core/findings/key";
import { type Original, sourceOf } from "#core/page/original";
import { readPage } from "#core/page/read";
import { type Conflict, carryOver } from "#core/rewrite/carry-over";
import type { Edit } from "#core/rewrite/edits";
import { draftBasis } from "./basis";
import { between, carryChanges, changeEdits, loadRedraft, redraftOf } from "./changes";
import { db } from "./db";
import { type Examined, freshen, putExamined } from "./freshen";
import { loadOriginal, originalOfRecord, packOriginal } from "./originals";
import { type Incoming, linksOf, originalOf } from "./read-incoming";
import type { OriginalRecord } from "./records/originals";
import type { StoredPage } from "./records/pages";
import type { SetAsideRecord } from "./records/set-asides";
import type { SiteRecord } from "./records/sites";
import type { Tx } from "./transact";

/** A page that was brought in again: what becomes of its redraft. */
export interface BroughtAgain {
  /** The page as it was when this was worked out. */
  was: StoredPage;
  /** Names what was read of it then, with its redraft. */
  draft: string;
  /** Its redraft then, and what is left of it. */
  edits: readonly Edit[];
  kept: Edit[];
  settled: Edit[];
  conflicts: Conflict[];
  /** What nodes are called now that were called otherwise in keys of findings. */
  renamed: ReadonlyMap<string, string>;
  examined: Examined;
  /** Its address from now on. */
  address: string;
  format: Original["kind"];
  /** Null where the source is the same as before. */
  original: OriginalRecord | null;
  links: string[];
  /** Where its source came from: its own address, or where that has moved to. */
  fetchedFrom: string;
}

/** Carries a page's redraft over to a source that came in; null where the page is gone. */
export const carryOverPage = async (site: SiteRecord, pageId: string, incoming: Incoming, today: string) =>
  carryOverTo(site, pageId, await originalOf(incoming), incoming.address, today);

/** Works out again what becomes of a page that was changed meanwhile. */
export async function carryOverAgain(
  site: SiteRecord,
  { was, original, fetchedFrom }: BroughtAgain,
  today: string,
): Promise<BroughtAgain | null> {
  const source = await (original ? originalOfRecord(original) : loadOriginal(was.original));
  return source && carryOverTo(site, was.id, source, fetchedFrom, today);
}

async function carryOverTo(
  site: SiteRecord,
  pageId: string,
  source: Original,
  fetchedFrom: string,
  today: string,
): Promise<BroughtAgain | null> {
  const was = await db().pages.get(pageId);
  if (!was) return null;
  const before = await loadOriginal(was.original);
  const redraft = await loadRedraft(pageId);
  // Where its changed slug is live, that is its address from now on.
  const slug = redraft.edits.find((edit) => edit.op === "set-slug");
  const address = slug && withSlug(was.address, slug.value) === fetchedFrom ? fetchedFrom : was.address;
  const original = readPage(source, { address });
  await expandData(original);
  const unchanged = before !== null && before.kind === source.kind && sourceOf(before) === sourceOf(source);
  const carried =
    unchanged && address === was.address
      ? { kept: redraft.edits, settled: [], conflicts: [] }
      : carryOver(redraft.edits, original, {
          before: before && readPage(before, { address: was.address }),
          handed: redraft.handed,
        });
  const packed = unchanged ? null : await packOriginal(crypto.randomUUID(), site.id, source);
  const renamed = renamedNodes(carried.settled, original);
  const setAsides = (await db().setAsides.where("siteId").equals(site.id).toArray()).map((one) =>
    moved(one, was, renamed),
  );
  const stored = { ...was, address, original: packed?.id ?? was.original, format: source.kind };
  const settled = [...redraft.settled, ...carried.settled];
  const examined = await freshen(original, {
    page: stored,
    redraft: { edits: carried.kept, settled },
    setAsides,
    houseStyle: site.houseStyle,
    today,
  });
  return {
    was,
    draft: draftBasis({ page: was, redraft }),
    edits: redraft.edits,
    ...carried,
    renamed,
    examined,
    address,
    format: source.kind,
    original: packed,
    links: linksOf(original),
    fetchedFrom,
  };
}

/** What was set aside at a node of the page, where that is called otherwise now. */
function moved(
  one: SetAsideRecord,
  { id }: Pick<StoredPage, "id">,
  renamed: ReadonlyMap<string, string>,
): SetAsideRecord {
  if (one.pageId !== id || one.key === null) return one;
  const key = renamedKey(one.key, renamed);
  return key === one.key ? one : { ...one, key };
}

/** Keeps a page that was brought in again; false where it was changed meanwhile, so that it has to be worked out again. */
export async function keepAgain(tx: Tx, again: BroughtAgain): Promise<boolean> {
  const { was, draft, kept, conflicts, renamed, examined, address, format, original } = again;
  const page = await tx.get("pages", was.id);
  if (!page) return true;
  if (draftBasis({ page, redraft: redraftOf(await tx.of("changes", "pageId", was.id)) }) !== draft) return false;
  await tx.put("pages", {
    ...page,
    address,
    original: original?.id ?? page.original,
    format,
    ready: page.ready && conflicts.length === 0,
    goneSince: null,
    isNew: false,
  });
  await carryChanges(tx, page, again);
  if (renamed.size > 0)
    for (const one of await tx.of("setAsides", "siteId", page.siteId)) {
      const now = moved(one, page, renamed);
      if (now !== one) await tx.put("setAsides", now);
    }
  await putExamined(tx, page, examined);
  if (examined.edits !== kept) await changeEdits(tx, page, between(kept, examined.edits));
  return true;
}
