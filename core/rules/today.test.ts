import { afterEach, describe, expect, it } from "vitest";
import { localDay } from "./today.ts";

const zone = process.env.TZ;
afterEach(() => {
  if (zone === undefined) delete process.env.TZ;
  else process.env.TZ = zone;
});

describe("today", () => {
  it.each([
    ["Pacific/Auckland", "2026-11-26T20:00:00Z", "2026-11-27"],
    ["America/Los_Angeles", "2027-01-01T05:00:00Z", "2026-12-31"],
    ["UTC", "2026-02-03T00:00:00Z", "2026-02-03"],
  ])("in %s at %s is %s", (where, instant, day) => {
    process.env.TZ = where;
    expect(localDay(new Date(instant))).toBe(day);
  });
});
