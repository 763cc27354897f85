import { useLiveQuery } from "dexie-react-hooks";
import type { ListedPhrase } from "#core/exchange/phrase-table";
import { phraseKey, uniquePhrases } from "#core/phrase/phrase-key";
import { db } from "./db";
import type { PhraseRecord } from "./records/phrases";
import { type ActOptions, type Tx, transact } from "./transact";

/** The list of phrases of a site, as it is kept; undefined until it has been read. */
export const usePhrases = (siteId: string): PhraseRecord[] | undefined =>
  useLiveQuery(() => db().phrases.where("siteId").equals(siteId).toArray(), [siteId]);

/** The places and countries that pages of a site are for, each once. */
export async function placesOf(siteId: string): Promise<string[]> {
  const pages = await db().pages.where("siteId").equals(siteId).toArray();
  return [...new Set(pages.flatMap(({ audience }) => audience.name || []))].sort();
}

/** What became of a list that was brought in. */
export interface KeptPhrases {
  added: number;
  /** Phrases that were there and are searched otherwise now, or have other columns. */
  changed: number;
}

/** The phrases of a site by what names them. */
async function byKey(tx: Tx, siteId: string): Promise<Map<string, PhraseRecord>> {
  return new Map((await tx.of("phrases", "siteId", siteId)).map((record) => [phraseKey(record.text), record]));
}

/** Puts phrases into a site's list. One that is there takes over what is said now, and keeps what is not said. */
export function keepPhrases(
  siteId: string,
  list: readonly ListedPhrase[],
  label: string,
  options: ActOptions = {},
): Promise<KeptPhrases> {
  return transact(
    siteId,
    label,
    async (tx) => {
      const known = await byKey(tx, siteId);
      const kept = { added: 0, changed: 0 };
      const added: PhraseRecord[] = [];
      for (const { text, volume, more } of list) {
        const was = known.get(phraseKey(text));
        if (!was) {
          kept.added++;
          added.push({ id: crypto.randomUUID(), siteId, text, volume, more });
          continue;
        }
        const is = { ...was, volume: volume ?? was.volume, more: { ...was.more, ...more } };
        if (JSON.stringify(is) !== JSON.stringify(was)) kept.changed++;
        await tx.put("phrases", is);
      }
      await tx.all(
        "phrases",
        added.map(({ id }) => id),
      );
      for (const record of added) await tx.put("phrases", record);
      return kept;
    },
    options,
  );
}

/** Takes phrases off a site's list; pages that are to be found for them stay so. */
export function removePhrases(siteId: string, ids: readonly string[]): Promise<void> {
  return transact(siteId, ids.length === 1 ? "Take the phrase off" : "Take phrases off", async (tx) => {
    for (const id of ids) await tx.remove("phrases", id);
  });
}

/** Another wording, or another number of searches, of a phrase; pages that are to be found for it follow its wording. */
export function changePhrase(
  record: Pick<PhraseRecord, "siteId" | "text">,
  is: Partial<Pick<PhraseRecord, "text" | "volume">>,
): Promise<void> {
  const { siteId, text } = record;
  return transact(siteId, is.text === undefined ? "Searches a month" : "Wording of the phrase", async (tx) => {
    const was = (await byKey(tx, siteId)).get(phraseKey(text));
    const volume = null;
    if (was) await tx.put("phrases", { ...was, ...is });
    else await tx.put("phrases", { id: crypto.randomUUID(), siteId, text, volume, more: {}, ...is });
    if (is.text !== undefined) await reword(tx, siteId, [text], is.text);
  });
}

/** Several phrases as one: their searches are added up, and their pages are to be found for it. */
export function mergePhrases(siteId: string, texts: readonly string[], into: string): Promise<void> {
  return transact(siteId, "Merge phrases", async (tx) => {
    const known = await byKey(tx, siteId);
    const merged = [...new Set([into, ...texts].map(phraseKey))].flatMap((key) => known.get(key) ?? []);
    const volumes = merged.flatMap(({ volume }) => volume ?? []);
    for (const { id } of merged) await tx.remove("phrases", id);
    await tx.put("phrases", {
      id: merged[0]?.id ?? crypto.randomUUID(),
      siteId,
      text: into,
      volume: volumes.length > 0 ? volumes.reduce((a, b) => a + b) : null,
      more: Object.assign({}, ...merged.map(({ more }) => more).reverse()) as Record<string, string>,
    });
    await reword(tx, siteId, texts, into);
  });
}

async function reword(tx: Tx, siteId: string, texts: readonly string[], into: string): Promise<void> {
  const keys = new Set(texts.map(phraseKey));
  for (const page of await tx.of("pages", "siteId", siteId)) {
    const supporting = page.supporting.map((one) => (keys.has(phraseKey(one)) ? into : one));
    const phrase = keys.has(phraseKey(page.phrase)) ? into : page.phrase;
    if (phrase === page.phrase && supporting.every((one, i) => one === page.supporting[i])) continue;
    await tx.put("pages", { ...page, phrase, supporting: uniquePhrases(supporting, phrase) });
  }
}

/** What a page is to be found for: as its target, or beside it. */
export type As = "target" | "supporting";

/** Assigns a phrase to pages; a target takes the place of the one before, which supports the page from then on where that is asked. */
export function assignPhrase(siteId: string, pageIds: readonly string[], text: string, as: As): Promise<void> {
  return transact(siteId, as === "target" ? "Target phrase" : "Supporting phrase", async (tx) => {
    for (const id of pageIds)
      await tx.update("pages", id, (page) =>
        as === "target"
          ? { ...page, phrase: text, supporting: uniquePhrases(page.supporting, text) }
          : { ...page, supporting: uniquePhrases([...page.supporting, text], page.phrase) },
      );
  });
}

/** Gives each of some pages a target phrase of its own; the one before goes. */
export function assignEach(siteId: string, phrases: ReadonlyMap<string, string>, label: string): Promise<void> {
  return transact(siteId, label, async (tx) => {
    await tx.all("pages", [...phrases.keys()]);
    for (const [id, phrase] of phrases)
      await tx.update("pages", id, (page) => ({
        ...page,
        phrase,
        supporting: uniquePhrases(page.supporting, phrase),
      }));
  });
}

/** A page takes a phrase over, as its target, from those that were to be found for it. */
export function movePhrase(siteId: string, text: string, to: string): Promise<void> {
  const key = phraseKey(text);
  return transact(siteId, "Another page for the phrase", async (tx) => {
    for (const page of await tx.of("pages", "siteId", siteId)) {
      if (page.id === to) {
        await tx.put("pages", { ...page, phrase: text, supporting: uniquePhrases(page.supporting, text) });
      } else if (phraseKey(page.phrase) === key) await tx.put("pages", { ...page, phrase: "" });
    }
  });
}

/** Takes a phrase from pages, whatever it is to them. */
export function unassignPhrase(siteId: string, pageIds: readonly string[], text: string): Promise<void> {
  const key = phraseKey(text);
  return transact(siteId, "Take the phrase from the page", async (tx) => {
    for (const id of pageIds)
      await tx.update("pages", id, (page) => ({
        ...page,
        phrase: phraseKey(page.phrase) === key ? "" : page.phrase,
        supporting: page.supporting.filter((one) => phraseKey(one) !== key),
      }));
  });
}
