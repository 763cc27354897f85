import type { Period } from "#core/performance/performance";

const day = new Intl.DateTimeFormat("en-GB", { day: "numeric", month: "long", year: "numeric", timeZone: "UTC" });
const month = new Intl.DateTimeFormat("en-GB", { month: "long", year: "numeric", timeZone: "UTC" });
const number = new Intl.NumberFormat("en-GB");

/** A period as people say it: “October 2026”, “1–14 October 2026”. */
export function periodInWords({ from, to }: Period): string {
  const [first, last] = [new Date(from), new Date(to)];
  const next = new Date(last.getTime() + 86_400_000);
  const whole = first.getUTCDate() === 1 && next.getUTCDate() === 1 && from.slice(0, 7) === to.slice(0, 7);
  return whole ? month.format(first) : day.formatRange(first, last);
}

/** How a number has changed: “40 more clicks”, “3 fewer clicks”, “as many clicks”. */
export function changeInWords(is: number, was: number, of: string): string {
  if (is === was) return `as many ${of}`;
  return `${number.format(Math.abs(is - was))} ${is > was ? "more" : "fewer"} ${of}`;
}
