import { describe, expect, it } from "vitest";
import { isDuration, isTime } from "./formats.ts";
import { durationIn, durationOf, hoursIn, openDaysIn } from "./times.ts";

// common practice, no source: how times of the day are written in running text.
describe("a time of the day", () => {
  it.each([
    ["at 7 pm", "19:00", null],
    ["19:00–21:30", "19:00", "21:30"],
    ["doors open at 19.30", "19:30", null],
    ["at seven o’clock in the evening", "19:00", null],
    ["from half past two until quarter to four in the afternoon", "14:30", "15:45"],
    ["noon to 3 p.m.", "12:00", "15:00"],
    ["2–5 pm", "14:00", "17:00"],
    ["9 am to 5 pm", "09:00", "17:00"],
    ["ten in the morning until five", "10:00", "17:00"],
    ["12 am", "00:00", null],
    ["8 pm to midnight", "20:00", "24:00"],
  ])("“%s”", (text, from, to) => {
    expect(hoursIn(text)).toMatchObject({ from, to });
    expect(isTime(from)).toBe(true);
  });

  it.each(["four of us", "£12.50 a head", "12 boats", "number ten", "one of them is a bollard", "4 to 5 weeks"])(
    "is not in “%s”",
    (text) => expect(hoursIn(text)).toBeNull(),
  );
});

describe("opening hours", () => {
  const open = (text: string, language = "en") =>
    openDaysIn(text, language).map(({ days, opens, closes }) => `${days.join("")} ${opens}-${closes}`);
  it.each([
    ["Tue–Fri 10:00–17:00", ["1234 10:00-17:00"]],
    ["Tuesday to Sunday, ten in the morning until five. Last admission at four.", ["123456 10:00-17:00"]],
    ["Saturday 9 am to 1 pm; Sunday: 11.00-15.30", ["5 09:00-13:00", "6 11:00-15:30"]],
    ["Open daily 9–5", ["0123456 09:00-17:00"]],
    ["Weekdays from 8 am until 6 pm, weekends noon to 4 pm", ["01234 08:00-18:00", "56 12:00-16:00"]],
    ["Mondays and Thursdays, 14:00 to 16:00", ["03 14:00-16:00"]],
    // Over the end of the week.
    ["Fri to Mon 10–4", ["0456 10:00-16:00"]],
  ])("“%s”", (text, lines) => expect(open(text)).toEqual(lines));
  it("in another language", () => {
    expect(open("Dienstag bis Freitag 10:00 bis 17:00", "de")).toEqual(["1234 10:00-17:00"]);
  });
  it.each(["We close on Mondays to scrub the decks.", "Tuesday is soup day", "Sunday 12 boats came"])(
    "are not in “%s”",
    (text) => expect(open(text)).toEqual([]),
  );
});

// ISO 8601-1, 5.5.2: durations.
describe("a duration", () => {
  it.each([
    ["Cook it for forty minutes", "PT40M", "forty minutes"],
    ["It takes 1½ hours", "PT1H30M", "1½ hours"],
    ["an hour and a half", "PT1H30M", "an hour and a half"],
    ["half an hour", "PT30M", "half an hour"],
    ["2 hours and 15 minutes", "PT2H15M", "2 hours and 15 minutes"],
    ["90 min", "PT1H30M", "90 min"],
    ["1 h 30 min", "PT1H30M", "1 h 30 min"],
  ])("“%s”", (text, duration, exact) => {
    expect(durationIn(text)).toEqual({ duration, exact });
    expect(isDuration(duration)).toBe(true);
  });
  it.each(["a minute", "some hours", "hours", "the house"])("“%s”", (text) =>
    expect(durationIn(text)).toEqual(text === "a minute" ? { duration: "PT1M", exact: "a minute" } : null),
  );
  it("is written from minutes", () => {
    expect([0, 59, 60, 150].map(durationOf)).toEqual(["PT0M", "PT59M", "PT1H", "PT2H30M"]);
  });
});
