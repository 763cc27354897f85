import { decoded } from "../address/address.ts";
import { contentBlocks } from "../page/body.ts";
import { collapse, type Page } from "../page/page.ts";
import { foldDiacritics } from "../phrase/fold.ts";
import { dateOf, meantPrice, numberOf } from "./formats.ts";
import { type Entity, textOf, textOfValue, type Value, valuesOf } from "./graph.ts";
import { entitiesOf, type PageData } from "./page-data.ts";
import { isKindOf } from "./vocabulary.ts";

/** Something that the data says and the page does not show. */
export interface Unseen {
  value: Value;
  /** What it is, as it goes on in “The data says …”. */
  what: string;
  text: string;
  /** What the page shows in its place, where that can be told. */
  shown: string | null;
  /** It is shown elsewhere by design: a picture for previews. */
  light?: boolean;
}

/** A text as two are compared: case, accents, quotation marks, dashes and spacing apart. */
export const plain = (text: string): string =>
  foldDiacritics(collapse(text).toLowerCase(), "")
    .replace(/[“”„«»"‘’'`´]/g, "")
    .replace(/[‐-―−]/g, "-")
    .replace(/[\s\u00a0\u202f]+/g, " ")
    .replace(/\s+([.,;:!?])/g, "$1")
    .trim();

interface Shown {
  /** Everything that a reader can see or hear, in one text. */
  all: string;
  prices: { text: string; amount: number }[];
}

const shownOn = new WeakMap<Page["blocks"], Shown>();

function shownBy(page: Page): Shown {
  let shown = shownOn.get(page.blocks);
  if (!shown) {
    const texts = [...page.blocks.map(({ text }) => text), ...page.images.map(({ alt }) => alt ?? "")];
    const content = contentBlocks(page)
      .map(({ block }) => block.text)
      .join("\n");
    shown = { all: ` ${plain(texts.join(" \n "))} `, prices: pricesIn(content) };
    shownOn.set(page.blocks, shown);
  }
  return shown;
}

const SIGN = "(?:£|€|\\$|[¥￥]|円|₹|zł|kr\\.?|CHF|GBP|EUR|USD|pounds?|euros?|dollars?)";
// Thousands are parted by a sign or a space; in Switzerland by an apostrophe (CLDR). Longer ones are no price, and take long.
const AMOUNT = "\\d{1,3}(?:[.,'’\\s\\u00a0]\\d{3}){0,4}(?:[.,]\\d{1,2})?|\\d{1,15}(?:[.,]\\d{1,2})?";
const PRICE = new RegExp(`${SIGN}\\s?(${AMOUNT})|(${AMOUNT})\\s?${SIGN}`, "gi");

/** Prices in a text, with the amount as a number. */
export function pricesIn(text: string): { text: string; amount: number; start: number; end: number }[] {
  return [...text.matchAll(PRICE)].map((match) => ({
    text: match[0],
    amount: amountOf(match[1] ?? match[2] ?? ""),
    start: match.index,
    end: match.index + match[0].length,
  }));
}

function amountOf(text: string): number {
  const digits = text.replace(/['’\s\u00a0]/g, "");
  const decimal = /[.,](\d{1,2})$/.exec(digits);
  const whole = (decimal ? digits.slice(0, decimal.index) : digits).replace(/[.,]/g, "");
  return Number(`${whole}.${decimal?.[1] ?? "0"}`);
}

/** Whether a page shows a number in any usual notation. */
function showsNumber({ all }: Shown, number: number): boolean {
  const written = [number.toFixed(2), number.toFixed(1), String(number), number.toLocaleString("en-GB")];
  return [...new Set([...written, ...written.map((one) => one.replace(".", ","))])].some((one) =>
    new RegExp(`(?<![\\d.,])${one.replace(/[.]/g, "\\.")}(?!\\d|[.,]\\d)`).test(all),
  );
}

const WORDS: Record<number, string> = Object.fromEntries(
  "one two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen sixteen seventeen eighteen nineteen twenty"
    .split(" ")
    .map((word, i) => [i + 1, word]),
);
/** Small numbers are often written out. */
const showsAmount = (shown: Shown, amount: number) =>
  showsNumber(shown, amount) || (amount in WORDS && shown.all.includes(` ${WORDS[amount]} `));

/** The price on the page that is nearest to an amount. */
const nearestPrice = ({ prices }: Shown, amount: number): string | null =>
  [...prices].sort((a, b) => Math.abs(a.amount - amount) - Math.abs(b.amount - amount))[0]?.text ?? null;

/** Texts of data may hold markup and references, as answers do. */
const withoutMarkup = (text: string) =>
  text
    .replace(/<\/?[a-z][^<>]*>/gi, " ")
    .replace(/&nbsp;/g, " ")
    .replace(/&amp;/g, "&");

const shows = ({ all }: Shown, text: string) =>
  [text, withoutMarkup(text)].some((one) => {
    const wanted = plain(one);
    return wanted === "" || all.includes(wanted);
  });

/** Words that name a day: `2026-05-12` is shown by “12 May 2026”, “May 12” or “12.5.2026”. */
function showsDate(shown: Shown, text: string, language: string): boolean {
  const time = dateOf(text);
  if (time === null) return true;
  if (!/^\d{4}-\d\d-\d\d/.test(text)) return shown.all.includes(text.slice(0, 4));
  const date = new Date(`${text.slice(0, 10)}T00:00:00Z`);
  const day = date.getUTCDate();
  const named = (locale: string, month: "long" | "short") =>
    plain(new Intl.DateTimeFormat(locale, { month, timeZone: "UTC" }).format(date)).replace(/\.$/, "");
  const locales = [...new Set([language || "en-GB", "en-GB"])].filter((one) => {
    try {
      return Intl.DateTimeFormat.supportedLocalesOf(one).length > 0;
    } catch {
      return false;
    }
  });
  const months = locales.flatMap((locale) => [named(locale, "long"), named(locale, "short")]);
  const worded = new RegExp(
    `\\b0?${day}(?:st|nd|rd|th|er|\\.)?\\s+(?:of\\s+|de\\s+)?(?:${months.join("|")})|(?:${months.join("|")})\\.?\\s+0?${day}(?:st|nd|rd|th)?\\b`,
  );
  const month = date.getUTCMonth() + 1;
  const numbers = new RegExp(`\\b0?${day}[./-]0?${month}\\b|\\b0?${month}[./-]0?${day}\\b|${text.slice(0, 10)}`);
  return worded.test(shown.all) || numbers.test(shown.all);
}

/** A picture's file as it is called without its size: “lamp-1200x630.jpg?v=2” and “lamp@2x.webp” are “lamp”. */
const pictureName = (address: string): string =>
  plain(
    decoded(address.split(/[?#]/)[0]?.split("/").at(-1) ?? "")
      .replace(/\.\w+$/, "")
      .replace(/(?:[-_]\d+x\d*|[-_]\d+w|@\dx|[-_](?:scaled|large|medium|small|thumb(?:nail)?|\d{3,4}))+$/i, ""),
  );

/** Whether a page shows a picture, in any size, or names it for previews. */
function showsPicture({ images, videos, metas }: Page, address: string): boolean {
  const name = pictureName(address);
  const posters = videos.map(({ poster }) => poster);
  const previews = metas.filter(({ property }) => property === "og:image").map(({ content }) => content);
  return (
    name === "" ||
    [...images.map(({ src }) => src), ...posters, ...previews].some((one) => one !== null && pictureName(one) === name)
  );
}

const inner = (data: PageData, entity: Entity, name: string): Entity[] =>
  valuesOf(entity, name).flatMap((value) => entitiesOf(data, value));

/** What the outermost entities say of themselves that no reader can see: names, questions and answers, prices, ratings, dates. */
export function unseenOf(data: PageData, page: Page): Unseen[] {
  // What is written into the markup is mostly seen by its nature.
  const roots = data.roots.filter(({ syntax }) => syntax === "json-ld");
  if (roots.length === 0 || page.blocks.length === 0) return [];
  const shown = shownBy(page);
  const found: Unseen[] = [];
  const note = (
    value: Value | undefined,
    what: string,
    seen: (text: string) => boolean,
    instead: () => string | null = () => null,
  ) => {
    const text = textOfValue(value);
    if (value && text !== "" && !seen(text)) found.push({ value, what, text, shown: instead() });
  };
  const texts = (text: string) => shows(shown, text);
  const kinds = (entity: Entity, ...names: string[]) =>
    entity.types.some((type) => names.some((one) => isKindOf(type, one)));
  for (const entity of roots) {
    if (kinds(entity, "FAQPage", "QAPage")) {
      for (const question of inner(data, entity, "mainEntity")) {
        note(valuesOf(question, "name")[0], "the question", texts);
        for (const answer of [...inner(data, question, "acceptedAnswer"), ...inner(data, question, "suggestedAnswer")])
          note(valuesOf(answer, "text")[0], "the answer", texts);
      }
    } else if (
      kinds(entity, "Product", "Event", "Recipe", "Course", "JobPosting", "Article", "HowTo", "SoftwareApplication")
    ) {
      const name = kinds(entity, "Article") ? "headline" : kinds(entity, "JobPosting") ? "title" : "name";
      note(
        valuesOf(entity, name)[0],
        `the ${name}`,
        (text) => texts(text) || shows({ ...shown, all: plain(page.titles[0]?.text ?? "") }, text),
      );
    }
    if (kinds(entity, "Product", "Event", "Recipe", "Article", "LocalBusiness"))
      for (const image of valuesOf(entity, "image")) {
        const [picture] = entitiesOf(data, image);
        const value = picture ? (valuesOf(picture, "url")[0] ?? valuesOf(picture, "contentUrl")[0]) : image;
        const address = textOfValue(value);
        if (value && /^https?:|^\//.test(address) && !showsPicture(page, address))
          found.push({ value, what: "the picture", text: address, shown: null, light: true });
      }
    const offers = [...inner(data, entity, "offers"), ...inner(data, entity, "priceSpecification")];
    for (const offer of offers) {
      for (const name of ["price", "lowPrice", "highPrice"]) {
        const [value] = valuesOf(offer, name);
        const written = textOfValue(value);
        const amount = numberOf(written) ?? numberOf(meantPrice(written) ?? "");
        if (amount !== null && amount > 0)
          note(
            value,
            "the price",
            () => showsAmount(shown, amount),
            () => nearestPrice(shown, amount),
          );
      }
    }
    for (const rating of inner(data, entity, "aggregateRating")) {
      for (const name of ["ratingValue", "ratingCount", "reviewCount"]) {
        const [value] = valuesOf(rating, name);
        const number = numberOf(textOfValue(value));
        if (number !== null)
          note(value, name === "ratingValue" ? "the rating" : "the number of ratings", () =>
            showsAmount(shown, number),
          );
      }
    }
    if (kinds(entity, "Event"))
      for (const name of ["startDate", "endDate"])
        note(valuesOf(entity, name)[0], name === "startDate" ? "it starts on" : "it ends on", (text) =>
          showsDate(shown, text, page.language?.value ?? ""),
        );
    for (const address of [
      ...inner(data, entity, "address"),
      ...inner(data, entity, "location").flatMap((place) => inner(data, place, "address")),
    ])
      for (const name of ["streetAddress", "postalCode", "addressLocality"])
        note(valuesOf(address, name)[0], "the address", texts);
    if (kinds(entity, "BreadcrumbList"))
      for (const step of inner(data, entity, "itemListElement")) {
        const name = textOf(step, "name");
        // A step may be called after its place in the address, which a searcher sees.
        const item = textOfValue(valuesOf(step, "item")[0]);
        const segment = plain(decoded(item.replace(/\/+$/, "").split("/").at(-1) ?? "").replace(/[-_]+/g, " "));
        const named = (text: string) =>
          texts(text) || plain(page.titles[0]?.text ?? "").includes(plain(text)) || plain(text) === segment;
        if (!/^(?:home|start)(?:page)?$/i.test(name)) note(valuesOf(step, "name")[0], "the trail", named);
      }
  }
  return found;
}
