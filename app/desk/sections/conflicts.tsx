import { textsOf } from "#core/rewrite/carry-over";
import { fieldOf } from "#core/rewrite/edits";
import { Action } from "../../ui/controls";
import type { Desk } from "../use-desk";

/** What of the desk it takes. */
type Taken = Pick<Desk, "conflicts" | "decide">;

/** Changes that could not be carried over when the page was brought in again, each with both texts, for the editor to decide. */
export function Conflicts({ desk }: { desk: Taken }) {
  if (desk.conflicts.length === 0) return null;
  return (
    <section aria-label="Changes to decide" className="border-red border-l-4 pl-4">
      <h2 className="font-serif text-18">
        {desk.conflicts.length === 1 ? "1 change" : `${desk.conflicts.length} changes`} to decide
      </h2>
      <ul className="mt-2 grid gap-3">
        {desk.conflicts.map((conflict, i) => {
          const { mine, was, now } = textsOf(conflict);
          return (
            <li key={`${fieldOf(conflict.edit)} ${mine}`}>
              <p className="text-ink-soft">
                {fieldOf(conflict.edit)}: {conflict.reason}
              </p>
              <dl className="mt-1 grid grid-cols-[6rem_minmax(0,1fr)] gap-x-3 whitespace-pre-line break-words font-serif text-15">
                <dt className="font-sans text-13 text-ink-soft">it was</dt>
                <dd className="text-graphite">{was || "nothing"}</dd>
                <dt className="font-sans text-13 text-ink-soft">it is now</dt>
                <dd>{now || "not there"}</dd>
                <dt className="font-sans text-13 text-ink-soft">you wrote</dt>
                <dd className="text-blue">{mine || "take it out"}</dd>
              </dl>
              <p className="mt-1 flex gap-4">
                {conflict.mine && <Action onClick={() => desk.decide(i, "mine")}>Keep mine</Action>}
                <Action onClick={() => desk.decide(i, "theirs")}>Keep what is there now</Action>
              </p>
            </li>
          );
        })}
      </ul>
    </section>
  );
}
