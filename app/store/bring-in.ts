import { v7 } from "uuid";
import { addressOfFile } from "#core/address/address";
import { type LeftOut, MAX_ENTRIES, type PackedFile, typeBeside, unpackedPage, whyLeftOut } from "#core/exchange/zip";
import { EVERYONE } from "#core/page/found-for";
import { MAX_SOURCE_BYTES } from "#core/page/original";
import { DEFAULT_HOUSE_STYLE, type HouseStyle } from "#core/settings/house-style";
import { guessTitlePattern } from "#core/site/brand";
import { inLanes, onPool, PAGE_LIMIT } from "../workers/pool";
import { askServer } from "./ask-server";
import { type BroughtAgain, keepAgain } from "./bring-again";
import { db } from "./db";
import { explainStorage } from "./faults";
import { type ChosenFile, keepFiles } from "./files";
import { putExamined } from "./freshen";
import { noteGone } from "./gone";
import { type Arriving, pageFinder } from "./page-finder";
import { keepFigures } from "./performance";
import { keepPhrases } from "./phrases";
import { tellPages } from "./queues";
import type { Incoming, ReadIncoming } from "./read-incoming";
import { readWithin } from "./read-within";
import { NEW_PAGE, type StoredPage } from "./records/pages";
import type { SiteRecord } from "./records/sites";
import { today } from "./today";
import { transact } from "./transact";

/** A file's bytes under its path. */
export interface Chosen {
  /** Pages. */
  files: ChosenFile[];
  /** Their pictures and style sheets. */
  beside: ChosenFile[];
  leftOut: LeftOut[];
}

const ZIP = /\.zip$/i;
/** Largest archive that is taken into memory. */
const MAX_ARCHIVE = 200 * 1024 * 1024;

/** Sorts out what was dropped or chosen: pages, and what is left out with the reason. */
export async function sortFiles(files: readonly File[]): Promise<Chosen> {
  const chosen: Chosen = { files: [], beside: [], leftOut: [] };
  for (const file of files.slice(0, MAX_ENTRIES)) {
    const path = file.webkitRelativePath || file.name;
    if (ZIP.test(path)) {
      await addArchive(file, path, chosen);
      continue;
    }
    const why = file.size > MAX_SOURCE_BYTES ? "it is larger than 20 MB" : whyLeftOut(path, file.size);
    if (why) chosen.leftOut.push({ path, why });
    else {
      const page = unpackedPage({ path, bytes: new Uint8Array(await file.arrayBuffer()) });
      if ("why" in page) chosen.leftOut.push({ path, why: page.why });
      else chosen.files.push(page);
    }
  }
  if (files.length > MAX_ENTRIES)
    chosen.leftOut.push({
      path: `${files.length - MAX_ENTRIES} more files`,
      why: "20,000 files are taken at one time",
    });
  const { files: pages, beside } = parted(withoutCommonFolder(chosen.files));
  return { ...chosen, files: pages, beside: [...chosen.beside, ...beside] };
}

async function addArchive(file: File, path: string, chosen: Chosen): Promise<void> {
  if (file.size > MAX_ARCHIVE) {
    chosen.leftOut.push({ path, why: "it is larger than 200 MB; split it into smaller archives" });
    return;
  }
  const bytes = new Uint8Array(await file.arrayBuffer());
  const unpacked = await onPool(async (worker) => await worker.unzipPages(bytes));
  if ("reason" in unpacked) {
    chosen.leftOut.push({ path, why: unpacked.reason });
    return;
  }
  chosen.leftOut.push(...unpacked.leftOut.map((one) => ({ ...one, path: `${path}: ${one.path}` })));
  const files = withoutCommonFolder(unpacked.files);
  // Of two archives with the same files each keeps its own name as a folder.
  const there = new Set(chosen.files.map((one) => one.path));
  const clashes = files.some((one) => there.has(one.path));
  const folder = path.replace(ZIP, "");
  for (const one of files) chosen.files.push(clashes ? { ...one, path: `${folder}/${one.path}` } : one);
}

