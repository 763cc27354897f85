import { useEffect, useId } from "react";
import { useNewest } from "./use-newest";

/** Something that was typed and is not kept yet. */
export interface Unkept {
  /** What it is, as a sentence. */
  what: string;
  /** Keeps it; false where that cannot be. Without it, it can only be gone back to or let go. */
  keep?: () => Promise<boolean>;
}

/** All that is not kept on the screen that is open. */
export const unkept = new Map<string, Unkept>();

/** Says that something on this screen is not kept yet, so that nobody leaves without being asked. Null while all is kept. */
export function useUnkept(what: string | null, keep?: () => Promise<boolean>): void {
  const id = useId();
  const newest = useNewest({ keep: keep ?? (async () => false) });
  const canKeep = keep !== undefined;
  useEffect(() => {
    if (what === null) return;
    unkept.set(id, { what, ...(canKeep && { keep: () => newest.keep() }) });
    return () => {
      unkept.delete(id);
    };
  }, [id, what, canKeep, newest]);
}
