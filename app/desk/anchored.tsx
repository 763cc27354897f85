import type { Place } from "#core/findings/place";
import { placeName } from "#core/findings/place";
import type { Desk } from "./use-desk";

/** What of the desk it takes. */
type Taken = Pick<Desk, "notesAt">;

/** What the parts of the sheet need to show which note is selected. */
export interface Picking {
  selected: number | null;
  onSelect: (n: number) => void;
}

/** The numerals of the notes at one place of the page. */
export function NotesAt({ desk, at, selected, onSelect }: Picking & { desk: Taken; at: Place }) {
  const notes = desk.notesAt.get(placeName(at));
  if (!notes) return null;
  return (
    <span className="-my-1 inline-flex self-start">
      {notes.map(({ number, finding }) => (
        <button
          key={number}
          type="button"
          aria-label={`Note ${number}`}
          onClick={() => onSelect(number)}
          className={`min-w-6 font-semibold text-12 leading-none ${finding.weight === "may" ? "text-graphite" : "text-red"} ${selected === number ? "underline" : ""}`}
        >
          {number}
        </button>
      ))}
    </span>
  );
}
