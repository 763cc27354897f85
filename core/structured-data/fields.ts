import { isCountry, isCurrency } from "./formats.ts";
import type { Json } from "./json-text.ts";
import { DAYS, durationOf } from "./times.ts";
import { isDataType, isKindOf, lineOf, membersOf, type PropertyTerm, vocabulary } from "./vocabulary.ts";

/** How a value of a property is asked for. */
export type Field =
  | { kind: "text" | "long" | "number" | "truth" | "date" | "moment" | "time" | "duration" | "url" }
  | { kind: "money" | "price" | "address" }
  /** Hours as entities, or as schema.org’s texts “Tu-Su 10:00-17:00”. */
  | { kind: "hours"; text: boolean }
  /** One of the values that an enumeration lists. */
  | { kind: "member"; members: readonly string[] }
  /** Another entity: a new one by its name, or one that is there. The first type is the likeliest. */
  | { kind: "entity"; types: readonly string[] };

/** What is typed, by the name of each part of the field. */
export type Parts = Readonly<Record<string, string>>;

export interface ComposedValue {
  json: Json;
  /** As a reader would find it written on the page. */
  words: string;
  /** What must be said beside it: a price's currency. */
  beside?: Readonly<Record<string, Json>>;
}

/** Properties whose texts run to sentences. */
const LONG = new Set(["description", "text", "abstract", "articleBody", "reviewBody", "disambiguatingDescription"]);
/** Kinds of things that most properties are about, likeliest first; schema.org lists ranges by the alphabet. */
const LIKELY = [
  "Place",
  "PostalAddress",
  "Person",
  "Organization",
  "Offer",
  "Answer",
  "Question",
  "ListItem",
  "Rating",
];

/** The types of things that a property leads to, likeliest first. */
export function thingsOf({ ranges }: Pick<PropertyTerm, "ranges">): string[] {
  const rank = (type: string) => (LIKELY.includes(type) ? LIKELY.indexOf(type) : LIKELY.length);
  return ranges
    .filter((range) => !isDataType(range) && !isKindOf(range, "Enumeration"))
    .sort((a, b) => rank(a) - rank(b));
}

/** The field that suits what schema.org says of a property's values. */
export function fieldFor(term: PropertyTerm): Field {
  const { name, ranges } = term;
  const members = ranges.flatMap((range) => (isKindOf(range, "Enumeration") ? membersOf(range) : []));
  if (name === "openingHoursSpecification" || name === "openingHours")
    return { kind: "hours", text: name === "openingHours" };
  if (name === "price" || name === "lowPrice" || name === "highPrice") return { kind: "price" };
  if (members.length > 0) return { kind: "member", members: members.map((one) => one.name) };
  if (ranges.includes("Boolean")) return { kind: "truth" };
  // A place may have no more than a name, and is still more than a text.
  if (ranges.includes("Place")) return { kind: "entity", types: thingsOf(term) };
  if (ranges.includes("PostalAddress")) return { kind: "address" };
  if (ranges.includes("MonetaryAmount")) return { kind: "money" };
  if (ranges.includes("Duration")) return { kind: "duration" };
  if (ranges.includes("DateTime")) return { kind: "moment" };
  if (ranges.includes("Date")) return { kind: "date" };
  if (ranges.includes("Time")) return { kind: "time" };
  if (LONG.has(name)) return { kind: "long" };
  const texts = ranges.filter((range) => isDataType(range));
  if (texts.length > 0 && texts.every((range) => lineOf(range).has("Number"))) return { kind: "number" };
  if (texts.length > 0 && texts.every((range) => range === "URL")) return { kind: "url" };
  const things = thingsOf(term);
  return texts.length > 0 || things.length === 0 ? { kind: "text" } : { kind: "entity", types: things };
}

const day = new Intl.DateTimeFormat("en-GB", { dateStyle: "long", timeZone: "UTC" });
const dayWords = (date: string) => day.format(new Date(`${date}T00:00:00Z`));

const filled = (parts: Parts, name: string) => (parts[name] ?? "").trim();

/** What is typed into a field as JSON, with its words; or what is still wrong with it. */
export function makeValue(field: Field, parts: Parts): ComposedValue | { reason: string } {
  const part = (name: string) => filled(parts, name);
  const text = part("text");
  switch (field.kind) {
    case "text":
    case "long":
      return text === "" ? { reason: "Type it first." } : { json: text, words: text };
    case "url":
      return /^https?:\/\/\S+$/i.test(text)
        ? { json: text, words: text }
        : { reason: "Type a whole address, with https:// before it." };
    case "number":
      return text !== "" && Number.isFinite(Number(text))
        ? { json: Number(text), words: text }
        : { reason: "Type a number, in digits." };
    case "truth":
      return text === "" ? { reason: "Choose one." } : { json: text === "yes", words: text };
    case "member":
      return text === ""
        ? { reason: "Choose one." }
        : {
            json: `https://schema.org/${text}`,
            words: text.replace(/([a-z])([A-Z])/g, (_, a: string, b: string) => `${a} ${b.toLowerCase()}`),
          };
    case "date":
      return part("date") === ""
        ? { reason: "Choose the day." }
        : { json: part("date"), words: dayWords(part("date")) };
    case "moment": {
      const [date, time] = [part("date"), part("time")];
      if (date === "") return { reason: "Choose the day." };
      return time === ""
        ? { json: date, words: dayWords(date) }
        : { json: `${date}T${time}`, words: `${dayWords(date)}, ${time}` };
    }
    case "time":
      return part("time") === "" ? { reason: "Choose the time." } : { json: part("time"), words: part("time") };
    case "duration": {
      const [hours, minutes] = [Number(part("hours")), Number(part("minutes"))];
      const total = hours * 60 + minutes;
      if (!(total > 0) || !Number.isInteger(total)) return { reason: "Type how many hours or minutes, in digits." };
      const words = [hours > 0 && counted(hours, "hour"), minutes > 0 && counted(minutes, "minute")].filter(Boolean);
      return { json: durationOf(total), words: words.join(" ") };
    }
    case "price":
    case "money":
      return makeMoney(field.kind, part("amount"), part("currency").toUpperCase());
    case "address":
      return makeAddress(parts);
    case "hours":
      return makeHours(part("days"), part("opens"), part("closes"), field.text);
    case "entity": {
      const id = part("id");
      if (id !== "") return { json: { "@id": id }, words: part("name") };
      const type = part("type") || (field.types[0] ?? "Thing");
      if (!vocabulary().types.has(type)) return { reason: `schema.org has no type ${type}.` };
      return part("name") === ""
        ? { reason: "Type its name." }
        : { json: { "@type": type, name: part("name") }, words: part("name") };
    }
  }
}

