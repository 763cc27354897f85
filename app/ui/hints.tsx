import { useEffect } from "react";
import { Action } from "./controls";
import { remember, remembered, useRemembered } from "./remembered";

/** What is pointed out on a first visit, where it applies. */
const HINTS = {
  line: "Press a line to see the pages that have it, with what each of them is told. The blue words beside it mend them.",
  ruler: "The ruler shows how wide the words are. A red stroke is where a device cuts them; words behind it are grey.",
  numeral: "A numeral stands at the words that something was found about. Press it, or J, for the note of that number.",
} as const;

type HintName = keyof typeof HINTS;

const KEY = "hints";

const all = Object.keys(HINTS).join(" ");

/** Lets the hints appear again, each where it applies. */
export const showHintsAgain = (): void => remember(KEY, "");

/** One hint, until it is put away or what it tells of was done. On the server nobody is on a first visit. */
export function Hint({ of, done, className = "" }: { of: HintName; done: boolean; className?: string }) {
  const names = useRemembered(KEY, all).split(" ");
  const gone = names.includes(of);
  const putAway = () => remember(KEY, [...remembered(KEY).split(" "), of].join(" ").trim());
  // biome-ignore lint/correctness/useExhaustiveDependencies: putting away is of this hint alone
  useEffect(() => {
    if (done && !gone) putAway();
  }, [done, gone]);
  if (gone) return null;
  return (
    <p role="note" className={`border-blue border-l-2 bg-tint px-3 py-1.5 font-sans text-12 print:hidden ${className}`}>
      {HINTS[of]}{" "}
      <Action aria-label={`Hide this hint: ${HINTS[of]}`} onClick={putAway}>
        Hide
      </Action>
    </p>
  );
}
