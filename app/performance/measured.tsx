import { Link } from "react-router";
import { pathOf } from "#core/address/address";
import { placeInWords } from "#core/performance/first-pages";
import type { Compared, Overview } from "#core/performance/overview";
import { phraseKey } from "#core/phrase/phrase-key";
import { linkTo, linkToPage, screenOf } from "../screens";
import type { PageRecord } from "../store/page-record";
import type { SiteRecord } from "../store/records/sites";

const number = new Intl.NumberFormat("en-GB");
const signed = new Intl.NumberFormat("en-GB", { signDisplay: "exceptZero" });
const signedPlace = new Intl.NumberFormat("en-GB", { signDisplay: "exceptZero", maximumFractionDigits: 1 });

export const ORDERS = {
  impressions: (a: Compared, b: Compared) => b.impressions - a.impressions,
  clicks: (a: Compared, b: Compared) => b.clicks - a.clicks,
  position: (a: Compared, b: Compared) => (a.position ?? 1e9) - (b.position ?? 1e9),
  change: (a: Compared, b: Compared) => moved(a) - moved(b),
} as const;
export type Order = keyof typeof ORDERS;
/** The first places, and what was lost most, stand first. */
const RISING: ReadonlySet<Order> = new Set<Order>(["position", "change"]);

/** Clicks won against the period before, or lost. */
const moved = ({ clicks, before }: Compared) => clicks - (before?.clicks ?? 0);

/** Rows that are drawn; the rest is in the file that can be saved. */
const MOST = 200;

/** Every measured page, or every phrase, with its figures beside those of the period before. */
export function Measured({
  site,
  overview,
  of,
  order,
  compared,
  byId,
  onOrder,
}: {
  site: SiteRecord;
  overview: Overview;
  of: "pages" | "phrases";
  order: Order;
  /** Whether there is a period before. */
  compared: boolean;
  byId: ReadonlyMap<string, PageRecord>;
  onOrder: (order: Order) => void;
}) {
  const rows =
    of === "pages"
      ? overview.pages.map((row) => ({ ...row, phrase: "" }))
      : overview.phrases.map((row) => ({ ...row, id: row.id ?? "" }));
  const shown = [...rows].sort(ORDERS[order]).slice(0, MOST);
  const head = (one: Order, words: string) => (
    <th
      scope="col"
      aria-sort={order !== one ? "none" : RISING.has(one) ? "ascending" : "descending"}
      className="w-24 px-2 text-right font-semibold text-12 max-[43.75rem]:w-[3.625rem] max-[43.75rem]:px-1"
    >
      <button
        type="button"
        onClick={() => onOrder(one)}
        className={order === one ? "" : "text-ink-soft hover:text-ink"}
      >
        {words}
      </button>
    </th>
  );
  return (
    <>
      <table className="w-full table-fixed">
        <thead>
          <tr className="border-hairline border-b">
            <th scope="col" className="py-2 text-left font-semibold text-12 text-ink-soft">
              {of === "pages" ? "Page" : "Phrase"}
            </th>
            {head("impressions", "shown")}
            {head("clicks", "clicked")}
            {head("position", "place")}
            {compared && head("change", "more clicks")}
          </tr>
        </thead>
        <tbody>
          {shown.map((row) => {
            const page = byId.get(row.id);
            return (
              <tr key={of === "pages" ? row.id : row.phrase} className="border-hairline border-b align-baseline">
                <th scope="row" className="min-w-0 py-2 text-left font-normal">
                  {of === "phrases" && (
                    <Link
                      to={`${linkTo(site, screenOf("phrases"))}?phrase=${encodeURIComponent(phraseKey(row.phrase))}`}
                      className="block truncate font-serif text-15 hover:underline"
                      dir="auto"
                    >
                      {row.phrase}
                    </Link>
                  )}
                  {page ? (
                    <Link
                      to={linkToPage(site.id, page.id)}
                      className={`block truncate hover:underline ${of === "pages" ? "" : "font-mono text-12 text-ink-soft"}`}
                    >
                      {of === "pages" ? page.name || pathOf(page.address) : pathOf(page.address)}
                    </Link>
                  ) : (
                    <span className="text-12 text-ink-soft">no page of this site</span>
                  )}
                  {of === "pages" && page && (
                    <span className="block truncate font-mono text-12 text-ink-soft">{pathOf(page.address)}</span>
                  )}
                </th>
                <td className="px-2 text-right tabular-nums max-[43.75rem]:px-1">{number.format(row.impressions)}</td>
                <td className="px-2 text-right tabular-nums max-[43.75rem]:px-1">{number.format(row.clicks)}</td>
                <td className="px-2 text-right tabular-nums max-[43.75rem]:px-1">
                  {row.position === null ? "–" : placeInWords(row.position)}
                  {row.before?.position && row.position ? (
                    <span className="block text-12 text-ink-soft">
                      {/* A smaller number is a higher place. */}
                      {signedPlace.format(row.before.position - row.position)}
                    </span>
                  ) : null}
                </td>
                {compared && (
                  <td className="px-2 text-right tabular-nums max-[43.75rem]:px-1">
                    {row.before ? signed.format(moved(row)) : "new"}
                  </td>
                )}
              </tr>
            );
          })}
        </tbody>
      </table>
      {rows.length > MOST && (
        <p className="mt-3 text-ink-soft">
          {number.format(MOST)} of {number.format(rows.length)} are shown: save them as CSV to see all.
        </p>
      )}
    </>
  );
}
