import { useEffect, useState } from "react";
import { Link } from "react-router";
import { pathOf } from "#core/address/address";
import { csvOf } from "#core/exchange/csv";
import { PAGE_KINDS, type PageKind } from "#core/page/page-kind";
import { counted } from "#core/rules/texts";
import { TextInPlace } from "../desk/text-in-place";
import { screenTitle } from "../document-title";
import { linkTo, screenOf } from "../screens";
import { describeSite, removeSite } from "../store/change-site";
import type { RedirectRecord } from "../store/records/redirects";
import { removeRedirect, useRedirects } from "../store/redirects";
import { usePageRows } from "../store/rows";
import { bytesOf } from "../store/site-records";
import { Action } from "../ui/controls";
import { download } from "../ui/download";
import { BelowPages, Screen } from "../ui/frame";
import { useNotices } from "../ui/notice";
import { nameOfSite } from "../ui/site-told";
import { switchTheme } from "../ui/theme";
import { useBackup } from "../ui/use-backup";
import { useSite } from "./site";

export const meta = screenTitle("site");

const when = new Intl.DateTimeFormat("en-GB", { dateStyle: "long", timeStyle: "short" });
const number = new Intl.NumberFormat("en-GB", { maximumFractionDigits: 1 });

/** A size in bytes as people say it. */
const sizeOf = (bytes: number) =>
  bytes < 1024 * 1024 ? `${number.format(Math.ceil(bytes / 1024))} KB` : `${number.format(bytes / 1024 / 1024)} MB`;

const saveRedirects = (redirects: readonly RedirectRecord[]) =>
  download("redirects.csv", csvOf(redirects.map(({ from, to }) => ({ from, to }))), "text/csv");

