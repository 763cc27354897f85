import * as Comlink from "comlink";
import { openKept } from "../store/db";

/** Offers a worker's work to the screen; each piece begins once the storage is open, or fails where it is gone. */
export function expose(work: Record<string, (...args: never[]) => unknown>): void {
  const onStorage = Object.entries(work).map(([name, run]) => [
    name,
    async (...args: never[]) => {
      await openKept();
      return run(...args);
    },
  ]);
  Comlink.expose(Object.fromEntries(onStorage));
}
