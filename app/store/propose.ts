import { expandData, prepareFixes } from "#core/audit/expand";
import { foundFor } from "#core/page/found-for";
import { languageOf } from "#core/page/page";
import { guessKind } from "#core/page/page-kind";
import { readPage } from "#core/page/read";
import { followPatterns } from "#core/pattern/follow";
import { type WrittenNames, writtenNames } from "#core/phrase/written-names";
import { type Asked, needsNames, propose } from "#core/proposals/all";
import type { Proposed } from "#core/proposals/proposal";
import { applyToPage } from "#core/rewrite/apply";
import { styleForKind } from "#core/settings/house-style";
import { draftBasis } from "./basis";
import { db } from "./db";
import { readKept } from "./freshen";
import { loadOriginals } from "./originals";
import type { SiteRecord } from "./records/sites";

/** What is proposed for one page. */
export interface ProposedPage extends Proposed {
  pageId: string;
  /** Names what the page was when this was worked out. */
  draft: string;
}

const NO_NAMES = writtenNames([], "en");
/** Pages of a site that are read for the names in them, and for how long what was found is kept, in milliseconds. */
const READ_FOR_NAMES = 400;
const KEPT = 60_000;
/** By site and language: the pages of a site come in all of its languages by turns. */
const lastNames = new Map<string, { at: number; names: Promise<WrittenNames> }>();

/** What a site's pages write with capitals in one language. Read once for a change of many pages. */
function siteNames(siteId: string, language: string): Promise<WrittenNames> {
  const of = `${siteId} ${language}`;
  for (const [name, { at }] of lastNames) if (Date.now() - at >= KEPT) lastNames.delete(name);
  const known = lastNames.get(of);
  if (known) return known.names;
  const names = db()
    .facets.where("siteId")
    .equals(siteId)
    .filter((one) => one.language.slice(0, 2) === language.slice(0, 2))
    .limit(READ_FOR_NAMES)
    .toArray()
    .then((all) =>
      writtenNames(
        all.map(({ beginning }) => beginning),
        language,
      ),
    );
  lastNames.set(of, { at: Date.now(), names });
  return names;
}

/** Works out what is proposed for some pages, without changing anything; those that it has nothing for are left out. */
export async function proposeOn(
  site: SiteRecord,
  ids: readonly string[],
  asked: Asked,
  today: string,
): Promise<ProposedPage[]> {
  const { stored, redrafts, setAsides } = await readKept(site, ids);
  const originals = await loadOriginals(stored.map(({ original }) => original));
  const proposed: ProposedPage[] = [];
  for (const record of stored) {
    const source = originals.get(record.original);
    const redraft = redrafts.get(record.id);
    if (!source || !redraft) continue;
    const original = readPage(source, { address: record.address });
    if (original.fault) continue;
    await expandData(original);
    if (asked.way === "fixes") await prepareFixes(original);
    const kind = record.chosenKind ?? guessKind(original);
    const houseStyle = styleForKind(site.houseStyle, kind);
    const edits = followPatterns(original, redraft.edits, { houseStyle, today });
    const { page } = applyToPage(original, edits);
    const names = needsNames(asked) ? await siteNames(site.id, languageOf(page) || "en") : NO_NAMES;
    const { settled } = redraft;
    const { id } = record;
    const on = { ...foundFor(record), id, original, page, edits, settled, kind, houseStyle, today, setAsides, names };
    const found = propose(on, asked);
    if (found.lines.length > 0) proposed.push({ pageId: id, draft: draftBasis({ page: record, redraft }), ...found });
  }
  return proposed;
}
