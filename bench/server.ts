import { readFileSync } from "node:fs";
import { request } from "node:http";
import { Worker } from "node:worker_threads";
import { build, freePort, startApplication, startStandIn } from "../scripts/run.mjs";

/** Requests at once to each of the two addresses that work for the pages. */
const AT_ONCE = 500;
/** How long a file is asked for meanwhile, and how often, in milliseconds. */
const ASKED_FOR = 8_000;
const EVERY = 40;

const FLOOD = `
const { request } = require("node:http");
const { workerData: { hostname, port, host, origin, times } } = require("node:worker_threads");
const ask = (path, body) => {
  const headers = { host, origin, "content-type": "application/json" };
  const sent = request({ hostname, port, path, method: "POST", headers }, (answer) => answer.resume());
  sent.on("error", () => {});
  sent.end(body);
};
const slow = JSON.stringify({ address: "https://www.gullhaven.example/archive/slow", wanted: "page" });
const page = JSON.stringify({ source: "<!doctype html><title>Oil</title>" + "<p>Oil <b>and</b> wick</p>".repeat(1000) });
for (let i = 0; i < times; i++) {
  ask("/fetch", slow);
  ask("/validate", page);
}
`;

const MiB = 1024 * 1024;
/** The most memory that a process has held, in bytes. */
const most = (pid: number) =>
  Number(/VmHWM:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, "utf8"))?.[1] ?? 0) * 1024;

/** How the server answers a file while everybody asks it for what takes long, and what memory that takes. */
export async function benchServer(
  note: (what: string, result: string, bar: string, met: boolean) => void,
): Promise<void> {
  await build();
  const standIn = await startStandIn();
  const { child, address } = await startApplication(await freePort(), standIn.origin);
  const { host, hostname, port } = new URL(address);
  const ask = (path: string) =>
    new Promise<number>((resolve) => {
      const sent = request({ hostname, port, path, headers: { host } }, (answer) => {
        answer.resume();
        answer.on("end", () => resolve(answer.statusCode ?? 0));
      });
      sent.on("error", () => resolve(0));
      sent.end();
    });
  try {
    // From a thread of its own, so that asking for the file does not wait for the asking.
    const flood = new Worker(FLOOD, {
      eval: true,
      workerData: { hostname, port, host, origin: address, times: AT_ONCE },
    });
    const times: number[] = [];
    const asked: Promise<void>[] = [];
    // Asked for on and on, whether or not the one before has been answered.
    for (const end = performance.now() + ASKED_FOR; performance.now() < end; ) {
      const start = performance.now();
      asked.push(ask("/icon.svg").then(() => void times.push(performance.now() - start)));
      await new Promise((resolve) => setTimeout(resolve, EVERY));
    }
    await Promise.all(asked);
    await flood.terminate();
    times.sort((a, b) => a - b);
    const p95 = times[Math.floor(times.length * 0.95)] ?? Number.POSITIVE_INFINITY;
    const memory = most(child.pid ?? 0) / MiB;
    note(
      `a file while ${AT_ONCE} requests each wait at /fetch and /validate`,
      `p95 ${p95.toFixed(0)} ms of ${times.length} times, at most ${(times.at(-1) ?? 0).toFixed(0)} ms`,
      "≤ 200 ms",
      p95 <= 200,
    );
    note("memory of the server meanwhile", `${memory.toFixed(0)} MB`, "≤ 600 MB", memory <= 600);
  } finally {
    child.kill("SIGKILL");
    standIn.child.kill();
  }
}
