import fc from "fast-check";
import { anyHostile, KNOWN } from "../../core/hostile/inputs.ts";
import { slowness } from "../../core/hostile/work.ts";

const SIZES = [3_000, 25_000, 200_000, 950_000];

/** What of the known hostile inputs, and of so many made up, takes too long or throws, up to a megabyte. */
export function hostileFaults(made: number): string[] {
  const faults: string[] = [];
  for (const input of [...KNOWN, ...fc.sample(anyHostile, made)]) {
    try {
      const slow = slowness(input, SIZES);
      if (slow) faults.push(slow);
    } catch (error) {
      faults.push(`${input.name}: ${String(error)}`);
    }
  }
  return faults;
}
