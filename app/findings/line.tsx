import { memo, useEffect, useMemo, useState } from "react";
import { Link } from "react-router";
import { pathOf } from "#core/address/address";
import type { RuleTally } from "#core/findings/tally";
import { countedAs } from "#core/rules/counted";
import { TOLD } from "#core/rules/told";
import type { Weight } from "#core/settings/setting";
import { linkTo, linkToPage, screenOf } from "../screens";
import type { PageFindings } from "../store/page-findings";
import type { PageRecord } from "../store/page-record";
import type { SiteRecord } from "../store/records/sites";
import type { SiteFindings } from "../store/told-findings";
import { Action } from "../ui/controls";
import { Mark } from "../ui/mark";
import { useNotices } from "../ui/notice";
import { byMessages, messagesOf } from "./messages";
import { wayToMend } from "./ways";

/** Pages of an opened line: so many at first, and so many more each time. */
const FIRST = 6;
const MORE = 50;

const number = new Intl.NumberFormat("en-GB");

/** What can be asked for of a line, by functions that stay the same. */
export interface LineActions {
  /** The pages that have it, below a folder or everywhere; null while they are read. */
  pages: (rule: string, under: string) => readonly PageRecord[] | null;
  onOpen: (rule: string, under: string) => void;
  onFixes: (rule: string, pages: readonly PageRecord[]) => void;
  onPattern: (rule: string, pages: readonly PageRecord[]) => void;
  onSetAside: (rule: string) => void;
}

/**
 * One rule: how many pages have it, and what can be done. Opened, it shows the pages with their own messages. Drawn anew only
 * where something of it is another: there are more than a hundred.
 */
export const Line = memo(function Line({
  site,
  tally,
  under,
  pages,
  findings,
  weight: only,
  query,
  open,
  onOpen,
  onFixes,
  onPattern,
  onSetAside,
}: LineActions & {
  site: SiteRecord;
  tally: RuleTally;
  /** The folder that it stands under; "" where lines stand by subject. */
  under: string;
  findings: SiteFindings;
  /** Of which weight findings are shown; null for all. */
  weight: Weight | null;
  /** What the table is narrowed to. */
  query: string;
  open: boolean;
}) {
  const { rule, weight } = tally;
  const facts = TOLD.get(rule);
  if (!facts) return null;
  const { what, rest } = countedAs(facts, tally.pages);
  const [look, see] = tally.pages === 1 ? ["Look at the fix", "See it"] : ["Look at the fixes", "See them"];
  const way = wayToMend(rule);
  const on = (act: (rule: string, pages: readonly PageRecord[]) => void) => () => act(rule, pages(rule, under) ?? []);
  return (
    <li className="border-hairline border-b">
      <div className="flex min-h-11 flex-wrap content-center items-baseline gap-x-4 gap-y-1 py-2">
        <button
          type="button"
          data-line
          aria-expanded={open}
          onClick={() => onOpen(rule, under)}
          className="grid min-w-0 flex-1 basis-[20rem] grid-cols-[0.8125rem_minmax(0,1fr)] items-baseline gap-x-4 text-left"
        >
          <span className="self-start pt-1">
            <Mark weight={weight} />
          </span>
          <span className="font-serif text-15">
            <span className="border-graphite border-b border-dotted font-semibold">{what}</span> {rest}.
          </span>
        </button>
        <span className="flex flex-wrap items-baseline gap-x-4 gap-y-1 pl-[29px] print:hidden">
          {facts.hasFix && (
            <Action onClick={on(onFixes)} aria-label={`${look}: ${facts.finds}`}>
              {look}
            </Action>
          )}
          {way === "pattern" && <Action onClick={on(onPattern)}>Apply a pattern</Action>}
          {way !== null && way !== "pattern" && (
            <Link to={linkTo(site, way.screen)} className="text-blue hover:underline">
              {way.screen.name}
            </Link>
          )}
          <Link
            to={`${linkTo(site, screenOf("pages"))}${query}${query ? "&" : "?"}rule=${encodeURIComponent(rule)}`}
            aria-label={`${see} in the table: ${facts.finds}`}
            className="text-blue hover:underline"
          >
            {see}
          </Link>
        </span>
      </div>
      {open && (
        <Opened
          site={site}
          rule={rule}
          why={facts.why}
          across={facts.reach === "site"}
          repeated={facts.reach === "page" && tally.findings < tally.pages ? tally.findings : null}
          pages={pages(rule, under)}
          findings={findings}
          weight={only}
          onSetAside={() => onSetAside(rule)}
        />
      )}
    </li>
  );
});

