import { readdirSync, readFileSync } from "node:fs";
import { availableParallelism } from "node:os";
import { defineConfig } from "vitest/config";
import { longestFirst } from "./scripts/longest-first.ts";
import { TAGS } from "./scripts/tags.ts";

const LONGEST = [
  "core/hostile/markdown.test.ts",
  "core/hostile/html.test.ts",
  "cli/cli.test.ts",
  "app/store/rule-counts.test.ts",
];

const testsIn = (...folders: string[]) =>
  folders.flatMap((folder) =>
    readdirSync(folder, { recursive: true, encoding: "utf8" })
      .filter((file) => file.endsWith(".test.ts"))
      .map((file) => `${folder}/${file}`),
  );
const ofApp = testsIn("app", "cli");
/** They put something else in the place of a module, load modules anew, or take the database away, which others would see. */
const disturbing = ofApp.filter((file) =>
  /\bvi\.(?:(?:do)?mock|resetModules)\(|\bDexie\.delete\(/i.test(readFileSync(file, "utf8")),
);
const setupFiles = ["core/page/markdown.setup.ts"];
/** Storage as a browser has it stands there before anything asks for it. */
const withStorage = [...setupFiles, "app/store/indexed-db.setup.ts"];

export default defineConfig({
  test: {
    tags: TAGS,
    testTimeout: 120_000,
    hookTimeout: 120_000,
    maxWorkers: Math.max(2, availableParallelism()),
    sequence: { sequencer: longestFirst(LONGEST) },
    projects: [
      // They share their modules, which take longer to load than most tests take.
      { extends: true, test: { name: "core", include: testsIn("core", "demo", "server"), setupFiles, isolate: false } },
      {
        extends: true,
        test: { name: "app", include: ofApp, exclude: disturbing, setupFiles: withStorage, isolate: false },
      },
      { extends: true, test: { name: "alone", include: disturbing, setupFiles: withStorage } },
    ],
  },
});
