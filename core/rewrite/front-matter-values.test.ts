import { describe, expect, it } from "vitest";
import { loadMarkdown } from "../page/load-markdown.ts";
import { originalFromText } from "../page/original.ts";
import { readPage } from "../page/read.ts";
import { applyToSource } from "./apply.ts";

await loadMarkdown({ kind: "markdown" });
const address = "https://quay.example/lamp";

/** What stands behind a name, in every shape that YAML 1.2.2 has for it (7.1, 7.3, 7.4, 8.1, 8.2). */
const SHAPES = [
  "title: The lamp",
  "title: 'The lamp'",
  'title: "The lamp"',
  "title:",
  "title: ~",
  "title: |\n  The lamp\n  of the ship",
  "title: >-\n  The lamp\n  of the ship",
  "title: [The lamp, of the ship]",
  "title:\n  - The lamp\n  - of the ship",
  "title:\n- The lamp\n- of the ship",
  "title: {en: The lamp, de: Die Lampe}",
  "title:\n  en: The lamp\n  de: Die Lampe",
  "lead: &t The lamp\ntitle: *t",
];

describe("a title takes the place of what stands behind its name", () => {
  it.each(SHAPES.flatMap((shape) => [[shape], [`${shape}\ndraft: no`], [`weight: 3\n${shape}\ndraft: no`]]))(
    "%j",
    (yaml) => {
      const original = originalFromText(`---\n${yaml}\n---\n# Lamp\n`, "markdown");
      const value = "A lamp: “lit” #4";
      const { bytes, refused } = applyToSource(original, [{ op: "set-title", value, was: null }], { address });
      const page = readPage({ ...original, bytes }, { address });
      expect([page.fault, page.titles[0]?.text, refused]).toEqual([null, value, []]);
      const before = readPage(original, { address }).values;
      for (const name of ["draft", "weight", "lead"]) expect(page.values[name]).toBe(before[name]);
    },
  );
});
