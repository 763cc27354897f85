import { defineConfig } from "vitest/config";

const tests = (...folders: string[]) => folders.map((folder) => `${folder}/**/*.test.ts`);

export default defineConfig({
  test: {
    testTimeout: 120_000,
    maxWorkers: 2,
    projects: [
      // Nothing in them changes what others see: they share their modules, which take longer to load than most tests take.
      {
        extends: true,
        test: {
          name: "core",
          include: tests("core", "demo", "server"),
          setupFiles: ["core/page/markdown.setup.ts"],
          isolate: false,
        },
      },
      {
        extends: true,
        test: { name: "app", include: tests("app", "cli"), setupFiles: ["core/page/markdown.setup.ts"] },
      },
    ],
  },
});
