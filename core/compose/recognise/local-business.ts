import { contentBlocks } from "../../page/body.ts";
import { addressOn, canonicalOf, languageOf, titleOf } from "../../page/page.ts";
import { DAYS, openDaysIn } from "../../structured-data/times.ts";
import { Collecting, counted, type Recogniser, under } from "./collecting.ts";
import { labelled } from "./labelled.ts";

const TELEPHONE = /(?:\btel(?:ephone|\.)?|\bphone|\bcall(?: us)?(?: on)?)\s*:?\s*(\+?\(?\d[\d ()-]{6,18}\d)/i;

/** Days with hours, as a place that is open for visitors writes them: in sentences, lists or tables. */
export const localBusiness: Recogniser = ({ page, organisation }) => {
  const entity = new Collecting(page);
  const language = languageOf(page);
  const name = organisation?.name ?? /\s[|–—-]\s([^|–—-]+)$/.exec(titleOf(page))?.[1]?.trim();
  if (name) entity.set(["name"], name);
  entity.set(["url"], new URL("/", addressOn(page, canonicalOf(page) ?? "") ?? page.address).href);
  let n = 0;
  let heading = -1;
  const blocks = contentBlocks(page);
  for (const [i, { block, index }] of blocks.entries()) {
    // Tables and lists of terms tell the day in one block and the hours in the next.
    const pairs = ["td", "th", "dt"].includes(block.tag);
    const text = pairs ? `${block.text} ${blocks[i + 1]?.block.text ?? ""}` : block.text;
    for (const { days, opens, closes, exact } of openDaysIn(text, language)) {
      entity.set(["openingHoursSpecification", n], {
        "@type": "OpeningHoursSpecification",
        dayOfWeek: days.map((day) => `https://schema.org/${DAYS[day]}`),
        opens,
        closes: closes === "24:00" ? "23:59" : closes,
      });
      const [own = "", next = ""] = pairs ? [block.text, exact.slice(block.text.length).trim()] : [exact];
      entity.tie(["openingHoursSpecification", n, "opens"], pairs && next ? index + 1 : index, next || own);
      if (heading < 0) heading = block.heading;
      n++;
    }
  }
  if (n === 0) return null;
  const address = blocks.find(({ block }) => block.tag === "address");
  const told = labelled(page, /^(?:address|where we are|adresse|anschrift)$/i);
  if (told) entity.from(["address"], told.value, told.block);
  else if (address) entity.from(["address"], address.block.text, address.index);
  else if (organisation?.address) {
    // As the house style has it, where the page shows it too.
    const shown = page.blocks.findIndex(({ text }) => text.includes(organisation.address ?? ""));
    if (shown >= 0) entity.from(["address"], organisation.address, shown);
  }
  for (const [index, { text }] of page.blocks.entries()) {
    const [, number] = TELEPHONE.exec(text) ?? [];
    if (!number) continue;
    entity.from(["telephone"], number, index);
    break;
  }
  return entity.proposal("LocalBusiness", `opening hours in ${counted(n, "line")}${under(page, heading)}`);
};
