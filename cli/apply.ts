import { isAbsolute, join, normalize, relative } from "node:path";
import { addressOfFile, resolveAddress } from "#core/address/address";
import { targetOf } from "#core/address/link-target";
import { type ChangeRow, parseChangeList } from "#core/exchange/change-list";
import { parseEditFile } from "#core/exchange/edit-file";
import type { Edit } from "#core/rewrite/edits";
import { CommandFault, tell } from "./fault.ts";
import { baseAddress, bytesOf, findFiles, liesIn, realPath, textOf } from "./files.ts";
import { startThreads } from "./threads.ts";
import { writeBelow } from "./write-file.ts";

export async function applyCommand(
  editFile: string,
  folder: string,
  options: { out: string; base: string },
): Promise<void> {
  const base = baseAddress(options.base);
  const [from, to] = [realPath(folder), realPath(options.out)];
  if (liesIn(to, from))
    throw new CommandFault(
      `${options.out} is ${to === from ? "the folder that the pages are read from" : `inside ${folder}, where the pages are read from`}: they would be overwritten. Choose another --out.`,
    );
  const paths = /\.csv$/i.test(editFile) ? rowsByFile(editFile, folder, base) : editsByFile(editFile);
  const threads = startThreads(paths.length);
  let refusals = 0;
  let failed = false;
  try {
    for (const { file, path, ...asked } of paths) {
      try {
        const read = { file: join(folder, path), root: folder, base };
        const { bytes, refused } = await ("rows" in asked
          ? threads.run("applyRowsToFile", read, asked.rows)
          : threads.run("applyToFile", read, asked.edits));
        const count = "rows" in asked ? asked.rows.length : asked.edits.length;
        for (const { op, reason } of refused) {
          refusals++;
          tell(`${file}: ${op} was not applied. ${reason}`);
        }
        const target = writeBelow(options.out, path, bytes, [folder, editFile]);
        process.stdout.write(`${target}: ${count - refused.length} of ${count} edits applied\n`);
      } catch (error) {
        if (!(error instanceof CommandFault)) throw error;
        failed = true;
        tell(
          error.message.startsWith(folder) || error.message.startsWith(options.out)
            ? error.message
            : `${file}: ${error.message}`,
        );
      }
    }
  } finally {
    await threads.end();
  }
  if (refusals > 0) process.exitCode = 1;
  if (failed) process.exitCode = 2;
}

interface OfFile {
  file: string;
  path: string;
}

/** The edits of a file of edits, by the files that it names. */
function editsByFile(editFile: string): (OfFile & { edits: Edit[] })[] {
  const parsed = parseEditFile(textOf(editFile));
  if ("reason" in parsed) throw new CommandFault(`${editFile}: ${parsed.reason}`);
  return parsed.pages.map(({ file, edits }) => {
    const path = normalize(file);
    if (isAbsolute(path) || path.split(/[/\\]/).includes(".."))
      throw new CommandFault(`${file} lies outside the folder.`);
    return { file, path, edits };
  });
}

/** The rows of a change list, by the files of the folder whose addresses they name. */
function rowsByFile(listFile: string, folder: string, base: string): (OfFile & { rows: ChangeRow[] })[] {
  const rows = parseChangeList(bytesOf(listFile));
  if ("reason" in rows) throw new CommandFault(`${listFile}: ${rows.reason}`);
  const root = new URL("/", base).href;
  const nameOf = (address: string) => {
    const full = resolveAddress(address, root);
    return full && targetOf(new URL(new URL(full).pathname, root).href);
  };
  const files = new Map(
    findFiles(folder).files.flatMap((file) => {
      const path = relative(folder, file);
      const name = targetOf(addressOfFile(path, base));
      return name ? [[name, path] as const] : [];
    }),
  );
  const byPath = new Map<string, ChangeRow[]>();
  for (const row of rows) {
    const path = files.get(nameOf(row.address) ?? "");
    if (path === undefined) throw new CommandFault(`${listFile}: no file of ${folder} stands at ${row.address}.`);
    byPath.set(path, [...(byPath.get(path) ?? []), row]);
  }
  return Array.from(byPath, ([path, own]) => ({ file: path, path, rows: own }));
}
