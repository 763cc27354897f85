import { describe, expect, it } from "vitest";
import { ADDRESS_PARTS, type Field, fieldFor, makeValue, type Parts, partsOf, thingsOf } from "./fields.ts";
import { isDuration, isOpeningHours, isTime } from "./formats.ts";
import { vocabulary } from "./vocabulary.ts";

const term = (name: string) => {
  const found = vocabulary().properties.get(name);
  if (!found) throw new Error(name);
  return found;
};

// The kinds follow the ranges that schema.org's release data gives each property.
describe("the field for a property", () => {
  it.each([
    ["name", "text"],
    ["description", "long"],
    ["startDate", "moment"],
    ["datePosted", "moment"],
    ["opens", "time"],
    ["cookTime", "duration"],
    ["price", "price"],
    ["baseSalary", "money"],
    ["address", "address"],
    ["location", "entity"],
    ["openingHoursSpecification", "hours"],
    ["availability", "member"],
    ["isAccessibleForFree", "truth"],
    ["position", "text"],
    ["ratingValue", "text"],
    ["numberOfItems", "number"],
    ["sameAs", "url"],
    ["author", "entity"],
    ["acceptedAnswer", "entity"],
  ])("%s is %s", (name, kind) => expect(fieldFor(term(name)).kind).toBe(kind));

  it("offers the likeliest kinds of things first", () => {
    expect(thingsOf(term("location"))[0]).toBe("Place");
    expect(thingsOf(term("author"))[0]).toBe("Person");
    expect(thingsOf(term("offers"))[0]).toBe("Offer");
    expect(thingsOf(term("acceptedAnswer"))[0]).toBe("Answer");
  });
  it("is there for every property of the vocabulary", () => {
    for (const one of vocabulary().properties.values()) expect(fieldFor(one).kind).toBeTruthy();
  });
});

const made = (field: Field, parts: Parts) => {
  const value = makeValue(field, parts);
  if ("reason" in value) throw new Error(value.reason);
  return value;
};

describe("what is typed", () => {
  it("becomes a date with its time, as ISO 8601 writes it", () => {
    expect(made({ kind: "moment" }, { date: "2026-12-03", time: "19:00" })).toEqual({
      json: "2026-12-03T19:00",
      words: "3 December 2026, 19:00",
    });
    expect(made({ kind: "date" }, { date: "2026-12-03" }).words).toBe("3 December 2026");
    expect(isTime(String(made({ kind: "time" }, { time: "09:30" }).json))).toBe(true);
  });
  it("becomes a duration", () => {
    const value = made({ kind: "duration" }, { hours: "1", minutes: "20" });
    expect(value).toEqual({ json: "PT1H20M", words: "1 hour 20 minutes" });
    expect(isDuration(String(value.json))).toBe(true);
  });
  it("becomes a price beside its currency, or an amount of money", () => {
    expect(made({ kind: "price" }, { amount: "6,50", currency: "gbp" })).toEqual({
      json: "6.50",
      words: "£6.50",
      beside: { priceCurrency: "GBP" },
    });
    expect(made({ kind: "money" }, { amount: "12.9", currency: "EUR" }).json).toEqual({
      "@type": "MonetaryAmount",
      currency: "EUR",
      value: 12.9,
    });
  });
  it("becomes an address", () => {
    const value = made({ kind: "address" }, { street: "East Quay", town: "Gullhaven", country: "gb" });
    expect(value.words).toBe("East Quay, Gullhaven");
    expect(value.json).toEqual({
      "@type": "PostalAddress",
      streetAddress: "East Quay",
      addressLocality: "Gullhaven",
      addressCountry: "GB",
    });
    for (const [, property] of ADDRESS_PARTS) expect(term(property).domains).toContain("PostalAddress");
  });
  it("becomes opening hours", () => {
    const value = made({ kind: "hours", text: false }, { days: "3,1,2", opens: "10:00", closes: "17:00" });
    expect(value.words).toBe("Tuesday to Thursday, 10:00–17:00");
    expect(value.json).toMatchObject({
      dayOfWeek: ["https://schema.org/Tuesday", "https://schema.org/Wednesday", "https://schema.org/Thursday"],
      opens: "10:00",
    });
    expect(made({ kind: "hours", text: false }, { days: "0,6", opens: "10:00", closes: "12:00" }).words).toMatch(
      /^Monday, Sunday,/,
    );
  });
  it("becomes opening hours as text, where schema.org wants a text", () => {
    const field = fieldFor(term("openingHours"));
    for (const [days, written] of [
      ["1,2,3,4,5,6", "Tu-Su 10:00-17:00"],
      ["0,6", "Mo,Su 10:00-17:00"],
    ]) {
      const { json } = made(field, { days: days ?? "", opens: "10:00", closes: "17:00" });
      expect(json).toBe(written);
      expect(isOpeningHours(String(json))).toBe(true);
    }
  });
  it("becomes a member, a truth, a new entity or a link to one", () => {
    expect(made({ kind: "member", members: ["InStock"] }, { text: "InStock" })).toEqual({
      json: "https://schema.org/InStock",
      words: "In stock",
    });
    expect(made({ kind: "truth" }, { text: "no" }).json).toBe(false);
    const field: Field = { kind: "entity", types: ["Person", "Organization"] };
    expect(made(field, { name: "Odile" }).json).toEqual({ "@type": "Person", name: "Odile" });
    expect(made(field, { id: "https://a.example/#crew", name: "the crew" }).json).toEqual({
      "@id": "https://a.example/#crew",
    });
  });

  it.each<[Field["kind"], Parts, RegExp]>([
    ["text", {}, /Type it/],
    ["number", { text: "six" }, /digits/],
    ["url", { text: "example" }, /https/],
    ["duration", { minutes: "0" }, /hours or minutes/],
    ["price", { amount: "six", currency: "GBP" }, /6\.50/],
    ["price", { amount: "6", currency: "quid" }, /ISO 4217/],
    ["address", { country: "GB" }, /street or the town/],
    ["address", { town: "Gullhaven", country: "Freedonia" }, /ISO 3166/],
    ["hours", { opens: "10:00", closes: "17:00" }, /days/],
    ["hours", { days: "1", opens: "10:00" }, /closes/],
    ["date", {}, /day/],
  ])("says what is still wrong with %s %o", (kind, parts, says) => {
    expect(makeValue({ kind } as Field, parts)).toMatchObject({ reason: expect.stringMatching(says) });
  });

  it("names a type that there is not", () => {
    expect(makeValue({ kind: "entity", types: [] }, { type: "Lightship", name: "Gull" })).toMatchObject({
      reason: "schema.org has no type Lightship.",
    });
  });

  it.each<[Field, string]>([
    [{ kind: "date" }, "2026-12-03"],
    [{ kind: "moment" }, "2026-12-03T19:00"],
    [{ kind: "time" }, "09:30"],
    [{ kind: "duration" }, "PT1H20M"],
    [{ kind: "member", members: ["InStock"] }, "https://schema.org/InStock"],
  ])("is put back into the parts of %o", (field, value) => {
    const parts = partsOf(field, value);
    expect(parts && makeValue(field, parts)).toMatchObject({ json: value });
    expect(partsOf(field, "some other text")).toBeNull();
  });
});
