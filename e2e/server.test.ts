import { spawnSync } from "node:child_process";
import { createServer, request, type Server } from "node:http";
import { type AddressInfo, connect } from "node:net";
import { type Browser, chromium, type Page } from "playwright-core";
import { afterAll, beforeAll, describe, expect, inject, it } from "vitest";
import { CHROMIUM_FLAGS, findChromium } from "../scripts/chromium.mjs";
import { freePort, startApplication } from "../scripts/run.mjs";

// The Fetch standard's rules for `Origin` (append a request `Origin` header) and for CORS-safelisted requests, in Chromium.

/** A site that is not ours, and what it was asked for: the application's server must not be brought to ask it. */
let elsewhere: Server;
let browser: Browser;
let visited: string[] = [];
const port = () => new URL(inject("address")).port;
const elsewherePort = () => (elsewhere.address() as AddressInfo).port;

beforeAll(async () => {
  elsewhere = createServer((asked, response) => {
    visited.push(asked.url ?? "");
    response.writeHead(200, { "content-type": "text/html" }).end("<title>Elsewhere</title><h1>Elsewhere</h1>");
  });
  await new Promise<void>((resolve) => elsewhere.listen(0, "127.0.0.1", resolve));
  browser = await chromium.launch({
    executablePath: findChromium() ?? "chromium",
    // Names that lead to this machine, as a name server may answer at any time.
    args: [...CHROMIUM_FLAGS, "--host-resolver-rules=MAP *.elsewhere.test 127.0.0.1"],
  });
});
afterAll(async () => {
  await browser.close();
  elsewhere.close();
});

async function open(address: string): Promise<Page> {
  const page = await browser.newPage();
  await page.goto(address);
  return page;
}

/** What an answer to a POST from a page is: its status, or the error that the page sees. */
const post = (page: Page, address: string, init: RequestInit) =>
  page.evaluate(
    ([to, how]) =>
      fetch(to, { method: "POST", ...how }).then(
        ({ status, type }) => (type === "opaque" ? "opaque" : status),
        () => "blocked",
      ),
    [address, init] as const,
  );
const json = { "content-type": "application/json" };
const asking = (address: string) => JSON.stringify({ address, wanted: "page" });

/** Asks as no browser can: any headers. */
const ask = (path: string, method: string, headers: Record<string, string>, body = "", to = port()) =>
  new Promise<{ status: number; headers: Record<string, unknown> }>((resolve, reject) => {
    const sent = request({ host: "127.0.0.1", port: to, path, method, headers }, (answer) => {
      answer.resume();
      answer.on("end", () => resolve({ status: answer.statusCode ?? 0, headers: answer.headers }));
    });
    sent.on("error", reject);
    sent.end(body);
  });