function Opened({
  site,
  rule,
  why,
  across,
  repeated,
  pages,
  findings,
  weight,
  onSetAside,
}: {
  site: SiteRecord;
  rule: string;
  why: string;
  across: boolean;
  /** The number of findings, where pages share them because a template repeats a JSON-LD block. */
  repeated: number | null;
  pages: readonly PageRecord[] | null;
  findings: SiteFindings;
  weight: Weight | null;
  onSetAside: () => void;
}) {
  const [shown, setShown] = useState(FIRST);
  const first = pages?.slice(0, shown) ?? [];
  const read = useMessages(site, rule, weight, across ? [] : first);
  const messages = ({ id }: PageRecord) => (across ? messagesAcross(findings, id, rule, weight) : read.get(id));
  return (
    <div className="pb-3 pl-[29px]">
      {repeated !== null && (
        <p className="mb-1">
          {repeated === 1 ? "1 finding" : `${number.format(repeated)} findings`}: the same JSON-LD block is on several
          of these pages. Correct it once, in the template.
        </p>
      )}
      <dl className="grid grid-cols-[minmax(0,12.875rem)_minmax(0,1fr)] gap-x-5 gap-y-1 max-[43.75rem]:grid-cols-1">
        {byMessages(first, messages).map(({ pages: alike, messages }) => (
          <div key={alike[0]?.id} className="contents">
            <dt className="min-w-0">
              {alike.map((page) => (
                <Link
                  key={page.id}
                  to={linkToPage(site.id, page.id)}
                  title={page.name}
                  className="block truncate font-mono text-12 text-blue hover:underline"
                >
                  {pathOf(page.address)}
                </Link>
              ))}
            </dt>
            <dd className="min-w-0 break-words max-[43.75rem]:pb-1.5">
              {messages?.map((message) => <p key={message}>{message}</p>) ?? (
                <span className="text-ink-soft">Reading…</span>
              )}
            </dd>
          </div>
        ))}
      </dl>
      {pages === null && <p className="text-ink-soft">Reading the pages…</p>}
      {pages && pages.length > shown && (
        <p className="mt-1">
          <Action onClick={() => setShown(shown + MORE)}>
            {number.format(Math.min(MORE, pages.length - shown))} more
            {pages.length - shown > MORE && ` of ${number.format(pages.length - shown)}`}
          </Action>
        </p>
      )}
      <p className="mt-2 max-w-[70ch] text-ink-soft">
        {why}{" "}
        <Action onClick={onSetAside} className="whitespace-nowrap">
          Set aside for the site…
        </Action>
      </p>
    </div>
  );
}

const messagesAcross = (findings: SiteFindings, page: string, rule: string, weight: Weight | null): string[] => [
  ...new Set(
    (findings.ofPage.get(page) ?? []).flatMap(({ group }) =>
      group.rule === rule && (weight === null || group.weight === weight) ? [group.message] : [],
    ),
  ),
];

/** What a rule says of pages, which are read for it; kept up as they change. */
function useMessages(
  site: SiteRecord,
  rule: string,
  weight: Weight | null,
  pages: readonly PageRecord[],
): ReadonlyMap<string, readonly string[]> {
  const [read, setRead] = useState<ReadonlyMap<string, PageFindings["findings"]>>(new Map());
  const { fail } = useNotices();
  const wanted = pages.map(({ id, fingerprint, stamp }) => `${id} ${fingerprint} ${stamp}`).join("\n");
  // biome-ignore lint/correctness/useExhaustiveDependencies: the pages by what of them matters
  useEffect(() => {
    if (pages.length === 0) return;
    let gone = false;
    messagesOf(
      site,
      pages.map(({ id }) => id),
      rule,
    )
      .then((told) => {
        if (!gone) setRead((all) => new Map([...all, ...told.map(({ id, findings }) => [id, findings] as const)]));
      })
      .catch((error: unknown) => !gone && fail(error));
    return () => {
      gone = true;
    };
  }, [wanted, rule, site.id]);
  return useMemo(() => {
    const shown = (found: PageFindings["findings"]) =>
      found.flatMap((one) => (weight === null || one.weight === weight ? one.message : []));
    return new Map([...read].map(([id, found]) => [id, [...new Set(shown(found))]]));
  }, [read, weight]);
}
