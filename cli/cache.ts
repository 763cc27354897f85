import { createHash, randomUUID } from "node:crypto";
import { existsSync, mkdirSync, readFileSync, renameSync, writeFileSync } from "node:fs";
import { dirname, join, relative, resolve } from "node:path";
import { holdsOn } from "#core/settings/days";
import { stampOf } from "#core/settings/house-style";
import { tell, whyNot } from "./fault.ts";
import { bytesOf, type FileToRead, usable } from "./files.ts";
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

const sumOf = (text: string) => createHash("sha256").update(text).digest("hex");

/** No folder was named. */
export const NO_CACHE: Cache = { has: () => false, get: () => null, put: () => {} };

/**
 * Findings kept in a folder, a file for each page: named by its bytes, the house style, the phrases, the address and this
 * program's version. Its first line is the hash of the rest, so that a file that is not whole, or that something else wrote,
 * is not used. It is used on the days on which the findings hold. The folder can be deleted at any time.
 */
export function openCache(folder: string, context: AuditBasis): Cache {
  usable(folder, () => mkdirSync(folder, { recursive: true }));
  const { houseStyle, today, phrase, phrases } = context;
  const assigned = phrases === null ? "" : createHash("sha256").update(bytesOf(phrases)).digest("hex");
  const basis = JSON.stringify([VERSION, stampOf(houseStyle), phrase, assigned]);
  const names = new Map<FileToRead, string>();
  const nameOf = (read: FileToRead) => {
    let name = names.get(read);
    if (name === undefined) {
      const { file, root, base, address = "" } = read;
      const hash = createHash("sha256").update(
        JSON.stringify([basis, file, relative(resolve(root), resolve(file)), base, address]),
      );
      const key = hash.update(bytesOf(file)).digest("hex");
      name = join(folder, key.slice(0, 2), `${key.slice(2)}.entry`);
      names.set(read, name);
    }
    return name;
  };
  const readEntry = (name: string): AuditedPage | null => {
    let text: string;
    try {
      text = readFileSync(name, "utf8");
    } catch {
      return null;
    }
    const end = text.indexOf("\n");
    const body = text.slice(end + 1);
    if (text.slice(0, Math.max(0, end)) !== sumOf(body)) return null;
    const audited: AuditedPage = JSON.parse(body);
    return holdsOn(audited.days, today) ? audited : null;
  };
  let told = false;
  return {
    has: (read) => existsSync(nameOf(read)),
    get: (read) => readEntry(nameOf(read)),
    put(read, audited) {
      const name = nameOf(read);
      const beside = `${name}.${randomUUID()}`;
      try {
        mkdirSync(dirname(name), { recursive: true });
        const body = JSON.stringify(audited);
        writeFileSync(beside, `${sumOf(body)}\n${body}`);
        renameSync(beside, name);
      } catch (error) {
        if (!told) tell(`--cache: ${name} ${whyNot(error)}; what was found is not kept.`);
        told = true;
      }
    },
  };
}
