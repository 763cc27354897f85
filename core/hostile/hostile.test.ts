import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { anyHostile, type HostileInput, KNOWN } from "./inputs.ts";
import { slowness } from "./work.ts";

const SIZES = [3_000, 25_000, 200_000];

/** Of the processor, not of the wall: other tests run beside these. */
const clock = () => {
  const { user, system } = process.cpuUsage();
  return (user + system) / 1000;
};

describe("no small input takes long, or throws", () => {
  it.each(KNOWN.map((one) => [`${one.kind}: ${one.name}`, one] as const))("%s", (_, input) => {
    expect(slowness(input, SIZES, clock)).toBeNull();
  });

  it("whatever pieces of markup, data and text it is made of", () => {
    fc.assert(
      fc.property(anyHostile, (input: HostileInput) => {
        expect(slowness(input, SIZES, clock)).toBeNull();
      }),
      { numRuns: 60, interruptAfterTimeLimit: 10_000 },
    );
  });
});
