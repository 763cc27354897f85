// npm run check:screens: every state of the screens against axe-core, in five widths in light and three in dark; result in
// docs/check-screens.md.
import { mkdirSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { ensureChromium } from "./chromium.mjs";
import { build, root, run } from "./run.mjs";

const report = `${root}.cache/check-screens.json`;
mkdirSync(`${root}.cache`, { recursive: true });
rmSync(report, { force: true });
await build();
const sound = run("npx", ["--no-install", "vitest", "run", "--config", "vitest.screens.config.ts"], {
  env: { ...process.env, CHROMIUM_PATH: ensureChromium(), REPORT: report },
});
const { states, looks, found } = JSON.parse(readFileSync(report, "utf8")) as Record<"states" | "found", string[]> & {
  looks: number;
};
const day = new Date().toISOString().slice(0, 10);
writeFileSync(
  `${root}docs/check-screens.md`,
  `# The check of the screens

Written by \`npm run check:screens\` on ${day}: each state of the screens is opened as a person opens it (\`e2e/states.ts\`), and held against axe-core with all its tags at A and AA, best practice too, at 1,280, 1,024, 640, 390 and 320 px in light and at 1,280, 640 and 320 px in dark. In dialogs and menus every control must be reached by scrolling at each width.

${states.length} states, ${looks} looks, ${found.length} found.

${[...found, ...(sound || found.length > 0 ? [] : ["A walk did not reach its end."])].map((one) => `- ${one}\n`).join("")}
## The states

${states.map((state) => `- ${state}\n`).join("")}`,
);
run("npx", ["--no-install", "biome", "format", "--write", "docs/check-screens.md"], { stdio: "ignore" });
process.exit(sound ? 0 : 1);
