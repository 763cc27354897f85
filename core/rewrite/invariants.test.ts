import { readdirSync, readFileSync } from "node:fs";
import fc from "fast-check";
import { beforeAll, describe, expect, it } from "vitest";
import type { Original } from "../page/original.ts";
import { originalFromBytes } from "../page/original-from-bytes.ts";
import { readPage } from "../page/read.ts";
import { applyToPage, applyToSource } from "./apply.ts";
import { loadCharset } from "./bytes.ts";
import { carryOver } from "./carry-over.ts";
import { type Edit, slotOf } from "./edits.ts";
import { editsFor, sources, tellsApart } from "./testing.ts";
import { firstDifference } from "./verify.ts";

// What pages that name no character set are in.
beforeAll(() => loadCharset("windows-1252"));

const address = "https://www.example/a/page.html";
const bytesOf = (text: string) => new TextEncoder().encode(text);

function checkInvariants(original: Original, edits: Edit[]): void {
  const page = readPage(original, { address });
  expect(applyToSource(original, [], { address }).bytes).toBe(original.bytes);
  const onSource = applyToSource(original, edits, { address });
  const onPage = applyToPage(page, edits);
  const again = readPage({ ...original, bytes: onSource.bytes }, { address: onPage.page.address });
  expect(firstDifference(again, onPage.page)).toBe(null);
  // Bytes outside the patched places: the original's, in order.
  // Of two edits of one place the second is refused, and would find its place free the next time.
  const latest = new Map(edits.map((edit) => [slotOf(edit), edit]));
  for (const { edit } of onSource.refused) latest.delete(slotOf(edit));
  const made = [...latest.values()];
  if (!tellsApart(made)) return;
  const twice = applyToSource({ ...original, bytes: onSource.bytes }, made, { address });
  expect(Buffer.from(twice.bytes).equals(Buffer.from(onSource.bytes))).toBe(true);
}

/** What takes long is done some of the time, and often in the tests that take long. */
const OFTEN = [
  ["", 300, {}],
  [", many times over", 3000, { tags: "long" }],
] as const;

describe.each(OFTEN)("the three invariants of rewriting%s", (_, numRuns, options) => {
  it("hold on generated pages", options, () => {
    const generated = sources.chain((source) => {
      const original = originalFromBytes(bytesOf(source));
      return editsFor(readPage(original, { address })).map((edits) => ({ source, edits }));
    });
    fc.assert(
      fc.property(generated, ({ source, edits }) => checkInvariants(originalFromBytes(bytesOf(source)), edits)),
      { numRuns },
    );
  });

  it("know what was handed over when the site comes back with it", options, () => {
    const generated = sources.chain((source) => {
      const original = originalFromBytes(bytesOf(source));
      return editsFor(readPage(original, { address })).map((edits) => ({ source, edits }));
    });
    fc.assert(
      fc.property(generated, ({ source, edits }) => {
        const original = originalFromBytes(bytesOf(source));
        const before = readPage(original, { address });
        const latest = new Map(edits.map((edit) => [slotOf(edit), edit]));
        for (const { edit } of applyToSource(original, edits, { address }).refused) latest.delete(slotOf(edit));
        // A slug is no part of the source.
        const handed = [...latest.values()].filter(({ op }) => op !== "set-slug");
        const { bytes } = applyToSource(original, handed, { address });
        const now = readPage({ ...original, bytes }, { address });
        if (now.fault) return;
        const { kept, conflicts } = carryOver(handed, now, { before, handed });
        expect([kept, conflicts]).toEqual([[], []]);
      }),
      { numRuns: numRuns / 3 },
    );
  });

  const folder = new URL("../../demo/gullhaven/", import.meta.url);
  it.each(readdirSync(folder, { recursive: true, encoding: "utf8" }).filter((f) => f.endsWith(".html")))(
    "hold on demo page %s",
    options,
    (file) => {
      const original = originalFromBytes(readFileSync(new URL(file, folder)));
      fc.assert(
        fc.property(editsFor(readPage(original, { address })), (edits) => checkInvariants(original, edits)),
        { numRuns: numRuns / 30 },
      );
    },
  );
});
