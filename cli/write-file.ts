import { randomUUID } from "node:crypto";
import { mkdirSync, renameSync, rmSync, writeFileSync } from "node:fs";
import { basename, dirname, join } from "node:path";
import { CommandFault } from "./fault.ts";
import { liesIn, realPath, usable } from "./files.ts";

/**
 * Writes a file below a folder, whole or not at all: into a temporary file beside it, which then takes its name. A link in
 * its place is replaced, never written through; a link on the way that leaves the folder is refused, and so is a place that
 * lies in `spared`, which is what was given.
 */
export function writeBelow(folder: string, path: string, bytes: Uint8Array, spared: readonly string[]): string {
  const target = join(folder, path);
  const real = join(realPath(dirname(target)), basename(target));
  if (!liesIn(real, realPath(folder)))
    throw new CommandFault(`${target} was not written: a link on the way leads out of ${folder}.`);
  for (const one of spared)
    if (liesIn(real, realPath(one)) || liesIn(realPath(target), realPath(one)))
      throw new CommandFault(
        `${target} was not written: it lies in ${one}, which is what was given. Choose another --out.`,
      );
  // Short, whatever the file is called, and never the name of one that was left behind.
  const temporary = join(dirname(real), `.${randomUUID()}.tmp`);
  return usable(target, () => {
    mkdirSync(dirname(real), { recursive: true });
    try {
      writeFileSync(temporary, bytes, { flag: "wx" });
      renameSync(temporary, real);
    } catch (error) {
      rmSync(temporary, { force: true });
      throw error;
    }
    return target;
  });
}
