import { keep } from "../store/keeping";
import type { SiteRecord } from "../store/records/sites";
import type { CellChange } from "./grid";

/**
 * Keeps one cell of the table behind all that was typed before, whatever is loaded or worked out meanwhile.
 *
 * @returns Why it was refused, where it was.
 */
export async function keepCell(site: SiteRecord, change: CellChange): Promise<{ reason: string }[]> {
  const refusals: { reason: string }[] = [];
  await keep(async () => {
    const { changeCell } = await import("./bulk");
    refusals.push(...(await changeCell(site, change)).refused);
  });
  return refusals;
}
