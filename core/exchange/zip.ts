import { type UnzipFileInfo, unzipSync, zipSync } from "fflate";
import { MAX_SOURCE_BYTES } from "../page/original.ts";
import { gunzipWithin, isGzip } from "./gzip.ts";

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

/**
 * The pages of a zip archive with their pictures and style sheets, and what was left out and why; or the reason why the archive cannot be read. Sizes are
 * checked before anything is unpacked, and what unpacks to more than it said is an error.
 */
export function unzipPages(
  bytes: Uint8Array,
  also: readonly string[] = [],
): { files: PackedFile[]; leftOut: LeftOut[] } | { reason: string } {
  const leftOut: LeftOut[] = [];
  const wanted = new Set<string>();
  let entries = 0;
  let total = 0;
  const look = ({ name, originalSize }: UnzipFileInfo) => {
    entries++;
    if (entries > MAX_ENTRIES || name.endsWith("/")) return false;
    const why = also.includes(name) ? null : whyLeftOut(name, originalSize);
    if (why) leftOut.push({ path: name, why });
    else {
      wanted.add(name);
      total += originalSize;
    }
    return false;
  };
  try {
    // The first pass reads the directory only.
    unzipSync(bytes, { filter: look });
    if (entries > MAX_ENTRIES) {
      const most = MAX_ENTRIES.toLocaleString("en-GB");
      return { reason: `The archive has more than ${most} entries. Split it, or choose the folder's files.` };
    }
    if (total > MAX_UNPACKED) return { reason: "The archive unpacks to more than 400 MB. Split it into smaller ones." };
    const unpacked = unzipSync(bytes, { filter: ({ name }) => wanted.has(name) });
    const files: PackedFile[] = [];
    for (const [path, content] of Object.entries(unpacked)) {
      const page = unpackedPage({ path, bytes: content });
      if ("why" in page) leftOut.push({ path, why: page.why });
      else files.push(page);
    }
    return { files, leftOut };
  } catch (error) {
    return {
      reason: `This is no zip archive that can be read (${error instanceof Error ? error.message : "unknown fault"}). Pack the files again.`,
    };
  }
}

/** A page that may be packed by itself, unpacked; or why it cannot be. */
export function unpackedPage({ path, bytes }: PackedFile): PackedFile | { why: string } {
  if (!/\.gz$/i.test(path)) return { path, bytes };
  const plain = isGzip(bytes) ? gunzipWithin(bytes, MAX_SOURCE_BYTES) : bytes;
  return plain
    ? { path: path.slice(0, -3), bytes: plain }
    : { why: "it is no gzip file that unpacks to at most 20 MB" };
}

export function zipFiles(files: readonly PackedFile[]): Uint8Array {
  return zipSync(Object.fromEntries(files.map(({ path, bytes }) => [path, bytes])));
}
