import { type Dirent, lstatSync, readdirSync, readFileSync, realpathSync, statSync } from "node:fs";
import { dirname, join, relative, resolve } from "node:path";
import { addressOfFile, parseAddress } from "#core/address/address";
import { withSlug } from "#core/address/slug";
import { ADDRESS_LIST, filePath, readAddressList } from "#core/exchange/address-list";
import { type Original, originalFromText, type Unread } from "#core/page/original";
import { markdownFromBytes, originalFromBytes } from "#core/page/original-from-bytes";
import { type Page, statedAddress } from "#core/page/page";
import { readPage } from "#core/page/read";
import { prepareOriginal } from "#core/rewrite/prepare-original";
import { CommandFault, tell, whyNot } from "./fault.ts";

/** A file with the folder that its address is counted from. */
export interface FileToRead {
  /** As given, or below the folder that was given. */
  file: string;
  root: string;
  base: string;
  /** Its address, where a list says it. */
  address?: string;
  /** Why it is not read, although it is there. */
  unread?: Unread;
}

export interface PageFile {
  original: Original;
  page: Page;
}

/** Whether what was named is a page of the web. */
export const isAddress = (path: string): boolean => /^https?:\/\//i.test(path);

const MARKDOWN_FILE = /\.(?:md|markdown)$/i;
const PAGE_FILE = /\.(?:html?|xhtml|md|markdown)$/i;
const JSON_FILE = /\.(?:jsonld|json)$/i;

export function usable<T>(path: string, use: () => T): T {
  try {
    return use();
  } catch (error) {
    throw error instanceof CommandFault ? error : new CommandFault(`${path} ${whyNot(error)}.`);
  }
}

export interface FilesFound {
  files: string[];
  /** What looks like a page and is no file, or cannot be looked at, with the reason. */
  skipped: { path: string; why: string }[];
}

/** Files of HTML and Markdown below a path, sorted; a file stands for itself. Links to folders are not followed. */
export function findFiles(path: string): FilesFound {
  const stats = usable(path, () => statSync(path));
  if (stats.isFile()) return { files: [path], skipped: [] };
  if (!stats.isDirectory()) throw new CommandFault(`${path} is neither a file nor a folder.`);
  const found: FilesFound = { files: [], skipped: [] };
  const look = (folder: string) => {
    let entries: Dirent[];
    try {
      entries = readdirSync(folder, { withFileTypes: true });
    } catch (error) {
      found.skipped.push({ path: folder, why: whyNot(error) });
      return;
    }
    for (const entry of entries) {
      const own = join(folder, entry.name);
      if (entry.isDirectory()) look(own);
      else if (PAGE_FILE.test(entry.name)) {
        // A name that is no UTF-8 cannot be asked for again.
        if (entry.name.includes("\ufffd"))
          found.skipped.push({ path: own, why: "has a name that cannot be read as UTF-8" });
        else if (entry.isFile() || isFile(own)) found.files.push(own);
        else found.skipped.push({ path: own, why: "is no regular file" });
      }
    }
  };
  look(path);
  found.files.sort();
  return found;
}

function isFile(path: string): boolean {
  try {
    return statSync(path).isFile();
  } catch {
    return false;
  }
}

/** The bytes of a regular file: a pipe or a device would be waited for without end. */
export function bytesOf(path: string): Uint8Array {
  return usable(path, () => {
    if (!statSync(path).isFile()) throw new CommandFault(`${path} is no regular file.`);
    return new Uint8Array(readFileSync(path));
  });
}

export const textOf = (path: string): string => new TextDecoder().decode(bytesOf(path));

export function baseAddress(text: string): string {
  const parsed = parseAddress(text);
  if ("reason" in parsed) throw new CommandFault(`--base: ${parsed.reason}`);
  return parsed.address;
}

/** A file of JSON-LD as a page that holds nothing else. */
function pageOfJson(bytes: Uint8Array, address: string): PageFile {
  const source = new TextDecoder().decode(bytes);
  const original = originalFromText("<!doctype html>");
  const page = {
    ...readPage(original, { address }),
    source,
    data: [{ text: source, range: { start: 0, end: source.length } }],
  };
  return { original, page };
}

