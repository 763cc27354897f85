import { explainFault, type FetchAnswer, pauseAfter, triesFor } from "#core/address/fetch-answer";
import { type Robots, robotsAddressOf, robotsOfAnswer } from "#core/address/robots";
import { keep } from "../store/bring-in";
import { db } from "../store/db";
import { explainStorage } from "../store/faults";
import { noteGone } from "../store/gone";
import { type PageFinder, pageFinder } from "../store/page-finder";
import { addItems, learntByQueue, tellPages } from "../store/queues";
import { readWithin } from "../store/read-within";
import type { ItemState, QueueItem, QueueRecord } from "../store/records/queues";
import type { SiteRecord } from "../store/records/sites";
import { today } from "../store/today";
import { transact } from "../store/transact";
import { onPool, onPoolBeside } from "../workers/pool";
import { type Brought, fetchFromServer } from "./fetch-from-server";
import type { Read } from "./fetch-page";

/** Pages are kept in batches: after so many, or after so long in milliseconds. */
const BATCH = 20;
const BATCH_MS = 400;
/** Pages that may wait to be read beside those that are being fetched. */
const READ_AHEAD = 24;
/** While our own server does not answer it is asked again after this long. */
const SERVER_PAUSE = 2000;

/** What a host asks of us. */
interface Host {
  robots: Promise<Robots>;
  active: number;
  /** Milliseconds of the clock before which nothing more is asked. */
  nextAt: number;
  /** Milliseconds between two requests; null until robots.txt has been read, and till then one request goes at a time. */
  pace: number | null;
}

/** A page that was read and waits to be kept. */
type ReadItem = Read & { item: QueueItem };

/** What is known of a queue beside its records. */
export interface RunnerStatus {
  running: boolean;
  /** Why nothing is being fetched just now; null where something is. */
  paused: string | null;
}

/** There is no such page, or not any more (RFC 9110, 15.5.5 and 15.5.11). */
const GONE: ReadonlySet<number> = new Set([404, 410]);

const IDLE: RunnerStatus = { running: false, paused: null };

/**
 * Works a queue off: at most so many requests at once to one host, its robots.txt and its pauses honoured, pages kept in
 * batches. Everything that is needed to go on is in storage, so that a reload or another server loses nothing.
 */
class Runner {
  status: RunnerStatus = { running: true, paused: null };
  private readonly hosts = new Map<string, Host>();
  private readonly stopping = new AbortController();
  private readonly active = new Set<number>();
  private batch: ReadItem[] = [];
  private batchSince = 0;
  /** Batches being kept, one after the other, while the next pages are fetched. */
  private keeping: Promise<void> = Promise.resolve();
  /** Items that were read and are not marked as brought in yet. */
  private readonly unkept = new Set<number>();
  private fault: unknown = null;
  private known: PageFinder = { find: () => null, byAddress: new Map() };
  private wake: () => void = () => {};

  constructor(
    private queue: QueueRecord,
    private site: SiteRecord,
    private readonly changed: () => void,
  ) {}

  private noteGone(page: string): Promise<void> {
    return transact(this.site.id, this.label(), (tx) => noteGone(tx, [page]), { group: this.queue.id });
  }

  private label(): string {
    return `${this.queue.from === "again" ? "Bring in again" : "Bring in"}: ${this.queue.name}`;
  }

  private pageIdAt(address: string): string | null {
    return this.known.find({ path: "", address, addressGiven: true });
  }

  stop(): void {
    this.stopping.abort();
    this.wake();
  }

