import fc from "fast-check";
import { describe, it } from "vitest";
import { anyHostile } from "./inputs.ts";
import { expectQuick } from "./testing.ts";

describe("no small input takes long, or throws", () => {
  it("whatever pieces of markup, data and text it is made of", () => {
    // The same in each run; others are made up in each check:long. One by one: a smaller input of the same kind is told from its name, and would take minutes to find.
    const end = Date.now() + 10_000;
    for (const input of fc.sample(anyHostile, { numRuns: 30, seed: 60 })) {
      if (Date.now() > end) break;
      expectQuick(input);
    }
  });
});
