import { BaseSequencer, type TestSpecification } from "vitest/node";

/** Begins these files first: begun last, what takes longest would keep one processor waiting for the other. */
export const longestFirst = (longest: readonly string[]) =>
  class extends BaseSequencer {
    override async sort(files: TestSpecification[]): Promise<TestSpecification[]> {
      const isLong = ({ moduleId }: TestSpecification) => longest.some((file) => moduleId.endsWith(file));
      const sorted = await super.sort(files);
      return [...sorted.filter(isLong), ...sorted.filter((one) => !isLong(one))];
    }
  };