  async run(): Promise<void> {
    this.known = await pageFinder(this.site.id);
    let brought = await db().queueItems.where("[queueId+state]").equals([this.queue.id, "brought-in"]).count();
    const { signal } = this.stopping;
    let waiting: QueueItem[] = [];
    while (!signal.aborted) {
      if (waiting.length === 0) waiting = await this.nextItems();
      if (waiting.length === 0 && this.active.size === 0) {
        await this.flush();
        // What was kept may have brought new addresses.
        waiting = await this.nextItems();
        if (waiting.length === 0) break;
      }
      const now = Date.now();
      let soonest = now + 200;
      const later: QueueItem[] = [];
      for (const [i, item] of waiting.entries()) {
        if (this.active.size >= this.queue.limits.atOnce + READ_AHEAD) {
          later.push(...waiting.slice(i));
          break;
        }
        const host = this.hostOf(item.address);
        const at = Math.max(item.notBefore, host.nextAt);
        const most = host.pace === null ? 1 : this.queue.limits.atOnce;
        if (host.active >= most || at > now) {
          if (at > now) soonest = Math.min(soonest, at);
          later.push(item);
          continue;
        }
        if (item.wanted === "page" && brought + this.active.size >= this.queue.limits.pages) {
          if (this.active.size > 0) later.push(item);
          else await this.finish(item, "left-out", `The limit of ${this.queue.limits.pages} pages is reached.`);
          continue;
        }
        host.active++;
        host.nextAt = Math.max(host.nextAt, now + (host.pace ?? 0));
        this.active.add(item.id);
        void this.work(item, host).then((added) => {
          if (added) brought++;
          this.active.delete(item.id);
          this.wake();
        });
      }
      waiting = later;
      if (this.batch.length >= BATCH || (this.batch.length > 0 && now - this.batchSince > BATCH_MS))
        this.flush().catch(() => {});
      // A storage that cannot keep up, or refuses, must not be run over.
      if (this.unkept.size > BATCH * 5 || this.fault) await this.flush();
      await this.rest(Math.max(5, soonest - now));
    }
    await this.flush();
    await tellPages(this.queue.siteId, await learntByQueue(this.queue));
    if (!signal.aborted) await db().queues.update(this.queue.id, { state: "done" });
  }

  private rest(ms: number): Promise<void> {
    return new Promise((resolve) => {
      const timer = setTimeout(resolve, ms);
      this.wake = () => {
        clearTimeout(timer);
        resolve();
      };
    });
  }

  private async nextItems(): Promise<QueueItem[]> {
    const items = await db()
      .queueItems.where("[queueId+state]")
      .equals([this.queue.id, "waiting"])
      .limit(300)
      .toArray();
    return items.filter(({ id }) => !this.active.has(id) && !this.unkept.has(id));
  }

  private hostOf(address: string): Host {
    // Addresses in a queue are absolute and in the URL standard's form: what stands before the path is the host.
    const origin = address.slice(0, address.indexOf("/", 8));
    let host = this.hosts.get(origin);
    if (!host) {
      const made: Host = { robots: this.readRobots(robotsAddressOf(address)), active: 0, nextAt: 0, pace: null };
      this.hosts.set(origin, made);
      made.robots.then(
        ({ delaySeconds }) => {
          made.pace = delaySeconds * 1000;
          made.nextAt = Math.max(made.nextAt, Date.now() + made.pace);
          this.wake();
        },
        () => {},
      );
      host = made;
    }
    return host;
  }

  private async readRobots(address: string): Promise<Robots> {
    for (let tries = 1; ; tries++) {
      const { answer, bytes } = await this.ask(address, "robots");
      if (!answer.ok && answer.fault === "server-gone" && !this.stopping.signal.aborted) {
        await this.pause();
        continue;
      }
      // Where it cannot be read nothing may be fetched: one connection that broke off shall not decide that.
      if (!answer.ok && tries < triesFor(answer) && !this.stopping.signal.aborted) {
        await new Promise((resolve) => setTimeout(resolve, 1000 * pauseAfter(answer, tries)));
        continue;
      }
      const robots = robotsOfAnswer(address, answer, bytes);
      if (robots.note) await this.note(`${new URL(address).host}: ${robots.note}`);
      return robots;
    }
  }

  /** Asks for what is no page; those are fetched where they are read. */
  private async ask(address: string, wanted: "sitemap" | "robots"): Promise<Brought> {
    const brought = await fetchFromServer(address, wanted, this.stopping.signal);
    this.heard(brought.answer);
    return brought;
  }

