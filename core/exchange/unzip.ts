import {
  type Entry,
  Uint8ArrayReader,
  WARNING_TRAILING_CENTRAL_DIRECTORY_DATA,
  ZipReader,
} from "@zip.js/zip.js/lib/zip-core-custom.js";
import { crc32, inflateWithin } from "./inflate.ts";
import { type LeftOut, MAX_ENTRIES, MAX_UNPACKED, type PackedFile, unpackedPage, whyLeftOut } from "./zip.ts";

/** What an archive holds for us, and what was left out of it and why. */
export interface Unzipped {
  files: PackedFile[];
  leftOut: LeftOut[];
}

/** Compression methods (APPNOTE.TXT 4.4.5). */
const STORED = 0;
const DEFLATED = 8;
/** The signature of a local file header, its length, and where it holds the lengths of the name and the extra field (4.3.7). */
const LOCAL = { signature: 0x04034b50, length: 30, name: 26, extra: 28 } as const;

/**
 * The pages of a zip archive with their pictures and style sheets; or the reason why the archive cannot be read. Nothing that
 * it states is trusted: an entry that is not what the directory says of it is left out by name, and the others come in.
 *
 * @param also Further files that are wanted, by their paths.
 */
export async function unzipPages(
  bytes: Uint8Array,
  also: readonly string[] = [],
): Promise<Unzipped | { reason: string }> {
  const leftOut: LeftOut[] = [];
  const { entries, fault } = await directoryOf(bytes);
  if (entries.length > MAX_ENTRIES) {
    const most = MAX_ENTRIES.toLocaleString("en-GB");
    return { reason: `The archive has more than ${most} entries. Split it, or choose the folder's files.` };
  }
  if (entries.length === 0 && fault !== null)
    return { reason: `This is no zip archive that can be read (${fault}). Pack the files again.` };
  const named = entries.filter(({ directory }) => !directory).map((entry) => ({ entry, path: nameOf(entry) }));
  const times = new Map<string, number>();
  for (const { path } of named) times.set(path, (times.get(path) ?? 0) + 1);
  const wanted: typeof named = [];
  let total = 0;
  for (const one of named) {
    const { entry, path } = one;
    const why =
      (also.includes(path) ? null : whyLeftOut(path, entry.uncompressedSize)) ??
      ((times.get(path) ?? 0) > 1 ? "the archive has several entries of this name" : whyPacked(entry));
    if (why) leftOut.push({ path, why });
    else {
      wanted.push(one);
      total += entry.uncompressedSize;
    }
  }
  if (total > MAX_UNPACKED) return { reason: "The archive unpacks to more than 400 MB. Split it into smaller ones." };
  const files: PackedFile[] = [];
  for (const { entry, path } of wanted) {
    const content = contentOf(bytes, entry);
    const page = "why" in content ? content : unpackedPage({ path, bytes: content.bytes });
    if ("why" in page) leftOut.push({ path, why: page.why });
    else files.push(page);
  }
  if (fault !== null) leftOut.push({ path: "The rest of the archive", why: `its directory is damaged (${fault})` });
  return { files, leftOut };
}

/** The entries of an archive's directory, as far as it can be read, at most one more than may be there. */
async function directoryOf(bytes: Uint8Array): Promise<{ entries: Entry[]; fault: string | null }> {
  const entries: Entry[] = [];
  const reader = new ZipReader(new Uint8ArrayReader(bytes), { strictness: "tolerant" });
  try {
    for await (const entry of reader.getEntriesGenerator()) {
      entries.push(entry);
      if (entries.length > MAX_ENTRIES) break;
    }
    const uncounted = reader.warnings?.some(({ reason }) => reason === WARNING_TRAILING_CENTRAL_DIRECTORY_DATA);
    return { entries, fault: uncounted ? "it lists more files than it counts" : null };
  } catch (error) {
    return { entries, fault: error instanceof Error ? error.message : "unknown fault" };
  }
}

/** Names that are valid UTF-8 are read as such, whatever their flag says; others as it says (APPNOTE.TXT appendix D). */
function nameOf({ rawFilename, filename }: Entry): string {
  try {
    return new TextDecoder("utf-8", { fatal: true }).decode(rawFilename);
  } catch {
    return filename;
  }
}

function whyPacked({ encrypted, compressionMethod }: Entry): string | null {
  if (encrypted) return "it is encrypted. Unpack the archive with its password, then choose the files";
  if (compressionMethod === STORED || compressionMethod === DEFLATED) return null;
  return `it is packed by a method that is not read here (${compressionMethod}). Pack the files again as an ordinary zip`;
}

/** What an entry holds, or why it is not what the directory says. */
function contentOf(archive: Uint8Array, entry: Entry): { bytes: Uint8Array } | { why: string } {
  const { offset, compressedSize, uncompressedSize, compressionMethod } = entry;
  const damaged = { why: "it is damaged: the archive does not hold it where its directory says" };
  if (!(offset >= 0) || offset + LOCAL.length > archive.length) return damaged;
  const header = new DataView(archive.buffer, archive.byteOffset + offset, LOCAL.length);
  if (header.getUint32(0, true) !== LOCAL.signature) return damaged;
  const start = offset + LOCAL.length + header.getUint16(LOCAL.name, true) + header.getUint16(LOCAL.extra, true);
  const end = start + compressedSize;
  if (end > archive.length) return damaged;
  const packed = archive.subarray(start, end);
  const bytes = compressionMethod === STORED ? packed.slice() : inflateWithin(packed, uncompressedSize);
  if (!bytes || bytes.length !== uncompressedSize)
    return { why: "it is damaged: it does not unpack to the size that the archive states" };
  if (crc32(bytes) !== entry.crc32)
    return { why: "it is damaged: its checksum (CRC-32) is not what the archive states" };
  return { bytes };
}
