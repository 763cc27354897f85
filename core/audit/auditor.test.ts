import fc from "fast-check";
import { expect, it } from "vitest";
import { originalFromText } from "../page/original.ts";
import { readPage } from "../page/read.ts";
import { editsFor, sources } from "../rewrite/testing.ts";
import { RULES } from "../rules/rules.generated.ts";
import { DEFAULT_HOUSE_STYLE } from "../settings/house-style.ts";
import { auditor } from "./auditor.ts";
import { redraftPage } from "./redraft-page.ts";

const rules = Object.fromEntries(RULES.map(({ id }) => [id, { on: true }]));
const houseStyle = { ...DEFAULT_HOUSE_STYLE, brand: "Quay", rules };
const today = "2026-11-27";

it("finds after edits of every operation, one after the other, what an audit from nothing finds", () => {
  const generated = sources.chain((source) => {
    const original = readPage(originalFromText(source), { address: "https://quay.example/lamp" });
    return editsFor(original).map((edits) => ({ source, edits }));
  });
  fc.assert(
    fc.property(generated, ({ source, edits }) => {
      const original = readPage(originalFromText(source), { address: "https://quay.example/lamp" });
      const context = { phrase: "opening times", houseStyle, today };
      const run = auditor(context);
      run(original);
      for (let n = 1; n <= edits.length; n++) {
        const redrafted = redraftPage(original, { houseStyle, today, edits: edits.slice(0, n) });
        expect(run(redrafted.page, redrafted)).toEqual(auditor(context)(redrafted.page, redrafted));
      }
    }),
    { numRuns: 80 },
  );
});

it("names the JSON-LD block of a finding, alike on pages that share it", () => {
  const block = '<script type="application/ld+json">{"@context":"https://schema.org","@type":"Organisation"}</script>';
  const blocksOf = (path: string, head: string) =>
    auditor({ phrase: null, houseStyle, today })(
      readPage(
        originalFromText(`<html lang="en"><head><title>${path}</title>${head}</head><body><h1>${path}</h1></body>`),
        {
          address: `https://quay.example/${path}`,
        },
      ),
    ).flatMap(({ rule, block }) => (rule === "data/unknown-type" ? block : []));
  const other = block.replace("Organisation", "Organisation2");
  const [shared] = blocksOf("lamp", block);
  expect(shared).toMatch(/^[a-z0-9]+$/);
  expect(blocksOf("tide", other + block)).toEqual([expect.not.stringMatching(`^${shared}$`), shared]);
});
