// npm run bench: what docs/bench.md shows, measured in one run and given as ratios.
import { readFileSync, writeFileSync } from "node:fs";
import { cpus } from "node:os";
import { benchCommandLine } from "./command-line.ts";
import { benchCore } from "./core.ts";
import { benchDesk } from "./desk.ts";
import { benchResult } from "./result.ts";
import { benchSeen } from "./seen.ts";
import { benchServer } from "./server.ts";
import { benchSizes } from "./sizes.ts";
import { benchWholeSite } from "./whole-site.ts";

const rows: { what: string; result: string; bar: string; met: boolean }[] = [];

function note(what: string, result: string, bar: string, met: boolean): void {
  rows.push({ what, result, bar, met });
  console.log(`${met ? "met   " : "MISSED"} ${what}: ${result} (${bar})`);
}

/** Parts of the bench; those that are named are run, or all. */
const PARTS = {
  core: benchCore,
  "command-line": benchCommandLine,
  server: benchServer,
  desk: benchDesk,
  result: benchResult,
  seen: benchSeen,
  site: benchWholeSite,
  sizes: benchSizes,
};
const asked = process.argv.slice(2);
for (const [name, bench] of Object.entries(PARTS)) if (asked.length === 0 || asked.includes(name)) await bench(note);

const file = new URL("../docs/bench.md", import.meta.url);
/** What was measured before. */
const before = readFileSync(file, "utf8")
  .split("\n")
  .map((line) => line.split("|").map((cell) => cell.trim()))
  .filter(([, what = ""]) => what !== "" && !/^(?:what|-+)$/.test(what))
  .map(([, what = "", result = "", bar = "", met = ""]) => ({ what, result, bar, met: met === "met" }));
const renewed = new Map(rows.map((row) => [row.what, row]));
const kept = asked.length === 0 ? [] : before;
// In the order in which they stood, what is new behind.
const all = [
  ...kept.map((row) => renewed.get(row.what) ?? row),
  ...rows.filter((row) => !kept.some((one) => one.what === row.what)),
];
const cells = all.map((r) => [r.what, r.result, r.bar, r.met ? "met" : "**missed**"]);
const widths = [0, 1, 2, 3].map((n) => Math.max(4, ...cells.map((row) => row[n]?.length ?? 0)));
const lineOf = (row: readonly string[]) => `| ${row.map((cell, n) => cell.padEnd(widths[n] ?? 0)).join(" | ")} |`;
const table = [
  lineOf(["what", "measured", "bar", ""]),
  `| ${widths.map((n) => "-".repeat(n)).join(" | ")} |`,
  ...cells.map(lineOf),
].join("\n");
writeFileSync(
  file,
  `# Speed\n\nWritten by \`npm run bench\` on ${new Date().toISOString().slice(0, 10)}, Node ${process.version}, ${cpus().length} × ${cpus()[0]?.model ?? "unknown processor"}. Ratios are medians of runs taken in turn, so that they hold on other machines. A part alone: \`npm run bench -- core\`, \`command-line\`, \`server\`, \`desk\`, \`result\`, \`site\` or \`sizes\`.\n\n${table}\n`,
);
process.exitCode = rows.every((r) => r.met) ? 0 : 1;
