import { useSyncExternalStore } from "react";
import { StorageFault } from "./storage-fault";

let lost: StorageFault | null = null;
const listeners = new Set<() => void>();

const WHY = {
  deleted: new StorageFault(
    "The storage of this browser was deleted",
    "Somebody or something has deleted what Keen Quill keeps here. Nothing that you do in this tab is kept any more: copy what you need from the screen, then reload.",
  ),
  upgraded: new StorageFault(
    "A newer Keen Quill is open in another tab",
    "Nothing that you do in this tab is kept any more. Your pages are there: reload this tab to go on.",
  ),
};

/** Says that nothing can be written any more, for the rest of this tab's life. */
export function loseStorage(why: keyof typeof WHY): void {
  lost ??= WHY[why];
  for (const listener of listeners) listener();
}

/** Why nothing is written any more; null while it is. */
export const storageLost = (): StorageFault | null => lost;

/** What fails because the storage is lost is told once for all. */
export function unlessLost(error: unknown): void {
  if (!lost) throw error;
}

export const useStorageLost = (): StorageFault | null =>
  useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    storageLost,
    () => null,
  );
