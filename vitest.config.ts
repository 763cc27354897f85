import { defineConfig } from "vitest/config";
import { longestFirst } from "./scripts/longest-first.ts";

const LONGEST = [
  "core/hostile/markdown.test.ts",
  "core/hostile/html.test.ts",
  "cli/cli.test.ts",
  "app/store/rule-counts.test.ts",
];

const tests = (...folders: string[]) => folders.map((folder) => `${folder}/**/*.test.ts`);
const setupFiles = ["core/page/markdown.setup.ts"];

export default defineConfig({
  test: {
    testTimeout: 120_000,
    hookTimeout: 120_000,
    maxWorkers: 2,
    sequence: { sequencer: longestFirst(LONGEST) },
    projects: [
      // Nothing in them changes what others see: they share their modules, which take longer to load than most tests take.
      { extends: true, test: { name: "core", include: tests("core", "demo", "server"), setupFiles, isolate: false } },
      { extends: true, test: { name: "app", include: tests("app", "cli"), setupFiles } },
    ],
  },
});
