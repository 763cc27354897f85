import { pathOf, resolveAddress } from "../address/address.ts";
import { blocksUnder, contentBlocks, isHeadingBlock } from "../page/body.ts";
import { canonicalOf, descriptionOf, type Page, type TextBlock, titleOf } from "../page/page.ts";
import { pricesIn } from "./agreement.ts";
import { type Evidence, evidenceIn } from "./evidence.ts";
import { isGtin, isIsbn } from "./formats.ts";
import { type Path, pointerOf } from "./json-text.ts";

export type Json = string | number | boolean | null | Json[] | { [name: string]: Json };

/** An entity that a page already shows, ready to be stated as data. */
export interface Proposal {
  /** schema.org's type. */
  type: string;
  /** What was found and where: “3 questions with answers, under “Before you come””. */
  found: string;
  /** The block's text, without the script element. */
  value: string;
  evidence: Evidence[];
}

interface Draft {
  entity: { [name: string]: Json };
  evidence: Evidence[];
}

const proposal = (type: string, found: string, { entity, evidence }: Draft): Proposal => ({
  type,
  found,
  value: JSON.stringify({ "@context": "https://schema.org", "@type": type, ...entity }, null, 2),
  evidence,
});

/** Collects an entity with where each of its values comes from. */
class Collecting implements Draft {
  readonly entity: { [name: string]: Json } = {};
  readonly evidence: Evidence[] = [];

  constructor(private readonly page: Page) {}

  /** A value as it stands in a block of the page. */
  from(path: Path, value: Json, block: number, exact = String(value)): void {
    this.say(path, value);
    this.evidence.push(evidenceIn(this.page, block, exact, pointerOf(path)));
  }

  /** A value that no reader sees as it is written: an address, a type. */
  say(path: Path, value: Json): void {
    let at: { [name: string]: Json } | Json[] = this.entity;
    for (const [i, step] of path.entries()) {
      const last = i === path.length - 1;
      const own = at as { [name: string]: Json };
      if (last) own[step] = value;
      else {
        own[step] ??= typeof path[i + 1] === "number" ? [] : {};
        at = own[step] as { [name: string]: Json };
      }
    }
  }
}

const counted = (n: number, one: string) => (n === 1 ? `1 ${one}` : `${n} ${one}s`);
const under = (page: Page, heading: number) => {
  const text = page.headings[heading]?.text;
  return text ? `, under “${text}”` : "";
};

/** Everything that can be stated of a page from its own content; nothing is made up. */
export function proposalsFor(page: Page): Proposal[] {
  if (page.format === "fields") return [];
  return [questions, breadcrumb, event, product, recipe, article, business]
    .map((recognise) => recognise(page))
    .filter((one) => one !== null);
}

const h1Of = (page: Page) => {
  const heading = page.headings.findIndex(({ level, text }) => level === 1 && text !== "");
  const block = page.headings[heading]?.block ?? -1;
  return heading < 0 || block < 0 ? null : { text: page.headings[heading]?.text ?? "", block };
};

/** Names the page's subject: its H1 with where it stands, its description, picture and address. */
function about(page: Page, name: "name" | "headline"): Collecting | null {
  const h1 = h1Of(page);
  if (!h1) return null;
  const entity = new Collecting(page);
  entity.from([name], h1.text, h1.block);
  if (descriptionOf(page)) entity.say(["description"], descriptionOf(page));
  const picture = page.images.find(
    ({ landmark, src, silent }) => src && !silent && (landmark === null || landmark === "main"),
  );
  const address = picture?.src && resolveAddress(picture.src, page.address);
  if (address?.startsWith("http")) entity.say(["image"], address);
  return entity;
}

