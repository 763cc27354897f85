import * as Comlink from "comlink";
import { useEffect, useState } from "react";
import type { FindingOn, SiteFinding } from "#core/findings/finding";
import { openOf } from "#core/findings/set-aside";
import type { SiteAuditPart, SiteWorker } from "../workers/site.worker";
import type { SiteRecord } from "./records/sites";

/** What is found across pages, on one of them. */
export interface FoundOn {
  group: SiteFinding;
  on: FindingOn;
}

type ByPage = ReadonlyMap<string, readonly FoundOn[]>;

/** What the rules across pages find, and which of it concerns each page. */
export interface SiteFindings {
  /** Without the places where it was set aside. */
  all: readonly SiteFinding[];
  ofPage: ByPage;
  /** With what was set aside. */
  everyOfPage: ByPage;
}

const NOTHING: SiteFindings = { all: [], ofPage: new Map(), everyOfPage: new Map() };

function byPage(findings: readonly SiteFinding[]): ByPage {
  const ofPage = new Map<string, FoundOn[]>();
  for (const group of findings)
    for (const on of group.on) {
      const list = ofPage.get(on.page);
      if (list) list.push({ group, on });
      else ofPage.set(on.page, [{ group, on }]);
    }
  return ofPage;
}

let worker: Comlink.Remote<SiteWorker> | null = null;
let watched = "";
let latest = NOTHING;
const listeners = new Set<(findings: SiteFindings) => void>();

function watch(site: SiteRecord): void {
  const key = site.id + JSON.stringify(site.houseStyle);
  if (watched === key) return;
  if (!watched.startsWith(site.id)) latest = NOTHING;
  watched = key;
  worker ??= Comlink.wrap<SiteWorker>(
    new Worker(new URL("../workers/site.worker.ts", import.meta.url), { type: "module" }),
  );
  let every: (Omit<SiteFinding, "on"> & { on: FindingOn[] })[] = [];
  const tell = (part: SiteAuditPart) => {
    if ("begins" in part) every = part.begins.map((finding) => ({ ...finding, on: [] }));
    else if ("places" in part) for (const [finding, on] of part.places) every[finding]?.on.push(...on);
    else if (watched === key) {
      const open = openOf(every, part.ends);
      const everyOfPage = byPage(every);
      latest = { all: open, ofPage: open === every ? everyOfPage : byPage(open), everyOfPage };
      for (const listener of listeners) listener(latest);
    }
  };
  void worker.watch(site.id, site.houseStyle, Comlink.proxy(tell));
}

/** The worker reads every summary; that waits until the table stands, in milliseconds. */
const AFTER_TABLE = 150;

/** Findings across the site's pages, kept up by a worker as pages change; it begins when the pages themselves are there. */
export function useSiteFindings(site: SiteRecord, ready = true): SiteFindings {
  const [findings, setFindings] = useState(latest);
  useEffect(() => {
    const timer = ready ? setTimeout(() => watch(site), AFTER_TABLE) : undefined;
    setFindings(latest);
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
    if (worker && findings !== NOTHING) void ask(worker).then((said) => !gone && setAnswer(said));
    return () => {
      gone = true;
    };
  }, [findings, ask]);
  return answer;
}