  private heard(answer: FetchAnswer): void {
    if (answer.ok || answer.fault !== "server-gone") this.setPaused(null);
  }

  private async pause(): Promise<void> {
    this.setPaused(
      "Keen Quill’s own server does not answer. It goes on by itself when the server is back; nothing is lost.",
    );
    await new Promise((resolve) => setTimeout(resolve, SERVER_PAUSE));
  }

  private setPaused(paused: string | null): void {
    if (this.status.paused === paused) return;
    this.status = { ...this.status, paused };
    this.changed();
  }

  /** Works one item off; true where a page was brought in. */
  private async work(item: QueueItem, host: Host): Promise<boolean> {
    let held = true;
    const release = () => {
      if (held) host.active--;
      held = false;
      this.wake();
    };
    try {
      const robots = await host.robots;
      if (!robots.allows(item.address)) {
        release();
        await this.finish(item, "forbidden", robots.note ?? "The site's robots.txt asks not to fetch it.");
        return false;
      }
      return item.wanted === "sitemap"
        ? await this.bringSitemap(item, host, release)
        : await this.bringPage(item, host, release);
    } catch (error) {
      if (!this.stopping.signal.aborted)
        await this.finish(item, "failed", error instanceof Error ? error.message : String(error));
    } finally {
      release();
    }
    return false;
  }

  private async bringSitemap(item: QueueItem, host: Host, release: () => void): Promise<false> {
    const { answer, bytes } = await this.ask(item.address, "sitemap");
    if (answer.ok) {
      release();
      await this.takeSitemap(item, bytes);
    } else await this.failed(item, answer, host);
    return false;
  }

  private async bringPage(item: QueueItem, host: Host, release: () => void): Promise<boolean> {
    const { site } = this;
    const date = today();
    const pageId = this.pageIdAt(item.address);
    const { answer, incoming } = await onPoolBeside((worker) => worker.fetchPage(item.address));
    if (this.stopping.signal.aborted) return false;
    this.heard(answer);
    if (!answer.ok) {
      await this.failed(item, answer, host);
      return false;
    }
    // The host is asked for the next page while this one is kept.
    release();
    if (!incoming) return false;
    const moved = answer.address !== item.address;
    if (moved && !(await this.mayStay(item, answer.address))) return false;
    // A page that has moved since is still the page that was asked for again.
    const again = moved ? (this.pageIdAt(answer.address) ?? (this.queue.from === "again" ? pageId : null)) : pageId;
    return this.take(
      item,
      await readWithin(incoming, async (worker, one) => await worker.readFetched(site, one, again, date)),
    );
  }

  private take(item: QueueItem, read: Read | null): boolean {
    if (!read || this.stopping.signal.aborted) return false;
    if (this.batch.length === 0) this.batchSince = Date.now();
    this.unkept.add(item.id);
    this.batch.push({ ...read, item });
    return true;
  }

  private async failed(item: QueueItem, answer: Extract<FetchAnswer, { ok: false }>, host: Host): Promise<void> {
    if (this.stopping.signal.aborted) return;
    if (answer.fault === "server-gone") {
      await this.pause();
      return;
    }
    const tries = item.tries + 1;
    if (tries < triesFor(answer)) {
      const wait = 1000 * pauseAfter(answer, tries);
      // One that asks to slow down means all of the host.
      if (answer.fault === "status") host.nextAt = Date.now() + wait;
      await db().queueItems.update(item.id, { tries, notBefore: Date.now() + wait, why: explainFault(answer) });
      return;
    }
    await this.finish(item, "failed", explainFault(answer), answer.fault);
    const page = this.pageIdAt(item.address);
    if (page && answer.fault === "status" && GONE.has(answer.status ?? 0)) await this.noteGone(page);
  }

  private async finish(
    item: QueueItem,
    state: ItemState,
    why: string,
    fault: QueueItem["fault"] = null,
  ): Promise<void> {
    await db().queueItems.update(item.id, { state, why, fault, tries: item.tries + 1 });
  }

