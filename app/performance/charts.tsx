import { Bar, BarChart, ResponsiveContainer, Tooltip, XAxis, YAxis } from "recharts";
import { rateInWords } from "#core/performance/first-pages";
import type { Overview } from "#core/performance/overview";
import { clickRate } from "#core/performance/performance";

const number = new Intl.NumberFormat("en-GB");

/** At which places the site was shown, and how often it was clicked there: drawn, and as a table. */
export default function PlacesChart({ places }: { places: Overview["places"] }) {
  return (
    <section aria-labelledby="places-heading">
      <h2 id="places-heading" className="font-semibold">
        At which places
      </h2>
      <div aria-hidden className="mt-2">
        <ResponsiveContainer width="100%" height={112}>
          <BarChart
            accessibilityLayer={false}
            layout="vertical"
            data={places}
            margin={{ top: 0, right: 4, bottom: 0, left: 0 }}
            barGap={0}
          >
            <XAxis type="number" hide />
            <YAxis
              type="category"
              dataKey="name"
              width={108}
              axisLine={false}
              tickLine={false}
              tick={{ fill: "var(--graphite)", fontSize: 12 }}
            />
            <Tooltip
              cursor={{ fill: "var(--tint)" }}
              contentStyle={{ background: "var(--sheet)", borderColor: "var(--edge)", fontSize: 12 }}
              itemStyle={{ color: "var(--ink)" }}
              formatter={(value) => number.format(Number(value))}
            />
            <Bar dataKey="impressions" fill="var(--ink)" isAnimationActive={false} />
          </BarChart>
        </ResponsiveContainer>
      </div>
      <table className="mt-2 w-full">
        <thead>
          <tr className="text-12 text-ink-soft">
            <th scope="col" className="text-left font-normal">
              place
            </th>
            <th scope="col" className="text-right font-normal">
              shown
            </th>
            <th scope="col" className="text-right font-normal">
              clicked
            </th>
            <th scope="col" className="w-14 text-right font-normal">
              of them
            </th>
          </tr>
        </thead>
        <tbody className="tabular-nums">
          {places.map((one) => {
            const rate = clickRate({ ...one, position: null });
            return (
              <tr key={one.name}>
                <th scope="row" className="text-left font-normal">
                  {one.name}
                </th>
                <td className="text-right">{number.format(one.impressions)}</td>
                <td className="text-right">{number.format(one.clicks)}</td>
                <td className="text-right text-ink-soft">{rate === null ? "–" : rateInWords(rate)}</td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </section>
  );
}
