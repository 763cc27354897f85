import { pMapIterable } from "p-map";
import { type PageWithPhrases, phrasesCsv, phrasesReport, phrasesText } from "#core/exchange/phrases-report";
import { phraseListIn, readFigures } from "./assignments.ts";
import { CommandFault, tell } from "./fault.ts";
import { baseAddress, filesIn, nothingIn } from "./files.ts";
import { countPages } from "./progress.ts";
import { startThreads, TookTooLong } from "./threads.ts";

/** So many files wait for a thread. */
const AT_ONCE = 64;

interface PhrasesOptions {
  list: string;
  assign?: string;
  performance?: string;
  base: string;
  addresses?: string;
  format: "text" | "json" | "csv";
}

/** Where the phrases of a list stand on pages, and where they are missing. */
export async function phrasesCommand(paths: string[], options: PhrasesOptions): Promise<void> {
  const basis = { list: options.list, assign: options.assign ?? null };
  const { listed, notes } = phraseListIn(basis);
  for (const note of notes) tell(`${options.list}: ${note}`);
  const measured = options.performance === undefined ? null : readFigures(options.performance, options.base);
  for (const note of measured?.notes ?? []) tell(`${options.performance}: ${note}`);
  const files = filesIn(paths, baseAddress(options.base), options.addresses);
  if (files.length === 0) throw nothingIn(paths);
  const counting = countPages(files.length);
  const threads = startThreads("phrasesOnPage", basis, files.length);
  const found: PageWithPhrases[] = [];
  try {
    const look = async (read: (typeof files)[number]) => {
      try {
        return await threads.run(read);
      } catch (error) {
        if (!(error instanceof TookTooLong || error instanceof CommandFault)) throw error;
        tell(error.message.startsWith(read.file) ? error.message : `${read.file} ${error.message}.`);
        process.exitCode = 2;
        return null;
      } finally {
        counting.done();
      }
    };
    for await (const page of pMapIterable(files, look, { concurrency: AT_ONCE })) if (page) found.push(page);
  } finally {
    counting.clear();
    await threads.end();
  }
  const report = phrasesReport(listed, found, measured);
  process.stdout.write(
    options.format === "json"
      ? `${JSON.stringify(report, null, 2)}\n`
      : options.format === "csv"
        ? phrasesCsv(report)
        : phrasesText(report),
  );
}
