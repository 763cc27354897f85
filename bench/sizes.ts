// Script that is loaded before anything can be done, gzipped; part of npm run bench.
import { readdirSync, readFileSync } from "node:fs";
import { gzipSync } from "node:zlib";
import { build } from "../scripts/run.mjs";
import type { Note } from "./note.ts";

const folder = new URL("../build/client/assets/", import.meta.url);

interface Manifest {
  entry: { module: string; imports: string[] };
  routes: Record<string, { module: string; imports?: string[]; parentId?: string }>;
}

const nameOf = (address: string) => address.split("/").at(-1) ?? address;
const textOf = (name: string) => readFileSync(new URL(name, folder), "utf8");
const importsOf = (name: string) =>
  [...textOf(name).matchAll(/(?:from|import)\s*["'](?:\.\/|\/assets\/)([\w.-]+\.js)["']/g)].map(
    ([, file = ""]) => file,
  );

/** Kilobytes of these files and of all that they import. */
function kilobytes(starts: readonly string[]): number {
  const seen = new Set<string>();
  const walk = (name: string) => {
    if (seen.has(name)) return;
    seen.add(name);
    for (const one of importsOf(name)) walk(one);
  };
  for (const one of starts) walk(one);
  return [...seen].reduce((sum, name) => sum + gzipSync(readFileSync(new URL(name, folder))).length, 0) / 1024;
}

export async function benchSizes(note: Note): Promise<void> {
  await build();
  const names = readdirSync(folder).filter((name) => name.endsWith(".js"));
  const text = textOf(names.find((name) => name.startsWith("manifest-")) ?? "");
  const { entry, routes } = JSON.parse(text.slice(text.indexOf("{"), text.lastIndexOf("}") + 1)) as Manifest;
  const ofRoute = (id: string): string[] => {
    const route = routes[id];
    if (!route) return [];
    return [route.module, ...(route.imports ?? []), ...(route.parentId ? ofRoute(route.parentId) : [])].map(nameOf);
  };
  const start = [entry.module, ...entry.imports].map(nameOf);
  const bars: [what: string, files: string[], bar: number][] = [
    ["the start", [...start, ...ofRoute("routes/start")], 180],
    ["the pages", [...start, ...ofRoute("routes/pages")], 300],
    ["the desk", [...start, ...ofRoute("routes/desk")], 420],
    ["a worker for pages", names.filter((name) => name.startsWith("pages.worker")), 330],
    ["the worker across pages", names.filter((name) => name.startsWith("site.worker")), 330],
  ];
  for (const [what, files, bar] of bars) {
    const size = kilobytes(files);
    note(
      `script before anything can be done, gzipped: ${what}`,
      `${size.toFixed(0)} KB`,
      `≤ ${bar} KB`,
      size <= bar + 0.5,
    );
  }
}
