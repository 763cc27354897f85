// What the command line takes, its start included, as a build runs it.
import { spawn, spawnSync } from "node:child_process";
import {
  appendFileSync,
  existsSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  writeFileSync,
} from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { parse } from "parse5";
import { sourceOf } from "../core/page/original.ts";
import { originalFromBytes } from "../core/page/original-from-bytes.ts";
import { largeSite } from "../demo/large.ts";
import type { Note } from "./note.ts";

const APACHE = "/usr/share/doc/apache2-doc/manual";
const MANY = 10_000;
const MAIN = new URL("../build/cli/main.js", import.meta.url).pathname;

/** A run’s processor time and its time, in ms. */
function processedBy(args: readonly string[]): { cpu: number; ms: number } {
  const started = performance.now();
  // A shell tells the times of its children.
  const { stderr } = spawnSync(
    "bash",
    ["-c", 'TIMEFORMAT="%U %S"; time "$@" >/dev/null 2>&1', "bash", process.execPath, MAIN, ...args],
    {
      encoding: "utf8",
    },
  );
  const [user = 0, system = 0] = stderr.trim().split(/\s+/).map(Number);
  return { cpu: (user + system) * 1000, ms: performance.now() - started };
}

/** Runs an audit; milliseconds, and its most memory in MB as /proc counts it (0 where there is none). */
function audited(folder: string, ...options: string[]): Promise<{ ms: number; mb: number }> {
  const started = performance.now();
  const run = spawn(process.execPath, [MAIN, "audit", folder, ...options], { stdio: "ignore" });
  let kb = 0;
  const look = setInterval(() => {
    const status = `/proc/${run.pid}/status`;
    if (existsSync(status)) kb = Math.max(kb, Number(/VmHWM:\s*(\d+)/.exec(readFileSync(status, "utf8"))?.[1] ?? 0));
  }, 100);
  return new Promise((done, failed) => {
    run.on("error", failed);
    run.on("exit", () => {
      clearInterval(look);
      done({ ms: performance.now() - started, mb: kb / 1000 });
    });
  });
}

export async function benchCommandLine(note: Note): Promise<void> {
  const folder = mkdtempSync(join(tmpdir(), "bench-"));
  try {
    starting(note);
    if (existsSync(APACHE)) realPages(join(folder, "real"), note);
    await changedPages(join(folder, "changed"), note);
    await smallFiles(join(folder, "small"), note);
  } finally {
    rmSync(folder, { recursive: true });
  }
}

function realPages(folder: string, note: Note): void {
  mkdirSync(folder);
  const files = readdirSync(APACHE, { recursive: true, encoding: "utf8" })
    .filter((file) => file.endsWith(".html"))
    .sort()
    .slice(0, 1000);
  const sources = files.map((file, i) => {
    const bytes = new Uint8Array(readFileSync(join(APACHE, file)));
    writeFileSync(join(folder, `${i}.html`), bytes);
    return sourceOf(originalFromBytes(bytes));
  });
  const runs = Array.from({ length: 3 }, () => {
    const whole = processedBy(["audit", folder]);
    const started = process.cpuUsage();
    for (const source of sources) parse(source, { sourceCodeLocationInfo: true });
    const { user, system } = process.cpuUsage(started);
    const bare = (user + system) / 1000;
    return { cpu: whole.cpu / bare, wall: whole.ms / bare };
  });
  const median = (of: (run: (typeof runs)[number]) => number) => runs.map(of).sort((a, b) => a - b)[1] ?? Number.NaN;
  const [cpu, wall] = [median((run) => run.cpu), median((run) => run.wall)];
  const name = `command line over ${files.length} real pages, against a bare parse`;
  note(`${name}: processor time, its start included`, `${cpu.toFixed(2)} ×`, "≤ 1.5 ×", cpu <= 1.5);
  note(`${name}: time`, `${wall.toFixed(2)} ×`, "≤ 0.9 ×", wall <= 0.9);
}

function starting(note: Note): void {
  const page = new URL("../demo/gullhaven/index.html", import.meta.url).pathname;
  const least = (...args: string[]) => Math.min(...Array.from({ length: 5 }, () => processedBy(args).cpu));
  const version = least("--version");
  note("command line, --version, processor time", `${version.toFixed(0)} ms`, "≤ 150 ms", version <= 150);
  const one = least("audit", page);
  note("command line over one page, processor time", `${one.toFixed(0)} ms`, "≤ 400 ms", one <= 400);
}

/** A build that changed ten pages of many. */
async function changedPages(folder: string, note: Note): Promise<void> {
  mkdirSync(folder);
  let n = 0;
  for (const { source } of largeSite(MANY)) writeFileSync(join(folder, `${n++}.html`), source);
  const cache = join(folder, "cache");
  const first = await audited(folder, "--cache", cache);
  for (const file of readdirSync(folder)
    .filter((name) => name.endsWith(".html"))
    .slice(0, 10))
    appendFileSync(join(folder, file), "<!-- -->");
  const again = await audited(folder, "--cache", cache);
  const part = (100 * again.ms) / first.ms;
  note(
    `command line with --cache over ${MANY} pages, ten changed`,
    `${part.toFixed(1)} % of the first run (${(again.ms / 1000).toFixed(1)} s)`,
    "≤ 3 %",
    part <= 3,
  );
}

async function smallFiles(folder: string, note: Note): Promise<void> {
  const page = (n: number) =>
    `<!doctype html><html lang="en"><title>The register of object number ${n}</title><h1>Object ${n}</h1><p>It was found near the harbour in ${1700 + (n % 300)}. <a href="/${n % 100}/${n + 1}.html">The next</a>`;
  for (let i = 0; i < 100; i++) {
    mkdirSync(join(folder, String(i)), { recursive: true });
    for (let n = i; n < 100_000; n += 100) writeFileSync(join(folder, String(i), `${n}.html`), page(n));
  }
  const { mb } = await audited(folder);
  note("command line over 100,000 small files, memory", `${mb.toFixed(0)} MB`, "≤ 1,000 MB", mb <= 1000);
}
