import { pathOf } from "../../address/address.ts";
import { contentBlocks } from "../../page/body.ts";
import { languageOf, titleOf } from "../../page/page.ts";
import { pricesIn } from "../../structured-data/agreement.ts";
import { dateIn } from "../../structured-data/dates.ts";
import { about, type Recogniser, under } from "./collecting.ts";
import { bare, labelled } from "./labelled.ts";
import { currencyOf } from "./product.ts";

const JOB = /\/(?:jobs?|careers?|vacanc(?:y|ies)|stellen|emplois?)(?:\/|$)/i;
const UNITS: [words: RegExp, unit: string][] = [
  [/^\W*(?:an|per|a|\/)\s*(?:hour|hr|stunde|heure)/i, "HOUR"],
  [/^\W*(?:a|per|\/)\s*(?:day|tag|jour)/i, "DAY"],
  [/^\W*(?:a|per|\/)\s*(?:week|woche|semaine)/i, "WEEK"],
  [/^\W*(?:a|per|\/)\s*(?:month|monat|mois)/i, "MONTH"],
  [/^\W*(?:a|per|\/)\s*(?:year|annum|jahr|an\b)/i, "YEAR"],
];
const EMPLOYED: [words: RegExp, type: string][] = [
  [/\bfull[- ]time\b|\bvollzeit\b/i, "FULL_TIME"],
  [/\bpart[- ]time\b|\bteilzeit\b/i, "PART_TIME"],
  [/\btemporary\b|\bfor the season\b|\bseasonal\b|\bbefristet\b/i, "TEMPORARY"],
  [/\bvolunteer(?:ing)?\b|\bunpaid\b/i, "VOLUNTEER"],
  [/\bintern(?:ship)?\b|\bpraktikum\b/i, "INTERN"],
];

/** A page below “jobs” with what is paid, by when to apply, or what kind of employment it is. */
export const jobPosting: Recogniser = ({ page, organisation }) => {
  const path = pathOf(page.address);
  if (!JOB.test(path) || /\/(?:jobs?|careers?|vacancies|stellen|emplois?)\/?$/i.test(path)) return null;
  const entity = about(page, "title");
  if (!entity) return null;
  const language = languageOf(page);
  const blocks = contentBlocks(page);
  const found: string[] = [];
  for (const { block, index } of blocks) {
    const [price] = pricesIn(block.text);
    const unit = price && UNITS.find(([words]) => words.test(block.text.slice(price.end)))?.[1];
    if (!price || !unit) continue;
    entity.set(["baseSalary", "@type"], "MonetaryAmount");
    const currency = currencyOf(price.text);
    if (currency) entity.set(["baseSalary", "currency"], currency);
    entity.set(["baseSalary", "value", "@type"], "QuantitativeValue");
    entity.from(["baseSalary", "value", "value"], price.amount, index, price.text);
    entity.set(["baseSalary", "value", "unitText"], unit);
    found.push(`what is paid, ${price.text}${under(page, block.heading)}`);
    break;
  }
  const dated = (name: string, label: RegExp, line: RegExp) => {
    const told = labelled(page, label);
    const at = told
      ? { text: told.value, index: told.block }
      : blocks.flatMap(({ block, index }) => (line.test(block.text) ? [{ text: block.text, index }] : []))[0];
    const date = at && dateIn(at.text, language);
    if (at && date) entity.from([name], date.start, at.index, date.exact);
    return Boolean(date);
  };
  dated("datePosted", /^(?:posted|date posted|published|veröffentlicht)$/i, /^(?:posted|published)\b/i);
  if (
    dated(
      "validThrough",
      /^(?:closing date|apply by|deadline|bewerbungsschluss)$/i,
      /\b(?:apply|applications?) by\b|\bclosing date\b|\bdeadline\b/i,
    )
  )
    found.push("by when to apply");
  const place = labelled(page, /^(?:location|place(?: of work)?|where|arbeitsort|lieu)$/i);
  if (place) {
    entity.set(["jobLocation", "@type"], "Place");
    entity.from(["jobLocation", "address"], bare(place.value), place.block);
  }
  const kind = blocks.flatMap(({ block, index }) => {
    const match = EMPLOYED.find(([words]) => words.test(block.text));
    return match ? [{ type: match[1], index, exact: match[0].exec(block.text)?.[0] ?? "" }] : [];
  })[0];
  if (kind) {
    entity.from(["employmentType"], kind.type, kind.index, kind.exact);
    found.push(`what kind of employment it is, ${kind.exact.toLowerCase()}`);
  }
  const who = organisation?.name ?? /\s[|–—-]\s([^|–—-]+)$/.exec(titleOf(page))?.[1]?.trim();
  if (who) entity.set(["hiringOrganization"], { "@type": "Organization", name: who });
  return found.length === 0 ? null : entity.proposal("JobPosting", found.join(", and "));
};
