import { isAbsolute, relative, resolve } from "node:path";
import { pMapIterable } from "p-map";
import { auditSite } from "#core/audit/examine-site";
import { siteEntry } from "#core/exchange/audit-report";
import { AUDIT_WRITERS, type AuditFormat } from "#core/exchange/audit-writers";
import { localDay } from "#core/rules/today";
import { WEIGHTS, type Weight } from "#core/settings/setting";
import { Site } from "#core/site/index/site";
import { readPhrases } from "./assignments.ts";
import { NO_CACHE, openCache } from "./cache.ts";
import { CommandFault, tell } from "./fault.ts";
import type { FetchedPage } from "./fetched-page.ts";
import { baseAddress, type FileToRead, filesIn, nothingIn } from "./files.ts";
import { readStyle } from "./house-style.ts";
import { countPages } from "./progress.ts";
import { startThreads, TookTooLong } from "./threads.ts";
import { VERSION } from "./version.ts";
import type { AuditedPage } from "./work.ts";

/** So many files wait for a thread, and so many may be done before the one whose turn it is to be written. */
const AT_ONCE = 64;
const AHEAD = 1000;

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

/** A file's path from the working folder, where it lies in that; addresses and other files as they are. */
function fromHere(file: string): string {
  if (isAddress(file)) return file;
  const path = relative(process.cwd(), resolve(file));
  return path.startsWith("..") || isAbsolute(path) ? file : path;
}

const isAddress = (path: string) => /^https?:\/\//i.test(path);

export async function auditCommand(paths: string[], options: AuditOptions): Promise<void> {
  const houseStyle = readStyle(options.style);
  const base = baseAddress(options.base);
  const context = { phrase: options.phrase ?? "", phrases: options.phrases ?? null, houseStyle, today: localDay() };
  // What is wrong with it is said once, and not by every thread.
  if (context.phrases !== null) readPhrases(context.phrases);
  const addresses = paths.filter(isAddress);
  const files = filesIn(
    paths.filter((path) => !isAddress(path)),
    base,
    options.addresses,
  );
  const all = [...files, ...addresses];
  if (all.length === 0) throw nothingIn(paths);
  const cache = options.cache === undefined ? NO_CACHE : openCache(options.cache, context);
  const counting = countPages(all.length);
  const threads = startThreads(addresses.length + files.filter((read) => !cache.has(read)).length);
  let unreadable = 0;
  const auditRead = async (read: FileToRead | FetchedPage): Promise<AuditedPage> => {
    try {
      const audited = await threads.run("auditPage", read, context);
      if ("file" in read) cache.put(read, audited);
      return audited;
    } catch (error) {
      if (!(error instanceof TookTooLong)) throw error;
      return threads.runAgain("auditPage", { ...read, unread: "too-slow" }, context);
    }
  };
  const fetchPage = addresses.length > 0 ? (await import("./fetch.ts")).startFetching() : null;
  const auditOne = async (one: FileToRead | string): Promise<AuditedPage | null> => {
    try {
      if (typeof one === "string") return fetchPage && (await auditRead(await fetchPage(one)));
      return cache.get(one) ?? (await auditRead(one));
    } catch (error) {
      if (!(error instanceof CommandFault)) throw error;
      const name = typeof one === "string" ? one : one.file;
      unreadable++;
      tell(error.message.startsWith(name) ? error.message : `${name} ${error.message}.`);
      return null;
    } finally {
      counting.done();
    }
  };
  const writer = AUDIT_WRITERS[options.format]({ of: paths.join(", "), day: context.today, version: VERSION });
  // Both are read by programs that know files by where they are in the working folder.
  const named = options.format === "sarif" || options.format === "github" ? fromHere : (file: string) => file;
  const site = new Site();
  const totals: Record<Weight, number> = { must: 0, should: 0, may: 0 };
  let pages = 0;
  const print = (text: string) => {
    if (text === "") return;
    counting.clear();
    process.stdout.write(text);
  };
  try {
    const audited = pMapIterable(all, auditOne, { concurrency: AT_ONCE, backpressure: AHEAD });
    for await (const page of audited) {
      if (!page) continue;
      pages++;
      site.put(page.facets);
      for (const { weight } of page.entry.findings) totals[weight]++;
      print(writer.page({ ...page.entry, file: named(page.entry.file) }));
    }
  } finally {
    counting.clear();
    await threads.end();
  }
  const across = auditSite(site, houseStyle)
    .map(siteEntry)
    .map((entry) => ({ ...entry, pages: entry.pages.map(named) }));
  for (const { weight } of across) totals[weight]++;
  print(writer.end({ site: across, pages, totals }));
  const failing = WEIGHTS.slice(0, WEIGHTS.indexOf(options.failOn) + 1);
  if (failing.some((weight) => totals[weight] > 0)) process.exitCode = 1;
  if (unreadable > 0) process.exitCode = 2;
}
