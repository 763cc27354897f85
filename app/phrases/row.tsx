import { Link } from "react-router";
import { pathOf } from "#core/address/address";
import { inWords, PLACE_NAMES } from "#core/standing/in-words";
import { PLACES } from "#core/standing/standing";
import { linkToPage } from "../screens";
import type { PageRecord } from "../store/page-record";
import type { SiteRecord } from "../store/records/sites";
import { Action } from "../ui/controls";
import { ofPage } from "../ui/of-page";
import { Tick } from "../ui/tick";
import { DragSource, DropPage } from "./drag";
import type { PhraseLine } from "./lines";

const number = new Intl.NumberFormat("en-GB");

export const COLUMNS_CLASS =
  "grid grid-cols-[1.25rem_minmax(0,1.15fr)_4rem_minmax(0,1.2fr)_minmax(0,1.5fr)] gap-x-4 max-[43.75rem]:grid-cols-[1.25rem_minmax(0,1fr)_4rem]";

/** One phrase: how often it is searched, its page, and where it stands there. */
export function PhraseRow({
  site,
  line,
  byId,
  chosen,
  selected,
  onChoose,
  onSelect,
  onTake,
}: {
  site: SiteRecord;
  line: PhraseLine;
  byId: ReadonlyMap<string, PageRecord>;
  chosen: boolean;
  selected: boolean;
  onChoose: () => void;
  onSelect: () => void;
  /** Makes it the target of the page that answers it. */
  onTake: (page: PageRecord) => void;
}) {
  const { text, record, targets, supporting } = line;
  return (
    <div
      className={`${COLUMNS_CLASS} items-start border-hairline border-b px-7 py-2.5 max-[43.75rem]:px-4 ${chosen ? "bg-tint" : ""}`}
    >
      <span className="pt-0.5">
        <Tick label={`Select ${text}`} checked={selected} onChange={onSelect} />
      </span>
      <DragSource name={line.key}>
        <button
          type="button"
          aria-pressed={chosen}
          onClick={onChoose}
          className={`text-left font-serif text-15 leading-snug hover:underline ${line.of ? "pl-4" : ""}`}
        >
          {text}
        </button>
      </DragSource>
      <span className="text-right tabular-nums">
        {record?.volume === null || record === null ? (
          <span className="text-ink-soft">–</span>
        ) : (
          number.format(record.volume)
        )}
      </span>
      <span className="min-w-0 max-[43.75rem]:col-span-2 max-[43.75rem]:col-start-2">
        {targets.length === 1 && targets[0] ? (
          <DropPage name={`line ${line.key}`} page={targets[0].id}>
            <PageCell site={site} line={line} byId={byId} onChoose={onChoose} />
          </DropPage>
        ) : (
          <PageCell site={site} line={line} byId={byId} onChoose={onChoose} />
        )}
      </span>
      <span className="min-w-0 max-[43.75rem]:col-span-2 max-[43.75rem]:col-start-2">
        {targets.length + supporting.length > 0 ? (
          <Standing line={line} />
        ) : (
          <Elsewhere site={site} line={line} byId={byId} onTake={onTake} />
        )}
      </span>
    </div>
  );
}

function PageCell({
  site,
  line: { targets, supporting, told },
  byId,
  onChoose,
}: {
  site: SiteRecord;
  line: PhraseLine;
  byId: ReadonlyMap<string, PageRecord>;
  onChoose: () => void;
}) {
  const [page] = targets.length > 0 ? targets : supporting;
  if (targets.length > 1)
    return (
      <>
        <button type="button" onClick={onChoose} className="block text-left text-red hover:underline">
          wanted by {targets.length} pages
        </button>
        <span className="block truncate font-mono text-12 text-ink-soft">
          {targets.map(({ address }) => pathOf(address)).join(", ")}
        </span>
      </>
    );
  if (page)
    return (
      <>
        <Link to={linkToPage(site.id, page.id)} className="block truncate hover:underline" {...ofPage(page.language)}>
          {page.name || pathOf(page.address)}
        </Link>
        <span className="block truncate font-mono text-12 text-ink-soft">{pathOf(page.address)}</span>
        {targets.length === 0 && <span className="text-12 text-ink-soft">supports it</span>}
      </>
    );
  const answering = byId.get(told?.answered[0]?.[0] ?? "");
  return (
    <>
      <span className="text-ink-soft">{answering ? "no page; spoken of on" : "no page"}</span>
      {answering && (
        <Link
          to={linkToPage(site.id, answering.id)}
          className="block truncate font-mono text-12 text-ink-soft hover:underline"
        >
          {pathOf(answering.address)}
        </Link>
      )}
    </>
  );
}

function Standing({ line: { standing, told, targets } }: { line: PhraseLine }) {
  const anchors = told?.anchors ?? null;
  if (!standing && !anchors) return <span className="text-red">stands nowhere on its page</span>;
  const places = { ...Object.fromEntries(PLACES.map((one) => [one, null])), ...standing?.places, anchors };
  const { there, missing } = inWords({
    places: places as NonNullable<typeof standing>["places"],
    count: standing?.count ?? 0,
  });
  return (
    <>
      {there}
      {targets.length > 0 && missing && (
        <>
          {there && "; "}
          <span className="text-red">{missing}</span>
        </>
      )}
    </>
  );
}

/** Where a phrase without a page stands on the site, and what can be done with it. */
function Elsewhere({
  site,
  line: { text, told },
  byId,
  onTake,
}: {
  site: SiteRecord;
  line: PhraseLine;
  byId: ReadonlyMap<string, PageRecord>;
  onTake: (page: PageRecord) => void;
}) {
  if (!told) return null;
  const [first] = told.answered;
  const page = first && byId.get(first[0]);
  if (first && page) {
    const names = PLACES.flatMap((place) => (first[1][place as keyof (typeof first)[1]] ? [PLACE_NAMES[place]] : []));
    return (
      <>
        {names.join(", ")}{" "}
        <Action onClick={() => onTake(page)} title={`${pathOf(page.address)} is to be found for “${text}” from now on`}>
          {page.phrase ? "Let it support this page" : "Make it this page’s phrase"}
        </Action>
      </>
    );
  }
  return (
    <>
      <span className="text-ink-soft">
        {told.pages > 0
          ? `${number.format(told.pages)} ${told.pages === 1 ? "page has" : "pages have"} its words`
          : "nowhere on the site"}
      </span>{" "}
      <Link
        to={`/bring-in?site=${site.id}&way=draft&phrase=${encodeURIComponent(text)}`}
        className="text-blue underline"
      >
        Begin a page
      </Link>
    </>
  );
}
