import { defineConfig } from "vitest/config";

export default defineConfig({
  test: {
    include: ["e2e/**/*.test.ts"],
    globalSetup: "e2e/application.ts",
    // Two files side by side: each journey has a browser context and a database of its own.
    maxWorkers: 2,
    testTimeout: 90_000,
    hookTimeout: 60_000,
  },
});
