import * as Comlink from "comlink";
import { useEffect, useState } from "react";
import type { FindingOn, SiteFinding } from "#core/findings/finding";
import { openOf, type SetAside } from "#core/findings/set-aside";
import { longRunLasts, onLongRun } from "../workers/long-run";
import type { SiteAuditPart, SiteWorker } from "../workers/site.worker";
import type { SiteRecord } from "./records/sites";

/** What is found across pages, on one of them. */
export interface FoundOn {
  group: SiteFinding;
  on: FindingOn;
}

/** What the rules across pages find, and which of it concerns each page. */
export interface SiteFindings {
  /** Without the places where it was set aside. */
  all: readonly SiteFinding[];
  ofPage: ReadonlyMap<string, readonly FoundOn[]>;
  /** With what was set aside. */
  everyOfPage: ReadonlyMap<string, readonly FoundOn[]>;
}

const NOTHING: SiteFindings = { all: [], ofPage: new Map(), everyOfPage: new Map() };

/** Findings by page, kept up finding by finding. */
class ByPage {
  readonly pages = new Map<string, FoundOn[]>();

  add(group: SiteFinding): void {
    for (const on of group.on) {
      // A new list each time: who shows a page's findings sees by it that they have changed.
      this.pages.set(on.page, [...(this.pages.get(on.page) ?? []), { group, on }]);
    }
  }

  take(group: SiteFinding): void {
    for (const { page } of group.on) {
      const left = (this.pages.get(page) ?? []).filter((one) => one.group !== group);
      if (left.length > 0) this.pages.set(page, left);
      else this.pages.delete(page);
    }
  }
}

/** What a site's rules across pages find, put together from what the worker tells. */
class Told {
  private readonly every = new Map<number, SiteFinding & { on: FindingOn[] }>();
  private readonly everyByPage = new ByPage();
  private fresh: number[] = [];
  /** The open part of each finding; null where all of it was set aside. */
  private readonly open = new Map<number, SiteFinding | null>();
  private openByPage = this.everyByPage;
  private setAsides: readonly SetAside[] = [];

  /** Takes a part in; what is found where it was the last one. */
  take(part: SiteAuditPart): SiteFindings | null {
    if ("gone" in part) {
      for (const number of part.gone) this.forget(number);
      for (const { number, ...finding } of part.come) this.every.set(number, { ...finding, on: [] });
      this.fresh.push(...part.come.map(({ number }) => number));
      return null;
    }
    if ("places" in part) {
      for (const [number, on] of part.places) this.every.get(number)?.on.push(...on);
      return null;
    }
    const asides = part.setAsides;
    const again = JSON.stringify(asides) !== JSON.stringify(this.setAsides);
    this.setAsides = asides;
    for (const number of this.fresh) {
      const finding = this.every.get(number);
      if (finding) this.everyByPage.add(finding);
    }
    if (again) {
      this.open.clear();
      this.openByPage = asides.length === 0 ? this.everyByPage : new ByPage();
    }
    for (const number of again ? this.every.keys() : this.fresh) this.sortOut(number);
    this.fresh = [];
    return {
      all: [...this.open.values()].flatMap((finding) => finding ?? []),
      ofPage: this.openByPage.pages,
      everyOfPage: this.everyByPage.pages,
    };
  }

  private sortOut(number: number): void {
    const finding = this.every.get(number);
    if (!finding) return;
    const [open = null] = openOf([finding], this.setAsides);
    this.open.set(number, open);
    if (open && this.openByPage !== this.everyByPage) this.openByPage.add(open);
  }

  private forget(number: number): void {
    const finding = this.every.get(number);
    const open = this.open.get(number);
    if (finding) this.everyByPage.take(finding);
    if (open && this.openByPage !== this.everyByPage) this.openByPage.take(open);
    this.every.delete(number);
    this.open.delete(number);
  }
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
  if (!worker) {
    worker = Comlink.wrap<SiteWorker>(
      new Worker(new URL("../workers/site.worker.ts", import.meta.url), { type: "module" }),
    );
    onLongRun((lasts) => void worker?.rest(lasts));
  }
  const told = new Told();
  const tell = (part: SiteAuditPart) => {
    if (watched !== key) return;
    const findings = told.take(part);
    if (!findings) return;
    latest = findings;
    for (const listener of listeners) listener(latest);
  };
  void worker.watch(site.id, site.houseStyle, Comlink.proxy(tell));
  if (longRunLasts()) void worker.rest(true);
}

/** The worker reads what is kept of every page; that waits until the table stands, in milliseconds. */
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
