import { Star, StarHalf } from "lucide-react";
import type { ReactNode } from "react";
import type { PartId, ResultPart } from "#core/result/parts/part";
import { drawnOf } from "./use-result-parts";

/** Stars that are drawn for a rating: whole ones, a half, and the rest empty. */
function Stars({ of }: { of: number }) {
  return (
    <span aria-hidden className="mr-1 inline-flex align-[-2px]">
      {[1, 2, 3, 4, 5].map((n) =>
        of >= n - 0.25 ? (
          <Star key={n} size={13} className="fill-current" />
        ) : of >= n - 0.75 ? (
          <StarHalf key={n} size={13} className="fill-current" />
        ) : (
          <Star key={n} size={13} className="opacity-40" />
        ),
      )}
    </span>
  );
}

/** What stands in the result under the description: what is earned, and what is tried on, which says so. */
export function PartsDrawn({
  parts,
  triedOn,
  className = "",
}: {
  parts: readonly ResultPart[];
  triedOn: ReadonlySet<PartId>;
  className?: string;
}) {
  const lines: ReactNode[] = [];
  const of = (id: PartId) => {
    const part = parts.find((one) => one.id === id);
    const drawn = part ? drawnOf(part, triedOn) : [];
    return { drawn, tried: part !== undefined && part.shown.length === 0 && drawn.length > 0 };
  };
  const line = (key: PartId, tried: boolean, words: ReactNode) =>
    lines.push(
      <li key={key} className={tried ? "border-graphite border-b border-dotted" : ""}>
        {words}
        {tried && <span className="ml-2 font-sans text-12 text-graphite">tried on</span>}
      </li>,
    );
  const rating = of("rating");
  if (rating.drawn.length > 0)
    line(
      "rating",
      rating.tried,
      <>
        <Stars of={Number((rating.drawn[0] ?? "").replace(",", "."))} />
        {rating.drawn.join(" · ")}
      </>,
    );
  for (const id of ["price", "event-dates", "questions", "site-links"] as const) {
    const { drawn, tried } = of(id);
    if (drawn.length === 0) continue;
    if (id === "price") line(id, tried, drawn.join(" · "));
    else
      line(
        id,
        tried,
        <span className={id === "site-links" ? "flex flex-wrap gap-x-4 text-result-title" : "grid"}>
          {drawn.map((text) => (
            <span key={text} dir="auto">
              {text}
            </span>
          ))}
        </span>,
      );
  }
  if (lines.length === 0) return null;
  return <ul className={`mt-1 grid gap-0.5 text-[14px] text-result-text leading-[22px] ${className}`}>{lines}</ul>;
}
