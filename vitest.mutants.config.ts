import { defineConfig } from "vitest/config";

/** The unit tests of the folders whose mutants are made; each file by itself, since a mutant may leave its module in any state. */
export default defineConfig({
  test: {
    include: [
      "core/{rewrite,phrase,audit,findings,exchange,settings,site,outline,proposals}/**/*.test.ts",
      "app/store/**/*.test.ts",
    ],
    setupFiles: ["core/page/markdown.setup.ts", "app/store/indexed-db.setup.ts"],
    testTimeout: 120_000,
  },
});
