import { Link } from "react-router";
import { Bar, BarChart, ResponsiveContainer, XAxis, YAxis } from "recharts";
import { pathOf } from "#core/address/address";
import { linkToPage } from "../screens";
import type { PageRecord } from "../store/page-record";
import { keepPhrases } from "../store/phrases";
import type { SiteRecord } from "../store/records/sites";
import { type SiteAsked, useSiteAnswer } from "../store/site-findings";
import { Action } from "../ui/controls";
import { useNotices } from "../ui/notice";
import type { PhraseLine, PhraseTotals } from "./lines";

const number = new Intl.NumberFormat("en-GB");
const percent = new Intl.NumberFormat("en-GB", { style: "percent", maximumFractionDigits: 0 });
/** Phrases that are named. */
const MOST = 8;

/** How many of the searches are for phrases that have a page, drawn and as a table; and what most is searched in vain. */
export default function Coverage({
  site,
  totals: { searches, covered },
  lines,
  byId,
  onChoose,
}: {
  site: SiteRecord;
  byId: ReadonlyMap<string, PageRecord>;
  totals: PhraseTotals;
  lines: readonly PhraseLine[];
  onChoose: (key: string) => void;
}) {
  const without = lines
    .filter(({ targets, supporting }) => targets.length + supporting.length === 0)
    .sort((a, b) => (b.record?.volume ?? 0) - (a.record?.volume ?? 0))
    .slice(0, MOST);
  const rows = [
    ["for phrases that have a page", covered],
    ["for phrases that have none", searches - covered],
  ] as const;
  return (
    <>
      {searches > 0 && (
        <>
          <h2 className="font-semibold">Searches a month</h2>
          <div aria-hidden className="mt-2">
            <ResponsiveContainer width="100%" height={26}>
              <BarChart
                accessibilityLayer={false}
                layout="vertical"
                data={[{ covered, without: searches - covered }]}
                margin={{ top: 0, right: 0, bottom: 0, left: 0 }}
              >
                <XAxis type="number" hide domain={[0, searches]} />
                <YAxis type="category" hide />
                <Bar dataKey="covered" stackId="one" fill="var(--ink)" isAnimationActive={false} />
                <Bar
                  dataKey="without"
                  stackId="one"
                  fill="var(--tint)"
                  stroke="var(--edge)"
                  isAnimationActive={false}
                />
              </BarChart>
            </ResponsiveContainer>
          </div>
          <table className="mt-2 w-full">
            <tbody>
              {rows.map(([what, n]) => (
                <tr key={what}>
                  <th scope="row" className="text-left font-normal text-ink-soft">
                    {what}
                  </th>
                  <td className="text-right tabular-nums">{number.format(n)}</td>
                  <td className="w-14 text-right text-ink-soft tabular-nums">{percent.format(n / searches)}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </>
      )}
      {without.length > 0 && (
        <>
          <h2 className="mt-5 font-semibold">Most searched without a page</h2>
          <ul className="mt-1.5 grid gap-1">
            {without.map(({ key, text, record }) => (
              <li key={key} className="flex items-baseline justify-between gap-4">
                <Action onClick={() => onChoose(key)}>{text}</Action>
                <span className="text-ink-soft tabular-nums">
                  {record?.volume === null || !record ? "" : number.format(record.volume)}
                </span>
              </li>
            ))}
          </ul>
        </>
      )}
      <HeadingQuestions site={site} byId={byId} />
      <p className="mt-5 text-ink-soft">
        Choose a phrase: here stand its pages then, and every sentence of the site that says it.
      </p>
    </>
  );
}

const askQuestions = (worker: SiteAsked) => worker.headingQuestions();

/** Questions that headings of the site ask, and that nobody has put into the list. */
function HeadingQuestions({ site, byId }: { site: SiteRecord; byId: ReadonlyMap<string, PageRecord> }) {
  const { fail } = useNotices();
  const questions = useSiteAnswer(site, askQuestions) ?? [];
  if (questions.length === 0) return null;
  const add = (texts: readonly string[]) =>
    void keepPhrases(
      site.id,
      texts.map((text) => ({ text, volume: null, more: {} })),
      texts.length === 1 ? "Add a question" : "Add questions",
    ).catch(fail);
  return (
    <>
      <div className="mt-5 flex items-baseline justify-between gap-4">
        <h2 className="font-semibold">Questions your headings ask</h2>
        {questions.length > 1 && (
          <Action onClick={() => add(questions.map(({ text }) => text))}>Add all to the list</Action>
        )}
      </div>
      <ul className="mt-1.5 grid gap-1.5">
        {questions.slice(0, MOST).map(({ text, page }) => (
          <li key={text} className="flex items-baseline justify-between gap-4">
            <span className="min-w-0">
              <span dir="auto">{text}</span>{" "}
              <Link
                to={linkToPage(site.id, page)}
                className="block truncate font-mono text-12 text-ink-soft hover:underline"
              >
                {pathOf(byId.get(page)?.address ?? "")}
              </Link>
            </span>
            <Action onClick={() => add([text])} aria-label={`Add “${text}” to the list`}>
              Add
            </Action>
          </li>
        ))}
      </ul>
    </>
  );
}
