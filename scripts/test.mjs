// npm test: installs what is missing, then all checks but for tests that take long, which npm run test:all has too, with its
// result in docs/test-all.md. Ends with a line "N passed, N failed".
import { mkdirSync, readFileSync, writeFileSync } from "node:fs";
import { findChromium } from "./chromium.mjs";
import { build, install, root, run, told } from "./run.mjs";

/** Beside all that is done without it: where Chromium is missing, it takes as long to come as the packages. */
const chromium = told(process.execPath, [`${root}scripts/ensure-chromium.mjs`]);
install();

const all = process.argv.includes("--all");
let passed = 0;
let failed = 0;
const check = (name, ok) => {
  console.log(`${ok ? "ok  " : "FAIL"} ${name}`);
  if (ok) passed++;
  else failed++;
};

const tool = (name, ...args) => told("npx", ["--no-install", name, ...args]);
/** The types of routes, which two of the checks read. */
const routes = tool("react-router", "typegen");
const withRoutes = async (check) => {
  const types = await routes;
  return types.ok ? check() : types;
};
/** TypeScript as the platform's own program: five times as quick as the one in JavaScript, which other tools build on. */
const TSC = "node_modules/typescript-native/bin/tsc";

/** Side by side: none of them writes what another reads. */
const built = build();
const statics = [
  ["types", withRoutes(() => told(process.execPath, [TSC, "--noEmit"]))],
  ["lint", tool("biome", "check", "--error-on-warnings", ".")],
  ["layers", told("npm", ["run", "--silent", "layers"])],
  ["unused code", withRoutes(() => tool("knip", "--no-progress"))],
].map(async ([name, checked]) => ({ name, ...(await checked) }));
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
    ...(all ? [] : ["--tags-filter=!long"]),
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
const came = await chromium;
process.stdout.write(came.said);
if (came.ok) {
  process.env.CHROMIUM_PATH = findChromium() ?? "";
  tests("browser", "vitest.e2e.config.ts");
} else check("Chromium", false);

const result = `${passed} passed, ${failed} failed`;
if (all)
  writeFileSync(
    `${root}docs/test-all.md`,
    `# All tests\n\nWritten by \`npm run test:all\` on ${new Date().toISOString().slice(0, 10)}: what \`npm test\` holds, and the tests that take long.\n\n${result}\n`,
  );
console.log(result);
process.exit(failed === 0 ? 0 : 1);
