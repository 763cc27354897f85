import { useLiveQuery } from "dexie-react-hooks";
import { useEffect, useRef, useState } from "react";
import { Link, useLoaderData, useNavigate, useSearchParams } from "react-router";
import { parseAddress } from "#core/address/address";
import type { LeftOut } from "#core/exchange/zip";
import { faultsOf, parted, UNSAID } from "../bring-in/addresses";
import { Draft } from "../bring-in/draft";
import { FromDisk } from "../bring-in/from-disk";
import { FromTable } from "../bring-in/from-table";
import { FromWeb } from "../bring-in/from-web";
import { QueueView } from "../bring-in/queue-view";
import { resumeQueues } from "../bring-in/resume";
import { LeftOutList, Review, type Reviewed } from "../bring-in/review";
import {
  arrivingOf,
  incomingFile,
  keep,
  newSite,
  type Prepared,
  partPresent,
  prepare,
  sortFiles,
} from "../store/bring-in";
import { db } from "../store/db";
import { type ChosenFile, keepFiles } from "../store/files";
import { missingAmong } from "../store/gone";
import { pageFinder } from "../store/page-finder";
import type { Incoming } from "../store/read-incoming";
import { titled } from "../titled";
import { Commands } from "../ui/commands";
import { Action } from "../ui/controls";
import { HowFar } from "../ui/how-far";
import { useNotices } from "../ui/notice";
import type { Route } from "./+types/bring-in";

export const meta = () => titled("Bring in pages");

export async function clientLoader({ request }: Route.ClientLoaderArgs) {
  const id = new URL(request.url).searchParams.get("site");
  return { site: id ? ((await db().sites.get(id)) ?? null) : null };
}

const WAYS = [
  { way: "web", name: "From the web", says: "addresses, a sitemap, links" },
  { way: "disk", name: "From disk", says: "files, a folder, a zip" },
  { way: "table", name: "From a spreadsheet", says: "addresses and texts" },
  { way: "draft", name: "As a draft", says: "a text, a new page, source" },
] as const;

/** What was read as it is reviewed: pages of one address parted by their places. */
function reviewed(prepared: readonly Prepared[]): Reviewed[] {
  const pages = prepared.map((page) => ({
    id: page.id,
    path: page.path,
    address: page.address,
    guess: page.source.addressGiven ? null : page.source.address,
    page,
  }));
  return parted(pages).map(({ page, address, moved }) => ({ page, address, moved, leftOut: false }));
}

/** What is said of pages that are not among the files any more. */
const goneText = (missing: number) =>
  missing === 0
    ? ""
    : ` ${missing === 1 ? "1 page is" : `${missing} pages are`} gone from the site: kept until you remove ${missing === 1 ? "it" : "them"}.`;

