import { Link } from "react-router";
import { pathOf } from "#core/address/address";
import type { Finding, Related } from "#core/findings/finding";
import { type Place, placeName } from "#core/findings/place";
import type { Page } from "#core/page/page";
import { linkToPage } from "../screens";
import { Action } from "../ui/controls";
import type { Desk } from "./use-desk";

/** What of the desk it takes. */
type Taken = Pick<Desk, "page" | "record">;

/** Other pages that are named; of more there is a list. */
const NAMED = 4;

/** What a place of this page is called beside a note. */
function nameOf(at: Place, page: Page): string {
  if (at.part === "heading") return `the heading “${page.headings[at.index]?.text ?? ""}”`;
  return `the ${at.part}`;
}

/** What a finding has to do with: other places of this page, and other pages. */
export function RelatedPlaces({ desk, finding }: { desk: Taken; finding: Finding }) {
  const { id, siteId } = desk.record;
  const here = finding.related.filter(({ page }) => page === undefined);
  const pages = new Map(finding.related.flatMap(({ page }) => (page && page.id !== id ? [[page.id, page]] : [])));
  if (here.length === 0 && pages.size === 0) return null;
  const named = [...pages.values()].slice(0, NAMED);
  const show = ({ at }: Related) =>
    document.querySelector(`[data-anchor="${CSS.escape(placeName(at))}"]`)?.scrollIntoView({ block: "center" });
  return (
    <ul aria-label="See also" className="text-ink-soft">
      {here.map((one) => (
        <li key={placeName(one.at)}>
          See <Action onClick={() => show(one)}>{nameOf(one.at, desk.page)}</Action>
        </li>
      ))}
      {named.map((page) => (
        <li key={page.id} className="break-words">
          See{" "}
          <Link to={linkToPage(siteId, page.id)} className="font-mono text-12 text-blue hover:underline">
            {pathOf(page.address)}
          </Link>
        </li>
      ))}
      {pages.size > NAMED && (
        <li>
          See{" "}
          <Link
            to={`/sites/${siteId}/pages?rule=${encodeURIComponent(finding.rule)}`}
            className="text-blue hover:underline"
          >
            {pages.size - NAMED} more pages
          </Link>
        </li>
      )}
    </ul>
  );
}
