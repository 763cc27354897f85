import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { bothDays, dayAtOrAfter, daysAround, EVERY_DAY, holdsOn } from "./days.ts";

const day = fc.date({ min: new Date("2000-01-01"), max: new Date("2099-12-31"), noInvalidDate: true });
const days = day.map((date) => date.toISOString().slice(0, 10));

describe("days on which something holds", () => {
  it("are every day where nothing changes", () => {
    expect(daysAround("2026-12-01", [])).toEqual(EVERY_DAY);
    expect(["0001-01-01", "9999-12-31"].every((one) => holdsOn(EVERY_DAY, one))).toBe(true);
  });

  it("reach from the last change to the day before the next", () => {
    const around = daysAround("2026-12-01", ["2027-01-01", "2026-12-01", "2026-11-30", "2028-01-01"]);
    expect(around).toEqual({ from: "2026-12-01", until: "2027-01-01" });
    expect(["2026-11-30", "2026-12-01", "2026-12-31", "2027-01-01"].map((one) => holdsOn(around, one))).toEqual([
      false,
      true,
      true,
      false,
    ]);
  });

  it("hold on a day exactly when no change lies between", () => {
    fc.assert(
      fc.property(days, days, fc.array(days, { maxLength: 5 }), (now, other, turns) => {
        const [first = "", second = ""] = [now, other].sort();
        const between = turns.some((turn) => turn > first && turn <= second);
        expect(holdsOn(daysAround(now, turns), other)).toBe(!between);
      }),
    );
  });

  it("of two things are those on which both hold", () => {
    fc.assert(
      fc.property(days, days, fc.array(days), fc.array(days), (now, other, a, b) => {
        const both = bothDays(daysAround(now, a), daysAround(now, b));
        expect(both).toEqual(daysAround(now, [...a, ...b]));
        expect(holdsOn(both, other)).toBe(holdsOn(daysAround(now, a), other) && holdsOn(daysAround(now, b), other));
      }),
    );
  });

  it("begin with the first midnight at or after an instant", () => {
    expect(dayAtOrAfter(Date.parse("2026-12-01T00:00:00Z"))).toBe("2026-12-01");
    expect(dayAtOrAfter(Date.parse("2026-12-01T00:00:01Z"))).toBe("2026-12-02");
    expect(dayAtOrAfter(Number.MAX_SAFE_INTEGER)).toBeNull();
  });
});
