import { blocksUnder, contentBlocks, isHeadingBlock } from "../../page/body.ts";
import { languageOf } from "../../page/page.ts";
import { isHowTo } from "../../phrase/how-to.ts";
import { durationIn } from "../../structured-data/times.ts";
import { Collecting, counted, type Recogniser, under } from "./collecting.ts";
import { steps } from "./recipe.ts";

const STEP = /\bsteps\b|\bschritte?\b|\bétapes\b/i;

/** Numbered steps under a heading that says how something is done. */
export const howTo: Recogniser = ({ page }) => {
  const says = page.headings.findIndex(({ text }) => isHowTo(text, languageOf(page)));
  const named = page.headings[says];
  if (!named || named.block < 0) return null;
  // Its own list, or that of the next heading below it.
  const next = page.headings.findIndex(({ level }, i) => i > says && level <= named.level);
  const end = next < 0 ? page.headings.length : next;
  const parts = Array.from({ length: end - says }, (_, i) => says + i);
  const listed = (i: number) =>
    (blocksUnder(page).get(i) ?? []).filter((index) => page.blocks[index]?.tag === "li" && inOrdered(index));
  const inOrdered = (index: number) => {
    const at = page.blocks[index]?.range.start ?? -1;
    return page.lists.some(({ ordered, range }) => ordered && range.start <= at && range.end >= at);
  };
  const heading = parts.find((i) => listed(i).length >= 2);
  if (heading === undefined) return null;
  const items = listed(heading);
  const entity = new Collecting(page);
  entity.from(["name"], named.text, named.block);
  steps(page, entity, "step", items);
  for (const { block, index } of contentBlocks(page)) {
    const time = isHeadingBlock(page, index) || items.includes(index) ? null : durationIn(block.text);
    if (!time) continue;
    entity.from(["totalTime"], time.duration, index, time.exact);
    break;
  }
  const where = STEP.test(page.headings[heading]?.text ?? "") ? under(page, heading) : under(page, says);
  return entity.proposal("HowTo", `${counted(items.length, "step")}${where}`);
};
