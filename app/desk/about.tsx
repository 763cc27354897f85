import { memo, useEffect, useMemo, useState } from "react";
import { inASentence } from "#core/page/in-a-sentence";
import { Action } from "../ui/controls";
import { partSeen, partsOf, type SheetPart, showPart } from "./contents";
import type { Desk } from "./use-desk";

/** What of the desk it takes. */
type Taken = Pick<Desk, "notes" | "page" | "record">;

/** The page in one sentence; each part of it leads to its place on the sheet. */
export const InASentence = memo(function InASentence({ desk: { page, record } }: { desk: Taken }) {
  const parts = partsOf(page);
  return (
    <p className="font-serif text-15 leading-[1.7]">
      {inASentence(page, record.kind).map(({ before, text, about }, i, { length }) => {
        const part = parts.find(({ tells }) => tells.includes(about));
        return (
          <span key={about}>
            {before}
            <span className="whitespace-nowrap">
              {part ? (
                <button
                  type="button"
                  onClick={() => showPart(part.id)}
                  className="border-graphite border-b border-dotted leading-tight"
                >
                  {text}
                </button>
              ) : (
                text
              )}
              {i === length - 1 && "."}
            </span>
          </span>
        );
      })}
    </p>
  );
});

/** Room under the top of what is seen in which a part counts as reached, in px: the strip of the result stands there. */
const REACHED = 120;

/** The part of the sheet that is being read. */
function useSeen(parts: readonly SheetPart[]): string | undefined {
  const [seen, setSeen] = useState(parts[0]?.id);
  useEffect(() => {
    const scroller = document.querySelector("[data-scroll]");
    if (!scroller) return;
    let asked = 0;
    const look = () => {
      cancelAnimationFrame(asked);
      asked = requestAnimationFrame(() => setSeen(partSeen(parts, scroller, REACHED)));
    };
    scroller.addEventListener("scroll", look, { passive: true });
    return () => {
      cancelAnimationFrame(asked);
      scroller.removeEventListener("scroll", look);
    };
  }, [parts]);
  return seen;
}

/** The contents of the sheet, with the number of open notes beside each part. */
export const Contents = memo(function Contents({ desk: { page, notes } }: { desk: Taken }) {
  const parts = useMemo(() => partsOf(page), [page]);
  const seen = useSeen(parts);
  return (
    <nav aria-label="On this page" className="border-hairline border-t px-4 py-3">
      <ul className="grid gap-1.5">
        {parts.map(({ id, name, holds }) => {
          const own = notes.filter(({ finding }) => holds.includes(finding.at.part));
          const weighty = own.some(({ finding }) => finding.weight !== "may");
          return (
            <li key={id} className="flex items-baseline justify-between gap-2">
              <Action
                className={`text-ink ${seen === id ? "font-semibold" : ""}`}
                {...(seen === id && { "aria-current": "location" as const })}
                onClick={() => showPart(id)}
              >
                {name}
              </Action>
              {own.length > 0 && (
                <span className={`tabular-nums ${weighty ? "text-red" : "text-graphite"}`}>
                  <span className="sr-only">open notes: </span>
                  {own.length}
                </span>
              )}
            </li>
          );
        })}
      </ul>
    </nav>
  );
});
