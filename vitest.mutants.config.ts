import { defineConfig } from "vitest/config";

/** The unit tests of the folder whose mutants are made; each file by itself, since a mutant may leave its module in any state. */
export default defineConfig({
  test: {
    include: [`${process.env.MUTANTS_OF ?? "core/findings"}/**/*.test.ts`],
    setupFiles: ["core/page/markdown.setup.ts", "app/store/indexed-db.setup.ts"],
    testTimeout: 120_000,
  },
});
