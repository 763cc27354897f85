import { isAbsolute, relative, resolve } from "node:path";
import type { AuditFormat } from "#core/exchange/audit-writers";
import { isAddress } from "./files.ts";

/** Formats that are read by programs which know files by where they are in the working folder. */
const FROM_HERE: ReadonlySet<AuditFormat> = new Set<AuditFormat>(["sarif", "github"]);

/** What a format calls a file: its path from the working folder where it lies in that, or as it was given. Addresses stay. */
export function nameIn(format: AuditFormat, file: string): string {
  if (!FROM_HERE.has(format) || isAddress(file)) return file;
  const path = relative(process.cwd(), resolve(file));
  return path.startsWith("..") || isAbsolute(path) ? file : path;
}
