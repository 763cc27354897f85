import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import type { FetchAnswer, Wanted } from "#core/address/fetch-answer";
import { newSite } from "../store/bring-in";
import { db } from "../store/db";
import { loadPageRecords } from "../store/page-record";
import { beginQueue, countItems, DEFAULT_LIMITS, type NewItem, tryAgain } from "../store/queues";
import type { QueueLimits, QueueRecord } from "../store/records/queues";
import type { SiteRecord } from "../store/records/sites";
import { retitled } from "../store/testing";
import { undo } from "../store/transact";
import type { Brought } from "./fetch-from-server";

/** What the web answers, by address; what is not there is not found. */
const web = new Map<string, () => Brought | Promise<Brought>>();
/** Requests in the order in which they were made, and how many were under way at one time. */
let asked: string[] = [];
let under = 0;
let most = 0;

vi.mock("./fetch-from-server", () => ({
  fetchFromServer: async (address: string, wanted: Wanted, signal: AbortSignal): Promise<Brought> => {
    if (signal.aborted) throw signal.reason;
    asked.push(address);
    if (wanted !== "robots") most = Math.max(most, ++under);
    await new Promise((resolve) => setTimeout(resolve, 3));
    if (wanted !== "robots") under--;
    if (signal.aborted) throw signal.reason;
    return (
      (await web.get(address)?.()) ??
      (wanted === "robots" ? ok(address, "", 404) : fault(address, { fault: "status", status: 404 }))
    );
  },
}));
vi.mock("../workers/pool", async (original) => {
  const worker = {
    ...(await import("../store/read-incoming")),
    ...(await import("../store/bring-again")),
    ...(await import("../store/sitemap-file")),
    ...(await import("./fetch-page")),
  };
  return {
    ...(await original<typeof import("../workers/pool")>()),
    onPoolBeside: (run: (w: typeof worker) => Promise<unknown>) => run(worker),
    onPool: (run: (w: typeof worker) => Promise<unknown>) => run(worker),
    inLanes: (work: unknown[], run: (one: unknown) => Promise<unknown>) => Promise.all(work.map(run)),
  };
});
vi.stubGlobal("navigator", {
  locks: { request: (_: string, __: unknown, run: (lock: object) => Promise<void>) => run({}) },
});

const { goOn, runQueue, stopQueue } = await import("./queue-runner");

function ok(
  address: string,
  text: string,
  status = 200,
  headers: Record<string, string> = { "content-type": "text/html; charset=utf-8" },
): Brought {
  return { answer: { ok: true, address, status, way: [], headers }, bytes: new TextEncoder().encode(text) };
}
function fault(address: string, more: Partial<Extract<FetchAnswer, { ok: false }>>): Brought {
  return { answer: { ok: false, fault: "status", address, way: [], ...more }, bytes: new Uint8Array() };
}

const HOST = "https://quay.example";
const page = (path: string, body = "") =>
  web.set(HOST + path, () => ok(HOST + path, `<title>${path}</title><h1>${path}</h1>${body}`));
const robots = (text: string) => web.set(`${HOST}/robots.txt`, () => ok(`${HOST}/robots.txt`, text, 200, {}));
const pages = (...paths: string[]): NewItem[] =>
  paths.map((path) => ({ address: HOST + path, wanted: "page", depth: 0 }));

let site: SiteRecord;
beforeEach(async () => {
  await db().open();
  site = newSite("Quay", `${HOST}/`, { brand: "Quay" });
  web.clear();
  asked = [];
  under = 0;
  most = 0;
});
afterEach(async () => {
  await Promise.all(db().tables.map((table) => table.clear()));
});

async function run(
  items: NewItem[],
  from: QueueRecord["from"] = "addresses",
  limits: Partial<QueueLimits> = {},
): Promise<string> {
  const id = await beginQueue(site, { name: "test", from, limits: { ...DEFAULT_LIMITS, ...limits } }, items);
  await runQueue(id);
  return id;
}
const whyOf = async (id: string, path: string) =>
  (
    await db()
      .queueItems.where("[queueId+address]")
      .equals([id, HOST + path])
      .first()
  )?.why;
const addresses = async () => (await db().pages.toArray()).map((one) => one.address.replace(HOST, "")).sort();

