// npm test: installs what is missing, then all checks. Ends with a line "N passed, N failed".
import { mkdirSync, readFileSync } from "node:fs";
import { ensureChromium } from "./chromium.mjs";
import { build, install, root, run, told } from "./run.mjs";

install();
process.env.CHROMIUM_PATH = ensureChromium();

let passed = 0;
let failed = 0;
const check = (name, ok) => {
  console.log(`${ok ? "ok  " : "FAIL"} ${name}`);
  if (ok) passed++;
  else failed++;
};

/** The types of routes, which the checks read. */
run("npx", ["--no-install", "react-router", "typegen"]);

/** Side by side: none of them writes what another reads. */
const built = build();
const statics = [
  ["types", "npx", ["--no-install", "tsc", "--noEmit"]],
  ["lint", "npx", ["--no-install", "biome", "check", "--error-on-warnings", "."]],
  ["layers", "npm", ["run", "--silent", "layers"]],
  ["unused code", "npx", ["--no-install", "knip", "--no-progress"]],
].map(async ([name, command, args]) => ({ name, ...(await told(command, args)) }));
for (const { name, ok, said } of await Promise.all(statics)) {
  process.stdout.write(said);
  check(name, ok);
}
await built;

/** Runs a set of tests and adds its counts. */
function tests(name, config) {
  mkdirSync(`${root}.cache`, { recursive: true });
  const report = `${root}.cache/${name}.json`;
  const ok = run("npx", [
    "--no-install",
    "vitest",
    "run",
    "--config",
    config,
    "--reporter=default",
    "--reporter=json",
    `--outputFile.json=${report}`,
  ]);
  try {
    const { numPassedTests, numFailedTests } = JSON.parse(readFileSync(report, "utf8"));
    passed += numPassedTests;
    failed += numFailedTests;
    if (!ok && numFailedTests === 0) failed++;
  } catch {
    check(name, false);
  }
}

tests("unit", "vitest.config.ts");
tests("browser", "vitest.e2e.config.ts");

console.log(`${passed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);
