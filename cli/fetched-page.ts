import type { Unread } from "#core/page/original";
import { markdownFromBytes, originalFromBytes } from "#core/page/original-from-bytes";
import { readPage } from "#core/page/read";
import { prepareOriginal } from "#core/rewrite/prepare-original";
import type { PageFile } from "./files.ts";

/** A page of the web as it came. */
export interface FetchedPage {
  /** The address that was named. */
  asked: string;
  /** Where it was found in the end. */
  address: string;
  /** Addresses that led there. */
  from: string[];
  bytes: Uint8Array;
  headers: Readonly<Record<string, string>>;
  /** Why it is not read, although it came. */
  unread?: Unread;
}

/** Reads a page that was fetched. */
export async function readFetchedPage({ address, bytes, headers, unread }: FetchedPage): Promise<PageFile> {
  const type = headers["content-type"] ?? null;
  const came = /markdown/i.test(type ?? "") ? markdownFromBytes(bytes) : originalFromBytes(bytes, type);
  const original = await prepareOriginal({ ...came, headers, ...(unread && { unread }) });
  return { original, page: readPage(original, { address }) };
}
