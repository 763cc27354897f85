import { pMapIterable } from "p-map";
import { auditSite } from "#core/audit/examine-site";
import { siteEntry } from "#core/exchange/audit-report";
import { type AuditFormat, auditWriter } from "#core/exchange/audit-writers";
import { localDay } from "#core/rules/today";
import { WEIGHTS, type Weight } from "#core/settings/setting";
import { Site } from "#core/site/index/site";
import { readPhrases } from "./assignments.ts";
import { NO_CACHE, openCache } from "./cache.ts";
import { CommandFault, tell } from "./fault.ts";
import type { FetchedPage } from "./fetched-page.ts";
import { baseAddress, type FileToRead, filesIn, isAddress, nothingIn } from "./files.ts";
import { readStyle } from "./house-style.ts";
import { nameIn } from "./name-in.ts";
import { countPages } from "./progress.ts";
import { startThreads, TookTooLong } from "./threads.ts";
import { VERSION } from "./version.ts";
import type { AuditBasis, AuditedPage } from "./work.ts";

/** So many groups of pages wait for a thread, and so many may be done before the one whose turn it is to be written. */
const AT_ONCE = 64;
const AHEAD = 64;

interface AuditOptions {
  style?: string;
  base: string;
  addresses?: string;
  phrase?: string;
  phrases?: string;
  cache?: string;
  format: AuditFormat;
  failOn: Weight;
}

export async function auditCommand(paths: string[], options: AuditOptions): Promise<void> {
  const houseStyle = await readStyle(options.style);
  const base = baseAddress(options.base);
  const { phrase = "", phrases = null, format } = options;
  const hashed = options.cache !== undefined;
  const basis: AuditBasis = { phrase, phrases, houseStyle, today: localDay(), format, hashed };
  // What is wrong with it is said once, and not by every thread.
  if (phrases !== null) readPhrases(phrases);
  const addresses = paths.filter(isAddress);
  const files = filesIn(
    paths.filter((path) => !isAddress(path)),
    base,
    options.addresses,
  );
  if (files.length + addresses.length === 0) throw nothingIn(paths);
  const cache = options.cache === undefined ? NO_CACHE : openCache(options.cache, basis);
  const counting = countPages(files.length + addresses.length);
  const toAudit = files.filter((read) => !cache.has(read)).length + addresses.length;
  const threads = startThreads("auditPage", basis, toAudit);
  const fetchPage = addresses.length > 0 ? (await import("./fetch.ts")).startFetching() : null;
  let unreadable = 0;
  const leftOut = (name: string, { message }: CommandFault): null => {
    unreadable++;
    tell(message.startsWith(name) ? message : `${name} ${message}.`);
    return null;
  };
  /** Audits pages that are not kept; what is wrong with one stands in its place. */
  const auditAll = async (reads: readonly (FileToRead | FetchedPage)[]): Promise<(AuditedPage | CommandFault)[]> =>
    Promise.all(
      (await threads.runAll(reads)).map((audited, i) => {
        const read = reads[i];
        return audited instanceof TookTooLong && read
          ? threads.runAgain({ ...read, unread: "too-slow" }).catch(faultOf)
          : audited;
      }),
    );
  const auditFiles = async (group: readonly FileToRead[]): Promise<(AuditedPage | null)[]> => {
    const kept = group.map((read) => cache.get(read));
    const others = group.filter((_, i) => kept[i] === null);
    const audited = others.length > 0 ? await auditAll(others) : [];
    return group.map((read, i) => {
      const page = kept[i] ?? audited[others.indexOf(read)] ?? null;
      if (page instanceof CommandFault) return leftOut(read.file, page);
      if (page && !kept[i]) cache.put(read, page);
      return page;
    });
  };
  const auditAddress = async (address: string): Promise<(AuditedPage | null)[]> => {
    const fetched = await fetchPage?.(address).catch(faultOf);
    if (!fetched) return [];
    const [page = null] = fetched instanceof CommandFault ? [fetched] : await auditAll([fetched]);
    return [page instanceof CommandFault ? leftOut(address, page) : page];
  };
  const auditGroup = async (group: readonly FileToRead[] | string) => {
    const audited = typeof group === "string" ? await auditAddress(group) : await auditFiles(group);
    for (const _ of audited) counting.done();
    return audited;
  };
  const writer = auditWriter(format, { of: paths.join(", "), day: basis.today, version: VERSION });
  const site = new Site();
  const totals: Record<Weight, number> = { must: 0, should: 0, may: 0 };
  let pages = 0;
  const print = (text: string) => {
    if (text === "") return;
    counting.clear();
    process.stdout.write(text);
  };
  try {
    const groups = [...groupsOf(files, threads.atOnce), ...addresses];
    for await (const audited of pMapIterable(groups, auditGroup, { concurrency: AT_ONCE, backpressure: AHEAD })) {
      for (const page of audited) {
        if (!page) continue;
        pages++;
        site.put(page.facets);
        for (const weight of WEIGHTS) totals[weight] += page.written.totals[weight];
        print(writer.page(page.written));
      }
    }
  } finally {
    // Also where printing has failed: what was found until then need not be looked for again.
    cache.keep();
    counting.clear();
    await threads.end();
  }
  const across = auditSite(site, houseStyle)
    .map(siteEntry)
    .map((entry) => ({ ...entry, pages: entry.pages.map((file) => nameIn(format, file)) }));
  for (const { weight } of across) totals[weight]++;
  print(writer.end({ site: across, pages, totals }));
  const failing = WEIGHTS.slice(0, WEIGHTS.indexOf(options.failOn) + 1);
  if (failing.some((weight) => totals[weight] > 0)) process.exitCode = 1;
  if (unreadable > 0) process.exitCode = 2;
}

/** What the user can put right; anything else is a fault of ours and goes on. */
function faultOf(error: unknown): CommandFault {
  if (error instanceof CommandFault) return error;
  throw error;
}

function groupsOf<T>(list: readonly T[], size: number): T[][] {
  const groups: T[][] = [];
  for (let at = 0; at < list.length; at += size) groups.push(list.slice(at, at + size));
  return groups;
}
