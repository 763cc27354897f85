import { isAbsolute, join, normalize } from "node:path";
import { parseEditFile } from "#core/exchange/edit-file";
import { CommandFault, tell } from "./fault.ts";
import { baseAddress, liesIn, realPath, textOf } from "./files.ts";
import { startThreads } from "./threads.ts";
import { writeBelow } from "./write-file.ts";

export async function applyCommand(
  editFile: string,
  folder: string,
  options: { out: string; base: string },
): Promise<void> {
  const parsed = parseEditFile(textOf(editFile));
  if ("reason" in parsed) throw new CommandFault(`${editFile}: ${parsed.reason}`);
  const base = baseAddress(options.base);
  const [from, to] = [realPath(folder), realPath(options.out)];
  if (liesIn(to, from))
    throw new CommandFault(
      `${options.out} is ${to === from ? "the folder that the pages are read from" : `inside ${folder}, where the pages are read from`}: they would be overwritten. Choose another --out.`,
    );
  const paths = parsed.pages.map(({ file, edits }) => {
    const path = normalize(file);
    if (isAbsolute(path) || path.split(/[/\\]/).includes(".."))
      throw new CommandFault(`${file} lies outside the folder.`);
    return { file, path, edits };
  });
  const threads = startThreads(paths.length);
  let refusals = 0;
  let failed = false;
  try {
    for (const { file, path, edits } of paths) {
      try {
        const { bytes, refused } = await threads.run(
          "applyToFile",
          { file: join(folder, path), root: folder, base },
          edits,
        );
        for (const { op, reason } of refused) {
          refusals++;
          tell(`${file}: ${op} was not applied. ${reason}`);
        }
        const target = writeBelow(options.out, path, bytes, [folder, editFile]);
        process.stdout.write(`${target}: ${edits.length - refused.length} of ${edits.length} edits applied\n`);
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
