import { afterEach, describe, expect, it } from "vitest";
import { serveAppPage } from "./app-pages.ts";
import { isServed } from "./hosts.mjs";
import { boundedQueue } from "./queue.ts";

afterEach(() => {
  delete process.env.KEEN_QUILL_HOSTS;
});

const own = { host: "127.0.0.1:3000", origin: "http://127.0.0.1:3000", "content-type": "application/json" };
const request = (headers: Record<string, string>, body: BodyInit | null = '{"a":1}', method = "POST") =>
  new Request("http://127.0.0.1:3000/fetch", {
    method,
    headers,
    ...(method === "GET" ? {} : { body }),
    duplex: "half",
  } as RequestInit);
const serve = async (asked: Request, most = 1000) =>
  (await serveAppPage(asked, { most, answer: (value) => Response.json(value) })).status;

describe("names that the server answers to", () => {
  it.each(["localhost", "LOCALHOST:3000", "127.0.0.1", "127.1.2.3:80", "[::1]:3000", "desk.localhost"])(
    "%s",
    (host) => {
      expect(isServed(host)).toBe(true);
    },
  );
  it.each([
    "",
    null,
    "elsewhere.test",
    "localhost.elsewhere.test",
    "127.0.0.1.elsewhere.test",
    "128.0.0.1",
    "[::2]",
    "notlocalhost",
  ])("not %s", (host) => {
    expect(isServed(host)).toBe(false);
  });
  it("those that the operator lists, with or without a port", () => {
    process.env.KEEN_QUILL_HOSTS = "desk.example, quill.example:8443";
    expect(["desk.example", "desk.example:3000", "Quill.example:8443"].map(isServed)).toEqual([true, true, true]);
    expect(["quill.example", "other.example", ""].map(isServed)).toEqual([false, false, false]);
  });
});

// Fetch standard, "append a request `Origin` header" and CORS-safelisted request-headers.
describe("whose request is one of our own pages'", () => {
  it.each([
    ["as our pages ask", own, 200],
    ["with a character set", { ...own, "content-type": "application/json; charset=utf-8" }, 200],
    ["over TLS that a proxy ends", { ...own, origin: "https://127.0.0.1:3000", "x-forwarded-proto": "https" }, 200],
    ["from plain http where the page is on https", { ...own, "x-forwarded-proto": "https" }, 403],
    ["without Origin", { host: own.host, "content-type": own["content-type"] }, 403],
    ["from an opaque origin", { ...own, origin: "null" }, 403],
    ["from another port", { ...own, origin: "http://127.0.0.1:3001" }, 403],
    ["from another name for this machine", { ...own, origin: "http://localhost:3000" }, 403],
    ["from a site that begins like ours", { ...own, origin: "http://127.0.0.1:3000.elsewhere.test" }, 403],
    ["under a rebound name", { ...own, host: "elsewhere.test:3000", origin: "http://elsewhere.test:3000" }, 421],
    ["by a form", { ...own, "content-type": "text/plain" }, 415],
    ["by a form with a file", { ...own, "content-type": "multipart/form-data; boundary=x" }, 415],
    ["without a type", { host: own.host, origin: own.origin }, 415],
  ])("%s", async (_, headers, status) => {
    expect(await serve(request(headers))).toBe(status);
  });

  it("by nothing but a POST", async () => {
    for (const method of ["GET", "PUT", "DELETE", "PATCH"]) expect(await serve(request(own, null, method))).toBe(405);
  });
});

describe("what is asked", () => {
  it("is counted while it comes in, and no more is taken than may be asked", async () => {
    expect(await serve(request(own, JSON.stringify({ a: "x".repeat(985) })))).toBe(200);
    expect(await serve(request(own, JSON.stringify({ a: "x".repeat(1000) })))).toBe(413);
    let taken = 0;
    const endless = new ReadableStream({
      pull(controller) {
        taken++;
        controller.enqueue(new Uint8Array(400));
      },
    });
    expect(await serve(request(own, endless))).toBe(413);
    expect(taken).toBeLessThan(6);
    expect(await serve(request({ ...own, "content-length": "5000" }, "{}"))).toBe(413);
  });

  it("is JSON", async () => {
    expect(await serve(request(own, "{"))).toBe(400);
    expect(await serve(request(own, "null"))).toBe(200);
  });

  it("waits unread for its turn, and is put off where too much waits", async () => {
    const queue = boundedQueue(1, 1);
    const open: (() => void)[] = [];
    const answer = () => new Promise<Response>((resolve) => open.push(() => resolve(new Response("done"))));
    let read = 0;
    const waiting = () =>
      new ReadableStream(
        {
          pull(controller) {
            read++;
            controller.enqueue(new TextEncoder().encode("{}"));
            controller.close();
          },
        },
        { highWaterMark: 0 },
      );
    const asked = Array.from({ length: 3 }, () => serveAppPage(request(own, waiting()), { most: 10, queue, answer }));
    const third = await asked[2];
    expect([third?.status, third?.headers.get("retry-after")]).toEqual([503, "2"]);
    await expect.poll(() => open.length).toBe(1);
    expect(read).toBe(1);
    open[0]?.();
    expect((await asked[0])?.status).toBe(200);
    await expect.poll(() => open.length).toBe(2);
    open[1]?.();
    expect((await asked[1])?.status).toBe(200);
  });
});
