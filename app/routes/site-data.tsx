import { useEffect, useMemo, useRef, useState } from "react";
import { Link, useSearchParams } from "react-router";
import { pathOf } from "#core/address/address";
import type { SiteWide } from "#core/compose/site-wide";
import { trailTo } from "#core/compose/site-wide";
import { screenOf } from "../screens";
import { changePages } from "../store/act-on-pages";
import type { PageRecord } from "../store/page-record";
import type { SiteRecord } from "../store/records/sites";
import { usePageRows } from "../store/rows";
import type { SiteDataPreview } from "../store/site-data";
import { MainButton } from "../ui/controls";
import { BelowPages } from "../ui/frame";
import { useNotices } from "../ui/notice";
import { useLongWork } from "../ui/use-long-work";
import { onPoolAll } from "../workers/pool";
import { useSite } from "./site";

export const meta = () => [{ title: "Structured data of the whole site · Keen Quill" }];

type What = SiteWide["what"];
const WHATS: [what: What, name: string, says: string][] = [
  ["organisation", "Whoever runs the site", "name, logo and profiles, as the house style has them"],
  ["site", "The site", "its name and address, and who publishes it"],
  ["trail", "The way to each page", "from the home page through the pages whose addresses stand above it"],
];
/** Changes that are shown, and pages with the same one that are named. */
const SHOWN = 200;
const NAMED = 8;
const NAMES: Record<string, string> = { "@type": "type", itemListElement: "steps" };

const number = new Intl.NumberFormat("en-GB");
const pagesOf = (n: number) => (n === 1 ? "1 page" : `${number.format(n)} pages`);
const isHome = ({ address }: PageRecord) => pathOf(address) === "/";

/** Entities that all pages state alike: what stating them changes on each page, then done on all in one action. */
export default function SiteDataScreen() {
  const site = useSite();
  const rows = usePageRows(site.id);
  const { notify } = useNotices();
  const { working, run } = useLongWork();
  const [params, setParams] = useSearchParams();
  const what = (WHATS.find(([one]) => one === params.get("what"))?.[0] ?? "organisation") as What;
  const home = params.get("on") === "home" && what !== "trail";
  const organisation = site.houseStyle.data?.organisation ?? null;
  const choose = (next: Record<string, string>) =>
    setParams({ what, ...(home && { on: "home" }), ...next }, { replace: true });
  const asked = useMemo(() => askedOf(site, rows, what, home), [site, rows, what, home]);
  const { previews, done } = usePreviews(site, asked);
  const changing = useMemo(
    () =>
      inOrder(
        previews.filter(({ edits }) => edits.length > 0),
        asked,
      ),
    [previews, asked],
  );
  const refused = previews.filter(({ reason }) => reason !== null);
  const reasons = [...new Set(refused.map(({ reason }) => reason))].map(
    (reason) => [reason, refused.filter((one) => one.reason === reason).length] as const,
  );
  const same = done - changing.length - refused.length;
  const groups = useMemo(() => alikeOf(changing), [changing]);
  const addresses = useMemo(() => new Map(rows?.map(({ id, address }) => [id, address])), [rows]);
  const name = WHATS.find(([one]) => one === what)?.[1] ?? "";
  const apply = async () => {
    const changes = changing.map(({ pageId, edits }) => ({ pageId, texts: [], edits }));
    const label = `State ${name.charAt(0).toLowerCase()}${name.slice(1)} on ${pagesOf(changes.length)}`;
    const done = await run(changes.length, (work) => changePages(site, changes, label, work));
    if (done) notify(`Stated on ${pagesOf(done.changed)}`, done.refused[0]?.reason ?? "One undo takes all of it back.");
  };
  const lacking = what === "organisation" && !organisation;
  return (
    <main className="flex min-w-0 flex-1 flex-col">
      <BelowPages site={site} screen={screenOf("siteData")} />
      <div className="flex min-h-0 flex-1 bg-sheet max-[1000px]:flex-col max-[1000px]:overflow-y-auto">
        <section
          aria-label="What is stated"
          className="w-[320px] shrink-0 overflow-y-auto border-hairline border-r px-6 py-5 max-[1000px]:w-full"
        >
          <h2 className="font-serif text-18">Structured data for every page</h2>
          <ul className="mt-2">
            {WHATS.map(([one, label, says]) => (
              <li key={one}>
                <button
                  type="button"
                  aria-pressed={what === one}
                  onClick={() => choose({ what: one })}
                  className={`-mx-3 w-[calc(100%+24px)] border-l-2 px-3 py-2 text-left ${what === one ? "border-blue bg-tint" : "border-transparent hover:bg-tint"}`}
                >
                  <span className="block font-serif text-15">{label}</span>
                  <span className="block text-soft">{says}</span>
                </button>
              </li>
            ))}
          </ul>
          {what !== "trail" && (
            <fieldset className="mt-4 grid gap-1">
              <legend className="text-soft">On</legend>
              {(["all", "home"] as const).map((one) => (
                <label key={one} className="flex items-baseline gap-1.5">
                  <input
                    type="radio"
                    name="on"
                    checked={home === (one === "home")}
                    onChange={() => choose({ on: one })}
                  />
                  {one === "home" ? "the home page alone" : "every page"}
                </label>
              ))}
            </fieldset>
          )}
          <p className="mt-4 text-soft">
            It is written into{" "}
            {site.houseStyle.data?.written === "graph" ? "the graph of each page" : "a block of its own on each page"},
            as the{" "}
            <Link to={`/sites/${site.id}/house-style#data`} className="text-blue underline">
              house style
            </Link>{" "}
            says.
          </p>
        </section>
        <section aria-label="What changes" className="flex min-w-0 flex-1 flex-col">
          {lacking ? (
            <p className="p-6 font-serif text-15 text-soft">
              The house style does not say yet who runs the site.{" "}
              <Link to={`/sites/${site.id}/house-style#data`} className="text-blue underline">
                Say it there
              </Link>
              , then state it here.
            </p>
          ) : (
            <>
              <div className="flex flex-wrap items-baseline gap-4 px-6 pt-5 pb-3" aria-live="polite">
                <MainButton
                  disabled={working !== null || changing.length === 0 || done < asked.length}
                  onClick={() => void apply()}
                >
                  {done < asked.length
                    ? `Looking: ${number.format(done)} of ${number.format(asked.length)}`
                    : changing.length === 0
                      ? "Nothing changes"
                      : `Add it as JSON-LD to ${pagesOf(changing.length)}`}
                </MainButton>
                {working}
                {same > 0 && (
                  <span className="text-soft">
                    {pagesOf(same)} {same === 1 ? "says" : "say"} the same already.
                  </span>
                )}
                {reasons.map(([reason, n]) => (
                  <span key={reason} className="text-soft">
                    {pagesOf(n)} {n === 1 ? "stays as it is" : "stay as they are"}: {reason}
                  </span>
                ))}
              </div>
              <ul className="min-h-0 flex-1 overflow-y-auto border-hairline border-t">
                {groups.slice(0, SHOWN).map(([one, ...others]) => (
                  <li key={one.pageId} className="border-hairline border-b px-6 py-2.5">
                    <p className="flex flex-wrap gap-x-3 font-mono text-12">
                      {[one, ...others].slice(0, NAMED).map(({ pageId }) => (
                        <Link
                          key={pageId}
                          to={`/sites/${site.id}/pages/${pageId}`}
                          className="text-blue hover:underline"
                        >
                          {pathOf(addresses.get(pageId) ?? "")}
                        </Link>
                      ))}
                      {others.length >= NAMED && (
                        <span className="font-sans text-soft">and {pagesOf(others.length + 1 - NAMED)} more</span>
                      )}
                    </p>
                    <dl className="grid grid-cols-[140px_minmax(0,1fr)] gap-x-3">
                      {one.lines.map(({ property, was, is }) => (
                        <div key={property} className="contents">
                          <dt className="text-soft">{NAMES[property] ?? property}</dt>
                          <dd className="min-w-0 break-words font-serif text-15">
                            {was !== "" && <span className="mr-2 text-graphite line-through">{was}</span>}
                            <span className="text-blue">{is}</span>
                          </dd>
                        </div>
                      ))}
                    </dl>
                  </li>
                ))}
                {groups.length > SHOWN && (
                  <li className="px-6 py-3 text-soft">and {pagesOf(groups.slice(SHOWN).flat().length)} more</li>
                )}
              </ul>
            </>
          )}
        </section>
      </div>
    </main>
  );
}

