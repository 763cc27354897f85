import { useEffect } from "react";

/** When a screen has come to rest after a press, in milliseconds. */
const SOON = 700;

/** Loads what is about to be asked for once nothing else is to be drawn: not between a press and what is seen of it. */
export function useSoon(load: () => Promise<unknown>, asked = true): void {
  // biome-ignore lint/correctness/useExhaustiveDependencies: it loads the same whenever it is made
  useEffect(() => {
    if (!asked) return;
    const timer = setTimeout(() => void load().catch(() => {}), SOON);
    return () => clearTimeout(timer);
  }, [asked]);
}
