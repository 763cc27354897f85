import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import { typeBeside, zipFiles } from "#core/exchange/zip";

/** The demo site as a zip: its pages with their pictures and styles, and `site.json` with its name, address and redirects, and its phrases. */
export function demoSiteZip(root: string): Uint8Array {
  const known = zips.get(root) ?? makeZip(root);
  zips.set(root, known);
  return known;
}

/** How many pages the demo site has. */
export const demoPageCount = (root: string): number =>
  readdirSync(join(root, "demo", "gullhaven"), { recursive: true, encoding: "utf8" }).filter((file) =>
    /\.(?:html|md)$/.test(file),
  ).length;

/** By where the project lies: it is asked for whenever somebody begins, and is the same until the server is ended. */
const zips = new Map<string, Uint8Array>();

function makeZip(root: string): Uint8Array {
  const folder = join(root, "demo", "gullhaven");
  const pages = readdirSync(folder, { recursive: true, encoding: "utf8" })
    .filter((file) => /\.(?:html|md)$/.test(file) || typeBeside(file))
    .sort((a, b) => a.split("/").length - b.split("/").length || (a < b ? -1 : 1))
    .map((file) => ({ path: file.normalize("NFC"), bytes: new Uint8Array(readFileSync(join(folder, file))) }));
  return zipFiles([
    ...pages,
    ...["site.json", "phrases.csv", "assignments.csv", "performance-2026-09.csv", "performance-2026-10.csv"].map(
      (path) => ({
        path,
        bytes: new Uint8Array(readFileSync(join(root, "demo", path))),
      }),
    ),
  ]);
}
