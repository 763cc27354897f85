import { afterEach, describe, expect, it } from "vitest";
import { untilMidnight } from "./use-today";

const zone = process.env.TZ;
afterEach(() => {
  if (zone === undefined) delete process.env.TZ;
  else process.env.TZ = zone;
});

describe("the time until midnight", () => {
  // The clocks of London go forward on 28 March 2027 and back on 31 October 2027 (Directive 2000/84/EC, kept in UK law).
  it.each([
    ["UTC", "2026-12-01T23:59:59Z", 1 / 3600],
    ["Europe/London", "2027-03-28T00:00:00Z", 23],
    ["Europe/London", "2027-10-30T23:00:00Z", 25],
    ["Asia/Kolkata", "2026-12-01T18:00:00Z", 0.5],
  ])("in %s at %s is %d hours", (where, instant, hours) => {
    process.env.TZ = where;
    expect(untilMidnight(new Date(instant))).toBe(hours * 3_600_000);
  });
});
