#!/usr/bin/env node
// Runs the built command line; builds it first where it is missing.
import { spawnSync } from "node:child_process";
import { existsSync } from "node:fs";
import { fileURLToPath } from "node:url";

const root = fileURLToPath(new URL("..", import.meta.url));
const main = new URL("../build/cli/main.js", import.meta.url);
if (!existsSync(main)) {
  const run = (...args) => {
    // What building prints goes to standard error: standard output is the command's own.
    const { status } = spawnSync("npm", args, { cwd: root, stdio: ["ignore", 2, 2] });
    if (status !== 0) process.exit(2);
  };
  if (!existsSync(new URL("../node_modules/vite", import.meta.url)))
    run("install", "--no-save", "--no-audit", "--no-fund");
  run("run", "build:cli");
}
await import(main.href);
