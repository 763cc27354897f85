import * as Comlink from "comlink";
import { useEffect, useState } from "react";
import { longRunLasts, onLongRun } from "../workers/long-run";
import type { SiteAuditPart, SiteWorker } from "../workers/site.worker";
import { unlessLost } from "./lost";
import type { SiteRecord } from "./records/sites";
import { NOTHING, type SiteFindings, Told } from "./told-findings";

let worker: Comlink.Remote<SiteWorker> | null = null;
let watched = "";
let latest = NOTHING;
const listeners = new Set<(findings: SiteFindings) => void>();

function watch(site: SiteRecord): void {
  const key = site.id + JSON.stringify(site.houseStyle);
  if (watched === key) return;
  if (!watched.startsWith(site.id)) latest = NOTHING;
  watched = key;
  if (!worker) {
    worker = Comlink.wrap<SiteWorker>(
      new Worker(new URL("../workers/site.worker.ts", import.meta.url), { type: "module" }),
    );
    onLongRun((lasts) => void worker?.rest(lasts).catch(unlessLost));
  }
  const told = new Told();
  const tell = (part: SiteAuditPart) => {
    if (watched !== key) return;
    const findings = told.take(part);
    if (!findings) return;
    latest = findings;
    for (const listener of listeners) listener(latest);
  };
  void worker.watch(site.id, site.houseStyle, Comlink.proxy(tell)).catch(unlessLost);
  if (longRunLasts()) void worker.rest(true).catch(unlessLost);
}

/** The worker reads what is kept of every page; that waits until the table stands, in milliseconds. */
const AFTER_TABLE = 150;

/** What is known of a site: what was found on another one says nothing of it. */
const lastOf = (siteId: string) => (watched.startsWith(siteId) ? latest : NOTHING);

/** Findings across the site's pages, kept up by a worker as pages change; it begins when the pages themselves are there. */
export function useSiteFindings(site: SiteRecord, ready = true): SiteFindings {
  const [findings, setFindings] = useState(() => lastOf(site.id));
  useEffect(() => {
    const timer = ready ? setTimeout(() => watch(site), AFTER_TABLE) : undefined;
    setFindings(lastOf(site.id));
    listeners.add(setFindings);
    return () => {
      clearTimeout(timer);
      listeners.delete(setFindings);
    };
  }, [site, ready]);
  return findings;
}

/** The worker that watches a site, to be asked. */
export type SiteAsked = Comlink.Remote<SiteWorker>;

/** What the worker that watches the site says, asked again whenever the site has changed; null until it is known. */
export function useSiteAnswer<R>(site: SiteRecord, ask: (worker: SiteAsked) => Promise<R>): R | null {
  const findings = useSiteFindings(site);
  const [answer, setAnswer] = useState<R | null>(null);
  useEffect(() => {
    let gone = false;
    if (worker && findings !== NOTHING) void ask(worker).then((said) => !gone && setAnswer(said), unlessLost);
    return () => {
      gone = true;
    };
  }, [findings, ask]);
  return answer;
}
