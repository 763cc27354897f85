// npm run check:mutants: changes the code of the central folders in thousands of small ways, one at a time, and counts how
// many of these mutants some test beside it notices. All of them take hours; folders and files narrow them down:
//   npm run check:mutants -- core/findings app/store/restore.ts
// The result stands in docs/check-mutants.md: files that were run anew replace their rows.
import { existsSync, readFileSync, writeFileSync } from "node:fs";
import { root, run } from "./run.mjs";

const FOLDERS = ["core/findings", "core/audit", "core/phrase", "core/rewrite", "app/store"];
const REPORT = `${root}.cache/mutants.json`;
const PAGE = `${root}docs/check-mutants.md`;

/** Makes the mutants of a folder or a file and runs the tests of the folder that it is in; what became of them by file. */
function mutantsOf(path) {
  const folder = FOLDERS.find((one) => path === one || path.startsWith(`${one}/`));
  if (!folder) {
    console.error(`${path} is in none of ${FOLDERS.join(", ")}.`);
    process.exit(1);
  }
  const files = path === folder ? `${path}/**/*.ts,!**/*.test.ts,!**/{testing,*.setup}.ts` : path;
  const env = { ...process.env, MUTANTS_OF: folder };
  if (!run("npx", ["--no-install", "stryker", "run", "--mutate", files], { env })) process.exit(1);
  return Object.entries(JSON.parse(readFileSync(REPORT, "utf8")).files);
}

/** Counts of one file: mutants that tests notice, and that none does. */
const row = (file, { mutants }) => {
  const count = (...states) => mutants.filter(({ status }) => states.includes(status)).length;
  const killed = count("Killed", "Timeout");
  return { file, killed, survived: count("Survived", "NoCoverage"), at: new Date().toISOString().slice(0, 10) };
};
/** @type {Map<string, {file: string, killed: number, survived: number, at: string}>} */
const rows = new Map();
const known = existsSync(PAGE) ? readFileSync(PAGE, "utf8") : "";
for (const [, file, killed, survived, at] of known.matchAll(
  /^\| `([^`]+)` *\| *(\d+) *\| *(\d+) *\|[^|]*\| *([\d-]+) *\|$/gm,
))
  rows.set(file, { file, killed: Number(killed), survived: Number(survived), at });
const score = (list) => {
  const sum = (field) => list.reduce((total, one) => total + one[field], 0);
  const all = sum("killed") + sum("survived");
  return all === 0 ? "–" : `${Math.round((100 * sum("killed")) / all)} %`;
};

function writePage() {
  const all = [...rows.values()].sort((a, b) => (a.file < b.file ? -1 : 1));
  const lines = all.map((one) => `| \`${one.file}\` | ${one.killed} | ${one.survived} | ${score([one])} | ${one.at} |`);
  writeFileSync(
    PAGE,
    `# Mutants

Written by \`npm run check:mutants\` (Stryker with its Vitest runner). A mutant is a small change of the code; it is noticed if
a test of its folder fails because of it. Goals: 80 % of changed files, 70 % over \`core/rewrite\`, \`core/phrase\`, \`core/audit\`,
\`core/findings\` and \`app/store\`. Files that are not listed have not been run yet.

**Over the files below: ${score(all)}**

| file | noticed | not noticed | score | run on |
| --- | --- | --- | --- | --- |
${lines.join("\n")}
`,
  );
  run("npx", ["--no-install", "biome", "format", "--write", PAGE]);
}

const asked = process.argv.slice(2);
for (const path of asked.length > 0 ? asked : FOLDERS) {
  for (const [file, one] of mutantsOf(path)) if (one.mutants.length > 0) rows.set(file, row(file, one));
  writePage();
}
