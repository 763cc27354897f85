import { defineConfig } from "vitest/config";
import { longestFirst } from "./scripts/longest-first.ts";

/** They are small, and do much. */
const LONGEST = ["own-screens", "whole-site", "table", "rewrite"].map((name) => `e2e/${name}.test.ts`);

export default defineConfig({
  test: {
    include: ["e2e/**/*.test.ts"],
    globalSetup: "e2e/application.ts",
    // Two files side by side: each journey has a browser context and a database of its own.
    maxWorkers: 2,
    sequence: { sequencer: longestFirst(LONGEST) },
    testTimeout: 90_000,
    hookTimeout: 60_000,
  },
});
