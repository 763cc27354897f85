import type { PageKind } from "#core/page/page-kind";
import { cleanValue } from "#core/rewrite/clean-value";
import { type Edit, withEdit } from "#core/rewrite/edits";
import { type Field, fieldEdit } from "#core/rewrite/field-edit";
import { refusalOf } from "#core/rewrite/refusal";
import { draftBasis } from "./basis";
import { between, changeEdits, redraftOf } from "./changes";
import { db } from "./db";
import { type Examined, freshen, loadPage, putExamined } from "./freshen";
import type { StoredPage } from "./records/pages";
import type { SiteRecord } from "./records/sites";
import type { Tx } from "./transact";

/** What is to be changed on one page, from the table. */
export interface PageChange {
  pageId: string;
  texts: { field: Field; text: string; pattern?: string }[];
  phrase?: string;
  kind?: PageKind;
  ready?: boolean;
  /** Edits to be put to the redraft as they are: a table's canonical address. */
  edits?: Edit[];
}

/** What a change makes of a page. */
export interface RedraftedPage {
  /** Names what the page was when this was worked out. */
  draft: string;
  /** Its redraft then and after the change. */
  was: readonly Edit[];
  is: readonly Edit[];
  /** What follows from the page as the change leaves it. */
  examined: Examined;
  /** Changes that cannot be made, with the reason. */
  refused: { field: string; reason: string }[];
}

/** Works a change of one page out; null where the page is gone. */
export async function redraftPage(site: SiteRecord, change: PageChange, today: string): Promise<RedraftedPage | null> {
  const loaded = await loadPage(change.pageId);
  if (!loaded) return null;
  const { original } = loaded;
  const refused: RedraftedPage["refused"] = [];
  let edits = loaded.edits;
  const add = (edit: Edit, field: string) => {
    const next = withEdit(edits, edit);
    const refusal = refusalOf(original, edits, next);
    if (refusal) refused.push({ field, reason: refusal.reason });
    else edits = next;
  };
  for (const { field, text, pattern } of change.texts) {
    const edit = fieldEdit(original, field, text, pattern);
    if ("reason" in edit) refused.push({ field, reason: edit.reason });
    else add(edit, field);
  }
  for (const edit of change.edits ?? []) add(edit, edit.op);
  const setAsides = await db().setAsides.where("siteId").equals(site.id).toArray();
  const stored = changed(loaded.stored, change, edits !== loaded.edits);
  const examined = await freshen(original, {
    page: stored,
    redraft: { edits, settled: loaded.settled },
    setAsides,
    houseStyle: site.houseStyle,
    today,
  });
  const draft = draftBasis({ page: loaded.stored, redraft: loaded });
  return { draft, was: loaded.edits, is: examined.edits, examined, refused };
}

/** A page's own record as a change leaves it. */
const changed = (page: StoredPage, { phrase, kind, ready }: PageChange, redrafted: boolean): StoredPage => ({
  ...page,
  ...(phrase !== undefined && { phrase: cleanValue(phrase) }),
  ...(kind !== undefined && { chosenKind: kind }),
  ready: ready ?? (page.ready && !redrafted),
});

/** Makes a change that was worked out; false where the page was changed meanwhile, so that it has to be worked out again. */
export async function keepRedrafted(
  tx: Tx,
  change: PageChange,
  { draft, was, is, examined }: RedraftedPage,
): Promise<boolean> {
  const page = await tx.get("pages", change.pageId);
  if (!page) return true;
  if (draftBasis({ page, redraft: redraftOf(await tx.of("changes", "pageId", page.id)) }) !== draft) return false;
  const edits = between(was, is);
  const next = changed(page, change, edits.set.length + edits.drop.length > 0);
  await tx.put("pages", next);
  await changeEdits(tx, page, edits);
  await putExamined(tx, next, examined);
  return true;
}
