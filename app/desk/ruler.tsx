export interface Notch {
  /** Where the notch stands, in px from the ruler's start. */
  at: number;
  name: string;
  /** Words are lost there. */
  cuts: boolean;
  dashed?: boolean;
}

/** Names of two notches that stand close to each other are set to either side. */
function anchorAt(at: number, notches: readonly Notch[]): "start" | "middle" | "end" {
  const near = notches.find((other) => other.at !== at && Math.abs(other.at - at) < 60);
  if (!near) return "middle";
  return near.at > at ? "end" : "start";
}

/**
 * A ruler under words set at true scale, one px a px, with the cuts as notches. Those where words are lost rise into the line
 * above, unless that is not the line that is cut.
 */
export function Ruler({
  width,
  notches,
  rising = true,
  fromRight = null,
}: {
  width: number;
  notches: readonly Notch[];
  rising?: boolean;
  /** Where it begins, in px, if the words above it run from right to left. */
  fromRight?: number | null;
}) {
  const mirrored = fromRight !== null;
  const place = (x: number) => (mirrored ? fromRight - x : x);
  const side = (anchor: "start" | "middle" | "end") =>
    !mirrored || anchor === "middle" ? anchor : anchor === "start" ? "end" : "start";
  const ticks: number[] = [];
  for (let x = 0; x <= width; x += 10) ticks.push(x);
  return (
    <svg
      width="100%"
      height="30"
      className="block overflow-visible font-mono"
      role="img"
      aria-label={["ruler", ...notches.map((n) => `${n.name} cut at ${Math.round(n.at)} px`)].join(", ")}
    >
      <path d={`M0 .5H${width}`} className="stroke-graphite" />
      <path
        d={ticks.map((x) => `M${place(x) + 0.5} 0v${x % 100 === 0 ? 8 : x % 50 === 0 ? 6 : 4}`).join("")}
        className="stroke-graphite"
      />
      {ticks
        .filter((x) => x % 100 === 0 && !notches.some((n) => Math.abs(n.at - x) < 34))
        .map((x) => (
          <text
            key={x}
            x={place(x)}
            y={19}
            fontSize="10"
            textAnchor={side(x === 0 ? "start" : "middle")}
            className="fill-graphite"
          >
            {x}
          </text>
        ))}
      {notches.map(({ at, name, cuts, dashed }) => (
        <g key={name} className={cuts ? "fill-red stroke-red" : "fill-graphite stroke-graphite"}>
          <path
            d={`M${place(at) + 0.5} ${cuts && rising ? -19 : -6}V12`}
            strokeDasharray={dashed ? "3 2" : undefined}
            strokeWidth="1.2"
          />
          <text
            x={place(at)}
            y={23}
            fontSize="12"
            textAnchor={side(anchorAt(at, notches))}
            stroke="none"
            className="font-sans"
          >
            {name}
          </text>
        </g>
      ))}
    </svg>
  );
}