/** Reads one page; its address is the listed one, else its canonical, else the base and its path. */
export async function readPageFile({ file, root, base, address: listed, unread }: FileToRead): Promise<PageFile> {
  const bytes = bytesOf(file);
  if (JSON_FILE.test(file)) return pageOfJson(bytes, base);
  const read = MARKDOWN_FILE.test(file) ? markdownFromBytes(bytes) : originalFromBytes(bytes);
  const original = await prepareOriginal(unread ? { ...read, unread } : read);
  const guess = listed ?? addressOfFile(relative(resolve(root), resolve(file)) || file, base);
  const page = readPage(original, { address: guess });
  const slug = page.format === "markdown" ? page.values.slug : undefined;
  const address = listed ?? statedAddress(page) ?? (slug ? withSlug(guess, slug) : guess);
  return { original, page: { ...page, address } };
}

/** Where a path really lies, through all links; of what is not there yet, where it would. */
export function realPath(path: string): string {
  const full = resolve(path);
  try {
    return realpathSync(full);
  } catch {
    // A link that leads nowhere is there all the same.
    const link = (() => {
      try {
        return lstatSync(full).isSymbolicLink();
      } catch {
        return false;
      }
    })();
    const above = dirname(full);
    if (link || above === full) return full;
    return join(realPath(above), relative(above, full));
  }
}

/** Whether one real path is another, or lies below it. */
export const liesIn = (path: string, folder: string): boolean => {
  const way = relative(folder, path);
  return way === "" || (!way.startsWith("..") && !/^(?:[a-z]:|[\\/])/i.test(way));
};

/** True for something that is there and is no folder. */
export function isNoFolder(path: string): boolean {
  try {
    return !statSync(path).isDirectory();
  } catch {
    return false;
  }
}

function isFolder(path: string): boolean {
  try {
    return statSync(path).isDirectory();
  } catch {
    return false;
  }
}

/** Addresses by file, relative to the folder that is read. */
export type Addresses = ReadonlyMap<string, string>;

/** The addresses of a list; its faulty rows are reported. */
export function readAddresses(file: string): Addresses {
  const read = readAddressList(bytesOf(file));
  if ("reason" in read) throw new CommandFault(`${file}: ${read.reason}`);
  for (const note of read.notes) tell(`${file}: ${note}`);
  return read.addresses;
}

/** A file with its address as a list has it, or without. */
export function fileToRead(file: string, root: string, base: string, addresses: Addresses | null): FileToRead {
  const address = addresses?.get(filePath(relative(resolve(root), resolve(file))));
  return { file, root, base, ...(address !== undefined && { address }) };
}

/**
 * Every file of pages that is named, or stands in a folder that is; what is skipped is told. A folder that was exported with
 * addresses of its own is named if no list of addresses is given.
 */
export function filesIn(paths: readonly string[], base: string, addressList: string | undefined): FileToRead[] {
  const addresses = addressList === undefined ? null : readAddresses(addressList);
  const found = paths.map((path) => ({ root: isFolder(path) ? path : dirname(path), ...findFiles(path) }));
  const files = found.flatMap(({ root, files }) => files.map((file) => fileToRead(file, root, base, addresses)));
  if (!addresses) for (const root of new Set(found.map(({ root }) => root))) tellOfAddresses(root, base);
  for (const { path, why } of found.flatMap(({ skipped }) => skipped)) tell(`${path} ${why}; it was skipped.`);
  return files;
}

/** Says which findings are judged by file names, where the addresses of an exported folder are others. */
function tellOfAddresses(root: string, base: string): void {
  const list = join(root, ADDRESS_LIST);
  if (!isFile(list)) return;
  const read = readAddressList(bytesOf(list));
  if ("reason" in read) return;
  const others = [...read.addresses].filter(
    ([file, address]) => new URL(address).pathname !== new URL(addressOfFile(file, base)).pathname,
  ).length;
  if (others === 0) return;
  const pages =
    others === 1
      ? "1 page has an address that its file name does not say"
      : `${others} pages have addresses that their file names do not say`;
  tell(
    `${list}: ${pages}. Findings about slugs, canonical addresses and links go by file names, and may be wrong for them. Use --addresses ${list}.`,
  );
}

/** That nothing of what was named can be read. */
export const nothingIn = (paths: readonly string[]): CommandFault =>
  new CommandFault(`No HTML or Markdown files in ${paths.join(", ")}. Files end in .html, .htm, .xhtml or .md.`);
