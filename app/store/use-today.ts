import { useSyncExternalStore } from "react";
import { today } from "./today";

/** A timer that was set before a laptop slept may be hours late: the day is also looked at whenever the page is shown again. */
const WAKING = ["visibilitychange", "pageshow"] as const;
/** The longest wait that a timer takes, in milliseconds. */
const LONGEST = 2 ** 31 - 1;

/** Time until the next local midnight, in milliseconds: a day has 23 or 25 hours where the clocks change. */
export function untilMidnight(now = new Date()): number {
  const midnight = new Date(now.getFullYear(), now.getMonth(), now.getDate() + 1);
  return Math.min(LONGEST, midnight.getTime() - now.getTime());
}

function subscribe(onDay: () => void): () => void {
  let timer: ReturnType<typeof setTimeout>;
  const wait = () => {
    timer = setTimeout(() => {
      onDay();
      wait();
      // A timer may fire a little early.
    }, untilMidnight() + 50);
  };
  wait();
  for (const event of WAKING) addEventListener(event, onDay, true);
  return () => {
    clearTimeout(timer);
    for (const event of WAKING) removeEventListener(event, onDay, true);
  };
}

/** The editor's day, as YYYY-MM-DD; what shows it is drawn again at midnight. */
export const useToday = (): string => useSyncExternalStore(subscribe, today, today);