/** What is known of the site as a whole, and what is done with all of it. */
export default function SitePage() {
  const site = useSite();
  const rows = usePageRows(site.id);
  const { notify, fail } = useNotices();
  const backup = useBackup();
  const redirects = useRedirects(site.id);
  const [all, setAll] = useState<number | null>(null);
  const [bytes, setBytes] = useState<number | null>(null);
  useEffect(() => {
    // Counted once: while pages come in it would be counted over and over.
    void bytesOf(site.id).then(setBytes, fail);
    // Not every browser tells how much room it has given.
    void navigator.storage?.estimate?.().then(({ usage }) => setAll(usage ?? null));
  }, [site.id, fail]);
  const kinds = new Map<PageKind, number>();
  for (const { kind } of rows ?? []) kinds.set(kind, (kinds.get(kind) ?? 0) + 1);
  const remove = async () => {
    try {
      const { stopQueuesOf } = await import("../bring-in/queue-runner");
      await stopQueuesOf(site.id);
      await removeSite(site.id, new Date().toISOString());
      notify(`${nameOfSite(site)} was removed`, "For a day it can be put back, from the list of all sites.");
    } catch (error) {
      fail(error);
    }
  };
  const describe = (said: Parameters<typeof describeSite>[1], label: string) => {
    void describeSite(site.id, said, label).catch(fail);
    return null;
  };
  const pages = linkTo(site, screenOf("pages"));
  const term = "text-ink-soft";
  return (
    <Screen>
      <BelowPages site={site} screen={screenOf("site")} />
      <div className="min-h-0 flex-1 overflow-y-auto bg-sheet px-11 py-6 max-[43.75rem]:px-4">
        <dl className="grid max-w-[51.25rem] grid-cols-[9.375rem_1fr] items-baseline gap-y-3.5 max-[43.75rem]:grid-cols-1 max-[43.75rem]:gap-y-1">
          <dt className={term}>Name</dt>
          <dd className="font-serif text-18">
            <TextInPlace
              value={site.name}
              label="Name of the site"
              empty="without a name"
              onKeep={(name) => describe({ name }, "Rename the site")}
            />
          </dd>
          <dt className={term}>Address</dt>
          <dd>
            <TextInPlace
              value={site.address}
              label="Address of the site"
              empty="not set"
              className="font-mono"
              onKeep={(address) =>
                address === "" || URL.canParse(address)
                  ? describe({ address }, "Address of the site")
                  : "An address begins with https:// and the name of the site."
              }
            />
            <p className="mt-0.5 text-12 text-ink-soft">
              Pages that are brought in without an address of their own stand below it.
            </p>
          </dd>
          <dt className={term}>Brand</dt>
          <dd className="flex flex-wrap gap-x-4">
            <span>{site.houseStyle.brand || <span className="text-ink-soft">not set</span>}</span>
            <Link to={linkTo(site, screenOf("houseStyle"))} className="text-blue hover:underline">
              House style
            </Link>
          </dd>
          <dt className={term}>Brought in</dt>
          <dd className="flex flex-wrap gap-x-4">
            <span>{when.format(new Date(site.broughtInAt))}</span>
            <Link to={`/bring-in?site=${site.id}`} className="text-blue hover:underline">
              Bring in more pages
            </Link>
          </dd>
          {redirects && redirects.length > 0 && (
            <>
              <dt className={term}>Redirects</dt>
              <dd>
                <p>
                  {counted(redirects.length, "address is", "addresses are")} to lead to another page, which whoever runs
                  the site sets up.{" "}
                  <Action onClick={() => saveRedirects(redirects)} className="ml-2">
                    Save as CSV
                  </Action>
                </p>
                <ul aria-label="Redirects" className="mt-1">
                  {redirects.map((one) => (
                    <li key={one.id} className="flex flex-wrap items-baseline gap-x-3 font-mono text-12">
                      <span className="break-all">
                        {pathOf(one.from)} leads to {pathOf(one.to)}
                      </span>
                      <Action className="font-sans" onClick={() => void removeRedirect(one).catch(fail)}>
                        Take it off
                      </Action>
                    </li>
                  ))}
                </ul>
              </dd>
            </>
          )}
          <dt className={term}>Pages</dt>
          <dd>
            {rows === null ? (
              "…"
            ) : (
              <>
                <Link to={pages} className="text-blue hover:underline">
                  {counted(rows.length, "page")}
                </Link>
                <ul className="mt-1 flex flex-wrap gap-x-5 gap-y-1 text-ink-soft">
                  {[...kinds]
                    .sort(([, a], [, b]) => b - a)
                    .map(([kind, n]) => (
                      <li key={kind}>
                        <Link to={`${pages}?kind=${kind}`} className="inline-block hover:text-ink hover:underline">
                          {counted(n, PAGE_KINDS[kind].one, PAGE_KINDS[kind].many)}
                        </Link>
                      </li>
                    ))}
                </ul>
              </>
            )}
          </dd>
          <dt className={term}>Room it takes</dt>
          <dd>
            {bytes === null ? "…" : `${sizeOf(bytes)} of pages and files, packed`}
            {all !== null && (
              <span className="text-ink-soft">, of {sizeOf(all)} that Keen Quill keeps in this browser</span>
            )}
          </dd>
          <dt className={term}>Backup</dt>
          <dd className="flex flex-wrap gap-x-5">
            <Action onClick={backup.make}>Make a backup of everything</Action>
            <Action onClick={backup.putBack}>Put a backup back…</Action>
            {backup.input}
          </dd>
          <dt className={term}>Light and dark</dt>
          <dd>
            <Action onClick={switchTheme}>Switch between dark and light</Action>
          </dd>
          <dt className={term}>Removal</dt>
          <dd>
            <Action removes onClick={() => void remove()}>
              Remove this site from this browser
            </Action>
            <p className="mt-0.5 text-12 text-ink-soft">
              Its pages and all that was changed go with it. For a day it can be put back; a backup keeps it longer.
            </p>
          </dd>
        </dl>
      </div>
    </Screen>
  );
}
