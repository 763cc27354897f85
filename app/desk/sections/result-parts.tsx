import type { PartId, ResultPart } from "#core/result/parts/part";
import { Action } from "../../ui/controls";

/** What may stand in the result, part by part: there or not, why, what would earn it; what is not earned can be tried on. */
export default function ResultParts({
  parts,
  triedOn,
  onTry,
}: {
  parts: readonly ResultPart[];
  triedOn: ReadonlySet<PartId>;
  onTry: (id: PartId, on: boolean) => void;
}) {
  return (
    <section aria-label="What stands in the result" className="mt-4 max-w-[40rem] border-hairline border-t pt-3">
      <dl className="grid grid-cols-[10.5rem_minmax(0,1fr)] gap-x-4 gap-y-2 max-[35rem]:grid-cols-1">
        {parts.map(({ id, label, shown, why, needs, tried }) => (
          <div key={id} className="contents">
            <dt className={shown.length > 0 ? "" : "text-ink-soft"}>{label}</dt>
            <dd className="min-w-0 max-[35rem]:mb-2">
              {shown.length > 0 && id !== "description" && (
                <span className="block break-words" dir="auto">
                  {id === "trail" ? shown.join(" › ") : shown.join(" · ")}
                </span>
              )}
              <span className="text-ink-soft">
                {why}
                {needs.length > 0 && ` It would take ${needs.join(", ")}.`}
              </span>{" "}
              {tried && (
                <Action aria-pressed={triedOn.has(id)} onClick={() => onTry(id, !triedOn.has(id))}>
                  {triedOn.has(id) ? "Take it off again" : "Try it on"}
                </Action>
              )}
            </dd>
          </div>
        ))}
      </dl>
      {triedOn.size > 0 && (
        <p className="mt-3 text-12 text-graphite">What is tried on is drawn here only. It is never handed over.</p>
      )}
    </section>
  );
}
