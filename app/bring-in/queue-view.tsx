import { useLiveQuery } from "dexie-react-hooks";
import { useState, useSyncExternalStore } from "react";
import { Link } from "react-router";
import { pathOf } from "#core/address/address";
import { db } from "../store/db";
import { countItems, type QueueCounts, removeQueue, tryAgain } from "../store/queues";
import type { ItemState, QueueRecord } from "../store/records/queues";
import { Action } from "../ui/controls";
import { HowFar } from "../ui/how-far";
import { ProgressLine } from "../ui/progress-line";
import { goOn, runnerStatus, runQueue, stopQueue } from "./queue-runner";

const OUTCOMES: { state: Exclude<ItemState, "waiting">; label: (n: string) => string }[] = [
  { state: "brought-in", label: (n) => `${n} brought in` },
  { state: "failed", label: (n) => `${n} failed` },
  { state: "forbidden", label: (n) => `${n} forbidden by robots.txt` },
  { state: "left-out", label: (n) => `${n} left out` },
];

/** Items listed of one outcome. */
const LISTED = 200;
const numbers = new Intl.NumberFormat("en-GB");

/** A queue of pages that are fetched: counts by outcome, stop and go on, and why what failed did. */
export function QueueView({ queue }: { queue: QueueRecord }) {
  const counts = useLiveQuery(() => countItems(queue.id), [queue.id]);
  const status = useSyncExternalStore(
    runnerStatus.subscribe,
    () => runnerStatus.of(queue.id),
    () => runnerStatus.of(queue.id),
  );
  const [open, setOpen] = useState<ItemState | null>(null);
  if (!counts) return null;
  const done = OUTCOMES.reduce((sum, { state }) => sum + counts[state], 0);
  const total = done + counts.waiting;
  const again = async () => {
    await tryAgain(queue.id);
    void runQueue(queue.id);
  };
  return (
    <section aria-label={`Bringing in ${queue.name}`} className="border-hairline border-t py-4">
      <div className="flex items-baseline gap-3">
        <h2 className="min-w-0 flex-1 truncate font-serif text-18">{queue.name}</h2>
        {queue.state === "running" ? (
          <Action onClick={() => void stopQueue(queue.id)}>Stop</Action>
        ) : (
          counts.waiting > 0 && (
            <Action onClick={() => void goOn(queue.id)}>Go on with {numbers.format(counts.waiting)}</Action>
          )
        )}
        {queue.state !== "running" && counts.failed > 0 && (
          <Action onClick={() => void again()}>Try those that failed again</Action>
        )}
        {queue.state !== "running" && <Action onClick={() => void removeQueue(queue.id)}>Clear</Action>}
        {queue.state !== "running" && counts["brought-in"] > 0 && (
          <Link to={`/sites/${queue.siteId}/findings`} className="text-blue hover:underline">
            What the site needs
          </Link>
        )}
      </div>
      <Progress done={done} total={total} state={queue.state} />
      {status.paused && (
        <p role="status" className="mt-2 border-red border-l-4 pl-3">
          {status.paused}
        </p>
      )}
      <p className="mt-2 flex flex-wrap gap-x-4">
        {OUTCOMES.filter(({ state }) => counts[state] > 0).map(({ state, label }) =>
          state === "brought-in" ? (
            <Link key={state} to={`/sites/${queue.siteId}/pages`} className="text-blue hover:underline">
              {label(numbers.format(counts[state]))}
            </Link>
          ) : (
            <button
              key={state}
              type="button"
              aria-expanded={open === state}
              onClick={() => setOpen(open === state ? null : state)}
              className={`border-graphite border-b border-dotted ${state === "failed" ? "text-red" : ""}`}
            >
              {label(numbers.format(counts[state]))}
            </button>
          ),
        )}
      </p>
      {queue.notes.map((note) => (
        <p key={note} className="mt-2 max-w-[80ch] break-words text-ink-soft">
          {note}
        </p>
      ))}
      {open && <Items queue={queue} state={open} counts={counts} />}
    </section>
  );
}

function Progress({ done, total, state }: { done: number; total: number; state: QueueRecord["state"] }) {
  const said = state === "done" ? "Done" : state === "stopped" ? "Stopped" : "Bringing in";
  return (
    <div className="mt-1.5 grid gap-1">
      <p className="text-ink-soft">
        <HowFar before={`${said}: `} done={done} of={total} />
      </p>
      <ProgressLine label="Pages fetched" done={done} of={total} />
    </div>
  );
}

function Items({ queue, state, counts }: { queue: QueueRecord; state: ItemState; counts: QueueCounts }) {
  const items =
    useLiveQuery(
      () => db().queueItems.where("[queueId+state]").equals([queue.id, state]).limit(LISTED).toArray(),
      [queue.id, state],
    ) ?? [];
  const again = async (id: number) => {
    await tryAgain(queue.id, id);
    void runQueue(queue.id);
  };
  return (
    <>
      <ul className="mt-3 grid gap-1.5">
        {items.map(({ id, address, why }) => (
          <li
            key={id}
            className="grid grid-cols-[minmax(0,1fr)_minmax(0,1.6fr)_auto] items-baseline gap-4 max-[43.75rem]:grid-cols-1"
          >
            <span className="truncate font-mono text-12" title={address}>
              {pathOf(address)}
            </span>
            <span>{why}</span>
            {state === "failed" && <Action onClick={() => void again(id)}>Try again</Action>}
          </li>
        ))}
      </ul>
      {counts[state] > LISTED && (
        <p className="mt-2 text-ink-soft">and {numbers.format(counts[state] - LISTED)} more.</p>
      )}
    </>
  );
}
