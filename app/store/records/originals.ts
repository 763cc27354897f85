import type { Charset } from "#core/page/charset";
import type { OriginalKind, Unread } from "#core/page/original";
import { table } from "./table";

/** A source as it came in, byte for byte. It is never changed: bringing a page in again makes another. */
export interface OriginalRecord {
  id: string;
  siteId: string;
  kind: OriginalKind;
  /** Compressed with deflate. */
  packed: Uint8Array;
  charset: Charset;
  headers?: Readonly<Record<string, string>>;
  unread?: Unread;
}

export const originals = table<OriginalRecord>()({
  name: "originals",
  indexes: "id, siteId",
  undo: "follows",
  backup: true,
  optional: ["headers", "unread"],
  fields: ({ joi, id, text, count, format, bytes }) => ({
    id,
    siteId: id,
    kind: format,
    packed: bytes,
    charset: joi.object({ name: joi.string(), by: joi.string(), bom: count }),
    headers: joi.object().pattern(joi.string(), text),
    unread: joi.valid("too-slow", "failed"),
  }),
});
