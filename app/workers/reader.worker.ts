import * as Comlink from "comlink";
import { resolveAddress } from "#core/address/address";
import { unzipPages } from "#core/exchange/zip";
import { type Original, originalFromBytes } from "#core/page/original";
import { canonicalOf, type PageFault } from "#core/page/page";
import { readPage } from "#core/page/read";
import { audit } from "#core/rules/audit";
import type { HouseStyle } from "#core/rules/house-style";
import { type Examined, examine, summaryRecord } from "../store/examine";

export interface ReadPage {
  original: Original;
  address: string;
  fault: PageFault | null;
  examined: Examined;
  summary: ReturnType<typeof summaryRecord>;
}

/** Reads and audits a page away from the screen's thread. */
function read(
  id: string,
  siteId: string,
  source: Original | Uint8Array,
  guess: string,
  stated: boolean,
  context: { phrase: string; houseStyle: HouseStyle; today: string },
): ReadPage {
  const original = source instanceof Uint8Array ? originalFromBytes(source) : source;
  let page = readPage(original, { address: guess });
  const canonical = stated ? null : canonicalOf(page);
  const address = (canonical ? resolveAddress(canonical, guess) : null) ?? guess;
  page = { ...page, address };
  const findings = audit(page, { ...context, phrase: context.phrase || null });
  return {
    original,
    address,
    fault: page.fault,
    examined: examine(page, findings, context.houseStyle),
    summary: summaryRecord(id, siteId, page),
  };
}

const api = { read, unzipPages };
export type Reader = typeof api;

Comlink.expose(api);
