import { table } from "./table";

/** A picture or style sheet that came in beside the pages. Its bytes are apart, so that all sizes can be read at once. */
export interface FileRecord {
  /** Site and path. */
  id: string;
  siteId: string;
  /** Path of its address. */
  path: string;
  type: string;
  /** Of a picture, in its own pixels; 0 where that is not known. */
  width: number;
  height: number;
}

export interface FileBytesRecord {
  id: string;
  siteId: string;
  bytes: Uint8Array;
}

/** Sizes of picture files, by their paths. */
export const sizesOf = (files: readonly FileRecord[]) =>
  new Map(files.flatMap(({ path, width, height }) => (width > 0 && height > 0 ? [[path, { width, height }]] : [])));

/** A file's key holds its path. */
const KEY = 4000;

export const files = table<FileRecord>()({
  name: "files",
  indexes: "id, siteId",
  undo: "follows",
  backup: true,
  fields: ({ id, text, count }) => ({
    id: id.max(KEY),
    siteId: id,
    path: text,
    type: text,
    width: count,
    height: count,
  }),
});

export const fileBytes = table<FileBytesRecord>()({
  name: "fileBytes",
  indexes: "id, siteId",
  undo: "follows",
  backup: true,
  fields: ({ id, bytes }) => ({ id: id.max(KEY), siteId: id, bytes }),
});