  private async note(text: string): Promise<void> {
    await db().transaction("rw", ["queues"], async () => {
      const queue = await db().queues.get(this.queue.id);
      if (queue && !queue.notes.includes(text))
        await db().queues.put({ ...queue, notes: [...queue.notes, text].slice(0, 50) });
    });
  }

  private async takeSitemap(item: QueueItem, bytes: Uint8Array): Promise<void> {
    const map = await onPool(async (worker) => await worker.readSitemapFile(bytes, item.address));
    for (const text of map.notes) await this.note(`${item.address}: ${text}`);
    const below = this.queue.limits.below;
    const inside = map.pages.filter((address) => new URL(address).pathname.startsWith(below));
    const outside = map.pages.length - inside.length;
    if (outside > 0) await this.note(`${item.address}: ${outside} addresses are not below ${below} and were left out.`);
    const { pages: most } = this.queue.limits;
    const room = Math.max(0, most - (await this.countPages()));
    if (inside.length > room) {
      const over = new Intl.NumberFormat("en-GB").format(inside.length - room);
      await this.note(
        `${item.address}: ${over} addresses are over the limit of ${most} pages and were left out. Raise it to bring them in.`,
      );
    }
    await addItems(this.queue.id, [
      ...map.sitemaps
        .filter(() => item.depth < 3)
        .map((address) => ({ address, wanted: "sitemap" as const, depth: item.depth + 1 })),
      ...inside.slice(0, room).map((address) => ({ address, wanted: "page" as const, depth: 0 })),
    ]);
    for (const { address, why } of map.leftOut.slice(0, 200)) {
      await addItems(this.queue.id, [{ address, wanted: "page", depth: 0 }]);
      await db()
        .queueItems.where("[queueId+address]")
        .equals([this.queue.id, address])
        .modify({ state: "left-out", why: `In the sitemap, but ${why}.` });
    }
    // A sitemap is no page: it does not count among those brought in.
    await db().queueItems.delete(item.id);
  }

  /** Pages in the queue that have come in or may yet. */
  private countPages(): Promise<number> {
    const states: ItemState[] = ["waiting", "brought-in"];
    return db()
      .queueItems.where("[queueId+state]")
      .anyOf(states.map((state) => [this.queue.id, state]))
      .filter(({ wanted }) => wanted === "page")
      .count();
  }

  /** Whether where a redirect ended may be brought in. */
  private async mayStay(item: QueueItem, end: string): Promise<boolean> {
    const from = this.queue.from;
    const same = new URL(end).host.replace(/^www\./, "") === new URL(item.address).host.replace(/^www\./, "");
    if (!same && from !== "addresses") {
      await this.finish(item, "left-out", `It redirects to another host, ${new URL(end).host}.`);
      return false;
    }
    const robots = await this.hostOf(end).robots;
    if (!robots.allows(end)) {
      await this.finish(item, "forbidden", `It redirects to ${end}, which the site's robots.txt asks not to fetch.`);
      return false;
    }
    const there = await db().queueItems.where("[queueId+address]").equals([this.queue.id, end]).first();
    if (there && there.id !== item.id) {
      await this.finish(item, "left-out", `It redirects to ${end}, which is in the list itself.`);
      await db().queueItems.update(item.id, { redirectsTo: end });
      return false;
    }
    return true;
  }

  /** Keeps what was read; fails where an earlier batch could not be kept. */
  private async flush(): Promise<void> {
    const batch = this.batch;
    this.batch = [];
    this.keeping = this.keeping
      .then(() => this.keepBatch(batch))
      .catch((error) => {
        this.fault ??= error;
        this.wake();
      });
    await this.keeping;
    if (this.fault) throw this.fault;
  }

