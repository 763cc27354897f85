import { availableParallelism } from "node:os";
import { defineConfig } from "vitest/config";
import { longestFirst } from "./scripts/longest-first.ts";
import { TAGS } from "./scripts/tags.ts";

/** They are small, and do much. */
const LONGEST = ["every-hand", "narrow", "table", "rewrite"].map((name) => `e2e/${name}.test.ts`);

export default defineConfig({
  test: {
    include: ["e2e/**/*.test.ts"],
    globalSetup: "e2e/application.ts",
    // Files side by side, with one browser for each worker: each journey has a context and a database of its own.
    isolate: false,
    maxWorkers: Math.max(2, availableParallelism()),
    sequence: { sequencer: longestFirst(LONGEST) },
    tags: TAGS,
    testTimeout: 180_000,
    hookTimeout: 60_000,
    // What a person waits for takes longer than the second that is usual, on a machine that does other things beside.
    expect: { poll: { timeout: 60_000 } },
  },
});
