import { pathOf } from "../../address/address.ts";
import { contentBlocks, isHeadingBlock } from "../../page/body.ts";
import { languageOf, titleOf } from "../../page/page.ts";
import { dateIn, dayWithoutYear } from "../../structured-data/dates.ts";
import { hoursIn } from "../../structured-data/times.ts";
import { about, type Recogniser, under } from "./collecting.ts";
import { bare, labelled } from "./labelled.ts";
import { offers } from "./product.ts";

const TAKES_PLACE =
  /event|talk|walk|night|concert|workshop|tour|festival|fair|course|exhibition|lecture|konzert|vortrag|atelier/i;

/** A date, with its time and place, on a page about something that takes place. */
export const event: Recogniser = ({ page, organisation }) => {
  const entity = about(page, "name");
  if (!entity || !TAKES_PLACE.test(`${pathOf(page.address)} ${titleOf(page)}`)) return null;
  const language = languageOf(page);
  const dated = contentBlocks(page).find(
    ({ block, index }) => dateIn(block.text, language) !== null && !isHeadingBlock(page, index),
  );
  const date = dated && dateIn(dated.block.text, language);
  if (!dated || !date) {
    // The year is never guessed: the date stays blank and is asked for.
    const day = contentBlocks(page)
      .map(({ block }) => dayWithoutYear(block.text, language))
      .find((one) => one !== null);
    if (!day) return null;
    offers(page, entity);
    return entity.proposal("Event", `a day without its year, ${day}`);
  }
  // A date's own digits are no times.
  const said = hoursIn(dated.block.text.replace(date.exact, " ".repeat(date.exact.length)));
  const when = labelled(page, /^(?:time|doors|begins|starts|uhrzeit|horaires?)$/i);
  const hours = said ?? (when && hoursIn(when.value));
  const { start, end, exact } = date;
  entity.from(["startDate"], hours ? `${start}T${hours.from}` : start, dated.index, exact);
  if (end) entity.from(["endDate"], hours?.to ? `${end}T${hours.to}` : end, dated.index, exact);
  else if (hours?.to) {
    const block = said ? dated.index : (when?.block ?? dated.index);
    entity.from(["endDate"], `${start}T${hours.to}`, block, hours.exact.trim());
  }
  const where = labelled(page, /^(?:where|place|venue|location|meeting point|ort|lieu)$/i);
  if (where) {
    entity.set(["location", "@type"], "Place");
    entity.from(["location", "name"], bare(where.value), where.block);
  }
  if (organisation) entity.set(["organizer"], { "@type": "Organization", name: organisation.name });
  offers(page, entity);
  const place = where ? ` and a place, ${bare(where.value)}` : "";
  return entity.proposal("Event", `a date, ${exact}${place}${under(page, dated.block.heading)}`);
};
