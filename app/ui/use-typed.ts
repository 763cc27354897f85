import { useEffect, useState } from "react";

/** What stands in a field once its value is there: what was typed since stays, and nothing of it is lost. */
export const caughtUp =
  (value: string) =>
  (typed: string | null): string | null =>
    typed === value ? null : typed;

/** The text of a field whose value follows what is typed, such as one in the address: whoever types faster loses no letter. */
export function useTyped(value: string): [text: string, type: (text: string) => void] {
  const [typed, setTyped] = useState<string | null>(null);
  const reached = value === typed;
  useEffect(() => {
    // Between the screen that has reached it and this, another letter may have come.
    if (reached) setTyped(caughtUp(value));
  }, [reached, value]);
  return [typed ?? value, setTyped];
}
