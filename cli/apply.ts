import { mkdirSync, readFileSync, writeFileSync } from "node:fs";
import { dirname, isAbsolute, join, normalize } from "node:path";
import { parseEditFile } from "#core/exchange/edit-file";
import { handOver } from "#core/rewrite/verify";
import { CommandFault } from "./fault.ts";
import { baseAddress, readPageFile } from "./files.ts";

export function applyCommand(editFile: string, folder: string, options: { out: string; base: string }): void {
  let text: string;
  try {
    text = readFileSync(editFile, "utf8");
  } catch {
    throw new CommandFault(`${editFile} could not be read.`);
  }
  const parsed = parseEditFile(text);
  if ("reason" in parsed) throw new CommandFault(`${editFile}: ${parsed.reason}`);
  const base = baseAddress(options.base);
  let refusals = 0;
  for (const { file, edits } of parsed.pages) {
    const path = normalize(file);
    if (isAbsolute(path) || path.startsWith("..")) throw new CommandFault(`${file} lies outside the folder.`);
    const { original, page } = readPageFile(join(folder, path), folder, base);
    const { bytes, refused } = handOver(original, edits, { address: page.address });
    for (const { edit, reason } of refused) {
      refusals++;
      process.stderr.write(`${file}: ${edit.op} was not applied. ${reason}\n`);
    }
    const target = join(options.out, path);
    mkdirSync(dirname(target), { recursive: true });
    writeFileSync(target, bytes);
    process.stdout.write(`${target}: ${edits.length - refused.length} of ${edits.length} edits applied\n`);
  }
  if (refusals > 0) process.exitCode = 1;
}
