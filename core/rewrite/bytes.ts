import type { createMultibyteDecoder, createMultibyteEncoder } from "@exodus/bytes/multi-byte.js";
import type { createSinglebyteEncoder } from "@exodus/bytes/single-byte.js";
import type { Original } from "../page/original.ts";
import type { Patch } from "./patch.ts";

const MULTIBYTE = new Set(["gbk", "gb18030", "big5", "euc-jp", "iso-2022-jp", "shift_jis", "euc-kr"]);

/** What writes in sets of one kind, loaded when a page in one of them is; a few large tables. */
let multibyte: {
  createMultibyteDecoder: typeof createMultibyteDecoder;
  createMultibyteEncoder: typeof createMultibyteEncoder;
} | null = null;
let singlebyte: { createSinglebyteEncoder: typeof createSinglebyteEncoder } | null = null;

/** Loads what a character set is written with: before a page in it is changed. */
export async function loadCharset(name: string): Promise<void> {
  if (MULTIBYTE.has(name)) multibyte ??= await import("@exodus/bytes/multi-byte.js");
  else if (!hasAll(name)) singlebyte ??= await import("@exodus/bytes/single-byte.js");
}

/** What was loaded. Throws where `loadCharset` was not asked first. */
function loaded<T>(sets: T | null): T {
  if (!sets) throw new Error("What this character set is written with was not loaded.");
  return sets;
}

/** Encodes into a set that lacks characters, and throws at the first of them. */
const strictEncoder = (name: string): ((text: string) => Uint8Array) =>
  MULTIBYTE.has(name)
    ? loaded(multibyte).createMultibyteEncoder(name)
    : loaded(singlebyte).createSinglebyteEncoder(name);

const hasAll = (name: string) => name === "utf-8" || name.startsWith("utf-16");

/** Tells whether a character set has a character; null for sets that have all. */
export function holderFor(name: string): ((char: string) => boolean) | null {
  if (hasAll(name)) return null;
  const encode = strictEncoder(name);
  return (char) => {
    try {
      encode(char);
      return true;
    } catch {
      return false;
    }
  };
}

/** Turns text into bytes of a character set; what the set lacks becomes a numeric character reference. */
function encoderFor(name: string): (text: string) => Uint8Array {
  if (name === "utf-8") {
    const encoder = new TextEncoder();
    return (text) => encoder.encode(text);
  }
  if (name.startsWith("utf-16")) {
    const little = name === "utf-16le";
    return (text) => {
      const view = new DataView(new ArrayBuffer(text.length * 2));
      for (let i = 0; i < text.length; i++) view.setUint16(i * 2, text.charCodeAt(i), little);
      return new Uint8Array(view.buffer);
    };
  }
  const encode = strictEncoder(name);
  const holds = holderFor(name) ?? (() => true);
  // As a whole: sets with states begin and end their runs of letters once, not at every letter.
  return (text) => encode(Array.from(text, (char) => (holds(char) ? char : `&#${char.codePointAt(0)};`)).join(""));
}

const ESCAPE = 0x1b;
const TO_ASCII = Uint8Array.of(ESCAPE, 0x28, 0x42);

/** The escape sequence that is in force at an offset of ISO-2022-JP (Encoding Standard 12.2.1); ASCII's at the beginning. */
function escapeAt(bytes: Uint8Array, offset: number): Uint8Array {
  for (let i = Math.min(offset, bytes.length) - 3; i >= 0; i--)
    if (bytes[i] === ESCAPE && (bytes[i + 1] === 0x24 || bytes[i + 1] === 0x28)) return bytes.subarray(i, i + 3);
  return TO_ASCII;
}

const same = (a: Uint8Array, b: Uint8Array) => a.length === b.length && a.every((byte, i) => byte === b[i]);

/**
 * Encoded text with the escape sequences that lead into it and out of it. Two of them in a row are an error, so that the
 * last one gives way where what follows begins with its own.
 */
function withinIso2022Jp(bytes: Uint8Array, start: number, end: number, encoded: Uint8Array): Uint8Array {
  const [before, after] = [escapeAt(bytes, start), escapeAt(bytes, end)];
  const endsInAscii = encoded.length > 0 || same(before, TO_ASCII);
  const ends = encoded.length > 3 && same(encoded.subarray(-3), TO_ASCII) ? encoded.subarray(0, -3) : encoded;
  const needsAscii = encoded.length > 0 && encoded[0] !== ESCAPE && !same(before, TO_ASCII);
  const pieces = [...(needsAscii ? [TO_ASCII] : []), ends];
  if (bytes[end] === ESCAPE) return concat(pieces);
  const now = encoded.length === 0 ? before : ends === encoded ? TO_ASCII : null;
  if (now === null || !same(now, after)) pieces.push(endsInAscii && same(after, TO_ASCII) ? TO_ASCII : after);
  return concat(pieces);
}

