import type { FetchAnswer } from "#core/address/fetch-answer";
import { type BroughtAgain, carryOverPage } from "../store/bring-again";
import type { SiteRecord } from "../store/db";
import { type Incoming, type ReadIncoming, readIncoming } from "../store/read-incoming";
import { fetchFromServer } from "./fetch-from-server";

/** What a page that was fetched was read as: a new one, or one that is there with its redraft carried over. */
export type Read = { prepared: ReadIncoming; again?: never } | { again: BroughtAgain; prepared?: never };

export interface FetchedPage {
  answer: FetchAnswer;
  /** What came, where it has to be decided first whether it may stay; null where it was read, or nothing came. */
  incoming: Incoming | null;
  read: Read | null;
}

/** Reads a page that was fetched. Null where the page that it was fetched for is gone. */
export async function readFetched(
  site: SiteRecord,
  incoming: Incoming,
  pageId: string | null,
  today: string,
): Promise<Read | null> {
  if (pageId === null) return { prepared: await readIncoming(site.id, incoming, site.houseStyle, today) };
  const again = await carryOverPage(site, pageId, incoming, today);
  return again && { again };
}

/**
 * Fetches a page and reads it, in a worker: its bytes never pass through the screen's thread. A page that was redirected
 * is left unread, since its end has to be looked at first.
 */
export async function fetchAndRead(
  site: SiteRecord,
  address: string,
  pageId: string | null,
  today: string,
): Promise<FetchedPage> {
  const { answer, bytes } = await fetchFromServer(address, "page", new AbortController().signal);
  if (!answer.ok) return { answer, incoming: null, read: null };
  const incoming: Incoming = {
    path: "",
    source: bytes,
    address: answer.address,
    addressKnown: true,
    contentType: answer.headers["content-type"] ?? null,
    headers: answer.headers,
    phrase: "",
  };
  if (answer.address !== address) return { answer, incoming, read: null };
  return { answer, incoming: null, read: await readFetched(site, incoming, pageId, today) };
}