describe("a queue", () => {
  it("brings pages in, at most so many at once, and is undone as one", async () => {
    const paths = Array.from({ length: 50 }, (_, i) => `/${i}`);
    for (const path of paths) page(path);
    const id = await run(pages(...paths), "addresses", { atOnce: 3 });
    expect(await countItems(id)).toMatchObject({ "brought-in": 50, waiting: 0 });
    expect(await db().pages.count()).toBe(50);
    expect(most).toBeLessThanOrEqual(3);
    expect((await db().queues.get(id))?.state).toBe("done");
    expect(await undo(site.id)).toEqual({ label: "Bring in: test", left: 0 });
    expect(await db().pages.count()).toBe(0);
  });

  it("is stopped, keeps what came in, and is gone on with", async () => {
    const paths = Array.from({ length: 60 }, (_, i) => `/${i}`);
    for (const path of paths) page(path);
    const id = await beginQueue(
      site,
      { name: "test", from: "addresses", limits: { ...DEFAULT_LIMITS, atOnce: 2 } },
      pages(...paths),
    );
    let stopping: Promise<void> | undefined;
    web.set(`${HOST}/45`, () => {
      page("/45");
      stopping = stopQueue(id);
      return ok(`${HOST}/45`, "<title>/45</title><h1>/45</h1>");
    });
    await runQueue(id);
    await stopping;
    const { waiting, "brought-in": brought } = await countItems(id);
    // At once: what is asked for after it never comes in.
    expect(asked).not.toContain(`${HOST}/50`);
    expect(waiting).toBeGreaterThan(10);
    expect(brought).toBeGreaterThan(10);
    expect(await db().pages.count()).toBe(brought);
    await goOn(id);
    expect(await countItems(id)).toMatchObject({ waiting: 0, "brought-in": 60 });
    expect(await db().pages.count()).toBe(60);
  });

  it("says why a page failed, and brings it in at another try", async () => {
    web.set(`${HOST}/a`, () => fault(`${HOST}/a`, { fault: "tls", detail: "self signed" }));
    const id = await run(pages("/a", "/b"));
    expect(await whyOf(id, "/a")).toContain("certificate is not in order (self signed)");
    expect(await whyOf(id, "/b")).toContain("no such page (404)");
    page("/a");
    await tryAgain(id);
    await runQueue(id);
    expect(await countItems(id)).toMatchObject({ "brought-in": 1, failed: 1 });
  });
});

describe("hosts are treated with care", () => {
  it("what robots.txt forbids is not asked for, also where a redirect leads there", async () => {
    robots("User-agent: *\nDisallow: /staff/\n");
    page("/a");
    page("/staff/rota");
    web.set(`${HOST}/moved`, () => ok(`${HOST}/staff/rota`, "<h1>x</h1>"));
    const id = await run(pages("/a", "/staff/rota", "/moved"));
    expect(await countItems(id)).toMatchObject({ "brought-in": 1, forbidden: 2 });
    expect(asked).not.toContain(`${HOST}/staff/rota`);
    expect(asked.filter((address) => address.endsWith("/robots.txt"))).toHaveLength(1);
    expect(await addresses()).toEqual(["/a"]);
  });

  // RFC 9309, section 2.3.1.4.
  it.each<[string, Brought]>([
    ["a fault of its server", ok(`${HOST}/robots.txt`, "", 503, {})],
    ["no answer in time", fault(`${HOST}/robots.txt`, { fault: "timeout" })],
  ])("a robots.txt out of reach forbids everything: %s", async (_, answer) => {
    web.set(`${HOST}/robots.txt`, () => answer);
    page("/a");
    const id = await run(pages("/a"));
    expect(await countItems(id)).toMatchObject({ forbidden: 1 });
    expect(await whyOf(id, "/a")).toContain("robots.txt could not be read");
  });

  it("a host without such a name says so for each page", async () => {
    for (const path of ["/robots.txt", "/a"]) web.set(HOST + path, () => fault(HOST + path, { fault: "unresolvable" }));
    const id = await run(pages("/a"));
    expect(await whyOf(id, "/a")).toContain("No server has this name");
  });

  it("429 and 503 wait as long as they ask, for all of the host, and are tried again", async () => {
    let times = 0;
    const answered: number[] = [];
    web.set(`${HOST}/a`, () => {
      answered.push(Date.now());
      return times++ === 0
        ? fault(`${HOST}/a`, { fault: "status", status: 429, retryAfterSeconds: 0.2 })
        : ok(`${HOST}/a`, "<h1>a</h1>");
    });
    page("/b");
    const id = await run(pages("/a", "/b"), "addresses", { atOnce: 1 });
    expect(await countItems(id)).toMatchObject({ "brought-in": 2 });
    expect((answered[1] ?? 0) - (answered[0] ?? 0)).toBeGreaterThanOrEqual(195);
    expect(asked.indexOf(`${HOST}/b`)).toBeGreaterThan(asked.indexOf(`${HOST}/a`));
  });

  // RFC 9309, 2.3.1.4: while a robots.txt cannot be reached nothing may be fetched.
  it("what timed out or broke off once is asked for again, robots.txt too", async () => {
    page("/a");
    const once = (path: string, fails: Brought, then: Brought) => {
      const answers = [fails];
      web.set(HOST + path, () => answers.shift() ?? then);
    };
    once("/robots.txt", fault(`${HOST}/robots.txt`, { fault: "timeout" }), ok(`${HOST}/robots.txt`, "", 404));
    once("/b", fault(`${HOST}/b`, { fault: "timeout" }), ok(`${HOST}/b`, "<title>b</title>"));
    vi.useFakeTimers({ toFake: ["Date", "setTimeout"], shouldAdvanceTime: true, advanceTimeDelta: 500 });
    const id = await run(pages("/a", "/b")).finally(() => vi.useRealTimers());
    expect(await countItems(id)).toMatchObject({ "brought-in": 2, failed: 0, forbidden: 0 });
    expect(asked.filter((one) => one.endsWith("/b"))).toHaveLength(2);
  });

  it("a pace that robots.txt asks for is kept", async () => {
    robots("User-agent: *\nCrawl-delay: 0.1\n");
    for (const path of ["/a", "/b", "/c"]) page(path);
    const start = Date.now();
    await run(pages("/a", "/b", "/c"));
    expect(Date.now() - start).toBeGreaterThanOrEqual(190);
  });
});

