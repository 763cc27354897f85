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

it("finds with each context what that context says, also when they take turns", () => {
  const page = readPage(originalFromText("<title>Lamp</title><h1>Lamp</h1>"), { address: "https://quay.example/lamp" });
  const contexts = [
    { phrase: "lamp", houseStyle, today },
    { phrase: "fog signal", houseStyle, today },
    { phrase: "fog signal", houseStyle: DEFAULT_HOUSE_STYLE, today },
  ];
  const each = contexts.map((context) => auditor(context)(page).map(({ rule }) => rule));
  expect(new Set(each.map(String)).size).toBe(3);
  for (const [i, context] of [...contexts.entries(), ...contexts.entries()])
    expect(auditor({ ...context })(page).map(({ rule }) => rule)).toEqual(each[i]);
});
