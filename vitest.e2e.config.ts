import { defineConfig } from "vitest/config";

export default defineConfig({
  test: {
    include: ["e2e/**/*.test.ts"],
    globalSetup: "e2e/application.ts",
    fileParallelism: false,
    // A journey that a busy machine cut short is gone once more; one that is broken fails twice.
    retry: 1,
    testTimeout: 60_000,
    hookTimeout: 60_000,
  },
});
