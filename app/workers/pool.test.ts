import * as Comlink from "comlink";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";

/** How many workers were started and ended, and what they are to do with a piece of work. */
let [started, ended] = [0, 0];
let dying = 0;
let workers: FakeWorker[] = [];

class FakeWorker {
  private readonly channel = new MessageChannel();
  private readonly heard = new Map<string, () => void>();

  constructor() {
    started++;
    workers.push(this);
    const work = (what: string) => {
      // Ended by the browser: nothing is heard of it any more.
      if (what === "vanish" && dying-- > 0) this.channel.port1.close();
      if (what === "hang" || what === "die") {
        if (what === "die" && dying-- > 0) setTimeout(() => this.heard.get("error")?.(), 5);
        if (what === "hang" || dying >= 0) return new Promise(() => {});
      }
      if (what === "slow") return new Promise((resolve) => setTimeout(() => resolve("slow done"), 1200));
      return `${what} done`;
    };
    Comlink.expose(
      { readIncoming: work, fetchPage: work, ping: () => true },
      this.channel.port2 as unknown as Comlink.Endpoint,
    );
    this.channel.port1.start();
  }
  postMessage(message: unknown, transfer: Transferable[] = []) {
    this.channel.port1.postMessage(message, transfer as never);
  }
  addEventListener(type: string, run: () => void) {
    if (type === "message") this.channel.port1.addEventListener("message", run);
    else this.heard.set(type, run);
  }
  removeEventListener(_: string, run: () => void) {
    this.channel.port1.removeEventListener("message", run);
  }
  terminate() {
    ended++;
    this.channel.port1.close();
  }
}

beforeEach(() => {
  [started, ended, dying] = [0, 0, 0];
  workers = [];
  vi.resetModules();
  vi.stubGlobal("Worker", FakeWorker);
});
afterEach(() => {
  for (const worker of workers) worker.terminate();
  vi.unstubAllGlobals();
});

const pool = () => import("./pool");
type Work = { readIncoming(what: string): Promise<string> };

describe("the pool", () => {
  it("ends a worker that takes too long, and goes on with others", async () => {
    const { inLanes, onPool, TookTooLong } = await pool();
    const run = (what: string) =>
      onPool((worker) => (worker as unknown as Work).readIncoming(what), 400).catch((error: Error) =>
        error instanceof TookTooLong ? "too long" : error.message,
      );
    const work = ["a", "hang", "b", "hang", "hang", "hang", "c", "d"];
    expect(await inLanes(work, run)).toEqual(work.map((what) => (what === "hang" ? "too long" : `${what} done`)));
    expect(ended).toBe(4);
    expect(started).toBeGreaterThanOrEqual(ended);
  });

  it("does the work of a worker that died again once, then reports it", async () => {
    const { onPool } = await pool();
    const run = () => onPool((worker) => (worker as unknown as Work).readIncoming("die"));
    dying = 1;
    expect(await run()).toBe("die done");
    dying = 2;
    await expect(run()).rejects.toThrow("has died twice");
    // The others are read all the same.
    expect(await onPool((worker) => (worker as unknown as Work).readIncoming("a"))).toBe("a done");
  });

  it("goes on with another worker where one is ended without a word, and leaves one alone that takes its time", async () => {
    const { HEARTBEAT, onPool } = await pool();
    // A busy machine stands still for a tenth of a second now and then.
    Object.assign(HEARTBEAT, { every: 20, within: 500 });
    dying = 1;
    const run = (what: string) => onPool((worker) => (worker as unknown as Work).readIncoming(what));
    expect(await run("vanish")).toBe("vanish done");
    expect([started, ended]).toEqual([2, 1]);
    expect(await run("slow")).toBe("slow done");
    expect(ended).toBe(1);
  });

  it("does what was fetched beside a worker that is ended on another one", async () => {
    const { onPool, onPoolBeside } = await pool();
    const late = onPool((worker) => (worker as unknown as Work).readIncoming("hang"), 30).catch(() => "ended");
    const beside = Promise.all(
      ["a", "b", "c"].map((what) => onPoolBeside((worker) => (worker as unknown as Work).readIncoming(what))),
    );
    expect(await beside).toEqual(["a done", "b done", "c done"]);
    expect(await late).toBe("ended");
  });
});
