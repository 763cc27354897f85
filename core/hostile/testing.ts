import { beforeAll, expect, it } from "vitest";
import { loadCharset } from "../rewrite/bytes.ts";
import { type HostileInput, KNOWN } from "./inputs.ts";
import { slowness } from "./work.ts";

const SIZES = [3_000, 25_000, 100_000];

/** Holds that an input of any size takes no longer than it may. */
export const expectQuick = (input: HostileInput): void => expect(slowness(input, SIZES)).toBeNull();

/** One test for each known input that is chosen. */
export function testEach(chosen: (input: HostileInput) => boolean): void {
  beforeAll(() => loadCharset("windows-1252"));
  it.each(KNOWN.filter(chosen).map((one) => [`${one.kind}: ${one.name}`, one] as const))("%s", (_, input) =>
    expectQuick(input),
  );
}
