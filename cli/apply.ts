import { isAbsolute, join, normalize, relative } from "node:path";
import { addressOfFile, resolveAddress } from "#core/address/address";
import { targetOf } from "#core/address/link-target";
import { type ChangeRow, parseChangeList } from "#core/exchange/change-list";
import { parseEditFile } from "#core/exchange/edit-file";
import type { Edit } from "#core/rewrite/edits";
import { CommandFault, tell } from "./fault.ts";
import {
  type Addresses,
  baseAddress,
  bytesOf,
  fileToRead,
  findFiles,
  isNoFolder,
  liesIn,
  readAddresses,
  realPath,
  textOf,
} from "./files.ts";
import { goOnUnread } from "./output.ts";
import { startThreads } from "./threads.ts";
import { writeBelow } from "./write-file.ts";

export async function applyCommand(
  editFile: string,
  folder: string,
  options: { out: string; base: string; addresses?: string; force?: boolean },
): Promise<void> {
  goOnUnread();
  const base = baseAddress(options.base);
  if (isNoFolder(options.out))
    throw new CommandFault(`--out: ${options.out} is a file. Name a folder, which is made if it does not exist.`);
  const [from, to] = [realPath(folder), realPath(options.out)];
  if (liesIn(to, from))
    throw new CommandFault(
      `${options.out} is ${to === from ? "the folder that the pages are read from" : `inside ${folder}, where the pages are read from`}: they would be overwritten. Choose another --out.`,
    );
  const addresses = options.addresses === undefined ? null : readAddresses(options.addresses);
  const { paths, unknown } = /\.csv$/i.test(editFile)
    ? rowsByFile(editFile, folder, base, addresses)
    : { paths: editsByFile(editFile), unknown: [] };
  for (const address of unknown) tell(`${editFile}: no file of ${folder} stands at ${address}.`);
  const threads = startThreads("applyToFile", { force: options.force === true }, paths.length);
  let refusals = 0;
  let failed = unknown.length > 0;
  try {
    for (const { file, path, ...asked } of paths) {
      try {
        const read = fileToRead(join(folder, path), folder, base, addresses);
        const { bytes, refused } = await threads.run({ read, ...asked });
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

/** The rows of a change list, by the files of the folder whose addresses they name; and addresses that no file has. */
function rowsByFile(
  listFile: string,
  folder: string,
  base: string,
  addresses: Addresses | null,
): { paths: (OfFile & { rows: ChangeRow[] })[]; unknown: string[] } {
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
      const address = fileToRead(file, folder, base, addresses).address ?? addressOfFile(path, base);
      const name = targetOf(new URL(new URL(address).pathname, root).href);
      return name ? [[name, path] as const] : [];
    }),
  );
  const byPath = new Map<string, ChangeRow[]>();
  const unknown = new Set<string>();
  for (const row of rows) {
    const path = files.get(nameOf(row.address) ?? "");
    if (path === undefined) unknown.add(row.address);
    else byPath.set(path, [...(byPath.get(path) ?? []), row]);
  }
  return { paths: Array.from(byPath, ([path, own]) => ({ file: path, path, rows: own })), unknown: [...unknown] };
}
