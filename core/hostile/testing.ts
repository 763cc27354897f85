import { beforeAll, expect, it } from "vitest";
import { loadCharset } from "../rewrite/bytes.ts";
import { type HostileInput, KNOWN } from "./inputs.ts";
import { slowness } from "./work.ts";

/** One that is met, at which nothing may take long; and those over which it is looked at how that grows. */
const SIZE = [25_000];
const SIZES = [3_000, ...SIZE, 200_000];
const LONG = { tags: "long" };

/** Holds that an input takes no longer than it may. */
export const expectQuick = (input: HostileInput, sizes = SIZE): void => expect(slowness(input, sizes)).toBeNull();

/** A test for each known input that is chosen, of which every other is long, and a long one for how it grows. */
export function testEach(chosen: (input: HostileInput) => boolean): void {
  beforeAll(() => loadCharset("windows-1252"));
  const inputs = KNOWN.filter(chosen).map((one) => [`${one.kind}: ${one.name}`, one] as const);
  for (const [i, [name, input]] of inputs.entries()) {
    it(name, i % 2 ? LONG : {}, () => expectQuick(input));
    it(`${name}, as it grows`, LONG, () => expectQuick(input, SIZES));
  }
}
