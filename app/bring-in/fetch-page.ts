import * as Comlink from "comlink";
import type { FetchAnswer } from "#core/address/fetch-answer";
import { type BroughtAgain, carryOverPage } from "../store/bring-again";
import { type Incoming, type ReadIncoming, readIncoming } from "../store/read-incoming";
import type { SiteRecord } from "../store/records/sites";
import { fetchFromServer } from "./fetch-from-server";

/** What a page that was fetched was read as: a new one, or one that is there with its redraft carried over. */
export type Read = { prepared: ReadIncoming; again?: never } | { again: BroughtAgain; prepared?: never };

export interface FetchedPage {
  answer: FetchAnswer;
  /** What came, ready to be read; null where nothing did. */
  incoming: Incoming | null;
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

/** Fetches a page, in a worker. It is read apart from this, on a worker that does nothing else meanwhile and can be ended. */
export async function fetchPage(address: string): Promise<FetchedPage> {
  const { answer, bytes } = await fetchFromServer(address, "page", new AbortController().signal);
  if (!answer.ok) return { answer, incoming: null };
  const incoming: Incoming = {
    path: "",
    source: bytes,
    address: answer.address,
    addressGiven: true,
    contentType: answer.headers["content-type"] ?? null,
    headers: answer.headers,
    phrase: "",
  };
  return Comlink.transfer({ answer, incoming }, [bytes.buffer]);
}
