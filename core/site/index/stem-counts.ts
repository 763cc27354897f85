import { stemSign } from "../facets/stems.ts";
import type { Index, IndexMaker } from "./site.ts";

/** On how many pages stems stand, by their signs, in a shape that is sent to other workers. */
export interface CountedStems {
  pages: number;
  signs: string;
  counts: Uint32Array;
}

/** How usual the words of a site are. */
export interface StemCounts extends Index {
  /** Which part of the pages has a stem, 0 to 1. */
  share(stem: string): number;
  counts(): CountedStems;
}

/** Tells of a stem which part of the pages has it, 0 to 1. */
const shareIn = (bySign: ReadonlyMap<string, number>, pages: number, stem: string): number =>
  (bySign.get(stemSign(stem)) ?? 0) / Math.max(1, pages);

/** As the index tells it, of what was sent. */
export function shareOf({ pages, signs, counts }: CountedStems): (stem: string) => number {
  const bySign = new Map(Array.from(signs, (sign, i) => [sign, counts[i] ?? 0]));
  return (stem) => shareIn(bySign, pages, stem);
}

export const STEM_COUNTS: IndexMaker<StemCounts> = (pages) => {
  const bySign = new Map<string, number>();
  const add = (signs: string, by: number) => {
    for (const sign of signs) {
      const count = (bySign.get(sign) ?? 0) + by;
      if (count > 0) bySign.set(sign, count);
      else bySign.delete(sign);
    }
  };
  return {
    sees: ["stems"],
    change(was, is) {
      if (was) add(was.stems, -1);
      if (is) add(is.stems, 1);
    },
    share: (stem) => shareIn(bySign, pages.size, stem),
    counts: () => ({
      pages: pages.size,
      signs: [...bySign.keys()].join(""),
      counts: Uint32Array.from(bySign.values()),
    }),
  };
};
