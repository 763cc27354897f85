import { examinePage, type PageContext } from "#core/audit/examine-page";
import { expandData } from "#core/audit/expand";
import { setAsideBy } from "#core/findings/set-aside";
import type { Page } from "#core/page/page";
import { guessKind, type PageKind } from "#core/page/page-kind";
import { readPage } from "#core/page/read";
import type { Edit } from "#core/rewrite/edits";
import { type HouseStyle, stampOf } from "#core/settings/house-style";
import { basisOf, between, changeEdits, loadRedraft, type Redraft, redraftOf } from "./changes";
import { db } from "./db";
import { examine, summaryRecord } from "./examine";
import { loadOriginal } from "./originals";
import { learntOf } from "./page-record";
import type { PageDerived } from "./records/derived";
import type { StoredPage } from "./records/pages";
import type { SetAsideRecord } from "./records/set-asides";
import type { SiteRecord } from "./records/sites";
import type { SummaryRecord } from "./records/summaries";
import { factsOf, type Tx, write } from "./transact";

/** A page as it is kept, read and with its redraft. */
export interface LoadedPage extends Pick<Redraft, "edits" | "settled"> {
  stored: StoredPage;
  original: Page;
}

/** Loads and reads a page; null where its record or its source is gone. */
export async function loadPage(pageId: string): Promise<LoadedPage | null> {
  const stored = await db().pages.get(pageId);
  const source = stored && (await loadOriginal(stored.original));
  if (!stored || !source) return null;
  const { edits, settled } = await loadRedraft(pageId);
  const original = readPage(source, { address: stored.address });
  await expandData(original);
  return { stored, original, edits, settled };
}

/** What a page is taken for. */
export const kindOf = ({ stored, original }: Pick<LoadedPage, "stored" | "original">): PageKind =>
  stored.chosenKind ?? guessKind(original);

/** What was worked out from a page and its redraft. */
export interface Examined {
  id: string;
  /** Names what it was worked out from. */
  basis: string;
  derived: PageDerived;
  summary: SummaryRecord;
  /** The redraft, with patterns resolved again. */
  edits: readonly Edit[];
}

/** Works out what follows from a page and its redraft. */
export async function freshen(
  loaded: LoadedPage,
  houseStyle: HouseStyle,
  setAsides: readonly SetAsideRecord[],
  today: string,
): Promise<Examined> {
  const { stored, original } = loaded;
  const { kind, guessedKind, page, edits, findings, rules } = await examinePage(
    original,
    contextOf(loaded, houseStyle, today),
  );
  const open = findings.filter((finding) => !setAsideBy(finding, stored.id, setAsides));
  const stamp = stampOf(houseStyle, today);
  return {
    id: stored.id,
    basis: basisOf(stored, loaded),
    derived: examine(page, { findings: open, houseStyle: rules.houseStyle, guessedKind, stamp }),
    summary: summaryRecord(stored, page, kind),
    edits,
  };
}

/** What is known of a kept page beside its source. */
export const contextOf = (
  { stored: { phrase, chosenKind }, edits, settled }: Omit<LoadedPage, "original">,
  houseStyle: HouseStyle,
  today: string,
): PageContext => ({ houseStyle, today, phrase, chosenKind, edits, settled });

/**
 * Keeps what was worked out from a page, where the page is still what it was worked out from; whether it was. Where it is
 * not, what was kept before stands, and is worked out again by itself.
 */
export async function keepExamined(tx: Tx, examined: Omit<Examined, "edits">): Promise<boolean> {
  const page = await tx.get("pages", examined.id);
  if (!page) return false;
  const changes = await tx.of("changes", "pageId", page.id);
  if (basisOf(page, redraftOf(changes)) !== examined.basis) return false;
  await putExamined(tx, page, examined);
  return true;
}

/** Keeps what was worked out from a page that is known to be still what it was worked out from. */
export async function putExamined(
  tx: Tx,
  page: StoredPage,
  { derived, summary }: Pick<Examined, "derived" | "summary">,
): Promise<void> {
  const { id, siteId } = page;
  await tx.put("derived", { ...derived, ...factsOf(await tx.of("changes", "pageId", id), page), id, siteId });
  await tx.put("summaries", { ...summary, ...learntOf(await tx.get("learnt", id)) });
}

/**
 * Audits kept pages again and writes what follows; nothing of it is an action of the editor's. A page that was changed
 * meanwhile is left for the next time. Returns how many were written.
 */
export async function examinePages(site: SiteRecord, ids: readonly string[], today: string): Promise<number> {
  const setAsides = await db().setAsides.where("siteId").equals(site.id).toArray();
  const results: { loaded: LoadedPage; fresh: Examined }[] = [];
  for (const id of ids) {
    const loaded = await loadPage(id);
    if (loaded) results.push({ loaded, fresh: await freshen(loaded, site.houseStyle, setAsides, today) });
  }
  return write(async (tx) => {
    let written = 0;
    for (const { loaded, fresh } of results) {
      if (!(await keepExamined(tx, fresh))) continue;
      if (fresh.edits !== loaded.edits) await changeEdits(tx, loaded.stored, between(loaded.edits, fresh.edits));
      written++;
    }
    return written;
  });
}
