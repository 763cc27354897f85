import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { dateIn, namesIn } from "./dates.ts";
import { dateOf } from "./formats.ts";

// common practice, no source: how days are written in running text.
describe("a date in a text", () => {
  it.each([
    ["Come on 3 December 2026, at seven", "2026-12-03", null],
    ["December 3rd, 2026", "2026-12-03", null],
    ["the 1st of May 2027", "2027-05-01", null],
    ["3–5 December 2026", "2026-12-03", "2026-12-05"],
    ["from 3 to 5 December 2026", "2026-12-03", "2026-12-05"],
    ["Sat 12 Sept. 2026", "2026-09-12", null],
    ["2026-12-03 to be sure", "2026-12-03", null],
    ["3.12.2026", "2026-12-03", null],
    // Before another date stands first.
    ["2 May 2026, changed 2026-05-09", "2026-05-02", null],
  ])("%s", (text, start, end) => {
    const found = dateIn(text, "en");
    expect(found).toMatchObject({ start, end });
    expect(text).toContain(found?.exact);
  });

  // The names are CLDR's, as the platform has them; the phrases are common practice, no source.
  it.each([
    ["Am 3. Dezember 2026 um 19 Uhr", "de", "2026-12-03"],
    ["le 14 juillet 2026", "fr", "2026-07-14"],
    ["3 de mayo de 2026", "es", "2026-05-03"],
    ["3 Rhagfyr 2026", "cy", "2026-12-03"],
    // English stands on pages of any language.
    ["3 December 2026", "cy", "2026-12-03"],
    ["3 December 2026", "not a language", "2026-12-03"],
  ])("%s (%s)", (text, language, start) => expect(dateIn(text, language)?.start).toBe(start));

  it.each([
    "some day in May",
    "12 November",
    "31 February 2026",
    "3/12/2026",
    "Room 12 May be closed in 2026",
    "call 2026-12-031",
  ])("is not in “%s”", (text) => expect(dateIn(text, "en")).toBeNull());

  it("is found again however a platform writes it", () => {
    const day = fc.date({ min: new Date("1900-01-01"), max: new Date("2099-12-31"), noInvalidDate: true });
    fc.assert(
      fc.property(day, fc.constantFrom("en-GB", "en-US", "de", "fr", "es"), (date, locale) => {
        const written = new Intl.DateTimeFormat(locale, { dateStyle: "long", timeZone: "UTC" }).format(date);
        const found = dateIn(`… ${written}.`, locale)?.start ?? "";
        expect(found).toBe(date.toISOString().slice(0, 10));
        expect(dateOf(found)).not.toBeNull();
      }),
    );
  });

  it("knows the days of the week, from Monday", () => {
    expect(namesIn("de").days.get("dienstag")).toBe(1);
    expect(namesIn("en").days.get("sun")).toBe(6);
    expect(namesIn("en").days.get("thurs")).toBe(3);
  });
});