describe("the server works for its own pages only", () => {
  it("does nothing for a page of another name, by script, without CORS or by a form", async () => {
    visited = [];
    const page = await open(`http://www.elsewhere.test:${elsewherePort()}/`);
    const target = `${inject("address")}/fetch`;
    const body = asking(`http://www.elsewhere.test:${elsewherePort()}/fetched`);
    expect(await post(page, target, { headers: json, body })).toBe("blocked");
    // The answer's Cross-Origin-Resource-Policy keeps even an opaque answer back.
    const plain = { "content-type": "text/plain" };
    expect(await post(page, target, { mode: "no-cors", headers: plain, body })).toBe("blocked");
    const answer = page.waitForResponse(target);
    await page.evaluate(
      ([to, text]) => {
        const form = document.createElement("form");
        form.method = "post";
        form.action = to;
        form.enctype = "text/plain";
        const field = document.createElement("input");
        // As JSON with a form's own sign in it.
        field.name = `${text.slice(0, -1)},"x":"`;
        field.value = '"}';
        form.append(field);
        document.body.append(form);
        form.submit();
      },
      [target, body] as const,
    );
    expect((await answer).status()).toBe(403);
    expect(visited).not.toContain("/fetched");
  });

  it("does not answer to a name that somebody else has made lead here", async () => {
    const page = await browser.newPage();
    const answer = await page.goto(`http://rebound.elsewhere.test:${port()}/`);
    expect(answer?.status()).toBe(421);
    // As if the document had come from elsewhere before the name was changed.
    const target = `http://rebound.elsewhere.test:${port()}/fetch`;
    expect(await post(page, target, { headers: json, body: asking("http://a.example/") })).toBe(421);
  });

  it("answers its own page, also where the browser keeps Sec-Fetch-Site back", async () => {
    const page = await open(inject("address"));
    const target = `${inject("address")}/fetch`;
    expect(await post(page, target, { headers: json, body: asking("https://www.gullhaven.example/") })).toBe(200);
    const origin = inject("address");
    const own = { origin, host: new URL(origin).host, ...json };
    const body = asking("https://www.gullhaven.example/");
    expect((await ask("/fetch", "POST", own, body)).status).toBe(200);
    const { origin: _, ...without } = own;
    expect((await ask("/fetch", "POST", without, body)).status).toBe(403);
    expect((await ask("/fetch", "POST", { ...own, "content-type": "text/plain" }, body)).status).toBe(415);
  });

  it("takes no longer bodies than it needs, and nothing but a POST", async () => {
    const origin = inject("address");
    const own = { origin, host: new URL(origin).host, ...json };
    expect((await ask("/fetch", "POST", own, "x".repeat(9000))).status).toBe(413);
    // Counted while it comes in, whatever was announced.
    const chunked = { ...own, "transfer-encoding": "chunked" };
    expect((await ask("/fetch", "POST", chunked, "x".repeat(9000))).status).toBe(413);
    for (const path of ["/fetch", "/validate", "/demo-site.zip", "/large-site.zip"]) {
      const { status, headers } = await ask(path, "GET", { host: own.host });
      expect([path, status, headers.allow]).toEqual([path, 405, "POST"]);
    }
  });

  // RFC 9110, 15.5.20 (421) and 15.5.6 (405), from memory. RFC 9112, 3.2.2, has servers take absolute addresses, which proxies
  // are asked for: this one is no proxy, and no browser sends them here.
  it("refuses names, addresses and methods that no page of its own has", async () => {
    const { host } = new URL(inject("address"));
    const status = async (path: string, method: string, name = host) =>
      (await ask(path, method, { host: name })).status;
    expect([
      await status("/", "GET"),
      await status("/", "GET", "127.999.999.999"),
      await status("/", "GET", "127.0.0"),
      await status("http://a.example/", "GET"),
      await status("*", "GET"),
      await status("/", "TRACE"),
      await status("/", "DELETE"),
    ]).toEqual([200, 421, 421, 400, 400, 405, 405]);
  });

  it("answers while hundreds of others send slowly, and closes them by itself", async () => {
    const application = await startApplication(await freePort(), inject("standIn"));
    try {
      const { hostname, port: own } = new URL(application.address);
      const origin = application.address;
      const headers = { origin, host: `${hostname}:${own}`, ...json };
      const head = `POST /fetch HTTP/1.1\r\nHost: ${headers.host}\r\nOrigin: ${origin}\r\nContent-Type: application/json\r\nContent-Length: 60\r\n\r\n{`;
      let open = 0;
      const closed = Array.from({ length: 300 }, (_, i) => {
        const socket = connect(Number(own), hostname);
        return new Promise<void>((resolve) => {
          socket.on("error", () => {});
          socket.on("close", () => resolve());
          socket.resume();
          socket.on("connect", () => {
            open++;
            // Half of them do not even send all of their headers.
            socket.write(i % 2 ? head : head.slice(0, 40));
          });
        });
      });
      await expect.poll(() => open, { timeout: 20_000 }).toBe(300);
      const body = asking("https://www.gullhaven.example/");
      expect((await ask("/fetch", "POST", headers, body, own)).status).toBe(200);
      const begun = performance.now();
      await Promise.all(closed);
      expect(performance.now() - begun).toBeLessThan(30_000);
    } finally {
      application.child.kill();
    }
  });

  it("says on every answer what browsers may do with it", async () => {
    const { host } = new URL(inject("address"));
    const document = await ask("/", "GET", { host });
    expect(document.headers).toMatchObject({
      "x-content-type-options": "nosniff",
      "cross-origin-opener-policy": "same-origin",
      "cross-origin-resource-policy": "same-origin",
      "permissions-policy": expect.stringContaining("camera=()"),
    });
    for (const path of ["/icon.svg", "/favicon.ico", "/fetch", "/nothing-here"])
      expect([path, (await ask(path, "GET", { host })).headers["x-content-type-options"]]).toEqual([path, "nosniff"]);
  });

  it("cannot be starved: what is too much at once is put off, and files are answered meanwhile", async () => {
    const { child, address } = await startApplication(await freePort(), inject("standIn"));
    try {
      const { host, port: own } = new URL(address);
      const headers = { origin: address, host, ...json };
      const many = (path: string, asked: object) =>
        Array.from({ length: 100 }, () => ask(path, "POST", headers, JSON.stringify(asked), own));
      const slow = { address: "https://www.gullhaven.example/archive/slow", wanted: "page" };
      const putOff: Record<string, unknown>[] = [];
      for (const one of many("/fetch", slow))
        one.then(
          ({ status, headers }) => status === 503 && putOff.push(headers),
          () => {},
        );
      const checks = many("/validate", { source: `<!doctype html>${"<p>Oil".repeat(100)}` }).map((one) =>
        one.catch(() => ({ status: 0 })),
      );
      // It is answered while all of them wait.
      expect((await ask("/icon.svg", "GET", { host }, "", own)).status).toBe(200);
      const statuses = new Set((await Promise.all(checks)).map(({ status }) => status));
      // Who is too busy to send a request in time is told so.
      statuses.delete(408);
      expect([...statuses].sort()).toEqual([200, 503]);
      await expect.poll(() => putOff[0]?.["retry-after"], { timeout: 20_000 }).toBe("2");
    } finally {
      child.kill("SIGKILL");
    }
  });
});

describe("npm run demo", () => {
  const demo = (PORT: string) =>
    spawnSync(process.execPath, ["scripts/demo.mjs"], { encoding: "utf8", env: { ...process.env, PORT } });

  it("says in a sentence why it cannot open at the port that was asked for", () => {
    const taken = demo(port());
    expect([taken.status, taken.stderr]).toEqual([1, `Port ${port()} is taken. Set PORT to another one.\n`]);
    const none = demo("x");
    expect([none.status, none.stderr]).toEqual([
      1,
      "PORT is x, which is no port. Set it to a number from 1 to 65535.\n",
    ]);
  });
});
