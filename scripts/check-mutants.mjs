// npm run check:mutants: changes the code of the central folders in thousands of small ways, one at a time, and counts how
// many of these mutants some test notices. All of them take hours; file names or patterns narrow them down:
//   npm run check:mutants -- core/rewrite/refusal.ts "app/store/{basis,restore}.ts"
// The result stands in docs/check-mutants.md: files that were run anew replace their rows.
import { existsSync, readFileSync, writeFileSync } from "node:fs";
import { root, run } from "./run.mjs";

const only = process.argv.slice(2);
const REPORT = `${root}.cache/mutants.json`;
const PAGE = `${root}docs/check-mutants.md`;

if (!run("npx", ["--no-install", "stryker", "run", ...(only.length > 0 ? ["--mutate", only.join(",")] : [])]))
  process.exit(1);

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
const { files } = JSON.parse(readFileSync(REPORT, "utf8"));
for (const [file, one] of Object.entries(files)) if (one.mutants.length > 0) rows.set(file, row(file, one));

const score = (list) => {
  const sum = (field) => list.reduce((total, one) => total + one[field], 0);
  const all = sum("killed") + sum("survived");
  return all === 0 ? "–" : `${Math.round((100 * sum("killed")) / all)} %`;
};
const all = [...rows.values()].sort((a, b) => (a.file < b.file ? -1 : 1));
const lines = all.map((one) => `| \`${one.file}\` | ${one.killed} | ${one.survived} | ${score([one])} | ${one.at} |`);
writeFileSync(
  PAGE,
  `# Mutants

Written by \`npm run check:mutants\` (Stryker with its Vitest runner). A mutant is a small change of the code; it is noticed if
a test fails because of it. Goals: 80 % of changed files, 70 % over \`core/rewrite\`, \`core/phrase\`, \`core/audit\`,
\`core/findings\` and \`app/store\`. Files that are not listed have not been run yet.

**Over the files below: ${score(all)}**

| file | noticed | not noticed | score | run on |
| --- | --- | --- | --- | --- |
${lines.join("\n")}
`,
);
run("npx", ["--no-install", "biome", "format", "--write", PAGE]);