/** Pages come back as they are looked at: in the order in which they were asked for. */
function inOrder(previews: readonly SiteDataPreview[], asked: readonly AskedOfPage[]): SiteDataPreview[] {
  const places = new Map(asked.map(({ id }, i) => [id, i]));
  return previews.toSorted((a, b) => (places.get(a.pageId) ?? 0) - (places.get(b.pageId) ?? 0));
}

type Group = [SiteDataPreview, ...SiteDataPreview[]];

/** Pages on which the same changes, together. */
function alikeOf(previews: readonly SiteDataPreview[]): Group[] {
  const groups = new Map<string, Group>();
  for (const one of previews) {
    const name = JSON.stringify(one.lines);
    const group = groups.get(name);
    if (group) group.push(one);
    else groups.set(name, [one]);
  }
  return [...groups.values()];
}

interface AskedOfPage {
  id: string;
  asked: SiteWide;
}

/** What each page is to state: the same, or its own way from the home page. */
function askedOf(site: SiteRecord, rows: readonly PageRecord[] | null, what: What, home: boolean): AskedOfPage[] {
  const organisation = site.houseStyle.data?.organisation ?? null;
  const name = organisation?.name || site.name || new URL(site.address).hostname;
  const pages = (rows ?? []).filter((page) => page.format !== "fields" && (!home || isHome(page)));
  if (what === "organisation")
    return organisation ? pages.map(({ id }) => ({ id, asked: { what, organisation } })) : [];
  if (what === "site") return pages.map(({ id }) => ({ id, asked: { what, name, organisation } }));
  const known = new Map(pages.map((page) => [page.address, page.name || page.h1]));
  return pages.flatMap((page) => {
    if (!/^https?:/.test(page.address) || isHome(page)) return [];
    return [{ id: page.id, asked: { what, steps: trailTo(page.address, page.h1 || page.name, known, name) } }];
  });
}

/** Looks at each page on the pool; what was found so far is shown while the rest is read. */
function usePreviews(site: SiteRecord, asked: readonly AskedOfPage[]) {
  const [previews, setPreviews] = useState<SiteDataPreview[]>([]);
  const [done, setDone] = useState(0);
  const run = useRef(0);
  const how = site.houseStyle.data?.written ?? "blocks";
  useEffect(() => {
    setPreviews([]);
    setDone(0);
    if (asked.length === 0) return;
    const controller = new AbortController();
    const mine = ++run.current;
    const found: SiteDataPreview[] = [];
    void onPoolAll(asked, (worker, one) => worker.previewSiteData(one.id, one.asked, how), {
      signal: controller.signal,
      onResult: (one, count) => {
        if (one) found.push(one);
        if (mine !== run.current || (count % 25 !== 0 && count !== asked.length)) return;
        setPreviews([...found]);
        setDone(count);
      },
    });
    return () => controller.abort();
  }, [asked, how]);
  return { previews, done };
}
