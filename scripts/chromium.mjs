// Finds Chromium, or installs Debian's where that is allowed.
import { spawnSync } from "node:child_process";
import { existsSync } from "node:fs";

const PLACES = ["/usr/bin/chromium", "/usr/bin/chromium-browser", "/usr/bin/google-chrome"];

export function findChromium() {
  const stated = process.env.CHROMIUM_PATH;
  if (stated) return existsSync(stated) ? stated : null;
  return PLACES.find((path) => existsSync(path)) ?? null;
}

export function ensureChromium() {
  const found = findChromium();
  if (found) return found;
  if (process.getuid?.() === 0 && existsSync("/usr/bin/apt-get")) {
    const quiet = {
      stdio: ["ignore", "ignore", "inherit"],
      env: { ...process.env, DEBIAN_FRONTEND: "noninteractive" },
    };
    spawnSync("apt-get", ["update", "-qq"], quiet);
    spawnSync("apt-get", ["install", "-y", "-qq", "chromium"], quiet);
  }
  const installed = findChromium();
  if (!installed) {
    console.error(
      "The browser tests need Chromium: install it (Debian: apt-get install chromium), or set CHROMIUM_PATH to it.",
    );
    process.exit(1);
  }
  return installed;
}

export const CHROMIUM_FLAGS =
  "--headless --no-sandbox --disable-gpu --disable-quic --no-first-run --disable-background-networking --disable-component-update --disable-sync".split(
    " ",
  );
