import { useLiveQuery } from "dexie-react-hooks";
import { useEffect, useMemo, useState } from "react";
import { pictureSize } from "#core/exchange/picture-size";
import { typeBeside } from "#core/exchange/zip";
import { db } from "./db";
import { explainStorage } from "./faults";
import type { FileRecord } from "./records/files";
import type { SiteRecord } from "./records/sites";

export interface ChosenFile {
  path: string;
  bytes: Uint8Array;
}

const idOf = (siteId: string, path: string) => `${siteId} ${path}`;

/** The path of the address that a file has below the base address. */
function addressPath(path: string, base: string): string {
  const escaped = path.replace(/[%?#]/g, encodeURIComponent);
  return new URL(escaped, base).pathname;
}

/** Keeps pictures and style sheets of a site; one of the same path takes the other's place. */
export async function keepFiles(
  site: Pick<SiteRecord, "id">,
  files: readonly ChosenFile[],
  base: string,
): Promise<void> {
  const records = files.map(({ path, bytes }): FileRecord => {
    const at = addressPath(path, base);
    const type = typeBeside(path) ?? "application/octet-stream";
    const size = type.startsWith("image/") ? pictureSize(bytes) : null;
    return {
      id: idOf(site.id, at),
      siteId: site.id,
      path: at,
      type,
      width: size?.width ?? 0,
      height: size?.height ?? 0,
    };
  });
  try {
    await db().transaction("rw", ["files", "fileBytes"], async () => {
      await db().files.bulkPut(records);
      await db().fileBytes.bulkPut(
        records.map(({ id, siteId }, i) => ({ id, siteId, bytes: files[i]?.bytes ?? new Uint8Array() })),
      );
    });
  } catch (error) {
    throw explainStorage(error);
  }
}

/** A file of a site as something that can be shown. */
export interface ShownFile extends FileRecord {
  /** An address within this tab. */
  url: string;
}

const NONE: ReadonlyMap<string, ShownFile> = new Map();

/** Files of a site by the paths of their addresses, to be shown; those that were not brought in are not among them. */
export function useFiles(siteId: string, paths: readonly string[]): ReadonlyMap<string, ShownFile> {
  const wanted = [...new Set(paths)].sort().join("\n");
  const ids = useMemo(() => wanted.split("\n").map((path) => idOf(siteId, path)), [siteId, wanted]);
  const found = useLiveQuery(async () => {
    const records = (await db().files.bulkGet(ids)).flatMap((record) => record ?? []);
    const bytes = await db().fileBytes.bulkGet(records.map(({ id }) => id));
    return records.map((record, i) => ({ record, bytes: bytes[i]?.bytes ?? new Uint8Array() }));
  }, [ids]);
  const [shown, setShown] = useState(NONE);
  useEffect(() => {
    if (!found || found.length === 0) return;
    const urls = found.map(({ record, bytes }) => ({
      ...record,
      url: URL.createObjectURL(new Blob([bytes as Uint8Array<ArrayBuffer>], { type: record.type })),
    }));
    setShown(new Map(urls.map((file) => [file.path, file])));
    return () => {
      for (const { url } of urls) URL.revokeObjectURL(url);
      setShown(NONE);
    };
  }, [found]);
  return shown;
}

const NO_TEXTS: ReadonlyMap<string, string> = new Map();

/** Texts of style sheets of a site by the paths of their addresses, as far as they were brought in. */
export function useTexts(siteId: string, paths: readonly string[]): ReadonlyMap<string, string> {
  const wanted = [...new Set(paths)].sort().join("\n");
  return (
    useLiveQuery(async () => {
      const list = wanted.split("\n");
      const found = await db().fileBytes.bulkGet(list.map((path) => idOf(siteId, path)));
      return new Map(list.flatMap((path, i) => (found[i] ? [[path, new TextDecoder().decode(found[i].bytes)]] : [])));
    }, [siteId, wanted]) ?? NO_TEXTS
  );
}