/** Pages apart from what comes beside them. */
function parted(files: readonly ChosenFile[]): Pick<Chosen, "files" | "beside"> {
  return {
    files: files.filter(({ path }) => typeBeside(path) === null),
    beside: files.filter(({ path }) => typeBeside(path) !== null),
  };
}

/** Archives and folders often hold one folder with everything in it, which is no part of the addresses. */
function withoutCommonFolder<T extends PackedFile>(files: readonly T[]): T[] {
  const first = files[0]?.path.split("/")[0];
  const common = first !== undefined && files.length > 1 && files.every(({ path }) => path.startsWith(`${first}/`));
  return common ? files.map((file) => ({ ...file, path: file.path.slice(first.length + 1) })) : [...files];
}

/** A page that was read and waits to be kept. */
export type Prepared = ReadIncoming & { source: Incoming };

/** What a page is to be found for. */
type Phrases = Pick<StoredPage, "phrase" | "supporting" | "audience">;
const NO_PHRASES: Phrases = { phrase: "", supporting: [], audience: EVERYONE };

/** What a file is as something that comes in. */
export const incomingFile = ({ path, bytes }: ChosenFile, base: string, phrases: Phrases = NO_PHRASES): Incoming => ({
  path,
  source: bytes,
  address: addressOfFile(path, base),
  addressGiven: false,
  ...phrases,
});

/** Reads and audits what comes in on the pool; what was read when it is stopped is returned. */
export function prepare(
  site: Pick<SiteRecord, "id" | "houseStyle">,
  incoming: readonly Incoming[],
  onProgress: (done: number) => void,
  signal: AbortSignal,
): Promise<Prepared[]> {
  const date = today();
  return inLanes(
    incoming,
    async (source) => ({
      ...(await readWithin(source, (worker, read) => worker.readIncoming(site.id, read, site.houseStyle, date))),
      source,
    }),
    { signal, onResult: (_, done) => onProgress(done) },
  );
}

/** A new page's record. */
export const newPage = (
  site: SiteRecord,
  { id, path, address, phrase, supporting, audience, isNew, format, original }: ReadIncoming,
  position: number,
): StoredPage => ({
  ...NEW_PAGE,
  id,
  siteId: site.id,
  position,
  file: path,
  address,
  original: original.id,
  format,
  phrase,
  supporting,
  audience,
  isNew,
});

export interface Kept {
  added: number;
  /** Pages that were there and have been brought in again. */
  again: number;
  /** Redrafted changes that were carried over, settled by the site, or need a decision. */
  kept: number;
  settled: number;
  conflicts: number;
}

export interface KeepOptions {
  /** Pages that are there and were brought in again. */
  again?: readonly BroughtAgain[];
  /** Ids of pages that are gone from the site. */
  missing?: readonly string[];
  /** Ids of the site's pages by address, where the caller has them at hand; new ones are added. */
  idByAddress?: Map<string, string>;
  group?: string;
  label?: string;
}

/** Parts what was read into pages that are new and pages that are there, whose redrafts are carried over. */
export async function partPresent(
  site: SiteRecord,
  prepared: readonly Prepared[],
): Promise<{ fresh: Prepared[]; again: BroughtAgain[] }> {
  const known = await pageFinder(site.id);
  const ids = new Map(prepared.map((one) => [one, known.find(arrivingOf(one))]));
  const date = today();
  const present = prepared.filter((one) => ids.get(one) !== null);
  const again = await inLanes(present, async (one) => {
    const { unread } = one.original;
    return await readWithin(unread ? { ...one.source, unread } : one.source, (worker, source) =>
      worker.carryOverPage(site, ids.get(one) ?? "", source, date),
    );
  });
  return { fresh: prepared.filter((one) => ids.get(one) === null), again: again.filter((one) => one !== null) };
}

