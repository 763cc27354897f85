/** Days, as YYYY-MM-DD, on which something holds: from `from` up to, not including, `until`. "" is no bound. */
export interface Days {
  from: string;
  until: string;
}

export const EVERY_DAY: Days = { from: "", until: "" };

export const holdsOn = ({ from, until }: Days, day: string): boolean => day >= from && (until === "" || day < until);

/** The days around `day` on which nothing changes, when something may change at the beginning of each day of `turns`. */
export function daysAround(day: string, turns: Iterable<string>): Days {
  let { from, until } = EVERY_DAY;
  for (const turn of turns) {
    if (turn <= day) {
      if (turn > from) from = turn;
    } else if (until === "" || turn < until) until = turn;
  }
  return { from, until };
}

/** The days on which both hold. */
export const bothDays = (a: Days, b: Days): Days => ({
  from: [a.from, b.from].sort()[1] ?? "",
  until: [a.until, b.until].filter(Boolean).sort()[0] ?? "",
});

/** The first day, as YYYY-MM-DD, whose midnight in UTC is at or after an instant in ms; null if that is beyond year 9999. */
export function dayAtOrAfter(instant: number): string | null {
  const midnight = Math.ceil(instant / DAY_MS) * DAY_MS;
  return midnight >= 0 && midnight <= LAST ? new Date(midnight).toISOString().slice(0, 10) : null;
}

/** ms. Days are compared in UTC, which has no daylight saving. */
export const DAY_MS = 86_400_000;
const LAST = Date.UTC(9999, 11, 31);
