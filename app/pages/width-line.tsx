/** A hairline as long as a text is wide, with the places where it is cut as notches. Widths in px of the search result. */
export function WidthLine({ px, limits, span }: { px: number; limits: readonly number[]; span: number }) {
  const at = (value: number) => `${Math.min(100, (value / span) * 100)}%`;
  const over = limits.length > 0 && px > Math.max(...limits);
  return (
    <div aria-hidden className="relative mt-1 h-2">
      <div className="absolute top-0.5 h-px w-full bg-hairline" />
      <div className="absolute top-0.5 h-[1.5px] bg-ink" style={{ width: at(px) }} />
      {limits.map((limit) => (
        <div
          key={limit}
          className={`absolute -top-0.5 h-2 w-[1.0.3125rem] ${over ? "bg-red" : "bg-graphite"}`}
          style={{ left: at(limit) }}
        />
      ))}
    </div>
  );
}
