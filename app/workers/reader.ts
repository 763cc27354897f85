import * as Comlink from "comlink";
import type { Reader } from "./reader.worker";

let reader: Comlink.Remote<Reader> | null = null;

/** The worker that reads pages; started when it is first needed. */
export function readerWorker(): Comlink.Remote<Reader> {
  reader ??= Comlink.wrap<Reader>(new Worker(new URL("./reader.worker.ts", import.meta.url), { type: "module" }));
  return reader;
}
