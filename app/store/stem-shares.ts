import { type CountedStems, shareOf } from "#core/site/index/stem-counts";

let last: { of: CountedStems; share: (stem: string) => number } | null = null;

/** Tells of a stem which part of a site's pages has it; remembered for the counts that were asked for last. */
export function sharesOf(stems: CountedStems): (stem: string) => number {
  if (last?.of.pages !== stems.pages || last.of.signs !== stems.signs) last = { of: stems, share: shareOf(stems) };
  return last.share;
}
