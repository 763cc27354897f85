import { useEffect, useId, useSyncExternalStore } from "react";
import { useNewest } from "./use-newest";

/** Something that was typed and is not kept yet. */
export interface Unkept {
  /** What it is, as a sentence. */
  what: string;
  /** Keeps it; false where that cannot be. Without it, it can only be gone back to or let go. */
  keep?: () => Promise<boolean>;
  /** It is being kept at this moment: whoever leaves waits for that, and is not asked. */
  saving: boolean;
}

const byId = new Map<string, Unkept>();
let all: readonly Unkept[] = [];
const listeners = new Set<() => void>();

function changed(): void {
  all = [...byId.values()];
  for (const listener of listeners) listener();
}

function subscribe(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

/** All that is not kept on the screen that is open. */
export const unkept = (): readonly Unkept[] => all;

/** As `unkept`; what shows it is drawn again when something is kept. */
export const useAllUnkept = (): readonly Unkept[] => useSyncExternalStore(subscribe, unkept, unkept);

/**
 * Says that something on this screen is not kept yet, so that nobody leaves without being asked. Null while all is kept: a
 * write is kept when storage has acknowledged it, and `saving` until then.
 */
export function useUnkept(what: string | null, keep?: () => Promise<boolean>, saving = false): void {
  const id = useId();
  const newest = useNewest({ keep: keep ?? (async () => false) });
  const canKeep = keep !== undefined;
  useEffect(() => {
    if (what === null) return;
    byId.set(id, { what, saving, ...(canKeep && { keep: () => newest.keep() }) });
    changed();
    return () => {
      byId.delete(id);
      changed();
    };
  }, [id, what, canKeep, saving, newest]);
}
