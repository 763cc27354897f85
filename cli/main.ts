import { writeSync } from "node:fs";
import { Command, Option } from "commander";
import { CommandFault, whyNot } from "./fault.ts";
import { noteLost, outputLost } from "./output.ts";
import { VERSION } from "./version.ts";

/** A command that is loaded when it is used: to load all of them takes longer than most of them do. */
const whenUsed =
  <Given extends unknown[]>(load: () => Promise<(...given: Given) => void | Promise<void>>) =>
  async (...given: Given) => {
    const command = await load();
    await command(...given);
  };

const program = new Command("keen-quill")
  .description("Audits and rewrites titles, descriptions, slugs and headings and structured data of HTML pages.")
  .version(VERSION)
  .exitOverride((error) => {
    // Help and version are answers; everything else that the command line could not be read for is a fault.
    process.exit(error.exitCode === 0 ? 0 : 2);
  });

program
  .command("audit")
  .description("audit HTML and Markdown files, folders, and pages of the web")
  .argument(
    "<paths...>",
    "files, folders or addresses; a folder's .html, .htm, .xhtml and .md files are read, at any depth",
  )
  .option("--style <file>", "house style as JSON")
  .option("--base <address>", "address of the folder's root, for pages without a canonical", "https://site.example/")
  .option("--addresses <file>", "CSV with the address of each file: file, address; every export has one")
  .option("--phrase <phrase>", "target phrase of every page audited")
  .option("--phrases <file>", "CSV with the target phrase of each page: address or file, phrase, supporting phrases")
  .option(
    "--cache <folder>",
    "folder in which findings are kept, so that pages which have not changed are not read again",
  )
  .addOption(
    new Option("--format <format>", "how findings are printed")
      .choices(["text", "json", "sarif", "github", "csv", "markdown", "html"])
      .default("text"),
  )
  .addOption(
    new Option("--fail-on <weight>", "exit with 1 when there is a finding of this weight or above")
      .choices(["must", "should", "may"])
      .default("must"),
  )
  .action(whenUsed(async () => (await import("./audit.ts")).auditCommand));

program
  .command("apply")
  .description("apply edit operations to a folder of HTML and Markdown files")
  .argument("<edits>", "edits.json, file by file, or a changes.csv that was filled in (docs/cli.md)")
  .argument("<folder>", "folder that the edits' files are in")
  .requiredOption("--out <folder>", "folder that patched files are written to")
  .option("--base <address>", "address of the folder's root", "https://site.example/")
  .option("--addresses <file>", "CSV with the address of each file: file, address; every export has one")
  .option("--force", "apply rows of a change list also where the page no longer says what they replace")
  .action(whenUsed(async () => (await import("./apply.ts")).applyCommand));

program
  .command("measure")
  .description("print width and cut of a text as title and description")
  .argument("<text>")
  .addOption(new Option("--format <format>").choices(["text", "json"]).default("text"))
  .action(whenUsed(async () => (await import("./measure.ts")).measureCommand));

program
  .command("case")
  .description("print texts in a named style of capitals, a line each")
  .argument("<texts...>", "texts of one line; -- before them lets them begin with a hyphen")
  .addOption(
    new Option("--style <style>", "title styles are for English")
      .choices(["sentence", "chicago", "ap", "apa"])
      .makeOptionMandatory(),
  )
  .option("--language <tag>", "language of the texts, as BCP 47 has it", "en")
  .action(whenUsed(async () => (await import("./case.ts")).caseCommand));

program
  .command("suggest")
  .description("suggest titles and descriptions out of a page's own words")
  .argument("<file>", "a file of HTML or Markdown")
  .option("--phrase <phrase>", "the page's target phrase", "")
  .option("--style <file>", "house style as JSON")
  .option("--base <address>", "address of the folder's root", "https://site.example/")
  .addOption(new Option("--format <format>").choices(["text", "json"]).default("text"))
  .action(whenUsed(async () => (await import("./suggest.ts")).suggestCommand));

program
  .command("result")
  .description("print the search result of a page as both devices show it, and why")
  .argument("<file>", "a file of HTML or Markdown")
  .option("--query <query>", "what was searched for", "")
  .option("--style <file>", "house style as JSON")
  .option("--base <address>", "address of the folder's root", "https://site.example/")
  .addOption(new Option("--format <format>").choices(["text", "json"]).default("text"))
  .action(whenUsed(async () => (await import("./result.ts")).resultCommand));

program
  .command("check-data")
  .description("check the structured data of one file")
  .argument("<file>", "a file of JSON-LD (.jsonld, .json) or of HTML")
  .option("--base <address>", "address of the folder's root", "https://site.example/")
  .addOption(new Option("--format <format>").choices(["text", "json"]).default("text"))
  .addOption(
    new Option("--fail-on <weight>", "exit with 1 when there is a finding of this weight or above")
      .choices(["must", "should", "may"])
      .default("must"),
  )
  .action(whenUsed(async () => (await import("./check-data.ts")).checkDataCommand));

program
  .command("phrases")
  .description("tell where the phrases of a list stand on pages, and where they are missing")
  .argument("<paths...>", "files and folders")
  .requiredOption("--list <file>", "CSV of phrases: phrase, searches a month")
  .option("--assign <file>", "CSV with the phrases of each page: address or file, phrase, supporting phrases")
  .option("--performance <file>", "CSV of a search engine's figures: address, phrase, clicks, impressions, position")
  .option("--base <address>", "address of the folder's root, for pages without a canonical", "https://site.example/")
  .option("--addresses <file>", "CSV with the address of each file: file, address; every export has one")
  .addOption(new Option("--format <format>").choices(["text", "json", "csv"]).default("text"))
  .action(whenUsed(async () => (await import("./phrases.ts")).phrasesCommand));

program
  .command("rules")
  .description("list the rules")
  .addOption(new Option("--format <format>").choices(["text", "json"]).default("text"))
  .action(whenUsed(async () => (await import("./rules.ts")).rulesCommand));

/** Whatever happens ends in a sentence: a pipe that was closed, a disk that is full, a fault of our own. */
function end(error: unknown): never {
  const { code } = error as NodeJS.ErrnoException;
  const said =
    error instanceof CommandFault
      ? error.message
      : code === "EPIPE"
        ? "Nobody reads what is printed: the pipe was closed."
        : code
          ? `What is printed ${whyNot(error)}.`
          : `Keen Quill itself has failed: ${error instanceof Error ? error.message : String(error)}.`;
  try {
    writeSync(2, `${said}\n`);
  } catch {
    // Nobody listens there either.
  }
  process.exit(2);
}

for (const stream of [process.stdout, process.stderr]) stream.on("error", (error) => noteLost(error) || end(error));
process.on("uncaughtException", end);

try {
  await program.parseAsync();
  const lost = outputLost();
  if (lost) end(lost);
} catch (error) {
  end(error);
}