  private async keepBatch(batch: readonly ReadItem[]): Promise<void> {
    if (batch.length === 0 || this.fault) return;
    this.site = (await db().sites.get(this.site.id)) ?? this.site;
    await keep(
      this.site,
      batch.flatMap(({ prepared }) => prepared ?? []),
      {
        again: batch.flatMap(({ again }) => again ?? []),
        idByAddress: this.known.byAddress,
        group: this.queue.id,
        label: this.label(),
      },
    );
    if (this.queue.from === "links") {
      for (const { item, prepared, again } of batch) await this.follow(item, (prepared ?? again).links);
    }
    const done = batch.map(({ item, prepared, again }): QueueItem => {
      const address = prepared ? prepared.address : again.fetchedFrom;
      const why = address === item.address ? "" : `As ${address}, where it redirects to.`;
      const redirect = why === "" ? {} : { redirectsTo: address };
      return { ...item, ...redirect, state: "brought-in", fault: null, why, tries: item.tries + 1 };
    });
    await db().queueItems.bulkPut(done);
    for (const { id } of done) this.unkept.delete(id);
    this.wake();
  }

  private async follow({ address, depth }: QueueItem, links: readonly string[]): Promise<void> {
    const { limits } = this.queue;
    if (depth >= limits.depth) return;
    const { host } = new URL(address);
    const inside = links.filter((link) => {
      const url = new URL(link);
      return (
        url.host === host &&
        url.pathname.startsWith(limits.below) &&
        !/\.(?:pdf|jpe?g|png|gif|svg|webp|avif|zip|docx?|xlsx?|pptx?|mp[34]|css|js|xml|ics)$/i.test(url.pathname)
      );
    });
    // The count is limited where pages are taken; a list without end is stopped here.
    const room =
      limits.pages * 3 - (await db().queueItems.where("[queueId+state]").equals([this.queue.id, "waiting"]).count());
    await addItems(
      this.queue.id,
      inside.slice(0, Math.max(0, room)).map((link) => ({ address: link, wanted: "page", depth: depth + 1 })),
    );
  }
}

const runners = new Map<string, Runner>();
const listeners = new Set<() => void>();
const tell = () => {
  for (const listener of listeners) listener();
};

/** Runs a queue in this tab, unless another tab does. */
export async function runQueue(queueId: string): Promise<void> {
  if (runners.has(queueId)) return;
  const queue = await db().queues.get(queueId);
  const site = queue && (await db().sites.get(queue.siteId));
  if (!queue || !site || queue.state !== "running" || runners.has(queueId)) return;
  const runner = new Runner(queue, site, tell);
  runners.set(queueId, runner);
  tell();
  try {
    await navigator.locks.request(`queue ${queueId}`, { ifAvailable: true }, async (lock) => {
      if (lock) await runner.run();
    });
  } catch (error) {
    const { heading, message } = explainStorage(error);
    await db().queues.update(queueId, { state: "stopped", notes: [...queue.notes, `${heading}. ${message}`] });
  } finally {
    runners.delete(queueId);
    tell();
  }
}

/** Stops a queue; what was brought in stays, and it can be gone on with. */
export async function stopQueue(queueId: string): Promise<void> {
  // At once, not when storage has come to it: until then pages came in after Stop.
  runners.get(queueId)?.stop();
  await db().queues.update(queueId, { state: "stopped" });
}

/** Stops all that a site's queues fetch. */
export async function stopQueuesOf(siteId: string): Promise<void> {
  const running = await db().queues.where("siteId").equals(siteId).toArray();
  await Promise.all(running.filter(({ state }) => state === "running").map(({ id }) => stopQueue(id)));
}

export async function goOn(queueId: string): Promise<void> {
  // A runner that was just stopped first ends what it is about.
  while (runners.has(queueId)) await new Promise((resolve) => setTimeout(resolve, 30));
  await db().queues.update(queueId, { state: "running" });
  await runQueue(queueId);
}

export const runnerStatus = {
  subscribe: (listener: () => void) => {
    listeners.add(listener);
    return () => listeners.delete(listener);
  },
  of: (queueId: string): RunnerStatus => runners.get(queueId)?.status ?? IDLE,
};