describe("sitemaps", () => {
  const urlset = (...paths: string[]) =>
    `<urlset>${paths.map((path) => `<url><loc>${HOST}${path}</loc></url>`).join("")}</urlset>`;
  const map = (path: string, text: string) =>
    web.set(HOST + path, () => ok(HOST + path, text, 200, { "content-type": "application/xml" }));
  const sitemap = (path: string): NewItem => ({ address: HOST + path, wanted: "sitemap", depth: 0 });

  it("and those that they list bring in their pages; a sitemap is none itself", async () => {
    map("/index.xml", `<sitemapindex><sitemap><loc>${HOST}/one.xml</loc></sitemap></sitemapindex>`);
    map("/one.xml", urlset("/a", "/b"));
    page("/a");
    page("/b");
    const id = await run([sitemap("/index.xml")], "sitemap");
    expect(await addresses()).toEqual(["/a", "/b"]);
    expect(await countItems(id)).toMatchObject({ waiting: 0, "brought-in": 2, failed: 0 });
  });

  it("leave out what is not below a path or belongs to another host, and say so", async () => {
    map(
      "/one.xml",
      urlset("/visit/a", "/shop/b").replace("</urlset>", "<url><loc>https://else.example/</loc></url></urlset>"),
    );
    page("/visit/a");
    const id = await run([sitemap("/one.xml")], "sitemap", { below: "/visit/" });
    expect(await addresses()).toEqual(["/visit/a"]);
    expect((await db().queues.get(id))?.notes.join()).toContain("1 addresses are not below /visit/");
    expect(await countItems(id)).toMatchObject({ "left-out": 1 });
  });

  it("of 60,000 entries are taken as far as the limit goes", async () => {
    map("/large.xml", urlset(...Array.from({ length: 60_000 }, (_, i) => `/${i}`)));
    for (let i = 0; i < 5; i++) page(`/${i}`);
    const id = await run([sitemap("/large.xml")], "sitemap", { pages: 5 });
    expect(await db().queueItems.count()).toBe(5);
    const notes = (await db().queues.get(id))?.notes.join("\n");
    expect(notes).toContain("lists 60,000 addresses");
    expect(notes).toContain("59,995 addresses are over the limit of 5 pages");
  });
});

