import { useState } from "react";
import { differingWords } from "#core/result/differing";
import type { LineUp } from "#core/result/line-up";
import { today } from "../store/today";
import { Action, fieldClass } from "../ui/controls";
import { useUnkept } from "../ui/unkept";
import { dayInWords, ordinal } from "./words";

/** What a search engine really showed for the page, written down; what differs from its own words is underlined. */
export function ReallyShown({
  shown,
  title,
  description,
  onKeep,
}: {
  shown: LineUp["shown"];
  /** The page's own, as it is now. */
  title: string;
  description: string;
  onKeep: (shown: LineUp["shown"]) => void;
}) {
  const [typed, setTyped] = useState<NonNullable<LineUp["shown"]> | null>(null);
  useUnkept(typed ? "What was really shown is not kept yet." : null);
  const begin = () => setTyped(shown ?? { title, description, at: null, seen: today() });
  const set = (fields: Partial<NonNullable<LineUp["shown"]>>) => typed && setTyped({ ...typed, ...fields });
  const place = typed?.at === null || typed === null ? "" : String(typed.at);
  return (
    <section aria-label="What was really shown">
      <h2 className="font-medium font-serif text-15">What was really shown</h2>
      {typed ? (
        <form
          className="mt-1.5 grid gap-2"
          onSubmit={(e) => {
            e.preventDefault();
            onKeep(typed);
            setTyped(null);
          }}
        >
          <input
            aria-label="Title that was shown"
            dir="auto"
            value={typed.title}
            onChange={(e) => set({ title: e.target.value })}
            className={fieldClass}
          />
          <textarea
            aria-label="Description that was shown"
            dir="auto"
            rows={3}
            value={typed.description}
            onChange={(e) => set({ description: e.target.value })}
            className={fieldClass}
          />
          <p className="flex flex-wrap items-baseline gap-x-3 gap-y-1">
            <label>
              at place{" "}
              <input
                aria-label="Place at which it was shown"
                inputMode="numeric"
                value={place}
                size={3}
                onChange={(e) => {
                  const digits = e.target.value.replace(/\D/g, "");
                  set({ at: digits === "" ? null : Math.min(1000, Number(digits)) });
                }}
                className="border-graphite border-b bg-transparent text-center"
              />
            </label>
            <label>
              on{" "}
              <input
                type="date"
                aria-label="Day on which it was shown"
                value={typed.seen}
                onChange={(e) => e.target.value && set({ seen: e.target.value })}
                className="border-graphite border-b bg-transparent"
              />
            </label>
            <Action type="submit">Keep it</Action>
            <Action onClick={() => setTyped(null)}>Cancel</Action>
          </p>
        </form>
      ) : shown ? (
        <div className="mt-1.5">
          <p className="text-ink-soft">
            On {dayInWords(shown.seen)}
            {shown.at !== null && `, ${ordinal(shown.at)}`}:
          </p>
          <Marked was={title} is={shown.title} className="result-desktop text-[18px] text-result-title" />
          <Marked was={description} is={shown.description} className="result-desktop text-[14px] text-result-text" />
          <p className="mt-1 text-12 text-ink-soft">
            {shown.title === title && shown.description === description
              ? "It was shown as the page has it now."
              : "What differs from the page as it is now is underlined."}
          </p>
          <p className="flex gap-4 text-12">
            <Action onClick={begin}>Change it</Action>
            <Action removes onClick={() => onKeep(null)}>
              Take it out
            </Action>
          </p>
        </div>
      ) : (
        <p className="mt-1 text-ink-soft">
          Nobody has written it down. <Action onClick={begin}>Write down what you saw</Action>
        </p>
      )}
    </section>
  );
}

function Marked({ was, is, className }: { was: string; is: string; className: string }) {
  let at = 0;
  const parts = differingWords(was, is).flatMap(({ start, end }) => {
    const before = is.slice(at, start);
    at = end;
    return [
      <span key={`b${start}`}>{before}</span>,
      <span key={`m${start}`} className="underline decoration-dotted underline-offset-4">
        {is.slice(start, end)}
      </span>,
    ];
  });
  return (
    <p className={className} dir="auto">
      {parts}
      {is.slice(at)}
    </p>
  );
}
