import { WEIGHTS } from "#core/settings/setting";
import { pagesOf } from "./parts";
import type { ShownFindings } from "./use-overview";

const number = new Intl.NumberFormat("en-GB");

/** What a site needs, or the pages of it that are shown, in one sentence. */
export function headingOf(shown: Pick<ShownFindings, "overview"> | null, narrowed: boolean): string {
  if (!shown) return "Reading the pages…";
  const { pages, rules, totals } = shown.overview;
  if (pages === 0 && !narrowed) return "This site has no pages yet.";
  if (rules.length === 0) return `Nothing was found on ${narrowed ? "these " : ""}${pagesOf(pages)}.`;
  const whose = narrowed ? `${pagesOf(pages)} of this site ${pages === 1 ? "needs" : "need"}` : "this site needs";
  const counts = WEIGHTS.filter((one) => totals[one] > 0).map((one) => `${number.format(totals[one])} ${one}`);
  return `What ${whose}: ${counts.join(", ")}.`;
}
