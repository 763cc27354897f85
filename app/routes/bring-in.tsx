import { type DragEvent, useRef, useState } from "react";
import { Link, useLoaderData, useNavigate } from "react-router";
import { parseAddress } from "#core/address/address";
import { type Chosen, keep, newSite, type Prepared, prepare, sortFiles } from "../store/bring-in";
import { db } from "../store/db";
import { fieldClass, MainButton } from "../ui/controls";
import { useNotices } from "../ui/notice";
import type { Route } from "./+types/bring-in";

export const meta = () => [{ title: "Bring in pages · Keen Quill" }];

export async function clientLoader({ request }: Route.ClientLoaderArgs) {
  const id = new URL(request.url).searchParams.get("site");
  return { site: id ? ((await db().sites.get(id)) ?? null) : null };
}

/** Rows shown for correction; the rest are brought in as they are. */
const SHOWN = 200;

export default function BringIn() {
  const { site: existing } = useLoaderData<typeof clientLoader>();
  const navigate = useNavigate();
  const { fail } = useNotices();
  const [base, setBase] = useState(existing?.address ?? "");
  const [pasted, setPasted] = useState("");
  const [chosen, setChosen] = useState<Chosen | null>(null);
  const [done, setDone] = useState<number | null>(null);
  const [prepared, setPrepared] = useState<Prepared[] | null>(null);
  const [fault, setFault] = useState("");
  const [over, setOver] = useState(false);
  const stop = useRef<AbortController>(undefined);
  const picker = useRef<HTMLInputElement>(null);
  const [site] = useState(() => existing ?? newSite("", ""));

  const read = async (what: Chosen) => {
    const parsed = parseAddress(base || "https://site.example/");
    if ("reason" in parsed) {
      setFault(parsed.reason);
      return;
    }
    setFault("");
    setChosen(what);
    if (what.incoming.length === 0) {
      setFault(
        what.leftOut.length > 0
          ? "None of these could be brought in. Choose HTML files, or a zip of them."
          : "Nothing was chosen.",
      );
      return;
    }
    stop.current = new AbortController();
    setDone(0);
    try {
      const pages = await prepare(
        what.incoming,
        { siteId: site.id, base: parsed.address, houseStyle: site.houseStyle },
        setDone,
        stop.current.signal,
      );
      setPrepared(pages);
    } catch (error) {
      fail(error);
    } finally {
      setDone(null);
    }
  };

  const take = async (files: readonly File[]) => {
    if (files.length === 0) return;
    setDone(0);
    try {
      await read(await sortFiles(files));
    } catch (error) {
      fail(error);
    } finally {
      setDone(null);
    }
  };

  const drop = (event: DragEvent) => {
    event.preventDefault();
    setOver(false);
    void take([...event.dataTransfer.files]);
  };

  const paste = () => void read({ incoming: [{ path: "pasted.html", bytes: null, text: pasted }], leftOut: [] });

  const finish = async () => {
    if (!prepared) return;
    const wrong = prepared.find(({ address }) => "reason" in parseAddress(address));
    if (wrong) {
      setFault(`“${wrong.address}” is not an address. Correct it, then bring the pages in.`);
      return;
    }
    const address = base ? base : new URL(prepared[0]?.address ?? "https://site.example/").origin;
    try {
      const named = {
        ...site,
        address: site.address || address,
        name: site.name || new URL(parseAddressOr(address)).hostname.replace(/^www\./, ""),
      };
      await keep(named, prepared);
      navigate(`/sites/${site.id}/pages`);
    } catch (error) {
      fail(error);
    }
  };

  const correct = (id: string, address: string) =>
    setPrepared(
      (all) =>
        all?.map((page) => (page.id === id ? { ...page, address, summary: { ...page.summary, address } } : page)) ??
        null,
    );

  return (
    <main className="mx-auto max-w-[860px] px-8 py-10">
      <p>
        <Link to={existing ? `/sites/${existing.id}/pages` : "/?all"} className="text-blue hover:underline">
          Back
        </Link>
      </p>
      <h1 className="mt-2 font-serif text-24">
        Bring in pages{existing ? ` for ${existing.name || existing.address}` : ""}
      </h1>
      {fault && (
        <p role="alert" className="mt-4 border-red border-l-4 pl-3 text-15">
          {fault}
        </p>
      )}
      {prepared ? (
        <section aria-label="Pages to bring in">
          <p className="mt-4 text-15">
            Each address comes from the page’s canonical, else from the base address and the file’s path. Correct what
            is wrong.
          </p>
          <ul className="mt-4 divide-y divide-hairline border-hairline border-y">
            {prepared.slice(0, SHOWN).map((page) => (
              <li
                key={page.id}
                className="grid grid-cols-[1fr_1.4fr] items-center gap-4 py-1.5 max-[700px]:grid-cols-1"
              >
                <span className="min-w-0">
                  <span className="block truncate font-serif text-15">{page.examined.name || page.path}</span>
                  <span className="block truncate font-mono text-12 text-soft">{page.path}</span>
                  {page.fault && <span className="text-red">could not be read: it comes in with the reason</span>}
                </span>
                <input
                  aria-label={`Address of ${page.path}`}
                  value={page.address}
                  onChange={(e) => correct(page.id, e.target.value)}
                  className="w-full rounded border border-hairline bg-sheet px-2 py-1 font-mono text-12"
                />
              </li>
            ))}
          </ul>
          {prepared.length > SHOWN && <p className="mt-2 text-soft">and {prepared.length - SHOWN} more.</p>}
          <div className="mt-6 flex items-center gap-4">
            <MainButton onClick={() => void finish()}>
              Bring in {prepared.length === 1 ? "1 page" : `${prepared.length} pages`}
            </MainButton>
            <button type="button" className="text-blue hover:underline" onClick={() => setPrepared(null)}>
              Choose others
            </button>
          </div>
        </section>
      ) : (
        <>
          <label className="mt-6 grid gap-1">
            <span className="text-15">Base address, for pages that do not state their own</span>
            <input
              className={`${fieldClass} max-w-[420px]`}
              placeholder="https://www.your-site.example/"
              value={base}
              onChange={(e) => setBase(e.target.value)}
            />
          </label>
          <section
            aria-label="Files"
            onDragOver={(e) => {
              e.preventDefault();
              setOver(true);
            }}
            onDragLeave={() => setOver(false)}
            onDrop={drop}
            className={`mt-6 rounded border border-dashed p-10 text-center ${over ? "border-blue bg-tint" : "border-graphite"}`}
          >
            <p className="font-serif text-18">Drop HTML files or a zip of them here</p>
            <p className="mt-3">
              <MainButton onClick={() => picker.current?.click()}>Choose files</MainButton>
            </p>
            <input
              ref={picker}
              type="file"
              multiple
              hidden
              aria-label="HTML files or zip"
              accept=".html,.htm,.xhtml,.zip"
              onChange={(e) => void take([...(e.target.files ?? [])])}
            />
          </section>
          <section className="mt-8">
            <label className="grid gap-1">
              <span className="text-15">Or paste a page’s source</span>
              <textarea
                className={`${fieldClass} h-40 font-mono text-12`}
                value={pasted}
                onChange={(e) => setPasted(e.target.value)}
                spellCheck={false}
              />
            </label>
            <MainButton className="mt-3" disabled={pasted.trim() === ""} onClick={paste}>
              Read this source
            </MainButton>
          </section>
        </>
      )}
      {done !== null && (
        <p role="status" className="mt-6 flex items-center gap-4 text-15">
          <progress max={chosen?.incoming.length ?? 1} value={done} className="accent-ink" aria-label="Reading pages" />
          {done} of {chosen?.incoming.length ?? "…"} read
          <button type="button" className="text-blue hover:underline" onClick={() => stop.current?.abort()}>
            Stop
          </button>
        </p>
      )}
      {chosen && chosen.leftOut.length > 0 && (
        <section className="mt-8">
          <h2 className="font-serif text-18">{chosen.leftOut.length} left out</h2>
          <ul className="mt-2 grid gap-1 text-soft">
            {chosen.leftOut.slice(0, SHOWN).map(({ path, why }) => (
              <li key={path}>
                <span className="font-mono text-12">{path}</span>: {why}
              </li>
            ))}
          </ul>
        </section>
      )}
    </main>
  );
}

function parseAddressOr(text: string): string {
  const parsed = parseAddress(text);
  return "address" in parsed ? parsed.address : "https://site.example/";
}