describe("links", () => {
  const links = (...hrefs: string[]) => hrefs.map((href) => `<a href="${href}">x</a>`).join("");

  it("are followed on the host, below a path, so far and no farther; files that are no pages are not", async () => {
    page(
      "/in/",
      links("/in/a", "/out", "https://else.example/", "/in/plan.pdf", "/in/a#part", "mailto:x@quay.example"),
    );
    page("/in/a", links("/in/b"));
    page("/in/b", links("/in/c"));
    page("/in/c");
    page("/out");
    await run(pages("/in/"), "links", { depth: 2, below: "/in/" });
    expect(await addresses()).toEqual(["/in/", "/in/a", "/in/b"]);
  });

  it("end at the limit of pages", async () => {
    page("/", links(...Array.from({ length: 30 }, (_, i) => `/${i}`)));
    for (let i = 0; i < 30; i++) page(`/${i}`);
    const id = await run(pages("/"), "links", { pages: 10 });
    expect(await db().pages.count()).toBe(10);
    expect((await countItems(id))["left-out"]).toBeGreaterThan(0);
  });

  it("to another host's redirect are left out", async () => {
    page("/", links("/away"));
    web.set(`${HOST}/away`, () => ok("https://else.example/x", "<h1>x</h1>"));
    const id = await run(pages("/"), "links");
    expect(await whyOf(id, "/away")).toContain("redirects to another host, else.example");
  });
});

describe("pages that are there", () => {
  it("are brought in again, not twice, and keep their redraft", async () => {
    page("/a");
    await run(pages("/a"));
    const [before] = await loadPageRecords(site.id);
    if (!before) throw new Error("no page");
    await retitled(site, before, "Mine");
    web.set(`${HOST}/a`, () => ok(`${HOST}/a`, "<title>/a</title><h1>Another heading</h1>"));
    const id = await run(pages("/a"), "again");
    expect(await countItems(id)).toMatchObject({ "brought-in": 1 });
    const [after, ...others] = await loadPageRecords(site.id);
    expect(others).toEqual([]);
    expect(after).toMatchObject({ id: before.id, title: "Mine", h1: "Another heading", edits: 1 });
    expect(after?.original).not.toBe(before.original);
  });

  it("are kept with their redraft where they are gone, until they come back", async () => {
    page("/a");
    page("/b");
    await run(pages("/a", "/b"));
    const [before] = (await loadPageRecords(site.id)).filter(({ address }) => address.endsWith("/a"));
    if (!before) throw new Error("no page");
    await retitled(site, before, "Mine");
    web.delete(`${HOST}/a`);
    await run(pages("/a", "/b"), "again");
    const gone = async () => (await loadPageRecords(site.id)).filter(({ goneSince }) => goneSince !== null);
    expect((await gone()).map(({ id, edits }) => ({ id, edits }))).toEqual([{ id: before.id, edits: 1 }]);
    page("/a");
    await run(pages("/a"), "again");
    expect(await gone()).toEqual([]);
  });

  it("stay the pages that they are where they have moved", async () => {
    page("/old");
    await run(pages("/old"));
    web.set(`${HOST}/old`, () => ok(`${HOST}/new`, "<title>Moved</title><h1>x</h1>"));
    const id = await run(pages("/old"), "again");
    expect(await addresses()).toEqual(["/old"]);
    expect((await loadPageRecords(site.id))[0]?.title).toBe("Moved");
    expect(await whyOf(id, "/old")).toContain(`As ${HOST}/new`);
  });
});

it("goes on when the application's own server is back", async () => {
  let gone = true;
  page("/a");
  const back = web.get(`${HOST}/a`);
  web.set(`${HOST}/a`, () =>
    gone ? fault(`${HOST}/a`, { fault: "server-gone" }) : (back?.() ?? fault(`${HOST}/a`, {})),
  );
  const id = await beginQueue(site, { name: "test", from: "addresses", limits: DEFAULT_LIMITS }, pages("/a"));
  const running = runQueue(id);
  const { runnerStatus } = await import("./queue-runner");
  await vi.waitFor(() => expect(runnerStatus.of(id).paused).toContain("own server does not answer"));
  gone = false;
  await running;
  expect(await countItems(id)).toMatchObject({ "brought-in": 1 });
});

it("stops with a reason where nothing can be kept", async () => {
  page("/a");
  const refuse = vi
    .spyOn(db().originals, "bulkPut")
    .mockRejectedValue(Object.assign(new Error("full"), { name: "QuotaExceededError" }));
  const id = await run(pages("/a"));
  refuse.mockRestore();
  const queue = await db().queues.get(id);
  expect(queue?.state).toBe("stopped");
  expect(queue?.notes.join()).toContain("storage is full");
  expect(await countItems(id)).toMatchObject({ waiting: 1 });
});
