import { languageOf } from "#core/page/page";
import type { PageKind } from "#core/page/page-kind";
import { patternPage } from "#core/pattern/follow";
import { applyPattern } from "#core/pattern/pattern";
import { type LetterCase, toCase } from "#core/phrase/letter-case";
import { joinNames, type WrittenNames, writtenNames } from "#core/phrase/written-names";
import { altEdits } from "#core/proposals/alternative-texts";
import { applyToPage } from "#core/rewrite/apply";
import { cleanValue } from "#core/rewrite/clean-value";
import { type Edit, slotOf, withEdit } from "#core/rewrite/edits";
import { type Field, fieldEdit, textOfField } from "#core/rewrite/field-edit";
import { followsPattern } from "#core/rewrite/follows-pattern";
import { styleForKind } from "#core/settings/house-style";
import { withoutBrand } from "#core/settings/without-brand";
import type { SitePicture } from "#core/site/index/picture-files";
import { namesOnPage } from "#core/site/names";
import { basisOf, between, changeEdits, redraftOf } from "./changes";
import { db } from "./db";
import { type Examined, freshen, kindOf, loadPage, putExamined } from "./freshen";
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
  /** Pictures that get another alternative text wherever they have the one that is named. */
  alts?: { picture: Pick<SitePicture, "at" | "alt">; value: string }[];
}

/** What a change makes of a page. */
export interface RedraftedPage {
  /** Names what the page was when this was worked out. */
  basis: string;
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
    const refusal = applyToPage(original, next).refused.find((one) => slotOf(one.edit) === slotOf(edit));
    if (refusal) refused.push({ field, reason: refusal.reason });
    else edits = next;
  };
  for (const { field, text, pattern } of change.texts) {
    const edit = fieldEdit(original, field, text, pattern);
    if ("reason" in edit) refused.push({ field, reason: edit.reason });
    else add(edit, field);
  }
  for (const edit of change.edits ?? []) add(edit, edit.op);
  const { page } = applyToPage(original, edits);
  for (const { picture, value } of change.alts ?? [])
    for (const edit of altEdits(original, page, edits, picture, value)) add(edit, edit.op);
  const setAsides = await db().setAsides.where("siteId").equals(site.id).toArray();
  const stored = changed(loaded.stored, change, edits !== loaded.edits);
  const examined = await freshen({ ...loaded, stored, edits }, site.houseStyle, setAsides, today);
  return { basis: basisOf(loaded.stored, loaded), was: loaded.edits, is: examined.edits, examined, refused };
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
  { basis, was, is, examined }: RedraftedPage,
): Promise<boolean> {
  const page = await tx.get("pages", change.pageId);
  if (!page) return true;
  if (basisOf(page, redraftOf(await tx.of("changes", "pageId", page.id))) !== basis) return false;
  const edits = between(was, is);
  const next = changed(page, change, edits.set.length + edits.drop.length > 0);
  await tx.put("pages", next);
  await changeEdits(tx, page, edits);
  await putExamined(tx, next, examined);
  return true;
}

/** A change of texts that needs the page itself, not only its text. */
export type PageTextChange =
  /** `spares` leaves texts alone that were written by hand: a house style's pattern is the default, not an order. */
  { kind: "pattern"; pattern: string; spares?: boolean } | { kind: "case"; style: LetterCase };

export interface PreviewedField {
  pageId: string;
  field: Field;
  was: string;
  is: string;
  /** Why the page stays as it is; null where it changes. */
  reason: string | null;
  /** Words that were left alone because they may be names. */
  unsure?: string[];
}

const NO_NAMES = writtenNames([], "en");
/** Pages of a site that are read for the names in them, and for how long what was found is kept, in milliseconds. */
const READ_FOR_NAMES = 400;
const KEPT = 60_000;
let lastNames: { of: string; at: number; names: Promise<WrittenNames> } | null = null;

/** What a site's pages write with capitals in one language. Read once for a change of many pages. */
function siteNames(siteId: string, language: string): Promise<WrittenNames> {
  const of = `${siteId} ${language}`;
  if (lastNames?.of === of && Date.now() - lastNames.at < KEPT) return lastNames.names;
  const names = db()
    .facets.where("siteId")
    .equals(siteId)
    .filter(({ language: one }) => one.slice(0, 2) === language.slice(0, 2))
    .limit(READ_FOR_NAMES)
    .toArray()
    .then((all) =>
      writtenNames(
        all.map(({ beginning }) => beginning),
        language,
      ),
    );
  lastNames = { of, at: Date.now(), names };
  return names;
}

/** What a pattern or a change of case makes of one page's text, without changing anything; null where the page is gone. */
export async function previewFields(
  site: SiteRecord,
  pageId: string,
  fields: readonly Field[],
  change: PageTextChange,
  today: string,
): Promise<PreviewedField[] | null> {
  const loaded = await loadPage(pageId);
  if (!loaded) return null;
  const style = styleForKind(site.houseStyle, kindOf(loaded));
  const { page } = applyToPage(loaded.original, loaded.edits);
  const written = change.kind === "case" ? await siteNames(site.id, languageOf(page) || "en") : NO_NAMES;
  return fields.map((field) => {
    const was = textOfField(page, field);
    if (change.kind === "pattern") {
      const op = field === "title" ? "set-title" : "set-description";
      if (change.spares && loaded.edits.some((edit) => edit.op === op && !followsPattern(edit))) {
        return { pageId, field, was, is: was, reason: "It was written by hand, which the pattern leaves alone." };
      }
      const made = applyPattern(change.pattern, {
        page: patternPage(loaded.original, loaded.edits),
        houseStyle: style,
        today,
      });
      return "text" in made
        ? { pageId, field, was, is: made.text, reason: null }
        : { pageId, field, was, is: was, reason: made.reason };
    }
    const language = languageOf(page) || "en";
    if (change.style !== "sentence" && change.style !== "lower" && !language.toLowerCase().startsWith("en")) {
      return { pageId, field, was, is: was, reason: `Title case is for English; this page is in “${language}”.` };
    }
    const names = joinNames(namesOnPage(page, style), written);
    const bare = field === "title" ? withoutBrand(was, style.brand) : was;
    const at = was.indexOf(bare);
    if (bare === "" || at < 0) return { pageId, field, was, is: was, reason: null };
    const { text, unsure } = toCase(bare, change.style, { language, names });
    const is = was.slice(0, at) + text + was.slice(at + bare.length);
    return { pageId, field, was, is, reason: null, ...(unsure.length > 0 && { unsure }) };
  });
}
