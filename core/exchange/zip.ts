import { zipSync } from "fflate";
import { MAX_SOURCE_BYTES } from "../page/original.ts";
import { gunzipWithin, isGzip } from "./inflate.ts";

export interface PackedFile {
  path: string;
  bytes: Uint8Array;
}

export interface LeftOut {
  path: string;
  why: string;
}

/** Most entries that are looked at. */
export const MAX_ENTRIES = 20_000;
/** Most bytes that an archive may unpack to, all files together. */
export const MAX_UNPACKED = 400 * 1024 * 1024;

const PAGES = /\.(?:html?|xhtml|md|markdown)(?:\.gz)?$/i;

/** Types of files that come in beside the pages: pictures to be shown small, style sheets for how a page looks. */
const BESIDE: Record<string, string> = {
  png: "image/png",
  jpg: "image/jpeg",
  jpeg: "image/jpeg",
  gif: "image/gif",
  webp: "image/webp",
  avif: "image/avif",
  svg: "image/svg+xml",
  css: "text/css",
};
/** Largest of them, in bytes. */
const MAX_BESIDE = 8 * 1024 * 1024;

/** The media type of a picture or style sheet by its name; null for all else. */
export const typeBeside = (path: string): string | null =>
  BESIDE[/\.([a-z]+)$/i.exec(path)?.[1]?.toLowerCase() ?? ""] ?? null;

/** Whether a path leads out of the archive's own folder. */
function climbsOut(path: string): boolean {
  return /^(?:[/\\]|[a-z]:)/i.test(path) || path.split(/[/\\]/).includes("..");
}

/** Why a file is not brought in; null where it is. */
export function whyLeftOut(path: string, size: number): string | null {
  if (climbsOut(path)) return "its path leads out of the archive";
  if (/(?:^|\/)(?:\.|__MACOSX\/)/.test(path)) return "it is hidden";
  if (typeBeside(path)) return size > MAX_BESIDE ? "it is a picture or style sheet larger than 8 MB" : null;
  if (!PAGES.test(path)) return "it is no HTML or Markdown file (.html, .htm, .xhtml, .md)";
  if (size > MAX_SOURCE_BYTES) return "it is larger than 20 MB";
  return null;
}

/** A page that may be packed by itself, unpacked; or why it cannot be. */
export function unpackedPage({ path, bytes }: PackedFile): PackedFile | { why: string } {
  if (!/\.gz$/i.test(path)) return { path, bytes };
  const plain = isGzip(bytes) ? gunzipWithin(bytes, MAX_SOURCE_BYTES) : bytes;
  return plain
    ? { path: path.slice(0, -3), bytes: plain }
    : { why: "it is no gzip file that unpacks to at most 20 MB" };
}

/** The first moment that a zip can state (APPNOTE.TXT 4.4.6), in local time, which is what it states. */
const ENTRY_TIME = new Date(1980, 0, 1);

/** Packs files; the same files make the same bytes at any time. */
export function zipFiles(files: readonly PackedFile[]): Uint8Array {
  return zipSync(Object.fromEntries(files.map(({ path, bytes }) => [path, bytes])), { mtime: ENTRY_TIME });
}
