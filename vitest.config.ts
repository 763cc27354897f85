import { defineConfig } from "vitest/config";
import { BaseSequencer, type TestSpecification } from "vitest/node";

/** What takes longest is begun first: begun last, it would keep one processor waiting for the other. */
const LONGEST = [
  "core/hostile/markdown.test.ts",
  "core/hostile/html.test.ts",
  "cli/cli.test.ts",
  "app/store/rule-counts.test.ts",
];

class LongestFirst extends BaseSequencer {
  override async sort(files: TestSpecification[]): Promise<TestSpecification[]> {
    const isLong = ({ moduleId }: TestSpecification) => LONGEST.some((file) => moduleId.endsWith(file));
    const sorted = await super.sort(files);
    return [...sorted.filter(isLong), ...sorted.filter((one) => !isLong(one))];
  }
}

const tests = (...folders: string[]) => folders.map((folder) => `${folder}/**/*.test.ts`);
const setupFiles = ["core/page/markdown.setup.ts"];

export default defineConfig({
  test: {
    testTimeout: 120_000,
    hookTimeout: 120_000,
    maxWorkers: 2,
    sequence: { sequencer: LongestFirst },
    projects: [
      // Nothing in them changes what others see: they share their modules, which take longer to load than most tests take.
      { extends: true, test: { name: "core", include: tests("core", "demo", "server"), setupFiles, isolate: false } },
      { extends: true, test: { name: "app", include: tests("app", "cli"), setupFiles } },
    ],
  },
});
