import { defineConfig } from "vitest/config";

export default defineConfig({
  test: {
    include: ["core/**/*.test.ts", "cli/**/*.test.ts", "server/**/*.test.ts", "demo/**/*.test.ts", "app/**/*.test.ts"],
    setupFiles: ["core/page/markdown.setup.ts"],
    testTimeout: 120_000,
    maxWorkers: 2,
  },
});