/** What was read, as far as it is known again. */
export const arrivingOf = ({ path, address, source: { addressGiven } }: Prepared): Arriving => ({
  path,
  address,
  addressGiven,
});

/** Gives it an id that follows the last one: records that are read by their ids come in the order of the site. */
function nextInOrder(read: ReadIncoming): ReadIncoming {
  const id = v7();
  return { ...read, id, facets: { ...read.facets, id } };
}

/** Keeps pages in a site, which is made where it is new: one action that can be undone. Each address and page once. */
export async function keep(
  site: SiteRecord,
  prepared: readonly ReadIncoming[],
  options: KeepOptions = {},
): Promise<Kept> {
  const known = options.idByAddress ?? (await pageFinder(site.id)).byAddress;
  const once = new Set(known.keys());
  const fresh = prepared.filter(({ address }) => !once.has(address) && once.add(address)).map(nextInOrder);
  const again = [...new Map((options.again ?? []).map((one) => [one.was.id, one])).values()];
  const many = fresh.length + again.length;
  const { missing = [] } = options;
  if (many + missing.length === 0) return { added: 0, again: 0, kept: 0, settled: 0, conflicts: 0 };
  const label =
    options.label ?? `Bring in ${many === 1 ? "1 page" : `${many} pages`}${fresh.length === 0 ? " again" : ""}`;
  const group = options.group ?? null;
  let moved = await keepOnce(site, { fresh, again, missing }, label, group);
  for (const one of fresh) known.set(one.address, one.id);
  // Pages that were changed while they were read again are worked out anew, each until nobody comes in between.
  for (let tries = 0; moved.length > 0 && tries < TRIES; tries++) {
    const date = today();
    const anew = await inLanes(moved, (one) => onPool((worker) => worker.carryOverAgain(site, one, date), PAGE_LIMIT));
    moved = await keepOnce(site, { fresh: [], again: anew.filter((one) => one !== null), missing: [] }, label, group);
  }
  if (moved.length > 0)
    throw new Error(
      `${moved.map(({ was }) => was.address).join(", ")} is being changed elsewhere at this moment. Bring it in again.`,
    );
  const sum = (of: (one: BroughtAgain) => number) => again.reduce((total, one) => total + of(one), 0);
  return {
    added: fresh.length,
    again: again.length,
    kept: sum((one) => one.kept.length),
    settled: sum((one) => one.settled.length),
    conflicts: sum((one) => one.conflicts.length),
  };
}

/** How often a page is worked out again because somebody changed it meanwhile. */
const TRIES = 5;

/** Keeps pages in one transaction; those that were changed meanwhile come back. */
async function keepOnce(
  site: SiteRecord,
  {
    fresh,
    again,
    missing,
  }: { fresh: readonly ReadIncoming[]; again: readonly BroughtAgain[]; missing: readonly string[] },
  label: string,
  group: string | null,
): Promise<BroughtAgain[]> {
  try {
    await db().originals.bulkPut([...fresh.map((one) => one.original), ...again.flatMap((one) => one.original ?? [])]);
  } catch (error) {
    throw explainStorage(error);
  }
  return transact(
    site.id,
    label,
    async (tx) => {
      const stored = (await tx.get("sites", site.id)) ?? site;
      await tx.put("sites", withTitlePattern(stored, fresh));
      const offset = await db().pages.where("siteId").equals(site.id).count();
      for (const [i, one] of fresh.entries()) {
        const page = newPage(site, one, offset + i);
        await tx.put("pages", page);
        await putExamined(tx, page, one);
      }
      await noteGone(tx, missing);
      const moved: BroughtAgain[] = [];
      for (const one of again) if (!(await keepAgain(tx, one))) moved.push(one);
      return moved;
    },
    { group },
  );
}