export default function BringIn() {
  const { site: existing } = useLoaderData<typeof clientLoader>();
  const navigate = useNavigate();
  const { notify, fail } = useNotices();
  const [params, setParams] = useSearchParams();
  const way = WAYS.find((one) => one.way === params.get("way"))?.way ?? "web";
  const [base, setBase] = useState(existing?.address ?? "");
  const [leftOut, setLeftOut] = useState<LeftOut[]>([]);
  const [beside, setBeside] = useState<ChosenFile[]>([]);
  const [reading, setReading] = useState<{ done: number; of: number } | null>(null);
  const [review, setReview] = useState<Reviewed[] | null>(null);
  const [known, setKnown] = useState<ReadonlySet<string>>(new Set());
  const [fault, setFault] = useState("");
  const stop = useRef<AbortController>(undefined);
  const [fresh] = useState(() => newSite("", ""));
  const site = existing ?? fresh;
  const queues =
    useLiveQuery(() => (existing ? db().queues.where("siteId").equals(existing.id).toArray() : []), [existing]) ?? [];
  useEffect(() => void resumeQueues(), []);

  const baseAddress = (): string | null => {
    const parsed = parseAddress(base || UNSAID);
    if ("address" in parsed) return parsed.address;
    setFault(parsed.reason);
    return null;
  };
  const read = async (incoming: readonly Incoming[]) => {
    setFault("");
    stop.current = new AbortController();
    setReading({ done: 0, of: incoming.length });
    try {
      const prepared = await prepare(
        site,
        incoming,
        (done) => setReading({ done, of: incoming.length }),
        stop.current.signal,
      );
      const known = await pageFinder(site.id);
      setKnown(new Set(prepared.filter((one) => known.find(arrivingOf(one)) !== null).map(({ id }) => id)));
      setReview(reviewed(prepared));
    } catch (error) {
      fail(error);
    } finally {
      setReading(null);
    }
  };
  const take = async (files: readonly File[]) => {
    const from = baseAddress();
    if (files.length === 0 || from === null) return;
    setReading({ done: 0, of: files.length });
    try {
      const chosen = await sortFiles(files);
      setLeftOut(chosen.leftOut);
      setBeside(chosen.beside);
      if (chosen.files.length === 0 && chosen.beside.length > 0 && existing) {
        await keepFiles(existing, chosen.beside, from);
        notify(
          `${chosen.beside.length} pictures and style sheets kept`,
          "They are shown beside the pages that use them.",
        );
      } else if (chosen.files.length > 0) await read(chosen.files.map((file) => incomingFile(file, from)));
      else setFault("None of these could be brought in. Choose HTML or Markdown files, or a zip of them.");
    } catch (error) {
      fail(error);
    } finally {
      setReading(null);
    }
  };
  const finish = async (all: readonly Reviewed[]) => {
    const rows = all.filter(({ leftOut }) => !leftOut);
    if (rows.some(({ address }) => address.startsWith(UNSAID))) {
      setFault(
        "Say where the site stands: type the beginning of its addresses, such as https://www.your-site.example/.",
      );
      return;
    }
    const faults = faultsOf(rows.map(({ page: { id, path }, address }) => ({ id, path, address })));
    if (faults.size > 0) {
      setFault(
        `${faults.size === 1 ? "One address cannot" : `${faults.size} addresses cannot`} be used. What is wrong stands beside ${faults.size === 1 ? "it" : "them"}.`,
      );
      return;
    }
    setFault("");
    const [first] = rows;
    if (!first) return;
    const origin = site.address || (base && baseAddress()) || new URL("/", first.address).href;
    try {
      const prepared = await readAgain(rows);
      const named = {
        ...site,
        address: origin,
        name: site.name || new URL(origin).hostname.replace(/^www\./, ""),
      };
      await keepFiles(named, beside, origin);
      const { fresh, again } = await partPresent(named, prepared);
      const missing = await missingAmong(site.id, new Set(again.map(({ was }) => was.id)));
      const kept = await keep(named, fresh, { again, missing });
      if (kept.again > 0)
        notify(
          `${kept.again} brought in again`,
          `${kept.kept} changes carried over, ${kept.settled} settled, ${kept.conflicts} to decide.${goneText(missing.length)}`,
        );
      navigate(`/sites/${site.id}/findings`);
    } catch (error) {
      fail(error);
    }
  };
  /** Pages whose address was corrected are read again with it: what is found on them depends on it. */
  const readAgain = async (rows: readonly Reviewed[]): Promise<Prepared[]> => {
    const corrected = new Map<Prepared, Incoming>();
    for (const { page, address } of rows) {
      const parsed = parseAddress(address);
      if (address !== page.address && "address" in parsed)
        corrected.set(page, {
          ...page.source,
          address: parsed.address,
          addressGiven: true,
          // What took too long once is not read a second time.
          ...(page.original.unread && { unread: page.original.unread }),
        });
    }
    if (corrected.size === 0) return rows.map(({ page }) => page);
    stop.current = new AbortController();
    const of = corrected.size;
    setReading({ done: 0, of });
    try {
      const again = await prepare(
        site,
        [...corrected.values()],
        (done) => setReading({ done, of }),
        stop.current.signal,
      );
      const bySource = new Map(again.map((one) => [one.source, one]));
      // In their order; what was not read any more, because it was stopped, is not brought in.
      return rows.flatMap(({ page }) => {
        const source = corrected.get(page);
        return source ? (bySource.get(source) ?? []) : [page];
      });
    } finally {
      setReading(null);
    }
  };

  return (
    <main className="mx-auto grid max-w-[67.5rem] grid-cols-[13.75rem_minmax(0,1fr)] gap-12 px-8 py-9 max-[50rem]:grid-cols-[minmax(0,1fr)] max-[50rem]:gap-6">
      <div>
        <div className="flex h-6 items-center gap-4">
          <Link to={existing ? `/sites/${existing.id}/pages` : "/?all"} className="flex-1 text-blue hover:underline">
            Back
          </Link>
          <Commands site={existing ?? null} />
        </div>
        <h1 className="mt-2 font-serif text-24 leading-tight">
          Bring in pages{existing ? ` for ${existing.name || existing.address}` : ""}
        </h1>
        <nav aria-label="Ways to bring pages in" className="mt-6 grid gap-1">
          {WAYS.map(({ way: one, name, says }) => (
            <button
              key={one}
              type="button"
              aria-current={one === way ? "page" : undefined}
              onClick={() => {
                setFault("");
                setReview(null);
                setParams({ ...(existing && { site: existing.id }), way: one }, { replace: true });
              }}
              className="border-transparent border-l-2 px-3 py-1.5 text-left hover:bg-tint aria-[current=page]:border-ink aria-[current=page]:bg-sheet"
            >
              <span className="block text-15">{name}</span>
              <span className="block text-12 text-ink-soft">{says}</span>
            </button>
          ))}
        </nav>
      </div>
      <div className="min-w-0">
        {fault && (
          <p role="alert" className="mb-5 border-red border-l-4 pl-3 text-15">
            {fault}
          </p>
        )}
        {reading ? (
          <p className="flex gap-3 text-15">
            <HowFar before="Reading: " {...reading} />
            <Action onClick={() => stop.current?.abort()}>Stop</Action>
          </p>
        ) : review ? (
          <Review
            rows={review}
            beside={beside.length}
            present={known}
            onRows={setReview}
            onKeep={(rows) => void finish(rows)}
            onOthers={() => setReview(null)}
          />
        ) : way === "web" ? (
          <FromWeb
            site={existing}
            fault={setFault}
            onBegun={(id) => setParams({ site: id, way: "web" }, { replace: true })}
          />
        ) : way === "disk" ? (
          <FromDisk base={base} onBase={setBase} onFiles={(files) => void take(files)} />
        ) : way === "table" ? (
          <FromTable site={site} base={base} fault={setFault} onDone={() => navigate(`/sites/${site.id}/findings`)} />
        ) : (
          <Draft
            phrase={params.get("phrase") ?? ""}
            base={base || site.address || UNSAID}
            fault={setFault}
            onIncoming={(incoming) => void read(incoming)}
          />
        )}
        <LeftOutList leftOut={leftOut} />
        {queues.length > 0 && (
          <section aria-label="What is being brought in" className="mt-10">
            {queues
              .sort((a, b) => b.startedAt.localeCompare(a.startedAt))
              .map((queue) => (
                <QueueView key={queue.id} queue={queue} />
              ))}
          </section>
        )}
      </div>
    </main>
  );
}