function concat(pieces: readonly Uint8Array[]): Uint8Array {
  const whole = new Uint8Array(pieces.reduce((sum, piece) => sum + piece.length, 0));
  let at = 0;
  for (const piece of pieces) {
    whole.set(piece, at);
    at += piece.length;
  }
  return whole;
}

/** Byte offsets of ascending text offsets. `base` is the length of the byte order mark. */
function byteOffsets(original: Original, source: string, offsets: readonly number[]): number[] {
  const { bytes, charset } = original;
  if (charset.name.startsWith("utf-16")) return offsets.map((o) => charset.bom + o * 2);
  if (charset.name === "utf-8") return utf8Offsets(bytes, charset.bom, offsets);
  if (MULTIBYTE.has(charset.name)) return multibyteOffsets(bytes, charset.name, offsets);
  if (source.length !== bytes.length - charset.bom) throw new RangeError(`bytes and text disagree in ${charset.name}`);
  return offsets.map((o) => charset.bom + o);
}

/** Walks UTF-8 as the Encoding Standard's decoder does, invalid sequences included. */
function utf8Offsets(bytes: Uint8Array, base: number, offsets: readonly number[]): number[] {
  const result: number[] = [];
  let unit = 0;
  let i = base;
  for (const offset of offsets) {
    while (unit < offset && i < bytes.length) {
      const length = sequenceLength(bytes, i);
      unit += length === 4 ? 2 : 1;
      i += Math.abs(length);
    }
    result.push(i);
  }
  return result;
}

/** Bytes of the sequence at `i`; negative where it is invalid and becomes one U+FFFD (Encoding Standard 8.1.1). */
function sequenceLength(bytes: Uint8Array, i: number): number {
  const lead = bytes[i] ?? 0;
  if (lead < 0x80) return 1;
  const needed =
    lead >= 0xc2 && lead <= 0xdf ? 1 : lead >= 0xe0 && lead <= 0xef ? 2 : lead >= 0xf0 && lead <= 0xf4 ? 3 : 0;
  if (needed === 0) return -1;
  let lower = 0x80;
  let upper = 0xbf;
  if (lead === 0xe0) lower = 0xa0;
  if (lead === 0xed) upper = 0x9f;
  if (lead === 0xf0) lower = 0x90;
  if (lead === 0xf4) upper = 0x8f;
  for (let k = 1; k <= needed; k++) {
    const byte = bytes[i + k];
    if (byte === undefined || byte < lower || byte > upper) return -k;
    lower = 0x80;
    upper = 0xbf;
  }
  return needed + 1;
}

/** Feeds a legacy decoder byte by byte and notes where each code unit came from. */
function multibyteOffsets(bytes: Uint8Array, name: string, offsets: readonly number[]): number[] {
  const decode = loaded(multibyte).createMultibyteDecoder(name, true);
  const result: number[] = [];
  let unit = 0;
  /** Where the sequence being read began. */
  let pending = 0;
  for (let i = 0; i < bytes.length && result.length < offsets.length; i++) {
    const out = decode(bytes.subarray(i, i + 1), true);
    for (let k = 0; k < out.length; k++) {
      // After a broken sequence an ASCII byte is read anew: it stands for itself.
      const own = k === out.length - 1 && out.charCodeAt(k) < 0x80;
      while (offsets[result.length] === unit) result.push(own ? i : pending);
      unit++;
    }
    if (out.length > 0) pending = i + 1;
  }
  while (result.length < offsets.length) result.push(bytes.length);
  return result;
}

/** The original's bytes with patches put in; patches ascend and do not overlap. */
export function encodePatches(original: Original, source: string, patches: readonly Patch[]): Uint8Array {
  if (patches.length === 0) return original.bytes;
  const encode = encoderFor(original.charset.name);
  const places = byteOffsets(
    original,
    source,
    patches.flatMap((p) => [p.start, p.end]),
  );
  const pieces: Uint8Array[] = [];
  let at = 0;
  patches.forEach((patch, i) => {
    const start = places[i * 2] ?? at;
    const end = places[i * 2 + 1] ?? start;
    const encoded = encode(patch.text);
    const text =
      original.charset.name === "iso-2022-jp" ? withinIso2022Jp(original.bytes, start, end, encoded) : encoded;
    pieces.push(original.bytes.subarray(at, start), text);
    at = end;
  });
  pieces.push(original.bytes.subarray(at));
  return concat(pieces);
}