const QUESTION = /\?["”’)]*$/;

/** Questions with answers: headings, terms or summaries that end in a question mark, and what follows them. */
function questions(page: Page): Proposal | null {
  const entity = new Collecting(page);
  const blocks = contentBlocks(page);
  let n = 0;
  let first = -1;
  for (const [i, { block, index }] of blocks.entries()) {
    const heading = isHeadingBlock(page, index);
    if (!QUESTION.test(block.text) || (!heading && !["dt", "summary"].includes(block.tag))) continue;
    const answers: { block: TextBlock; index: number }[] = [];
    for (const one of blocks.slice(i + 1)) {
      if (isHeadingBlock(page, one.index) || ["dt", "summary"].includes(one.block.tag)) break;
      answers.push(one);
    }
    const [answer] = answers;
    if (!answer) continue;
    if (first < 0) first = heading ? outer(page, block.heading) : block.heading;
    entity.say(["mainEntity", n, "@type"], "Question");
    entity.from(["mainEntity", n, "name"], block.text, index);
    entity.say(["mainEntity", n, "acceptedAnswer", "@type"], "Answer");
    entity.from(
      ["mainEntity", n, "acceptedAnswer", "text"],
      answers.map((one) => one.block.text).join("\n"),
      answer.index,
      answer.block.text,
    );
    n++;
  }
  return n < 2 ? null : proposal("FAQPage", `${n} questions with answers${under(page, first)}`, entity);
}

/** The heading under which another one stands. */
function outer(page: Page, heading: number): number {
  const level = page.headings[heading]?.level ?? 1;
  for (let i = heading - 1; i >= 0; i--) if ((page.headings[i]?.level ?? 1) < level) return i;
  return -1;
}

const TRAIL = /bread-?crumb|trail|you are here|pfad|fil d.ariane/i;

/** The way to the page: a navigation that says so, or else the folders of its address. */
function breadcrumb(page: Page): Proposal | null {
  const entity = new Collecting(page);
  const h1 = h1Of(page);
  const nav = page.landmarks.find(({ kind, label }) => kind === "navigation" && TRAIL.test(label ?? ""));
  const links = nav ? page.links.filter(({ range }) => range.start > nav.range.start && range.end < nav.range.end) : [];
  const add = (n: number, name: string, item: string | null) => {
    entity.say(["itemListElement", n], { "@type": "ListItem", position: n + 1, name, ...(item && { item }) });
  };
  if (links.length > 0) {
    for (const [n, link] of links.entries()) {
      const address = resolveAddress(link.href, page.address);
      add(n, link.text, address);
      entity.evidence.push(evidenceIn(page, link.block, link.text, pointerOf(["itemListElement", n, "name"])));
    }
    if (h1 && links.at(-1)?.text !== h1.text) add(links.length, h1.text, null);
    return proposal("BreadcrumbList", `a trail of ${counted(links.length, "step")}, in the navigation`, entity);
  }
  const segments = pathOf(page.address).split(/[?#]/)[0]?.split("/").filter(Boolean) ?? [];
  if (segments.length < 2 || !h1 || !/^https?:/.test(page.address)) return null;
  const { origin } = new URL(page.address);
  const words = (segment: string) => {
    const text = decodeURI(segment)
      .replace(/[-_]+/g, " ")
      .replace(/\.\w+$/, "");
    return text.charAt(0).toUpperCase() + text.slice(1);
  };
  for (const [n, segment] of segments.slice(0, -1).entries())
    add(n, words(segment), `${origin}/${segments.slice(0, n + 1).join("/")}/`);
  add(segments.length - 1, h1.text, null);
  entity.evidence.push(
    evidenceIn(page, h1.block, h1.text, pointerOf(["itemListElement", segments.length - 1, "name"])),
  );
  return proposal("BreadcrumbList", `${counted(segments.length, "step")}, from the address`, entity);
}

const MONTHS = "january february march april may june july august september october november december".split(" ");
const MONTH = MONTHS.map((month) => `${month}|${month.slice(0, 3)}`).join("|");
const DAY_MONTH = new RegExp(`\\b(\\d{1,2})(?:st|nd|rd|th)?\\s+(?:of\\s+)?(${MONTH})\\.?,?\\s+(\\d{4})\\b`, "i");
const MONTH_DAY = new RegExp(`\\b(${MONTH})\\.?\\s+(\\d{1,2})(?:st|nd|rd|th)?,?\\s+(\\d{4})\\b`, "i");
const HOURS = "one two three four five six seven eight nine ten eleven twelve".split(" ");

/** The first whole date in a text, with its words; null where there is none. */
function dateIn(text: string): { date: string; exact: string } | null {
  const iso = /\b\d{4}-\d\d-\d\d\b/.exec(text);
  if (iso) return { date: iso[0], exact: iso[0] };
  const a = DAY_MONTH.exec(text);
  const b = a ? null : MONTH_DAY.exec(text);
  const [day, month, year] = a ? [a[1], a[2], a[3]] : b ? [b[2], b[1], b[3]] : [];
  if (!day || !month || !year) return null;
  const at = MONTHS.findIndex((name) => name.startsWith(month.toLowerCase().slice(0, 3))) + 1;
  const exact = (a ?? b)?.[0] ?? "";
  return { date: `${year}-${String(at).padStart(2, "0")}-${day.padStart(2, "0")}`, exact };
}

/** A time of the day that stands near a date: “19:00”, “7 pm”, “at seven o’clock in the evening”. */
function timeIn(text: string): string | null {
  const clock =
    /\b([01]?\d|2[0-3])[:.]([0-5]\d)\b\s*(am|pm)?/i.exec(text) ?? /\b(1[0-2]|[1-9])()\s*(am|pm)\b/i.exec(text);
  if (clock) {
    const hour = Number(clock[1]) + (/pm/i.test(clock[3] ?? "") && Number(clock[1]) < 12 ? 12 : 0);
    return `${String(hour).padStart(2, "0")}:${clock[2] || "00"}`;
  }
  const word = new RegExp(`\\b(${HOURS.join("|")}) o.clock(?: in the (morning|afternoon|evening))?`, "i").exec(text);
  if (!word?.[2]) return null;
  const hour = HOURS.indexOf((word[1] ?? "").toLowerCase()) + 1 + (/morning/i.test(word[2]) ? 0 : 12);
  return `${String(hour % 24).padStart(2, "0")}:00`;
}

/** A date with a time on a page about something that takes place. */
function event(page: Page): Proposal | null {
  const entity = about(page, "name");
  if (
    !entity ||
    !/event|talk|walk|night|concert|workshop|tour|festival|fair|course/i.test(
      `${pathOf(page.address)} ${titleOf(page)}`,
    )
  )
    return null;
  const dated = contentBlocks(page).find(
    ({ block, index }) => dateIn(block.text) !== null && !isHeadingBlock(page, index),
  );
  const date = dated && dateIn(dated.block.text);
  if (!dated || !date) return null;
  const time = timeIn(dated.block.text);
  entity.from(["startDate"], time ? `${date.date}T${time}` : date.date, dated.index, date.exact);
  offers(page, entity);
  return proposal("Event", `a date, ${date.exact}${under(page, dated.block.heading)}`, entity);
}

const SIGNS: Record<string, string> = { "£": "GBP", "€": "EUR", $: "USD", "¥": "JPY", "₹": "INR" };
const STOCK: [RegExp, string][] = [
  [/\b(?:out of stock|sold out|not available)\b/i, "OutOfStock"],
  [/\bin stock\b/i, "InStock"],
  [/\bpre-?order\b/i, "PreOrder"],
];

/** Writes the first price of the content into an entity's offers; false where the page shows none. */
function offers(page: Page, entity: Collecting): boolean {
  for (const { block, index } of contentBlocks(page)) {
    const [price] = pricesIn(block.text);
    if (!price) continue;
    const sign = Object.keys(SIGNS).find((one) => price.text.includes(one));
    const code =
      /\b(?:GBP|EUR|USD|CHF)\b/.exec(price.text)?.[0] ??
      (/pounds?/i.test(price.text) ? "GBP" : /euros?/i.test(price.text) ? "EUR" : null);
    entity.say(["offers", "@type"], "Offer");
    entity.from(["offers", "price"], price.amount.toFixed(2), index, price.text);
    const currency = sign ? SIGNS[sign] : code;
    if (currency) entity.say(["offers", "priceCurrency"], currency);
    return true;
  }
  return false;
}

/** A price on a page of a shop, or beside words of stock or a trade item number. */
function product(page: Page): Proposal | null {
  const entity = about(page, "name");
  if (!entity) return null;
  const blocks = contentBlocks(page);
  const stocked = blocks.find(({ block }) => STOCK.some(([words]) => words.test(block.text)));
  const numbered = blocks.flatMap(({ block, index }) => {
    const found = /\b(GTIN|EAN|ISBN|SKU)(?:-1[03])?:?\s*([\dA-Z][\dA-Z -]{3,20}[\dA-Z])/i.exec(block.text);
    return found ? [{ kind: (found[1] ?? "").toUpperCase(), text: (found[2] ?? "").trim(), index }] : [];
  });
  const shop = /\/(?:shop|store|products?|boutique|laden)\//i.test(pathOf(page.address));
  if (!shop && !stocked && numbered.length === 0) return null;
  if (!offers(page, entity)) return null;
  for (const { kind, text, index } of numbered) {
    if (kind === "SKU") entity.from(["sku"], text, index);
    else if (kind === "ISBN" && isIsbn(text)) entity.from(["isbn"], text, index);
    else if (isGtin(text.replace(/\D/g, ""))) entity.from(["gtin"], text.replace(/\D/g, ""), index, text);
  }
  const stock = stocked && STOCK.find(([words]) => words.test(stocked.block.text));
  if (stocked && stock)
    entity.from(
      ["offers", "availability"],
      `https://schema.org/${stock[1]}`,
      stocked.index,
      stock[0].exec(stocked.block.text)?.[0],
    );
  const price = (entity.entity.offers as { price?: string }).price;
  return proposal("Product", `a price, ${price}${stock ? ", and whether it is in stock" : ""}`, entity);
}

const INGREDIENTS = /ingredient|what (?:goes|you need)|you (?:will )?need|zutaten|ingrédients/i;
const STEPS =
  /method|instruction|how (?:it is|to) (?:cook|make|bake)|steps|preparation|directions|zubereitung|préparation/i;
const SPELLED: Record<string, number> = {
  ten: 10,
  fifteen: 15,
  twenty: 20,
  thirty: 30,
  forty: 40,
  fifty: 50,
  sixty: 60,
};

/** Lists of what goes in and of what is done with it. */
function recipe(page: Page): Proposal | null {
  const entity = about(page, "name");
  const listUnder = (words: RegExp) => {
    const heading = page.headings.findIndex(({ text }) => words.test(text));
    const items = (blocksUnder(page).get(heading) ?? []).filter((index) => page.blocks[index]?.tag === "li");
    return heading < 0 || items.length < 2 ? null : items;
  };
  const ingredients = listUnder(INGREDIENTS);
  const steps = listUnder(STEPS);
  if (!entity || !ingredients) return null;
  for (const [n, index] of ingredients.entries())
    entity.from(["recipeIngredient", n], page.blocks[index]?.text ?? "", index);
  for (const [n, index] of (steps ?? []).entries()) {
    entity.say(["recipeInstructions", n, "@type"], "HowToStep");
    entity.from(["recipeInstructions", n, "text"], page.blocks[index]?.text ?? "", index);
  }
  for (const { block, index } of contentBlocks(page)) {
    const time = new RegExp(`\\b(\\d+|${Object.keys(SPELLED).join("|")}) minutes\\b`, "i").exec(block.text);
    if (!time) continue;
    const minutes = SPELLED[(time[1] ?? "").toLowerCase()] ?? Number(time[1]);
    entity.from(["cookTime"], `PT${minutes}M`, index, time[0]);
    break;
  }
  return proposal(
    "Recipe",
    `${counted(ingredients.length, "ingredient")}${steps ? ` and ${counted(steps.length, "step")}` : ""}`,
    entity,
  );
}

/** A text with a date or an author: what the page itself says of when and by whom it was written. */
function article(page: Page): Proposal | null {
  const entity = about(page, "headline");
  if (!entity) return null;
  const meta = (name: string) =>
    page.metas.find((one) => one.name === name || one.property === name)?.content?.trim() ?? "";
  const published = meta("article:published_time") || page.values.date || "";
  const modified = meta("article:modified_time");
  const author = meta("author") || page.values.author || page.values["author.name"] || "";
  const told = contentBlocks(page).find(
    ({ block }) => /^(?:published|posted|written|by)\b/i.test(block.text) && dateIn(block.text),
  );
  const date = told && dateIn(told.block.text);
  if (!published && !author && !date) return null;
  if (date && told) entity.from(["datePublished"], date.date, told.index, date.exact);
  else if (published) entity.say(["datePublished"], published);
  if (modified) entity.say(["dateModified"], modified);
  if (author) entity.say(["author"], { "@type": "Person", name: author });
  return proposal("Article", `a headline with its ${published || date ? "date" : "author"}`, entity);
}

const DAYS = "Monday Tuesday Wednesday Thursday Friday Saturday Sunday".split(" ");
const DAY = DAYS.map((day) => `${day}s?|${day.slice(0, 3)}`).join("|");
const OPEN = new RegExp(
  `\\b(${DAY})(?:\\s*(?:-|–|to)\\s*(${DAY}))?[:,]?\\s+(?:from\\s+)?(\\d{1,2})(?:[:.](\\d\\d))?\\s*(am|pm)?\\s*(?:-|–|to)\\s*(\\d{1,2})(?:[:.](\\d\\d))?\\s*(am|pm)?`,
  "gi",
);

/** Days with hours, as a place that is open for visitors writes them. */
function business(page: Page): Proposal | null {
  const entity = new Collecting(page);
  let n = 0;
  let heading = -1;
  const hour = (text = "", minutes = "00", half = "") =>
    `${String(Number(text) + (/pm/i.test(half) && Number(text) < 12 ? 12 : 0)).padStart(2, "0")}:${minutes}`;
  const blocks = contentBlocks(page);
  for (const [i, { block, index }] of blocks.entries()) {
    // Tables tell the day in one cell and the hours in the next.
    const text = ["td", "th"].includes(block.tag) ? `${block.text} ${blocks[i + 1]?.block.text ?? ""}` : block.text;
    for (const found of text.matchAll(OPEN)) {
      const day = (name = "") => DAYS.findIndex((one) => one.toLowerCase().startsWith(name.toLowerCase().slice(0, 3)));
      const [from, to] = [day(found[1]), found[2] ? day(found[2]) : day(found[1])];
      const days = DAYS.filter((_, at) => (from <= to ? at >= from && at <= to : at >= from || at <= to));
      entity.say(["openingHoursSpecification", n], {
        "@type": "OpeningHoursSpecification",
        dayOfWeek: days.map((one) => `https://schema.org/${one}`),
        opens: hour(found[3], found[4], found[5] ?? ""),
        closes: hour(found[6], found[7], found[8] ?? ""),
      });
      entity.evidence.push(evidenceIn(page, index, found[0], pointerOf(["openingHoursSpecification", n, "opens"])));
      if (heading < 0) heading = block.heading;
      n++;
    }
  }
  if (n === 0) return null;
  const site = /\s[|–—-]\s([^|–—-]+)$/.exec(titleOf(page))?.[1]?.trim();
  if (site) entity.say(["name"], site);
  entity.say(
    ["url"],
    new URL(
      "/",
      canonicalOf(page) ? (resolveAddress(canonicalOf(page) ?? "", page.address) ?? page.address) : page.address,
    ).href,
  );
  return proposal("LocalBusiness", `opening hours of ${counted(n, "line")}${under(page, heading)}`, entity);
}