const counted = (n: number, one: string) => `${n} ${one}${n === 1 ? "" : "s"}`;

function makeMoney(kind: "price" | "money", typed: string, currency: string): ComposedValue | { reason: string } {
  const amount = typed.replace(",", ".");
  if (!/^\d+(?:\.\d+)?$/.test(amount)) return { reason: "Type the amount in digits, such as 6.50." };
  if (!isCurrency(currency)) return { reason: "Type the currency by its three letters, such as GBP (ISO 4217)." };
  const words = new Intl.NumberFormat("en-GB", { style: "currency", currency }).format(Number(amount));
  return kind === "price"
    ? { json: amount, words, beside: { priceCurrency: currency } }
    : { json: { "@type": "MonetaryAmount", currency, value: Number(amount) }, words };
}

export const ADDRESS_PARTS: readonly [part: string, property: string, label: string][] = [
  ["street", "streetAddress", "Street"],
  ["town", "addressLocality", "Town"],
  ["region", "addressRegion", "Region"],
  ["code", "postalCode", "Postcode"],
  ["country", "addressCountry", "Country, such as GB"],
];

function makeAddress(parts: Parts): ComposedValue | { reason: string } {
  const said = ADDRESS_PARTS.map(([part, property]) => [property, filled(parts, part)] as const).filter(
    ([, text]) => text !== "",
  );
  const country = filled(parts, "country").toUpperCase();
  if (filled(parts, "street") === "" && filled(parts, "town") === "") return { reason: "Type the street or the town." };
  if (country !== "" && !isCountry(country))
    return { reason: "Type the country by its two letters, such as GB (ISO 3166-1)." };
  return {
    json: {
      "@type": "PostalAddress",
      ...Object.fromEntries(said),
      ...(country !== "" && { addressCountry: country }),
    },
    words: said.flatMap(([property, text]) => (property === "addressCountry" ? [] : [text])).join(", "),
  };
}

function makeHours(typed: string, opens: string, closes: string, text: boolean): ComposedValue | { reason: string } {
  const days = typed
    .split(",")
    .filter(Boolean)
    .map(Number)
    .sort((a, b) => a - b);
  if (days.length === 0) return { reason: "Choose the days." };
  if (opens === "" || closes === "") return { reason: "Choose when it opens and when it closes." };
  const names = days.map((one) => DAYS[one] ?? "");
  const [first = 0] = days;
  const inRow = days.length > 2 && days.every((one, i) => one === first + i);
  const written = inRow ? `${names[0]} to ${names.at(-1)}` : names.join(", ");
  const words = `${written}, ${opens}–${closes}`;
  const codes = names.map((name) => name.slice(0, 2));
  if (text) return { json: `${inRow ? `${codes[0]}-${codes.at(-1)}` : codes.join(",")} ${opens}-${closes}`, words };
  return {
    json: {
      "@type": "OpeningHoursSpecification",
      dayOfWeek: names.map((name) => `https://schema.org/${name}`),
      opens,
      closes,
    },
    words,
  };
}

/** A value that is there as the parts of its field; null where it cannot be put into them and is edited as text. */
export function partsOf(field: Field, value: string): Parts | null {
  switch (field.kind) {
    case "date":
      return /^\d{4}-\d\d-\d\d$/.test(value) ? { date: value } : null;
    case "moment": {
      const [, date, time] = /^(\d{4}-\d\d-\d\d)(?:T(\d\d:\d\d))?$/.exec(value) ?? [];
      return date ? { date, time: time ?? "" } : null;
    }
    case "time":
      return /^\d\d:\d\d$/.test(value) ? { time: value } : null;
    case "duration": {
      const [, hours, minutes] = /^PT(?:(\d+)H)?(?:(\d+)M)?$/.exec(value) ?? [];
      return hours || minutes ? { hours: hours ?? "", minutes: minutes ?? "" } : null;
    }
    case "truth":
      return /^(?:true|false)$/.test(value) ? { text: value === "true" ? "yes" : "no" } : null;
    case "member": {
      const name = value.replace(/^https?:\/\/schema\.org\//, "");
      return field.members.includes(name) ? { text: name } : null;
    }
    default:
      return null;
  }
}
