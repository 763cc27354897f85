// Helpers of the scripts that run before anything is installed: Node only.
import { spawn, spawnSync } from "node:child_process";
import { createHash } from "node:crypto";
import { existsSync, mkdirSync, readFileSync, writeFileSync } from "node:fs";
import { createServer } from "node:net";
import { fileURLToPath } from "node:url";

export const root = fileURLToPath(new URL("..", import.meta.url));

/** Runs a command to its end; its output goes where ours goes. */
export function run(command, args, options = {}) {
  return spawnSync(command, args, { cwd: root, stdio: "inherit", ...options }).status === 0;
}

/** Runs a command beside others: whether it succeeded, and what it printed. */
export function told(command, args) {
  return new Promise((resolve) => {
    const child = spawn(command, args, { cwd: root, stdio: ["ignore", "pipe", "pipe"] });
    let said = "";
    for (const stream of [child.stdout, child.stderr]) stream.on("data", (piece) => (said += piece));
    child.once("error", (error) => resolve({ ok: false, said: `${error.message}\n` }));
    child.once("close", (code) => resolve({ ok: code === 0, said }));
  });
}

/** Installs the packages when they are missing or the lock file has changed. */
export function install() {
  const stamp = `${root}node_modules/.installed`;
  const lock = createHash("sha256")
    .update(readFileSync(`${root}package-lock.json`))
    .digest("hex");
  if (existsSync(stamp) && readFileSync(stamp, "utf8") === lock) return;
  const quiet = ["--no-audit", "--no-fund", "--loglevel=error"];
  // "npm ci" refuses a lock file without the optional packages of other platforms, which a registry mirror may lack;
  // "npm install" takes the versions of the same lock file.
  const installed = run("npm", ["ci", ...quiet], { stdio: "ignore" }) || run("npm", ["install", "--no-save", ...quiet]);
  if (!installed) {
    console.error(
      "The packages could not be installed. Check that the npm registry can be reached, then run this again.",
    );
    process.exit(1);
  }
  mkdirSync(`${root}node_modules`, { recursive: true });
  writeFileSync(stamp, lock);
}

/** Names what a build is made of, so that one without changes is not made again. */
function sources() {
  const { stdout } = spawnSync(
    "git",
    [
      "ls-files",
      "-co",
      "--exclude-standard",
      "app",
      "core",
      "server",
      "demo/large.ts",
      "cli",
      "public",
      "*.config.ts",
      "package-lock.json",
    ],
    { cwd: root, encoding: "utf8" },
  );
  const hash = createHash("sha256");
  for (const file of (stdout ?? "").split("\n").filter(Boolean)) {
    if (!existsSync(root + file)) continue;
    hash.update(file).update(readFileSync(root + file));
  }
  return hash.digest("hex");
}

/** Builds the application when what it is made of has changed; where that fails, what was said is printed and all ends. */
export async function build() {
  const stamp = `${root}build/.built`;
  const now = sources();
  if (existsSync(stamp) && readFileSync(stamp, "utf8") === now) return;
  const { ok, said } = await told("npm", ["run", "--silent", "build"]);
  if (!ok) {
    console.error(said);
    process.exit(1);
  }
  writeFileSync(stamp, now);
}

/** A port that is free now: the wished one, or any. */
export function freePort(wished = 0) {
  return new Promise((resolve, reject) => {
    const server = createServer();
    server.once("error", () => (wished ? freePort().then(resolve, reject) : reject(new Error("no free port"))));
    server.listen(wished, "127.0.0.1", () => {
      const { port } = server.address();
      server.close(() => resolve(port));
    });
  });
}

/** Starts the stand-in for the outside world, on any free port, and returns where it listens. */
export function startStandIn() {
  const { PORT: _, ...env } = process.env;
  const child = spawn(process.execPath, ["--import", "tsx", `${root}server/stand-in/start.ts`], {
    cwd: root,
    env,
    stdio: ["ignore", "pipe", "inherit"],
  });
  return new Promise((resolve, reject) => {
    child.stdout.once("data", (line) => resolve({ child, origin: String(line).trim() }));
    child.once("exit", () => reject(new Error("The stand-in did not start. The lines above say why.")));
  });
}

/** Starts the built application and waits until it listens. `standIn` is where `*.example` hosts are. */
export function startApplication(port, standIn) {
  const child = spawn(process.execPath, [`${root}server/serve.mjs`], {
    cwd: root,
    env: {
      ...process.env,
      PORT: String(port),
      ...(standIn && { KEEN_QUILL_STAND_IN: standIn }),
    },
    stdio: ["ignore", "pipe", "inherit"],
  });
  // Its own word, as long as it takes: whoever answers at the port may be another program.
  return new Promise((resolve, reject) => {
    child.stdout.once("data", () => resolve({ child, address: `http://127.0.0.1:${port}` }));
    child.once("exit", () => reject(new Error("The application did not start. The line above says why.")));
  });
}

/** The port that PORT names, or one that is free. Null where PORT names none. */
export async function wishedPort(usual) {
  const { PORT } = process.env;
  if (PORT === undefined || PORT === "") return freePort(usual);
  const port = Number(PORT);
  return Number.isInteger(port) && port > 0 && port < 65_536 ? port : null;
}
