import { Link } from "react-router";
import { type Filter, NO_FILTER, queryOf } from "../pages/filter";
import { linkTo, screenOf } from "../screens";
import type { Overview } from "../store/records/overviews";
import type { SiteRecord } from "../store/records/sites";

const number = new Intl.NumberFormat("en-GB");
const pagesThat = (n: number, one: string, many: string) =>
  n === 1 ? `1 page ${one}` : `${number.format(n)} pages ${many}`;

/** Pages that wait for a decision: those that the site and the editor have both changed, and those that are gone from the site. */
export function Waiting({
  site,
  overview: { conflicts, gone },
  narrowed,
}: {
  site: SiteRecord;
  overview: Overview;
  /** Which pages are counted. */
  narrowed: Pick<Filter, "kind" | "below">;
}) {
  const waiting = [
    ...(conflicts > 0 ? [["conflicts", pagesThat(conflicts, "has", "have"), "changes to decide"] as const] : []),
    ...(gone > 0 ? [["gone", pagesThat(gone, "is", "are"), "gone from the site"] as const] : []),
  ];
  if (waiting.length === 0) return null;
  return (
    <ul aria-label="Waiting for a decision" className="mt-1 font-serif text-18 leading-[1.4]">
      {waiting.map(([show, pages, what]) => (
        <li key={show}>
          <Link
            to={linkTo(site, screenOf("pages")) + queryOf({ ...NO_FILTER, ...narrowed, show })}
            className="text-red hover:underline"
          >
            {`${pages} ${what}.`}
          </Link>
        </li>
      ))}
    </ul>
  );
}
