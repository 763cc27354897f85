import { inASentence } from "#core/page/in-a-sentence";
import { Action } from "../ui/controls";
import { partsOf, showPart } from "./contents";
import type { Desk } from "./use-desk";

/** What of the desk it takes. */
type Taken = Pick<Desk, "notes" | "page" | "record">;

/** The page in one sentence; each part of it leads to its place on the sheet. */
export function InASentence({ desk: { page, record } }: { desk: Taken }) {
  const parts = partsOf(page);
  return (
    <p className="font-serif text-15 leading-[1.7]">
      {inASentence(page, record.kind).map(({ before, text, about }) => {
        const part = parts.find(({ tells }) => tells.includes(about));
        return (
          <span key={about}>
            {before}
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
          </span>
        );
      })}
      .
    </p>
  );
}

/** The contents of the sheet, with the number of open notes beside each part. */
export function Contents({ desk: { page, notes } }: { desk: Taken }) {
  return (
    <nav aria-label="On this page" className="border-hairline border-t px-4 py-3">
      <ul className="grid gap-1.5">
        {partsOf(page).map(({ id, name, holds }) => {
          const own = notes.filter(({ finding }) => holds.includes(finding.at.part));
          const weighty = own.some(({ finding }) => finding.weight !== "may");
          return (
            <li key={id} className="flex justify-between gap-2">
              <Action className="text-ink" onClick={() => showPart(id)}>
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
}