function withTitlePattern(site: SiteRecord, pages: readonly ReadIncoming[]): SiteRecord {
  if (site.houseStyle.brand) return site;
  const pattern = guessTitlePattern(pages.map(({ derived }) => derived.title));
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
  data: NonNullable<HouseStyle["data"]>;
  /** Paths that redirect, with where they lead. */
  redirects: Record<string, string>;
}

async function unzipFrom(path: string, asked: object, also: string[] = []): Promise<PackedFile[]> {
  const answer = await askServer(path, asked);
  if (!answer.ok) throw new Error("This application's server did not answer. Start it again, then try once more.");
  const bytes = new Uint8Array(await answer.arrayBuffer());
  const unpacked = await onPool(async (worker) => await worker.unzipPages(bytes, also));
  if ("reason" in unpacked) throw new Error(unpacked.reason);
  return unpacked.files;
}

/** What the demo site says beside its pages. */
const DEMO_FIGURES = ["performance-2026-09.csv", "performance-2026-10.csv"];
const DEMO_FILES = ["site.json", "phrases.csv", "assignments.csv", ...DEMO_FIGURES];

/** Brings the demo site in and returns its id. */
export async function openDemo(): Promise<string> {
  const files = await unzipFrom("/demo-site.zip", {}, DEMO_FILES);
  const bytesOf = (name: string) => files.find(({ path }) => path === name)?.bytes ?? new Uint8Array();
  const facts = JSON.parse(new TextDecoder().decode(bytesOf("site.json"))) as DemoFacts;
  const { assignmentsIn, listIn } = await import("./read-phrases");
  const { figuresIn } = await import("#core/exchange/performance-table");
  const assigned = assignmentsIn(bytesOf("assignments.csv"));
  const listed = listIn(bytesOf("phrases.csv"));
  const site = newSite(facts.name, facts.address, {
    brand: facts.name,
    separator: facts.separator,
    rules: facts.rules,
    data: facts.data,
  });
  const { files: pages, beside } = parted(files.filter(({ path }) => !DEMO_FILES.includes(path)));
  const incoming = pages.map((file) =>
    incomingFile(file, facts.address, "reason" in assigned ? undefined : assigned.assigned.get(file.path)),
  );
  await keepFiles(site, beside, site.address);
  await keep(site, await prepare(site, incoming, () => {}, new AbortController().signal));
  const address = (path: string) => new URL(path, facts.address).href;
  await tellPages(site.id, {
    listed: [],
    redirects: Object.entries(facts.redirects).map(([from, to]) => [address(from), address(to)]),
  });
  if (!("reason" in listed)) await keepPhrases(site.id, listed.phrases, "Bring phrases in");
  for (const name of DEMO_FIGURES) {
    const figures = figuresIn(bytesOf(name), name, facts.address);
    if (!("reason" in figures) && figures.period) await keepFigures(site.id, figures.period, name, figures.rows);
  }
  return site.id;
}

/** Pages in one answer of the server, and in one action. */
const LARGE_CHUNK = 40;

/** Brings the large demo site in, page after page; what came in when it is stopped stays. Returns its id. */
export async function openLargeDemo(
  count: number,
  onProgress: (done: number) => void,
  signal: AbortSignal,
): Promise<string> {
  const site = newSite("The large demo site", "https://large.example/", { brand: "Gullhaven" });
  const group = crypto.randomUUID();
  const idByAddress = new Map<string, string>();
  const chunk = (first: number) =>
    first < count ? unzipFrom("/large-site.zip", { first, count: Math.min(LARGE_CHUNK, count - first) }) : null;
  let next = chunk(0);
  for (let first = 0; next && !signal.aborted; first += LARGE_CHUNK) {
    const files = await next;
    // The server makes the next pages while these are read.
    next = chunk(first + LARGE_CHUNK);
    const incoming = files.map((file) => incomingFile(file, site.address));
    const prepared = await prepare(site, incoming, (done) => onProgress(first + done), signal);
    await keep(site, prepared, { group, idByAddress, label: "Bring in the large demo site" });
  }
  await next?.catch(() => {});
  return site.id;
}
