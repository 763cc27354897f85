import { createHash, randomUUID } from "node:crypto";
import { existsSync, mkdirSync, readFileSync, renameSync, writeFileSync } from "node:fs";
import { dirname, join, relative, resolve } from "node:path";
import { stampOf } from "#core/settings/house-style";
import { tell } from "./fault.ts";
import { bytesOf, type FileToRead, usable, whyNot } from "./files.ts";
import { VERSION } from "./version.ts";
import type { AuditBasis, AuditedPage } from "./work.ts";

/** What was found on pages in earlier runs. */
export interface Cache {
  /** Whether something is kept of a file as it is. */
  has(read: FileToRead): boolean;
  /** What was found on a file whose bytes are what they were; null where that is not known. */
  get(read: FileToRead): AuditedPage | null;
  put(read: FileToRead, audited: AuditedPage): void;
}

/** No folder was named. */
export const NO_CACHE: Cache = { has: () => false, get: () => null, put: () => {} };

/**
 * Findings kept in a folder, a file for each page: named by its bytes, the house style with the month that it is applied in,
 * the phrases, the address and this program's version. Nothing in the folder is needed: it can be deleted at any time.
 */
export function openCache(folder: string, context: AuditBasis): Cache {
  usable(folder, () => mkdirSync(folder, { recursive: true }));
  const { houseStyle, today, phrase, phrases } = context;
  const assigned = phrases === null ? "" : createHash("sha256").update(bytesOf(phrases)).digest("hex");
  const basis = JSON.stringify([VERSION, stampOf(houseStyle, today), phrase, assigned]);
  const names = new Map<FileToRead, string>();
  const nameOf = (read: FileToRead) => {
    let name = names.get(read);
    if (name === undefined) {
      const { file, root, base } = read;
      const hash = createHash("sha256").update(
        JSON.stringify([basis, file, relative(resolve(root), resolve(file)), base]),
      );
      const key = hash.update(bytesOf(file)).digest("hex");
      name = join(folder, key.slice(0, 2), `${key.slice(2)}.json`);
      names.set(read, name);
    }
    return name;
  };
  let told = false;
  return {
    has: (read) => existsSync(nameOf(read)),
    get(read) {
      try {
        return JSON.parse(readFileSync(nameOf(read), "utf8"));
      } catch {
        // Not there, or not whole: the page is read.
        return null;
      }
    },
    put(read, audited) {
      const name = nameOf(read);
      const beside = `${name}.${randomUUID()}`;
      try {
        mkdirSync(dirname(name), { recursive: true });
        writeFileSync(beside, JSON.stringify(audited));
        renameSync(beside, name);
      } catch (error) {
        if (!told) tell(`--cache: ${name} ${whyNot(error)}; what was found is not kept.`);
        told = true;
      }
    },
  };
}
