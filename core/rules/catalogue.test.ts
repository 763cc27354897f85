import { expect, it } from "vitest";
import { CATALOGUE } from "./catalogue.ts";
import type { Rule } from "./rule.ts";
import { SUBJECTS } from "./subjects.ts";

const files = import.meta.glob<Record<string, unknown>>(["./*/*.ts", "!./*/*.test.ts"], { eager: true });

it("holds every rule that stands in a folder, under the id that its file says (if not: npm run generate)", () => {
  const inFolders = Object.entries(files).flatMap(([file, exported]) =>
    Object.values(exported).flatMap((value) => {
      if (typeof value !== "object" || value === null || !("reach" in value)) return [];
      expect(`./${(value as Rule).id}.ts`).toBe(file);
      return [(value as Rule).id];
    }),
  );
  expect(inFolders.sort()).toEqual([...CATALOGUE.keys()].sort());
});

it("has a name for every subject, and a rule for every subject named", () => {
  const subjects = new Set([...CATALOGUE.keys()].map((id) => id.split("/")[0]));
  expect([...subjects].sort()).toEqual(Object.keys(SUBJECTS).sort());
});
