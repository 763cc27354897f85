import { Link } from "react-router";
import { pathOf } from "#core/address/address";
import { type FirstPage, type FirstReason, reasonInWords } from "#core/performance/first-pages";
import { linkToPage } from "../screens";
import type { PageRecord } from "../store/page-record";
import type { SiteRecord } from "../store/records/sites";
import { ofPage } from "../ui/of-page";

/** Pages that are named before the rest is asked for. */
export const FIRST_SHOWN = 10;

export const WHY = {
  "seldom-clicked": "shown often and clicked seldom",
  "near-top": "on the 4th to 10th place",
  "title-lacks": "shown for what the title does not say",
} as const satisfies Record<FirstReason["kind"], string>;

const phraseOf = (reason: FirstReason) => ("phrase" in reason ? reason.phrase : "");

/** The pages that are worth being looked at first, with the reasons in words. */
export function FirstPages({
  site,
  first,
  byId,
}: {
  site: SiteRecord;
  first: readonly FirstPage[];
  byId: ReadonlyMap<string, PageRecord>;
}) {
  return (
    <ol aria-label="Which pages first">
      {first.map((one) => {
        const page = byId.get(one.id);
        if (!page) return null;
        return (
          <li key={one.id} className="border-hairline border-b py-3">
            <p className="flex flex-wrap items-baseline gap-x-3">
              <Link
                to={linkToPage(site.id, page.id)}
                className="font-medium text-15 hover:underline"
                {...ofPage(page.language)}
              >
                {page.name || pathOf(page.address)}
              </Link>
              <span className="min-w-0 truncate font-mono text-12 text-ink-soft">{pathOf(page.address)}</span>
            </p>
            {one.reasons.map((reason, i) => (
              <p key={reason.kind} className="mt-1 font-serif text-15 leading-snug">
                {reasonInWords(reason, one)}{" "}
                {phraseOf(reason) !== "" &&
                  !one.reasons.slice(0, i).some((other) => phraseOf(other) === phraseOf(reason)) && (
                    <Link
                      to={`${linkToPage(site.id, page.id)}?phrase=${encodeURIComponent(phraseOf(reason))}`}
                      className="font-sans text-13 text-blue hover:underline"
                    >
                      Where it stands there
                    </Link>
                  )}
              </p>
            ))}
          </li>
        );
      })}
    </ol>
  );
}
