import { addressOfFile } from "#core/address/address";
import { type LeftOut, MAX_ENTRIES, type PackedFile, whyLeftOut } from "#core/exchange/zip";
import { MAX_SOURCE_BYTES, originalFromText } from "#core/page/original";
import { DEFAULT_HOUSE_STYLE, type HouseStyle } from "#core/rules/house-style";
import { guessTitlePattern } from "#core/site/brand";
import { readerWorker } from "../workers/reader";
import type { ReadPage } from "../workers/reader.worker";
import { act, type Put } from "./act";
import { db, type PageRecord, type SiteRecord } from "./db";
import { explainStorage } from "./faults";
import { packOriginal } from "./originals";

/** Something to bring in: a file's bytes, or text that was pasted. */
export interface Incoming {
  path: string;
  bytes: Uint8Array | null;
  text: string | null;
}

export interface Chosen {
  incoming: Incoming[];
  leftOut: LeftOut[];
}

const ZIP = /\.zip$/i;
/** Largest archive that is taken into memory. */
const MAX_ARCHIVE = 200 * 1024 * 1024;

/** Sorts out what was dropped or chosen: pages, and what is left out with the reason. */
export async function sortFiles(files: readonly File[]): Promise<Chosen> {
  const chosen: Chosen = { incoming: [], leftOut: [] };
  for (const file of files.slice(0, MAX_ENTRIES)) {
    const path = file.webkitRelativePath || file.name;
    if (ZIP.test(path)) {
      await addArchive(file, path, chosen);
      continue;
    }
    const why = file.size > MAX_SOURCE_BYTES ? "it is larger than 20 MB" : whyLeftOut(path, file.size);
    if (why) chosen.leftOut.push({ path, why });
    else chosen.incoming.push({ path, bytes: new Uint8Array(await file.arrayBuffer()), text: null });
  }
  return chosen;
}

async function addArchive(file: File, path: string, chosen: Chosen): Promise<void> {
  if (file.size > MAX_ARCHIVE) {
    chosen.leftOut.push({ path, why: "it is larger than 200 MB; split it into smaller archives" });
    return;
  }
  const unpacked = await readerWorker().unzipPages(new Uint8Array(await file.arrayBuffer()));
  if ("reason" in unpacked) {
    chosen.leftOut.push({ path, why: unpacked.reason });
    return;
  }
  chosen.leftOut.push(...unpacked.leftOut.map((one) => ({ ...one, path: `${path}: ${one.path}` })));
  chosen.incoming.push(
    ...withoutCommonFolder(unpacked.files).map(({ path: name, bytes }) => ({ path: name, bytes, text: null })),
  );
}

/** Archives often hold one folder with everything in it, which is no part of the addresses. */
function withoutCommonFolder(files: readonly PackedFile[]): PackedFile[] {
  const first = files[0]?.path.split("/")[0];
  const common = first !== undefined && files.length > 1 && files.every(({ path }) => path.startsWith(`${first}/`));
  return common ? files.map(({ path, bytes }) => ({ path: path.slice(first.length + 1), bytes })) : [...files];
}

export interface Prepared extends ReadPage {
  id: string;
  path: string;
  phrase: string;
}

/** Reads and audits what was chosen, one by one; what was read when it is stopped is returned. */
export async function prepare(
  incoming: readonly Incoming[],
  options: { siteId: string; base: string; houseStyle: HouseStyle; phrases?: Record<string, string> },
  onProgress: (done: number) => void,
  signal: AbortSignal,
): Promise<Prepared[]> {
  const today = new Date().toISOString().slice(0, 10);
  const prepared: Prepared[] = [];
  for (const { path, bytes, text } of incoming) {
    if (signal.aborted) break;
    const id = crypto.randomUUID();
    const phrase = options.phrases?.[path] ?? "";
    const source = bytes ?? originalFromText(text ?? "");
    const context = { phrase, houseStyle: options.houseStyle, today };
    const read = await readerWorker().read(
      id,
      options.siteId,
      source,
      addressOfFile(path, options.base),
      false,
      context,
    );
    prepared.push({ ...read, id, path, phrase });
    onProgress(prepared.length);
  }
  return prepared;
}

/** Keeps prepared pages in a site, which is made where it is new: one action, that can be undone. */
export async function keep(site: SiteRecord, prepared: readonly Prepared[]): Promise<void> {
  const known = new Set((await db().pages.where("siteId").equals(site.id).toArray()).map((page) => page.address));
  const fresh = prepared.filter(({ address }) => {
    if (known.has(address)) return false;
    known.add(address);
    return true;
  });
  const puts: Put[] = [{ table: "sites", key: site.id, after: withTitlePattern(site, fresh) }];
  const offset = await db().pages.where("siteId").equals(site.id).count();
  try {
    const packed = await Promise.all(fresh.map(({ id, original }) => packOriginal(id, site.id, original)));
    await db().originals.bulkPut(packed);
  } catch (error) {
    throw explainStorage(error);
  }
  fresh.forEach(({ id, path, address, phrase, examined, summary }, i) => {
    const page: PageRecord = {
      id,
      siteId: site.id,
      position: offset + i,
      file: path,
      address,
      phrase,
      edits: 0,
      ready: false,
      ...examined,
    };
    puts.push(
      { table: "pages", key: id, after: page },
      { table: "summaries", key: id, after: { ...summary, siteId: site.id } },
    );
  });
  await act(site.id, fresh.length === 1 ? "Bring in 1 page" : `Bring in ${fresh.length} pages`, puts);
}

function withTitlePattern(site: SiteRecord, pages: readonly Prepared[]): SiteRecord {
  if (site.houseStyle.brand) return site;
  const pattern = guessTitlePattern(pages.map(({ examined }) => examined.title));
  if (!pattern) return site;
  return { ...site, name: site.name || pattern.brand, houseStyle: { ...site.houseStyle, ...pattern } };
}

export function newSite(name: string, address: string, houseStyle: Partial<HouseStyle> = {}): SiteRecord {
  return {
    id: crypto.randomUUID(),
    name,
    address,
    houseStyle: { ...DEFAULT_HOUSE_STYLE, ...houseStyle },
    broughtInAt: new Date().toISOString(),
  };
}

interface DemoFacts {
  address: string;
  name: string;
  separator: string;
  rules: HouseStyle["rules"];
  phrases: Record<string, string>;
}

/** Brings the demo site in and returns its id. */
export async function openDemo(): Promise<string> {
  const answer = await fetch("/demo-site.zip");
  if (!answer.ok)
    throw new Error("The demo site could not be fetched from this application's server. Is it still running?");
  const unpacked = await readerWorker().unzipPages(new Uint8Array(await answer.arrayBuffer()), ["site.json"]);
  if ("reason" in unpacked) throw new Error(unpacked.reason);
  const facts = JSON.parse(
    new TextDecoder().decode(unpacked.files.find((f) => f.path === "site.json")?.bytes),
  ) as DemoFacts;
  const site = newSite(facts.name, facts.address, {
    brand: facts.name,
    separator: facts.separator,
    rules: facts.rules,
  });
  const incoming = unpacked.files
    .filter((f) => f.path !== "site.json")
    .map(({ path, bytes }) => ({ path, bytes, text: null }));
  const options = { siteId: site.id, base: facts.address, houseStyle: site.houseStyle, phrases: facts.phrases };
  await keep(site, await prepare(incoming, options, () => {}, new AbortController().signal));
  return site.id;
}
