import { readdirSync, readFileSync, statSync } from "node:fs";
import { join, relative, resolve } from "node:path";
import { addressOfFile, parseAddress } from "#core/address/address";
import { withSlug } from "#core/address/slug";
import { markdownFromBytes, type Original, originalFromBytes } from "#core/page/original";
import { type Page, statedAddress } from "#core/page/page";
import { readPage } from "#core/page/read";
import { CommandFault } from "./fault.ts";

export interface PageFile {
  /** As given, or below the folder that was given. */
  file: string;
  original: Original;
  page: Page;
}

const MARKDOWN_FILE = /\.(?:md|markdown)$/i;
const PAGE_FILE = /\.(?:html?|xhtml|md|markdown)$/i;

function readable<T>(path: string, read: () => T): T {
  try {
    return read();
  } catch (error) {
    const code = (error as NodeJS.ErrnoException).code;
    const why =
      code === "ENOENT" ? "does not exist" : code === "EACCES" ? "may not be read" : `could not be read (${code})`;
    throw new CommandFault(`${path} ${why}.`);
  }
}

/** Files of HTML and Markdown below a path, sorted; a file stands for itself. */
export function listFiles(path: string): string[] {
  const stats = readable(path, () => statSync(path));
  if (stats.isFile()) return [path];
  const names = readable(path, () => readdirSync(path, { recursive: true, encoding: "utf8" }));
  return names
    .filter((name) => PAGE_FILE.test(name))
    .map((name) => join(path, name))
    .sort();
}

export function baseAddress(text: string): string {
  const parsed = parseAddress(text);
  if ("reason" in parsed) throw new CommandFault(`--base: ${parsed.reason}`);
  return parsed.address;
}

/** Reads one page; its address is its canonical, else the base and its path. */
export function readPageFile(file: string, root: string, base: string): PageFile {
  const bytes = new Uint8Array(readable(file, () => readFileSync(file)));
  const original = MARKDOWN_FILE.test(file) ? markdownFromBytes(bytes) : originalFromBytes(bytes);
  const below = relative(resolve(root), resolve(file)) || file;
  const guess = addressOfFile(below, base);
  const page = readPage(original, { address: guess });
  const slug = page.format === "markdown" ? page.values.slug : undefined;
  const address = statedAddress(page) ?? (slug ? withSlug(guess, slug) : guess);
  return { file, original, page: { ...page, address } };
}
