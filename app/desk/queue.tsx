import { memo, type RefObject, useEffect, useRef } from "react";
import { Link } from "react-router";
import { pathOf } from "#core/address/address";
import { calledOf } from "../pages/filter";
import type { FilteredPages } from "../pages/use-pages";
import { linkToPage } from "../screens";
import type { PageRecord } from "../store/page-record";
import { ofPage } from "../ui/of-page";

/** Pages drawn around the current one: the queue stays quick on sites of any size. */
const AROUND = 60;

/** The pages being worked through, with the filter carried over from the table. */
export function Queue({ siteId, pages, current }: { siteId: string; pages: FilteredPages; current: string }) {
  const here = useRef<HTMLAnchorElement>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: scrolls when another page becomes the current one
  useEffect(() => {
    // Newer browsers answer with a promise, which must not become the effect's clean-up.
    void here.current?.scrollIntoView({ block: "nearest" });
  }, [current]);
  const at = Math.max(
    0,
    pages.shown.findIndex((page) => page.id === current),
  );
  const from = Math.max(0, at - AROUND);
  const near = pages.shown.slice(from, at + AROUND);
  return (
    <nav aria-label="Pages being worked through" className="min-h-0 flex-1 overflow-y-auto">
      <p className="px-4 pt-4 pb-2 font-medium text-12 text-ink-soft">
        {pages.shown.length} {pages.shown.length === 1 ? "page" : "pages"}{" "}
        {pages.filter.find ? `with “${pages.filter.find}”` : calledOf(pages.filter.show)}
      </p>
      <ul>
        {near.map((page) => (
          <QueueLine
            key={page.id}
            page={page}
            to={`${linkToPage(siteId, page.id)}${pages.query}`}
            here={page.id === current ? here : null}
          />
        ))}
      </ul>
    </nav>
  );
}

/** A page of the queue, drawn anew only where it is another or was changed. */
const QueueLine = memo(function QueueLine({
  page,
  to,
  here,
}: {
  page: PageRecord;
  to: string;
  /** Of the page that is being worked on. */
  here: RefObject<HTMLAnchorElement | null> | null;
}) {
  return (
    <li>
      <Link
        ref={here}
        to={to}
        aria-current={here ? "page" : undefined}
        className="flex items-baseline gap-2 border-transparent border-l-2 px-3.5 py-2 hover:bg-tint aria-[current=page]:border-ink aria-[current=page]:bg-sheet"
      >
        <span className="min-w-0 flex-1">
          <span className="block truncate" {...ofPage(page.language)}>
            {page.name || "without a name"}
          </span>
          <span className="block truncate text-12 text-ink-soft">{pathOf(page.address)}</span>
        </span>
        {page.ready ? (
          <span className="text-blue">
            <span className="sr-only">ready</span>✓
          </span>
        ) : (
          page.counts.must + page.counts.should > 0 && (
            <span className={`text-12 ${page.counts.must > 0 ? "font-semibold" : ""} text-red`}>
              <span className="sr-only">must and should: </span>
              {page.counts.must + page.counts.should}
            </span>
          )
        )}
      </Link>
    </li>
  );
});
