import { describe, expect, it } from "vitest";
import {
  dateOf,
  isCountry,
  isCurrency,
  isDuration,
  isGtin,
  isIsbn,
  isOpeningHours,
  isPrice,
  isTime,
  meantCurrency,
  meantPrice,
} from "./formats.ts";

describe("formats", () => {
  // ISO 8601 examples as Wikipedia, RFC 3339 section 5.8 and the W3C note on date and time formats print them.
  it.each([
    "1985-04-12T23:20:50.52Z",
    "1996-12-19T16:39:57-08:00",
    "1990-12-31T23:59:60Z",
    "1937-01-01T12:00:27.87+00:20",
    "1997",
    "1997-07",
    "1997-07-16",
    "1997-07-16T19:20+01:00",
    "2004-W53-6",
    "1981-095",
  ])("%s is a date", (text) => expect(dateOf(text)).not.toBeNull());
  it.each([
    "12 May 2026",
    "2026-02-30",
    "2026-13-01",
    "2026-5-1",
    "01/02/2026",
    "2026-05-12 19:00",
    "2026-05-12T25:00",
    "",
  ])("%s is none", (text) => expect(dateOf(text)).toBeNull());
  it("are compared across zones", () => {
    expect(dateOf("1996-12-19T16:39:57-08:00")).toBe(dateOf("1996-12-20T00:39:57Z"));
    expect(dateOf("2026-05-12")).toBe(Date.UTC(2026, 4, 12));
  });
  // ISO 8601 durations as RFC 3339, appendix A, and schema.org's own examples write them.
  it.each(["PT20M", "P3Y6M4DT12H30M5S", "P23DT23H", "P4Y", "P1M", "PT1M", "P0.5Y", "PT36H", "P4W"])(
    "%s is a duration",
    (text) => expect(isDuration(text)).toBe(true),
  );
  it.each(["20 minutes", "P", "PT", "P1S", "T20M", "1:30"])("%s is none", (text) =>
    expect(isDuration(text)).toBe(false),
  );
  it("times of day", () => {
    expect(["09:30", "T23:59:59", "24:00", "08:00:00+01:00"].map(isTime)).toEqual([true, true, true, true]);
    expect(["9:30", "25:00", "half past ten", "09:60"].map(isTime)).toEqual([false, false, false, false]);
  });
  // GS1's worked example of a check digit (6291041500213), and EAN-8, UPC-A and GTIN-14 of public textbooks, from memory.
  it("trade item numbers prove themselves", () => {
    expect(["6291041500213", "4006381333931", "73513537", "036000291452", "10012345678902"].map(isGtin)).toEqual([
      true,
      true,
      true,
      true,
      true,
    ]);
    expect(["6291041500214", "4006381333932", "123", "400638133393a"].map(isGtin)).toEqual([
      false,
      false,
      false,
      false,
    ]);
  });
  // The worked examples of the ISBN users' manual and of Wikipedia's article: 0-306-40615-2 and 978-0-306-40615-7.
  it("book numbers prove themselves", () => {
    expect(["0-306-40615-2", "978-0-306-40615-7", "080442957X", "ISBN 978 0 306 40615 7"].map(isIsbn)).toEqual([
      true,
      true,
      true,
      true,
    ]);
    expect(["0-306-40615-3", "978-0-306-40615-8", "977-0-306-40615-7"].map(isIsbn)).toEqual([false, false, false]);
  });
  it("currencies and countries are those of ISO 4217 and ISO 3166-1", () => {
    expect(["GBP", "EUR", "JPY", "gbp", "£", "UKP"].map(isCurrency)).toEqual([true, true, true, false, false, false]);
    expect(["gbp", "£", "pounds"].map(meantCurrency)).toEqual(["GBP", "GBP", null]);
    expect(["GB", "GBR", "UK", "United Kingdom"].map(isCountry)).toEqual([true, true, false, false]);
  });
  // schema.org's own examples at openingHours.
  it("opening hours", () => {
    expect(["Tu,Th 16:00-20:00", "Mo-Su", "Mo-Fr 09:00-17:00", "Sa,Su 10:00-24:00"].map(isOpeningHours)).toEqual([
      true,
      true,
      true,
      true,
    ]);
    expect(["weekends", "Mo-Fr 9-17", "Monday 09:00-17:00"].map(isOpeningHours)).toEqual([false, false, false]);
  });
  it("prices", () => {
    expect(["18.00", "6", "£18", "1,250.00"].map(isPrice)).toEqual([true, true, false, false]);
    expect(["£1,250.00", "18,00 €", "from 6 pounds", "free"].map(meantPrice)).toEqual(["1250.00", "18.00", "6", null]);
  });
});
